package rhombus.core.pick;

import java.util.Arrays;
import java.util.Collection;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.ConvexRegion;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/**
 * A tree of boxes over the objects of a large scene. What moves after it was built is looked at one by one, until that is
 * so much that the tree is built anew; whether an object is shown is for the one who asks to see.
 *
 * <p>Layout: {@code boxes} holds six numbers a node, lowest and highest corner; {@code links} two: the left child and the
 * right one, or for a leaf {@code ~first} and how many of {@code order} it holds.
 */
final class ObjectTree {
    private static final int LEAF = 8;
    /** Objects that may have moved before the tree is built anew. */
    private static final int LOOSE = 1024;

    private final int[] order;
    private final double[] boxes;
    private final int[] links;
    private int nodes;
    private final boolean[] stale;
    private final int[] loose;
    private final int[] stack = new int[96];

    /** Builds the tree over all objects with meshes, shown or not. */
    ObjectTree(Scene scene) {
        int n = scene.count();
        int[] list = new int[n];
        int count = 0;
        for (int i = 0; i < n; i++) {
            if (!scene.coarseBounds(i).isEmpty()) {
                list[count++] = i;
            }
        }
        order = Arrays.copyOf(list, count);
        int most = Math.max(1, 4 * (count / LEAF + 1));
        boxes = new double[most * 6];
        links = new int[most * 2];
        stale = new boolean[n];
        loose = new int[0];
        if (count > 0) {
            split(scene, 0, count);
        }
    }

    private ObjectTree(ObjectTree from, boolean[] stale, int[] loose) {
        this.order = from.order;
        this.boxes = from.boxes;
        this.links = from.links;
        this.nodes = from.nodes;
        this.stale = stale;
        this.loose = loose;
    }

    /** The tree for a later state of the scene, in which some objects have other boxes or are new. */
    ObjectTree after(Scene scene, Collection<Integer> changed) {
        if (loose.length + changed.size() > LOOSE) {
            return new ObjectTree(scene);
        }
        boolean[] marks = Arrays.copyOf(stale, scene.count());
        int[] list = Arrays.copyOf(loose, loose.length + changed.size());
        int count = loose.length;
        for (int i : changed) {
            if (!marks[i]) {
                marks[i] = true;
                list[count++] = i;
            }
        }
        return new ObjectTree(this, marks, Arrays.copyOf(list, count));
    }

    private int split(Scene scene, int from, int to) {
        int node = nodes++;
        Aabb box = Aabb.EMPTY;
        Aabb middles = Aabb.EMPTY;
        for (int k = from; k < to; k++) {
            Aabb b = scene.coarseBounds(order[k]);
            box = box.union(b);
            middles = middles.union(Aabb.of(b.center()));
        }
        for (int a = 0; a < 3; a++) {
            boxes[node * 6 + a] = box.min().get(a);
            boxes[node * 6 + 3 + a] = box.max().get(a);
        }
        if (to - from <= LEAF) {
            links[node * 2] = ~from;
            links[node * 2 + 1] = to - from;
            return node;
        }
        Vec3 size = middles.size();
        int axis = size.x() >= size.y() && size.x() >= size.z() ? 0 : size.y() >= size.z() ? 1 : 2;
        int half = (from + to) >>> 1;
        select(scene, from, to - 1, half, axis);
        links[node * 2] = split(scene, from, half);
        links[node * 2 + 1] = split(scene, half, to);
        return node;
    }

    /** Puts the object in the middle along an axis where it belongs, smaller ones before it (Hoare's selection). */
    private void select(Scene scene, int from, int to, int k, int axis) {
        int lo = from;
        int hi = to;
        while (lo < hi) {
            double pivot = middle(scene, order[(lo + hi) >>> 1], axis);
            int i = lo;
            int j = hi;
            while (i <= j) {
                while (middle(scene, order[i], axis) < pivot) {
                    i++;
                }
                while (middle(scene, order[j], axis) > pivot) {
                    j--;
                }
                if (i <= j) {
                    int swap = order[i];
                    order[i++] = order[j];
                    order[j--] = swap;
                }
            }
            if (k <= j) {
                hi = j;
            } else if (k >= i) {
                lo = i;
            } else {
                return;
            }
        }
    }

    private static double middle(Scene scene, int i, int axis) {
        Aabb b = scene.coarseBounds(i);
        return b.min().get(axis) + b.max().get(axis);
    }

    /** Looks at an object on a line; gives the largest parameter that still matters from then on. */
    interface OnLine {
        double at(int object, double largest);
    }

