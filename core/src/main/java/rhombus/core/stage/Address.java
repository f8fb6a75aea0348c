package rhombus.core.stage;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Start;
import rhombus.core.board.Tab;
import rhombus.core.plain.Plain;

/** A whole board with everything its viewports show, to be kept or passed on: a Pin of a board, or an address. */
final class Address {
    private Address() {}

    /** What a board shows. */
    static Map<String, Object> of(Board b) {
        Map<String, Object> looks = new LinkedHashMap<>();
        for (ViewState v : b.views) {
            looks.put(v.id, Workspace.look(v));
        }
        return Plain.map(
                "name", b.name,
                "linked", b.linked ? true : null,
                "parts", b.arrangement.toPlain(),
                "looks", looks,
                "active", b.active().id,
                "solo", b.solo < 0 ? null : b.views.get(b.solo).id);
    }

    /** Makes a board show what was kept; each viewport's former pose stays behind in its Trail. */
    static void show(Stage stage, Board b, Map<String, Object> m) {
        Map<String, Object> looks = Plain.map(m.get("looks"));
        Map<String, Start> starts = new LinkedHashMap<>();
        looks.forEach((id, look) -> starts.put(id, Start.of(look)));
        b.linked = Plain.truth(m.get("linked"), false);
        b.solo = -1;
        stage.boards().arrange(Arrangement.of(m.get("parts")), starts);
        for (ViewState v : b.views) {
            Workspace.look(stage, v, Plain.map(looks.get(v.id)));
            v.trail.add(v.pose);
        }
        ViewState active = b.named(Plain.text(m.get("active"), ""));
        ViewState solo = b.named(Plain.text(m.get("solo"), ""));
        b.active = active == null ? 0 : active.number;
        b.solo = solo == null ? -1 : solo.number;
        stage.boards().layOut();
    }

    /** Shows what an address holds as a board beside the user's own, which stay as they are; gives what is wrong with it, or null. */
    static String open(Stage stage, Map<String, Object> m) {
        try {
            Tab t = new Tab("link", Plain.text(m.get("name"), ""), false, Arrangement.of(m.get("parts")), Map.of());
            Board known = stage.boards().named(t.id());
            if (known != null) {
                stage.boards().remove(known);
            }
            Board b = new Board(t);
            b.passing = true;
            stage.boards().add(b);
            show(stage, b, m);
            b.views.forEach(v -> v.trail.restart(v.pose));
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }
}
