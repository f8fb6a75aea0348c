package rhombus.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;

/** An immutable scene: nodes in an order in which parents come before their children, meshes, and the up axis. */
public final class Scene {
    /** Nothing in it. */
    public static final Scene EMPTY = new Scene(List.of(), List.of(), UpAxis.Y);

    private final List<Node> nodes;
    private final List<Mesh> meshes;
    private final UpAxis up;
    private final double[][] world;
    private final Aabb[] bounds;
    private final Map<String, Integer> byId;
    private final List<List<Integer>> children;
    private final Aabb all;

    /**
     * A scene over the given parts.
     *
     * @throws IllegalArgumentException if a node comes before its parent or names a mesh that is not there
     */
    public Scene(List<Node> nodes, List<Mesh> meshes, UpAxis up) {
        this.nodes = List.copyOf(nodes);
        this.meshes = List.copyOf(meshes);
        this.up = up;
        this.world = new double[nodes.size()][];
        this.bounds = new Aabb[nodes.size()];
        this.byId = new HashMap<>();
        this.children = new ArrayList<>();
        Aabb sum = Aabb.EMPTY;
        for (int i = 0; i < nodes.size(); i++) {
            Node n = nodes.get(i);
            if (n.parent() >= i) {
                throw new IllegalArgumentException("node " + i + " comes before its parent " + n.parent());
            }
            byId.put(n.id(), i);
            children.add(new ArrayList<>(0));
            world[i] = n.parent() < 0 ? n.local() : Mat4.times(world[n.parent()], n.local());
            bounds[i] = Aabb.EMPTY;
            for (int m : n.meshes()) {
                bounds[i] = bounds[i].union(meshes.get(m).bounds().transformed(world[i]));
            }
            sum = sum.union(bounds[i]);
        }
        for (int i = nodes.size() - 1; i >= 0; i--) {
            if (nodes.get(i).parent() >= 0) {
                children.get(nodes.get(i).parent()).add(0, i);
            }
        }
        this.all = sum;
    }

    /** All nodes, parents first. */
    public List<Node> nodes() {
        return nodes;
    }

    /** One node. */
    public Node node(int i) {
        return nodes.get(i);
    }

    /** All meshes. */
    public List<Mesh> meshes() {
        return meshes;
    }

    /** The up axis. */
    public UpAxis up() {
        return up;
    }

    /** World matrix of a node; not to be changed. */
    public double[] world(int i) {
        return world[i];
    }

    /** World bounds of a node's own meshes; empty where it has none. */
    public Aabb bounds(int i) {
        return bounds[i];
    }

    /** World bounds of all meshes. */
    public Aabb bounds() {
        return all;
    }

    /** Half the diagonal of the scene's bounds, 1 for a scene without extent: the scale of everything relative. */
    public double radius() {
        double r = all.radius();
        return r > 0 ? r : 1;
    }

    /** How many meshes are drawn, each use by a node counted. */
    public int drawnCount() {
        int n = 0;
        for (Node node : nodes) {
            n += node.meshes().size();
        }
        return n;
    }

    /** Number of the node with this id, or -1. */
    public int indexOf(String id) {
        Integer i = byId.get(id);
        return i == null ? -1 : i;
    }

    /** Numbers of a node's children, in order. */
    public List<Integer> children(int i) {
        return children.get(i);
    }

    /** A node and all below it, parents first. */
    public List<Integer> subtree(int i) {
        List<Integer> out = new ArrayList<>();
        out.add(i);
        for (int at = 0; at < out.size(); at++) {
            out.addAll(children.get(out.get(at)));
        }
        return out;
    }

    /** World bounds of a node and all below it; a camera or light counts as a point. */
    public Aabb boundsBelow(int i) {
        Aabb sum = Aabb.EMPTY;
        for (int n : subtree(i)) {
            Kind kind = nodes.get(n).kind();
            sum = sum.union(bounds[n]);
            if (kind == Kind.CAMERA || kind == Kind.LIGHT) {
                sum = sum.union(Aabb.of(Mat4.origin(world[n])));
            }
        }
        return sum;
    }

    /** Number of triangles of a node's own meshes. */
    public int triangles(int i) {
        int sum = 0;
        for (int m : nodes.get(i).meshes()) {
            sum += meshes.get(m).triangleCount();
        }
        return sum;
    }

    /** Number of triangles drawn for the whole scene, each instance counted. */
    public int triangles() {
        int sum = 0;
        for (int i = 0; i < nodes.size(); i++) {
            sum += triangles(i);
        }
        return sum;
    }

    /** The same scene with other local matrices for some nodes. */
    public Scene withLocals(Map<Integer, double[]> locals) {
        List<Node> changed = new ArrayList<>(nodes);
        locals.forEach((i, m) -> changed.set(i, nodes.get(i).withLocal(m)));
        return new Scene(changed, meshes, up);
    }

    /** Local matrix that moves a node by {@code delta} metres in the world. */
    public double[] movedLocal(int i, Vec3 delta) {
        Node n = nodes.get(i);
        double[] inverse = n.parent() < 0 ? Mat4.identity() : Mat4.inverseAffine(world[n.parent()]);
        if (inverse == null) {
            return n.local();
        }
        Vec3 d = Mat4.direction(inverse, delta);
        double[] m = n.local().clone();
        m[12] += d.x();
        m[13] += d.y();
        m[14] += d.z();
        return m;
    }
}
