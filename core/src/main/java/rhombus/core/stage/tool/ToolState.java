package rhombus.core.stage.tool;

import rhombus.core.plain.Maybe;

/**
 * The tool in use and its settings.
 *
 * @param tool in use
 * @param last in use last
 * @param axes along which it acts
 * @param about the point it turns about
 * @param snap what it snaps to
 * @param typed what typed numbers do to several objects
 */
public record ToolState(@Maybe String tool, String last, String axes, String about, String snap, String typed) {}
