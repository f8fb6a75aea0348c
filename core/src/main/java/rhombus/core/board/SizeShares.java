package rhombus.core.board;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** How parts of a row or column share its room. */
final class SizeShares {
    /** Room between two parts, CSS pixels. */
    static final double GAP = 3;

    private SizeShares() {}

    static List<Double> even(int count) {
        return Collections.nCopies(count, 1.0 / count);
    }

    /** The same proportions, together exactly as much as 1 as numbers allow. */
    static List<Double> whole(List<Double> shares) {
        double sum = 0;
        for (double s : shares) {
            sum += s;
        }
        List<Double> out = new ArrayList<>();
        for (double s : shares) {
            out.add(s / sum);
        }
        return out;
    }

    /**
     * Where each part begins and how long it is, in whole pixels where the room is whole: the first of each pair is the
     * place, the second the length. What is left over after rounding goes to the last part.
     */
    static double[] places(List<Double> shares, double from, double room) {
        int n = shares.size();
        double free = Math.max(n, room - GAP * (n - 1));
        double[] out = new double[n * 2];
        double sum = 0;
        double before = 0;
        for (int i = 0; i < n; i++) {
            sum += shares.get(i);
            // A share of one half must not lose its last pixel to the last bit of a sum.
            double end = i == n - 1
                    ? free
                    : Math.min(free - (n - 1 - i), Math.max(before + 1, Math.floor(sum * free + 1e-6)));
            out[i * 2] = from + before + GAP * i;
            out[i * 2 + 1] = end - before;
            before = end;
        }
        return out;
    }
}
