package rhombus.core.match;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * First guesses of lens and turning from lines along the axes. Lines that are parallel in the world meet in a vanishing point;
 * those of two square directions tell the focal length (Caprile and Torre 1990). Coordinates are in widths of the picture from
 * its middle, y up.
 */
final class VanishingPoints {
    private static final String[] NAMES = {"X", "Y", "Z"};
    /** Focal lengths tried besides those that follow, in widths of the picture. */
    private static final double[] USUAL = {0.7, 1.5, 4};

    private final MatchConstraints evidence;
    /** For each axis its vanishing point, homogeneous and of length 1, or null. */
    private final Vec3[] points = new Vec3[3];

    /** What is probably wrong where nothing fits, or null. */
    private String complaint;

    VanishingPoints(MatchConstraints evidence) {
        this.evidence = evidence;
        for (int k = 0; k < 3; k++) {
            points[k] = evidence.along(k) >= 2 ? meeting(k) : null;
        }
    }

    String complaint() {
        return complaint;
    }

    private Vec3 at(double x, double y) {
        double w = evidence.width();
        return new Vec3((x - w / 2) / w, (evidence.height() / 2 - y) / w, 1);
    }

    private Vec3 meeting(int axis) {
        List<Vec3> lines = new ArrayList<>();
        for (MatchConstraints.Line l : evidence.lines()) {
            if (l.axis() == axis) {
                Vec3 through = at(l.x1(), l.y1()).cross(at(l.x2(), l.y2()));
                // Longer lines say more about where they lead; the direction of a unit is that of its length.
                lines.add(through);
            }
        }
        return LinearSystems.square(lines);
    }

    /** States from which to look for the best one; the camera stands at the origin in all of them. */
    List<CameraEstimate> guesses() {
        List<Double> focals = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            for (int b = a + 1; b < 3; b++) {
                if (points[a] != null && points[b] != null) {
                    Vec3 p = points[a];
                    Vec3 q = points[b];
                    double squared = -(p.x() * q.x() + p.y() * q.y()) / (p.z() * q.z());
                    if (squared > 1e-4 && squared < 1e6) {
                        focals.add(Math.sqrt(squared));
                    }
                }
            }
        }
        for (double f : USUAL) {
            focals.add(f);
        }
        List<CameraEstimate> out = new ArrayList<>();
        for (double f : focals) {
            Quat q = turned(f);
            if (q != null) {
                out.add(new CameraEstimate(f * evidence.width(), q, Vec3.ZERO));
            }
        }
        return out;
    }

    /** The turning at a focal length, the axes made square to each other; null where they make no frame. */
    private Quat turned(double focal) {
        Vec3[] d = new Vec3[3];
        int known = 0;
        for (int k = 0; k < 3; k++) {
            if (points[k] != null) {
                d[k] = directed(k, focal);
                known++;
            }
        }
        if (known == 3 && d[0].cross(d[1]).dot(d[2]) < 0) {
            throw new IllegalArgumentException(say("vanishing.the-lines-along-x-y"));
        }
        for (int k = 0; k < 3; k++) {
            if (d[k] == null) {
                d[k] = d[(k + 1) % 3].cross(d[(k + 2) % 3]).unit();
            }
        }
        // In turn, from the two that were seen.
        int first = points[0] != null ? 0 : 1;
        int second = first == 0 && points[1] != null ? 1 : 2;
        Vec3 a = d[first];
        Vec3 b = d[second].plus(a, -a.dot(d[second]));
        if (b.length() < 1e-9) {
            return null;
        }
        b = b.unit();
        Vec3 c = (first + 1) % 3 == second ? a.cross(b) : b.cross(a);
        Vec3[] square = new Vec3[3];
        square[first] = a;
        square[second] = b;
        square[3 - first - second] = c;
        // The axes of the world in the camera's frame: the inverse of where the camera is turned.
        return Quat.ofBasis(square[0], square[1], square[2]).inverse();
    }

    /** The direction of an axis in the camera's frame, the way its lines point. */
    private Vec3 directed(int axis, double focal) {
        Vec3 v = points[axis];
        Vec3 d = new Vec3(v.x() / focal, v.y() / focal, -v.z()).unit();
        double along = 0;
        int against = 0;
        int all = 0;
        for (MatchConstraints.Line l : evidence.lines()) {
            if (l.axis() != axis) {
                continue;
            }
            Vec3 a = at(l.x1(), l.y1());
            Vec3 b = at(l.x2(), l.y2());
            Vec3 m = a.mix(b, 0.5);
            // Where a point of the picture goes that moves along the axis.
            double way = (b.x() - a.x()) * (v.x() - m.x() * v.z()) + (b.y() - a.y()) * (v.y() - m.y() * v.z());
            along += way;
            against += way < 0 ? 1 : 0;
            all++;
        }
        if (against > 0 && against < all) {
            complaint = say("vanishing.the-lines-along-point-both", NAMES[axis]);
        }
        return along < 0 ? d.negated() : d;
    }
}
