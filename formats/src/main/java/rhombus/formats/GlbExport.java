package rhombus.formats;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import tools.jackson.databind.json.JsonMapper;

/**
 * A scene with its changes as a GLB (glTF 2.0): of what came with the file the bytes are copied, so that only the document is
 * held in memory. Read again it is the same scene; other readers compute the same places and projections from it.
 */
public final class GlbExport {
    /** Gives bytes of the kept file's binary chunk. */
    public interface Source {
        /** Copies so many bytes from an offset; offsets never go back. */
        void copy(long from, long length, OutputStream to) throws IOException;
    }

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final int HEADER = 12;
    private static final int CHUNK = 8;

    private final Scene scene;
    private final ExportedMeshes meshes;
    private final ExportedLights lights;
    private final ExportedCameras cameras;
    private final List<Object> nodes = new ArrayList<>();
    private boolean hides;
    private final byte[] json;
    private final long bin;

    /** The file of binary data beside a document that is a file of its own. */
    public static final String BIN = "scene.bin";

    /** Works out the document of a GLB; see the other constructor. */
    public GlbExport(Map<String, Object> gltf, Scene scene, Set<String> only) {
        this(gltf, scene, only, false);
    }

    /**
     * Works out the document.
     *
     * @param apart whether document, binary data and images become files of their own
     * @param gltf document of the kept file
     * @param scene the scene made of it, with its changes
     * @param only ids of objects that alone are written, with all below them; null for all
     */
    public GlbExport(Map<String, Object> gltf, Scene scene, Set<String> only, boolean apart) {
        this.scene = scene;
        meshes = new ExportedMeshes(gltf, apart);
        lights = new ExportedLights(gltf);
        cameras = new ExportedCameras(PlainData.list(gltf.get("cameras")), cameraNumbers(gltf), scene);
        List<Object> roots = new ArrayList<>();
        for (int root : roots(only)) {
            double[] place = only == null ? scene.node(root).local() : scene.world(root);
            roots.add(node(root, place));
        }
        Map<String, Object> out = document(UpAxisConversion.over(roots, scene, nodes));
        bin = meshes.into(out, apart ? BIN : null);
        List<Object> used = new ArrayList<>(PlainData.list(out.get("extensionsUsed")));
        used.addAll(GltfMaterials.extensions(PlainData.list(out.get("materials"))));
        if (meshes.webp()) {
            used.add(RenumberedTextures.WEBP);
            out.put("extensionsRequired", List.of(RenumberedTextures.WEBP));
        }
        if (!used.isEmpty()) {
            out.put("extensionsUsed", used);
        }
        json = MAPPER.writeValueAsString(out).getBytes(StandardCharsets.UTF_8);
    }

    /** Numbers of the cameras of the file, by the ids that its nodes have in the scene. */
    private static Map<String, Integer> cameraNumbers(Map<String, Object> gltf) {
        Map<String, Integer> out = new HashMap<>();
        List<Object> listed = PlainData.list(gltf.get("nodes"));
        for (int i = 0; i < listed.size(); i++) {
            int camera = PlainData.whole(PlainData.map(listed.get(i)).get("camera"), -1);
            if (camera >= 0) {
                out.put(NormalForm.id(PlainData.map(listed.get(i)), i), camera);
            }
        }
        return out;
    }

