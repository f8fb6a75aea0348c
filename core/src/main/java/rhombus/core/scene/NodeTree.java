package rhombus.core.scene;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What follows from how nodes hang together: children, an order with parents first, what is shown and what is locked. */
final class NodeTree {
    final Map<String, Integer> byId;
    final List<Integer> roots = new ArrayList<>();
    final List<List<Integer>> children;
    /** Every node after its parent. */
    final int[] order;

    final boolean[] shown;
    final boolean[] locked;
    /** Whether a node would be shown if nothing were isolated, and is not. */
    final boolean[] dimmed;
    /** Whether any is drawn in a way of its own. */
    boolean anyWay;
    /** How each is drawn. */
    final DisplayOverride[] ways;
    /** Cameras and lights. */
    final int[] points;
    /** Picture planes. */
    final List<Integer> pictures = new ArrayList<>();

    NodeTree(Node[] nodes, List<Layer> layers, Set<Integer> isolated) {
        int n = nodes.length;
        byId = new HashMap<>(n * 2);
        children = new ArrayList<>(n);
        order = new int[n];
        shown = new boolean[n];
        locked = new boolean[n];
        dimmed = new boolean[n];
        ways = new DisplayOverride[n];
        for (int i = 0; i < n; i++) {
            byId.put(nodes[i].id(), i);
            children.add(List.of());
        }
        for (int i = 0; i < n; i++) {
            int p = nodes[i].parent();
            if (p >= n) {
                throw new IllegalArgumentException(say("tree.node-has-no-parent", i, p));
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
            throw new IllegalArgumentException(say("tree.a-node-is-its-own"));
        }
        int[] found = new int[n];
        int count = 0;
        for (int i = 0; i < n; i++) {
            if (nodes[i].camera() != null || nodes[i].light() != null) {
                found[count++] = i;
            }
            if (nodes[i].picture() != null) {
                pictures.add(i);
            }
        }
        points = Arrays.copyOf(found, count);
        State state = new State(n);
        for (int i : order) {
            follow(i, nodes, layers, isolated, state);
        }
    }

    /** What a node has of its parent, which has been followed before it. A node on a layer leaves the layer of its parent. */
    private void follow(int i, Node[] nodes, List<Layer> layers, Set<Integer> isolated, State of) {
        Node n = nodes[i];
        int p = n.parent();
        of.chosen[i] = isolated == null || isolated.contains(i) || p >= 0 && of.chosen[p];
        of.out[i] = n.gone() || n.hidden() || p >= 0 && of.out[p];
        of.held[i] = n.locked() || p >= 0 && of.held[p];
        Layer own = layer(layers, n.layer());
        of.layer[i] = own == null && p >= 0 ? of.layer[p] : own;
        Layer layer = of.layer[i];
        boolean there = !of.out[i] && (layer == null || layer.visible());
        shown[i] = of.chosen[i] && there;
        dimmed[i] = !of.chosen[i] && there;
        anyWay |= n.way() != DisplayOverride.USUAL;
        ways[i] = n.way() == DisplayOverride.USUAL && p >= 0 ? ways[p] : n.way();
        locked[i] = of.held[i] || layer != null && layer.locked();
    }

    /** What children take over from their parents while the tree is followed. */
    private static final class State {
        final boolean[] chosen;
        final boolean[] out;
        final boolean[] held;
        final Layer[] layer;

        State(int n) {
            chosen = new boolean[n];
            out = new boolean[n];
            held = new boolean[n];
            layer = new Layer[n];
        }
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
