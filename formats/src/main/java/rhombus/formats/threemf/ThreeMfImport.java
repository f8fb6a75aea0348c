package rhombus.formats.threemf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
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
import rhombus.formats.model.ReadModel;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Reads 3MF: meshes, components, items of the build, base materials and colours, units. Up is Z (core specification, 3.3). */
public final class ThreeMfImport {
    private static final int STEP = 4096;
    private static final int PER_VERTEX = 56;

    private final String file;
    private final String place;
    private final UploadLimits limits;
    private final ByteBudget budget;
    private final Progress progress;
    private final XMLStreamReader r;
    private final Assembly out = new Assembly();
    private final ImportNotes notes = new ImportNotes();
    private final ThreeMfResources resources = new ThreeMfResources();
    private final Map<Integer, Integer> meshes = new HashMap<>();
    private final int length;
    /** The materials that are being read. */
    private List<Integer> group;

    private ThreeMfImport(UploadedFiles upload, String file, UploadLimits limits, ByteBudget budget, Progress progress)
            throws XMLStreamException {
        this.file = file;
        this.limits = limits;
        this.budget = budget;
        this.progress = progress;
        UploadedFiles parts = upload.opened(file);
        String path = Package3mf.start(parts, file);
        this.place = file + " › " + path;
        byte[] xml = parts.file(path);
        this.length = xml.length;
        this.r = Package3mf.reader(xml);
    }

