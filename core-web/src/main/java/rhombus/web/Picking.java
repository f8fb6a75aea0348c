package rhombus.web;

import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.core.geometry.Bvh;

/** The hierarchy by itself, for measuring and for checking that both builds give the same hits. */
final class Picking {
    private static Bvh bvh;

    private Picking() {}

    static void buildHierarchy(Float32Array positions, Int32Array triangles) {
        bvh = Bvh.build(positions.toJavaArray(), triangles.toJavaArray());
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
