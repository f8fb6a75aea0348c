package rhombus.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.PictureFormat;

/**
 * An immutable scene: nodes, meshes, layers, and the up axis. A scene made from another shares with it whatever did not
 * change; a change of places alone costs what was moved, not what there is.
 */
public final class Scene {
    /** Nothing in it. */
    public static final Scene EMPTY = new Scene(List.of(), List.of(), UpAxis.Y);

    /** Whether any mesh is lines or points, once it was asked. */
    private Boolean strokes;

    private final Node[] nodes;
    private final List<Mesh> meshes;
    private final SceneSetup setup;
    private final UpAxis up;
    private final Set<Integer> isolated;
    /** Bounds around nodes and all below them, as far as they were asked for. */
    private Aabb[] below;

    private final NodeTree tree;
    private final double[][] world;
    private final SceneBounds bounds;
    private Aabb all;

    /**
     * A scene over the given parts.
     *
     * @throws IllegalArgumentException if a node is its own ancestor, names a parent or a mesh that is not there
     */
    public Scene(List<Node> nodes, List<Mesh> meshes, UpAxis up) {
        this(nodes.toArray(new Node[0]), List.copyOf(meshes), SceneSetup.USUAL, up, null, null, null);
    }

    /** @param before a scene whose unchanged parts are taken over, or null; {@code moved} says what was moved since */
    private Scene(
            Node[] nodes,
            List<Mesh> meshes,
            SceneSetup setup,
            UpAxis up,
            Set<Integer> isolated,
            Scene before,
            Set<Integer> moved) {
        this.nodes = nodes;
        this.meshes = meshes;
        this.setup = setup;
        this.up = up;
        this.isolated = isolated;
        boolean sameTree = before != null && moved != null;
        this.tree = sameTree ? before.tree : new NodeTree(nodes, setup.layers(), isolated);
        this.world = sameTree ? before.world.clone() : new double[nodes.length][];
        this.bounds = sameTree ? before.bounds.with(nodes, meshes, world) : new SceneBounds(nodes, meshes, world);
        if (sameTree) {
            for (int n : moved) {
                for (int below : subtree(n)) {
                    place(below, before);
                }
            }
        } else {
            for (int n : tree.order) {
                place(n, null);
            }
        }
    }

    private void place(int i, Scene before) {
        Node n = nodes[i];
        world[i] = n.parent() < 0 ? n.local() : Mat4.times(world[n.parent()], n.local());
        if (before == null) {
            bounds.place(i, null, null);
        } else {
            bounds.place(i, before.world[i], before.nodes[i].meshes());
        }
    }

    /** All nodes, those that are gone too; not to be changed. */
    public List<Node> nodes() {
        return Collections.unmodifiableList(Arrays.asList(nodes));
    }

    /** Number of nodes, those that are gone too. */
    public int count() {
        return nodes.length;
    }

    /** One node. */
    public Node node(int i) {
        return nodes[i];
    }

    /** All meshes. */
    public List<Mesh> meshes() {
        return meshes;
    }

    /** All layers in their order. */
    public List<Layer> layers() {
        return setup.layers();
    }

    /** What belongs to the scene as a whole. */
    public SceneSetup setup() {
        return setup;
    }

    /** The camera of a node with the shape of its picture: its own, or that of the scene's. */
    public SceneCamera camera(int i) {
        return nodes[i].camera().in(setup.picture().aspect());
    }

    /** Numbers of the cameras that are not gone: first those that were put into an order, then the others in that of the tree. */
    public List<Integer> cameras() {
        List<Integer> out = new ArrayList<>();
        for (String id : setup.order()) {
            int i = indexOf(id);
            if (i >= 0 && nodes[i].camera() != null && !out.contains(i)) {
                out.add(i);
            }
        }
        Set<Integer> ordered = new HashSet<>(out);
        for (int i : tree.points) {
            if (!nodes[i].gone() && nodes[i].camera() != null && !ordered.contains(i)) {
                out.add(i);
            }
        }
        return out;
    }

    /** The layer a node lies on, its own or the nearest ancestor's; null for none. */
    public Layer layerOf(int i) {
        for (int n = i; n >= 0; n = nodes[n].parent()) {
            if (nodes[n].layer() != null) {
                return layer(nodes[n].layer());
            }
        }
        return null;
    }

