package rhombus.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/**
 * All triangles of a scene in a plain grid of cells, and whether a short way crosses one of them (T. Möller and B. Trumbore,
 * "Fast, minimum storage ray-triangle intersection", 1997): written for tests alone, with nothing of the core's hierarchy.
 */
final class Soup {
    private static final double CELL = 1;

    private final List<Vec3[]> triangles = new ArrayList<>();
    private final Map<Long, List<Integer>> cells = new HashMap<>();

    Soup(Scene scene) {
        for (int n = 0; n < scene.nodes().size(); n++) {
            for (int m : scene.node(n).meshes()) {
                Mesh mesh = scene.meshes().get(m);
                int[] t = mesh.triangles();
                for (int i = 0; i < t.length; i += 3) {
                    add(
                            corner(scene, n, mesh, t[i]),
                            corner(scene, n, mesh, t[i + 1]),
                            corner(scene, n, mesh, t[i + 2]));
                }
            }
        }
    }

    private static Vec3 corner(Scene scene, int node, Mesh mesh, int v) {
        float[] p = mesh.positions();
        Vec3 local = new Vec3(p[v * 3], p[v * 3 + 1], p[v * 3 + 2]).plus(mesh.origin());
        return Mat4.point(scene.world(node), local);
    }

    int size() {
        return triangles.size();
    }

    private void add(Vec3 a, Vec3 b, Vec3 c) {
        triangles.add(new Vec3[] {a, b, c});
        int id = triangles.size() - 1;
        each(a, b, c, key -> cells.computeIfAbsent(key, k -> new ArrayList<>()).add(id));
    }

    private static void each(Vec3 a, Vec3 b, Vec3 c, java.util.function.LongConsumer use) {
        int[] lo = new int[3];
        int[] hi = new int[3];
        for (int k = 0; k < 3; k++) {
            lo[k] = (int) Math.floor(Math.min(a.get(k), Math.min(b.get(k), c.get(k))) / CELL);
            hi[k] = (int) Math.floor(Math.max(a.get(k), Math.max(b.get(k), c.get(k))) / CELL);
        }
        for (int x = lo[0]; x <= hi[0]; x++) {
            for (int y = lo[1]; y <= hi[1]; y++) {
                for (int z = lo[2]; z <= hi[2]; z++) {
                    use.accept((x + 100_000L) << 42 | (y + 100_000L) << 21 | z + 100_000L);
                }
            }
        }
    }

    /** Whether the way from one point to another goes through a triangle. */
    boolean crosses(Vec3 from, Vec3 to) {
        boolean[] found = {false};
        Vec3 d = to.minus(from);
        each(from, to, to, key -> {
            for (int id : cells.getOrDefault(key, List.of())) {
                found[0] |= meets(from, d, triangles.get(id));
            }
        });
        return found[0];
    }

    private static boolean meets(Vec3 o, Vec3 d, Vec3[] t) {
        Vec3 e1 = t[1].minus(t[0]);
        Vec3 e2 = t[2].minus(t[0]);
        Vec3 p = d.cross(e2);
        double det = e1.dot(p);
        if (det == 0) {
            return false;
        }
        Vec3 s = o.minus(t[0]);
        double u = s.dot(p) / det;
        Vec3 q = s.cross(e1);
        double v = d.dot(q) / det;
        double at = e2.dot(q) / det;
        return u >= 0 && v >= 0 && u + v <= 1 && at >= 0 && at <= 1;
    }
}
