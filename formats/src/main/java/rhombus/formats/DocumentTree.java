package rhombus.formats;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadLimits;

/** The node tree of a document: checked for cycles and second parents, put in an order with parents first. */
final class DocumentTree {
    /** Numbers in the document, parents first. */
    final List<Integer> order = new ArrayList<>();
    /** Number of the parent in the document by number, -1 for roots. */
    final int[] parent;

    DocumentTree(Map<String, Object> gltf, UploadLimits limits) {
        List<Object> nodes = JsonReader.list(gltf, "nodes", "");
        if (nodes.size() > limits.nodes()) {
            throw new FileProblem(
                    "nodes", "has " + nodes.size() + " entries; at most " + limits.nodes() + " are accepted");
        }
        parent = new int[nodes.size()];
        Arrays.fill(parent, -1);
        List<List<Integer>> children = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            List<Integer> of = new ArrayList<>();
            List<Object> listed =
                    JsonReader.list(JsonReader.map(nodes.get(i), "nodes[" + i + "]"), "children", "nodes[" + i + "]");
            for (int k = 0; k < listed.size(); k++) {
                String place = "nodes[" + i + "].children[" + k + "]";
                int child = JsonReader.index(listed.get(k), nodes.size(), place);
                if (parent[child] >= 0 || child == i) {
                    throw new FileProblem(
                            place,
                            "node " + child
                                    + " is a child more than once; every node has one parent and none is its own");
                }
                parent[child] = i;
                of.add(child);
            }
            children.add(of);
        }
        int[] depth = new int[nodes.size()];
        Deque<Integer> open = new ArrayDeque<>();
        List<Integer> roots = roots(gltf, nodes.size());
        for (int i = roots.size() - 1; i >= 0; i--) {
            open.push(roots.get(i));
        }
        boolean[] seen = new boolean[nodes.size()];
        while (!open.isEmpty()) {
            int n = open.pop();
            if (seen[n]) {
                throw new FileProblem("nodes[" + n + "]", "is reached twice; the tree must not run in a circle");
            }
            seen[n] = true;
            order.add(n);
            depth[n] = parent[n] < 0 ? 1 : depth[parent[n]] + 1;
            if (depth[n] > limits.depth()) {
                throw new FileProblem(
                        "nodes[" + n + "]",
                        "lies more than " + limits.depth()
                                + " levels deep. Flatten the tree of nodes and export it again");
            }
            for (int k = children.get(n).size() - 1; k >= 0; k--) {
                open.push(children.get(n).get(k));
            }
        }
        circle(nodes.size());
    }

    /** Nodes that only lead to each other are never reached from a root, so they are looked for by themselves. */
    private void circle(int n) {
        int[] mark = new int[n];
        for (int i = 0; i < n; i++) {
            int at = i;
            while (at >= 0 && mark[at] == 0) {
                mark[at] = i + 1;
                at = parent[at];
            }
            if (at >= 0 && mark[at] == i + 1) {
                throw new FileProblem("nodes[" + at + "]", "is its own ancestor; the tree must not run in a circle");
            }
        }
    }

    private List<Integer> roots(Map<String, Object> gltf, int n) {
        List<Object> scenes = JsonReader.list(gltf, "scenes", "");
        List<Integer> out = new ArrayList<>();
        if (scenes.isEmpty()) {
            for (int i = 0; i < n; i++) {
                if (parent[i] < 0) {
                    out.add(i);
                }
            }
            return out;
        }
        int scene = Math.max(0, JsonReader.index(gltf, "scene", scenes.size(), ""));
        String place = "scenes[" + scene + "]";
        List<Object> listed = JsonReader.list(JsonReader.map(scenes.get(scene), place), "nodes", place);
        for (int i = 0; i < listed.size(); i++) {
            int root = JsonReader.index(listed.get(i), n, place + ".nodes[" + i + "]");
            if (parent[root] >= 0) {
                throw new FileProblem(
                        place + ".nodes[" + i + "]", "names node " + root + ", which is not at the top of the tree");
            }
            out.add(root);
        }
        return out;
    }
}
