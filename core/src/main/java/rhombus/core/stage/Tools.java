package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.edit.Axes;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;

/** The tool in use: which, along which axes, about which point, and what it snaps to. */
final class Tools {
    /** What a tool does. */
    enum Sort {
        /** Moves. */
        MOVE("move", "Move", "Move along"),
        /** Turns. */
        ROTATE("rotate", "Rotate", "Turn about"),
        /** Makes larger and smaller. */
        SCALE("scale", "Scale", "Scale along");

        private final String id;
        private final String words;
        private final String deed;

        Sort(String id, String words, String deed) {
            this.id = id;
            this.words = words;
            this.deed = deed;
        }

        /** What it does to things, with the axis to come. */
        String deed() {
            return deed;
        }

        String id() {
            return id;
        }

        String words() {
            return words;
        }
    }

    private static final List<String> AXES = List.of("world", "parent", "local", "view");
    private static final List<String> ABOUT = List.of("common", "each", "last");
    private static final List<String> SNAP = List.of("grid", "vertex");
    private static final List<String> TYPED = List.of("relative", "same");

    private final Stage stage;
    private Sort sort;
    private Sort last = Sort.MOVE;
    private String axes = "world";
    private String about = "common";
    private String snap = "grid";
    private String typed = "relative";

    Tools(Stage stage) {
        this.stage = stage;
    }

    Sort sort() {
        return sort;
    }

    boolean on() {
        return sort != null;
    }

    void use(Sort s) {
        sort = s;
        if (s != null) {
            last = s;
            if (stage.selection().isEmpty()) {
                stage.changes().notice("Select something to " + s.id() + " it.", null, null);
            }
        }
        stage.changes().add(Changes.READOUT | Changes.KEEP);
    }

    boolean run(String id, Map<String, Object> args) {
        String to = Plain.text(args.get("to"), "");
        switch (id) {
            case "tool.move" -> use(Sort.MOVE);
            case "tool.rotate" -> use(Sort.ROTATE);
            case "tool.scale" -> use(Sort.SCALE);
            case "tool.last" -> use(sort == null ? last : null);
            case "tool.none" -> use(null);
            case "tool.axes" -> axes = next(AXES, axes, to);
            case "tool.about" -> about = next(ABOUT, about, to);
            case "tool.snap" -> snap = next(SNAP, snap, to);
            case "tool.typed" -> typed = next(TYPED, typed, to);
            default -> {
                return false;
            }
        }
        stage.changes().add(Changes.READOUT | Changes.KEEP);
        return true;
    }

    /** The named one, or without a name the one after the present. */
    private static String next(List<String> all, String is, String to) {
        return all.contains(to) ? to : to.isEmpty() ? all.get((all.indexOf(is) + 1) % all.size()) : is;
    }

    /** Whether numbers typed for the last of several objects hold for all of them; else all change by as much. */
    boolean typesTheSame() {
        return typed.equals("same");
    }

    boolean snapsToVertices() {
        return snap.equals("vertex");
    }

    /** What is moved, turned and scaled. */
    List<Integer> roots() {
        return stage.selection().roots(stage.scene());
    }

    /** Where the handles stand: the pivot point of one object or of the last, or the middle of several; null for none. */
    Vec3 origin() {
        Scene s = stage.scene();
        List<Integer> roots = roots();
        if (roots.isEmpty()) {
            return null;
        }
        if (roots.size() == 1 || about.equals("last")) {
            return s.pivot(about.equals("last") ? stage.selection().last() : roots.get(0));
        }
        return stage.selection().bounds(s).center();
    }

    /** The point about which objects are turned and scaled, as things are now; null for each one's own. */
    Vec3 about() {
        return about.equals("each") ? null : origin();
    }

    /** The axes of the handles in a viewport. */
    Axes axes(ViewState v) {
        int n = stage.selection().last();
        Scene s = stage.scene();
        return switch (axes) {
            case "view" -> new Axes(v.pose.orientation());
            case "local" -> n < 0 ? Axes.WORLD : new Axes(Transforms.rotationOf(s.world(n)));
            case "parent" -> n < 0 || s.node(n).parent() < 0 ? Axes.WORLD : new Axes(Transforms.rotationOf(s.world(s.node(n).parent())));
            default -> Axes.WORLD;
        };
    }

    /** The handle at a point of a viewport, or null. */
    Handle handleAt(ViewState v, double x, double y) {
        return sort == null || Double.isNaN(x) ? null : Handles.at(Handles.of(this, v), x, y);
    }

    List<Object> marks(ViewState v) {
        if (sort == null) {
            return List.of();
        }
        List<Handle> all = Handles.of(this, v);
        Handle held = stage.press().handleIn(v);
        Handle lit = held != null ? held
                : stage.resolver().moving() ? null : Handles.at(all, stage.pointerX() - v.x, stage.pointerY() - v.y);
        return Handles.plain(all, lit == null ? null : lit.id(), sort);
    }

    Map<String, Object> toPlain() {
        return Plain.map("tool", sort == null ? null : sort.id(), "last", last.id(), "axes", axes, "about", about, "snap", snap, "typed", typed);
    }

    /** What is kept: a tool in use is not, so that nobody who comes back moves things by accident. */
    Map<String, Object> toKeep() {
        return Plain.map("last", last.id(), "axes", axes, "about", about, "snap", snap, "typed", typed);
    }

    void read(Object plain) {
        Map<String, Object> m = Plain.map(plain);
        for (Sort s : Sort.values()) {
            if (s.id().equals(m.get("last"))) {
                last = s;
            }
        }
        axes = next(AXES, axes, Plain.text(m.get("axes"), axes));
        about = next(ABOUT, about, Plain.text(m.get("about"), about));
        snap = next(SNAP, snap, Plain.text(m.get("snap"), snap));
        typed = next(TYPED, typed, Plain.text(m.get("typed"), typed));
    }
}
