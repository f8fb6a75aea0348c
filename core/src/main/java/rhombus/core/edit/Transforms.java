package rhombus.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/**
 * Moving, turning and scaling of objects. Every result is translation times rotation times scale below its parent, as
 * glTF 2.0, 3.5.3 demands, so that any scene can be written as a file; scaling therefore acts along an object's own axes.
 */
public final class Transforms {
    private static final double SHEAR = 1e-9;

    private Transforms() {}

    /** About which point each object is turned or scaled. */
    public interface About {
        /** The point for a node, in the world. */
        Vec3 of(int node);
    }

    /** Moves objects by so many metres in the world. */
    public static Map<Integer, double[]> move(Scene s, List<Integer> roots, Vec3 delta) {
        Map<Integer, double[]> out = new LinkedHashMap<>();
        for (int n : roots) {
            out.put(n, s.movedLocal(n, delta));
        }
        return out;
    }

    /** Turns objects about a point each. */
    public static Map<Integer, double[]> turn(Scene s, List<Integer> roots, About about, Quat q) {
        Map<Integer, double[]> out = new LinkedHashMap<>();
        for (int n : roots) {
            Vec3 p = about.of(n);
            double[] by = Mat4.trs(p.minus(q.rotate(p)), q, new Vec3(1, 1, 1));
            out.put(n, decomposable(s.transformedLocal(n, by)));
        }
        return out;
    }

    /**
     * Scales objects. An object grows along that of its own axes which lies nearest to each of the given ones; where it
     * stands relative to the point is scaled along the given ones exactly.
     *
     * @param factors for each of the axes, none 0
     */
    public static Map<Integer, double[]> scale(
            Scene s, List<Integer> roots, About about, TransformAxes axes, Vec3 factors) {
        Map<Integer, double[]> out = new LinkedHashMap<>();
        for (int n : roots) {
            double[] w = s.world(n);
            Vec3 p = about.of(n);
            double[] m = s.node(n).local().clone();
            Vec3 own = scaleOf(w);
            int[] which = nearest(w, axes);
            for (int c = 0; c < 3; c++) {
                double k = factors.get(which[c]);
                for (int r = 0; r < 3; r++) {
                    m[c * 4 + r] *= k;
                }
            }
            // Where the point is in the object's own frame stays; then the object goes to where the point must be.
            double[] inverse = Mat4.inverseAffine(w);
            if (inverse == null || own.x() == 0) {
                out.put(n, m);
                continue;
            }
            Vec3 fixed = Mat4.point(inverse, s.pivot(n));
            Vec3 off = s.pivot(n).minus(p);
            Vec3 to = p;
            for (int a = 0; a < 3; a++) {
                Vec3 axis = axes.axis(a);
                to = to.plus(axis, off.dot(axis) * factors.get(a));
            }
            int parent = s.node(n).parent();
            double[] toParent = parent < 0 ? Mat4.identity() : Mat4.inverseAffine(s.world(parent));
            if (toParent != null) {
                Vec3 wanted = Mat4.point(toParent, to);
                Vec3 is = Mat4.point(m, fixed);
                m[12] += wanted.x() - is.x();
                m[13] += wanted.y() - is.y();
                m[14] += wanted.z() - is.z();
            }
            out.put(n, m);
        }
        return out;
    }

    /** For each of an object's own axes the given one that lies nearest, none taken twice. */
    private static int[] nearest(double[] world, TransformAxes axes) {
        int[] out = {-1, -1, -1};
        boolean[] taken = new boolean[3];
        for (int k = 0; k < 3; k++) {
            double best = -1;
            int c = 0;
            int a = 0;
            for (int i = 0; i < 3; i++) {
                Vec3 own = new Vec3(world[i * 4], world[i * 4 + 1], world[i * 4 + 2]).unit();
                for (int j = 0; j < 3; j++) {
                    double d = Math.abs(own.dot(axes.axis(j)));
                    if (out[i] < 0 && !taken[j] && d > best + 1e-12) {
                        best = d;
                        c = i;
                        a = j;
                    }
                }
            }
            out[c] = a;
            taken[a] = true;
        }
        return out;
    }

