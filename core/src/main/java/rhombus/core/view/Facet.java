package rhombus.core.view;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;

/**
 * The Facet: a rhombic dodecahedron that turns with the scene. Its 6 four-edged corners are the axis views, its 12 faces the
 * two-axis views, its 8 three-edged corners the isometric ones: all 26 standard directions in one solid.
 *
 * <p>Points are on the picture of the solid: x to the right, y down, its farthest corners at distance 1 from the middle.
 */
public final class Facet {
    /** How near to a corner a point means the corner and not a face. */
    private static final double CORNER = 0.24;

    private final Quat toCamera;
    private final UpAxis up;

    /** The solid as a camera with this orientation sees it. */
    public Facet(Quat orientation, UpAxis up) {
        this.toCamera = orientation.inverse();
        this.up = up;
    }

    /**
     * A corner on the visible side.
     *
     * @param direction that it stands for
     * @param x on the picture
     * @param y on the picture
     * @param depth towards the viewer, -1 to 1
     */
    public record Corner(Standard direction, double x, double y, double depth) {}

    /**
     * A face that is seen from outside.
     *
     * @param direction that it stands for
     * @param points x and y of its four corners in turn
     * @param facing cosine of the angle between its normal and the viewer, 0 to 1
     */
    public record Face(Standard direction, double[] points, double facing) {}

    /** Place of a corner: axis corners at 1, isometric ones at sqrt(3)/2 (cube corners (±1, ±1, ±1)/2). */
    private Vec3 place(Standard s) {
        double k = s.axes() == 1 ? 1 : 0.5;
        return toCamera.rotate(
                up.right().times(s.x() * k).plus(up.up(), s.y() * k).plus(up.front(), s.z() * k));
    }

    /** The four corners of a face in turn: axis, isometric, axis, isometric. */
    private static List<Standard> cornersOf(Standard face) {
        Standard a;
        Standard b;
        Standard c;
        Standard d;
        if (face.x() == 0) {
            a = new Standard(0, face.y(), 0);
            c = new Standard(0, 0, face.z());
            b = new Standard(1, face.y(), face.z());
            d = new Standard(-1, face.y(), face.z());
        } else if (face.y() == 0) {
            a = new Standard(face.x(), 0, 0);
            c = new Standard(0, 0, face.z());
            b = new Standard(face.x(), 1, face.z());
            d = new Standard(face.x(), -1, face.z());
        } else {
            a = new Standard(face.x(), 0, 0);
            c = new Standard(0, face.y(), 0);
            b = new Standard(face.x(), face.y(), 1);
            d = new Standard(face.x(), face.y(), -1);
        }
        return List.of(a, b, c, d);
    }

    private double facing(Standard face) {
        return toCamera.rotate(face.towardsEye(up)).z();
    }

    /** The faces that are seen. */
    public List<Face> faces() {
        List<Face> out = new ArrayList<>();
        for (Standard s : Standard.all()) {
            if (s.axes() != 2 || facing(s) <= 1e-9) {
                continue;
            }
            double[] points = new double[8];
            int at = 0;
            for (Standard corner : cornersOf(s)) {
                Vec3 p = place(corner);
                points[at++] = p.x();
                points[at++] = -p.y();
            }
            out.add(new Face(s, points, facing(s)));
        }
        return out;
    }

    /** The corners of the faces that are seen, the nearest one last. */
    public List<Corner> corners() {
        List<Corner> out = new ArrayList<>();
        Set<Standard> seen = new LinkedHashSet<>();
        for (Face f : faces()) {
            seen.addAll(cornersOf(f.direction));
        }
        for (Standard s : seen) {
            Vec3 p = place(s);
            out.add(new Corner(s, p.x(), -p.y(), p.z()));
        }
        out.sort((a, b) -> Double.compare(a.depth, b.depth));
        return out;
    }

    /** The direction a point of the picture stands for; null beside the solid. */
    public Standard at(double x, double y) {
        Standard best = null;
        double nearest = CORNER;
        for (Corner c : corners()) {
            double d = Math.hypot(c.x - x, c.y - y);
            if (d < nearest) {
                nearest = d;
                best = c.direction;
            }
        }
        for (Face f : best == null ? faces() : List.<Face>of()) {
            if (inside(f.points, x, y)) {
                return f.direction;
            }
        }
        return best;
    }

    private static boolean inside(double[] p, double x, double y) {
        int sign = 0;
        for (int i = 0; i < 4; i++) {
            int k = (i + 1) % 4;
            double cross = (p[2 * k] - p[2 * i]) * (y - p[2 * i + 1]) - (p[2 * k + 1] - p[2 * i + 1]) * (x - p[2 * i]);
            int s = cross > 0 ? 1 : -1;
            if (sign != 0 && s != sign) {
                return false;
            }
            sign = s;
        }
        return true;
    }

    /**
     * The direction next to one, as somebody who looks from there sees its neighbours.
     *
     * @param dx -1 left, 1 right
     * @param dy -1 down, 1 up
     */
    public static Standard next(Standard from, int dx, int dy, UpAxis up) {
        Quat q = from.orientation(up).inverse();
        Standard best = from;
        double most = 0;
        for (Standard s : Standard.all()) {
            Vec3 v = q.rotate(s.towardsEye(up));
            double along = v.x() * dx + v.y() * dy;
            double across = Math.abs(v.x() * dy - v.y() * dx);
            // What lies less than a right angle away and most nearly in line.
            if (v.z() > 0.1 && along > 0.1 && along - 2 * across + 1 > most) {
                most = along - 2 * across + 1;
                best = s;
            }
        }
        return best;
    }
}
