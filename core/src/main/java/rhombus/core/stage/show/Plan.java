package rhombus.core.stage.show;

import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * What is drawn in a viewport.
 *
 * @param shown whether anything is
 * @param surfaces whether surfaces are filled
 * @param shade how light falls on them
 * @param lit whether lights and shadows fall on them
 * @param through whether they let through what lies behind them
 * @param opacity of those that do
 * @param edges how edges are drawn
 * @param boxes whether a box stands for each object
 * @param flat whether the projection is flat
 * @param grid whether the ground grid is drawn
 * @param outline whether what is selected is outlined
 * @param background what lies behind everything
 * @param color of one's own for it, sRGB, or null
 * @param light whether lines on it are dark, or null where the theme says that
 * @param hole where another look is drawn, or null
 */
public record Plan(
        boolean shown,
        boolean surfaces,
        @OneOf({"none", "smooth", "flat", "unlit", "paper", "ink", "matte", "material"}) String shade,
        boolean lit,
        boolean through,
        double opacity,
        @OneOf({"none", "lines", "visible", "on_surface"}) String edges,
        boolean boxes,
        boolean flat,
        boolean grid,
        boolean outline,
        @OneOf({"gradient", "plain", "chalk", "own"}) String background,
        @Maybe double[] color,
        @Maybe Boolean light,
        @Maybe Hole hole) {}
