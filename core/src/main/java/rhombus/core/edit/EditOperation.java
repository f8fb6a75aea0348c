package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;

/**
 * One thing done to many objects, or to the scene as a whole, kept as what it does instead of as what comes of it. Done again to the
 * same scene it gives the same numbers to the last bit: it uses sums, products, quotients and roots alone, which every machine rounds
 * alike (IEEE 754), and no angles.
 */
public sealed interface EditOperation {
    /** What it is done to. */
    List<Integer> nodes();

    /** The scene after it. */
    Scene of(Scene before);

    /** As plain data; ids are those of a scene that has the nodes. */
    Map<String, Object> toPlain(Scene s);

    /** Objects moved by so many metres in the world. */
    record Move(List<Integer> nodes, Vec3 by) implements EditOperation {
        @Override
        public Scene of(Scene s) {
            return s.withLocals(Transforms.move(s, nodes, by));
        }

        @Override
        public Map<String, Object> toPlain(Scene s) {
            return PlainData.map("move", point(by), "ids", ids(s, nodes));
        }
    }

    /**
     * Objects turned.
     *
     * @param about the point for all, or null for each one's own
     */
    record Turn(List<Integer> nodes, Vec3 about, Quat by) implements EditOperation {
        @Override
        public Scene of(Scene s) {
            return s.withLocals(Transforms.turn(s, nodes, pointOf(s, about), by));
        }

        @Override
        public Map<String, Object> toPlain(Scene s) {
            return PlainData.map("turn", quat(by), "about", about == null ? null : point(about), "ids", ids(s, nodes));
        }
    }

    /**
     * Objects scaled along the axes of a frame.
     *
     * @param about the point for all, or null for each one's own
     */
    record Scale(List<Integer> nodes, Vec3 about, Quat axes, Vec3 factors) implements EditOperation {
        @Override
        public Scene of(Scene s) {
            return s.withLocals(Transforms.scale(s, nodes, pointOf(s, about), new TransformAxes(axes), factors));
        }

        @Override
        public Map<String, Object> toPlain(Scene s) {
            return PlainData.map(
                    "scale",
                    point(factors),
                    "axes",
                    quat(axes),
                    "about",
                    about == null ? null : point(about),
                    "ids",
                    ids(s, nodes));
        }
    }

    /**
     * Objects copied with all below them.
     *
     * @param made ids of the copies, in the order in which they were made
     */
    record Duplicate(List<Integer> nodes, List<String> made) implements EditOperation {
        /** The operation that leads from one scene to another. */
        public static Duplicate between(List<Integer> nodes, Scene before, Scene after) {
            List<String> made = new ArrayList<>();
            for (int i = before.count(); i < after.count(); i++) {
                made.add(after.node(i).id());
            }
            return new Duplicate(List.copyOf(nodes), made);
        }

        @Override
        public Scene of(Scene s) {
            Scene copied = SceneEdits.duplicate(s, nodes).scene();
            if (copied.count() - s.count() != made.size()) {
                throw new IllegalArgumentException(say("operation.its-history-copies-objects-that"));
            }
            Map<Integer, Node> named = new LinkedHashMap<>();
            for (int k = 0; k < made.size(); k++) {
                named.put(s.count() + k, copied.node(s.count() + k).withId(made.get(k)));
            }
            return copied.withNodes(named);
        }

        @Override
        public Map<String, Object> toPlain(Scene s) {
            return PlainData.map("duplicate", IdRuns.of(made), "ids", ids(s, nodes));
        }
    }

    /**
     * Another file lies under the scene from this step on. The scene itself cannot do or undo that: whoever keeps the files does.
     *
     * @param from SHA-256 of the geometry before, hexadecimal
     * @param to that of the geometry after
     */
    record OtherFile(String from, String to) implements EditOperation {
        @Override
        public List<Integer> nodes() {
            return List.of();
        }

        @Override
        public Scene of(Scene s) {
            return s;
        }

        @Override
        public Map<String, Object> toPlain(Scene s) {
            return PlainData.map("file", List.of(from, to));
        }
    }

    /**
     * Reads what {@link #toPlain} wrote.
     *
     * @param numbers of nodes by id
     * @throws IllegalArgumentException with words if it cannot be used
     */
    static EditOperation of(Map<String, Object> m, Map<String, Integer> numbers) {
        List<Integer> nodes = new ArrayList<>();
        for (String id : IdRuns.read(m.get("ids"), numbers)) {
            nodes.add(numbers.get(id));
        }
        double[] about = PlainData.numbers(m.get("about"), 3);
        Vec3 p = about == null ? null : vec(about);
        double[] move = PlainData.numbers(m.get("move"), 3);
        double[] turn = PlainData.numbers(m.get("turn"), 4);
        double[] scale = PlainData.numbers(m.get("scale"), 3);
        double[] axes = PlainData.numbers(m.get("axes"), 4);
        if (move != null) {
            return new Move(nodes, vec(move));
        }
        if (turn != null) {
            return new Turn(nodes, p, new Quat(turn[0], turn[1], turn[2], turn[3]));
        }
        if (scale != null && axes != null) {
            return new Scale(nodes, p, new Quat(axes[0], axes[1], axes[2], axes[3]), vec(scale));
        }
        if (m.get("duplicate") != null) {
            List<String> made = new ArrayList<>();
            // No object is copied twice, so there are never more copies than objects.
            for (String id : IdRuns.read(m.get("duplicate"), numbers.size())) {
                if (numbers.containsKey(id)) {
                    throw new IllegalArgumentException(say("operation.an-object-has-no-id"));
                }
                made.add(id);
            }
            return new Duplicate(nodes, made);
        }
        List<Object> files = PlainData.list(m.get("file"));
        if (files.size() == 2) {
            return new OtherFile(PlainData.text(files.get(0), ""), PlainData.text(files.get(1), ""));
        }
        throw new IllegalArgumentException(say("operation.a-step-of-its-history"));
    }

    private static Transforms.About pointOf(Scene s, Vec3 point) {
        return point == null ? s::pivot : n -> point;
    }

    private static List<Object> ids(Scene s, List<Integer> nodes) {
        return IdRuns.of(nodes.stream().map(n -> s.node(n).id()).toList());
    }

    private static List<Object> point(Vec3 p) {
        return PlainData.list(p.x(), p.y(), p.z());
    }

    private static List<Object> quat(Quat q) {
        return PlainData.list(q.x(), q.y(), q.z(), q.w());
    }

    private static Vec3 vec(double[] d) {
        return new Vec3(d[0], d[1], d[2]);
    }
}
