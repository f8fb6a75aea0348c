package rhombus.core.board;

import java.util.ArrayList;
import java.util.List;

/**
 * A contact sheet: pictures in a table as square as there can be, each with a line of words below it.
 *
 * @param boxes of the pictures, row by row, pixels
 * @param line height of a caption, pixels
 */
public record ContactSheet(List<StageRect> boxes, double line) {
    private static final double MARGIN = 0.012;
    private static final double LINE = 0.042;
    private static final double LEAST_LINE = 24;

    /** Lays out so many pictures on a sheet of some size. */
    public static ContactSheet of(int count, double width, double height) {
        int columns = (int) Math.ceil(Math.sqrt(count));
        int rows = (count + columns - 1) / columns;
        double gap = Math.max(2, Math.rint(Math.min(width, height) * MARGIN));
        double line = Math.rint(Math.min(height / rows / 3, Math.max(LEAST_LINE, height * LINE)));
        double w = Math.max(1, Math.floor((width - gap * (columns + 1)) / columns));
        double h = Math.max(1, Math.floor((height - gap) / rows - gap - line));
        List<StageRect> out = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            out.add(new StageRect(gap + i % columns * (w + gap), gap + i / columns * (h + line + gap), w, h));
        }
        return new ContactSheet(out, line);
    }
}
