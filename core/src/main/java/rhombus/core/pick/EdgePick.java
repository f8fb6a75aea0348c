package rhombus.core.pick;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Matrices;
import rhombus.core.view.Screen;

/** Picks modelled edges on the screen: what a wireframe view shows is what a click there takes. */
public final class EdgePick {
    /** How far from an edge a click still takes it, CSS pixels. */
    public static final double REACH = 6;

    /** An edge that comes nearer to the eye than this, in distances to the focus, is cut off there. */
    private static final double AT_EYE = 1e-9;

    private final Scene scene;
    private final Screen screen;
    private final double px;
    private final double py;
    private double best = REACH;
    private double bestDepth = Double.POSITIVE_INFINITY;
    private int node = -1;

    private boolean strokesAlone;
    /** Depths between which edges are drawn, metres. */
    private final double nearest;

    private final double farthest;

    private EdgePick(Scene scene, Screen screen, ClipRange drawn, double px, double py) {
        boolean flat = screen.pose().projection().flat();
        double eye = flat ? Double.NEGATIVE_INFINITY : AT_EYE * screen.pose().focus();
        this.nearest = drawn == null ? eye : Math.max(eye, drawn.near());
        this.farthest = drawn == null ? Double.POSITIVE_INFINITY : drawn.far();
        this.scene = scene;
        this.screen = screen;
        this.px = px;
        this.py = py;
    }

    /**
     * The unlocked object whose edge lies nearest to a pixel, within {@link #REACH}; null if none does.
     *
     * @param drawn depths between which edges are drawn; null for all before the eye
     */
    public static RayHit closest(Scene scene, Screen screen, ClipRange drawn, double x, double y) {
        return closest(scene, screen, drawn, x, y, false);
    }

    /** The unlocked object whose lines or points lie nearest to a pixel, within {@link #REACH}; null if none does. */
    public static RayHit strokes(Scene scene, Screen screen, ClipRange drawn, double x, double y) {
        return scene.anyStrokes() ? closest(scene, screen, drawn, x, y, true) : null;
    }

    private static RayHit closest(
            Scene scene, Screen screen, ClipRange drawn, double x, double y, boolean strokesAlone) {
        EdgePick e = new EdgePick(scene, screen, drawn, x, y);
        e.strokesAlone = strokesAlone;
        for (int i = 0; i < scene.count(); i++) {
            Node n = scene.node(i);
            if (!n.meshes().isEmpty() && scene.shown(i) && !scene.locked(i) && e.near(scene.coarseBounds(i))) {
                for (int m : n.meshes()) {
                    e.search(i, scene.meshes().get(m));
                }
            }
        }
        if (e.node < 0) {
            return null;
        }
        return new RayHit(e.node, screen.at(x, y, e.bestDepth), e.bestDepth);
    }

    /** Whether the box on the screen, widened by the reach, can hold the pixel. */
    private boolean near(Aabb box) {
        return near(screen, box, px, py, REACH);
    }

    /** Whether a box on the screen, widened by some pixels, can hold a pixel. */
    static boolean near(Screen screen, Aabb box, double px, double py, double reach) {
        double ax = Double.POSITIVE_INFINITY, ay = ax, bx = -ax, by = -ax;
        for (int i = 0; i < 8; i++) {
            Vec3 s = screen.project(box.corner(i));
            if (s.z() <= 0 && !screen.pose().projection().flat()) {
                return true;
            }
            ax = Math.min(ax, s.x());
            bx = Math.max(bx, s.x());
            ay = Math.min(ay, s.y());
            by = Math.max(by, s.y());
        }
        return px >= ax - reach && px <= bx + reach && py >= ay - reach && py <= by + reach;
    }

    private void search(int i, Mesh mesh) {
        if (strokesAlone && !mesh.isStrokes()) {
            return;
        }
        double[] toCamera = toCamera(scene.world(i), mesh.origin());
        float[] p = mesh.positions();
        boolean flat = screen.pose().projection().flat();
        double atOne = screen.metresPerPixel(1);
        double wx = screen.width() / 2;
        double wy = screen.height() / 2;
        for (int e = 0; e < mesh.edgeCount(); e++) {
            int a = mesh.edgeStart(e) * 3;
            int b = mesh.edgeEnd(e) * 3;
            double az = z(toCamera, p, a);
            double bz = z(toCamera, p, b);
            double ax = row(toCamera, 0, p, a);
            double ay = row(toCamera, 1, p, a);
            double bx = row(toCamera, 0, p, b);
            double by = row(toCamera, 1, p, b);
            if (az < nearest || bz < nearest || az > farthest || bz > farthest) {
                // What the planes cut off is not drawn, and cannot be taken.
                double from = entering(az, bz);
                double to = 1 - entering(bz, az);
                if (!(from <= to)) {
                    continue;
                }
                double cx = ax + (bx - ax) * to;
                double cy = ay + (by - ay) * to;
                double cz = az + (bz - az) * to;
                ax += (bx - ax) * from;
                ay += (by - ay) * from;
                az += (bz - az) * from;
                bx = cx;
                by = cy;
                bz = cz;
            }
            double ka = flat ? atOne : atOne * az;
            double kb = flat ? atOne : atOne * bz;
            measure(i, wx + ax / ka, wy - ay / ka, az, wx + bx / kb, wy - by / kb, bz);
        }
    }

    /** From which part of the way between two depths on it is drawn; more than 1 where it never is. */
    private double entering(double from, double to) {
        double plane = from < nearest ? nearest : from > farthest ? farthest : from;
        return plane == from ? 0 : from < nearest == to >= nearest ? (plane - from) / (to - from) : 2;
    }

    private void measure(int i, double ax, double ay, double az, double bx, double by, double bz) {
        double dx = bx - ax;
        double dy = by - ay;
        double l = dx * dx + dy * dy;
        double t = l == 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / l));
        double ex = ax + dx * t - px;
        double ey = ay + dy * t - py;
        double d = Math.sqrt(ex * ex + ey * ey);
        double depth = az + (bz - az) * t;
        // Edges within half a pixel of each other count as equally near: then the one in front wins.
        if (d < best - 0.5 || d < best + 0.5 && d <= REACH && depth < bestDepth) {
            best = Math.min(best, d);
            bestDepth = depth;
            node = i;
        }
    }

    private double[] toCamera(double[] world, Vec3 origin) {
        double[] view = new double[16];
        Matrices.view(screen.pose(), view, 0);
        return Mat4.times(Mat4.times(view, world), Mat4.translation(origin));
    }

    private static double row(double[] m, int r, float[] p, int at) {
        return m[r] * p[at] + m[4 + r] * p[at + 1] + m[8 + r] * p[at + 2] + m[12 + r];
    }

    private static double z(double[] m, float[] p, int at) {
        return -row(m, 2, p, at);
    }
}
