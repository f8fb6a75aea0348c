package rhombus.web;

import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Framing;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** The hierarchy by itself, for measuring and for checking that both builds give the same hits. */
final class Picking {
    private static Bvh bvh;
    private static Mesh plain;
    private static Mesh searched;

    private Picking() {}

    static void buildHierarchy(Float32Array positions, Int32Array triangles) {
        float[] p = positions.toJavaArray();
        int[] t = triangles.toJavaArray();
        bvh = Bvh.build(p, t);
        plain = new Mesh(Vec3.ZERO, p, t);
        searched = new Mesh(Vec3.ZERO, p, t);
        searched.attach(bvh);
    }

    /** Frames the mesh by its hierarchy, or by looking at every vertex, and gives the eye. */
    static Vec3 frame(boolean everyVertex, double yaw, double pitch) {
        Pose pose = new Pose(
                Vec3.ZERO, new Heading(yaw, pitch, 0).orientation(UpAxis.Y), 1, new Projection.Perspective(0.8));
        Framing f = new Framing(pose, 1.5, Vec3.ZERO);
        f.add(everyVertex ? plain : searched, Mat4.identity());
        return f.fit(1e-3).eye();
    }

    /** Rays of six numbers each; writes parameter and triangle (or -1) per ray. */
    static void castRays(Float64Array rays, Float64Array out) {
        double[] r = rays.toJavaArray();
        double[] o = out.toJavaArray();
        double[] ray = new double[7];
        double[] hit = new double[3];
        for (int i = 0; i * 6 < r.length; i++) {
            for (int k = 0; k < 6; k++) {
                ray[k] = r[i * 6 + k];
            }
            ray[6] = Double.POSITIVE_INFINITY;
            int triangle = bvh.closest(ray, hit);
            o[i * 2] = triangle == Bvh.NONE ? -1 : hit[0];
            o[i * 2 + 1] = triangle;
        }
    }
}
