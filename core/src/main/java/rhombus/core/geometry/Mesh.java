package rhombus.core.geometry;

import java.util.List;

/**
 * An indexed triangle mesh with one material, or lines or points, which are kept as triangles without an area so that whatever
 * frames, bounds and sorts triangles does the same with them. The arrays are shared, not copied: nobody may change them.
 *
 * <p>Positions are relative to {@link #origin()}, which is kept in {@code double}: a mesh modelled 100 km from its
 * frame's origin is stored near zero, so nothing jitters on a graphics card that computes in {@code float}.
 */
public final class Mesh {
    /** Edges whose lengths are looked at. */
    private static final int SAMPLED = 256;

    /**
     * Fewer triangles over the same vertices.
     *
     * @param triangles three vertex numbers each
     * @param bound the farthest that they may be from the full surface, and it from them, metres in the mesh's own frame
     */
    public record Level(int[] triangles, float bound) {}

    /** What it is made of. */
    public enum Kind {
        TRIANGLES(3, 4),
        /** Each is a triangle whose second and third corner are its end. */
        LINES(2, 1),
        /** Each is a triangle of one corner three times. */
        POINTS(1, 0);

        private final int corners;
        private final int mode;

        Kind(int corners, int mode) {
            this.corners = corners;
            this.mode = mode;
        }

        /** How many vertices each has. */
        public int corners() {
            return corners;
        }

        /** The number under which glTF knows them (glTF 2.0, 5.24.4). */
        public int mode() {
            return mode;
        }

        /** What a primitive of glTF is made of: strips, loops and fans are lines or triangles like others. */
        public static Kind of(int mode) {
            return mode == 0 ? POINTS : mode < 4 ? LINES : TRIANGLES;
        }
    }

    private final Kind kind;
    private final Vec3 origin;
    private final float[] positions;
    private final int[] triangles;
    private final Aabb bounds;
    private int[] edges;
    private int strongEdges;
    private List<Level> levels = List.of();
    private Bvh bvh;
    private double edgeLength = -1;

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
        this(Kind.TRIANGLES, origin, positions, triangles, relativeBounds);
    }

    /** The same of lines or points, told as triangles. */
    public Mesh(Kind kind, Vec3 origin, float[] positions, int[] triangles, Aabb relativeBounds) {
        this.kind = kind;
        this.origin = origin;
        this.positions = positions;
        this.triangles = triangles;
        this.bounds = relativeBounds.isEmpty()
                ? relativeBounds
                : new Aabb(
                        relativeBounds.min().plus(origin), relativeBounds.max().plus(origin));
    }

    /**
     * Vertices of lines or points as triangles without an area.
     *
     * @param indices two vertex numbers for each line, one for each point, or three for each triangle
     */
    public static int[] asTriangles(Kind kind, int[] indices) {
        if (kind == Kind.TRIANGLES) {
            return indices;
        }
        int[] out = new int[indices.length / kind.corners * 3];
        for (int i = 0; i < out.length; i++) {
            out[i] = indices[i / 3 * kind.corners + Math.min(i % 3, kind.corners - 1)];
        }
        return out;
    }

    /** What it is made of. */
    public Kind kind() {
        return kind;
    }

    /** Whether it is lines or points, which are drawn as strokes of constant width in every look. */
    public boolean isStrokes() {
        return kind != Kind.TRIANGLES;
    }

    /** Number of triangles that have an area: none of lines and points. */
    public int faceCount() {
        return isStrokes() ? 0 : triangleCount();
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

    /** Whether its edges are known. */
    public boolean hasEdges() {
        return edges != null;
    }

    /** Number of modelled edges, strong ones first; 0 until attached. */
    public int edgeCount() {
        return edges == null ? 0 : edges.length;
    }

    /** How many of the first edges are {@link MeshEdges#STRONG}. */
    public int strongEdges() {
        return strongEdges;
    }

    /** The vertex at which an edge starts. */
    public int edgeStart(int edge) {
        return triangles[edges[edge]];
    }

    /** The vertex at which it ends. */
    public int edgeEnd(int edge) {
        int side = edges[edge];
        return triangles[side % 3 == 2 ? side - 2 : side + 1];
    }

    /** Mean length of its edges in the mesh's frame, from an even sample of them; 0 while there are none. */
    public double edgeLength() {
        if (edgeLength < 0) {
            int step = Math.max(1, edgeCount() / SAMPLED);
            double sum = 0;
            int sampled = 0;
            for (int e = 0; e < edgeCount(); e += step, sampled++) {
                int a = edgeStart(e) * 3;
                int b = edgeEnd(e) * 3;
                double x = positions[a] - positions[b];
                double y = positions[a + 1] - positions[b + 1];
                double z = positions[a + 2] - positions[b + 2];
                sum += Math.sqrt(x * x + y * y + z * z);
            }
            edgeLength = sampled == 0 ? 0 : sum / sampled;
        }
        return edgeLength;
    }

    /** The same mesh in fewer triangles, from fine to coarse; none until attached, and none where there is none. */
    public List<Level> levels() {
        return levels;
    }

    /** The hierarchy over the triangles; null until attached. */
    public Bvh bvh() {
        return bvh;
    }

    /** Attaches edges computed earlier, as {@link MeshEdges} gives them. */
    public void attachEdges(int[] sides, int strong) {
        this.edges = sides;
        this.strongEdges = strong;
        this.edgeLength = -1;
    }

    /** Attaches coarser triangles computed earlier, from fine to coarse. */
    public void attachLevels(List<Level> coarser) {
        this.levels = coarser;
    }

    /** Attaches a hierarchy computed earlier over the same triangles. */
    public void attach(Bvh hierarchy) {
        this.bvh = hierarchy;
    }
}
