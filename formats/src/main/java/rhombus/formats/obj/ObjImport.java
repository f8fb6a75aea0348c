package rhombus.formats.obj;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import rhombus.core.display.Srgb;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.Assembly;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.model.IndexedCorners;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.model.NumberList;
import rhombus.formats.model.PolygonTriangulation;
import rhombus.formats.model.ReadModel;
import rhombus.formats.text.TextWords;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/**
 * Reads OBJ: polygons, lines and points, objects and groups, smoothing, colours of vertices. What a library for it leaves out,
 * lines, points, colours, other encodings and the line of a mistake, is what people need of it, so it is read here.
 */
public final class ObjImport {
    private static final int STEP = 4096;
    private static final int PER_VERTEX = 56;
    private static final int MOST_CORNERS = 100_000;
    /** Statements that change nothing of what is shown here. */
    private static final Set<String> WITHOUT_LOSS =
            Set.of("bevel", "c_interp", "d_interp", "lod", "shadow_obj", "trace_obj", "mg", "usemap", "maplib");

    private final UploadedFiles upload;
    private final String file;
    private final TextWords w;
    private final ByteBudget budget;
    private final Progress progress;
    private final Assembly out = new Assembly();
    private final ImportNotes notes = new ImportNotes();
    private final NumberList positions = new NumberList();
    private final NumberList textures = new NumberList();
    private final NumberList normals = new NumberList();
    private final NumberList colors = new NumberList();
    private final SmoothNormals smooth = new SmoothNormals();
    private final ObjGroups groups;
    private final Map<String, Map<String, Object>> library = new HashMap<>();
    private final Map<String, Integer> materials = new HashMap<>();
    private final PolygonTriangulation polygon = new PolygonTriangulation();
    private int material = -1;
    private int smoothing;
    private int[] corners = new int[48];
    private double[] around = new double[48];
    private final int[] three = new int[3];
    private int elements;

    private ObjImport(UploadedFiles upload, String file, UploadLimits limits, ByteBudget budget, Progress progress) {
        this.upload = upload;
        this.file = file;
        this.w = new TextWords(upload.file(file), file);
        this.groups = new ObjGroups(limits);
        this.budget = budget;
        this.progress = progress;
    }

    /**
     * Reads a file of an upload, with the materials beside it.
     *
     * @throws FileProblem if it cannot be read, naming the line
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static ReadModel read(
            UploadedFiles upload, String file, UploadLimits limits, ByteBudget budget, Progress progress) {
        return new ObjImport(upload, file, limits, budget, progress).run();
    }

    private ReadModel run() {
        while (w.line()) {
            if (w.next()) {
                statement();
            }
        }
        if (groups.isEmpty()) {
            // Scanners write clouds as vertices that nothing names.
            IndexedCorners to = groups.of(Mesh.Kind.POINTS, -1, false);
            for (int i = 0; i < positions.size() / 3; i++) {
                count(ByteBudget.PER_TRIANGLE);
                to.corner(i, IndexedCorners.NONE, IndexedCorners.NONE);
            }
        }
        String title = UploadedFiles.title(file);
        NumberList smoothed = smooth.units();
        NumberList tints = colors.size() == 0 ? null : colors;
        if (tints != null) {
            paint(positions.size() / 3);
        }
        groups.into(out, title, (c, m) -> c.part(positions, textures, normals, smoothed, tints, m));
        if (out.nodes() == 0) {
            out.node(-1, PlainData.map("name", title));
        }
        return out.model(title, UpAxis.Y, LengthUnit.M, true, this::image, notes);
    }

    private byte[] image(Map<String, Object> image, String place) {
        String uri = PlainData.text(image.get("uri"), "");
        byte[] b = upload.beside(file, uri);
        if (b == null) {
            notes.add("A texture that is not in the upload is left out.", "\"" + uri + "\"");
            return new byte[0];
        }
        return b;
    }

    private void statement() {
        if (w.is("v")) {
            vertex();
        } else if (w.is("vt")) {
            textures.add(single("a texture coordinate"));
            // Upwards here, downwards in glTF.
            textures.add(w.next() ? 1 - w.real() : 1);
        } else if (w.is("vn")) {
            for (int k = 0; k < 3; k++) {
                normals.add(single("a normal"));
            }
        } else if (w.is("f") || w.is("fo")) {
            face();
        } else if (w.is("l")) {
            line();
        } else if (w.is("p")) {
            points();
        } else if (w.is("o")) {
            groups.object(w.rest());
        } else if (w.is("g")) {
            groups.group(w.rest());
        } else if (w.is("s")) {
            smoothing = w.next() && !w.is("off") ? w.whole() : 0;
        } else if (w.is("usemtl")) {
            material(w.rest());
        } else if (w.is("mtllib")) {
            library(w.rest());
        } else if (!WITHOUT_LOSS.contains(w.word())) {
            notes.add("The statement \"" + FileProblem.shown(w.word()) + "\" is left out.", w.place());
        }
    }

    private void count(int bytes) {
        if (elements++ % STEP == 0) {
            budget.take((long) bytes * STEP, w.place());
            progress.at("Reading the file", 0.3 * w.part());
        }
    }

    private double single(String what) {
        double d = w.nextReal(what);
        if (Math.abs(d) > Float.MAX_VALUE) {
            throw w.wrong(
                    "\"" + FileProblem.shown(w.word()) + "\" is too large. Scale the scene down and export it again");
        }
        return d;
    }

    private void vertex() {
        count(PER_VERTEX);
        for (int k = 0; k < 3; k++) {
            positions.add(single("a coordinate"));
        }
        double[] more = new double[4];
        int n = 0;
        while (n < 4 && w.next()) {
            more[n++] = w.real();
        }
        // One number more is a weight, three are a colour, four both.
        if (n >= 3) {
            paint(positions.size() / 3 - 1);
            for (int k = n - 3; k < n; k++) {
                colors.add(Srgb.linear(Math.max(0, Math.min(1, more[k]))));
            }
            colors.add(1);
        }
    }

    /** Gives vertices without a colour white, once one has a colour. */
    private void paint(int upTo) {
        while (colors.size() < upTo * 4) {
            colors.add(1);
        }
    }

