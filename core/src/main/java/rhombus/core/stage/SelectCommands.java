package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.navigate.Lengths;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Scene;

/** Actions on the selection; none of them changes the scene or moves a view. */
final class SelectCommands {
    private final Stage stage;

    SelectCommands(Stage stage) {
        this.stage = stage;
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        switch (id) {
            case "select.pick", "select.add", "select.toggle" -> pick(id.substring(7), args, v, lx, ly);
            case "select.all" -> {
                stage.selection().only(pickable());
                stage.selectionChanged();
            }
            case "select.none" -> {
                stage.selection().clear();
                stage.selectionChanged();
            }
            case "select.invert" -> {
                List<Integer> others = new ArrayList<>(pickable());
                others.removeIf(n -> chosen(n));
                stage.selection().only(others);
                stage.selectionChanged();
            }
            case "select.set" -> {
                List<Integer> nodes = new ArrayList<>();
                for (Object o : Plain.list(args.get("objects"))) {
                    int n = stage.scene().indexOf(Plain.text(o, ""));
                    if (n >= 0) {
                        nodes.add(n);
                    }
                }
                take(nodes, Plain.text(args.get("how"), "pick"));
            }
            case "select.through" -> through(args, v, lx, ly);
            case "select.hover" -> stage.hover().from(stage.scene().indexOf(Plain.text(args.get("object"), "")));
            case "select.components" -> {
                stage.components().mode(Plain.text(args.get("to"), "object"));
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Whether an object is selected, by itself or with a group above it. */
    private boolean chosen(int node) {
        int n = node;
        while (n >= 0 && !stage.selection().has(n)) {
            n = stage.scene().node(n).parent();
        }
        return n >= 0;
    }

    /** Everything a click or a marquee could take: objects, lights and cameras. */
    private List<Integer> pickable() {
        Scene s = stage.scene();
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (s.node(i).kind() != Kind.GROUP && s.shown(i) && !s.locked(i)) {
                out.add(i);
            }
        }
        return out;
    }

    private void pick(String how, Map<String, Object> args, ViewState v, double lx, double ly) {
        int node = stage.scene().indexOf(Plain.text(args.get("object"), ""));
        if (node < 0 && !Double.isNaN(lx)) {
            if (stage.tools().handleAt(v, lx, ly) != null) {
                return;
            }
            if (stage.components().pick(how, v, lx, ly)) {
                return;
            }
            Hit hit = stage.runner().pick(v, lx, ly);
            node = hit == null ? -1 : hit.node();
        }
        take(node < 0 ? List.of() : List.of(node), how);
    }

    /** Takes objects into the selection: alone, as well, each the other way round, or out of it. */
    void take(List<Integer> nodes, String how) {
        Selection s = stage.selection();
        switch (how) {
            case "add" -> nodes.forEach(s::add);
            case "toggle" -> nodes.forEach(s::toggle);
            case "remove" -> nodes.forEach(s::remove);
            default -> s.only(nodes);
        }
        stage.selectionChanged();
    }

    /** Lists everything under the pointer, near to far, for the user to choose from. */
    private void through(Map<String, Object> args, ViewState v, double lx, double ly) {
        double x = Double.isNaN(lx) ? v.width / 2 : lx;
        double y = Double.isNaN(ly) ? v.height / 2 : ly;
        List<Object> list = new ArrayList<>();
        for (Hit h : stage.hitsAt(v, x, y)) {
            list.add(Plain.map(
                    "object", stage.scene().node(h.node()).id(), "name", stage.nameOf(h.node()),
                    "kind", stage.scene().node(h.node()).kind().word(),
                    "distance", Lengths.words(h.distance())));
        }
        stage.changes().application("select.through", Plain.map(
                "x", v.x + x, "y", v.y + y, "view", v.id, "how", Plain.text(args.get("how"), "pick"), "hits", list));
    }

    /** The button that selects and the one that lists what lies under the pointer may be exchanged. */
    static String exchanged(Stage stage, String command) {
        if (!stage.habits().is(AllHabits.SELECT_BUTTON, "right")) {
            return command;
        }
        return switch (command) {
            case "select.pick", "select.add", "select.toggle" -> "select.through";
            case "select.through" -> "select.pick";
            default -> command;
        };
    }

    /** How what is chosen from the list joins the selection, when a click that selects lists instead. */
    static Map<String, Object> how(Binding b) {
        return b.command().equals("select.through") ? Map.of() : Map.of("how", b.command().substring(7));
    }
}
