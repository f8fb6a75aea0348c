package rhombus.formats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.formats.model.ModelPart;
import rhombus.formats.model.ReadModel;
import rhombus.formats.upload.UploadLimits;

/**
 * Lays a newer file under the work on an older one: objects that are the same keep their ids, so that whatever names them goes on
 * naming them; what the newer file has no more is kept aside, hidden, with its meshes, so that nothing that was made of it
 * is lost.
 */
public final class NewerFileMerge {
    /** Under which a node of a document that is on its way to its normal form has its id. */
    static final String ID = "rhombus id";
    /** Words that no file may write itself. */
    static final Set<String> OWN = Set.of(ID, MissingObjects.IMAGE);

    /**
     * What came of it.
     *
     * @param matched objects that are in both files
     * @param reshaped how many of these have other meshes than before
     * @param renamed those of them that are called otherwise, so that somebody can see what was taken for what
     * @param fresh names of objects that are new
     * @param missing names of objects that the newer file has no more
     */
    public record Report(int matched, int reshaped, List<Renamed> renamed, List<String> fresh, List<String> missing) {}

    /**
     * An object that is in both files under another name.
     *
     * @param from its name in the older one
     * @param to its name in the newer one
     */
    public record Renamed(String from, String to) {}

    private final ReadModel model;
    private final KeptScene kept;
    private final byte[] glb;
    private final Scene old;
    private final DocumentTree tree;
    private final List<Object> nodes;
    private int nextId;

    private NewerFileMerge(ReadModel model, byte[] oldGlb, UploadLimits limits) {
        this.model = model;
        this.glb = oldGlb;
        this.kept = KeptScene.of(oldGlb);
        this.old = kept.scene(oldGlb);
        this.tree = new DocumentTree(model.gltf(), limits);
        this.nodes = PlainData.list(model.gltf().get("nodes"));
        for (int i = 0; i < old.count(); i++) {
            String id = old.node(i).id();
            if (id.matches("n\\d{1,8}")) {
                nextId = Math.max(nextId, Integer.parseInt(id.substring(1)) + 1);
            }
        }
    }

    /** A model with the ids and the leftovers of an older scene. */
    record Laid(ReadModel model, Report report) {}

    static Laid over(byte[] oldGlb, ReadModel model, UploadLimits limits) {
        return new NewerFileMerge(model, oldGlb, limits).run();
    }

    private Laid run() {
        List<ObjectMatching.Item> was = new ArrayList<>();
        for (int i = 0; i < old.count(); i++) {
            was.add(new ObjectMatching.Item(old.node(i).name(), old.node(i).parent(), oldShape(i)));
        }
        Map<Integer, Integer> place = new HashMap<>();
        List<ObjectMatching.Item> is = new ArrayList<>();
        for (int number : tree.order) {
            Map<String, Object> n = PlainData.map(nodes.get(number));
            int parent = tree.parent[number];
            place.put(number, is.size());
            is.add(new ObjectMatching.Item(NormalWriter.name(n), parent < 0 ? -1 : place.get(parent), newShape(n)));
        }
        int[] of = ObjectMatching.of(was, is);
        int[] newNumber = new int[was.size()];
        Arrays.fill(newNumber, -1);
        int matched = 0;
        int reshaped = 0;
        List<Renamed> renamed = new ArrayList<>();
        List<String> fresh = new ArrayList<>();
        for (int k = 0; k < of.length; k++) {
            Map<String, Object> n = PlainData.map(nodes.get(tree.order.get(k)));
            if (of[k] < 0) {
                n.put(ID, "n" + nextId++);
                fresh.add(shown(is.get(k)));
            } else {
                newNumber[of[k]] = tree.order.get(k);
                n.put(ID, old.node(of[k]).id());
                matched++;
                reshaped += Objects.equals(was.get(of[k]).shape(), is.get(k).shape()) ? 0 : 1;
                if (!was.get(of[k]).name().equals(is.get(k).name())) {
                    renamed.add(new Renamed(shown(was.get(of[k])), shown(is.get(k))));
                }
            }
        }
        List<String> missing = new ArrayList<>();
        boolean[] aside = new boolean[was.size()];
        for (int i = 0; i < newNumber.length; i++) {
            int parent = was.get(i).parent();
            aside[i] = newNumber[i] < 0 && (parent < 0 ? MissingObjects.isGroup(old.node(i)) : aside[parent]);
            if (newNumber[i] < 0 && !aside[i]) {
                missing.add(shown(was.get(i)));
            }
        }
        boolean all = Arrays.stream(newNumber).allMatch(n -> n >= 0);
        ReadModel out = all ? model : new MissingObjects(model, kept, glb, old, newNumber, "n" + nextId).model();
        return new Laid(out, new Report(matched, reshaped, renamed, fresh, missing));
    }

    private static String shown(ObjectMatching.Item i) {
        return i.name().isEmpty() ? (i.shape() == null ? "a group without a name" : "a mesh without a name") : i.name();
    }

    private String oldShape(int node) {
        StringBuilder s = new StringBuilder();
        for (int m : old.node(node).meshes()) {
            Mesh mesh = old.meshes().get(m);
            shape(s, mesh.positions().length / 3, mesh.triangleCount(), Aabb.of(mesh.positions()));
        }
        return s.isEmpty() ? null : s.toString();
    }

    private String newShape(Map<String, Object> node) {
        int mesh = PlainData.whole(node.get("mesh"), -1);
        StringBuilder s = new StringBuilder();
        for (ModelPart p : mesh < 0 || mesh >= model.meshes().size()
                ? List.<ModelPart>of()
                : model.meshes().get(mesh)) {
            shape(s, p.positions().length / 3, p.count(), Aabb.of(p.positions()));
        }
        return s.isEmpty() ? null : s.toString();
    }

    private static void shape(StringBuilder s, int vertices, int elements, Aabb bounds) {
        s.append(vertices)
                .append('/')
                .append(elements)
                .append('/')
                .append(bounds)
                .append(';');
    }
}
