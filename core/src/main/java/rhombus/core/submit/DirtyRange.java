package rhombus.core.submit;

import java.util.Arrays;

/** What of some buffers was written, from a first unit to a last one: what must be sent to the graphics card again. */
final class DirtyRange {
    /** Positions and extras, in vertices. */
    static final int VERTICES = 0;
    /** Indices of all triangles, in corners. */
    static final int INDICES = 1;
    /** State, in parts. */
    static final int STATE = 2;
    /** Corners by themselves, in corners. */
    static final int CORNERS = 3;
    /** Lines, in lines. */
    static final int LINES = 4;

    /** Middles and sizes, in parts. */
    static final int POINTS = 5;

    /** Boxes, in lines. */
    static final int BOXES = 6;

    static final int KINDS = 7;

    private final int[] from = new int[KINDS];
    private final int[] to = new int[KINDS];

    void add(int kind, int first, int end) {
        from[kind] = to[kind] == 0 ? first : Math.min(from[kind], first);
        to[kind] = Math.max(to[kind], end);
    }

    /** For each kind the first unit and the one after the last, equal where nothing was written; it starts again from nothing. */
    int[] take() {
        int[] out = new int[KINDS * 2];
        for (int k = 0; k < KINDS; k++) {
            out[k * 2] = from[k];
            out[k * 2 + 1] = to[k];
        }
        Arrays.fill(from, 0);
        Arrays.fill(to, 0);
        return out;
    }
}
