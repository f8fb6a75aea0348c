package rhombus.core.stage;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.edit.Edit;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Lengths;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Scene;

/** Actions on the selection, the pivot, the tool and the scene; none of them moves a view. */
final class SceneCommands {
    private final Stage stage;

    SceneCommands(Stage stage) {
        this.stage = stage;
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        switch (id) {
            case "select.pick", "select.add", "select.toggle" -> select(id, args, v, lx, ly);
            case "select.all" -> selectAll();
            case "select.none" -> {
                stage.selection().clear();
                stage.selectionChanged();
            }
            case "pivot.set-here" -> pin(v, lx, ly);
            case "pivot.clear" -> {
                stage.pivot().pinned = null;
                stage.changes().add(Changes.READOUT | Changes.KEEP);
            }
            case "tool.move" -> {
                stage.moveTool(true);
                if (stage.selection().isEmpty()) {
                    stage.changes().notice("Select something to move it.", null, null);
                }
            }
            case "tool.none" -> stage.moveTool(false);
            case "edit.place" -> place(args);
            case "edit.undo" -> apply(stage.history().undo(), true);
            case "edit.redo" -> apply(stage.history().redo(), false);
            case "gesture.cancel" -> stage.resolver().cancel();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void select(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        int node = stage.scene().indexOf(Plain.text(args.get("object"), ""));
        if (node < 0 && !Double.isNaN(lx)) {
            if (stage.moveTool() && Handles.at(stage, v, lx, ly) >= 0) {
                return;
            }
            Hit hit = stage.runner().pick(v, lx, ly);
            node = hit == null ? -1 : hit.node();
        }
        Selection s = stage.selection();
        switch (id) {
            case "select.pick" -> {
                if (node < 0) {
                    s.clear();
                } else {
                    s.only(node);
                }
            }
            case "select.add" -> {
                if (node >= 0) {
                    s.add(node);
                }
            }
            default -> {
                if (node >= 0) {
                    s.toggle(node);
                }
            }
        }
        stage.selectionChanged();
    }

    private void selectAll() {
        stage.selection().clear();
        for (int i = 0; i < stage.scene().nodes().size(); i++) {
            if (stage.scene().node(i).kind() == Kind.MESH && !stage.scene().node(i).locked()) {
                stage.selection().add(i);
            }
        }
        stage.selectionChanged();
    }

    private void pin(ViewState v, double lx, double ly) {
        Hit hit = Double.isNaN(lx) ? null : stage.surfaceAt(v, v.pose, lx, ly, true);
        if (hit == null) {
            stage.changes().notice("There is no surface under the pointer to pin the pivot to.", null, null);
            return;
        }
        stage.pivot().pinned = hit.point();
        stage.pivot().pinnedOn = stage.nameOf(hit.node());
        stage.changes().add(Changes.READOUT | Changes.KEEP);
    }

    /** Puts the last selected object's own origin at typed world coordinates; absent ones stay. */
    private void place(Map<String, Object> args) {
        int node = stage.selection().last();
        if (node < 0) {
            return;
        }
        Scene scene = stage.scene();
        double[] w = scene.world(node);
        Vec3 delta = new Vec3(
                Plain.number(args.get("x"), w[12]) - w[12],
                Plain.number(args.get("y"), w[13]) - w[13],
                Plain.number(args.get("z"), w[14]) - w[14]);
        if (delta.length() == 0) {
            return;
        }
        Map<Integer, double[]> before = Map.of(node, scene.node(node).local());
        Map<Integer, double[]> after = Map.of(node, scene.movedLocal(node, delta));
        stage.locals(after);
        stage.history().add(new Edit("Move " + stage.nameOf(node), before, after));
    }

    private void apply(Edit e, boolean back) {
        if (e == null) {
            stage.changes().notice(back ? "There is nothing to undo." : "There is nothing to redo.", null, null);
            return;
        }
        stage.locals(new LinkedHashMap<>(back ? e.before() : e.after()));
        stage.changes().notice((back ? "Undone: " : "Done again: ") + e.name() + ".", null, null);
    }

    /** What the selection is called. */
    static String names(Stage stage) {
        int count = stage.selection().nodes().size();
        return count == 1 ? stage.nameOf(stage.selection().last()) : count + " objects";
    }

    /** A place in words: millimetres near the origin, coarser where the numbers grow long. */
    static String point(Vec3 p) {
        double most = Math.max(Math.abs(p.x()), Math.max(Math.abs(p.y()), Math.abs(p.z())));
        int places = most < 10 ? 3 : most < 100 ? 2 : most < 1000 ? 1 : 0;
        return Lengths.fixed(p.x(), places) + " " + Lengths.fixed(p.y(), places) + " " + Lengths.fixed(p.z(), places);
    }
}
