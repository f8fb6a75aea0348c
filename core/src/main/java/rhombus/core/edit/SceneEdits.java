package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;

/** Changes of a scene, each a function from the scene before to the one after. Nobody's view is touched. */
public final class SceneEdits {
    private SceneEdits() {}

    /**
     * What an addition made.
     *
     * @param scene with the new nodes
     * @param nodes numbers of those that are new and lie below no other new one
     */
    public record Added(Scene scene, List<Integer> nodes) {}

    /**
     * The meshes of a shape.
     *
     * @param scene with them
     * @param meshes their numbers
     */
    record Made(Scene scene, List<Integer> meshes) {}

    /** Finds or makes the meshes of a shape; equal shapes share theirs. */
    static Made meshes(Scene s, ParametricShape shape) {
        MeshTable m = new MeshTable(s);
        List<Integer> own = m.of(shape);
        return new Made(m.scene(), own);
    }

    /** Changes each of some nodes in the same way. */
    public static Scene each(Scene s, Collection<Integer> nodes, UnaryOperator<Node> change) {
        Map<Integer, Node> changed = new LinkedHashMap<>();
        for (int n : nodes) {
            Node is = s.node(n);
            Node next = change.apply(is);
            if (!next.equals(is)) {
                changed.put(n, next);
            }
        }
        return changed.isEmpty() ? s : s.withNodes(changed);
    }

    /** Nodes that lie below no other of them, in their order. */
    public static List<Integer> roots(Scene s, Collection<Integer> some) {
        Set<Integer> nodes = some instanceof Set<Integer> set ? set : new LinkedHashSet<>(some);
        List<Integer> out = new ArrayList<>();
        for (int n : nodes) {
            int p = s.node(n).parent();
            while (p >= 0 && !nodes.contains(p)) {
                p = s.node(p).parent();
            }
            if (p < 0) {
                out.add(n);
            }
        }
        return out;
    }

    /** Takes nodes and all below them out of the scene. */
    public static Scene delete(Scene s, Collection<Integer> nodes) {
        Map<Integer, Node> changed = new LinkedHashMap<>();
        for (int root : roots(s, nodes)) {
            for (int n : s.subtree(root)) {
                if (!s.node(n).gone()) {
                    changed.put(n, s.node(n).withGone(true));
                }
            }
        }
        return s.withNodes(changed);
    }

    /** Copies of nodes with all below them, in the same places beside the originals. */
    public static Added duplicate(Scene s, Collection<Integer> nodes) {
        Map<Integer, Node> changed = new LinkedHashMap<>();
        List<Integer> made = new ArrayList<>();
        Ids ids = new Ids(s);
        int next = s.count();
        for (int root : roots(s, nodes)) {
            Map<Integer, Integer> copies = new HashMap<>();
            for (int n : s.subtree(root)) {
                Node is = s.node(n);
                if (is.gone()) {
                    continue;
                }
                int parent = n == root ? is.parent() : copies.get(is.parent());
                copies.put(n, next);
                changed.put(next, is.withId(ids.next()).withParent(parent, is.local()));
                next++;
            }
            made.add(copies.get(root));
        }
        return new Added(s.withNodes(changed), made);
    }

    /** Puts nodes below a new group in the middle of them, under their nearest common ancestor. */
    public static Added group(Scene s, Collection<Integer> nodes, String name) {
        List<Integer> roots = roots(s, nodes);
        int parent = s.node(roots.get(0)).parent();
        for (int n : roots) {
            while (parent >= 0 && !s.within(s.node(n).parent(), parent)) {
                parent = s.node(parent).parent();
            }
        }
        Aabb around = Aabb.EMPTY;
        for (int n : roots) {
            around = around.union(s.boundsBelow(n));
        }
        Added group = add(
                s, new Node(null, name, -1, Mat4.translation(around.center()), List.of(), null, null, false), parent);
        return new Added(regroup(group.scene(), roots, group.nodes().get(0)), group.nodes());
    }

    /** Takes groups away and leaves what was in them where it is. */
    public static Added ungroup(Scene s, Collection<Integer> groups) {
        Scene now = s;
        List<Integer> freed = new ArrayList<>();
        for (int g : groups) {
            List<Integer> inside = new ArrayList<>();
            for (int c : now.children(g)) {
                if (!now.node(c).gone()) {
                    inside.add(c);
                }
            }
            now = regroup(now, inside, now.node(g).parent());
            now = each(now, List.of(g), n -> n.withGone(true));
            freed.addAll(inside);
        }
        return new Added(now, freed);
    }

