package rhombus.core.geometry;

/**
 * An indexed triangle mesh with one material. The arrays are shared, not copied: nobody may change them.
 *
 * <p>Positions are relative to {@link #origin()}, which is kept in {@code double}: a mesh modelled 100 km from its
 * frame's origin is stored near zero, so nothing jitters on a graphics card that computes in {@code float}.
 */
public final class Mesh {
    private final Vec3 origin;
    private final float[] positions;
    private final int[] triangles;
    private final Aabb bounds;
    private int[] edgeVertices;
    private byte[] edgeStrength;
    private Bvh bvh;

    /**
     * A mesh over existing arrays.
     *
     * @param origin added to every position, metres
     * @param positions x, y, z per vertex
     * @param triangles three vertex numbers per triangle, each below the number of vertices
     */
    public Mesh(Vec3 origin, float[] positions, int[] triangles) {
        this(origin, positions, triangles, Aabb.of(positions));
    }

    /** The same with bounds (of the positions without origin) that are known already. */
    public Mesh(Vec3 origin, float[] positions, int[] triangles, Aabb relativeBounds) {
        this.origin = origin;
        this.positions = positions;
        this.triangles = triangles;
        this.bounds = relativeBounds.isEmpty()
                ? relativeBounds
                : new Aabb(
                        relativeBounds.min().plus(origin), relativeBounds.max().plus(origin));
    }

    /** What is added to every position. */
    public Vec3 origin() {
        return origin;
    }

    /** x, y, z per vertex, relative to the origin. */
    public float[] positions() {
        return positions;
    }

    /** Three vertex numbers per triangle. */
    public int[] triangles() {
        return triangles;
    }

    /** Number of triangles. */
    public int triangleCount() {
        return triangles.length / 3;
    }

    /** Bounds in the mesh's frame, origin included. */
    public Aabb bounds() {
        return bounds;
    }

    /** Pairs of vertex numbers, one pair an edge; null until attached. */
    public int[] edgeVertices() {
        return edgeVertices;
    }

    /** {@link MeshEdges#PLAIN} or {@link MeshEdges#STRONG} per edge; null until attached. */
    public byte[] edgeStrength() {
        return edgeStrength;
    }

    /** The hierarchy over the triangles; null until attached. */
    public Bvh bvh() {
        return bvh;
    }

    /** Attaches edges computed earlier. */
    public void attachEdges(int[] vertices, byte[] strength) {
        this.edgeVertices = vertices;
        this.edgeStrength = strength;
    }

    /** Attaches a hierarchy computed earlier over the same triangles. */
    public void attach(Bvh hierarchy) {
        this.bvh = hierarchy;
    }
}
