package rhombus.core.submit;

import rhombus.core.display.Srgb;

/**
 * Lines as quads that are widened on the screen: four corners a line. {@code ends} holds six numbers a corner, both ends of its line;
 * {@code corners} four whole numbers: which end it belongs to, which side of the line, its strength, and the number of its part.
 */
final class LineQuads {
    /** Indices of a line. */
    static final int INDICES = 6;

    final float[] ends;
    final short[] corners;
    final int[] indices;

    LineQuads(int count) {
        ends = new float[count * 24];
        corners = new short[count * 16];
        indices = new int[count * INDICES];
        for (int i = 0; i < count; i++) {
            int v = i * 4;
            int to = i * INDICES;
            indices[to] = indices[to + 3] = v;
            indices[to + 1] = v + 1;
            indices[to + 2] = indices[to + 4] = v + 2;
            indices[to + 5] = v + 3;
        }
    }

    /**
     * What stands for the strength of a stroke that has a colour of its own: five bits each of red, green and blue as a screen's
     * signal, minus one and downwards.
     */
    static int colored(double red, double green, double blue) {
        return -1 - (five(red) << 10 | five(green) << 5 | five(blue));
    }

    private static int five(double linear) {
        return (int) Math.round(31 * Srgb.signal(Math.max(0, Math.min(1, linear))));
    }

    /** Writes a line between two points of an array, three numbers each. */
    void put(int line, float[] points, int a, int b, int strength, int slot) {
        for (int k = 0; k < 4; k++) {
            int corner = line * 4 + k;
            for (int c = 0; c < 3; c++) {
                ends[corner * 6 + c] = points[a * 3 + c];
                ends[corner * 6 + 3 + c] = points[b * 3 + c];
            }
            corners[corner * 4] = (short) (k >> 1);
            corners[corner * 4 + 1] = (short) (k == 1 || k == 2 ? 1 : -1);
            corners[corner * 4 + 2] = (short) strength;
            corners[corner * 4 + 3] = (short) slot;
        }
    }
}
