package rhombus.formats.out;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.function.IntFunction;
import rhombus.core.display.Srgb;
import rhombus.core.geometry.Mesh;

/** Writes OBJ: an object each, with the materials that its surfaces use. */
public final class ObjExport {
    private static final int BUFFER = 1 << 16;

    private final ExportedSelection taken;
    private final boolean modelled;
    private final String library;
    private final IntFunction<String> material;
    /** Whether a material is in use that an object without one would take over. */
    private boolean painted;

    private final StringBuilder s = new StringBuilder(BUFFER + 1024);
    private Writer to;

    /**
     * What is to be written.
     *
     * @param modelled whether faces are joined to the polygons that they were modelled as
     * @param library name of the file with the materials, or null without any
     * @param material gives the name of a material there
     */
    public ObjExport(ExportedSelection taken, boolean modelled, String library, IntFunction<String> material) {
        this.taken = taken;
        this.modelled = modelled;
        this.library = library;
        this.material = material;
    }

    /** About how long the file will be, bytes: what numbers take as text is known only once they are written. */
    public long about() {
        return 33 * taken.vertices() * (taken.any("NORMAL") ? 2 : 1)
                + (taken.any("TEXCOORD_0") ? 20 * taken.vertices() : 0)
                + 26 * taken.triangles();
    }

    /** Writes the file. */
    public void write(OutputStream out) throws IOException {
        to = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        s.append("# by Rhombus\n");
        if (library != null) {
            s.append("mtllib ").append(library).append('\n');
        }
        int[] from = {1, 1, 1};
        for (ExportedSelection.Thing t : taken.things()) {
            s.append("o ").append(line(taken.name(t))).append('\n');
            VertexPlacement place = new VertexPlacement(t.matrix());
            for (ExportSurface surface : taken.surfaces(t)) {
                write(surface, place, from);
            }
        }
        to.append(s);
        to.flush();
    }

    /** A name as a rest of a line. */
    static String line(String name) {
        String n = name.replaceAll("\\p{Cntrl}", " ").strip();
        // A line that ends in a backslash would go on in the next.
        return n.isEmpty() ? "Unnamed" : n.endsWith("\\") ? n + "_" : n;
    }

    private void write(ExportSurface f, VertexPlacement place, int[] from) throws IOException {
        painted |= f.material() >= 0;
        if (library != null && painted) {
            s.append("usemtl ").append(material.apply(f.material())).append('\n');
        }
        for (int v = 0; v < f.vertices(); v++) {
            place.point(f, v);
            numbers("v", place.out, 3);
            for (int k = 0; k < 3 && f.colors() != null; k++) {
                s.append(' ').append((float) Srgb.signal(Math.max(0, Math.min(1, f.colors()[v * 4 + k]))));
            }
            end();
        }
        for (int v = 0; v < f.vertices() && f.texture() != null; v++) {
            s.append("vt ").append(f.texture()[v * 2]).append(' ').append(1 - f.texture()[v * 2 + 1]);
            end();
        }
        for (int v = 0; v < f.vertices() && f.normals() != null; v++) {
            place.normal(f, v);
            numbers("vn", place.out, 3);
            end();
        }
        if (!f.isFaces()) {
            strokes(f, from[0]);
        }
        ModelledFaces facets = new ModelledFaces(f, modelled && f.isFaces());
        for (int t = 0; f.isFaces() && t < f.triangles().length / 3; t++) {
            if (facets.next(t)) {
                face(facets, f, place.mirrored, from);
            }
        }
        from[0] += f.vertices();
        from[1] += f.texture() == null ? 0 : f.vertices();
        from[2] += f.normals() == null ? 0 : f.vertices();
    }

    private void strokes(ExportSurface f, int first) throws IOException {
        boolean line = f.kind() == Mesh.Kind.LINES;
        for (int i = 0; i < f.triangles().length; i += line ? 2 : 1) {
            s.append(line ? "l " : "p ").append(first + f.triangles()[i]);
            if (line) {
                s.append(' ').append(first + f.triangles()[i + 1]);
            }
            end();
        }
    }

    private void face(ModelledFaces facets, ExportSurface f, boolean mirrored, int[] from) throws IOException {
        s.append('f');
        for (int k = 0; k < facets.size(); k++) {
            int c = facets.corner(mirrored ? facets.size() - 1 - k : k);
            s.append(' ').append(from[0] + c);
            if (f.texture() != null) {
                s.append('/').append(from[1] + c);
            }
            if (f.normals() != null) {
                s.append(f.texture() == null ? "//" : "/").append(from[2] + c);
            }
        }
        end();
    }

    private void numbers(String word, double[] of, int n) {
        s.append(word);
        for (int k = 0; k < n; k++) {
            float single = (float) of[k];
            s.append(' ');
            // As short as a number can be that reads as the same place.
            if (single == of[k]) {
                s.append(single);
            } else {
                s.append(of[k]);
            }
        }
    }

    private void end() throws IOException {
        s.append('\n');
        if (s.length() > BUFFER) {
            to.append(s);
            s.setLength(0);
        }
    }
}