    /**
     * Reads a file of an upload.
     *
     * @throws FileProblem if it cannot be read, naming the line
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static ReadModel read(
            UploadedFiles upload, String file, UploadLimits limits, ByteBudget budget, Progress progress) {
        ThreeMfImport i = null;
        try {
            i = new ThreeMfImport(upload, file, limits, budget, progress);
            return i.run();
        } catch (XMLStreamException e) {
            throw Package3mf.broken(e, i == null ? file : i.place);
        }
    }

    private ReadModel run() throws XMLStreamException {
        LengthUnit unit = null;
        List<ThreeMfResources.Use> build = new ArrayList<>();
        while (r.hasNext()) {
            if (Package3mf.next(r, place) != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            switch (r.getLocalName()) {
                case "model" -> unit = unit();
                case "basematerials", "colorgroup" -> begin();
                case "base", "color" -> color();
                case "object" -> object();
                case "item" -> build.add(use());
                case "resources", "build", "metadata", "metadatagroup" -> {}
                default ->
                    notes.add("What the file calls \"" + FileProblem.shown(r.getLocalName()) + "\" is left out.", at());
            }
        }
        if (unit == null) {
            throw new FileProblem(place, "holds no model. Export it again");
        }
        for (ThreeMfResources.Use item : build) {
            node(-1, item);
        }
        if (build.isEmpty()) {
            notes.add("The file builds nothing; all its objects are shown.");
            for (int id : resources.things.keySet()) {
                node(-1, new ThreeMfResources.Use(id, null));
            }
        }
        return out.model(UploadedFiles.title(file), UpAxis.Z, unit, false, (image, at) -> new byte[0], notes);
    }

    private String at() {
        return place + " line " + r.getLocation().getLineNumber();
    }

    private LengthUnit unit() {
        String given = r.getAttributeValue(null, "unit");
        return switch (given == null ? "millimeter" : given.toLowerCase(Locale.ROOT)) {
            case "micron" -> LengthUnit.MICRON;
            case "millimeter" -> LengthUnit.MM;
            case "centimeter" -> LengthUnit.CM;
            case "inch" -> LengthUnit.IN;
            case "foot" -> LengthUnit.FT;
            case "meter" -> LengthUnit.M;
            default -> throw new FileProblem(at(), "\"" + FileProblem.shown(given) + "\" is no unit of 3MF");
        };
    }

    private void begin() {
        group = new ArrayList<>();
        resources.groups.put(number("id"), group);
    }

    private void color() {
        if (group == null) {
            throw new FileProblem(at(), "is a colour outside of a group. Export the file again");
        }
        String color = r.getAttributeValue(null, r.getLocalName().equals("base") ? "displaycolor" : "color");
        if (color == null || !color.matches("#([0-9A-Fa-f]{6}|[0-9A-Fa-f]{8})")) {
            throw new FileProblem(
                    at(), "\"" + FileProblem.shown(color) + "\" is no colour like #FF8000. Export the file again");
        }
        long c = Long.parseLong(color.substring(1), 16) << (color.length() == 7 ? 8 : 0)
                | (color.length() == 7 ? 255 : 0);
        double alpha = (c & 255) / 255.0;
        group.add(out.material(PlainData.map(
                "name", r.getAttributeValue(null, "name"),
                "pbrMetallicRoughness",
                        PlainData.map(
                                "baseColorFactor",
                                PlainData.list(linear(c >> 24), linear(c >> 16), linear(c >> 8), alpha),
                                "metallicFactor",
                                0.0),
                "alphaMode", alpha < 1 ? "BLEND" : null)));
    }

    private static double linear(long of) {
        return Srgb.linear((of & 255) / 255.0);
    }

    private String text(String attribute) {
        String s = r.getAttributeValue(null, attribute);
        if (s == null) {
            throw new FileProblem(at(), "has no \"" + attribute + "\". Export the file again");
        }
        return s;
    }

    private int number(String attribute) {
        String s = text(attribute);
        try {
            int n = Integer.parseInt(s);
            if (n >= 0) {
                return n;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        throw new FileProblem(at(), "\"" + FileProblem.shown(s) + "\" is no whole number. Export the file again");
    }

    private double real(String s) {
        double d = Double.NaN;
        try {
            d = Double.parseDouble(s);
        } catch (NumberFormatException e) {
            // Told below.
        }
        if (!(Math.abs(d) <= Float.MAX_VALUE)) {
            throw new FileProblem(at(), "\"" + FileProblem.shown(s) + "\" is no finite number. Export the file again");
        }
        return d;
    }

    /** Of an element that puts an object somewhere; the twelve numbers of a transform are rows of a matrix before which points stand. */
    private ThreeMfResources.Use use() {
        int id = number("objectid");
        if (!resources.things.containsKey(id)) {
            throw new FileProblem(
                    at(), "names object " + id + ", which does not come before it. Export the file again");
        }
        String given = r.getAttributeValue(null, "transform");
        double[] m = null;
        if (given != null) {
            String[] w = given.strip().split("\\s+");
            if (w.length != 12) {
                throw new FileProblem(at(), "has a transform of " + w.length + " numbers instead of 12");
            }
            m = new double[16];
            for (int k = 0; k < 12; k++) {
                m[k / 3 * 4 + k % 3] = real(w[k]);
            }
            m[15] = 1;
        }
        return new ThreeMfResources.Use(id, m);
    }

