package rhombus.formats.ply;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import rhombus.core.display.Srgb;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.Assembly;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.model.IndexedCorners;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.model.ModelPart;
import rhombus.formats.model.NumberList;
import rhombus.formats.model.PolygonTriangulation;
import rhombus.formats.model.ReadModel;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadedFiles;

/**
 * Reads PLY: faces of any number of corners, strips of triangles, edges, and points where there is nothing else. The format
 * has no rule on what properties are called; those are read that are in use (common practice, no source). Whole numbers
 * in colours are taken as a screen's signal, as scanners write them, and so are fractions.
 */
public final class PlyImport {
    private static final int STEP = 4096;
    private static final int PER_VERTEX = 64;
    private static final int MOST_CORNERS = 100_000;

    private final String file;
    private final String title;
    private final byte[] bytes;
    private final ByteBudget budget;
    private final Progress progress;
    private final ImportNotes notes = new ImportNotes();
    private final NumberList positions = new NumberList();
    private final NumberList normals = new NumberList();
    private final NumberList textures = new NumberList();
    private final NumberList colors = new NumberList();
    private final IndexedCorners faces = new IndexedCorners(Mesh.Kind.TRIANGLES);
    private final IndexedCorners edges = new IndexedCorners(Mesh.Kind.LINES);
    private final PolygonTriangulation polygon = new PolygonTriangulation();
    private double[] around = new double[64];

    private PlyImport(UploadedFiles upload, String file, ByteBudget budget, Progress progress) {
        this.file = file;
        this.title = UploadedFiles.title(file);
        this.bytes = upload.file(file);
        this.budget = budget;
        this.progress = progress;
    }

