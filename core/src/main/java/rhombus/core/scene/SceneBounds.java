package rhombus.core.scene;

import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.TurnedBounds;
import rhombus.core.geometry.Vec3;

/**
 * Boxes around what the nodes of a scene draw. A coarse one is known for every node from the start: it surely holds the node,
 * and culling asks for it. The smallest one is computed when it is asked for first, and a box around many nodes asks only for
 * those that may decide it.
 */
final class SceneBounds {
    private final Node[] nodes;
    private final List<Mesh> meshes;
    private final double[][] world;
    private final Aabb[] coarse;
    private final Aabb[] tight;
    /** The smallest box relative to the node's origin: it stays the same while the node is only moved. */
    private final Aabb[] relative;

    /** Bounds that are to be placed node by node. */
    SceneBounds(Node[] nodes, List<Mesh> meshes, double[][] world) {
        this(nodes, meshes, world, new Aabb[nodes.length], new Aabb[nodes.length], new Aabb[nodes.length]);
    }

    private SceneBounds(
            Node[] nodes, List<Mesh> meshes, double[][] world, Aabb[] coarse, Aabb[] tight, Aabb[] relative) {
        this.nodes = nodes;
        this.meshes = meshes;
        this.world = world;
        this.coarse = coarse;
        this.tight = tight;
        this.relative = relative;
    }

    /** The same bounds of the same nodes for a scene in which some are placed anew. */
    SceneBounds with(Node[] otherNodes, List<Mesh> otherMeshes, double[][] otherWorld) {
        return new SceneBounds(otherNodes, otherMeshes, otherWorld, coarse.clone(), tight.clone(), relative.clone());
    }

    /**
     * Takes in where a node is now.
     *
     * @param before world matrix and meshes for which the bounds were known, or null
     */
    void place(int i, double[] before, List<Integer> meshesBefore) {
        Aabb b = Aabb.EMPTY;
        for (int m : nodes[i].meshes()) {
            b = b.union(meshes.get(m).bounds().transformed(world[i]));
        }
        coarse[i] = b;
        tight[i] = null;
        if (before == null || !nodes[i].meshes().equals(meshesBefore) || !sameTurn(before, world[i])) {
            relative[i] = null;
        }
    }

    private static boolean sameTurn(double[] a, double[] b) {
        for (int k = 0; k < 11; k++) {
            if (a[k] != b[k]) {
                return false;
            }
        }
        return true;
    }

    /** A box that surely holds a node's own meshes and may be larger than they are; empty where it has none. */
    Aabb coarse(int i) {
        return coarse[i];
    }

    /** The smallest box around a node's own meshes; empty where it has none. */
    Aabb of(int i) {
        if (tight[i] == null) {
            tight[i] = coarse[i].isEmpty() || TurnedBounds.alongAxes(world[i]) ? coarse[i] : turned(i);
        }
        return tight[i];
    }

    private Aabb turned(int i) {
        if (relative[i] == null) {
            Aabb b = Aabb.EMPTY;
            for (int m : nodes[i].meshes()) {
                b = b.union(TurnedBounds.of(meshes.get(m), world[i]));
            }
            relative[i] = b;
        }
        Vec3 at = Mat4.origin(world[i]);
        // Rounding must not let it stick out of the coarse one: what is inside of that is not asked for.
        return relative[i].isEmpty()
                ? coarse[i]
                : new Aabb(
                        within(coarse[i], relative[i].min().plus(at)),
                        within(coarse[i], relative[i].max().plus(at)));
    }

    private static Vec3 within(Aabb box, Vec3 p) {
        return new Vec3(
                Math.max(box.min().x(), Math.min(box.max().x(), p.x())),
                Math.max(box.min().y(), Math.min(box.max().y(), p.y())),
                Math.max(box.min().z(), Math.min(box.max().z(), p.z())));
    }

    /** The smallest box around the meshes of some nodes; empty where they have none. */
    Aabb around(int[] some) {
        Aabb sum = Aabb.EMPTY;
        for (int i : farthest(some)) {
            sum = i < 0 ? sum : sum.union(of(i));
        }
        for (int i : some) {
            if (!coarse[i].isEmpty() && !holds(sum, coarse[i])) {
                sum = sum.union(of(i));
            }
        }
        return sum;
    }

    /** The nodes whose coarse boxes reach farthest to the six sides, -1 where there is none: they decide nearly always. */
    private int[] farthest(int[] some) {
        int[] out = {-1, -1, -1, -1, -1, -1};
        for (int i : some) {
            if (!coarse[i].isEmpty()) {
                for (int axis = 0; axis < 3; axis++) {
                    int low = out[axis];
                    int high = out[axis + 3];
                    if (low < 0 || coarse[i].min().get(axis) < coarse[low].min().get(axis)) {
                        out[axis] = i;
                    }
                    if (high < 0
                            || coarse[i].max().get(axis) > coarse[high].max().get(axis)) {
                        out[axis + 3] = i;
                    }
                }
            }
        }
        return out;
    }

    private static boolean holds(Aabb outer, Aabb inner) {
        return inner.min().x() >= outer.min().x()
                && inner.min().y() >= outer.min().y()
                && inner.min().z() >= outer.min().z()
                && inner.max().x() <= outer.max().x()
                && inner.max().y() <= outer.max().y()
                && inner.max().z() <= outer.max().z();
    }
}
