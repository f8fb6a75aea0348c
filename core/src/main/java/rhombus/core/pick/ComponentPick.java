package rhombus.core.pick;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Vec3;

/** The parts of a mesh that a point on one of its triangles means: the nearest corner, the nearest edge, the face. */
public final class ComponentPick {
    /** Faces of larger meshes are single triangles: joining those in a plane would keep the hand waiting. */
    private static final int LARGEST = 200_000;

    private ComponentPick() {}

    /** Corner k of a triangle, in the mesh's frame. */
    public static Vec3 corner(Mesh mesh, int triangle, int k) {
        int v = mesh.triangles()[triangle * 3 + k] * 3;
        float[] p = mesh.positions();
        return mesh.origin().plus(new Vec3(p[v], p[v + 1], p[v + 2]));
    }

    /** The corner of a triangle nearest to a point, in the mesh's frame. */
    public static Vec3 vertex(Mesh mesh, int triangle, Vec3 near) {
        Vec3 best = corner(mesh, triangle, 0);
        for (int k = 1; k < 3; k++) {
            Vec3 c = corner(mesh, triangle, k);
            best = c.distance(near) < best.distance(near) ? c : best;
        }
        return best;
    }

    /** Both ends of the side of a triangle nearest to a point; sides that are modelled edges before diagonals. */
    public static List<Vec3> edge(Mesh mesh, int triangle, Vec3 near) {
        byte[] sides = mesh.triangleCount() > LARGEST
                ? null
                : MeshEdges.of(mesh.positions(), mesh.triangles()).sides();
        List<Vec3> best = null;
        double nearest = Double.POSITIVE_INFINITY;
        for (int k = 0; k < 3; k++) {
            Vec3 a = corner(mesh, triangle, k);
            Vec3 b = corner(mesh, triangle, (k + 1) % 3);
            Vec3 d = b.minus(a);
            double t = Math.max(0, Math.min(1, near.minus(a).dot(d) / Math.max(1e-300, d.dot(d))));
            double away = near.distance(a.plus(d, t)) + (sides != null && sides[triangle * 3 + k] == 0 ? 1e30 : 0);
            if (away < nearest) {
                nearest = away;
                best = List.of(a, b);
            }
        }
        return best;
    }

    /** Corners of the triangles of a face, three each: what hangs together with a triangle over its diagonals. */
    public static List<Vec3> face(Mesh mesh, int triangle) {
        List<Vec3> out = new ArrayList<>();
        for (int t : flat(mesh, triangle)) {
            for (int k = 0; k < 3; k++) {
                out.add(corner(mesh, t, k));
            }
        }
        return out;
    }

    private static Set<Integer> flat(Mesh mesh, int first) {
        Set<Integer> found = new LinkedHashSet<>(List.of(first));
        if (mesh.triangleCount() > LARGEST) {
            return found;
        }
        byte[] sides = MeshEdges.of(mesh.positions(), mesh.triangles()).sides();
        Map<List<Vec3>, List<Integer>> along = new HashMap<>();
        for (int side = 0; side < sides.length; side++) {
            if (sides[side] == 0) {
                along.computeIfAbsent(ends(mesh, side), k -> new ArrayList<>()).add(side / 3);
            }
        }
        ArrayDeque<Integer> open = new ArrayDeque<>(found);
        while (!open.isEmpty()) {
            int t = open.poll();
            for (int k = 0; k < 3; k++) {
                if (sides[t * 3 + k] == 0) {
                    for (int next : along.get(ends(mesh, t * 3 + k))) {
                        if (found.add(next)) {
                            open.add(next);
                        }
                    }
                }
            }
        }
        return found;
    }

    /** Both ends of a side, whichever way round it is written. */
    private static List<Vec3> ends(Mesh mesh, int side) {
        Vec3 a = corner(mesh, side / 3, side % 3);
        Vec3 b = corner(mesh, side / 3, (side % 3 + 1) % 3);
        boolean swap = a.x() != b.x() ? a.x() > b.x() : a.y() != b.y() ? a.y() > b.y() : a.z() > b.z();
        return swap ? List.of(b, a) : List.of(a, b);
    }
}