    /** The layer with this id, or null. */
    public Layer layer(String id) {
        return NodeTree.layer(setup.layers(), id);
    }

    /** The up axis. */
    public UpAxis up() {
        return up;
    }

    /** Whether a node is in the scene and drawn: neither it nor anything above it is gone, hidden or on a layer that is off. */
    public boolean shown(int i) {
        return tree.shown[i];
    }

    /** Whether a node is not drawn for the only reason that others are isolated. */
    public boolean dimmed(int i) {
        return tree.dimmed[i];
    }

    /** Whether any node is drawn in a way of its own. */
    public boolean anyWay() {
        return tree.anyWay;
    }

    /** How a node is drawn: in its own way, or in that of what it hangs below. */
    public DisplayOverride way(int i) {
        return tree.ways[i];
    }

    /** Whether picking passes over a node: it, something above it or its layer is locked. */
    public boolean locked(int i) {
        return tree.locked[i];
    }

    /** Nodes that alone are drawn, with all below them; null while nothing is isolated. */
    public Set<Integer> isolated() {
        return isolated;
    }

    /** World matrix of a node; not to be changed. */
    public double[] world(int i) {
        return world[i];
    }

    /** The smallest box of the world around a node's own meshes; empty where it has none. */
    public Aabb bounds(int i) {
        return bounds.of(i);
    }

    /** A box that surely holds a node's own meshes, known at once; it may be larger than {@link #bounds(int)}. */
    public Aabb coarseBounds(int i) {
        return bounds.coarse(i);
    }

    /** The smallest box of the world around all meshes that are drawn. */
    public Aabb bounds() {
        if (all == null) {
            int[] drawn = new int[nodes.length];
            int count = 0;
            for (int i = 0; i < nodes.length; i++) {
                if (tree.shown[i]) {
                    drawn[count++] = i;
                }
            }
            all = bounds.around(Arrays.copyOf(drawn, count));
        }
        return all;
    }

    /** Half the diagonal of the scene's bounds, 1 for a scene without extent: the scale of everything relative. */
    public double radius() {
        double r = bounds().radius();
        return r > 0 ? r : 1;
    }

    /** How many meshes there are to draw, each use by a node counted, drawn now or not. */
    public int drawnCount() {
        int n = 0;
        for (Node node : nodes) {
            n += node.meshes().size();
        }
        return n;
    }

    /** Number of the node with this id, or -1; what is gone has none. */
    public int indexOf(String id) {
        Integer i = tree.byId.get(id);
        return i == null || nodes[i].gone() ? -1 : i;
    }

    /** The same, gone or not. */
    public int everIndexOf(String id) {
        Integer i = tree.byId.get(id);
        return i == null ? -1 : i;
    }

    /** Numbers of the cameras and lights, gone or not. */
    public int[] points() {
        return tree.points;
    }

    /** Numbers of the picture planes that are not gone, in the order of the tree. */
    public List<Integer> pictures() {
        List<Integer> out = new ArrayList<>();
        for (int i : tree.pictures) {
            if (!nodes[i].gone()) {
                out.add(i);
            }
        }
        return out;
    }

    /** Numbers of a node's children, in order; -1 for those at the top. */
    public List<Integer> children(int i) {
        return i < 0 ? tree.roots : tree.children.get(i);
    }

    /** A node and all below it, parents first. */
    public List<Integer> subtree(int i) {
        List<Integer> out = new ArrayList<>();
        out.add(i);
        for (int at = 0; at < out.size(); at++) {
            out.addAll(tree.children.get(out.get(at)));
        }
        return out;
    }

    /** Whether one node lies below another, or is it. */
    public boolean within(int node, int above) {
        int n = node;
        while (n >= 0 && n != above) {
            n = nodes[n].parent();
        }
        return n == above;
    }

    /** World bounds of a node and all below it; a camera or light counts as a point, a picture seen through a camera for nothing. */
    public Aabb boundsBelow(int i) {
        if (below == null) {
            below = new Aabb[nodes.length];
        }
        if (below[i] == null) {
            below[i] = sumBelow(i);
        }
        return below[i];
    }

