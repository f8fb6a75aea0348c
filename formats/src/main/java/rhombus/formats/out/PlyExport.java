package rhombus.formats.out;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import rhombus.core.display.Srgb;
import rhombus.core.geometry.Mesh;

/** Writes binary PLY: all surfaces as one, with normals, texture coordinates and colours where any surface has them. */
public final class PlyExport {
    private static final int BUFFER = 1 << 16;
    private static final int LARGEST_VERTEX = 64;

    private final ExportedSelection taken;
    private final boolean modelled;
    private final boolean normals;
    private final boolean texture;
    private final boolean colors;
    private final long edges;
    private OutputStream to;
    private final ByteBuffer b = ByteBuffer.allocate(BUFFER).order(ByteOrder.LITTLE_ENDIAN);

    /**
     * What is to be written.
     *
     * @param modelled whether faces are joined to the polygons that they were modelled as
     */
    public PlyExport(ExportedSelection taken, boolean modelled) {
        this.taken = taken;
        this.modelled = modelled;
        normals = taken.any("NORMAL");
        texture = taken.any("TEXCOORD_0");
        colors = taken.any("COLOR_0");
        edges = taken.count(Mesh.Kind.LINES);
    }

    /** Length of the file where faces are triangles, bytes; polygons take less. */
    public long most() {
        int vertex = 12 + (normals ? 12 : 0) + (texture ? 8 : 0) + (colors ? 4 : 0);
        // A flat surface beside smooth ones has three vertices of its own for each triangle.
        long vertices = taken.vertices() + (normals ? taken.apart() : 0);
        return header(vertices, taken.triangles()).length + vertex * vertices + 13 * taken.triangles() + 8 * edges;
    }

    private byte[] header(long vertices, long faces) {
        return ("ply\nformat binary_little_endian 1.0\ncomment by Rhombus\nelement vertex " + vertices
                        + "\nproperty float x\nproperty float y\nproperty float z\n"
                        + (normals ? "property float nx\nproperty float ny\nproperty float nz\n" : "")
                        + (texture ? "property float s\nproperty float t\n" : "")
                        + (colors
                                ? "property uchar red\nproperty uchar green\nproperty uchar blue\nproperty uchar alpha\n"
                                : "")
                        + "element face " + faces + "\nproperty list " + (modelled ? "ushort" : "uchar")
                        + " int vertex_indices\n"
                        + (edges == 0 ? "" : "element edge " + edges + "\nproperty int vertex1\nproperty int vertex2\n")
                        + "end_header\n")
                .getBytes(StandardCharsets.US_ASCII);
    }

    /** Writes the file. */
    public void write(OutputStream out) throws IOException {
        to = out;
        to.write(header(
                modelled ? vertices() : taken.vertices() + (normals ? taken.apart() : 0),
                modelled ? faces() : taken.triangles()));
        for (ExportedSelection.Thing t : taken.things()) {
            VertexPlacement place = new VertexPlacement(t.matrix());
            for (ExportSurface s : taken.surfaces(t)) {
                if (apart(s)) {
                    flat(place, s);
                    continue;
                }
                for (int v = 0; v < s.vertices(); v++) {
                    vertex(place, s, v);
                }
            }
        }
        int base = 0;
        for (ExportedSelection.Thing t : taken.things()) {
            boolean mirrored = new VertexPlacement(t.matrix()).mirrored;
            for (ExportSurface s : taken.surfaces(t)) {
                base += faces(s, base, mirrored);
            }
        }
        edges();
        to.write(b.array(), 0, b.position());
        b.clear();
    }

    private void edges() throws IOException {
        int base = 0;
        for (ExportedSelection.Thing t : taken.things()) {
            for (ExportSurface s : taken.surfaces(t)) {
                for (int k = 0; s.kind() == Mesh.Kind.LINES && k < s.triangles().length; k++) {
                    room(4);
                    b.putInt(base + s.triangles()[k]);
                }
                base += apart(s) ? corners(s) : s.vertices();
            }
        }
    }

    /** Whether a surface is flat beside smooth ones: each of its faces has vertices of its own, with the normal of the face. */
    private boolean apart(ExportSurface s) {
        return normals && s.isFaces() && s.normals() == null;
    }

    /** How many corners the faces of a surface have together. */
    private int corners(ExportSurface s) {
        ModelledFaces f = new ModelledFaces(s, modelled);
        int n = 0;
        for (int i = 0; i < s.triangles().length / 3; i++) {
            n += f.next(i) ? f.size() : 0;
        }
        return n;
    }

