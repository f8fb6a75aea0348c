package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * A named board as it is kept for a user: it knows no scene.
 *
 * @param id names it among the user's boards
 * @param name shown on its tab
 * @param linked whether its flat axis views share centre and scale
 * @param arrangement of its viewports
 * @param starts how each viewport starts, by id
 */
public record StoredBoard(
        String id, String name, boolean linked, Arrangement arrangement, Map<String, ViewportStart> starts) {
    /** Longest name, characters. */
    public static final int LONGEST_NAME = 60;

    /** Takes only the starts of viewports that there are. */
    public StoredBoard {
        Map<String, ViewportStart> kept = new LinkedHashMap<>();
        for (String v : arrangement.views()) {
            kept.put(v, starts.containsKey(v) ? starts.get(v) : ViewportStart.of((Object) null));
        }
        starts = kept;
        name = tidy(name);
    }

    /** A name without what cannot be shown on one line; never empty. */
    public static String tidy(String name) {
        String s = name.replaceAll("[\\p{Cntrl}\\p{Zl}\\p{Zp}]+", " ").strip();
        s = s.length() > LONGEST_NAME ? s.substring(0, LONGEST_NAME).strip() : s;
        return s.isEmpty() ? say("tab.board") : s;
    }

    /** As plain data. */
    public Map<String, Object> toPlain() {
        Map<String, Object> views = new LinkedHashMap<>();
        starts.forEach((v, s) -> views.put(v, s.toPlain()));
        return PlainData.map(
                "id", id, "name", name, "linked", linked ? true : null, "parts", arrangement.toPlain(), "views", views);
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException if its arrangement cannot be read
     */
    public static StoredBoard of(Object plain) {
        Map<String, Object> m = PlainData.map(plain);
        String id = PlainData.text(m.get("id"), "");
        if (!id.matches("[A-Za-z0-9-]{1,20}")) {
            throw new IllegalArgumentException(say("tab.a-board-needs-an-id"));
        }
        Map<String, ViewportStart> starts = new LinkedHashMap<>();
        PlainData.map(m.get("views")).forEach((v, s) -> starts.put(v, ViewportStart.of(s)));
        return new StoredBoard(
                id,
                PlainData.text(m.get("name"), ""),
                PlainData.truth(m.get("linked"), false),
                Arrangement.of(m.get("parts")),
                starts);
    }

    /** A board made of a template, its viewports numbered as one reads. */
    public static StoredBoard of(String id, String name, BoardTemplate t, ViewportStart... starts) {
        Map<String, ViewportStart> named = new LinkedHashMap<>();
        for (ViewportStart s : starts) {
            named.put("v" + (named.size() + 1), s);
        }
        return new StoredBoard(id, name, false, t.of(List.copyOf(named.keySet())), named);
    }
}