    /** A reference counted from 1, or from the last one back where it is negative; from 0. */
    private int from(int reference, int count, String what) {
        int i = reference < 0 ? count + reference : reference - 1;
        if (i < 0 || i >= count) {
            throw w.wrong("names " + what + " " + reference + ", but up to here there are " + count
                    + ". Export the file again");
        }
        return i;
    }

    private void face() {
        count(ByteBudget.PER_TRIANGLE);
        int n = 0;
        boolean textured = true;
        boolean told = true;
        while (w.next()) {
            if (n == MOST_CORNERS) {
                throw w.wrong("is a face of more than " + MOST_CORNERS + " corners");
            }
            if (n * 3 == corners.length) {
                corners = Arrays.copyOf(corners, n * 6);
                around = Arrays.copyOf(around, n * 6);
            }
            int numbers = w.wholes(three);
            int p = from(three[0], positions.size() / 3, "vertex");
            corners[n * 3] = p;
            corners[n * 3 + 1] =
                    numbers > 1 && three[1] != 0 ? from(three[1], textures.size() / 2, "texture coordinate") : -1;
            corners[n * 3 + 2] = numbers > 2 && three[2] != 0 ? from(three[2], normals.size() / 3, "normal") : -1;
            textured &= corners[n * 3 + 1] >= 0;
            told &= corners[n * 3 + 2] >= 0;
            for (int k = 0; k < 3; k++) {
                around[n * 3 + k] = positions.get(p * 3 + k);
            }
            n++;
        }
        if (n < 3) {
            notes.add("Faces with fewer than three corners are left out.", w.place());
            return;
        }
        polygon.cut(around, n);
        if (n > 4) {
            budget.take((long) ByteBudget.PER_TRIANGLE * (n - 3), w.place());
        }
        if (!told && smoothing > 0) {
            smoothed(n);
            told = true;
        }
        IndexedCorners to = groups.of(Mesh.Kind.TRIANGLES, material, !told);
        for (int t = 0; t < polygon.count(); t++) {
            for (int k = 0; k < 3; k++) {
                int c = polygon.corner(t, k) * 3;
                to.corner(
                        corners[c],
                        textured ? corners[c + 1] : IndexedCorners.NONE,
                        told ? corners[c + 2] : IndexedCorners.NONE);
            }
            to.sides(polygon.sides(t));
        }
    }

    /** A face's corners take part in the normals of its smoothing group, weighed by its area. */
    private void smoothed(int n) {
        double[] area = PolygonTriangulation.newell(around, n);
        for (int c = 0; c < n; c++) {
            int number = smooth.of(corners[c * 3], smoothing);
            smooth.add(number, area);
            corners[c * 3 + 2] = IndexedCorners.SECOND + number;
        }
    }

    private void line() {
        count(ByteBudget.PER_TRIANGLE);
        IndexedCorners to = groups.of(Mesh.Kind.LINES, material, false);
        int last = -1;
        while (w.next()) {
            w.wholes(three);
            int p = from(three[0], positions.size() / 3, "vertex");
            if (last >= 0) {
                to.corner(last, IndexedCorners.NONE, IndexedCorners.NONE);
                to.corner(p, IndexedCorners.NONE, IndexedCorners.NONE);
            }
            last = p;
        }
    }

    private void points() {
        count(ByteBudget.PER_TRIANGLE);
        IndexedCorners to = groups.of(Mesh.Kind.POINTS, material, false);
        while (w.next()) {
            to.corner(from(w.whole(), positions.size() / 3, "vertex"), IndexedCorners.NONE, IndexedCorners.NONE);
        }
    }

    private void material(String name) {
        Integer known = materials.get(name);
        if (known == null) {
            Map<String, Object> m = library.get(name);
            if (m == null) {
                notes.add("Materials that no material file of the upload holds are shown grey.", "\"" + name + "\"");
                m = PlainData.map("name", name, "pbrMetallicRoughness", PlainData.map("metallicFactor", 0.0));
            }
            known = out.material(m);
            materials.put(name, known);
        }
        material = known;
    }

    /** One file with blanks in its name, or several with blanks between them. */
    private void library(String names) {
        if (materials(names)) {
            return;
        }
        String[] each = names.split("\\s+");
        for (String name : each) {
            if (each.length == 1 || !materials(name)) {
                notes.add("A material file that is not in the upload is left out.", "\"" + name + "\"");
            }
        }
    }

    private boolean materials(String name) {
        byte[] b = name.isEmpty() ? null : upload.beside(file, name.replace('\\', '/'));
        if (b != null) {
            budget.take(b.length, w.place());
            new MtlImport(b, name, out, notes).read().forEach(library::putIfAbsent);
        }
        return b != null;
    }
}
