package rhombus.core.stage.show;

import rhombus.core.plain.Maybe;

/**
 * What a mesh is made of.
 *
 * @param id names it within the file
 * @param color red, green, blue and opacity, linear, 0 to 1
 * @param blend whether what is behind shines through
 * @param cutoff opacity below which nothing is drawn
 * @param image base colour
 */
public record Material(int id, double[] color, boolean blend, double cutoff, @Maybe ImageRange image) {}
