package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.PivotRung;
import rhombus.core.pick.ComponentPick;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.VertexPick;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Pinning the point that orbit turns about, and the order of the rungs it may come from. */
final class PivotArea {
    /** Hints name it early: everything turns about it. */
    private static final int FIRST = -28;

    private final StageContext ground;
    private final SubjectParts subject;

    private PivotArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    static CommandArea<PivotArea> area() {
        return new CommandArea<>(p -> new PivotArea(p.ground(), p.subject()), PivotArea::declare);
    }

    private static void declare(CommandDeclarations<PivotArea> d) {
        d.group(say("group.pivot"));
        d.replays(true);
        d.action("pivot.set-here")
                .rank(FIRST)
                .key("pivot", "KeyV", 0, say("hint.pin-the-pivot-here"))
                .does(PivotArea::here);
        d.action("pivot.snap-here")
                .key("pivot-snap", "KeyV", ALT, say("hint.pin-the-pivot-to-a-vertex-edge-or"))
                .does(PivotArea::snap);
        d.action("pivot.set-at").typed("x", "y", "z").does(PivotArea::at);
        d.action("pivot.set-selection").does((a, c) -> a.selection());
        d.action("pivot.clear")
                .key("pivot-clear", "KeyV", SHIFT, say("hint.unpin-the-pivot"))
                .does((a, c) -> a.pin(null, ""));
        d.replays(false);
        d.action("pivot.ladder").text("preset", "rung").truth("on").whole("by").does(PivotArea::ladder);
    }

    private void pin(Vec3 point, String on) {
        subject.pivot().pin(point, on);
        ground.changes().add(ChangeTopic.READOUT, ChangeTopic.KEEP);
    }

    private void here(CommandCall c) {
        Viewport v = c.view();
        RayHit hit = c.inside() ? subject.picks().heldAt(v, v.pose, c.x(), c.y()) : null;
        if (hit == null) {
            ground.changes().notice(say("pivot-area.there-is-no-surface-under"), null, null);
            return;
        }
        pin(hit.point(), ground.nameOf(hit.node()));
    }

    /** The nearest of a corner, an edge's middle and a face's centre, as they are seen. */
    private void snap(CommandCall c) {
        Viewport v = c.view();
        double lx = c.x();
        double ly = c.y();
        RayHit hit = c.inside() ? ground.model().surfaceAt(v, v.pose, lx, ly, true) : null;
        if (hit == null || hit.mesh() < 0) {
            Vec3 corner = c.inside() ? VertexPick.nearest(ground.scene(), v.screen(), lx, ly, List.of()) : null;
            if (corner == null) {
                ground.changes().notice(say("pivot-area.there-is-nothing-under-the"), null, null);
            } else {
                pin(corner, say("pivot-area.a-vertex"));
            }
            return;
        }
        Mesh mesh = ground.scene().meshes().get(hit.mesh());
        double[] w = ground.scene().world(hit.node());
        Vec3 near = Mat4.point(Mat4.inverseAffine(w), hit.point());
        List<Vec3> edge = ComponentPick.edge(mesh, hit.triangle(), near);
        Vec3[] places = {
            ComponentPick.vertex(mesh, hit.triangle(), near),
            edge.get(0).mix(edge.get(1), 0.5),
            middle(ComponentPick.face(mesh, hit.triangle()))
        };
        String[] words = {"pivot-area.a-vertex-of", "pivot-area.an-edges-middle-on", "pivot-area.a-faces-centre-on"};
        int best = 0;
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 3; i++) {
            Vec3 s = v.screen().project(Mat4.point(w, places[i]));
            double d = Math.hypot(s.x() - lx, s.y() - ly);
            if (d < nearest) {
                nearest = d;
                best = i;
            }
        }
        pin(Mat4.point(w, places[best]), say(words[best], ground.nameOf(hit.node())));
    }

    /** Middle of triangles given by three corners each, weighted by their areas. */
    public static Vec3 middle(List<Vec3> corners) {
        Vec3 sum = Vec3.ZERO;
        double all = 0;
        for (int i = 0; i + 2 < corners.size(); i += 3) {
            Vec3 a = corners.get(i);
            Vec3 b = corners.get(i + 1);
            Vec3 c = corners.get(i + 2);
            double area = b.minus(a).cross(c.minus(a)).length();
            sum = sum.plus(a.plus(b).plus(c), area / 3);
            all += area;
        }
        return all == 0 ? corners.get(0) : sum.times(1 / all);
    }

    private void at(CommandCall c) {
        Vec3 is = subject.pivot().pinned() == null ? Vec3.ZERO : subject.pivot().pinned();
        pin(
                new Vec3(
                        ground.typed().length(c.args().get("x"), is.x()),
                        ground.typed().length(c.args().get("y"), is.y()),
                        ground.typed().length(c.args().get("z"), is.z())),
                "typed");
    }

    private void selection() {
        Vec3 p = !subject.components().isEmpty()
                ? subject.components().bounds().center()
                : subject.selection().isEmpty()
                        ? null
                        : subject.selection().bounds(ground.scene()).center();
        if (p == null) {
            ground.changes().notice(say("pivot-area.select-something-to-pin-the"), null, null);
        } else {
            pin(
                    p,
                    subject.components().isEmpty()
                            ? say("pivot-area.middle-of", subject.names())
                            : say("pivot-area.middle-of", subject.components().words()));
        }
    }

    /** Another order: a preset, one rung switched on or off, or one moved up or down. */
    private void ladder(CommandCall c) {
        String preset = c.text("preset");
        List<PivotRung> order = new ArrayList<>(
                PivotLadder.order(ground.habits().value(AllHabits.LADDER).toString()));
        PivotRung rung = PivotRung.named(c.text("rung"));
        if (PivotLadder.preset(preset) != null) {
            order = new ArrayList<>(PivotLadder.preset(preset));
        } else if (rung != null && c.args().get("on") instanceof Boolean on) {
            order.remove(rung);
            if (on) {
                order.add(place(order, rung), rung);
            }
        } else if (rung != null && order.contains(rung)) {
            int i = order.indexOf(rung);
            int to = Math.max(0, Math.min(order.size() - 1, i + c.whole("by", 0)));
            order.remove(i);
            order.add(to, rung);
        }
        ground.settings().set(AllHabits.LADDER.id(), PivotLadder.text(order));
        ground.changes().application("habits.keep", Map.of());
    }

    /** A rung that is switched on again comes before those that are usually below it. */
    private static int place(List<PivotRung> order, PivotRung rung) {
        int i = 0;
        while (i < order.size() && order.get(i).ordinal() < rung.ordinal()) {
            i++;
        }
        return i;
    }
}
