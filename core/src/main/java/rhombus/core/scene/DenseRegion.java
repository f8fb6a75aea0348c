package rhombus.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;

/** The place of a scene where nearly everything is; single things far off would make a dot of it. */
public final class DenseRegion {
    /** Part of the objects that make up the dense part of a scene. */
    private static final double DENSE = 0.95;
    /** Objects up to this many times as far off as the dense part reaches still belong to it. */
    private static final double NEAR = 2;

    private DenseRegion() {}

    /** Numbers of all nodes with meshes that are shown. */
    public static List<Integer> shown(Scene scene) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < scene.nodes().size(); i++) {
            if (scene.shown(i) && !scene.coarseBounds(i).isEmpty()) {
                out.add(i);
            }
        }
        return out;
    }

    /**
     * The dense part of some nodes: the 95% of the objects that lie nearest to the middle one, axis by axis, and whatever else lies
     * so near to them that it belongs to the same place.
     */
    public static List<Integer> of(Scene scene, List<Integer> meshes) {
        Vec3 middle = new Vec3(median(scene, meshes, 0), median(scene, meshes, 1), median(scene, meshes, 2));
        double[] far = new double[scene.count()];
        for (int n : meshes) {
            far[n] = farthest(scene.coarseBounds(n), middle);
        }
        List<Integer> sorted = new ArrayList<>(meshes);
        sorted.sort(Comparator.comparingDouble((Integer n) -> far[n]));
        int count = (int) Math.ceil(sorted.size() * DENSE);
        double reach = far[sorted.get(count - 1)] * NEAR;
        while (count < sorted.size() && far[sorted.get(count)] <= reach) {
            count++;
        }
        return sorted.subList(0, count);
    }

    private static double farthest(Aabb b, Vec3 p) {
        double x = Math.max(Math.abs(b.min().x() - p.x()), Math.abs(b.max().x() - p.x()));
        double y = Math.max(Math.abs(b.min().y() - p.y()), Math.abs(b.max().y() - p.y()));
        double z = Math.max(Math.abs(b.min().z() - p.z()), Math.abs(b.max().z() - p.z()));
        return Math.sqrt(x * x + y * y + z * z);
    }

    private static double median(Scene scene, List<Integer> meshes, int axis) {
        double[] v = new double[meshes.size()];
        for (int i = 0; i < v.length; i++) {
            v[i] = scene.coarseBounds(meshes.get(i)).center().get(axis);
        }
        Arrays.sort(v);
        return v[v.length / 2];
    }
}
