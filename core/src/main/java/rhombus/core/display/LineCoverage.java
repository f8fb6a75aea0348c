package rhombus.core.display;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Screen;

/**
 * How much of the picture lines would cover, cell by cell. Many objects that lie over each other fill a place together, though each by
 * itself would leave it open; where they do, each draws only its share.
 */
public final class LineCoverage {
    /** Side of a cell, pixels. */
    private static final double CELL = 24;
    /** What lines may cover of a cell if none lay over another, parts of it. */
    private static final double COVER = 1;
    /** Cells along a side at most. */
    private static final int MOST = 96;

    private final Screen screen;
    private final Vec3 right;
    private final Vec3 up;
    private final int columns;
    private final int rows;
    private final double[] ink;
    private int left;
    private int top;
    private int end;
    private int bottom;

    /** Nothing is drawn yet in a viewport. */
    public LineCoverage(Screen screen) {
        this.screen = screen;
        right = screen.pose().orientation().right();
        up = screen.pose().orientation().up();
        columns = Math.max(1, Math.min(MOST, (int) Math.ceil(screen.width() / CELL)));
        rows = Math.max(1, Math.min(MOST, (int) Math.ceil(screen.height() / CELL)));
        ink = new double[columns * rows];
    }

    /** Lines of so many pixels altogether are spread over the place of a box. */
    public void add(Aabb box, double pixels) {
        if (!cells(box)) {
            return;
        }
        double each = pixels / ((end - left) * (bottom - top));
        for (int r = top; r < bottom; r++) {
            for (int c = left; c < end; c++) {
                ink[r * columns + c] += each;
            }
        }
    }

    /** The part of its lines that an object in a box draws, above 0 to 1. */
    public double share(Aabb box) {
        if (!cells(box)) {
            return 1;
        }
        double room = COVER * screen.width() / columns * screen.height() / rows;
        double sum = 0;
        for (int r = top; r < bottom; r++) {
            for (int c = left; c < end; c++) {
                sum += Math.min(1, room / Math.max(1, ink[r * columns + c]));
            }
        }
        return sum / ((end - left) * (bottom - top));
    }

    /** Finds the cells that a box covers; false where it lies about the eye or beside the picture. */
    private boolean cells(Aabb box) {
        Vec3 s = screen.project(box.center());
        boolean flat = screen.pose().projection().flat();
        if (!flat && s.z() <= box.radius()) {
            return false;
        }
        double m = screen.metresPerPixel(flat ? 1 : s.z());
        double w = reach(box, right) / m;
        double h = reach(box, up) / m;
        left = column(s.x() - w, columns, screen.width());
        end = Math.min(columns, column(s.x() + w, columns, screen.width()) + 1);
        top = column(s.y() - h, rows, screen.height());
        bottom = Math.min(rows, column(s.y() + h, rows, screen.height()) + 1);
        return left < end && top < bottom;
    }

    private static int column(double at, int count, double size) {
        return (int) Math.max(0, Math.min(count, Math.floor(at / size * count)));
    }

    private static double reach(Aabb box, Vec3 axis) {
        Vec3 size = box.size();
        return (size.x() * Math.abs(axis.x()) + size.y() * Math.abs(axis.y()) + size.z() * Math.abs(axis.z())) / 2;
    }
}
