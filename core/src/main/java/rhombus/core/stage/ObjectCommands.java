package rhombus.core.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.Operation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;

/** Hiding, locking, naming, grouping, copying and deleting objects; each is one step that can be undone. */
final class ObjectCommands {
    private static final int LONGEST_NAME = 200;

    private final Stage stage;

    ObjectCommands(Stage stage) {
        this.stage = stage;
    }

    boolean run(String id, Map<String, Object> args) {
        switch (id) {
            case "object.show-all" -> {
                showAll();
                return true;
            }
            case "object.isolate" -> {
                isolate(args);
                return true;
            }
            case "object.unlock-all" -> {
                Scene s = stage.scene();
                change("Unlock all", SceneEdits.each(s, all(s), n -> n.withLocked(false)), "Nothing is locked.");
                return true;
            }
            default -> {
                return some(id, args, targets(args));
            }
        }
    }

    private boolean some(String id, Map<String, Object> args, List<Integer> nodes) {
        Scene s = stage.scene();
        String names = names(nodes);
        boolean on = Plain.truth(args.get("on"), true);
        switch (id) {
            case "object.hide" -> hide(nodes, true, names);
            case "object.visible" -> hide(nodes, !on, names);
            case "object.lock" -> lock(nodes, true, names);
            case "object.pickable" -> lock(nodes, !on, names);
            case "object.rename" -> rename(nodes, args);
            case "object.group" -> {
                if (some(nodes, "Select what the group shall hold.")) {
                    added("Group " + names, SceneEdits.group(s, nodes, "Group"));
                }
            }
            case "object.ungroup" -> {
                List<Integer> groups = nodes.stream().filter(n -> !s.children(n).isEmpty() && s.node(n).meshes().isEmpty()).toList();
                if (some(groups, "Select a group to take it apart.")) {
                    added("Ungroup " + names, SceneEdits.ungroup(s, groups));
                }
            }
            case "object.regroup" -> regroup(nodes, args, names);
            case "object.duplicate" -> {
                if (some(nodes, "Select something to duplicate it.")) {
                    SceneEdits.Added copies = SceneEdits.duplicate(s, nodes);
                    stage.editing().apply("Duplicate " + names, copies.scene(), Operation.Duplicate.between(nodes, s, copies.scene()));
                    select(copies);
                }
            }
            case "object.delete" -> {
                if (some(nodes, "Select something to delete it.") && stage.editing().apply("Delete " + names, SceneEdits.delete(s, nodes))) {
                    stage.changes().notice("Deleted " + names + ".", "Undo", "edit.undo");
                }
            }
            case "object.pivot" -> pivot(nodes, args, names);
            default -> {
                return false;
            }
        }
        return true;
    }

    /** The named objects, or else the selected ones. */
    List<Integer> targets(Map<String, Object> args) {
        List<Integer> out = new ArrayList<>();
        if (!args.containsKey("objects")) {
            return stage.selection().nodes();
        }
        for (Object o : Plain.list(args.get("objects"))) {
            int n = stage.scene().indexOf(Plain.text(o, ""));
            if (n >= 0) {
                out.add(n);
            }
        }
        return out;
    }

    String names(List<Integer> nodes) {
        return nodes.size() == 1 ? stage.nameOf(nodes.get(0)) : nodes.size() + " objects";
    }

    /** Whether there is something to act on; if not, the user is told what to do. */
    boolean some(List<Integer> nodes, String otherwise) {
        if (nodes.isEmpty()) {
            stage.changes().notice(otherwise, null, null);
        }
        return !nodes.isEmpty();
    }

    private void change(String name, Scene next, String otherwise) {
        if (!stage.editing().apply(name, next) && otherwise != null) {
            stage.changes().notice(otherwise, null, null);
        }
    }

    private void added(String name, SceneEdits.Added a) {
        stage.editing().apply(name, a.scene());
        select(a);
    }

    private void select(SceneEdits.Added a) {
        stage.selection().only(a.nodes());
        stage.selectionChanged();
    }

