package rhombus.core.stage.view;

import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.LensChange;
import rhombus.core.navigate.LookAround;
import rhombus.core.optics.Rectilinear;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** A view with some of its numbers typed: eye, focus, lens or extent, roll. */
public final class TypedView {
    private TypedView() {}

    public static Pose with(StageContext ground, Viewport v, Pose p, Map<String, Object> args) {
        TypedNumbers t = ground.typed();
        Vec3 e = p.eye();
        Vec3 eye = new Vec3(
                t.length(args.get("x"), e.x()), t.length(args.get("y"), e.y()), t.length(args.get("z"), e.z()));
        double focus = t.length(args.get("focus"), p.focus());
        Projection projection = p.projection();
        if (projection instanceof Projection.Perspective lens) {
            double fov = t.angle(args.get("lens"), lens.fovY());
            Object mm = args.get("focal");
            if (mm != null) {
                // A focal length is in millimetres, whatever unit places are in.
                double metres =
                        t.lengthIn("mm", mm, Rectilinear.focalLength(LensChange.FULL_FRAME, lens.fovY()) / 1000);
                fov = metres > 0 ? Rectilinear.fieldOfView(LensChange.FULL_FRAME, metres * 1000) : fov;
            }
            projection = new Projection.Perspective(Math.max(LensChange.NARROWEST, Math.min(LensChange.WIDEST, fov)));
        } else if (projection instanceof Projection.Orthographic o) {
            double extent = t.length(args.get("extent"), o.extent());
            projection = extent > 0 ? new Projection.Orthographic(extent) : o;
        }
        Pose next = new Pose(eye, p.orientation(), focus > 0 ? focus : p.focus(), projection);
        if (args.get("roll") == null) {
            return next;
        }
        double is = Heading.roll(p.orientation(), ground.scene().up());
        return LookAround.roll(next, t.angle(args.get("roll"), is) - is);
    }
}
