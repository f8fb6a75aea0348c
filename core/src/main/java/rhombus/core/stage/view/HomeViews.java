package rhombus.core.stage.view;

import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.AimAt;
import rhombus.core.scene.InitialView;
import rhombus.core.scene.Scene;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Where viewports are at home in a scene: as they start, with everything in the picture, unless the user has set another view. */
public final class HomeViews {
    public static final Heading SCOUT = new Heading(Math.toRadians(38), Math.toRadians(-24), 0);
    /** Vertical field of view of a scout view at home. */
    public static final double LENS = Math.toRadians(47);

    private HomeViews() {}

    /** Home of a viewport. */
    public static Pose of(Viewport v, Scene scene) {
        return v.home == null ? usual(v, scene) : v.home;
    }

    private static Pose usual(Viewport v, Scene scene) {
        double r = scene.radius();
        AxisDirection d = v.start.direction();
        if (d == null && scene.setup().home() != null) {
            InitialView home = scene.setup().home();
            Pose there = new Pose(home.eye(), SCOUT.orientation(scene.up()), 1, new Projection.Perspective(LENS));
            return AimAt.at(there, home.at(), scene.up());
        }
        var q = d == null ? SCOUT.orientation(scene.up()) : d.orientation(scene.up());
        Projection p = d == null ? new Projection.Perspective(LENS) : new Projection.Orthographic(r * 2);
        Pose start = new Pose(scene.bounds().center().plus(q.back(), r * 3), q, r * 3, p);
        NodeFraming.Whole fit = NodeFraming.whole(scene, start, v.width, v.height);
        if (fit != null) {
            return fit.pose();
        }
        // An empty scene: stand where a thing of a few metres at the origin would be seen well.
        return new Pose(Vec3.ZERO.plus(q.back(), 10), q, 10, d == null ? p : new Projection.Orthographic(10));
    }
}
