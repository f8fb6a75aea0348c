package rhombus.core.scene;

import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.BvhAssembly;
import rhombus.core.geometry.Mesh;

/**
 * Attaches the stored hierarchies of a scene's meshes a piece at a time: a million triangles take longer than a hand should wait.
 *
 * <p>Of each mesh that the file had: the number of floats, the nodes in them, then the order of the triangles.
 */
public final class HierarchyLoader {
    private final Scene scene;
    private final BinaryArrays bin;
    private final int meshes;
    private int at;
    private int mesh;
    private BvhAssembly current;

    /** Begins with nothing attached. Meshes that are added to the scene from now on have hierarchies of their own. */
    public HierarchyLoader(Scene scene, BinaryArrays bin) {
        this.scene = scene;
        this.bin = bin;
        meshes = scene.meshes().size();
    }

    /**
     * Works on up to so many triangles more.
     *
     * @return whether something is left to do
     * @throws IllegalArgumentException if what is stored does not belong to the scene
     */
    public boolean more(int triangles) {
        int left = triangles;
        while (mesh < meshes && left > 0) {
            Mesh m = scene.meshes().get(mesh);
            if (current == null) {
                current = begin(m);
            }
            left -= current.more(left);
            Bvh whole = current.bvh();
            if (whole != null) {
                m.attach(whole);
                current = null;
                mesh++;
                // Meshes of no triangles are work, too.
                left--;
            }
        }
        return mesh < meshes;
    }

    private BvhAssembly begin(Mesh m) {
        int floats = bin.ints(at, 1)[0];
        float[] nodes = bin.floats(at + 4, floats);
        int[] order = bin.ints(at + 4 + floats * 4, m.triangleCount());
        at += 4 + floats * 4 + m.triangleCount() * 4;
        return new BvhAssembly(nodes, order, m.positions(), m.triangles());
    }
}