    /**
     * Hangs nodes below another parent, or at the top for -1; they stay where they are in the world.
     *
     * @throws IllegalArgumentException if a node would come to lie below itself
     */
    public static Scene regroup(Scene s, Collection<Integer> nodes, int parent) {
        Map<Integer, Node> changed = new LinkedHashMap<>();
        for (int n : roots(s, nodes)) {
            if (s.within(parent, n)) {
                throw new IllegalArgumentException(say("scene-edits.an-object-cannot-be-put"));
            }
            if (s.node(n).parent() != parent) {
                changed.put(n, s.node(n).withParent(parent, s.localBelow(n, parent)));
            }
        }
        return changed.isEmpty() ? s : s.withNodes(changed);
    }

    /** Adds a node below a parent, or at the top for -1; its matrix says where it is in the world. */
    public static Added add(Scene s, Node node, int parent) {
        int i = s.count();
        double[] inverse = parent < 0 ? null : Mat4.inverseAffine(s.world(parent));
        double[] local = inverse == null ? node.local() : Mat4.times(inverse, node.local());
        Node placed = node.withId(new Ids(s).next()).withParent(parent, local);
        return new Added(s.withNodes(Map.of(i, placed)), List.of(i));
    }

    /** Adds a solid made from numbers. */
    public static Added add(Scene s, ParametricShape shape, double[] place) {
        Made m = meshes(s, shape);
        Node n = new Node(null, shape.sort().words(), -1, place, m.meshes(), null, null, false);
        return add(m.scene(), n.withShape(shape, m.meshes()), -1);
    }

    /** Adds a light. */
    public static Added add(Scene s, Light light, double[] place) {
        return add(s, new Node(null, say("scene-edits.light"), -1, place, List.of(), null, light, false), -1);
    }

    /** Adds a camera, under the first number that no other has. */
    public static Added add(Scene s, SceneCamera camera, double[] place) {
        Set<String> names = new HashSet<>();
        s.nodes().stream().filter(n -> !n.gone()).forEach(n -> names.add(n.name()));
        int k = 1;
        while (names.contains(say("scene-edits.camera", k))) {
            k++;
        }
        return add(s, new Node(null, say("scene-edits.camera", k), -1, place, List.of(), camera, null, false), -1);
    }

    /** Adds a picture plane. */
    public static Added add(Scene s, PicturePlane picture, String name, double[] place) {
        Node n = new Node(null, name, -1, place, List.of(), null, null, false);
        return add(s, n.withPicture(picture), -1);
    }

    /** Makes a solid from other numbers. */
    public static Scene reshape(Scene s, int node, ParametricShape shape) {
        if (shape.equals(s.node(node).shape())) {
            return s;
        }
        Made m = meshes(s, shape);
        return each(m.scene(), List.of(node), n -> n.withShape(shape, m.meshes()));
    }

    /** Adds a layer of a name at the end. */
    public static Scene addLayer(Scene s, String name) {
        List<Layer> more = new ArrayList<>(s.layers());
        int k = more.size() + 1;
        while (s.layer("l" + k) != null || used(s, "l" + k)) {
            k++;
        }
        more.add(new Layer("l" + k, name, true, false));
        return s.withLayers(more);
    }

    private static boolean used(Scene s, String layer) {
        for (Node n : s.nodes()) {
            if (layer.equals(n.layer())) {
                return true;
            }
        }
        return false;
    }

    /** Changes a layer; null takes it away, and what was on it stays, on no layer of its own. */
    public static Scene layer(Scene s, String id, UnaryOperator<Layer> change) {
        List<Layer> next = new ArrayList<>();
        for (Layer l : s.layers()) {
            Layer to = l.id().equals(id) ? change.apply(l) : l;
            if (to != null) {
                next.add(to);
            }
        }
        if (next.equals(s.layers())) {
            return s;
        }
        Scene out = s.withLayers(next);
        if (out.layer(id) == null) {
            List<Integer> on = new ArrayList<>();
            for (int i = 0; i < out.count(); i++) {
                if (id.equals(out.node(i).layer())) {
                    on.add(i);
                }
            }
            out = each(out, on, n -> n.withLayer(null));
        }
        return out;
    }

    /** Ids that no node of a scene has or had. */
    private static final class Ids {
        private final Scene scene;
        private int k;

        Ids(Scene scene) {
            this.scene = scene;
            this.k = scene.count();
        }

        String next() {
            while (scene.everIndexOf("a" + k) >= 0) {
                k++;
            }
            return "a" + k++;
        }
    }
}
