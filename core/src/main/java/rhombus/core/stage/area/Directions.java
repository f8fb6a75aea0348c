package rhombus.core.stage.area;

import rhombus.core.navigate.Turns;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Choices;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Pose;
import rhombus.core.view.Standard;

/** Looking from one of the standard directions. */
final class Directions {
    private final Ground ground;
    private final Going going;

    Directions(Ground ground, Going going) {
        this.ground = ground;
        this.going = going;
    }

    /**
     * Looks from a direction. However it is reached, one rule decides whether the view becomes flat, see
     * {@link Choices#flatFrom}.
     *
     * @param own whether the viewport is made to show this side: it leaves its camera for it and is at home there from now on
     * @param flat whether the view becomes flat whatever the rule says
     */
    void go(ViewState v, Standard d, boolean own, boolean flat, String deed) {
        if (own) {
            v.release();
        } else if (!Cameras.stepOut(ground, v)) {
            return;
        }
        Pose to = Turns.to(v.destination(), d, ground.scene().up());
        boolean was = to.projection().flat();
        if (d.axes() != 1) {
            to = ground.refusals().leavingAxis(v, to);
        } else if (!was && (flat || Choices.flatFrom(ground, v, d))) {
            to = Turns.toggleProjection(to, v.lens);
            v.flatByAxis(!own);
        }
        if (own && to.projection().flat()) {
            v.chosen(d.name());
        }
        going.fresh(v, to, deed);
    }
}
