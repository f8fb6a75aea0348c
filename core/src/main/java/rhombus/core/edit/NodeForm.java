package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.ToIntFunction;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.OpticsForm;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;

/** Nodes as plain data: every field under its name, those that are empty or usual left out. */
final class NodeForm {
    /** Meshes that came with the file, by the id of a node that has them. */
    private final Map<List<Integer>, String> like = new HashMap<>();

    private final Map<String, List<Integer>> meshes = new HashMap<>();

    NodeForm(Scene base) {
        for (Node n : base.nodes()) {
            if (!n.meshes().isEmpty()) {
                like.putIfAbsent(n.meshes(), n.id());
                meshes.put(n.id(), n.meshes());
            }
        }
    }

    Map<String, Object> plain(Node n, Scene scene) {
        Map<String, Object> m = new LinkedHashMap<>();
        m.put("id", n.id());
        m.put("name", n.name());
        m.put("parent", n.parent() < 0 ? null : scene.node(n.parent()).id());
        m.put("local", PlainData.list(n.local()));
        m.put("like", n.shape() == null ? like.get(n.meshes()) : null);
        m.put("shape", n.shape() == null ? null : n.shape().toPlain());
        m.put("light", n.light() == null ? null : light(n.light()));
        m.put("camera", n.camera() == null ? null : camera(n.camera()));
        m.put("picture", n.picture() == null ? null : n.picture().toPlain());
        m.put("pivot", n.pivot() == null ? null : point(n.pivot()));
        m.put("layer", n.layer());
        m.put("locked", n.locked() ? true : null);
        m.put("hidden", n.hidden() ? true : null);
        m.put("gone", n.gone() ? true : null);
        m.put("way", n.way() == DisplayOverride.USUAL ? null : n.way().id());
        return m;
    }

    /** The fields of {@code n} that differ from those of another. */
    Map<String, Object> difference(Node n, Node from, Scene scene) {
        Map<String, Object> m = plain(n, scene);
        Map<String, Object> other = plain(from, scene);
        m.entrySet().removeIf(e -> Objects.equals(e.getValue(), other.get(e.getKey())));
        return m;
    }

    /**
     * A node from its fields.
     *
     * @param number finds a node's number by its id, -1 for none
     * @param usual whose fields hold where none is given, or null
     * @param madeOf finds or makes the meshes of a shape
     */
    Node node(Map<String, Object> m, Node usual, ToIntFunction<String> number, Meshing madeOf) {
        double[] local =
                m.containsKey("local") || usual == null ? PlainData.numbers(m.get("local"), 16) : usual.local();
        if (local == null) {
            throw new IllegalArgumentException(say("node-form.an-object-has-no-place"));
        }
        String id = usual == null ? PlainData.text(m.get("id"), "") : usual.id();
        int parent = -1;
        if (m.containsKey("parent") && m.get("parent") != null) {
            parent = number.applyAsInt(PlainData.text(m.get("parent"), ""));
            if (parent < 0) {
                throw new IllegalArgumentException(say("node-form.object-lies-below-one-that", id));
            }
        } else if (!m.containsKey("parent") && usual != null) {
            parent = usual.parent();
        }
        ParametricShape shape =
                m.containsKey("shape") || usual == null ? ParametricShape.of(m.get("shape")) : usual.shape();
        List<Integer> own = usual == null ? List.of() : usual.meshes();
        if (shape != null) {
            own = usual != null && shape.equals(usual.shape()) ? own : madeOf.meshes(shape);
        } else if (m.containsKey("like")) {
            own = meshes.getOrDefault(PlainData.text(m.get("like"), ""), List.of());
        }
        double[] pivot = PlainData.numbers(m.get("pivot"), 3);
        return new Node(
                id,
                m.containsKey("name") ? PlainData.text(m.get("name"), "") : usual == null ? "" : usual.name(),
                parent,
                local,
                own,
                m.containsKey("camera") || usual == null ? camera(m.get("camera")) : usual.camera(),
                m.containsKey("light") || usual == null ? light(m.get("light")) : usual.light(),
                shape,
                m.containsKey("pivot") || usual == null
                        ? pivot == null ? null : new Vec3(pivot[0], pivot[1], pivot[2])
                        : usual.pivot(),
                m.containsKey("layer") || usual == null ? PlainData.text(m.get("layer"), null) : usual.layer(),
                m.containsKey("locked") || usual == null ? PlainData.truth(m.get("locked"), false) : usual.locked(),
                m.containsKey("hidden") || usual == null ? PlainData.truth(m.get("hidden"), false) : usual.hidden(),
                m.containsKey("gone") || usual == null ? PlainData.truth(m.get("gone"), false) : usual.gone(),
                m.containsKey("picture") || usual == null ? PicturePlane.of(m.get("picture")) : usual.picture(),
                m.containsKey("way") || usual == null
                        ? DisplayOverride.named(PlainData.text(m.get("way"), ""))
                        : usual.way());
    }

    /** Finds or makes the meshes of a shape. */
    interface Meshing {
        List<Integer> meshes(ParametricShape s);
    }

    private static List<Object> point(Vec3 p) {
        return PlainData.list(p.x(), p.y(), p.z());
    }

    private static Map<String, Object> light(Light l) {
        return PlainData.map(
                "type",
                l.type(),
                "color",
                point(l.color()),
                "intensity",
                l.intensity(),
                "range",
                l.range(),
                "inner",
                l.spot() ? l.inner() : null,
                "outer",
                l.spot() ? l.outer() : null);
    }

    private static Light light(Object o) {
        Map<String, Object> m = PlainData.map(o);
        double[] c = PlainData.numbers(m.get("color"), 3);
        return m.isEmpty()
                ? null
                : new Light(
                        PlainData.text(m.get("type"), "point"),
                        c == null ? new Vec3(1, 1, 1) : new Vec3(c[0], c[1], c[2]),
                        PlainData.number(m.get("intensity"), 1),
                        PlainData.number(m.get("range"), 0),
                        PlainData.number(m.get("inner"), 0),
                        PlainData.number(m.get("outer"), Light.USUAL_OUTER));
    }

    private static Map<String, Object> camera(SceneCamera c) {
        Map<String, Object> m = PlainData.map(
                "perspective", c.perspective(), "fovY", c.fovY(), "extent", c.extent(), "aspect", c.aspect());
        m.putAll(OpticsForm.plain(c.optics()));
        return m;
    }

    private static SceneCamera camera(Object plain) {
        Map<String, Object> m = PlainData.map(plain);
        return m.isEmpty()
                ? null
                : new SceneCamera(
                        PlainData.truth(m.get("perspective"), true),
                        PlainData.number(m.get("fovY"), 0.8),
                        PlainData.number(m.get("extent"), 0),
                        PlainData.number(m.get("aspect"), 0),
                        OpticsForm.of(m));
    }

    /** Numbers for ids that are yet to come: those of a scene, then the order of a document. */
    static Map<String, Integer> numbers(Scene base, List<Object> nodes) {
        Map<String, Integer> out = new HashMap<>();
        for (int i = 0; i < base.count(); i++) {
            out.put(base.node(i).id(), i);
        }
        List<String> added = new ArrayList<>();
        for (Object o : nodes) {
            String id = PlainData.text(PlainData.map(o).get("id"), "");
            if (id.isEmpty()) {
                throw new IllegalArgumentException(say("node-form.an-object-has-no-id"));
            }
            if (!out.containsKey(id)) {
                out.put(id, base.count() + added.size());
                added.add(id);
            }
        }
        return out;
    }
}
