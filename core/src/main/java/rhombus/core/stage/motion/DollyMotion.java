package rhombus.core.stage.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Dolly;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Dolly by dragging: by proportion, evenly, or as fast as the hand is far from the press. */
public final class DollyMotion {
    /** Notches over the full height of the viewport: sixteen times nearer. */
    private static final double DRAG = Dolly.notchesFor(16);

    private DollyMotion() {}

    /** Towards what the user wants to go to. */
    public static Motion start(StageContext ground, SubjectParts subject, GrabPoint g) {
        Viewport v = g.view();
        double k = notches(ground, v, g.rate());
        DollyPath run = new DollyPath(ground, subject, v, v.pose, g.x(), g.y());
        if (ground.habits().is(AllHabits.DOLLY_STYLE, "rate")) {
            // At the viewport's height it is as fast as a drag over that height in a second.
            return new RateMotion(g.x(), g.y(), notches -> ground.navigator().pose(v, run.at(notches * k)));
        }
        if (ground.habits().is(AllHabits.DOLLY_STYLE, "linear")
                && !v.pose.projection().flat()) {
            return linear(ground, g, k / DRAG, run);
        }
        return (x, y) -> ground.navigator().pose(v, run.at((x - g.x() + g.y() - y) * k));
    }

    /** Notches a pixel. */
    private static double notches(StageContext ground, Viewport v, double rate) {
        double k = DRAG / v.height * rate * ground.habits().number(AllHabits.DOLLY_SPEED);
        return ground.habits().on(AllHabits.DOLLY_INVERT) ? -k : k;
    }

    /** The viewport's height is twice the distance there was at the press, at any distance. */
    private static Motion linear(StageContext ground, GrabPoint g, double perPixel, DollyPath run) {
        Pose start = g.view().pose;
        double metres = run.distance() * 2 * perPixel;
        Vec3 way = run.line().direction();
        double least = ground.scene().radius() * 1e-4;
        return (x, y) -> {
            double by = (x - g.x() + g.y() - y) * metres;
            double focus = Math.max(least, start.focus() - by * way.dot(start.forward()));
            ground.navigator()
                    .pose(
                            g.view(),
                            new Pose(start.eye().plus(way, by), start.orientation(), focus, start.projection()));
        };
    }

    /** In every viewport that is shown, towards what is in its middle; in the one under the hand towards that. */
    public static Motion everywhere(StageContext ground, SubjectParts subject, GrabPoint g) {
        double k = notches(ground, g.view(), g.rate());
        List<DoubleFunction<Pose>> ways = new ArrayList<>();
        List<Viewport> views = new ArrayList<>();
        for (Viewport each : ground.board().views) {
            if (each.shown && CameraViews.stepOut(ground, each)) {
                boolean here = each == g.view();
                DollyPath run = new DollyPath(
                        ground,
                        subject,
                        each,
                        each.pose,
                        here ? g.x() : each.width / 2,
                        here ? g.y() : each.height / 2);
                views.add(each);
                ways.add(run::at);
            }
        }
        g.gesture().alsoMoving(views);
        return (x, y) -> {
            for (int i = 0; i < views.size(); i++) {
                ground.navigator().pose(views.get(i), ways.get(i).apply((x - g.x() + g.y() - y) * k));
            }
        };
    }
}
