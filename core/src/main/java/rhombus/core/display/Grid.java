package rhombus.core.display;

import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * The ground grid of a viewport: lines with a spacing of 1, 2 or 5 times a power of ten metres that follows the scale,
 * in the ground plane, or in the picture plane of an axis view.
 *
 * @param spacing metres between lines
 * @param lines per line seven floats: both ends relative to the eye, then what the line is: 0 minor, 1 every tenth,
 *     2, 3, 4 the X, Y, Z axis
 * @param center middle of the grid relative to the eye
 * @param radius at which lines have faded out, metres; 0 for no fading
 */
public record Grid(double spacing, float[] lines, Vec3 center, double radius) {
    private static final double WANTED_PIXELS = 34;
    private static final int REACH = 24;

    /** Metres between the lines of the grid for a view. */
    public static double spacing(Screen screen, UpAxis up) {
        return spacing(screen, normal(screen.pose(), direction(screen.pose(), up), up));
    }

    private static Direction direction(Pose pose, UpAxis up) {
        return pose.projection().flat() ? Direction.of(pose.orientation(), up) : null;
    }

    private static Vec3 normal(Pose pose, Direction d, UpAxis up) {
        return d == null ? up.up() : snapped(pose.orientation().back());
    }

    /** The grid for a view. */
    public static Grid of(Screen screen, UpAxis up) {
        Pose pose = screen.pose();
        Direction d = direction(pose, up);
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
        int fromU = (int) clamp(Math.ceil((c[u] - half[0]) / spacing));
        int toU = (int) clamp(Math.floor((c[u] + half[0]) / spacing));
        int fromV = (int) clamp(Math.ceil((c[v] - half[1]) / spacing));
        int toV = (int) clamp(Math.floor((c[v] + half[1]) / spacing));
        float[] lines = new float[Math.max(0, toU - fromU + 1 + toV - fromV + 1) * 7];
        double[] eye = {pose.eye().x(), pose.eye().y(), pose.eye().z()};
        int at = 0;
        for (int i = fromU; i <= toU; i++) {
            at = line(
                    lines,
                    at,
                    u,
                    i * spacing,
                    v,
                    c[v] - half[1],
                    c[v] + half[1],
                    eye,
                    i == 0 ? 2 + v : i % 10 == 0 ? 1 : 0);
        }
        for (int i = fromV; i <= toV; i++) {
            at = line(
                    lines,
                    at,
                    v,
                    i * spacing,
                    u,
                    c[u] - half[0],
                    c[u] + half[0],
                    eye,
                    i == 0 ? 2 + u : i % 10 == 0 ? 1 : 0);
        }
        Vec3 middle = new Vec3(c[0] - eye[0], c[1] - eye[1], c[2] - eye[2]);
        return new Grid(spacing, lines, middle, d == null ? REACH * spacing : 0);
    }

    private static double clamp(double v) {
        return Math.max(-1e9, Math.min(1e9, v));
    }

    private static int line(
            float[] out, int at, int fixed, double value, int along, double from, double to, double[] eye, int what) {
        // The third coordinate is that of the plane, zero.
        int third = 3 - fixed - along;
        float across = (float) (value - eye[fixed]);
        float up = (float) -eye[third];
        out[at + fixed] = out[at + 3 + fixed] = across;
        out[at + third] = out[at + 3 + third] = up;
        out[at + along] = (float) (from - eye[along]);
        out[at + 3 + along] = (float) (to - eye[along]);
        out[at + 6] = what;
        return at + 7;
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
