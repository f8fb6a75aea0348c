package rhombus.core.light;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.AimAt;
import rhombus.core.scene.DenseRegion;
import rhombus.core.scene.Scene;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * What a light sees of a scene: all that is in it casts shadows, what lies far off by itself aside.
 *
 * @param lamp its number among the lights
 * @param matrices its view and its projection, column-major
 * @param texel size of a place of its picture in the scene, metres; for a spot at the middle of the scene
 * @param bias how much farther than what hides it something may be and still be lit, parts of the depth of its picture
 */
record ShadowMap(int lamp, double[] matrices, double texel, double bias) {
    /** Places of the picture along each side. */
    static final int SIZE = 2048;

    /** Room about everything, parts of the whole. */
    private static final double ROOM = 0.01;

    private static final double CONE_BIAS = 2e-5;

    /** The widest cone that is drawn into a picture, cosine of half its angle. */
    private static final double WIDEST = Math.cos(Math.toRadians(75));

    /** Of the strongest directional light, or else of the strongest spot; null where there is neither or nothing to see. */
    static ShadowMap of(Scene scene, List<PlacedLight> lamps) {
        int best = -1;
        for (int i = 0; i < lamps.size(); i++) {
            PlacedLight l = lamps.get(i);
            if (l.kind() != PlacedLight.Kind.POINT && (best < 0 || rank(l) > rank(lamps.get(best)))) {
                best = i;
            }
        }
        List<Vec3> corners = corners(scene);
        if (best < 0 || corners.isEmpty()) {
            return null;
        }
        PlacedLight l = lamps.get(best);
        return l.kind() == PlacedLight.Kind.SPOT ? cone(scene, best, l, corners) : sun(scene, best, l, corners);
    }

    private static double rank(PlacedLight l) {
        return l.kind() == PlacedLight.Kind.DIRECTIONAL ? 1e12 + l.strength() : l.strength();
    }

    /** Corners of the boxes of all that may cast shadows, without what lies far off by itself: for its sake all would be coarse. */
    private static List<Vec3> corners(Scene scene) {
        List<Vec3> out = new ArrayList<>();
        List<Integer> shown = DenseRegion.shown(scene);
        for (int n : shown.isEmpty() ? shown : DenseRegion.of(scene, shown)) {
            for (int k = 0; k < 8; k++) {
                out.add(scene.coarseBounds(n).corner(k));
            }
        }
        return out;
    }

    private static Pose look(Scene scene, PlacedLight l, Vec3 from, Projection p) {
        return AimAt.at(new Pose(from, Quat.IDENTITY, 1, p), from.plus(l.toward()), scene.up());
    }

    private static ShadowMap sun(Scene scene, int lamp, PlacedLight l, List<Vec3> corners) {
        // A perspective is turned to where the light shines; what it sees is flat.
        Quat turn = look(scene, l, Vec3.ZERO, new Projection.Perspective(1)).orientation();
        Aabb box = Aabb.EMPTY;
        for (Vec3 c : corners) {
            box = box.union(Aabb.of(
                    new Vec3(turn.right().dot(c), turn.up().dot(c), turn.back().dot(c))));
        }
        double room = Math.max(1e-6, box.radius() * ROOM);
        double half = Math.max(box.size().x(), box.size().y()) / 2 + room;
        double depth = box.size().z() / 2 + room;
        Vec3 m = box.center();
        Vec3 eye = Vec3.ZERO.plus(turn.right(), m.x()).plus(turn.up(), m.y()).plus(turn.back(), m.z() + depth);
        Pose pose = new Pose(eye, turn, depth, new Projection.Orthographic(2 * half));
        return of(lamp, pose, new ClipRange(0, 2 * depth), 2 * half / SIZE, half / SIZE / depth);
    }

    private static ShadowMap cone(Scene scene, int lamp, PlacedLight l, List<Vec3> corners) {
        double far = 0;
        double sum = 0;
        for (Vec3 c : corners) {
            double away = c.distance(l.place());
            far = Math.max(far, away);
            sum += away;
        }
        far = l.range() > 0 ? Math.min(far, l.range()) : far;
        double cos = Math.max(WIDEST, l.outer());
        double tan = Math.sqrt(1 - cos * cos) / cos * (1 + ROOM);
        Pose pose = look(scene, l, l.place(), new Projection.Perspective(2 * Math.atan(tan)));
        return of(lamp, pose, new ClipRange(far * 1e-3, far), 2 * tan * sum / corners.size() / SIZE, CONE_BIAS);
    }

    private static ShadowMap of(int lamp, Pose pose, ClipRange clip, double texel, double bias) {
        double[] out = new double[32];
        Matrices.view(pose, out, 0);
        Matrices.projection(pose.projection(), 1, clip, out, 16);
        return new ShadowMap(lamp, out, texel, bias);
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
