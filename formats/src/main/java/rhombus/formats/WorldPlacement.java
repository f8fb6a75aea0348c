package rhombus.formats;

import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.NormalForm;
import rhombus.formats.model.ModelPart;
import rhombus.formats.upload.FileProblem;

/** Where nodes stand in the world: checked so that what is kept can be computed with. */
final class WorldPlacement {
    /** Metres from the origin. Squares and products of such lengths still have all the digits a pose needs. */
    static final double FARTHEST = 1e12;

    private final double[][] world;

    WorldPlacement(int nodes) {
        world = new double[nodes][];
    }

    /**
     * Places a node whose parent has been placed before.
     *
     * @throws FileProblem if its numbers are of the wrong sort, or lead too far
     */
    void put(int node, int parent, Map<String, Object> n) {
        String place = "nodes[" + node + "]";
        double[] m = JsonReader.numbers(n, "matrix", 16, place);
        if (m != null && (m[3] != 0 || m[7] != 0 || m[11] != 0 || m[15] != 1)) {
            throw new FileProblem(place + ".matrix", "is no affine transform; its last row must be 0 0 0 1");
        }
        JsonReader.numbers(n, "translation", 3, place);
        double[] q = JsonReader.numbers(n, "rotation", 4, place);
        if (q != null) {
            double length = Math.sqrt(q[0] * q[0] + q[1] * q[1] + q[2] * q[2] + q[3] * q[3]);
            if (!(length > 1e-6) || Double.isInfinite(length)) {
                throw new FileProblem(place + ".rotation", "is no rotation; it must be a quaternion of length 1");
            }
        }
        JsonReader.numbers(n, "scale", 3, place);
        double[] local = NormalForm.matrix(n);
        world[node] = parent < 0 ? local : Mat4.times(world[parent], local);
        for (double v : world[node]) {
            if (!(Math.abs(v) <= FARTHEST)) {
                throw new FileProblem(
                        place,
                        "lies or reaches farther than 10^12 m from the origin; its translation, scale or matrix is wrong. Correct it and export again");
            }
        }
    }

    /** Checks that a mesh's corners stay within reach where a node puts them. */
    void holds(int node, ModelPart p) {
        Aabb b = Aabb.of(p.positions());
        for (int c = 0; c < 8; c++) {
            Vec3 corner = p.origin()
                    .plus(new Vec3(
                            (c & 1) == 0 ? b.min().x() : b.max().x(),
                            (c & 2) == 0 ? b.min().y() : b.max().y(),
                            (c & 4) == 0 ? b.min().z() : b.max().z()));
            Vec3 at = Mat4.point(world[node], corner);
            if (!(at.length() <= FARTHEST)) {
                throw new FileProblem(
                        "nodes[" + node + "]",
                        "has a mesh that reaches farther than 10^12 m from the origin. Scale it down and export again");
            }
        }
    }
}
