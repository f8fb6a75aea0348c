package rhombus.core.stage.subject;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/**
 * Selected nodes in the order in which they were selected, the last one last. Kept in plain arrays: a marquee may take a
 * hundred thousand with every move of the hand.
 */
public final class Selection {
    /** Nodes in order; -1 where one was taken out. */
    private int[] order = new int[16];

    private int end;
    private int count;
    /** Place of each node in {@link #order}, plus 1; 0 for none. */
    private int[] place = new int[16];

    private Sum sum;
    private final StageContext ground;

    Selection(StageContext ground) {
        this.ground = ground;
    }

    /** Tells that something else is selected. */
    public void changed() {
        // Framing widens when it is repeated; framing something else starts anew.
        ground.board().views.forEach(Viewport::forgetFraming);
        ground.changes().add(ChangeTopic.SELECTION);
        ground.changes().views();
    }

    /**
     * What all that is selected comes to.
     *
     * @param scene for which it was worked out
     * @param roots selected nodes that lie below no other selected node
     * @param bounds of everything selected
     * @param triangles of everything selected
     */
    private record Sum(Scene scene, List<Integer> roots, Aabb bounds, int triangles) {}

    public List<Integer> nodes() {
        List<Integer> out = new ArrayList<>(count);
        for (int i = 0; i < end; i++) {
            if (order[i] >= 0) {
                out.add(order[i]);
            }
        }
        return out;
    }

    public int count() {
        return count;
    }

    public boolean isEmpty() {
        return count == 0;
    }

    public boolean has(int node) {
        return node < place.length && place[node] > 0;
    }

    public int last() {
        for (int i = end - 1; i >= 0; i--) {
            if (order[i] >= 0) {
                return order[i];
            }
        }
        return -1;
    }

    public void only(int node) {
        clear();
        add(node);
    }

    public void only(Collection<Integer> some) {
        clear();
        for (int n : some) {
            add(n);
        }
    }

    /** Exactly the marked nodes, in the order of their numbers. */
    public void only(boolean[] marks) {
        clear();
        if (order.length < marks.length) {
            order = new int[marks.length];
        }
        if (place.length < marks.length) {
            place = new int[marks.length];
        }
        int n = 0;
        for (int i = 0; i < marks.length; i++) {
            if (marks[i]) {
                order[n++] = i;
                place[i] = n;
            }
        }
        end = n;
        count = n;
    }

    public void add(int node) {
        remove(node);
        if (end == order.length) {
            order = Arrays.copyOf(order, end * 2);
        }
        if (node >= place.length) {
            place = Arrays.copyOf(place, Math.max(node + 1, place.length * 2));
        }
        order[end] = node;
        place[node] = ++end;
        count++;
    }

    public void toggle(int node) {
        if (has(node)) {
            remove(node);
        } else {
            add(node);
        }
    }

    public void remove(int node) {
        sum = null;
        if (has(node)) {
            order[place[node] - 1] = -1;
            place[node] = 0;
            count--;
        }
    }

    public void clear() {
        sum = null;
        for (int i = 0; i < end; i++) {
            if (order[i] >= 0) {
                place[order[i]] = 0;
            }
        }
        end = 0;
        count = 0;
    }

    /** What is no longer in the scene is no longer selected. */
    public void keep(Scene scene) {
        for (int i = 0; i < end; i++) {
            if (order[i] >= 0
                    && (order[i] >= scene.count() || scene.node(order[i]).gone())) {
                remove(order[i]);
            }
        }
    }

    /** Selected nodes that lie below no other selected node. */
    public List<Integer> roots(Scene scene) {
        return sum(scene).roots;
    }

    public Aabb bounds(Scene scene) {
        return sum(scene).bounds;
    }

    public int triangles(Scene scene) {
        return sum(scene).triangles;
    }

    private Sum sum(Scene scene) {
        if (sum == null || sum.scene != scene) {
            List<Integer> roots = new ArrayList<>();
            int triangles = 0;
            for (int i = 0; i < end; i++) {
                if (order[i] >= 0 && !below(scene, order[i])) {
                    roots.add(order[i]);
                    triangles += scene.trianglesBelow(order[i]);
                }
            }
            sum = new Sum(scene, List.copyOf(roots), scene.boundsBelow(roots), triangles);
        }
        return sum;
    }

    private boolean below(Scene scene, int node) {
        int p = scene.node(node).parent();
        while (p >= 0 && !has(p)) {
            p = scene.node(p).parent();
        }
        return p >= 0;
    }
}
