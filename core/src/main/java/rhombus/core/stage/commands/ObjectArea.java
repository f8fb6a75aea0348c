package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.Overlay;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.words.Messages;

/** Hiding, locking, naming, grouping, copying and deleting objects; each is one step that can be undone. */
final class ObjectArea {
    private final StageContext ground;
    private final SubjectParts subject;
    private final CommandTargets chosen;

    private ObjectArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
        this.chosen = new CommandTargets(ground, subject);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<ObjectArea> area() {
        return new CommandArea<>(p -> new ObjectArea(p.ground(), p.subject()), ObjectArea::declare);
    }

    private static void declare(CommandDeclarations<ObjectArea> d) {
        d.group(say("group.objects"));
        d.replays(true);
        seen(d);
        d.replays(false);
        locked(d);
        d.action("object.draw-as")
                .texts("objects")
                .needs(
                        "way",
                        Arrays.stream(DisplayOverride.values())
                                .map(DisplayOverride::id)
                                .toList())
                .does((a, c) -> a.drawAs(a.chosen.targets(c), DisplayOverride.named(c.text("way"))));
        named(d);
        d.action("object.duplicate")
                .texts("objects")
                .key("duplicate", "KeyM", SHIFT, say("hint.duplicate"))
                .does(ObjectArea::duplicate);
        d.action("object.delete")
                .texts("objects")
                .key("delete", "Delete", 0, say("hint.delete"))
                .does(ObjectArea::delete);
        d.action("object.pivot")
                .texts("objects")
                .typed("x", "y", "z")
                .choice("to", "centre", "bottom", "origin", "own", "pinned")
                .does(ObjectArea::pivot);
    }

    private static void seen(CommandDeclarations<ObjectArea> d) {
        d.action("object.hide")
                .texts("objects")
                .key("hide", "KeyI", 0, say("hint.hide"))
                .does((a, c) -> a.hide(a.chosen.targets(c), true));
        d.action("object.visible")
                .traits(CommandTrait.TOLD)
                .traits(CommandTrait.SWEPT)
                .texts("objects")
                .truth("on")
                .does((a, c) -> a.hide(a.chosen.targets(c), !c.truth("on", true)));
        d.action("object.isolate")
                .texts("objects")
                .key("isolate", "KeyI", SHIFT, say("hint.isolate"))
                .does(ObjectArea::isolate);
        d.action("object.show-all")
                .key("show-all", "KeyI", ALT, say("hint.show-all"))
                .does((a, c) -> a.showAll());
    }

    private static void locked(CommandDeclarations<ObjectArea> d) {
        d.action("object.lock").texts("objects").does((a, c) -> a.lock(a.chosen.targets(c), true));
        d.action("object.pickable")
                .traits(CommandTrait.TOLD)
                .traits(CommandTrait.SWEPT)
                .texts("objects")
                .truth("on")
                .does((a, c) -> a.lock(a.chosen.targets(c), !c.truth("on", true)));
        d.action("object.unlock-all").does((a, c) -> a.unlockAll());
    }

    private static void named(CommandDeclarations<ObjectArea> d) {
        d.action("object.rename")
                .texts("objects")
                .text("name")
                .does((a, c) -> a.rename(a.chosen.targets(c), c.text("name")));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private void unlockAll() {
        Scene s = ground.scene();
        chosen.change(
                say("object-area.unlock-all"),
                SceneEdits.each(s, all(s), n -> n.withLocked(false)),
                say("object-area.nothing-is-locked"));
    }

    private void duplicate(CommandCall c) {
        Scene s = ground.scene();
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, say("object-area.select-something-to-duplicate-it"))) {
            SceneEdits.Added copies = SceneEdits.duplicate(s, nodes);
            subject.editing()
                    .apply(
                            say("object-area.duplicate", chosen.names(nodes)),
                            copies.scene(),
                            EditOperation.Duplicate.between(nodes, s, copies.scene()));
            chosen.select(copies);
        }
    }

    private void delete(CommandCall c) {
        List<Integer> nodes = chosen.targets(c);
        String names = chosen.names(nodes);
        if (chosen.some(nodes, say("object-area.select-something-to-delete-it"))
                && subject.editing()
                        .apply(say("object-area.delete", names), SceneEdits.delete(ground.scene(), nodes))) {
            ground.changes().notice(say("object-area.deleted", names), say("object-area.undo"), "edit.undo");
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
        if (chosen.some(nodes, say("object-area.select-something-to-hide-it"))) {
            chosen.change(
                    say(hide ? "object-area.hide" : "object-area.show", chosen.names(nodes)),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withHidden(hide)),
                    null);
            if (hide) {
                nodes.forEach(subject.selection()::remove);
                subject.selection().changed();
            }
        }
    }

    private void lock(List<Integer> nodes, boolean lock) {
        if (chosen.some(nodes, say("object-area.select-something-to-lock-it"))) {
            chosen.change(
                    say(lock ? "object-area.lock" : "object-area.unlock", chosen.names(nodes)),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withLocked(lock)),
                    null);
        }
    }

    private void drawAs(List<Integer> nodes, DisplayOverride way) {
        if (chosen.some(nodes, say("object-area.select-something-to-draw-it"))) {
            chosen.change(
                    say("object-area.draw", chosen.names(nodes), Messages.within(way.words())),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withWay(way)),
                    say("object-area.that-is-how-it-is"));
            if (way != DisplayOverride.USUAL && ground.board().views.stream().noneMatch(v -> v.shows(Overlay.WAYS))) {
                ground.changes().notice(say("object-area.no-viewport-shows-objects-own"), null, null);
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
                say("object-area.show-all"),
                SceneEdits.each(now, all(now), n -> n.withHidden(false)),
                wasIsolated ? null : say("object-area.nothing-is-hidden"));
    }

    /** Only what is selected is drawn, until it is run again: a way of looking, so nothing to undo. */
    private void isolate(CommandCall c) {
        if (ground.scene().isolated() != null) {
            subject.isolate(null);
            return;
        }
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, say("object-area.select-what-shall-be-left"))) {
            subject.isolate(new HashSet<>(nodes));
            boolean ghosts = ground.board().views.stream().anyMatch(v -> v.shows(Overlay.GHOSTS));
            ground.changes()
                    .notice(
                            say(
                                    ghosts ? "object-area.only-is-shown-with-ghosts" : "object-area.only-is-shown",
                                    chosen.names(nodes)),
                            say("object-area.show-the-rest"),
                            "object.isolate");
        }
    }

    private void rename(List<Integer> nodes, String typed) {
        String name = CommandTargets.clean(typed);
        if (name.isEmpty()) {
            ground.changes().notice(say("object-area.a-name-needs-at-least"), null, null);
        } else if (!nodes.isEmpty()) {
            int last = nodes.get(nodes.size() - 1);
            chosen.change(
                    say("object-area.rename-to", name),
                    SceneEdits.each(ground.scene(), List.of(last), n -> n.withName(name)),
                    null);
        }
    }

    /** Puts the point an object rotates and scales about somewhere else; the object stays where it is. */
    private void pivot(CommandCall c) {
        List<Integer> nodes = chosen.targets(c);
        if (!chosen.some(nodes, say("object-area.select-an-object-to-set"))) {
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
            chosen.change(say("object-area.pivot-point-of", chosen.names(nodes)), s.withNodes(changed), null);
        }
    }

    private Vec3 wanted(Scene s, int n, CommandCall c) {
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
                    ground.changes().notice(say("object-area.pin-a-point-first-the"), null, null);
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
