package rhombus.core.stage.subject;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** The picture planes that are seen in a viewport. */
public final class PicturePlanes {
    private PicturePlanes() {}

    /**
     * A picture as it lies in a viewport.
     *
     * @param node its number
     * @param picture what it is
     * @param corners in the world: upper left and right, lower right and left
     */
    public record Plane(int node, PicturePlane picture, Vec3[] corners) {
        /** Where a place of the picture is in the world; pixels from its upper left corner. */
        public Vec3 at(double x, double y) {
            return corners[0]
                    .plus(corners[1].minus(corners[0]), x / picture.width())
                    .plus(corners[3].minus(corners[0]), y / picture.height());
        }

        /**
         * The place of the picture that is seen at a point of a viewport. The picture faces the viewport, so that its places
         * are in proportion to those on the screen.
         */
        public double[] pixel(Screen screen, double x, double y) {
            Vec3 o = screen.project(corners[0]);
            Vec3 u = screen.project(corners[1]).minus(o);
            Vec3 v = screen.project(corners[3]).minus(o);
            double det = u.x() * v.y() - u.y() * v.x();
            double dx = x - o.x();
            double dy = y - o.y();
            return new double[] {
                (dx * v.y() - dy * v.x()) / det * picture.width(), (dy * u.x() - dx * u.y()) / det * picture.height()
            };
        }
    }

    /** Those seen in a viewport, in the order of the tree: what comes later lies over what comes before. */
    public static List<Plane> of(StageContext ground, Viewport v) {
        List<Plane> out = new ArrayList<>();
        Scene s = ground.scene();
        if (!v.shows(Overlay.PICTURES) || s.pictures().isEmpty()) {
            return out;
        }
        for (int i : s.pictures()) {
            Plane p = s.shown(i) ? in(ground, v, i) : null;
            if (p != null) {
                out.add(p);
            }
        }
        return out;
    }

    /** A picture as it lies in a viewport, or null where it is not seen there. */
    public static Plane in(StageContext ground, Viewport v, int node) {
        Scene s = ground.scene();
        PicturePlane p = s.node(node).picture();
        if (p.throughCamera()) {
            int camera = v.camera == null || !v.camera.equals(p.camera()) ? -1 : s.indexOf(v.camera);
            return camera < 0 || s.node(camera).camera() == null ? null : through(ground, v, node, camera);
        }
        boolean axis = v.pose.projection().flat()
                && v.camera == null
                && AxisDirection.of(v.pose.orientation(), s.up()) == AxisDirection.named(p.seen());
        return axis ? new Plane(node, p, s.corners(node)) : null;
    }

    private static Plane through(StageContext ground, Viewport v, int node, int camera) {
        PicturePlane p = ground.scene().node(node).picture();
        Pose pose = TypedCamera.aimed(ground, v, camera);
        Vec3[] all = new CameraFrustum(ground.scene().camera(camera), pose).corners(pose.focus());
        Vec3 up = all[0].minus(all[3]);
        Vec3 right = pose.orientation().right().times(up.length());
        Vec3 middle = all[0].mix(all[2], 0.5).plus(right, p.x()).plus(up, p.y());
        Vec3 h = up.times(p.size() / 2);
        Vec3 w = right.times(p.size() / 2 * p.aspect());
        return new Plane(node, p, new Vec3[] {
            middle.plus(h).minus(w),
            middle.plus(h).plus(w),
            middle.minus(h).plus(w),
            middle.minus(h).minus(w)
        });
    }

    /** Height, in parts of that of a camera's picture, at which a picture just fits into it. */
    public static double fitting(PicturePlane p, double aspect) {
        return Math.min(1, aspect / p.aspect());
    }
}