    private void object() throws XMLStreamException {
        int id = number("id");
        String name = r.getAttributeValue(null, "name");
        Integer group = r.getAttributeValue(null, "pid") == null ? null : number("pid");
        Integer material = group == null ? null : material(group, "pindex");
        List<ThreeMfResources.Use> components = new ArrayList<>();
        NumberList positions = new NumberList();
        Map<Integer, IndexedCorners> triangles = new LinkedHashMap<>();
        while (r.hasNext()) {
            int event = Package3mf.next(r, place);
            if (event == XMLStreamConstants.END_ELEMENT && r.getLocalName().equals("object")) {
                break;
            }
            if (event != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            switch (r.getLocalName()) {
                case "vertex" -> {
                    count(positions.size() / 3, PER_VERTEX);
                    positions.add(real(text("x")));
                    positions.add(real(text("y")));
                    positions.add(real(text("z")));
                }
                case "triangle" -> triangle(positions, triangles, group, material);
                case "component" -> components.add(use());
                case "mesh", "vertices", "triangles", "components", "metadata", "metadatagroup" -> {}
                default ->
                    notes.add("What the file calls \"" + FileProblem.shown(r.getLocalName()) + "\" is left out.", at());
            }
        }
        List<ModelPart> parts = new ArrayList<>();
        triangles.forEach((m, c) -> parts.add(c.part(positions, null, null, null, null, m)));
        if (resources.things.putIfAbsent(id, new ThreeMfResources.Thing(name == null ? "" : name, parts, components))
                != null) {
            throw new FileProblem(at(), "ends a second object with number " + id + ". Export the file again");
        }
    }

    private void count(int before, int bytes) {
        if (before % STEP == 0) {
            budget.take((long) bytes * STEP, at());
            progress.at("Reading the file", Math.min(0.3, 0.3 * r.getLocation().getCharacterOffset() / length));
        }
    }

    private int material(int pid, String index) {
        List<Integer> of = resources.groups.get(pid);
        if (of == null) {
            notes.add("Materials of a sort that is not read here are left out.", at());
            return -1;
        }
        int i = r.getAttributeValue(null, index) == null ? 0 : number(index);
        if (i >= of.size()) {
            throw new FileProblem(
                    at(), "names material " + i + " of a group of " + of.size() + ". Export the file again");
        }
        return of.get(i);
    }

    /**
     * A triangle; what it does not say of its material is as its object says (3MF Core Specification 1.3, 4.1.4).
     *
     * @param group of properties that the object names, or null
     * @param usual material of the object, or null
     */
    private void triangle(NumberList positions, Map<Integer, IndexedCorners> triangles, Integer group, Integer usual) {
        int m = usual == null ? -1 : usual;
        if (r.getAttributeValue(null, "p1") != null) {
            String pid = r.getAttributeValue(null, "pid");
            m = pid != null ? material(number("pid"), "p1") : group != null ? material(group, "p1") : m;
            for (String other : List.of("p2", "p3")) {
                String given = r.getAttributeValue(null, other);
                if (given != null && !given.equals(r.getAttributeValue(null, "p1"))) {
                    notes.add("Triangles with a colour at each corner are shown in that of the first.", at());
                }
            }
        }
        IndexedCorners to = triangles.computeIfAbsent(m, k -> new IndexedCorners(Mesh.Kind.TRIANGLES));
        count(to.count(), ByteBudget.PER_TRIANGLE);
        for (String corner : List.of("v1", "v2", "v3")) {
            int v = number(corner);
            if (v >= positions.size() / 3) {
                throw new FileProblem(
                        at(),
                        "names vertex " + v + ", but the mesh has only " + positions.size() / 3
                                + ". Export the file again");
            }
            to.corner(v, IndexedCorners.NONE, IndexedCorners.NONE);
        }
    }

    /** An object with all it is put together from; those in other objects came before them, so there are no circles. */
    private void node(int parent, ThreeMfResources.Use first) {
        record Open(int parent, ThreeMfResources.Use use, int depth) {}
        List<Open> open = new ArrayList<>(List.of(new Open(parent, first, 1)));
        while (!open.isEmpty()) {
            Open o = open.remove(open.size() - 1);
            if (out.nodes() >= limits.nodes() || o.depth > limits.depth()) {
                throw new FileProblem(
                        place,
                        "has more than " + limits.nodes()
                                + " objects, those in others counted each time, or lies deeper than " + limits.depth()
                                + ". Upload a part of it");
            }
            ThreeMfResources.Thing t = resources.things.get(o.use.object());
            Integer mesh = t.mesh().isEmpty() ? null : meshes.computeIfAbsent(o.use.object(), id -> out.mesh(t.mesh()));
            int node = out.node(
                    o.parent,
                    PlainData.map(
                            "name",
                            t.name().isEmpty() ? "Object " + o.use.object() : t.name(),
                            "matrix",
                            o.use.matrix() == null ? null : PlainData.list(o.use.matrix()),
                            "mesh",
                            mesh));
            for (int i = t.components().size() - 1; i >= 0; i--) {
                open.add(new Open(node, t.components().get(i), o.depth + 1));
            }
        }
    }
}
