package rhombus.core.display;

import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * The ground grid of a viewport: lines with a spacing of 1, 2 or 5 times a power of ten metres that follows the scale,
 * in the ground plane, or in the picture plane of an axis view. What is told is where rows of lines begin, relative to the eye,
 * so that nothing jitters far from the origin; whoever draws counts on from there.
 *
 * @param spacing metres between lines
 * @param height the plane's place on the axis across it, relative to the eye, metres
 * @param u axis along which the lines of the first row follow each other: 0 X, 1 Y, 2 Z
 * @param v the same of the second row; it is the axis along which the lines of the first run
 * @param center middle of the grid relative to the eye
 * @param radius at which lines have faded out, metres; 0 for no fading
 */
public record Grid(double spacing, double height, int u, int v, Row first, Row second, Vec3 center, double radius) {
    /**
     * Lines that run alike, one spacing apart.
     *
     * @param at where the first stands on the axis of the row, relative to the eye, metres
     * @param from where all of them begin on the other axis, relative to the eye, metres
     * @param to where they end
     * @param count how many there are
     * @param ten which of the first ten is one of every tenth, counted from 0
     * @param axis which of them is the axis of the world, or -1
     */
    public record Row(double at, double from, double to, int count, int ten, int axis) {
        private Row showing(double spacing, boolean lines, boolean axes) {
            if (lines) {
                // An axis that is not shown leaves one of every tenth.
                return axes ? this : new Row(at, from, to, count, ten, -1);
            }
            boolean one = axes && axis >= 0;
            return new Row(at + Math.max(0, axis) * spacing, from, to, one ? 1 : 0, 0, one ? 0 : -1);
        }
    }

    private static final double WANTED_PIXELS = 34;
    private static final int REACH = 24;

    /** Metres between the lines of the grid for a view. */
    public static double spacing(Screen screen, UpAxis up) {
        return spacing(screen, normal(screen.pose(), direction(screen.pose(), up), up));
    }

    private static AxisDirection direction(Pose pose, UpAxis up) {
        return pose.projection().flat() ? AxisDirection.of(pose.orientation(), up) : null;
    }

    private static Vec3 normal(Pose pose, AxisDirection d, UpAxis up) {
        return d == null ? up.up() : snapped(pose.orientation().back());
    }

    /** The grid for a view. */
    public static Grid of(Screen screen, UpAxis up) {
        Pose pose = screen.pose();
        AxisDirection d = direction(pose, up);
        Vec3 normal = normal(pose, d, up);
        int u = normal.x() != 0 ? 1 : 0;
        int v = normal.z() != 0 ? 1 : 2;
        double spacing = spacing(screen, normal);
        double[] c = center(screen, normal, d != null);
        double[] half = {REACH * spacing, REACH * spacing};
        if (d != null) {
            double across = screen.metresPerPixel(1) * Math.max(screen.width(), screen.height());
            half[0] = half[1] = across * 0.75;
        }
        double[] eye = {pose.eye().x(), pose.eye().y(), pose.eye().z()};
        Row first = row(spacing, c[u], half[0], c[v], half[1], eye[u], eye[v]);
        Row second = row(spacing, c[v], half[1], c[u], half[0], eye[v], eye[u]);
        Vec3 middle = new Vec3(c[0] - eye[0], c[1] - eye[1], c[2] - eye[2]);
        double radius = d == null ? REACH * spacing : 0;
        return new Grid(spacing, -eye[3 - u - v], u, v, first, second, middle, radius);
    }

    /** The same with all lines, without those that are axes of the world, with these alone, or with none. */
    public Grid showing(boolean lines, boolean axes) {
        return new Grid(
                spacing,
                height,
                u,
                v,
                first.showing(spacing, lines, axes),
                second.showing(spacing, lines, axes),
                center,
                radius);
    }

    private static Row row(
            double spacing, double center, double half, double along, double length, double eye, double eyeAlong) {
        long from = (long) clamp(Math.ceil((center - half) / spacing));
        long to = (long) clamp(Math.floor((center + half) / spacing));
        int count = (int) Math.max(0, to - from + 1);
        return new Row(
                from * spacing - eye,
                along - length - eyeAlong,
                along + length - eyeAlong,
                count,
                (int) Math.floorMod(-from, 10L),
                from <= 0 && to >= 0 ? (int) -from : -1);
    }

    /**
     * Twenty numbers for whoever draws: spacing, height, u, v; of each row where it stands, begins and ends, and its count; of
     * each row its tenth and its axis; centre and radius.
     */
    public float[] numbers() {
        return new float[] {
            (float) spacing,
            (float) height,
            u,
            v,
            (float) first.at,
            (float) first.from,
            (float) first.to,
            first.count,
            (float) second.at,
            (float) second.from,
            (float) second.to,
            second.count,
            first.ten,
            first.axis,
            second.ten,
            second.axis,
            (float) center.x(),
            (float) center.y(),
            (float) center.z(),
            (float) radius
        };
    }

    private static double clamp(double v) {
        return Math.max(-1e9, Math.min(1e9, v));
    }

    /** Smallest of 1, 2, 5 times a power of ten whose lines stand at least {@link #WANTED_PIXELS} apart. */
    static double nice(double least) {
        double power = Math.pow(10, Math.floor(Math.log10(least)));
        double f = least / power;
        return power * (f <= 1 ? 1 : f <= 2 ? 2 : f <= 5 ? 5 : 10);
    }

    private static double spacing(Screen screen, Vec3 normal) {
        Pose p = screen.pose();
        double depth = p.focus();
        if (!p.projection().flat()) {
            // Standing high above the ground, what counts is how far below it lies.
            depth = Math.max(depth, Math.abs(p.eye().dot(normal)));
        }
        return nice(Math.max(1e-9, screen.metresPerPixel(depth) * WANTED_PIXELS));
    }

    private static double[] center(Screen screen, Vec3 normal, boolean facing) {
        Pose p = screen.pose();
        Vec3 f = p.focusPoint();
        Ray sight = new Ray(p.eye(), p.forward());
        double t = sight.plane(Vec3.ZERO, normal);
        Vec3 c = f;
        if (facing || t > 0 && t < p.focus() * 3) {
            c = sight.at(t);
        }
        c = c.plus(normal, -c.dot(normal));
        return new double[] {c.x(), c.y(), c.z()};
    }

    private static Vec3 snapped(Vec3 n) {
        return new Vec3(Math.rint(n.x()), Math.rint(n.y()), Math.rint(n.z()));
    }
}
