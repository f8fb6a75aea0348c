package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneSetup;

/**
 * What was changed in a scene since its file was imported, as plain data: the state before the oldest step that can be
 * undone, as far as it differs from the file, and each step since. A step that did one thing to very many objects is kept
 * as what it did; done again, it gives the same numbers to the last bit. The file itself is never written again.
 */
public final class EditDocument {
    private EditDocument() {}

    /** The document. */
    public static Map<String, Object> of(Scene base, Scene now, EditHistory history) {
        NodeForm form = new NodeForm(base);
        List<Edit> edits = history.edits();
        Map<Integer, Node> back = new HashMap<>();
        Set<Integer> told = new HashSet<>();
        Set<Integer> later = new HashSet<>();
        SceneSetup setup = now.setup();
        for (int k = edits.size() - 1; k >= 0; k--) {
            Edit e = edits.get(k);
            told.addAll(e.before().keySet());
            e.after().keySet().stream().filter(i -> !e.before().containsKey(i)).forEach(later::add);
            if (k < history.done()) {
                back.putAll(e.before());
                e.after().forEach((i, n) -> {
                    if (!e.before().containsKey(i)) {
                        back.put(i, n.withGone(true));
                    }
                });
                setup = e.setupBefore();
            }
        }
        // What a step adds comes with the step.
        told.removeAll(later);
        List<Object> steps = new ArrayList<>();
        for (Edit e : edits) {
            steps.add(step(e, form, now));
        }
        return PlainData.map(
                "format",
                "rhombus-edits",
                "version",
                2,
                "nodes",
                from(base, now, back, told, form),
                "layers",
                LayerForm.of(setup.layers()),
                "setup",
                setup.toPlain(),
                "edits",
                steps,
                "done",
                history.done());
    }

    /** The nodes as they were before the oldest step, as far as they differ from the file. */
    private static List<Object> from(Scene base, Scene now, Map<Integer, Node> back, Set<Integer> told, NodeForm form) {
        NodeStates states = new NodeStates();
        Set<Integer> wanted = added(base, now, back, told);
        for (int i = 0; i < now.count(); i++) {
            Node n = back.getOrDefault(i, now.node(i));
            if (i < base.count() && n != base.node(i)) {
                // Of what came with the file only what differs, since it may be very many.
                states.add(n, base.node(i), form.difference(n, base.node(i), now));
            } else if (wanted.contains(i)) {
                states.add(n, null, form.plain(n, now));
            }
        }
        return states.toPlain();
    }

    /** Added nodes that are there, or come back in a step, and those that they or nodes of the file lie below. */
    private static Set<Integer> added(Scene base, Scene now, Map<Integer, Node> back, Set<Integer> told) {
        Set<Integer> out = new HashSet<>();
        for (int i = 0; i < now.count(); i++) {
            if (i < base.count()
                    || told.contains(i)
                    || !back.getOrDefault(i, now.node(i)).gone()) {
                int p = i < base.count() ? back.getOrDefault(i, now.node(i)).parent() : i;
                while (p >= base.count() && out.add(p)) {
                    p = back.getOrDefault(p, now.node(p)).parent();
                }
            }
        }
        return out;
    }

    private static Map<String, Object> step(Edit e, NodeForm form, Scene now) {
        Map<String, Object> m = PlainData.map("name", e.name());
        if (e.how() != null) {
            m.put("did", e.how().toPlain(now));
            return m;
        }
        NodeStates states = new NodeStates();
        e.after().forEach((i, after) -> {
            Node before = e.before().get(i);
            states.add(after, before, before == null ? form.plain(after, now) : form.difference(after, before, now));
        });
        m.put("nodes", states.toPlain());
        if (!e.setupBefore().equals(e.setupAfter())) {
            m.put("layers", LayerForm.of(e.setupAfter().layers()));
            m.put("setup", e.setupAfter().toPlain());
        }
        return m;
    }

