package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.Rung;
import rhombus.core.pick.Corner;
import rhombus.core.pick.Hit;
import rhombus.core.pick.Parts;
import rhombus.core.plain.Plain;

/** Pinning the point that orbit turns about, and the order of the rungs it may come from. */
final class PivotCommands {
    private final Stage stage;

    PivotCommands(Stage stage) {
        this.stage = stage;
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        switch (id) {
            case "pivot.set-here" -> here(v, lx, ly);
            case "pivot.snap-here" -> snap(v, lx, ly);
            case "pivot.set-at" -> at(args);
            case "pivot.set-selection" -> selection();
            case "pivot.clear" -> pin(null, "");
            case "pivot.ladder" -> ladder(args);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void pin(Vec3 point, String on) {
        stage.pivot().pinned = point;
        stage.pivot().pinnedOn = on;
        stage.changes().add(Changes.READOUT | Changes.KEEP);
    }

    private void here(ViewState v, double lx, double ly) {
        Hit hit = Double.isNaN(lx) ? null : stage.heldAt(v, v.pose, lx, ly);
        if (hit == null) {
            stage.changes().notice("There is no surface under the pointer to pin the pivot to.", null, null);
            return;
        }
        pin(hit.point(), stage.nameOf(hit.node()));
    }

    /** The nearest of a corner, an edge's middle and a face's centre, as they are seen. */
    private void snap(ViewState v, double lx, double ly) {
        Hit hit = Double.isNaN(lx) ? null : stage.surfaceAt(v, v.pose, lx, ly, true);
        if (hit == null || hit.mesh() < 0) {
            Vec3 corner = Double.isNaN(lx) ? null : Corner.nearest(stage.scene(), v.screen(), lx, ly, List.of());
            if (corner == null) {
                stage.changes().notice("There is nothing under the pointer to pin the pivot to.", null, null);
            } else {
                pin(corner, "a vertex");
            }
            return;
        }
        Mesh mesh = stage.scene().meshes().get(hit.mesh());
        double[] w = stage.scene().world(hit.node());
        Vec3 near = Mat4.point(Mat4.inverseAffine(w), hit.point());
        List<Vec3> edge = Parts.edge(mesh, hit.triangle(), near);
        Vec3[] places = {
            Parts.vertex(mesh, hit.triangle(), near), edge.get(0).mix(edge.get(1), 0.5), middle(Parts.face(mesh, hit.triangle()))};
        String[] words = {"a vertex of ", "an edge's middle on ", "a face's centre on "};
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
        pin(Mat4.point(w, places[best]), words[best] + stage.nameOf(hit.node()));
    }

    /** Middle of triangles given by three corners each, weighted by their areas. */
    static Vec3 middle(List<Vec3> corners) {
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

    private void at(Map<String, Object> args) {
        Vec3 is = stage.pivot().pinned == null ? Vec3.ZERO : stage.pivot().pinned;
        pin(new Vec3(stage.typed().length(args.get("x"), is.x()), stage.typed().length(args.get("y"), is.y()),
                stage.typed().length(args.get("z"), is.z())), "typed");
    }

    private void selection() {
        Vec3 p = !stage.components().isEmpty() ? stage.components().bounds().center()
                : stage.selection().isEmpty() ? null : stage.selection().bounds(stage.scene()).center();
        if (p == null) {
            stage.changes().notice("Select something to pin the pivot to its middle.", null, null);
        } else {
            pin(p, stage.components().isEmpty() ? "middle of " + SceneCommands.names(stage) : "middle of " + stage.components().words());
        }
    }

    /** Another order: a preset, one rung switched on or off, or one moved up or down. */
    private void ladder(Map<String, Object> args) {
        String preset = Plain.text(args.get("preset"), "");
        List<Rung> order = new ArrayList<>(PivotLadder.order(stage.habits().value(AllHabits.LADDER).toString()));
        Rung rung = Rung.named(Plain.text(args.get("rung"), ""));
        if (PivotLadder.PRESETS.containsKey(preset)) {
            order = new ArrayList<>(PivotLadder.PRESETS.get(preset));
        } else if (rung != null && args.get("on") instanceof Boolean on) {
            order.remove(rung);
            if (on) {
                order.add(place(order, rung), rung);
            }
        } else if (rung != null && order.contains(rung)) {
            int i = order.indexOf(rung);
            int to = Math.max(0, Math.min(order.size() - 1, i + Plain.whole(args.get("by"), 0)));
            order.remove(i);
            order.add(to, rung);
        }
        stage.habit(AllHabits.LADDER.id(), PivotLadder.text(order));
        stage.changes().application("habits.keep", Map.of());
    }

    /** A rung that is switched on again comes before those that are usually below it. */
    private static int place(List<Rung> order, Rung rung) {
        int i = 0;
        while (i < order.size() && order.get(i).ordinal() < rung.ordinal()) {
            i++;
        }
        return i;
    }
}
