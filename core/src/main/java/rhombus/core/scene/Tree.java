package rhombus.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What follows from how nodes hang together: children, an order with parents first, what is shown and what is locked. */
final class Tree {
    final Map<String, Integer> byId;
    final List<Integer> roots = new ArrayList<>();
    final List<List<Integer>> children;
    /** Every node after its parent. */
    final int[] order;
    final boolean[] shown;
    final boolean[] locked;
    /** Cameras and lights. */
    final int[] points;

    Tree(Node[] nodes, List<Layer> layers, Set<Integer> isolated) {
        int n = nodes.length;
        byId = new HashMap<>(n * 2);
        children = new ArrayList<>(n);
        order = new int[n];
        shown = new boolean[n];
        locked = new boolean[n];
        for (int i = 0; i < n; i++) {
            byId.put(nodes[i].id(), i);
            children.add(List.of());
        }
        for (int i = 0; i < n; i++) {
            int p = nodes[i].parent();
            if (p >= n) {
                throw new IllegalArgumentException("node " + i + " has no parent " + p);
            }
            if (p < 0) {
                roots.add(i);
            } else {
                if (children.get(p).isEmpty()) {
                    children.set(p, new ArrayList<>(4));
                }
                children.get(p).add(i);
            }
        }
        int at = 0;
        for (int r : roots) {
            order[at++] = r;
        }
        for (int done = 0; done < at; done++) {
            for (int c : children.get(order[done])) {
                order[at++] = c;
            }
        }
        if (at < n) {
            throw new IllegalArgumentException("a node is its own ancestor");
        }
        int[] found = new int[n];
        int count = 0;
        for (int i = 0; i < n; i++) {
            if (nodes[i].camera() != null || nodes[i].light() != null) {
                found[count++] = i;
            }
        }
        points = Arrays.copyOf(found, count);
        boolean[] chosen = new boolean[n];
        for (int i : order) {
            follow(i, nodes, layers, isolated, chosen);
        }
    }

    /** A parent has been followed before its children. A node on a layer leaves the layer of its parent. */
    private void follow(int i, Node[] nodes, List<Layer> layers, Set<Integer> isolated, boolean[] chosen) {
        Node n = nodes[i];
        int p = n.parent();
        chosen[i] = isolated == null || isolated.contains(i) || p >= 0 && chosen[p];
        boolean above = p < 0 || up(nodes, p);
        Layer layer = null;
        for (int a = i; a >= 0 && layer == null && !layers.isEmpty(); a = nodes[a].parent()) {
            layer = layer(layers, nodes[a].layer());
        }
        shown[i] = above && !n.gone() && !n.hidden() && chosen[i] && (layer == null || layer.visible());
        boolean own = n.locked() || p >= 0 && lockedItself(nodes, p);
        locked[i] = own || layer != null && layer.locked();
    }

    private static boolean up(Node[] nodes, int i) {
        for (int a = i; a >= 0; a = nodes[a].parent()) {
            if (nodes[a].gone() || nodes[a].hidden()) {
                return false;
            }
        }
        return true;
    }

    private static boolean lockedItself(Node[] nodes, int i) {
        for (int a = i; a >= 0; a = nodes[a].parent()) {
            if (nodes[a].locked()) {
                return true;
            }
        }
        return false;
    }

    static Layer layer(List<Layer> layers, String id) {
        for (int i = 0; id != null && i < layers.size(); i++) {
            if (layers.get(i).id().equals(id)) {
                return layers.get(i);
            }
        }
        return null;
    }
}