    private List<Integer> roots(Set<String> only) {
        // Pictures behind views have no place in glTF.
        IntPredicate there = this::written;
        if (only == null) {
            return scene.children(-1).stream().filter(there::test).toList();
        }
        List<Integer> named = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            if (there.test(i) && only.contains(scene.node(i).id())) {
                named.add(i);
            }
        }
        return SceneEdits.roots(scene, named);
    }

    private boolean written(int node) {
        return !scene.node(node).gone() && scene.node(node).picture() == null;
    }

    private Map<String, Object> document(List<Object> roots) {
        List<Object> extensions = new ArrayList<>();
        if (lights.list() != null) {
            extensions.add(GltfLights.NAME);
        }
        if (hides) {
            extensions.add(NodeVisibility.NAME);
        }
        return PlainData.map(
                "asset",
                PlainData.map("version", "2.0", "generator", "Rhombus", "extras", PlainData.map("rhombus", own())),
                "extensionsUsed",
                extensions.isEmpty() ? null : extensions,
                "extensions",
                lights.list() == null ? null : PlainData.map(GltfLights.NAME, PlainData.map("lights", lights.list())),
                "scene",
                0,
                "scenes",
                List.of(PlainData.map("nodes", roots.isEmpty() ? null : roots)),
                "nodes",
                nodes.isEmpty() ? null : nodes,
                "cameras",
                cameras.list());
    }

    /** What glTF has no place for: the up axis, and the final picture with its guides. */
    private Map<String, Object> own() {
        Map<String, Object> m = scene.setup().picturePlain();
        m.put("upAxis", scene.up().name());
        return m;
    }

    /** Writes a node with all below it; gives its number. Trees may be deeper than a stack: no calls within calls. */
    private int node(int root, double[] place) {
        int first = nodes.size();
        record Open(int node, double[] place, List<Object> siblings) {}
        List<Open> open = new ArrayList<>(List.of(new Open(root, place, new ArrayList<>())));
        while (!open.isEmpty()) {
            Open at = open.remove(open.size() - 1);
            at.siblings.add(nodes.size());
            List<Object> children = one(at.node, DecomposedMatrix.of(at.place));
            List<Integer> below = scene.children(at.node);
            for (int k = below.size() - 1; k >= 0; k--) {
                if (written(below.get(k))) {
                    open.add(new Open(below.get(k), scene.node(below.get(k)).local(), children));
                }
            }
        }
        return first;
    }

    /** Writes a node alone; gives the list that its children are to be added to. */
    private List<Object> one(int number, DecomposedMatrix place) {
        Node n = scene.node(number);
        Map<String, Object> outer = PlainData.map("name", n.name().isEmpty() ? null : n.name());
        place.into(outer);
        nodes.add(outer);
        Map<String, Object> m = outer;
        if (place.before() != null) {
            m = PlainData.map();
            DecomposedMatrix.rotation(place.before(), m);
            nodes.add(m);
            outer.put("children", List.of(nodes.size() - 1));
        }
        List<Object> children = new Growing(m);
        extras(n, outer);
        Map<String, Object> extensions = PlainData.map();
        if (n.light() != null) {
            extensions.putAll(lights.of(n.light()));
        }
        if (n.hidden() || !onShownLayer(n)) {
            extensions.putAll(NodeVisibility.HIDDEN);
            hides = true;
        }
        if (!extensions.isEmpty()) {
            m.put("extensions", extensions);
        }
        if (n.camera() != null) {
            m.put("camera", cameras.of(number));
        }
        if (!n.meshes().isEmpty()) {
            meshes(n, m, children);
        }
        return children;
    }

    private boolean onShownLayer(Node n) {
        return n.layer() == null
                || scene.layer(n.layer()) == null
                || scene.layer(n.layer()).visible();
    }

    private void meshes(Node n, Map<String, Object> m, List<Object> children) {
        for (ExportedMeshes.Placed p : n.shape() != null ? meshes.of(n.shape()) : meshes.of(n.meshes())) {
            if (p.origin().equals(Vec3.ZERO) && !m.containsKey("mesh")) {
                m.put("mesh", p.mesh());
            } else {
                children.add(nodes.size());
                nodes.add(PlainData.map(
                        "mesh",
                        p.mesh(),
                        "translation",
                        PlainData.list(
                                p.origin().x(), p.origin().y(), p.origin().z())));
            }
        }
    }

    private static void extras(Node n, Map<String, Object> m) {
        Vec3 pivot = n.pivot();
        Map<String, Object> own = PlainData.map(
                "locked", n.locked() ? true : null,
                "pivot", pivot == null ? null : PlainData.list(pivot.x(), pivot.y(), pivot.z()));
        if (!own.isEmpty()) {
            m.put("extras", PlainData.map("rhombus", own));
        }
    }

    /** Children of a node, whose list is in the document only once there is one: glTF has no empty lists. */
    private static final class Growing extends ArrayList<Object> {
        private static final long serialVersionUID = 1;
        private final transient Map<String, Object> node;

        Growing(Map<String, Object> node) {
            this.node = node;
        }

        @Override
        public boolean add(Object child) {
            node.put("children", this);
            return super.add(child);
        }
    }

    /** Length of the whole, bytes. */
    public long length() {
        return HEADER + CHUNK + ChunkWriter.padded(json.length) + (bin == 0 ? 0 : CHUNK + bin);
    }

    /** Writes the whole (glTF 2.0, 4.4). */
    public void write(OutputStream to, Source source) throws IOException {
        to.write(ChunkWriter.of(0x46546C67, 2, (int) length()));
        to.write(ChunkWriter.of((int) ChunkWriter.padded(json.length), 0x4E4F534A));
        to.write(json);
        for (int i = json.length; i < ChunkWriter.padded(json.length); i++) {
            to.write(' ');
        }
        if (bin > 0) {
            to.write(ChunkWriter.of((int) bin, 0x004E4942));
            writeBin(to, source);
        }
    }

    /** Writes the binary data alone. */
    private void writeBin(OutputStream to, Source source) throws IOException {
        for (ExportedMeshes.Range r : meshes.ranges()) {
            source.copy(r.from(), r.length(), to);
            for (long i = r.length(); i < ChunkWriter.padded(r.length()); i++) {
                to.write(0);
            }
        }
        to.write(meshes.own());
    }

    /** About how long the zip will be, bytes. */
    public long about() {
        long images = meshes.imageFiles().stream().mapToLong(i -> i.length()).sum();
        return json.length + bin + images;
    }

    /**
     * Writes the document and the files beside it into a zip.
     *
     * @param name of the document
     * @param source gives bytes from any place in any order
     */
    public void zip(ZipOutputStream to, String name, Source source) throws IOException {
        to.putNextEntry(new ZipEntry(name));
        to.write(json);
        to.closeEntry();
        // Numbers of geometry get hardly smaller by being packed, and pictures not at all: as in a GLB they come as
        // they are, and fast.
        to.setLevel(Deflater.NO_COMPRESSION);
        if (bin > 0) {
            to.putNextEntry(new ZipEntry(BIN));
            writeBin(to, source);
        }
        for (ImageFile i : meshes.imageFiles()) {
            to.putNextEntry(new ZipEntry(i.name()));
            source.copy(i.from(), i.length(), to);
        }
        to.closeEntry();
    }
}