    private long vertices() throws IOException {
        long n = 0;
        for (ExportedSelection.Thing t : normals ? taken.things() : List.<ExportedSelection.Thing>of()) {
            for (ExportSurface s : taken.surfaces(t)) {
                n += apart(s) ? corners(s) - s.vertices() : 0;
            }
        }
        return taken.vertices() + n;
    }

    /** The vertices of a flat surface, face by face. */
    private void flat(VertexPlacement place, ExportSurface s) throws IOException {
        ModelledFaces f = new ModelledFaces(s, modelled);
        for (int i = 0; i < s.triangles().length / 3; i++) {
            if (f.next(i)) {
                double[] normal = normal(place, s, f);
                for (int k = 0; k < f.size(); k++) {
                    vertex(place, s, f.corner(k), normal);
                }
            }
        }
    }

    /** The normal of a face where it stands, by the sum over its sides (Newell; Sutherland, Sproull and Schumacker, 1974). */
    private static double[] normal(VertexPlacement place, ExportSurface s, ModelledFaces f) {
        double[] n = new double[3];
        double[] a = new double[3];
        place.point(s, f.corner(f.size() - 1));
        System.arraycopy(place.out, 0, a, 0, 3);
        for (int k = 0; k < f.size(); k++) {
            place.point(s, f.corner(k));
            double[] b = place.out;
            n[0] += (a[1] - b[1]) * (a[2] + b[2]);
            n[1] += (a[2] - b[2]) * (a[0] + b[0]);
            n[2] += (a[0] - b[0]) * (a[1] + b[1]);
            System.arraycopy(b, 0, a, 0, 3);
        }
        double l = Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
        double k = l == 0 ? 0 : (place.mirrored ? -1 : 1) / l;
        return new double[] {n[0] * k, n[1] * k, n[2] * k};
    }

    /** How many polygons there are: the header comes before them, so that they are counted first. */
    private long faces() throws IOException {
        long n = 0;
        for (ExportedSelection.Thing t : taken.things()) {
            for (ExportSurface s : taken.surfaces(t)) {
                ModelledFaces f = new ModelledFaces(s, true);
                for (int i = 0; s.isFaces() && i < s.triangles().length / 3; i++) {
                    n += f.next(i) ? 1 : 0;
                }
            }
        }
        return n;
    }

    /** Writes the faces of a surface whose first vertex has a number; gives how many vertices it has. */
    private int faces(ExportSurface s, int base, boolean mirrored) throws IOException {
        ModelledFaces f = new ModelledFaces(s, modelled);
        boolean apart = apart(s);
        int next = 0;
        for (int i = 0; s.isFaces() && i < s.triangles().length / 3; i++) {
            if (!f.next(i)) {
                continue;
            }
            room(2 + f.size() * 4);
            if (modelled) {
                b.putShort((short) f.size());
            } else {
                b.put((byte) 3);
            }
            for (int k = 0; k < f.size(); k++) {
                int corner = mirrored ? f.size() - 1 - k : k;
                b.putInt(base + (apart ? next + corner : f.corner(corner)));
            }
            next += f.size();
        }
        return apart ? next : s.vertices();
    }

    private void room(int bytes) throws IOException {
        if (b.remaining() < bytes) {
            to.write(b.array(), 0, b.position());
            b.clear();
        }
    }

    private void vertex(VertexPlacement place, ExportSurface s, int v) throws IOException {
        vertex(place, s, v, null);
    }

    private void vertex(VertexPlacement place, ExportSurface s, int v, double[] normal) throws IOException {
        room(LARGEST_VERTEX);
        place.point(s, v);
        three(place.out);
        if (normals) {
            if (normal != null) {
                System.arraycopy(normal, 0, place.out, 0, 3);
            } else if (s.normals() == null) {
                place.out[0] = place.out[1] = place.out[2] = 0;
            } else {
                place.normal(s, v);
            }
            three(place.out);
        }
        if (texture) {
            b.putFloat(s.texture() == null ? 0 : s.texture()[v * 2]);
            b.putFloat(s.texture() == null ? 0 : 1 - s.texture()[v * 2 + 1]);
        }
        for (int k = 0; k < 4 && colors; k++) {
            double c = s.colors() == null ? 1 : Math.max(0, Math.min(1, s.colors()[v * 4 + k]));
            b.put((byte) Math.round(255 * (k == 3 ? c : Srgb.signal(c))));
        }
    }

    private void three(double[] of) {
        b.putFloat((float) of[0]).putFloat((float) of[1]).putFloat((float) of[2]);
    }
}