    /** The same of some nodes together. */
    public Aabb boundsBelow(List<Integer> some) {
        if (some.size() == 1) {
            return boundsBelow(some.get(0));
        }
        Set<Integer> there = new LinkedHashSet<>();
        for (int i : some) {
            there.addAll(below(i));
        }
        return sum(there);
    }

    private Aabb sumBelow(int i) {
        if (tree.children.get(i).isEmpty() && !nodes[i].meshes().isEmpty()) {
            return bounds.of(i);
        }
        return sum(below(i));
    }

    /** A node, be it gone, and all below it that is not. */
    private List<Integer> below(int i) {
        List<Integer> out = subtree(i);
        out.removeIf(n -> n != i && nodes[n].gone());
        return out;
    }

    private Aabb sum(Collection<Integer> there) {
        Aabb sum = bounds.around(there.stream().mapToInt(n -> n).toArray());
        for (int n : there) {
            NodeKind kind = nodes[n].kind();
            if (kind == NodeKind.PICTURE && !nodes[n].picture().throughCamera()) {
                for (Vec3 corner : corners(n)) {
                    sum = sum.union(Aabb.of(corner));
                }
            }
            if (kind == NodeKind.CAMERA || kind == NodeKind.LIGHT) {
                sum = sum.union(Aabb.of(Mat4.origin(world[n])));
            }
        }
        return sum;
    }

    /** Corners of a picture plane of an axis view: upper left and right, lower right and left. */
    public Vec3[] corners(int i) {
        PicturePlane p = nodes[i].picture();
        double h = p.size() / 2;
        double w = h * p.aspect();
        return new Vec3[] {
            Mat4.point(world[i], new Vec3(-w, h, 0)),
            Mat4.point(world[i], new Vec3(w, h, 0)),
            Mat4.point(world[i], new Vec3(w, -h, 0)),
            Mat4.point(world[i], new Vec3(-w, -h, 0))
        };
    }

    /** Number of triangles of a node's own meshes. */
    public int triangles(int i) {
        int sum = 0;
        for (int m : nodes[i].meshes()) {
            sum += meshes.get(m).faceCount();
        }
        return sum;
    }

    /** Whether any mesh is lines or points. */
    public boolean anyStrokes() {
        if (strokes == null) {
            strokes = meshes.stream().anyMatch(Mesh::isStrokes);
        }
        return strokes;
    }

    /** Number of lines, or of points, of a node's own meshes. */
    public int strokes(int i, Mesh.Kind kind) {
        int sum = 0;
        for (int m : nodes[i].meshes()) {
            sum += meshes.get(m).kind() == kind ? meshes.get(m).triangleCount() : 0;
        }
        return sum;
    }

    /** Number of lines, or of points, of a node and all below it that is not gone. */
    public int strokesBelow(int i, Mesh.Kind kind) {
        if (tree.children.get(i).isEmpty()) {
            return nodes[i].gone() ? 0 : strokes(i, kind);
        }
        int sum = 0;
        for (int n : subtree(i)) {
            sum += nodes[n].gone() ? 0 : strokes(n, kind);
        }
        return sum;
    }

    /** Number of triangles of a node and all below it that is not gone. */
    public int trianglesBelow(int i) {
        if (tree.children.get(i).isEmpty()) {
            return nodes[i].gone() ? 0 : triangles(i);
        }
        int sum = 0;
        for (int n : subtree(i)) {
            sum += nodes[n].gone() ? 0 : triangles(n);
        }
        return sum;
    }

    /** Number of triangles drawn for the whole scene, each instance counted. */
    public int triangles() {
        int sum = 0;
        for (int i = 0; i < nodes.length; i++) {
            sum += tree.shown[i] ? triangles(i) : 0;
        }
        return sum;
    }

    /**
     * Where a node's pivot point is in the world: where it was set, else the origin of the node's frame, or the middle of
     * the node where that origin lies outside it, as it does in files that model everything in one frame.
     */
    public Vec3 pivot(int i) {
        Vec3 p = nodes[i].pivot();
        if (p != null) {
            return Mat4.point(world[i], p);
        }
        Vec3 origin = Mat4.origin(world[i]);
        Aabb b = boundsBelow(i);
        return b.isEmpty() || b.distance(origin) <= b.radius() * 1e-3 ? origin : b.center();
    }

