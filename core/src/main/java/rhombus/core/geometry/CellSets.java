package rhombus.core.geometry;

/** A set of up to three cells each, without an object for any of them. */
final class CellSets {
    private final int[] keys;
    private final boolean[] there;
    private final int mask;

    /** Room for so many. */
    CellSets(int most) {
        int slots = Integer.highestOneBit(Math.max(8, most)) * 4;
        keys = new int[slots * 3];
        there = new boolean[slots];
        mask = slots - 1;
    }

    /** Adds three cells in this order; says whether they were new. */
    boolean add(int a, int b, int c) {
        int slot = MeshEdges.hash(MeshEdges.hash(a, b), c) & mask;
        while (there[slot]) {
            if (keys[slot * 3] == a && keys[slot * 3 + 1] == b && keys[slot * 3 + 2] == c) {
                return false;
            }
            slot = (slot + 1) & mask;
        }
        there[slot] = true;
        keys[slot * 3] = a;
        keys[slot * 3 + 1] = b;
        keys[slot * 3 + 2] = c;
        return true;
    }

    /** Adds three cells in the order in which they go round, whichever comes first; says whether they were new. */
    boolean turned(int a, int b, int c) {
        return a < b && a < c ? add(a, b, c) : b < c ? add(b, c, a) : add(c, a, b);
    }
}
