package rhombus.core.stage.boards;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Start;
import rhombus.core.board.Tab;
import rhombus.core.plain.Plain;
import rhombus.core.stage.view.Board;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.KeptView;
import rhombus.core.stage.view.ViewState;

/** A whole board with everything its viewports show, to be kept or passed on: a Pin of a board, or an address. */
public final class Address {
    /** Id of the board that comes with an address. */
    private static final String ID = "link";

    private Address() {}

    /** What a board shows. */
    public static Map<String, Object> of(Board b) {
        Map<String, Object> looks = new LinkedHashMap<>();
        for (ViewState v : b.views) {
            looks.put(v.id, KeptView.look(v));
        }
        return Plain.map(
                "name",
                b.name,
                "linked",
                b.linked ? true : null,
                "parts",
                b.arrangement.toPlain(),
                "looks",
                looks,
                "active",
                b.active().id,
                "solo",
                b.solo < 0 ? null : b.views.get(b.solo).id);
    }

    /** Makes a board show what was kept; each viewport's former pose stays behind in its Trail. */
    public static void show(Ground ground, Boards boards, Board b, Map<String, Object> m) {
        Map<String, Object> looks = Plain.map(m.get("looks"));
        Map<String, Start> starts = new LinkedHashMap<>();
        looks.forEach((id, look) -> starts.put(id, Start.of(look)));
        b.linked = Plain.truth(m.get("linked"), false);
        b.solo = -1;
        boards.arrange(Arrangement.of(m.get("parts")), starts);
        for (ViewState v : b.views) {
            KeptView.look(ground, v, Plain.map(looks.get(v.id)));
            v.trail.add(v.pose);
        }
        ViewState active = b.named(Plain.text(m.get("active"), ""));
        ViewState solo = b.named(Plain.text(m.get("solo"), ""));
        b.active = active == null ? 0 : active.number;
        b.solo = solo == null ? -1 : solo.number;
        boards.layOut();
    }

    /** Shows what an address holds as a board beside the user's own, which stay as they are; gives what is wrong with it, or null. */
    public static String open(Ground ground, Boards boards, Map<String, Object> m) {
        try {
            Tab t = new Tab(ID, Plain.text(m.get("name"), ""), false, Arrangement.of(m.get("parts")), Map.of());
            Board known = boards.named(t.id());
            if (known != null) {
                boards.remove(known);
            }
            Board b = new Board(t);
            b.passing = true;
            boards.add(b);
            show(ground, boards, b, m);
            b.views.forEach(v -> v.trail.restart(v.pose));
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** Takes the board away that came with an address, if it is still there and was not kept. */
    static void close(Boards boards) {
        Board b = boards.named(ID);
        if (b != null && b.passing) {
            boards.remove(b);
        }
    }
}
