package rhombus.core.stage.area;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;

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
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;

/** Hiding, locking, naming, grouping, copying and deleting objects; each is one step that can be undone. */
final class ObjectArea {
    private static final int LONGEST_NAME = 200;

    private final Ground ground;
    private final Subject subject;

    ObjectArea(Ground ground, Subject subject) {
        this.ground = ground;
        this.subject = subject;
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<ObjectArea> area() {
        return new Area<>(p -> new ObjectArea(p.ground(), p.subject()), ObjectArea::declare);
    }

    private static void declare(Declare<ObjectArea> d) {
        d.group("Objects");
        seen(d);
        locked(d);
        named(d);
        grouped(d);
        d.action("object.duplicate", "Duplicate").texts("objects")
                .key("duplicate", "KeyM", SHIFT, "duplicate")
                .does(ObjectArea::duplicate);
        d.action("object.delete", "Delete").texts("objects")
                .key("delete", "Delete", 0, "delete")
                .does(ObjectArea::delete);
        d.action("object.pivot", "Set the object's pivot point").texts("objects").typed("x", "y", "z")
                .choice("to", "centre", "bottom", "origin", "own", "pinned")
                .does(ObjectArea::pivot);
    }

    private static void seen(Declare<ObjectArea> d) {
        d.action("object.hide", "Hide").texts("objects")
                .key("hide", "KeyI", 0, "hide")
                .does((a, c) -> a.hide(a.targets(c), true));
        d.action("object.visible", "Hide or show objects").texts("objects").truth("on")
                .does((a, c) -> a.hide(a.targets(c), !c.truth("on", true)));
        d.action("object.isolate", "Isolate, or show the rest again").texts("objects")
                .key("isolate", "KeyI", SHIFT, "isolate")
                .does(ObjectArea::isolate);
        d.action("object.show-all", "Show all")
                .key("show-all", "KeyI", ALT, "show all")
                .does((a, c) -> a.showAll());
    }

    private static void locked(Declare<ObjectArea> d) {
        d.action("object.lock", "Lock against picking").texts("objects").does((a, c) -> a.lock(a.targets(c), true));
        d.action("object.pickable", "Lock or unlock objects").texts("objects").truth("on")
                .does((a, c) -> a.lock(a.targets(c), !c.truth("on", true)));
        d.action("object.unlock-all", "Unlock all").does((a, c) -> a.unlockAll());
    }

    private static void named(Declare<ObjectArea> d) {
        d.action("object.rename", "Rename").texts("objects").text("name")
                .does((a, c) -> a.rename(a.targets(c), c.text("name")));
    }

    private static void grouped(Declare<ObjectArea> d) {
        d.action("object.group", "Group").texts("objects")
                .key("group", "KeyJ", SHIFT, "group")
                .does(ObjectArea::group);
        d.action("object.ungroup", "Ungroup").texts("objects")
                .key("ungroup", "KeyJ", ALT, "ungroup")
                .does(ObjectArea::ungroup);
        d.action("object.regroup", "Put below another group").texts("objects").text("parent")
                .does((a, c) -> a.regroup(a.targets(c), c.text("parent")));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private void unlockAll() {
        Scene s = ground.scene();
        change("Unlock all", SceneEdits.each(s, all(s), n -> n.withLocked(false)), "Nothing is locked.");
    }

    private void group(Call c) {
        List<Integer> nodes = targets(c);
        if (some(nodes, "Select what the group shall hold.")) {
            added("Group " + names(nodes), SceneEdits.group(ground.scene(), nodes, "Group"));
        }
    }

    private void ungroup(Call c) {
        Scene s = ground.scene();
        List<Integer> nodes = targets(c);
        List<Integer> groups = nodes.stream().filter(n -> !s.children(n).isEmpty() && s.node(n).meshes().isEmpty()).toList();
        if (some(groups, "Select a group to take it apart.")) {
            added("Ungroup " + names(nodes), SceneEdits.ungroup(s, groups));
        }
    }

    private void duplicate(Call c) {
        Scene s = ground.scene();
        List<Integer> nodes = targets(c);
        if (some(nodes, "Select something to duplicate it.")) {
            SceneEdits.Added copies = SceneEdits.duplicate(s, nodes);
            subject.editing().apply("Duplicate " + names(nodes), copies.scene(), Operation.Duplicate.between(nodes, s, copies.scene()));
            select(copies);
        }
    }

    private void delete(Call c) {
        List<Integer> nodes = targets(c);
        String names = names(nodes);
        if (some(nodes, "Select something to delete it.") && subject.editing().apply("Delete " + names, SceneEdits.delete(ground.scene(), nodes))) {
            ground.changes().notice("Deleted " + names + ".", "Undo", "edit.undo");
        }
    }

    /** The named objects, or else the selected ones. */
    List<Integer> targets(Call c) {
        return c.args().get("objects") == null ? subject.selection().nodes() : c.nodes(ground.scene(), "objects");
    }

    String names(List<Integer> nodes) {
        return nodes.size() == 1 ? ground.nameOf(nodes.get(0)) : nodes.size() + " objects";
    }

    /** Whether there is something to act on; if not, the user is told what to do. */
    boolean some(List<Integer> nodes, String otherwise) {
        if (nodes.isEmpty()) {
            ground.changes().notice(otherwise, null, null);
        }
        return !nodes.isEmpty();
    }

    private void change(String name, Scene next, String otherwise) {
        if (!subject.editing().apply(name, next) && otherwise != null) {
            ground.changes().notice(otherwise, null, null);
        }
    }

    private void added(String name, SceneEdits.Added a) {
        subject.editing().apply(name, a.scene());
        select(a);
    }

    private void select(SceneEdits.Added a) {
        subject.selection().only(a.nodes());
        subject.changed();
    }

    private static List<Integer> all(Scene s) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            out.add(i);
        }
        return out;
    }

