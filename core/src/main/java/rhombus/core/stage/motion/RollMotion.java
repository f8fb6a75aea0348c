package rhombus.core.stage.motion;

import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.LookAround;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Roll: the view turns about its line of sight. */
public final class RollMotion {
    private RollMotion() {}

    /** A drag aside by the viewport's height is half a turn. */
    public static Motion start(StageContext ground, GrabPoint g) {
        Viewport v = g.view();
        Pose start = v.pose;
        double speed = Math.PI / v.height * g.rate() * ground.habits().number(AllHabits.ROLL_SPEED);
        double k = ground.habits().on(AllHabits.ROLL_INVERT) ? -speed : speed;
        return (x, y) -> show(ground, g, LookAround.roll(start, (x - g.x()) * k));
    }

    /** A drag around a point of the viewport: the picture turns with the hand, as often as it goes round. */
    public static Motion around(StageContext ground, GrabPoint g, double cx, double cy) {
        Pose start = g.view().pose;
        double from = Math.atan2(g.y() - cy, g.x() - cx);
        double[] turned = {0};
        return (x, y) -> {
            double way = Math.atan2(y - cy, x - cx) - from;
            turned[0] = way + 2 * Math.PI * Math.rint((turned[0] - way) / (2 * Math.PI));
            show(ground, g, LookAround.roll(start, turned[0] * g.rate()));
        };
    }

    private static void show(StageContext ground, GrabPoint g, Pose rolled) {
        double step = Math.toRadians(ground.habits().number(AllHabits.STEP));
        ground.navigator()
                .pose(
                        g.view(),
                        g.snap() ? LookAround.rollTo(rolled, ground.scene().up(), step) : rolled);
    }
}
