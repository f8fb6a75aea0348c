package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Framing;
import rhombus.core.scene.DenseRegion;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** Fits nodes of a scene into views. */
public final class NodeFraming {
    /** Part of the view's width under which the dense part counts as lost: a fifth, below which no shape can be read. */
    private static final double LOST = 0.2;

    private static final double SMALLEST = 1e-3;
    /** Half the size that a camera or light counts with when it is framed, as a part of the place where things are. */
    private static final double MARK = 0.03;

    private NodeFraming() {}

    /**
     * A fit of everything.
     *
     * @param pose that shows it
     * @param left numbers of far objects that it leaves out so that the rest is more than a dot
     */
    public record Whole(Pose pose, List<Integer> left) {}

    /** The fit of points, or null if there are none. */
    public static Pose points(Scene scene, List<Vec3> points, Pose pose, double aspect) {
        if (points.isEmpty()) {
            return null;
        }
        Framing framing = new Framing(pose, aspect, points.get(0));
        points.forEach(framing::add);
        return framing.fit(scene.radius() * SMALLEST);
    }

    /** The fit of some nodes with all below them, or null if there is nothing to see in them. */
    public static Pose fit(Scene scene, List<Integer> nodes, Pose pose, double aspect) {
        Framing framing = new Framing(pose, aspect, scene.boundsBelow(nodes).center());
        for (int root : nodes) {
            for (int n : scene.subtree(root)) {
                add(scene, n, framing);
            }
        }
        return framing.isEmpty() ? null : framing.fit(scene.radius() * SMALLEST);
    }

    private static void add(Scene scene, int n, Framing framing) {
        if (!scene.shown(n)) {
            return;
        }
        NodeKind kind = scene.node(n).kind();
        for (int m : scene.node(n).meshes()) {
            framing.add(scene.meshes().get(m), scene.world(n));
        }
        if (kind == NodeKind.CAMERA || kind == NodeKind.LIGHT) {
            // They have no size of their own: a mark around them is framed, so that one sees what stands there.
            double r = reach(scene) * MARK;
            Vec3 o = Mat4.origin(scene.world(n));
            for (int a = 0; a < 3; a++) {
                Vec3 d = (a == 0 ? Vec3.X : a == 1 ? Vec3.Y : Vec3.Z).times(r);
                framing.add(o.plus(d));
                framing.add(o.minus(d));
            }
        }
    }

    /** The fit of all meshes, or of the dense part where the fit of all would make it a dot; null for an empty scene. */
    public static Whole whole(Scene scene, Pose pose, double width, double height) {
        List<Integer> meshes = DenseRegion.shown(scene);
        Pose all = fitMeshes(scene, meshes, pose, width / height);
        if (all == null) {
            return null;
        }
        List<Integer> dense = DenseRegion.of(scene, meshes);
        Aabb b = around(scene, dense);
        if (dense.size() == meshes.size() || widthOnScreen(b, new Screen(all, width, height)) > LOST * width) {
            return new Whole(all, List.of());
        }
        List<Integer> left = new ArrayList<>(meshes);
        left.removeAll(new HashSet<>(dense));
        return new Whole(fitMeshes(scene, dense, pose, width / height), left);
    }

    /** The fit of every mesh, however far. */
    public static Pose everything(Scene scene, Pose pose, double aspect) {
        return fitMeshes(scene, DenseRegion.shown(scene), pose, aspect);
    }

    /** Radius of the place where things are, metres; never 0. */
    public static double reach(Scene scene) {
        List<Integer> meshes = DenseRegion.shown(scene);
        if (meshes.isEmpty()) {
            return 10;
        }
        double radius = around(scene, DenseRegion.of(scene, meshes)).radius();
        return radius > 0 ? radius : 1;
    }

    private static Aabb around(Scene scene, List<Integer> nodes) {
        Aabb b = Aabb.EMPTY;
        for (int n : nodes) {
            b = b.union(scene.bounds(n));
        }
        return b;
    }

    private static Pose fitMeshes(Scene scene, List<Integer> nodes, Pose pose, double aspect) {
        Framing framing = new Framing(pose, aspect, scene.bounds().center());
        for (int n : nodes) {
            add(scene, n, framing);
        }
        return framing.isEmpty() ? null : framing.fit(scene.radius() * SMALLEST);
    }

    private static double widthOnScreen(Aabb b, Screen screen) {
        double lo = Double.POSITIVE_INFINITY;
        double hi = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < 8; i++) {
            double x = screen.project(b.corner(i)).x();
            lo = Math.min(lo, x);
            hi = Math.max(hi, x);
        }
        return hi - lo;
    }
}
