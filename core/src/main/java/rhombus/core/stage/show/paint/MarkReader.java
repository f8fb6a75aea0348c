package rhombus.core.stage.show.paint;

import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Trackball;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.marks.CameraGate;
import rhombus.core.stage.marks.CameraPyramids;
import rhombus.core.stage.marks.GhostEye;
import rhombus.core.stage.marks.HoverTarget;
import rhombus.core.stage.marks.NameLabels;
import rhombus.core.stage.marks.OrientationAids;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.ViewportPoint;

/** What lies over a viewport. */
public final class MarkReader {
    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final Gesture gesture;
    private final Walking walking;
    private final LinkedViews linked;
    private final PadGrips grips;
    private final HoverTarget hover;
    private final GhostEye companion;

    /** Reads what the parts of a stage lay over its viewports. */
    public MarkReader(
            StageContext ground,
            SubjectParts subject,
            ActiveTool tools,
            Gesture gesture,
            Walking walking,
            LinkedViews linked,
            PadGrips grips,
            HoverTarget hover,
            GhostEye companion) {
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

    ViewportMarks of(Viewport v) {
        boolean orbiting = gesture.orbiting() == v.number;
        return new ViewportMarks(
                pivot(v, orbiting),
                tools.marks(v, gesture.handleIn(v)),
                tools.cameraMarks(v, gesture.handleIn(v)),
                tools.sketch(v, gesture.handleIn(v)),
                RoseMark.picture(ground, v, grips.padOpen()),
                grips.marks(v),
                linked.lines(v),
                walking.mark(v),
                ground.model().opened() ? OrientationAids.beacon(ground, subject, v) : null,
                OrientationAids.empty(ground, subject, v) ? true : null,
                hover.mark(v),
                gesture.marquee(v),
                subject.components().marks(v),
                subject.rulers().marks(v),
                NameLabels.of(ground, subject, v),
                own(v),
                orbiting ? ball(v) : null,
                CameraPyramids.of(ground, subject, v),
                CameraGate.of(ground, v),
                v.refusedUntil > Double.NEGATIVE_INFINITY ? new ViewportPoint(v.refusedX, v.refusedY) : null,
                companion.mark(v));
    }

    private PivotMark pivot(Viewport v, boolean orbiting) {
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

    private TrackballRing ball(Viewport v) {
        return ground.habits().is(AllHabits.ORBIT_STYLE, "trackball")
                ? new TrackballRing(v.width / 2, v.height / 2, Trackball.RADIUS * Math.min(v.width, v.height))
                : null;
    }

    /** Where the pivot point of the object selected last is in a viewport; null where a tool stands on it, or it is not in view. */
    private ViewportPoint own(Viewport v) {
        int last = subject.selection().last();
        if (last < 0 || tools.on()) {
            return null;
        }
        Vec3 s = v.screen().project(ground.scene().pivot(last));
        boolean seen = s.z() > 0 || v.pose.projection().flat();
        return seen && s.x() > 0 && s.y() > 0 && s.x() < v.width && s.y() < v.height
                ? new ViewportPoint(s.x(), s.y())
                : null;
    }
}
