package rhombus.core.pick;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.ConvexRegion;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;

/** Answers rays against the triangles that are drawn, both sides. Meshes without hierarchy are passed over. */
public final class SurfacePicking {
    /** Scenes with more objects are searched by a tree. */
    private static final int MANY = 512;

    private final Scene scene;
    private final double[][] inverse;
    private final double[] ray = new double[7];
    private final double[] hit = new double[3];
    private int triangle;
    /** Whether surfaces are met from behind, too. */
    private boolean backs = true;

    private ObjectTree tree;
    private int bestNode;
    private int bestMesh;
    private int bestTriangle;

    /** Prepares a scene for picking. */
    public SurfacePicking(Scene scene) {
        this(scene, null);
    }

    private SurfacePicking(Scene scene, ObjectTree tree) {
        this.scene = scene;
        this.inverse = new double[scene.count()][];
        this.tree = tree;
    }

    /** The same for a later state of the scene, in which some objects have moved or are new. */
    public SurfacePicking after(Scene next, Collection<Integer> moved) {
        return new SurfacePicking(next, tree == null || next.count() < scene.count() ? null : tree.after(next, moved));
    }

    /** The tree over a large scene, made when it is first needed; null for a small one, where looking at all is as quick. */
    private ObjectTree tree() {
        if (tree == null && scene.count() > MANY) {
            tree = new ObjectTree(scene);
        }
        return tree;
    }

    /**
     * The nearest surface on a line of sight.
     *
     * @param sight origin and unit direction
     * @param locked whether locked objects count: they do for depth, never for selecting
     * @return the hit, or null
     */
    public RayHit closest(Ray sight, boolean locked) {
        return closest(sight, 0, locked);
    }

    /** The same for lines that start behind their origin, as in a flat view, where nothing is behind the eye. */
    public RayHit closest(Ray sight, double startAt, boolean locked) {
        Vec3 o = sight.at(startAt);
        Vec3 d = sight.direction();
        bestNode = -1;
        double best = Double.POSITIVE_INFINITY;
        if (tree() != null) {
            double[] found = {best};
            tree.along(o, d, best, (i, largest) -> found[0] = nearer(i, o, d, largest, locked));
            best = found[0];
        } else {
            for (int i = 0; i < scene.count(); i++) {
                best = nearer(i, o, d, best, locked);
            }
        }
        return bestNode < 0 ? null : new RayHit(bestNode, o.plus(d, best), best + startAt, bestMesh, bestTriangle);
    }

    /**
     * The same.
     *
     * @param alsoBacks whether surfaces are met from behind
     */
    public RayHit closest(Ray sight, double startAt, boolean locked, boolean alsoBacks) {
        backs = alsoBacks;
        RayHit out = closest(sight, startAt, locked);
        backs = true;
        return out;
    }

    /** Where the line meets an object, if that is nearer than what was met before. */
    private double nearer(int i, Vec3 o, Vec3 d, double before, boolean evenLocked) {
        double best = before;
        Node n = scene.node(i);
        if (n.meshes().isEmpty()
                || !scene.shown(i)
                || scene.locked(i) && !evenLocked
                || !scene.coarseBounds(i).hit(o, d, best)) {
            return best;
        }
        double[] toLocal = toLocal(i);
        for (int k = 0; toLocal != null && k < n.meshes().size(); k++) {
            int m = n.meshes().get(k);
            double t = inMesh(scene.meshes().get(m), toLocal, o, d, best);
            if (t < best) {
                best = t;
                bestNode = i;
                bestMesh = m;
                bestTriangle = triangle;
            }
        }
        return best;
    }

    /** Every unlocked object on a line of sight with the nearest point of it that is met, near to far. */
    public List<RayHit> through(Ray sight, double startAt) {
        Vec3 o = sight.at(startAt);
        Vec3 d = sight.direction();
        List<RayHit> out = new ArrayList<>();
        if (tree() != null) {
            tree.along(o, d, Double.POSITIVE_INFINITY, (i, largest) -> {
                meet(i, o, d, startAt, out);
                return largest;
            });
        } else {
            for (int i = 0; i < scene.count(); i++) {
                meet(i, o, d, startAt, out);
            }
        }
        out.sort(Comparator.comparingDouble(RayHit::distance));
        return out;
    }

    /**
     * The same.
     *
     * @param alsoBacks whether surfaces are met from behind
     */
    public List<RayHit> through(Ray sight, double startAt, boolean alsoBacks) {
        backs = alsoBacks;
        List<RayHit> out = through(sight, startAt);
        backs = true;
        return out;
    }

