package rhombus.core.stage;

import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.view.Direction;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Where the viewports of a scene start: top, scout, front, right, each with everything in it. */
final class Homes {
    private static final Heading SCOUT = new Heading(Math.toRadians(38), Math.toRadians(-24), 0);

    private Homes() {}

    static Pose of(ViewState v, Scene scene) {
        double r = scene.radius();
        var q = switch (v.number) {
            case 0 -> Direction.TOP.orientation(scene.up());
            case 2 -> Direction.FRONT.orientation(scene.up());
            case 3 -> Direction.RIGHT.orientation(scene.up());
            default -> SCOUT.orientation(scene.up());
        };
        Projection p = v.number == 1 ? new Projection.Perspective(Math.toRadians(47)) : new Projection.Orthographic(r * 2);
        Pose start = new Pose(scene.bounds().center().plus(q.back(), r * 3), q, r * 3, p);
        Frames.Whole fit = Frames.whole(scene, start, v.width, v.height);
        if (fit != null) {
            return fit.pose();
        }
        // An empty scene: stand where a thing of a few metres at the origin would be seen well.
        return new Pose(Vec3.ZERO.plus(q.back(), 10), q, 10, v.number == 1 ? p : new Projection.Orthographic(10));
    }
}