    /** Visits the objects whose boxes a line may meet, near ones early. */
    void along(Vec3 o, Vec3 d, double largest, OnLine visit) {
        double best = largest;
        for (int i : loose) {
            best = visit.at(i, best);
        }
        int top = 0;
        if (order.length > 0) {
            stack[top++] = 0;
        }
        while (top > 0) {
            int node = stack[--top];
            if (enter(node, o, d, best) > best) {
                continue;
            }
            int left = links[node * 2];
            if (left < 0) {
                for (int k = ~left; k < ~left + links[node * 2 + 1]; k++) {
                    if (!stale[order[k]]) {
                        best = visit.at(order[k], best);
                    }
                }
                continue;
            }
            int right = links[node * 2 + 1];
            double l = enter(left, o, d, best);
            double r = enter(right, o, d, best);
            // The near one is taken from the stack first.
            if (l <= r) {
                top = push(right, r, best, top);
                top = push(left, l, best, top);
            } else {
                top = push(left, l, best, top);
                top = push(right, r, best, top);
            }
        }
    }

    private int push(int node, double at, double best, int top) {
        if (at <= best) {
            stack[top] = node;
            return top + 1;
        }
        return top;
    }

    /** Where a line enters a box, 0 from inside, infinite where it does not. */
    private double enter(int node, Vec3 o, Vec3 d, double largest) {
        double lo = 0;
        double hi = largest;
        int at = node * 6;
        for (int a = 0; a < 3; a++) {
            double p = o.get(a);
            double v = d.get(a);
            if (v == 0) {
                if (p < boxes[at + a] || p > boxes[at + 3 + a]) {
                    return Double.POSITIVE_INFINITY;
                }
            } else {
                double t0 = (boxes[at + a] - p) / v;
                double t1 = (boxes[at + 3 + a] - p) / v;
                lo = Math.max(lo, Math.min(t0, t1) * (1 - 1e-12));
                hi = Math.min(hi, Math.max(t0, t1) * (1 + 1e-12));
            }
        }
        return lo <= hi ? lo : Double.POSITIVE_INFINITY;
    }

    /** Looks at an object near a point; gives the largest distance that still matters from then on. */
    interface Near {
        double at(int object, double largest);
    }

    /** Visits the objects whose boxes come near a point. */
    void near(Vec3 p, double largest, Near visit) {
        double best = largest;
        for (int i : loose) {
            best = visit.at(i, best);
        }
        int top = 0;
        if (order.length > 0) {
            stack[top++] = 0;
        }
        while (top > 0) {
            int node = stack[--top];
            if (distance(node, p) >= best) {
                continue;
            }
            int left = links[node * 2];
            if (left < 0) {
                for (int k = ~left; k < ~left + links[node * 2 + 1]; k++) {
                    if (!stale[order[k]]) {
                        best = visit.at(order[k], best);
                    }
                }
                continue;
            }
            int right = links[node * 2 + 1];
            boolean leftFirst = distance(left, p) <= distance(right, p);
            stack[top++] = leftFirst ? right : left;
            stack[top++] = leftFirst ? left : right;
        }
    }

    private double distance(int node, Vec3 p) {
        double sum = 0;
        for (int a = 0; a < 3; a++) {
            double d = Math.max(0, Math.max(boxes[node * 6 + a] - p.get(a), p.get(a) - boxes[node * 6 + 3 + a]));
            sum += d * d;
        }
        return Math.sqrt(sum);
    }

    /** Hears of objects in a wedge. */
    interface InWedge {
        /**
         * One more.
         *
         * @param where {@link ConvexRegion#INSIDE} or, where its box must be looked at, {@link ConvexRegion#ACROSS}
         * @return whether others are of interest
         */
        boolean at(int object, int where);
    }

    /** Visits the objects whose boxes may reach into a wedge, until it hears that no others are of interest. */
    void in(ConvexRegion w, InWedge visit) {
        for (int i : loose) {
            if (!visit.at(i, ConvexRegion.ACROSS)) {
                return;
            }
        }
        int top = 0;
        if (order.length > 0) {
            stack[top++] = 0;
        }
        while (top > 0) {
            int node = stack[--top];
            boolean all = node < 0;
            int n = all ? ~node : node;
            if (!all) {
                int where = box(w, n);
                if (where == ConvexRegion.OUTSIDE) {
                    continue;
                }
                all = where == ConvexRegion.INSIDE;
            }
            int left = links[n * 2];
            if (left < 0) {
                for (int k = ~left; k < ~left + links[n * 2 + 1]; k++) {
                    if (!stale[order[k]] && !visit.at(order[k], all ? ConvexRegion.INSIDE : ConvexRegion.ACROSS)) {
                        return;
                    }
                }
            } else {
                // Below a box that is inside nothing needs to be tested: such nodes are marked.
                stack[top++] = all ? ~left : left;
                stack[top++] = all ? ~links[n * 2 + 1] : links[n * 2 + 1];
            }
        }
    }

    private int box(ConvexRegion w, int node) {
        int at = node * 6;
        double hx = (boxes[at + 3] - boxes[at]) / 2;
        double hy = (boxes[at + 4] - boxes[at + 1]) / 2;
        double hz = (boxes[at + 5] - boxes[at + 2]) / 2;
        return w.box(boxes[at] + hx, boxes[at + 1] + hy, boxes[at + 2] + hz, hx, hy, hz);
    }
}
