package rhombus.core.stage.commands;

import rhombus.core.navigate.DirectionTurns;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.StandardDirection;

/** Looking from one of the standard directions. */
final class DirectionCommands {
    private final StageContext ground;
    private final ViewTransition going;

    DirectionCommands(StageContext ground, ViewTransition going) {
        this.ground = ground;
        this.going = going;
    }

    /**
     * Looks from a direction. However it is reached, one rule decides whether the view becomes flat, see
     * {@link ViewSources#flatFrom}.
     *
     * @param own whether the viewport is made to show this side: it leaves its camera for it and is at home there from now on
     * @param flat whether the view becomes flat whatever the rule says
     */
    void go(Viewport v, StandardDirection d, boolean own, boolean flat, String deed) {
        if (own) {
            v.release();
        } else if (!CameraViews.stepOut(ground, v)) {
            return;
        }
        Pose to = DirectionTurns.to(v.destination(), d, ground.scene().up());
        boolean was = to.projection().flat();
        if (d.axes() != 1) {
            to = ViewRefusals.leavingAxis(v, to);
        } else if (!was && (flat || ViewSources.flatFrom(ground, v, d))) {
            to = DirectionTurns.toggleProjection(to, v.lens);
            v.flatByAxis(!own);
        }
        if (own && to.projection().flat()) {
            v.chosen(d.name());
        }
        going.fresh(v, to, deed);
    }
}
