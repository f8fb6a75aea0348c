package rhombus.core.geometry;

/** Puts together a stored hierarchy a piece at a time, where nobody should wait for all of it: see {@link #whole}. */
public final class BvhAssembly {
    private final float[] nodes;
    private final int[] order;
    private final float[] positions;
    private final int[] triangles;
    private final float[] corners;
    private int done;

    /**
     * Begins with nothing done.
     *
     * @throws IllegalArgumentException if the arrays do not fit each other or the mesh
     */
    public BvhAssembly(float[] nodes, int[] order, float[] positions, int[] triangles) {
        if (nodes.length % Bvh.NODE != 0 || order.length != triangles.length / 3) {
            throw new IllegalArgumentException("hierarchy does not belong to this mesh");
        }
        this.nodes = nodes;
        this.order = order;
        this.positions = positions;
        this.triangles = triangles;
        corners = new float[order.length * 9];
    }

    /**
     * Does up to so many triangles more.
     *
     * @return how many it did: fewer when all are done
     */
    public int more(int count) {
        int did = Math.min(order.length - done, count);
        Bvh.gather(order, positions, triangles, corners, done, done + did);
        done += did;
        return did;
    }

    /** The hierarchy; null until all are done. */
    public Bvh bvh() {
        return done == order.length ? new Bvh(nodes, order, corners) : null;
    }

    /**
     * Puts together a hierarchy that was computed and stored earlier.
     *
     * @throws IllegalArgumentException if the arrays do not fit each other or the mesh
     */
    public static Bvh whole(float[] nodes, int[] order, float[] positions, int[] triangles) {
        BvhAssembly all = new BvhAssembly(nodes, order, positions, triangles);
        all.more(order.length);
        return all.bvh();
    }
}
