package rhombus.core.submit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/**
 * Parts that are drawn from the same buffers.
 *
 * <p>Of a merged batch the buffers stand here: {@code positions} three numbers a vertex, relative to {@link #origin}; {@code
 * extras} four whole numbers a vertex, the normal and the number of its part; {@code texture} two or four and {@code colors} four a
 * vertex, where there are any; {@code indices} for each level; {@code state} four numbers a part: its colour, then 0, or 1 where
 * it is selected, or 2 where it was selected last, added to {@link BatchPart#told}. They have room for {@link #room} vertices and the corners of as many triangles
 * as were asked for, and never grow: what comes later goes into another batch.
 */
public final class DrawBatch {
    /** Levels of coarser triangles at most. */
    static final int LEVELS = 3;
    /** Parts of a batch at most: their numbers are kept in 16 bits. */
    static final int MOST_PARTS = 32767;

    /** How the parts of a batch are drawn. */
    public enum Sort {
        /** Many, as ranges of shared buffers. */
        MERGED,
        /** One, by itself. */
        OWN,
        /** Very many uses of one mesh, as instances. */
        CROWD
    }

    /** Its place in the list of batches. */
    public final int number;
    /** How its parts are drawn. */
    public final Sort sort;
    /** The mesh of its first part. */
    public final int mesh;

    final String kind;
    final Vec3 origin;
    final List<BatchPart> parts = new ArrayList<>();

    float[] positions;
    short[] extras;
    float[] texture;
    /** Coordinates of pictures that a vertex has. */
    int width;

    float[] colors;
    float[] state;
    final int[][] indices = new int[LEVELS + 1][];
    private int room;
    private int vertices;
    private int corners;
    /** Ranges that parts have left, three numbers each: first vertex, first corner, slot; with how much room they have. */
    private final List<int[]> left = new ArrayList<>();

    /** Corners by themselves, with the marks of their sides, once they were asked for. */
    UnindexedTriangles edged;

    /** Lines, once they were asked for. */
    EdgeLines lines;

    /** A box for each part, once they were asked for. */
    PartBoxes boxes;

    /** Middle and size of each part, for drawing it as a point: four numbers each. */
    float[] points;

    /** How many of its parts are selected: a crowd is not looked through for them in each frame. */
    int picked;
    /** Of a crowd, its parts in chunks. */
    InstanceChunk[] chunks;

    /** Counts how often lines and coarser levels had to be made anew. */
    private int generation;

    /** What was written since it was last taken, for each buffer: first and last of its own units. */
    final DirtyRange dirty = new DirtyRange();

    DrawBatch(int number, Sort sort, int mesh, String kind, Vec3 origin) {
        this.number = number;
        this.sort = sort;
        this.mesh = mesh;
        this.kind = kind;
        this.origin = origin;
    }

    /** Makes room once and for all. */
    void room(int vertexRoom, int cornerRoom, int partRoom, VertexAttributes skin) {
        room = vertexRoom;
        positions = new float[vertexRoom * 3];
        extras = new short[vertexRoom * 4];
        width = skin.width();
        texture = skin.texture() == null ? null : new float[vertexRoom * skin.width()];
        colors = skin.colors() == null ? null : new float[vertexRoom * 4];
        indices[0] = new int[cornerRoom];
        // Whole rows of the picture in which it is sent.
        points = new float[partRoom * 4];
        state = new float[(partRoom + 127) / 128 * 512];
    }

    /** Room for vertices. */
    public int room() {
        return room;
    }

    /** Gives a part its place; false where there is no room. */
    boolean take(BatchPart p) {
        for (int i = 0; i < left.size(); i++) {
            int[] l = left.get(i);
            if (l[3] >= p.vertices() && l[4] >= p.corners()) {
                left.remove(i);
                put(p, l[0], l[1], l[2]);
                parts.set(p.slot, p);
                return true;
            }
        }
        if (vertices + p.vertices() > room
                || corners + p.corners() > indices[0].length
                || (parts.size() + 1) * 4 > points.length) {
            return false;
        }
        put(p, vertices, corners, parts.size());
        vertices += p.vertices();
        corners += p.corners();
        parts.add(p);
        return true;
    }

    private void put(BatchPart p, int vertex, int corner, int slot) {
        p.batch = this;
        p.vertex = vertex;
        p.corner = corner;
        p.slot = slot;
    }

    /** A part is drawn no more; another may take its place. */
    void leave(BatchPart p) {
        p.gone = true;
        picked -= p.selected ? 1 : 0;
        if (sort == Sort.MERGED) {
            left.add(new int[] {p.vertex, p.corner, p.slot, p.vertices(), p.corners()});
        }
    }

    /** Writes the vertices, the indices and the colour of a part. */
    void bake(BatchPart p, double[] world) {
        VertexAttributes skin = p.skin;
        place(p, world);
        if (skin.texture() != null && texture != null) {
            System.arraycopy(skin.texture(), 0, texture, p.vertex * width, p.vertices() * width);
        }
        if (skin.colors() != null) {
            System.arraycopy(skin.colors(), 0, colors, p.vertex * 4, p.vertices() * 4);
        }
        for (int k = 0; k < 4; k++) {
            state[p.slot * 4 + k] = k < 3 ? (float) skin.color()[k] : p.told();
        }
        VertexBaking.indices(p.shape.triangles(), p.vertex, p.mirrored, indices[0], p.corner);
        dirty.add(DirtyRange.INDICES, p.corner, p.corner + p.corners());
        dirty.add(DirtyRange.STATE, p.slot, p.slot + 1);
        if (edged != null) {
            edged.bake(p);
        }
        outdated();
    }

