package rhombus.core.stage.view;

import java.util.Map;

/**
 * Something the page is asked to do.
 *
 * @param command its id
 * @param args what it needs
 */
public record PageRequest(String command, Map<String, Object> args) {}