    private static List<Integer> all(Scene s) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            out.add(i);
        }
        return out;
    }

    private void hide(List<Integer> nodes, boolean hide, String names) {
        if (some(nodes, "Select something to hide it.")) {
            change((hide ? "Hide " : "Show ") + names, SceneEdits.each(stage.scene(), nodes, n -> n.withHidden(hide)), null);
            if (hide) {
                nodes.forEach(stage.selection()::remove);
                stage.selectionChanged();
            }
        }
    }

    private void lock(List<Integer> nodes, boolean lock, String names) {
        if (some(nodes, "Select something to lock it.")) {
            change((lock ? "Lock " : "Unlock ") + names, SceneEdits.each(stage.scene(), nodes, n -> n.withLocked(lock)), null);
        }
    }

    private void showAll() {
        Scene s = stage.scene();
        boolean wasIsolated = s.isolated() != null;
        if (wasIsolated) {
            stage.isolate(null);
        }
        Scene now = stage.scene();
        change("Show all", SceneEdits.each(now, all(now), n -> n.withHidden(false)), wasIsolated ? null : "Nothing is hidden.");
    }

    /** Only what is selected is drawn, until it is run again: a way of looking, so nothing to undo. */
    private void isolate(Map<String, Object> args) {
        if (stage.scene().isolated() != null) {
            stage.isolate(null);
            return;
        }
        List<Integer> nodes = targets(args);
        if (some(nodes, "Select what shall be left alone on the stage.")) {
            stage.isolate(new HashSet<>(nodes));
            stage.changes().notice("Only " + names(nodes) + " is shown.", "Show the rest", "object.isolate");
        }
    }

    private void rename(List<Integer> nodes, Map<String, Object> args) {
        String name = clean(Plain.text(args.get("name"), ""));
        if (name.isEmpty()) {
            stage.changes().notice("A name needs at least one letter; the old one stays.", null, null);
        } else if (!nodes.isEmpty()) {
            int last = nodes.get(nodes.size() - 1);
            change("Rename to " + name, SceneEdits.each(stage.scene(), List.of(last), n -> n.withName(name)), null);
        }
    }

    /** A name on one line, without what cannot be seen, cut to a length that fits a row of a list. */
    static String clean(String name) {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < name.length() && s.length() < LONGEST_NAME; i++) {
            char c = name.charAt(i);
            s.append(c < ' ' || c == 0x7F ? ' ' : c);
        }
        return s.toString().trim();
    }

    private void regroup(List<Integer> nodes, Map<String, Object> args, String names) {
        String to = Plain.text(args.get("parent"), "");
        int parent = stage.scene().indexOf(to);
        try {
            change("Regroup " + names, SceneEdits.regroup(stage.scene(), nodes, to.isEmpty() ? -1 : parent), null);
        } catch (IllegalArgumentException e) {
            stage.changes().notice(e.getMessage(), null, null);
        }
    }

    /** Puts the point an object rotates and scales about somewhere else; the object stays where it is. */
    private void pivot(List<Integer> nodes, Map<String, Object> args, String names) {
        if (!some(nodes, "Select an object to set its pivot point.")) {
            return;
        }
        Scene s = stage.scene();
        Map<Integer, Node> changed = new LinkedHashMap<>();
        for (int n : nodes) {
            Vec3 to = wanted(s, n, args);
            double[] inverse = Mat4.inverseAffine(s.world(n));
            if (to != null && inverse != null) {
                Vec3 local = Mat4.point(inverse, to);
                changed.put(n, s.node(n).withPivot(local.length() == 0 ? null : local));
            }
        }
        if (!changed.isEmpty()) {
            change("Pivot point of " + names, s.withNodes(changed), null);
        }
    }

    private Vec3 wanted(Scene s, int n, Map<String, Object> args) {
        Aabb b = s.boundsBelow(n);
        Vec3 up = s.up().up();
        Vec3 is = s.pivot(n);
        return switch (Plain.text(args.get("to"), "")) {
            case "centre" -> b.center();
            case "bottom" -> b.center().minus(up.times(b.size().dot(up) / 2));
            case "origin" -> Vec3.ZERO;
            case "own" -> Mat4.origin(s.world(n));
            case "pinned" -> {
                if (stage.pivot().pinned == null) {
                    stage.changes().notice("Pin a point first; the pivot point is put there.", null, null);
                }
                yield stage.pivot().pinned;
            }
            default -> {
                double[] p = new double[3];
                for (int a = 0; a < 3; a++) {
                    p[a] = stage.typed().length(args.get("xyz".substring(a, a + 1)), is.get(a));
                }
                yield new Vec3(p[0], p[1], p[2]);
            }
        };
    }
}
