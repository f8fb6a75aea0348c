package rhombus.core.stage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Keymaps;
import rhombus.core.keymap.MergedKeymaps;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.plain.ThreeWayMerge;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.view.StageContext;

/**
 * Brings together what two windows changed in a document of the person, not of the scene: boards by tab, Pins one by one,
 * keymaps by binding, habits by setting.
 */
public final class DocumentMerger {
    private final StageContext ground;
    private final Boards boards;
    private final Pins pins;
    private final UserKeymaps keymaps;
    private final BooleanSupplier busy;

    /** @param busy whether a hand drags or something glides, which is waited for */
    DocumentMerger(StageContext ground, Boards boards, Pins pins, UserKeymaps keymaps, BooleanSupplier busy) {
        this.ground = ground;
        this.boards = boards;
        this.pins = pins;
        this.keymaps = keymaps;
        this.busy = busy;
    }

    /**
     * Takes over what another window has saved, beside what was changed here.
     *
     * @param what {@code boards}, {@code pins}, {@code keymap} or {@code habits}
     * @param base what both windows had
     * @param theirs what the other window has saved
     * @param prefers which one decides where both changed the same
     */
    public MergeResult merge(
            String what, Map<String, Object> base, Map<String, Object> theirs, ThreeWayMerge.Prefers prefers) {
        if (busy.getAsBoolean()) {
            return new MergeResult(false, List.of());
        }
        ThreeWayMerge m = new ThreeWayMerge(prefers);
        try {
            Runnable take =
                    switch (what) {
                        case "boards" -> boards(m, base, theirs);
                        case "pins" -> pins(m, base, theirs);
                        case "keymap" -> keymap(m, base, theirs);
                        case "habits" -> habits(m, base, theirs);
                        default -> throw new IllegalArgumentException(what);
                    };
            if (m.twice().isEmpty()) {
                take.run();
            }
            return new MergeResult(m.twice().isEmpty(), m.twice());
        } catch (IllegalArgumentException e) {
            return new MergeResult(false, List.of(e.getMessage()));
        }
    }

    private Runnable boards(ThreeWayMerge m, Map<String, Object> base, Map<String, Object> theirs) {
        Map<String, Object> mine = boards.toPlain();
        List<Object> list = numbered(m, "boards", "b", base, mine, theirs);
        // Each closed what the other left open: what is here stays.
        Map<String, Object> merged = with(mine, "boards", list.isEmpty() ? mine.get("boards") : list);
        return () -> {
            m.renamed().forEach((was, now) -> boards.named(was).id = now);
            boards.use(merged);
        };
    }

    private Runnable pins(ThreeWayMerge m, Map<String, Object> base, Map<String, Object> theirs) {
        Map<String, Object> mine = pins.toPlain();
        List<Object> list = numbered(m, "pins", "p", base, mine, theirs);
        return () -> pins.use(with(mine, "pins", list));
    }

    /** Merges a list of things with names, whose ids are a letter and a number. */
    private static List<Object> numbered(
            ThreeWayMerge m,
            String key,
            String letter,
            Map<String, Object> base,
            Map<String, Object> mine,
            Map<String, Object> theirs) {
        Map<String, Object> named = ThreeWayMerge.keyed(PlainData.list(mine.get(key)), "id");
        Map<String, Object> others = ThreeWayMerge.keyed(PlainData.list(theirs.get(key)), "id");
        return m.list(
                PlainData.list(base.get(key)),
                PlainData.list(mine.get(key)),
                PlainData.list(theirs.get(key)),
                "id",
                n -> letter + n,
                id -> name(named, others, id));
    }

    private Runnable keymap(ThreeWayMerge m, Map<String, Object> base, Map<String, Object> theirs) {
        Map<String, Object> mine = keymaps.kept().toPlain();
        Keymaps merged = AllCommands.CATALOGUE.keymaps(MergedKeymaps.of(m, base, mine, theirs, this::binding));
        return () -> keymaps.use(merged);
    }

    private String binding(String id) {
        var b = keymaps.keymap().binding(id);
        return b == null ? id : b.command().words();
    }

    private Runnable habits(ThreeWayMerge m, Map<String, Object> base, Map<String, Object> theirs) {
        Map<String, Object> mine = ground.habits().toPlain();
        Map<String, Object> values = m.entries(
                PlainData.map(base.get("values")),
                PlainData.map(mine.get("values")),
                PlainData.map(theirs.get("values")),
                DocumentMerger::setting);
        List<Object> looks = m.list(
                PlainData.list(base.get("looks")),
                PlainData.list(mine.get("looks")),
                PlainData.list(theirs.get("looks")),
                "name",
                null,
                name -> name);
        Habits merged = Habits.of(with(with(mine, "values", values), "looks", looks));
        return () -> ground.settings().use(merged);
    }

    private static String setting(String id) {
        Habit h = AllHabits.named(id);
        return h == null ? id : h.words();
    }

    private static String name(Map<String, Object> mine, Map<String, Object> theirs, String id) {
        Object entry = mine.containsKey(id) ? mine.get(id) : theirs.get(id);
        return PlainData.text(PlainData.map(entry).get("name"), id);
    }

    private static Map<String, Object> with(Map<String, Object> m, String key, Object value) {
        Map<String, Object> out = new LinkedHashMap<>(m);
        out.put(key, value);
        return out;
    }

    /** The same, with {@code mine}, {@code theirs} or another word for neither. */
    @PageCall
    public MergeResult merge(String what, Map<String, Object> base, Map<String, Object> theirs, String prefers) {
        return merge(
                what,
                base,
                theirs,
                switch (prefers) {
                    case "mine" -> ThreeWayMerge.Prefers.MINE;
                    case "theirs" -> ThreeWayMerge.Prefers.THEIRS;
                    default -> ThreeWayMerge.Prefers.NEITHER;
                });
    }
}