    /**
     * Reads a document over the scene it belongs to.
     *
     * @throws IllegalArgumentException with words that complete "cannot be used:" if it is none or does not fit
     */
    public static OpenedEdits read(Scene base, Map<String, Object> doc) {
        check(doc);
        return PlainData.whole(doc.get("version"), 0) == 1 ? EditDocumentV1.read(base, doc) : new Replay(base).run(doc);
    }

    /** The steps of a document done again, from the file to the newest one, and back to the present. */
    private static final class Replay {
        private final NodeForm form;
        private final MeshTable meshes;
        private final Map<String, Integer> numbers = new HashMap<>();
        /** The scene so far; where {@code changed} is not empty, it is still to be put in. */
        private Scene scene;

        private final Map<Integer, Node> changed = new LinkedHashMap<>();
        private SceneSetup setup;
        private int count;

        Replay(Scene base) {
            form = new NodeForm(base);
            meshes = new MeshTable(base);
            scene = base;
            setup = base.setup();
            count = base.count();
            for (int i = 0; i < count; i++) {
                numbers.put(base.node(i).id(), i);
            }
        }

        OpenedEdits run(Map<String, Object> doc) {
            take(PlainData.list(doc.get("nodes")), null);
            setup = SceneSetup.of(doc.get("setup"), LayerForm.read(doc.get("layers")));
            List<Edit> edits = new ArrayList<>();
            for (Object o : PlainData.list(doc.get("edits"))) {
                edits.add(step(PlainData.map(o)));
            }
            int done = PlainData.whole(doc.get("done"), 0);
            for (int k = edits.size() - 1; k >= done; k--) {
                Edit e = edits.get(k);
                e.after().forEach((i, n) -> changed.put(i, e.before().getOrDefault(i, n.withGone(true))));
                setup = e.setupBefore();
            }
            return new OpenedEdits(settled(), new EditHistory(edits, done));
        }

        private Node node(int i) {
            Node n = changed.get(i);
            return n != null ? n : i < scene.count() ? scene.node(i) : null;
        }

        /** The scene with all that was changed in it. */
        private Scene settled() {
            Scene s = meshes.scene(scene);
            s = changed.isEmpty() ? s : s.withNodes(changed);
            changed.clear();
            scene = s.setup().equals(setup) ? s : s.withSetup(setup);
            return scene;
        }

        private Edit step(Map<String, Object> m) {
            String name = PlainData.text(m.get("name"), "");
            if (m.get("did") != null) {
                Scene before = settled();
                EditOperation how = EditOperation.of(PlainData.map(m.get("did")), numbers);
                if (name.isEmpty() && how instanceof EditOperation.OtherFile) {
                    // Added where nobody knows the language in which it will be read.
                    name = say("edit-document.another-file");
                }
                scene = how.of(before);
                for (; count < scene.count(); count++) {
                    numbers.put(scene.node(count).id(), count);
                }
                Edit e = Edit.between(name, before, scene);
                return (e == null ? new Edit(name, Map.of(), Map.of(), setup, setup, null) : e).by(how);
            }
            Map<Integer, Node> before = new LinkedHashMap<>();
            Map<Integer, Node> after = take(PlainData.list(m.get("nodes")), before);
            SceneSetup was = setup;
            List<Layer> layers = m.get("layers") == null ? setup.layers() : LayerForm.read(m.get("layers"));
            // Steps kept before there was anything but layers say nothing of the rest.
            setup = m.get("setup") == null ? setup.withLayers(layers) : SceneSetup.of(m.get("setup"), layers);
            return new Edit(name, before, after, was, setup, null);
        }