    private void hide(List<Integer> nodes, boolean hide) {
        if (some(nodes, "Select something to hide it.")) {
            change((hide ? "Hide " : "Show ") + names(nodes), SceneEdits.each(ground.scene(), nodes, n -> n.withHidden(hide)), null);
            if (hide) {
                nodes.forEach(subject.selection()::remove);
                subject.changed();
            }
        }
    }

    private void lock(List<Integer> nodes, boolean lock) {
        if (some(nodes, "Select something to lock it.")) {
            change((lock ? "Lock " : "Unlock ") + names(nodes), SceneEdits.each(ground.scene(), nodes, n -> n.withLocked(lock)), null);
        }
    }

    private void showAll() {
        Scene s = ground.scene();
        boolean wasIsolated = s.isolated() != null;
        if (wasIsolated) {
            subject.isolate(null);
        }
        Scene now = ground.scene();
        change("Show all", SceneEdits.each(now, all(now), n -> n.withHidden(false)), wasIsolated ? null : "Nothing is hidden.");
    }

    /** Only what is selected is drawn, until it is run again: a way of looking, so nothing to undo. */
    private void isolate(Call c) {
        if (ground.scene().isolated() != null) {
            subject.isolate(null);
            return;
        }
        List<Integer> nodes = targets(c);
        if (some(nodes, "Select what shall be left alone on the stage.")) {
            subject.isolate(new HashSet<>(nodes));
            ground.changes().notice("Only " + names(nodes) + " is shown.", "Show the rest", "object.isolate");
        }
    }

    private void rename(List<Integer> nodes, String typed) {
        String name = clean(typed);
        if (name.isEmpty()) {
            ground.changes().notice("A name needs at least one letter; the old one stays.", null, null);
        } else if (!nodes.isEmpty()) {
            int last = nodes.get(nodes.size() - 1);
            change("Rename to " + name, SceneEdits.each(ground.scene(), List.of(last), n -> n.withName(name)), null);
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

    private void regroup(List<Integer> nodes, String to) {
        int parent = ground.scene().indexOf(to);
        try {
            change("Regroup " + names(nodes), SceneEdits.regroup(ground.scene(), nodes, to.isEmpty() ? -1 : parent), null);
        } catch (IllegalArgumentException e) {
            ground.changes().notice(e.getMessage(), null, null);
        }
    }

    /** Puts the point an object rotates and scales about somewhere else; the object stays where it is. */
    private void pivot(Call c) {
        List<Integer> nodes = targets(c);
        if (!some(nodes, "Select an object to set its pivot point.")) {
            return;
        }
        Scene s = ground.scene();
        Map<Integer, Node> changed = new LinkedHashMap<>();
        for (int n : nodes) {
            Vec3 to = wanted(s, n, c);
            double[] inverse = Mat4.inverseAffine(s.world(n));
            if (to != null && inverse != null) {
                Vec3 local = Mat4.point(inverse, to);
                changed.put(n, s.node(n).withPivot(local.length() == 0 ? null : local));
            }
        }
        if (!changed.isEmpty()) {
            change("Pivot point of " + names(nodes), s.withNodes(changed), null);
        }
    }

    private Vec3 wanted(Scene s, int n, Call c) {
        Aabb b = s.boundsBelow(n);
        Vec3 up = s.up().up();
        Vec3 is = s.pivot(n);
        return switch (c.to()) {
            case "centre" -> b.center();
            case "bottom" -> b.center().minus(up.times(b.size().dot(up) / 2));
            case "origin" -> Vec3.ZERO;
            case "own" -> Mat4.origin(s.world(n));
            case "pinned" -> {
                if (subject.pivot().pinned() == null) {
                    ground.changes().notice("Pin a point first; the pivot point is put there.", null, null);
                }
                yield subject.pivot().pinned();
            }
            default -> {
                double[] p = new double[3];
                for (int a = 0; a < 3; a++) {
                    p[a] = ground.typed().length(c.args().get("xyz".substring(a, a + 1)), is.get(a));
                }
                yield new Vec3(p[0], p[1], p[2]);
            }
        };
    }
}
