package rhombus.core.pick;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.ConvexRegion;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.view.Screen;

/** Finds what a rectangle on the screen takes, exact to the triangle. */
public final class MarqueePick {
    /** Smallest width and height of a rectangle, pixels. */
    private static final double THIN = 0.5;

    private MarqueePick() {}

    /** The unlocked objects that a rectangle takes, in the order of their numbers; see {@link #marks}. */
    public static List<Integer> nodes(
            Scene scene,
            SurfacePicking surfaces,
            Screen screen,
            double x0,
            double y0,
            double x1,
            double y1,
            boolean inside) {
        boolean[] marks = marks(scene, surfaces, screen, x0, y0, x1, y1, inside);
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < marks.length; i++) {
            if (marks[i]) {
                out.add(i);
            }
        }
        return out;
    }

    /**
     * Which unlocked objects a rectangle takes, also those that others hide.
     *
     * @param surfaces of the same scene
     * @param inside whether all of an object must lie in the rectangle; else touching it is enough
     * @return for each node whether it is taken
     */
    public static boolean[] marks(
            Scene scene,
            SurfacePicking surfaces,
            Screen screen,
            double x0,
            double y0,
            double x1,
            double y1,
            boolean inside) {
        // A line has no sides to be inside of: it counts as thin.
        double px = Math.max(0, THIN - Math.abs(x1 - x0)) / 2;
        double py = Math.max(0, THIN - Math.abs(y1 - y0)) / 2;
        ConvexRegion wedge = wedge(
                screen, Math.min(x0, x1) - px, Math.min(y0, y1) - py, Math.max(x0, x1) + px, Math.max(y0, y1) + py);
        boolean[] out = new boolean[scene.count()];
        surfaces.in(wedge, (i, where) -> {
            if (scene.shown(i) && !scene.locked(i)) {
                int w = where == ConvexRegion.INSIDE ? where : wedge.box(scene.coarseBounds(i));
                out[i] = w == ConvexRegion.INSIDE || w == ConvexRegion.ACROSS && takes(scene, i, wedge, inside);
            }
            return true;
        });
        for (int i : scene.points()) {
            double[] w = scene.world(i);
            out[i] = out[i] || scene.shown(i) && !scene.locked(i) && wedge.holds(w[12], w[13], w[14]);
        }
        return out;
    }

    private static boolean takes(Scene scene, int node, ConvexRegion wedge, boolean inside) {
        for (int m : scene.node(node).meshes()) {
            Mesh mesh = scene.meshes().get(m);
            if (mesh.bvh() == null) {
                // Until the hierarchy has come, the box stands in for what is in it.
                return !inside;
            }
            Bvh tree = mesh.bvh();
            ConvexRegion local = wedge.in(scene.world(node)).shifted(mesh.origin());
            if (inside ? !tree.within(local) : tree.touches(local)) {
                return !inside;
            }
        }
        return inside;
    }

    /** What a rectangle on the screen looks at: four sides and, in perspective, the plane of the eye. */
    public static ConvexRegion wedge(Screen screen, double x0, double y0, double x1, double y1) {
        boolean flat = screen.pose().projection().flat();
        Vec3 forward = screen.pose().forward();
        Vec3 eye = screen.pose().eye();
        Ray[] corners = {screen.ray(x0, y0), screen.ray(x1, y0), screen.ray(x1, y1), screen.ray(x0, y1)};
        double[] p = new double[flat ? 16 : 20];
        for (int i = 0; i < 4; i++) {
            Ray a = corners[i];
            Ray b = corners[(i + 1) % 4];
            // Going round the corners clockwise as seen by the eye, the inside is to the right.
            Vec3 n = flat
                    ? forward.cross(b.origin().minus(a.origin())).unit()
                    : a.direction().cross(b.direction()).unit();
            put(p, i * 4, n, a.origin());
        }
        if (!flat) {
            put(p, 16, forward, eye);
        }
        return new ConvexRegion(p);
    }

    private static void put(double[] p, int at, Vec3 n, Vec3 on) {
        p[at] = n.x();
        p[at + 1] = n.y();
        p[at + 2] = n.z();
        p[at + 3] = -n.dot(on);
    }
}