    private void meet(int i, Vec3 o, Vec3 d, double startAt, List<RayHit> out) {
        double t = nearer(i, o, d, Double.POSITIVE_INFINITY, false);
        if (t < Double.POSITIVE_INFINITY) {
            out.add(new RayHit(i, o.plus(d, t), t + startAt));
        }
    }

    private double inMesh(Mesh mesh, double[] toLocal, Vec3 o, Vec3 d, double best) {
        if (mesh.bvh() == null) {
            return Double.POSITIVE_INFINITY;
        }
        Vec3 lo = Mat4.point(toLocal, o).minus(mesh.origin());
        Vec3 ld = Mat4.direction(toLocal, d);
        ray[0] = lo.x();
        ray[1] = lo.y();
        ray[2] = lo.z();
        ray[3] = ld.x();
        ray[4] = ld.y();
        ray[5] = ld.z();
        ray[6] = best;
        // What mirrors an object turns its triangles and leaves its fronts outside: in its own frame they are as they
        // were.
        triangle = mesh.bvh().closest(ray, hit, backs ? 0 : 1);
        return triangle == Bvh.NONE ? Double.POSITIVE_INFINITY : hit[0];
    }

    private double[] toLocal(int node) {
        if (inverse[node] == null) {
            inverse[node] = Mat4.inverseAffine(scene.world(node));
        }
        return inverse[node];
    }

    /**
     * A lower bound on the distance from a point to the nearest surface.
     *
     * @param limit larger distances do not matter
     */
    public double clearance(Vec3 p, double limit) {
        double best = limit;
        if (tree() != null) {
            double[] found = {best};
            tree.near(p, best, (i, largest) -> found[0] = room(i, p, largest));
            return found[0];
        }
        for (int i = 0; i < scene.count(); i++) {
            best = room(i, p, best);
        }
        return best;
    }

    private double room(int i, Vec3 p, double limit) {
        double toBox = scene.shown(i) ? scene.coarseBounds(i).distance(p) : Double.POSITIVE_INFINITY;
        if (toBox >= limit || toLocal(i) == null) {
            return limit;
        }
        double best = limit;
        double shrink = smallestScale(scene.world(i));
        Vec3 local = Mat4.point(inverse[i], p);
        for (int m : scene.node(i).meshes()) {
            Mesh mesh = scene.meshes().get(m);
            Vec3 q = local.minus(mesh.origin());
            // Until the hierarchy has come, a thousandth of the object's size stands in for the distance.
            double d = mesh.bvh() == null
                    ? scene.coarseBounds(i).radius() * 1e-3
                    : mesh.bvh().clearance(q.x(), q.y(), q.z(), best / shrink) * shrink;
            best = Math.min(best, Math.max(toBox, d));
        }
        return best;
    }

    /** Visits the objects that may reach into a wedge, in no order, until it hears that no others are of interest. */
    void in(ConvexRegion w, ObjectTree.InWedge visit) {
        if (tree() != null) {
            tree.in(w, visit);
            return;
        }
        for (int i = 0; i < scene.count(); i++) {
            if (!scene.coarseBounds(i).isEmpty() && !visit.at(i, ConvexRegion.ACROSS)) {
                return;
            }
        }
    }

    /** A lower bound on what the matrix makes of a unit length: determinant over the product of the two longest columns. */
    private static double smallestScale(double[] m) {
        Vec3 a = new Vec3(m[0], m[1], m[2]);
        Vec3 b = new Vec3(m[4], m[5], m[6]);
        Vec3 c = new Vec3(m[8], m[9], m[10]);
        double norm = Math.sqrt(a.dot(a) + b.dot(b) + c.dot(c));
        double det = Math.abs(a.dot(b.cross(c)));
        // The smallest singular value is at least |det| (2 / norm²) for a 3 x 3 matrix of Frobenius norm `norm`.
        double bound = det * 2 / (norm * norm);
        boolean uniform = Math.abs(a.length() - b.length()) < 1e-9 * norm
                && Math.abs(b.length() - c.length()) < 1e-9 * norm
                && Math.abs(a.dot(b)) + Math.abs(b.dot(c)) + Math.abs(c.dot(a)) < 1e-9 * norm * norm;
        return uniform ? a.length() : Math.max(bound, 1e-12);
    }
}