    /** Of a crowd: puts its parts in order and takes over where they are and which are shown. */
    void arrange(Scene scene, boolean more) {
        if (more) {
            chunks = InstanceChunk.of(parts, scene);
            points = new float[parts.size() * 4];
            generation++;
            for (BatchPart p : parts) {
                p.measure(scene.world(p.node));
                point(p, scene.world(p.node));
            }
        }
        for (InstanceChunk c : chunks) {
            c.look(parts, scene);
        }
    }

    /** Lines and coarser levels are made anew when they are asked for again. */
    void outdated() {
        Arrays.fill(indices, 1, indices.length, null);
        lines = null;
        generation++;
    }

    /** Another number whenever lines and coarser levels are other arrays than before. */
    public int generation() {
        return generation;
    }

    /** Number of the layer of its first part, 0 for none. */
    public int layer() {
        return parts.isEmpty() ? 0 : parts.get(0).layer;
    }

    /** How many chunks a crowd has. */
    public int chunks() {
        return chunks == null ? 0 : chunks.length;
    }

    /** Nodes of a chunk of a crowd that are shown. */
    public int[] chunkNodes(int chunk, Scene scene) {
        InstanceChunk c = chunks[chunk];
        int[] out = new int[c.shown];
        int at = 0;
        for (int i = c.from; i < c.to && at < out.length; i++) {
            BatchPart p = parts.get(i);
            if (!p.gone && scene.shown(p.node)) {
                out[at++] = p.node;
            }
        }
        return out;
    }

    /** Nodes of a crowd that are not drawn for the only reason that others are isolated. */
    public int[] dimmedNodes(Scene scene) {
        return scene.isolated() == null
                ? new int[0]
                : parts.stream()
                        .filter(p -> !p.gone && scene.dimmed(p.node))
                        .mapToInt(p -> p.node)
                        .toArray();
    }

    /** How many parts it has, those that are gone too. */
    public int size() {
        return parts.size();
    }

    /** The node of a part that is not gone; -1 for one that is. */
    public int node(int part) {
        return parts.get(part).gone ? -1 : parts.get(part).node;
    }

    /** Writes what changes when a part moves. */
    void move(BatchPart p, double[] world) {
        boolean was = p.mirrored;
        place(p, world);
        if (was != p.mirrored) {
            bake(p, world);
            return;
        }
        if (edged != null) {
            edged.bake(p);
        }
        if (lines != null) {
            lines.bake(p);
        }
    }

    /** Writes the middle of a part, and the side of a square that covers as much as its box does on average. */
    void point(BatchPart p, double[] world) {
        Aabb b = p.shape.bounds();
        Vec3 c = Mat4.point(world, b.center()).minus(origin);
        Vec3 size = b.size();
        double area = (size.x() * size.y() + size.y() * size.z() + size.z() * size.x()) / 3;
        points[p.slot * 4] = (float) c.x();
        points[p.slot * 4 + 1] = (float) c.y();
        points[p.slot * 4 + 2] = (float) c.z();
        points[p.slot * 4 + 3] = (float) (Math.sqrt(area) * p.scale);
        dirty.add(DirtyRange.POINTS, p.slot, p.slot + 1);
    }

    private void place(BatchPart p, double[] world) {
        p.measure(world);
        VertexBaking.positions(p.shape.positions(), p.shape.origin(), world, origin, positions, p.vertex);
        VertexBaking.normals(p.skin.normals(), p.vertices(), world, p.slot, extras, p.vertex);
        dirty.add(DirtyRange.VERTICES, p.vertex, p.vertex + p.vertices());
        point(p, world);
        if (boxes != null) {
            boxes.bake(p);
        }
    }

    /** The indices of a level of coarser triangles; made when first asked for. */
    int[] level(int level) {
        if (level > 0 && indices[level] == null) {
            int sum = 0;
            for (BatchPart p : parts) {
                int[] t = p.gone ? null : p.level(level);
                p.coarse[level - 1] = sum;
                sum += t == null ? 0 : t.length;
            }
            int[] out = new int[sum];
            for (BatchPart p : parts) {
                int[] t = p.gone ? null : p.level(level);
                if (t != null) {
                    VertexBaking.indices(t, p.vertex, p.mirrored, out, p.coarse[level - 1]);
                }
            }
            indices[level] = out;
        }
        return indices[level];
    }

    /** Notes what of a part is selected: 0 not, 1 it is, 2 it was selected last. */
    void select(BatchPart p, int how) {
        if (p.selected != how > 0) {
            picked += how > 0 ? 1 : -1;
        }
        p.selected = how > 0;
        float told = p.told() + how;
        if (sort == Sort.MERGED && state[p.slot * 4 + 3] != told) {
            state[p.slot * 4 + 3] = told;
            dirty.add(DirtyRange.STATE, p.slot, p.slot + 1);
        }
    }
}