        /** Puts states in; says which nodes they are, and puts what these were into {@code before}. */
        private Map<Integer, Node> take(List<Object> states, Map<Integer, Node> before) {
            Map<Integer, Node> after = new LinkedHashMap<>();
            List<NodeStates.State> all = NodeStates.of(states, numbers);
            // Ids first: an object may lie below one that comes later.
            for (NodeStates.State s : all) {
                if (!numbers.containsKey(s.id())) {
                    numbers.put(s.id(), count++);
                }
            }
            for (NodeStates.State s : all) {
                int i = numbers.get(s.id());
                Node is = node(i);
                Node next = s.over(is, form.node(s.fields(is), is, id -> numbers.getOrDefault(id, -1), meshes::of));
                after.put(i, next);
                if (before != null && is != null) {
                    before.put(i, is);
                }
            }
            changed.putAll(after);
            return after;
        }
    }

    /**
     * A document with one more step, at which another file lies under the scene; what was undone in it is forgotten.
     *
     * @param base the scene as the new file has it
     * @param doc a document that fits both files
     * @param file what came in the place of what
     * @throws IllegalArgumentException with words that complete "cannot be used:" if it does not fit
     */
    public static Map<String, Object> with(Scene base, Map<String, Object> doc, EditOperation.OtherFile file) {
        OpenedEdits o = read(base, doc);
        SceneSetup setup = o.scene().setup();
        o.history().add(new Edit("", Map.of(), Map.of(), setup, setup, file));
        return of(base, o.scene(), o.history());
    }

    /**
     * What the last step that is done was, or the next one to do again, if another file lies under the scene from it on; else null.
     *
     * @param again whether the next one is meant
     */
    public static EditOperation.OtherFile otherFile(Map<String, Object> doc, boolean again) {
        int k = PlainData.whole(doc.get("done"), 0) - (again ? 0 : 1);
        List<Object> steps = PlainData.list(doc.get("edits"));
        Map<String, Object> step = k < 0 || k >= steps.size() ? Map.of() : PlainData.map(steps.get(k));
        return PlainData.list(PlainData.map(step.get("did")).get("file")).isEmpty()
                ? null
                : (EditOperation.OtherFile) EditOperation.of(PlainData.map(step.get("did")), Map.of());
    }

    /** A document in which so many steps are done. The scene as it is then is another one. */
    public static Map<String, Object> at(Map<String, Object> doc, int done) {
        Map<String, Object> out = new LinkedHashMap<>(doc);
        out.put("done", done);
        return out;
    }

    /** A document without the steps after so many. */
    public static Map<String, Object> upTo(Map<String, Object> doc, int steps) {
        Map<String, Object> out = new LinkedHashMap<>(doc);
        out.put("edits", List.copyOf(PlainData.list(doc.get("edits")).subList(0, steps)));
        return out;
    }

    /** A document without changes. */
    public static Map<String, Object> none() {
        return PlainData.map(
                "format", "rhombus-edits", "version", 2, "nodes", List.of(), "edits", List.of(), "done", 0);
    }

    /**
     * Looks at a document without its scene.
     *
     * @throws IllegalArgumentException with words that complete "cannot be used:" if it is none
     */
    public static void check(Map<String, Object> doc) {
        if (!"rhombus-edits".equals(doc.get("format"))) {
            throw new IllegalArgumentException(say("edit-document.this-is-no-rhombus-edits"));
        }
        int version = PlainData.whole(doc.get("version"), 0);
        if (version != 1 && version != 2) {
            throw new IllegalArgumentException(say("edit-document.its-version-is-neither-1"));
        }
        int steps = PlainData.list(doc.get("edits")).size();
        int done = PlainData.whole(doc.get("done"), 0);
        if (steps > EditHistory.DEPTH || done < 0 || done > steps) {
            throw new IllegalArgumentException(say("edit-document.its-history-is-not-one"));
        }
        Set<String> ids = new HashSet<>();
        for (Object o : PlainData.list(doc.get("nodes"))) {
            Map<String, Object> m = PlainData.map(o);
            String id = PlainData.text(m.get("id"), "");
            if (m.get("ids") == null && (id.isEmpty() || !ids.add(id))) {
                throw new IllegalArgumentException(say("edit-document.an-object-has-no-id"));
            }
        }
    }
}
