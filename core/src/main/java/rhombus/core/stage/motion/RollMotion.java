package rhombus.core.stage.motion;

import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Look;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Pose;

/** Roll: the view turns about its line of sight. */
public final class RollMotion {
    private RollMotion() {}

    /** A drag aside by the viewport's height is half a turn. */
    public static Motion start(Ground ground, Grab g) {
        ViewState v = g.view();
        Pose start = v.pose;
        double k = Math.PI / v.height * g.rate();
        double step = Math.toRadians(ground.habits().number(AllHabits.STEP));
        return (x, y) -> {
            Pose rolled = Look.roll(start, (x - g.x()) * k);
            ground.navigator()
                    .pose(v, g.snap() ? Look.rollTo(rolled, ground.scene().up(), step) : rolled);
        };
    }
}
