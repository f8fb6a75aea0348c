package rhombus.formats.model;

import java.util.Arrays;
import rhombus.core.geometry.Mesh;

/**
 * Gathers triangles, lines or points whose corners name a position, a texture coordinate and a normal each by a number of its own, as text
 * formats do, and makes one vertex of corners that name the same three.
 */
public final class IndexedCorners {
    /** Names no texture coordinate, or no normal. */
    public static final int NONE = -1;
    /** Numbers of normals from here on name those of the second list. */
    public static final int SECOND = 1 << 30;

    private final Mesh.Kind kind;
    private int[] keys = new int[192];
    private int vertices;
    private int[] table = new int[256];
    private int[] indices = new int[192];
    private int corners;
    private byte[] sides = new byte[64];
    private boolean known;
    private boolean textured;
    private boolean smooth;

    /** Creates a list without any. */
    public IndexedCorners(Mesh.Kind kind) {
        this.kind = kind;
        Arrays.fill(table, -1);
    }

    /** A corner of the triangle, line or point that is being added; as many as it has make it complete. */
    public void corner(int position, int texture, int normal) {
        if (corners == indices.length) {
            indices = Arrays.copyOf(indices, corners * 2);
        }
        indices[corners++] = vertex(position, texture, normal);
        textured |= texture != NONE;
        smooth |= normal != NONE;
    }

    /** What is known of the sides of the triangle that was completed. */
    public void sides(byte of) {
        int t = corners / 3 - 1;
        if (t >= sides.length) {
            sides = Arrays.copyOf(sides, sides.length * 2);
        }
        sides[t] = of;
        known |= of != 0;
    }

    private int vertex(int p, int t, int n) {
        int mask = table.length - 1;
        int slot = hash(p, t, n) & mask;
        while (table[slot] >= 0) {
            int k = table[slot] * 3;
            if (keys[k] == p && keys[k + 1] == t && keys[k + 2] == n) {
                return table[slot];
            }
            slot = slot + 1 & mask;
        }
        if (vertices * 3 == keys.length) {
            keys = Arrays.copyOf(keys, keys.length * 2);
        }
        keys[vertices * 3] = p;
        keys[vertices * 3 + 1] = t;
        keys[vertices * 3 + 2] = n;
        table[slot] = vertices++;
        if (vertices * 2 > table.length) {
            grow();
        }
        return vertices - 1;
    }

    private void grow() {
        table = new int[table.length * 2];
        Arrays.fill(table, -1);
        for (int v = 0; v < vertices; v++) {
            int slot = hash(keys[v * 3], keys[v * 3 + 1], keys[v * 3 + 2]) & table.length - 1;
            while (table[slot] >= 0) {
                slot = slot + 1 & table.length - 1;
            }
            table[slot] = v;
        }
    }

    private static int hash(int p, int t, int n) {
        int h = p * 0x9E3779B1 + t * 0x85EBCA77 + n * 0xC2B2AE3D;
        return h ^ h >>> 15;
    }

    /** How many triangles, lines or points there are. */
    public int count() {
        return corners / kind.corners();
    }

    /**
     * The part.
     *
     * @param positions x, y, z that corners name
     * @param textures u, v that corners name
     * @param normals x, y, z that corners name
     * @param second x, y, z that corners name from {@link #SECOND} on, or null
     * @param colors r, g, b, a for each position, linear, or null
     * @param material number, or -1
     */
    public ModelPart part(
            NumberList positions,
            NumberList textures,
            NumberList normals,
            NumberList second,
            NumberList colors,
            int material) {
        double[] xyz = new double[vertices * 3];
        float[] uv = textured ? new float[vertices * 2] : null;
        float[] n = smooth ? new float[vertices * 3] : null;
        float[] c = colors == null ? null : new float[vertices * 4];
        for (int v = 0; v < vertices; v++) {
            int p = keys[v * 3];
            int t = keys[v * 3 + 1];
            int of = keys[v * 3 + 2];
            for (int k = 0; k < 3; k++) {
                xyz[v * 3 + k] = positions.get(p * 3 + k);
                if (n != null && of >= 0) {
                    n[v * 3 + k] = (float) (of < SECOND ? normals.get(of * 3 + k) : second.get((of - SECOND) * 3 + k));
                }
            }
            for (int k = 0; k < 4 && c != null; k++) {
                c[v * 4 + k] = (float) colors.get(p * 4 + k);
            }
            for (int k = 0; k < 2 && uv != null && t >= 0; k++) {
                uv[v * 2 + k] = (float) textures.get(t * 2 + k);
            }
        }
        byte[] s = known ? Arrays.copyOf(sides, corners / 3) : null;
        return ModelPart.of(kind, xyz, n, uv, c, Arrays.copyOf(indices, count() * kind.corners()), material, s);
    }
}
