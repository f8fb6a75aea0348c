package rhombus.core.stage.boards;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.StoredBoard;
import rhombus.core.board.ViewportStart;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.ViewportRestoring;

/** A whole board with everything its viewports show, to be kept or passed on: a Pin of a board, or an address. */
public final class BoardAddress {
    /** Id of the board that comes with an address. */
    private static final String ID = "link";

    private BoardAddress() {}

    /** What a board shows. */
    public static Map<String, Object> of(ActiveBoard b) {
        Map<String, Object> looks = new LinkedHashMap<>();
        for (Viewport v : b.views) {
            looks.put(v.id, StoredView.look(v));
        }
        return PlainData.map(
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
    public static void show(StageContext ground, Boards boards, ActiveBoard b, Map<String, Object> m) {
        Map<String, Object> looks = PlainData.map(m.get("looks"));
        Map<String, ViewportStart> starts = new LinkedHashMap<>();
        looks.forEach((id, look) -> starts.put(id, ViewportStart.of(look)));
        b.linked = PlainData.truth(m.get("linked"), false);
        b.solo = -1;
        boards.arrange(Arrangement.of(m.get("parts")), starts);
        for (Viewport v : b.views) {
            ViewportRestoring.look(ground, v, PlainData.map(looks.get(v.id)));
            v.trail.add(v.pose);
        }
        Viewport active = b.named(PlainData.text(m.get("active"), ""));
        Viewport solo = b.named(PlainData.text(m.get("solo"), ""));
        b.active = active == null ? 0 : active.number;
        b.solo = solo == null ? -1 : solo.number;
        boards.layOut();
    }

    /** Shows what an address holds as a board beside the user's own, which stay as they are; gives what is wrong with it, or null. */
    public static String open(StageContext ground, Boards boards, Map<String, Object> m) {
        try {
            StoredBoard t = new StoredBoard(
                    ID, PlainData.text(m.get("name"), ""), false, Arrangement.of(m.get("parts")), Map.of());
            ActiveBoard known = boards.named(t.id());
            if (known != null) {
                boards.remove(known);
            }
            ActiveBoard b = new ActiveBoard(t);
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
        ActiveBoard b = boards.named(ID);
        if (b != null && b.passing) {
            boards.remove(b);
        }
    }
}
