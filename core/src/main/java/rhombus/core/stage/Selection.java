package rhombus.core.stage;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Aabb;
import rhombus.core.scene.Scene;

/** Selected nodes in the order in which they were selected, the last one last. */
final class Selection {
    private final Set<Integer> nodes = new LinkedHashSet<>();

    List<Integer> nodes() {
        return new ArrayList<>(nodes);
    }

    boolean isEmpty() {
        return nodes.isEmpty();
    }

    boolean has(int node) {
        return nodes.contains(node);
    }

    int last() {
        int last = -1;
        for (int n : nodes) {
            last = n;
        }
        return last;
    }

    void only(int node) {
        nodes.clear();
        nodes.add(node);
    }

    void add(int node) {
        nodes.remove(node);
        nodes.add(node);
    }

    void toggle(int node) {
        if (!nodes.remove(node)) {
            nodes.add(node);
        }
    }

    void clear() {
        nodes.clear();
    }

    void only(Collection<Integer> some) {
        nodes.clear();
        nodes.addAll(some);
    }

    void remove(int node) {
        nodes.remove(node);
    }

    /** What is no longer in the scene is no longer selected. */
    void keep(Scene scene) {
        nodes.removeIf(n -> n >= scene.count() || scene.node(n).gone());
    }

    /** Selected nodes that lie below no other selected node. */
    List<Integer> roots(Scene scene) {
        return SceneEdits.roots(scene, nodes);
    }

    Aabb bounds(Scene scene) {
        Aabb sum = Aabb.EMPTY;
        for (int n : nodes) {
            sum = sum.union(scene.boundsBelow(n));
        }
        return sum;
    }
}
