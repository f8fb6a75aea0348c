package rhombus.formats.out;

import java.util.Arrays;

/**
 * Faces as they were modelled: triangles that no modelled edge parts are one polygon again, where together they have one
 * border that runs through each of their corners once. Where they have not, holes for example, they stay triangles.
 */
final class ModelledFaces {
    private static final int MOST = 4096;

    private final int[] triangles;
    private final byte[] marks;
    /** For each side of a triangle the side on the other side of it, or -1. */
    private final int[] across;

    private final boolean[] done;
    private int[] polygon = new int[64];
    private int size;
    private int[] group = new int[64];

    ModelledFaces(ExportSurface s, boolean modelled) {
        triangles = s.triangles();
        marks = modelled ? s.marks() : null;
        done = new boolean[triangles.length / 3];
        across = marks == null ? null : across(s.vertices());
    }

    private int start(int side) {
        return triangles[side];
    }

    private int end(int side) {
        return triangles[side - side % 3 + (side + 1) % 3];
    }

    private boolean open(int side) {
        return (marks[side / 3] >> side % 3 * 2 & 3) == 0;
    }

    /** Sides meet where one runs from a to b and the other from b to a; each has at most one of them if nothing parts them. */
    private int[] across(int vertices) {
        int[] first = new int[vertices + 1];
        Arrays.fill(first, -1);
        int[] next = new int[triangles.length];
        int[] out = new int[triangles.length];
        Arrays.fill(out, -1);
        for (int side = 0; side < triangles.length; side++) {
            next[side] = first[start(side)];
            first[start(side)] = side;
        }
        for (int side = 0; side < triangles.length; side++) {
            if (open(side)) {
                for (int o = first[end(side)]; o >= 0; o = next[o]) {
                    if (end(o) == start(side) && open(o)) {
                        out[side] = o;
                    }
                }
            }
        }
        return out;
    }

    /** Goes to the polygon that a triangle belongs to; false where it was there before. */
    boolean next(int triangle) {
        if (done[triangle]) {
            return false;
        }
        if (marks == null || !joined(triangle)) {
            done[triangle] = true;
            size = 3;
            System.arraycopy(triangles, triangle * 3, polygon, 0, 3);
        }
        return true;
    }

    private boolean joined(int seed) {
        int count = 1;
        group[0] = seed;
        done[seed] = true;
        for (int i = 0; i < count && count < MOST; i++) {
            for (int k = 0; k < 3; k++) {
                int o = across[group[i] * 3 + k];
                if (o >= 0 && !done[o / 3]) {
                    if (count == group.length) {
                        group = Arrays.copyOf(group, count * 2);
                    }
                    done[o / 3] = true;
                    group[count++] = o / 3;
                }
            }
        }
        boolean whole = count > 1 && border(count);
        if (!whole) {
            for (int i = 0; i < count; i++) {
                done[group[i]] = false;
            }
        }
        return whole;
    }

    /** Walks around the group, triangles in it being those that were just reached. */
    private boolean border(int count) {
        int[] members = Arrays.copyOf(group, count);
        Arrays.sort(members);
        int sides = 0;
        int from = -1;
        for (int i = 0; i < count; i++) {
            for (int k = 0; k < 3; k++) {
                if (outer(group[i] * 3 + k, members)) {
                    sides++;
                    from = group[i] * 3 + k;
                }
            }
        }
        // A polygon without inner corners has two triangles fewer than sides.
        if (sides != count + 2) {
            return false;
        }
        size = 0;
        int side = from;
        do {
            if (size == polygon.length) {
                polygon = Arrays.copyOf(polygon, size * 2);
            }
            polygon[size++] = start(side);
            int turn = side - side % 3 + (side + 1) % 3;
            int steps = 0;
            while (!outer(turn, members)) {
                int o = across[turn];
                turn = o - o % 3 + (o + 1) % 3;
                if (++steps > count * 3) {
                    return false;
                }
            }
            side = turn;
        } while (side != from && size <= sides);
        int[] each = Arrays.copyOf(polygon, size);
        Arrays.sort(each);
        for (int i = 1; i < size; i++) {
            if (each[i] == each[i - 1]) {
                return false;
            }
        }
        return size == sides;
    }

    private boolean outer(int side, int[] members) {
        return across[side] < 0 || Arrays.binarySearch(members, across[side] / 3) < 0;
    }

    /** How many corners the polygon has. */
    int size() {
        return size;
    }

    /** A corner of the polygon. */
    int corner(int i) {
        return polygon[i];
    }
}
