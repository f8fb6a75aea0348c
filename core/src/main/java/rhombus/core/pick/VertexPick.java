package rhombus.core.pick;

import java.util.Collection;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.view.Screen;

/** Finds the corner of a mesh that a point of the screen means. */
public final class VertexPick {
    /** How far from a corner the pointer still means it, CSS pixels. */
    public static final double REACH = 14;

    private VertexPick() {}

    /**
     * The vertex nearest to a pixel, within {@link #REACH}; the one in front where several are equally near.
     *
     * @param except nodes that do not count, with all below them
     * @return its place in the world, or null
     */
    public static Vec3 nearest(Scene scene, Screen screen, double x, double y, Collection<Integer> except) {
        double best = REACH;
        double depth = Double.POSITIVE_INFINITY;
        Vec3 found = null;
        for (int i = 0; i < scene.count(); i++) {
            if (!scene.shown(i)
                    || scene.node(i).meshes().isEmpty()
                    || below(scene, i, except)
                    || !EdgePick.near(screen, scene.coarseBounds(i), x, y, REACH)) {
                continue;
            }
            for (int m : scene.node(i).meshes()) {
                Mesh mesh = scene.meshes().get(m);
                float[] p = mesh.positions();
                for (int v = 0; v + 2 < p.length; v += 3) {
                    Vec3 world = Mat4.point(scene.world(i), mesh.origin().plus(new Vec3(p[v], p[v + 1], p[v + 2])));
                    Vec3 s = screen.project(world);
                    double d = Math.hypot(s.x() - x, s.y() - y);
                    boolean seen = s.z() > 0 || screen.pose().projection().flat();
                    if (seen && (d < best - 0.5 || d < best + 0.5 && d <= REACH && s.z() < depth)) {
                        best = Math.min(best, d);
                        depth = s.z();
                        found = world;
                    }
                }
            }
        }
        return found;
    }

    private static boolean below(Scene scene, int node, Collection<Integer> some) {
        int n = node;
        while (n >= 0 && !some.contains(n)) {
            n = scene.node(n).parent();
        }
        return n >= 0;
    }
}