    /**
     * Reads a file of an upload.
     *
     * @throws FileProblem if it cannot be read, naming the line or the byte
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static ReadModel read(UploadedFiles upload, String file, ByteBudget budget, Progress progress) {
        return new PlyImport(upload, file, budget, progress).run();
    }

    private ReadModel run() {
        PlyHeader h = PlyHeader.read(bytes, file, notes);
        PlyEntries in = new PlyEntries(h, bytes, file);
        boolean first = true;
        for (PlyHeader.Element e : h.elements()) {
            in.begin(e);
            switch (e.name()) {
                case "vertex" -> {
                    if (!first) {
                        throw new FileProblem(file, "has vertices a second time, or after its faces. Export it again");
                    }
                    vertices(e, in);
                    first = false;
                }
                case "face" -> each(e, in, face(e, in));
                case "tristrips" -> each(e, in, strips(e, in));
                case "edge" -> each(e, in, edge(e, in));
                default -> {
                    each(e, in, i -> true);
                    if (e.count() > 0) {
                        notes.add("Entries called \"" + FileProblem.shown(e.name()) + "\" are left out.");
                    }
                }
            }
        }
        NumberList tints = colors.size() == 0 ? null : colors;
        List<ModelPart> parts = new ArrayList<>();
        if (faces.count() > 0) {
            parts.add(faces.part(positions, textures, normals, null, tints, -1));
        }
        if (edges.count() > 0) {
            parts.add(edges.part(positions, null, null, null, tints, -1));
        }
        if (parts.isEmpty() && positions.size() > 0) {
            IndexedCorners points = new IndexedCorners(Mesh.Kind.POINTS);
            for (int i = 0; i < positions.size() / 3; i++) {
                points.corner(i, IndexedCorners.NONE, IndexedCorners.NONE);
            }
            parts.add(points.part(positions, null, null, null, tints, -1));
        }
        Assembly out = new Assembly();
        out.node(-1, PlainData.map("name", title, "mesh", parts.isEmpty() ? null : out.mesh(parts)));
        return out.model(title, UpAxis.Y, LengthUnit.M, true, (image, place) -> new byte[0], notes);
    }

    private void each(PlyHeader.Element e, PlyEntries in, IntPredicate what) {
        for (int i = 0; i < e.count(); i++) {
            if (i % STEP == 0) {
                budget.take((long) ByteBudget.PER_TRIANGLE * Math.min(STEP, e.count() - i), file);
                progress.at("Reading faces", 0.3 * in.part());
            }
            in.read(e);
            if (!what.test(i)) {
                notes.add("Faces with fewer than three corners are left out.", in.place());
            }
        }
    }

    private void vertices(PlyHeader.Element e, PlyEntries in) {
        int[] p = {e.index("x"), e.index("y"), e.index("z")};
        int[] n = {e.index("nx"), e.index("ny"), e.index("nz")};
        int[] t = {e.index("u", "s", "texture_u"), e.index("v", "t", "texture_v")};
        int[] c = {
            e.index("red", "r", "diffuse_red"),
            e.index("green", "g", "diffuse_green"),
            e.index("blue", "b", "diffuse_blue"),
            e.index("alpha", "a", "diffuse_alpha")
        };
        if (p[0] < 0 || p[1] < 0 || p[2] < 0) {
            throw new FileProblem(file, "has vertices without x, y and z. Export it again with them");
        }
        budget.take((long) PER_VERTEX * e.count(), file);
        boolean normal = n[0] >= 0 && n[1] >= 0 && n[2] >= 0;
        boolean texture = t[0] >= 0 && t[1] >= 0;
        boolean tint = c[0] >= 0 && c[1] >= 0 && c[2] >= 0;
        for (int i = 0; i < e.count(); i++) {
            if (i % STEP == 0) {
                progress.at("Reading vertices", 0.3 * in.part());
            }
            in.read(e);
            for (int k : p) {
                if (!(Math.abs(in.value(k)) <= Float.MAX_VALUE)) {
                    throw new FileProblem(in.place(), "vertex " + i + " has no finite place. Export the file again");
                }
                positions.add(in.value(k));
            }
            for (int k = 0; k < 3 && normal; k++) {
                normals.add(finite(in.value(n[k]), in));
            }
            if (texture) {
                textures.add(finite(in.value(t[0]), in));
                // Upwards here, downwards in glTF.
                textures.add(1 - finite(in.value(t[1]), in));
            }
            for (int k = 0; k < 3 && tint; k++) {
                double full = e.properties().get(c[k]).type().full();
                double d = finite(in.value(c[k]), in) / full;
                colors.add(Srgb.linear(Math.max(0, Math.min(1, d))));
            }
            if (tint) {
                double full = c[3] < 0 ? 1 : e.properties().get(c[3]).type().full();
                colors.add(c[3] < 0 ? 1 : Math.max(0, Math.min(1, finite(in.value(c[3]), in) / full)));
            }
        }
    }

    private double finite(double d, PlyEntries in) {
        if (Math.abs(d) <= Float.MAX_VALUE) {
            return d;
        }
        notes.add("Normals, colours and texture coordinates that are no numbers were set to zero.", in.place());
        return 0;
    }

    private int vertex(double d, PlyEntries in) {
        if (!(d >= 0) || d >= positions.size() / 3 || d != Math.rint(d)) {
            throw new FileProblem(
                    in.place(),
                    "names vertex " + (long) d + ", but there are only " + positions.size() / 3
                            + ". Export the file again");
        }
        return (int) d;
    }

    private void corner(int v) {
        faces.corner(v, textures.size() > 0 ? v : IndexedCorners.NONE, normals.size() > 0 ? v : IndexedCorners.NONE);
    }

    private int lists(PlyHeader.Element e, String... names) {
        int of = e.index(names);
        if (of < 0 || e.properties().get(of).counted() == null) {
            throw new FileProblem(
                    file, "has \"" + FileProblem.shown(e.name()) + "\" without a list of vertices. Export it again");
        }
        return of;
    }

    private IntPredicate face(PlyHeader.Element e, PlyEntries in) {
        if (e.count() == 0) {
            return i -> true;
        }
        int of = lists(e, "vertex_indices", "vertex_index");
        if (e.index("texcoord") >= 0 && textures.size() == 0) {
            notes.add("Texture coordinates of faces are left out; only those of vertices are read.");
        }
        return i -> {
            int n = in.length(of);
            if (n > MOST_CORNERS) {
                throw new FileProblem(
                        in.place(), "is a face of " + n + " corners; at most " + MOST_CORNERS + " are read");
            }
            if (n < 3) {
                return n == 0;
            }
            double[] list = in.list(of);
            if (around.length < n * 3) {
                around = new double[n * 6];
            }
            for (int k = 0; k < n; k++) {
                int v = vertex(list[k], in);
                for (int axis = 0; axis < 3; axis++) {
                    around[k * 3 + axis] = positions.get(v * 3 + axis);
                }
            }
            polygon.cut(around, n);
            if (n > 4) {
                budget.take((long) ByteBudget.PER_TRIANGLE * (n - 3), in.place());
            }
            for (int t = 0; t < polygon.count(); t++) {
                for (int k = 0; k < 3; k++) {
                    corner((int) list[polygon.corner(t, k)]);
                }
                faces.sides(polygon.sides(t));
            }
            return true;
        };
    }

    /** Strips are parted by -1 (common practice, no source). */
    private IntPredicate strips(PlyHeader.Element e, PlyEntries in) {
        if (e.count() == 0) {
            return i -> true;
        }
        int of = lists(e, "vertex_indices", "vertex_index");
        return i -> {
            double[] list = in.list(of);
            int length = in.length(of);
            budget.take((long) ByteBudget.PER_TRIANGLE * length, in.place());
            int start = 0;
            for (int k = 0; k < length; k++) {
                if (list[k] < 0) {
                    start = k + 1;
                } else if (k - start >= 2) {
                    int odd = (k - start) % 2;
                    corner(vertex(list[k - 2], in));
                    corner(vertex(list[k - 1 + odd], in));
                    corner(vertex(list[k - odd], in));
                }
            }
            return true;
        };
    }

    private IntPredicate edge(PlyHeader.Element e, PlyEntries in) {
        int a = e.index("vertex1");
        int b = e.index("vertex2");
        if (a < 0 || b < 0) {
            notes.add("Edges that do not name two vertices are left out.");
            return i -> true;
        }
        return i -> {
            edges.corner(vertex(in.value(a), in), IndexedCorners.NONE, IndexedCorners.NONE);
            edges.corner(vertex(in.value(b), in), IndexedCorners.NONE, IndexedCorners.NONE);
            return true;
        };
    }
}
