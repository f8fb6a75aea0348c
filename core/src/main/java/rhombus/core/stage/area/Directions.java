package rhombus.core.stage.area;

import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Turns;
import rhombus.core.stage.view.Cameras;
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

    /** Looks from a direction; {@code flat} where a flat view is wanted whatever it was, and is home from now on. */
    void go(ViewState v, Standard d, boolean flat, String deed) {
        if (flat) {
            // The viewport is made to show a side, and leaves its camera for it.
            v.release();
        } else if (!Cameras.stepOut(ground, v)) {
            return;
        }
        Pose to = Turns.to(v.destination(), d, ground.scene().up());
        boolean isFlat = to.projection().flat();
        if (d.axes() != 1) {
            to = ground.refusals().leavingAxis(v, to);
        } else if (!isFlat && flat) {
            to = Turns.toggleProjection(to, v.lens);
        } else if (!isFlat && !v.driven && ground.habits().on(AllHabits.AXIS_FLAT)) {
            to = Turns.toggleProjection(to, v.lens);
            v.flatByAxis(true);
        }
        if (flat) {
            v.chosen(d.name());
        }
        going.fresh(v, to, deed);
    }
}
