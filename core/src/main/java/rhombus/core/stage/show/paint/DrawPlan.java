package rhombus.core.stage.show.paint;

import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * What is drawn in a viewport.
 *
 * @param shown whether anything is
 * @param surfaces whether surfaces are drawn
 * @param shade how, in words of {@link rhombus.core.display.Look#shading()} with spaces between them
 * @param lit whether lights and shadows fall on them
 * @param backs whether they are drawn where one sees them from behind
 * @param through whether they let through what lies behind them
 * @param opacity of those that do
 * @param lines whether edges are drawn as lines
 * @param hidden whether surfaces hide lines
 * @param boxes whether a box stands for each object
 * @param flat whether the projection is flat
 * @param grid whether the ground grid is drawn
 * @param outline whether what is selected is outlined
 * @param field whether at rest what the lens does not focus is drawn so
 * @param background what lies behind everything
 * @param color of one's own for it, sRGB, or null
 * @param light whether lines on it are dark, or null where the theme says that
 * @param hole where another look is drawn, or null
 */
public record DrawPlan(
        boolean shown,
        boolean surfaces,
        String shade,
        boolean lit,
        boolean backs,
        boolean through,
        double opacity,
        boolean lines,
        boolean hidden,
        boolean boxes,
        boolean flat,
        boolean grid,
        boolean outline,
        boolean field,
        @OneOf({"gradient", "plain", "chalk", "own"}) String background,
        @Maybe double[] color,
        @Maybe Boolean light,
        @Maybe PortholeRect hole) {}
