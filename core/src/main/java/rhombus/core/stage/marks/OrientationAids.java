package rhombus.core.stage.marks;

import rhombus.core.display.Overlay;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.ConvexRegion;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.NumberText;
import rhombus.core.pick.MarqueePick;
import rhombus.core.pick.VisibilityTest;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SceneIcons;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Screen;

/** What keeps people from getting lost: the Beacon towards a selection out of view, and a word in a viewport that shows nothing. */
public final class OrientationAids {
    /** How far from the viewport's edge the Beacon stands, pixels. */
    private static final double INSET = 26;
    /** Free at the bottom for the Plate. */
    private static final double PLATE = 44;

    /** Half the Beacon's size with a little room, pixels. */
    private static final double BEACON = 16;

    private OrientationAids() {}

    /** Where the selection is when no part of it is in the picture; null while one is, or nothing is selected. */
    public static Beacon beacon(StageContext ground, SubjectParts subject, Viewport v) {
        if (subject.selection().isEmpty() && subject.components().isEmpty() || !v.shown) {
            return null;
        }
        Aabb b = subject.components().isEmpty()
                ? subject.selection().bounds(ground.scene())
                : subject.components().bounds();
        Screen screen = v.screen();
        if (b.isEmpty() || MarqueePick.wedge(screen, 0, 0, v.width, v.height).box(b) != ConvexRegion.OUTSIDE) {
            return null;
        }
        Vec3 c = b.center();
        Vec3 d = c.minus(v.pose.eye());
        double x = d.dot(v.pose.orientation().right());
        double y = -d.dot(v.pose.orientation().up());
        double l = Math.hypot(x, y);
        // Straight behind there is no side: down is as good as any.
        double ux = l == 0 ? 0 : x / l;
        double uy = l == 0 ? 1 : y / l;
        double w = Math.max(1, v.width / 2 - INSET);
        double h = Math.max(1, (v.height - PLATE) / 2 - INSET);
        double k = Math.min(ux == 0 ? 1e9 : w / Math.abs(ux), uy == 0 ? 1e9 : h / Math.abs(uy));
        double far = v.pose.projection().flat() ? Math.hypot(x, y) : d.length();
        double[] at = besideRose(ground, v, v.width / 2 + ux * k, (v.height - PLATE) / 2 + uy * k);
        return new Beacon(
                at[0],
                at[1],
                Math.toDegrees(Math.atan2(uy, ux)),
                subject.components().isEmpty()
                        ? subject.names()
                        : subject.components().words(),
                NumberText.words(far));
    }

    /** The Beacon moves along the edge until it leaves the Rose free; its arrow still points the whole way. */
    private static double[] besideRose(StageContext ground, Viewport v, double x, double y) {
        RoseMark rose = RoseMark.of(v);
        double free = rose.half() + rose.corner() + BEACON;
        if (!RoseMark.shown(ground, v) || x <= rose.x() - free || y <= rose.y() - free) {
            return new double[] {x, y};
        }
        double left = Math.max(INSET, rose.x() - free);
        double top = Math.max(INSET, rose.y() - free);
        return x - left < y - top ? new double[] {left, y} : new double[] {x, top};
    }

    /** Whether a viewport shows nothing of a scene that has something to show. */
    public static boolean empty(StageContext ground, SubjectParts subject, Viewport v) {
        Scene s = ground.scene();
        if (!ground.model().opened() || !v.shown || s.bounds().isEmpty() && s.points().length == 0) {
            return false;
        }
        if (SceneIcons.any(ground, subject.selection(), v)) {
            return false;
        }
        return !v.shows(Overlay.MESHES)
                || !VisibilityTest.anything(
                        ground.model().surfaces(),
                        s,
                        v.screen(),
                        MarqueePick.wedge(v.screen(), 0, 0, v.width, v.height));
    }
}
