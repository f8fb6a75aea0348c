package rhombus.core.stage.show;

import rhombus.core.plain.OneOf;

/**
 * What is drawn in a viewport.
 *
 * @param shown whether anything is
 * @param surfaces whether surfaces are filled
 * @param shade how light falls on them
 * @param edges how edges are drawn
 * @param flat whether the projection is flat
 * @param grid whether the ground grid is drawn
 * @param outline whether what is selected is outlined
 */
public record Plan(
        boolean shown,
        boolean surfaces,
        @OneOf({"none", "smooth", "flat", "unlit", "paper"}) String shade,
        @OneOf({"none", "lines", "visible", "on_surface"}) String edges,
        boolean flat,
        boolean grid,
        boolean outline) {}