    /** Lengths of a matrix's three axes; the first is negative where it mirrors. */
    public static Vec3 scaleOf(double[] m) {
        Vec3 a = new Vec3(m[0], m[1], m[2]);
        Vec3 b = new Vec3(m[4], m[5], m[6]);
        Vec3 c = new Vec3(m[8], m[9], m[10]);
        return new Vec3(a.length() * (a.dot(b.cross(c)) < 0 ? -1 : 1), b.length(), c.length());
    }

    /**
     * The local matrix with which a node stands at a point of the world, turned so, its size kept. It is the very array the
     * node has where it stands there already, and where its parent is squashed flat and leaves no place to go to.
     */
    public static double[] standing(Scene s, int node, Vec3 eye, Quat turned) {
        double[] world = s.world(node);
        double[] is = s.node(node).local();
        if (Mat4.origin(world).equals(eye) && Mat4.rotation(world).equals(turned)) {
            return is;
        }
        double[] to = Mat4.trs(eye, turned, scaleOf(world));
        int parent = s.node(node).parent();
        if (parent < 0) {
            return to;
        }
        double[] inverse = Mat4.inverseAffine(s.world(parent));
        return inverse == null ? is : Mat4.times(inverse, to);
    }

    /** The rotation in a matrix, mirroring taken off. */
    public static Quat rotationOf(double[] m) {
        Vec3 s = scaleOf(m);
        double k = s.x() < 0 ? -1 : 1;
        double[] r = m.clone();
        for (int i = 0; i < 3; i++) {
            r[i] *= k;
        }
        return Mat4.rotation(r);
    }

    /** The matrix itself where it has no shear, else the nearest to it that has none: its axes made square, in turn. */
    static double[] decomposable(double[] m) {
        Vec3 a = new Vec3(m[0], m[1], m[2]).unit();
        Vec3 b = new Vec3(m[4], m[5], m[6]).unit();
        Vec3 c = new Vec3(m[8], m[9], m[10]).unit();
        if (Math.abs(a.dot(b)) + Math.abs(b.dot(c)) + Math.abs(c.dot(a)) < SHEAR) {
            return m;
        }
        return Mat4.trs(Mat4.origin(m), rotationOf(m), scaleOf(m));
    }

    /**
     * The angles about X, Y and Z, radians, whose rotations in turn about the fixed axes X, then Y, then Z make this one
     * (extrinsic x-y-z, the Tait-Bryan angles; Diebel 2006). Straight up or down the third is 0.
     */
    public static Vec3 angles(Quat q) {
        Vec3 r = q.right();
        Vec3 u = q.up();
        Vec3 b = q.back();
        double sy = Math.max(-1, Math.min(1, -r.z()));
        if (Math.abs(sy) > 1 - 1e-12) {
            return new Vec3(Math.atan2(-b.y(), u.y()), Math.asin(sy), 0);
        }
        return new Vec3(Math.atan2(u.z(), b.z()), Math.asin(sy), Math.atan2(r.y(), r.x()));
    }

    /** The rotation by angles about X, then Y, then Z, fixed axes all of them. */
    public static Quat ofAngles(Vec3 angles) {
        return Quat.about(Vec3.Z, angles.z())
                .times(Quat.about(Vec3.Y, angles.y()))
                .times(Quat.about(Vec3.X, angles.x()));
    }

    /** Gives an object another rotation and scale below its parent; its pivot point stays where it is. */
    public static double[] placed(Scene s, int node, Quat rotation, Vec3 scale) {
        double[] m = s.node(node).local();
        double[] inverse = Mat4.inverseAffine(s.world(node));
        double[] turned = Mat4.trs(Vec3.ZERO, rotation, scale);
        Vec3 own = inverse == null ? Vec3.ZERO : Mat4.point(inverse, s.pivot(node));
        Vec3 stays = Mat4.point(m, own);
        Vec3 is = Mat4.point(turned, own);
        return Mat4.trs(stays.minus(is), rotation, scale);
    }
}
