package rhombus.formats.model;

import java.util.Arrays;

/** Gives positions numbers, those at exactly one place the same. */
public final class VertexWeld {
    private final NumberList positions = new NumberList();
    private int[] table = new int[256];

    /** Creates one without positions. */
    public VertexWeld() {
        Arrays.fill(table, -1);
    }

    /** The number of a position. */
    public int of(float x, float y, float z) {
        // Minus zero is where zero is.
        float px = x + 0f;
        float py = y + 0f;
        float pz = z + 0f;
        int slot = slot(px, py, pz);
        if (table[slot] >= 0) {
            return table[slot];
        }
        int number = positions.size() / 3;
        table[slot] = number;
        positions.add(px);
        positions.add(py);
        positions.add(pz);
        if (number * 2 > table.length) {
            table = new int[table.length * 2];
            Arrays.fill(table, -1);
            for (int i = 0; i <= number; i++) {
                table[
                        slot((float) positions.get(i * 3), (float) positions.get(i * 3 + 1), (float)
                                positions.get(i * 3 + 2))] = i;
            }
        }
        return number;
    }

    /** Where the position is in the table, or would be. */
    private int slot(float x, float y, float z) {
        int h = Float.floatToIntBits(x) * 0x9E3779B1
                + Float.floatToIntBits(y) * 0x85EBCA77
                + Float.floatToIntBits(z) * 0xC2B2AE3D;
        // Round coordinates differ in their upper bits alone: these are spread over all (Appleby, MurmurHash3's last
        // step).
        h = (h ^ h >>> 16) * 0x85EBCA6B;
        h = (h ^ h >>> 13) * 0xC2B2AE35;
        int slot = (h ^ h >>> 16) & table.length - 1;
        while (table[slot] >= 0) {
            int k = table[slot] * 3;
            if (positions.get(k) == x && positions.get(k + 1) == y && positions.get(k + 2) == z) {
                return slot;
            }
            slot = slot + 1 & table.length - 1;
        }
        return slot;
    }

    /** All positions by their numbers. */
    public NumberList positions() {
        return positions;
    }
}
