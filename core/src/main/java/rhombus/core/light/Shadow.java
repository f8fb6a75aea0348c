package rhombus.core.light;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.BoxEdges;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/**
 * What a light sees of a scene: all that is in it casts shadows, what lies far off by itself aside.
 *
 * @param lamp its number among the lights
 * @param matrices its view and its projection, column-major
 * @param texel size of a place of its picture in the scene, metres; for a spot at the middle of the scene
 * @param bias how much farther than what hides it something may be and still be lit, parts of the depth of its picture
 */
record Shadow(int lamp, double[] matrices, double texel, double bias) {
    /** Places of the picture along each side. */
    static final int SIZE = 2048;

    /** Room about everything, parts of the whole. */
    private static final double ROOM = 0.01;

    private static final double CONE_BIAS = 2e-5;

    /** From so many objects on some of them can be said to lie by themselves. */
    private static final int ALONE = 20;

    private static final double NEARLY_ALL = 0.95;
    /** So many times as far from the middle as nearly all. */
    private static final double FAR = 3;

    /** The widest cone that is drawn into a picture, cosine of half its angle. */
    private static final double WIDEST = Math.cos(Math.toRadians(75));

    /** Of the strongest directional light, or else of the strongest spot; null where there is neither or nothing to see. */
    static Shadow of(Scene scene, List<Lamp> lamps) {
        int best = -1;
        for (int i = 0; i < lamps.size(); i++) {
            Lamp l = lamps.get(i);
            if (l.kind() != Lamp.Kind.POINT && (best < 0 || rank(l) > rank(lamps.get(best)))) {
                best = i;
            }
        }
        List<Vec3> corners = corners(scene);
        if (best < 0 || corners.isEmpty()) {
            return null;
        }
        Lamp l = lamps.get(best);
        return l.kind() == Lamp.Kind.SPOT ? cone(best, l, corners) : sun(best, l, corners);
    }

    private static double rank(Lamp l) {
        return l.kind() == Lamp.Kind.DIRECTIONAL ? 1e12 + l.strength() : l.strength();
    }

    /** Corners of the boxes of all that may cast shadows. */
    private static List<Vec3> corners(Scene scene) {
        List<Aabb> boxes = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            Aabb b = scene.bounds(i);
            if (scene.shown(i) && !scene.node(i).meshes().isEmpty() && !b.isEmpty()) {
                boxes.add(b);
            }
        }
        List<Vec3> out = new ArrayList<>();
        for (Aabb b : together(boxes)) {
            for (int k = 0; k < 8; k++) {
                out.add(BoxEdges.corner(b, k));
            }
        }
        return out;
    }

    /** Without what lies by itself far from nearly all others: for its sake all shadows would be coarse. */
    private static List<Aabb> together(List<Aabb> boxes) {
        if (boxes.size() < ALONE) {
            return boxes;
        }
        Vec3 middle = new Vec3(middle(boxes, 0), middle(boxes, 1), middle(boxes, 2));
        double[] away =
                boxes.stream().mapToDouble(b -> b.center().distance(middle)).toArray();
        double[] sorted = away.clone();
        Arrays.sort(sorted);
        double reach = FAR * sorted[(int) (NEARLY_ALL * (sorted.length - 1))];
        List<Aabb> out = new ArrayList<>();
        for (int i = 0; i < away.length; i++) {
            if (away[i] <= reach) {
                out.add(boxes.get(i));
            }
        }
        return out;
    }

    private static double middle(List<Aabb> boxes, int axis) {
        double[] d =
                boxes.stream().mapToDouble(b -> b.center().get(axis)).sorted().toArray();
        return d[d.length / 2];
    }

    private static double[] look(Lamp l, Vec3 from) {
        Vec3 back = l.toward().times(-1);
        Vec3 side = Math.abs(back.y()) < 0.99 ? Vec3.Y : Vec3.X;
        Vec3 right = side.cross(back).unit();
        Quat turn = Quat.ofBasis(right, back.cross(right), back);
        return Mat4.inverseAffine(Mat4.trs(from, turn, new Vec3(1, 1, 1)));
    }

    private static Shadow sun(int lamp, Lamp l, List<Vec3> corners) {
        double[] view = look(l, corners.get(0));
        Aabb box = Aabb.EMPTY;
        for (Vec3 c : corners) {
            Vec3 p = Mat4.point(view, c);
            box = box.union(new Aabb(p, p));
        }
        double room = Math.max(1e-6, box.radius() * ROOM);
        double half = Math.max(box.size().x(), box.size().y()) / 2 + room;
        double depth = box.size().z() / 2 + room;
        Vec3 m = box.center();
        double[] projection = new double[16];
        projection[0] = 1 / half;
        projection[5] = 1 / half;
        projection[10] = -1 / depth;
        projection[12] = -m.x() / half;
        projection[13] = -m.y() / half;
        projection[14] = m.z() / depth;
        projection[15] = 1;
        return new Shadow(lamp, both(view, projection), 2 * half / SIZE, half / SIZE / depth);
    }

    private static Shadow cone(int lamp, Lamp l, List<Vec3> corners) {
        double[] view = look(l, l.place());
        double far = 0;
        double sum = 0;
        for (Vec3 c : corners) {
            double away = c.distance(l.place());
            far = Math.max(far, away);
            sum += away;
        }
        far = l.range() > 0 ? Math.min(far, l.range()) : far;
        double near = far * 1e-3;
        double cos = Math.max(WIDEST, l.outer());
        double tan = Math.sqrt(1 - cos * cos) / cos * (1 + ROOM);
        double[] projection = new double[16];
        projection[0] = 1 / tan;
        projection[5] = 1 / tan;
        projection[10] = -(far + near) / (far - near);
        projection[11] = -1;
        projection[14] = -2 * far * near / (far - near);
        return new Shadow(lamp, both(view, projection), 2 * tan * sum / corners.size() / SIZE, CONE_BIAS);
    }

    private static double[] both(double[] view, double[] projection) {
        double[] out = new double[32];
        System.arraycopy(view, 0, out, 0, 16);
        System.arraycopy(projection, 0, out, 16, 16);
        return out;
    }

    /** From the world to its picture, 0 to 1 in all three. */
    double[] toPicture() {
        double[] view = new double[16];
        double[] projection = new double[16];
        System.arraycopy(matrices, 0, view, 0, 16);
        System.arraycopy(matrices, 16, projection, 0, 16);
        double[] half = Mat4.trs(new Vec3(0.5, 0.5, 0.5), Quat.IDENTITY, new Vec3(0.5, 0.5, 0.5));
        return Mat4.times(half, Mat4.times(projection, view));
    }
}
