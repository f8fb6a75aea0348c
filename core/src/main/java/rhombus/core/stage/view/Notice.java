package rhombus.core.stage.view;

import rhombus.core.plain.Maybe;

/**
 * Something the user is told.
 *
 * @param text in a sentence
 * @param label of a command to follow it up
 * @param command its id
 */
public record Notice(String text, @Maybe String label, @Maybe String command) {}
