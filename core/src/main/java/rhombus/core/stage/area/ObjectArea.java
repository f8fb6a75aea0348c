package rhombus.core.stage.area;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.Overlay;
import rhombus.core.edit.Operation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.Way;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;

/** Hiding, locking, naming, grouping, copying and deleting objects; each is one step that can be undone. */
final class ObjectArea {
    private final Ground ground;
    private final Subject subject;
    private final Chosen chosen;

    private ObjectArea(Ground ground, Subject subject) {
        this.ground = ground;
        this.subject = subject;
        this.chosen = new Chosen(ground, subject);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<ObjectArea> area() {
        return new Area<>(p -> new ObjectArea(p.ground(), p.subject()), ObjectArea::declare);
    }

    private static void declare(Declare<ObjectArea> d) {
        d.group("Objects");
        seen(d);
        locked(d);
        d.action("object.draw-as", "Draw objects in a way of their own")
                .texts("objects")
                .needs("way", Arrays.stream(Way.values()).map(Way::id).toList())
                .does((a, c) -> a.drawAs(a.chosen.targets(c), Way.named(c.text("way"))));
        named(d);
        d.action("object.duplicate", "Duplicate")
                .texts("objects")
                .key("duplicate", "KeyM", SHIFT, "duplicate")
                .does(ObjectArea::duplicate);
        d.action("object.delete", "Delete")
                .texts("objects")
                .key("delete", "Delete", 0, "delete")
                .does(ObjectArea::delete);
        d.action("object.pivot", "Set the object's pivot point")
                .texts("objects")
                .typed("x", "y", "z")
                .choice("to", "centre", "bottom", "origin", "own", "pinned")
                .does(ObjectArea::pivot);
    }

    private static void seen(Declare<ObjectArea> d) {
        d.action("object.hide", "Hide")
                .texts("objects")
                .key("hide", "KeyI", 0, "hide")
                .does((a, c) -> a.hide(a.chosen.targets(c), true));
        d.action("object.visible", "Hide or show objects")
                .texts("objects")
                .truth("on")
                .does((a, c) -> a.hide(a.chosen.targets(c), !c.truth("on", true)));
        d.action("object.isolate", "Isolate, or show the rest again")
                .texts("objects")
                .key("isolate", "KeyI", SHIFT, "isolate")
                .does(ObjectArea::isolate);
        d.action("object.show-all", "Show all")
                .key("show-all", "KeyI", ALT, "show all")
                .does((a, c) -> a.showAll());
    }

    private static void locked(Declare<ObjectArea> d) {
        d.action("object.lock", "Lock against picking")
                .texts("objects")
                .does((a, c) -> a.lock(a.chosen.targets(c), true));
        d.action("object.pickable", "Lock or unlock objects")
                .texts("objects")
                .truth("on")
                .does((a, c) -> a.lock(a.chosen.targets(c), !c.truth("on", true)));
        d.action("object.unlock-all", "Unlock all").does((a, c) -> a.unlockAll());
    }

    private static void named(Declare<ObjectArea> d) {
        d.action("object.rename", "Rename")
                .texts("objects")
                .text("name")
                .does((a, c) -> a.rename(a.chosen.targets(c), c.text("name")));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private void unlockAll() {
        Scene s = ground.scene();
        chosen.change("Unlock all", SceneEdits.each(s, all(s), n -> n.withLocked(false)), "Nothing is locked.");
    }

    private void duplicate(Call c) {
        Scene s = ground.scene();
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, "Select something to duplicate it.")) {
            SceneEdits.Added copies = SceneEdits.duplicate(s, nodes);
            subject.editing()
                    .apply(
                            "Duplicate " + chosen.names(nodes),
                            copies.scene(),
                            Operation.Duplicate.between(nodes, s, copies.scene()));
            chosen.select(copies);
        }
    }

    private void delete(Call c) {
        List<Integer> nodes = chosen.targets(c);
        String names = chosen.names(nodes);
        if (chosen.some(nodes, "Select something to delete it.")
                && subject.editing().apply("Delete " + names, SceneEdits.delete(ground.scene(), nodes))) {
            ground.changes().notice("Deleted " + names + ".", "Undo", "edit.undo");
        }
    }

    private static List<Integer> all(Scene s) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            out.add(i);
        }
        return out;
    }

    private void hide(List<Integer> nodes, boolean hide) {
        if (chosen.some(nodes, "Select something to hide it.")) {
            chosen.change(
                    (hide ? "Hide " : "Show ") + chosen.names(nodes),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withHidden(hide)),
                    null);
            if (hide) {
                nodes.forEach(subject.selection()::remove);
                subject.changed();
            }
        }
    }

    private void lock(List<Integer> nodes, boolean lock) {
        if (chosen.some(nodes, "Select something to lock it.")) {
            chosen.change(
                    (lock ? "Lock " : "Unlock ") + chosen.names(nodes),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withLocked(lock)),
                    null);
        }
    }

    private void drawAs(List<Integer> nodes, Way way) {
        if (chosen.some(nodes, "Select something to draw it in a way of its own.")) {
            chosen.change(
                    "Draw " + chosen.names(nodes) + " " + way.words().toLowerCase(),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withWay(way)),
                    "That is how it is drawn already.");
            if (way != Way.USUAL && ground.board().views.stream().noneMatch(v -> v.shows(Overlay.WAYS))) {
                ground.changes()
                        .notice("No viewport shows objects' own ways: they are switched off in all.", null, null);
            }
        }
    }

    private void showAll() {
        Scene s = ground.scene();
        boolean wasIsolated = s.isolated() != null;
        if (wasIsolated) {
            subject.isolate(null);
        }
        Scene now = ground.scene();
        chosen.change(
                "Show all",
                SceneEdits.each(now, all(now), n -> n.withHidden(false)),
                wasIsolated ? null : "Nothing is hidden.");
    }

    /** Only what is selected is drawn, until it is run again: a way of looking, so nothing to undo. */
    private void isolate(Call c) {
        if (ground.scene().isolated() != null) {
            subject.isolate(null);
            return;
        }
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, "Select what shall be left alone on the stage.")) {
            subject.isolate(new HashSet<>(nodes));
            boolean ghosts = ground.board().views.stream().anyMatch(v -> v.shows(Overlay.GHOSTS));
            ground.changes()
                    .notice(
                            "Only " + chosen.names(nodes) + " is shown"
                                    + (ghosts ? ", the rest faintly where ghosts are on." : "."),
                            "Show the rest",
                            "object.isolate");
        }
    }

    private void rename(List<Integer> nodes, String typed) {
        String name = Chosen.clean(typed);
        if (name.isEmpty()) {
            ground.changes().notice("A name needs at least one letter; the old one stays.", null, null);
        } else if (!nodes.isEmpty()) {
            int last = nodes.get(nodes.size() - 1);
            chosen.change(
                    "Rename to " + name, SceneEdits.each(ground.scene(), List.of(last), n -> n.withName(name)), null);
        }
    }

    /** Puts the point an object rotates and scales about somewhere else; the object stays where it is. */
    private void pivot(Call c) {
        List<Integer> nodes = chosen.targets(c);
        if (!chosen.some(nodes, "Select an object to set its pivot point.")) {
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
            chosen.change("Pivot point of " + chosen.names(nodes), s.withNodes(changed), null);
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
