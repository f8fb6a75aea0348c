package rhombus.core.glossary;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** Draws lines of the world as a pose sees them. */
final class LineDrawing {
    static final double WIDTH = 320;
    static final double HEIGHT = 220;
    /** Nothing nearer to a perspective eye is drawn, metres. */
    private static final double NEAR = 0.05;

    private final Screen screen;
    private final double near;
    private final double far;
    private final List<DrawnLine> strokes = new ArrayList<>();

    /** A picture in which only what lies between two depths is drawn, metres. */
    LineDrawing(Pose pose, Crop crop, double near, double far) {
        screen = new Screen(pose, WIDTH, HEIGHT, crop);
        this.near = pose.projection().flat() ? near : Math.max(NEAR, near);
        this.far = far;
    }

    LineDrawing(Pose pose) {
        this(pose, Crop.NONE, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    List<DrawnLine> strokes() {
        return strokes;
    }

    void ground() {
        for (int i = -ExampleWorld.GROUND; i <= ExampleWorld.GROUND; i++) {
            line("ground", new Vec3(i, 0, -ExampleWorld.GROUND), new Vec3(i, 0, ExampleWorld.GROUND));
            line("ground", new Vec3(-ExampleWorld.GROUND, 0, i), new Vec3(ExampleWorld.GROUND, 0, i));
        }
    }

    /** The edges that look at the eye in one tone, and the others in another, or not at all where it is null. */
    void solid(ConvexSolid s, String front, String behind) {
        for (ConvexSolid.Edge e : s.edges(screen.pose())) {
            String tone = e.front() ? front : behind;
            if (tone != null) {
                line(tone, e.from(), e.to());
            }
        }
    }

    void world() {
        ground();
        ExampleWorld.ALL.forEach(s -> solid(s, "line", null));
    }

    /** A lozenge on a point, so many pixels wide. */
    void mark(Vec3 p, double size) {
        Vec3 at = screen.project(p);
        if (at.z() >= near && at.z() <= far) {
            double r = size / 2;
            strokes.add(new DrawnLine("mark", new double[] {
                at.x(), at.y() - r, at.x() + r, at.y(), at.x(), at.y() + r, at.x() - r, at.y(), at.x(), at.y() - r
            }));
        }
    }

    /** A line, as much of it as lies between the two depths. */
    void line(String tone, Vec3 from, Vec3 to) {
        double a = screen.pose().depth(from);
        double b = screen.pose().depth(to);
        double[] part = {0, 1};
        if (!clip(part, a - near, b - near) || !clip(part, far - a, far - b)) {
            return;
        }
        Vec3 p = screen.project(from.mix(to, part[0]));
        Vec3 q = screen.project(from.mix(to, part[1]));
        strokes.add(new DrawnLine(tone, new double[] {p.x(), p.y(), q.x(), q.y()}));
    }

    /** Keeps the part of a way on which a value that changes evenly is not negative (Liang and Barsky, 1984). */
    private static boolean clip(double[] part, double atStart, double atEnd) {
        if (atStart < 0 && atEnd < 0) {
            return false;
        }
        if (atStart < 0) {
            part[0] = Math.max(part[0], atStart / (atStart - atEnd));
        } else if (atEnd < 0) {
            part[1] = Math.min(part[1], atStart / (atStart - atEnd));
        }
        return part[0] <= part[1];
    }
}
