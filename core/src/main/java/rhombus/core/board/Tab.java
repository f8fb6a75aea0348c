package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.Plain;

/**
 * A named board as it is kept for a user: it knows no scene.
 *
 * @param id names it among the user's boards
 * @param name shown on its tab
 * @param linked whether its flat axis views share centre and scale
 * @param arrangement of its viewports
 * @param starts how each viewport starts, by id
 */
public record Tab(String id, String name, boolean linked, Arrangement arrangement, Map<String, Start> starts) {
    /** Longest name, characters. */
    public static final int LONGEST_NAME = 60;

    /** Takes only the starts of viewports that there are. */
    public Tab {
        Map<String, Start> kept = new LinkedHashMap<>();
        for (String v : arrangement.views()) {
            kept.put(v, starts.containsKey(v) ? starts.get(v) : Start.of((Object) null));
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
        return Plain.map(
                "id", id, "name", name, "linked", linked ? true : null, "parts", arrangement.toPlain(), "views", views);
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException if its arrangement cannot be read
     */
    public static Tab of(Object plain) {
        Map<String, Object> m = Plain.map(plain);
        String id = Plain.text(m.get("id"), "");
        if (!id.matches("[A-Za-z0-9-]{1,20}")) {
            throw new IllegalArgumentException(say("tab.a-board-needs-an-id"));
        }
        Map<String, Start> starts = new LinkedHashMap<>();
        Plain.map(m.get("views")).forEach((v, s) -> starts.put(v, Start.of(s)));
        return new Tab(
                id,
                Plain.text(m.get("name"), ""),
                Plain.truth(m.get("linked"), false),
                Arrangement.of(m.get("parts")),
                starts);
    }

    /** A board made of a template, its viewports numbered as one reads. */
    public static Tab of(String id, String name, Template t, Start... starts) {
        Map<String, Start> named = new LinkedHashMap<>();
        for (Start s : starts) {
            named.put("v" + (named.size() + 1), s);
        }
        return new Tab(id, name, false, t.of(List.copyOf(named.keySet())), named);
    }
}