    /** The same scene with other local matrices for some nodes. */
    public Scene withLocals(Map<Integer, double[]> locals) {
        Map<Integer, Node> changed = new HashMap<>();
        locals.forEach((i, m) -> changed.put(i, nodes[i].withLocal(m)));
        return withNodes(changed);
    }

    /**
     * The same scene with some nodes changed or added.
     *
     * @param changed by number; new nodes have the numbers that follow the last one
     */
    public Scene withNodes(Map<Integer, Node> changed) {
        int count = nodes.length;
        for (int i : changed.keySet()) {
            count = Math.max(count, i + 1);
        }
        Node[] next = Arrays.copyOf(nodes, count);
        boolean sameTree = count == nodes.length;
        for (Map.Entry<Integer, Node> e : changed.entrySet()) {
            int i = e.getKey();
            sameTree = sameTree && e.getValue().sameStructure(nodes[i]);
            next[i] = e.getValue();
        }
        return new Scene(next, meshes, setup, up, isolated, this, sameTree ? changed.keySet() : null);
    }

    /** The same scene with another mesh at the end of its list. */
    public Scene withMesh(Mesh mesh) {
        List<Mesh> more = new ArrayList<>(meshes);
        more.add(mesh);
        return new Scene(nodes, Collections.unmodifiableList(more), setup, up, isolated, this, Set.of());
    }

    /** The same scene with other layers. */
    public Scene withLayers(List<Layer> other) {
        return withSetup(setup.withLayers(other));
    }

    /** The same scene with something else that belongs to it as a whole. */
    public Scene withSetup(SceneSetup other) {
        boolean sameTree = other.layers().equals(setup.layers());
        return new Scene(nodes, meshes, other, up, isolated, this, sameTree ? Set.of() : null);
    }

    /**
     * The same scene with a final picture of another size: cameras that take their shape from it keep their lenses, and their
     * angles follow.
     */
    public Scene withPicture(PictureFormat other) {
        Map<Integer, Node> changed = new HashMap<>();
        for (int i : cameras()) {
            SceneCamera is = nodes[i].camera();
            SceneCamera next =
                    is.aspect() == 0 ? camera(i).withAspect(other.aspect()).withShapeOf(is) : is;
            if (!next.equals(is)) {
                changed.put(i, nodes[i].withCamera(next));
            }
        }
        return (changed.isEmpty() ? this : withNodes(changed)).withSetup(setup.withPicture(other));
    }

    /** The same scene with only some nodes drawn, or null for all. */
    public Scene withIsolated(Set<Integer> some) {
        return new Scene(nodes, meshes, setup, up, some == null ? null : Set.copyOf(some), this, null);
    }

    /** Local matrix that moves a node by {@code delta} metres in the world. */
    public double[] movedLocal(int i, Vec3 delta) {
        Node n = nodes[i];
        double[] inverse = n.parent() < 0 ? Mat4.identity() : Mat4.inverseAffine(world[n.parent()]);
        if (inverse == null) {
            return n.local();
        }
        // Only the place: turning and scale keep their last bit.
        Vec3 d = Mat4.direction(inverse, delta);
        double[] m = n.local().clone();
        m[12] += d.x();
        m[13] += d.y();
        m[14] += d.z();
        return m;
    }

    /** Local matrix that puts a node where a matrix of the world takes it from where it is. */
    public double[] transformedLocal(int i, double[] by) {
        Node n = nodes[i];
        if (n.parent() < 0) {
            return Mat4.times(by, n.local());
        }
        double[] inverse = Mat4.inverseAffine(world[n.parent()]);
        return inverse == null ? n.local() : Mat4.times(inverse, Mat4.times(by, world[i]));
    }

    /** Local matrix that keeps a node where it is in the world below another parent, or -1 for none. */
    public double[] localBelow(int i, int parent) {
        if (parent < 0) {
            return world[i];
        }
        double[] inverse = Mat4.inverseAffine(world[parent]);
        return inverse == null ? nodes[i].local() : Mat4.times(inverse, world[i]);
    }
}
