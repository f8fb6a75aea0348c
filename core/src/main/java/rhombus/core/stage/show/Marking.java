package rhombus.core.stage.show;

import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Trackball;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.marks.Companion;
import rhombus.core.stage.marks.Gate;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.marks.Hover;
import rhombus.core.stage.marks.Lost;
import rhombus.core.stage.marks.Names;
import rhombus.core.stage.marks.Pyramids;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Spot;
import rhombus.core.stage.view.ViewState;

/** What lies over a viewport. */
final class Marking {
    private final Ground ground;
    private final Subject subject;
    private final Tools tools;
    private final Gesture gesture;
    private final Walking walking;
    private final LinkedViews linked;
    private final Grips grips;
    private final Hover hover;
    private final Companion companion;

    Marking(
            Ground ground,
            Subject subject,
            Tools tools,
            Gesture gesture,
            Walking walking,
            LinkedViews linked,
            Grips grips,
            Hover hover,
            Companion companion) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.gesture = gesture;
        this.walking = walking;
        this.linked = linked;
        this.grips = grips;
        this.hover = hover;
        this.companion = companion;
    }

    Marks of(ViewState v) {
        boolean orbiting = gesture.orbiting() == v.number;
        return new Marks(
                pivot(v, orbiting),
                tools.marks(v, gesture.handleIn(v)),
                tools.cameraMarks(v, gesture.handleIn(v)),
                tools.sketch(v, gesture.handleIn(v)),
                RoseMark.picture(ground, v, grips.padOpen()),
                grips.marks(v),
                linked.lines(v),
                walking.mark(v),
                ground.model().opened() ? Lost.beacon(ground, subject, v) : null,
                Lost.empty(ground, subject, v) ? true : null,
                hover.mark(v),
                gesture.marquee(v),
                subject.components().marks(v),
                subject.rulers().marks(v),
                Names.of(ground, subject, v),
                own(v),
                orbiting ? ball(v) : null,
                Pyramids.of(ground, subject, v),
                Gate.of(ground, v),
                v.refusedUntil > Double.NEGATIVE_INFINITY ? new Spot(v.refusedX, v.refusedY) : null,
                companion.mark(v));
    }

    private PivotMark pivot(ViewState v, boolean orbiting) {
        Vec3 pinned = subject.pivot().pinned();
        Vec3 pivot = orbiting ? subject.pivot().used().point() : pinned;
        Vec3 s = pivot == null ? null : v.screen().project(pivot);
        boolean visible = s != null && (s.z() > 0 || v.pose.projection().flat());
        return visible ? new PivotMark(tenths(s.x()), tenths(s.y()), pinned != null) : null;
    }

    /** What is turned about stands still up to rounding, and a mark that stands still need not be drawn anew. */
    private static double tenths(double pixels) {
        return Math.rint(pixels * 10) / 10;
    }

    private BallMark ball(ViewState v) {
        return ground.habits().is(AllHabits.ORBIT_STYLE, "trackball")
                ? new BallMark(v.width / 2, v.height / 2, Trackball.RADIUS * Math.min(v.width, v.height))
                : null;
    }

    /** Where the pivot point of the object selected last is in a viewport; null where a tool stands on it, or it is not in view. */
    private Spot own(ViewState v) {
        int last = subject.selection().last();
        if (last < 0 || tools.on()) {
            return null;
        }
        Vec3 s = v.screen().project(ground.scene().pivot(last));
        boolean seen = s.z() > 0 || v.pose.projection().flat();
        return seen && s.x() > 0 && s.y() > 0 && s.x() < v.width && s.y() < v.height ? new Spot(s.x(), s.y()) : null;
    }
}
