package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.PivotCandidates;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.StoredView;

/** What is kept for a user and a scene: the viewports of every board with their Trails and homes, and the pinned pivot. */
public final class Workspace {
    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final Walking walking;
    private final Boards boards;
    private Supplier<String> keymap = () -> null;
    private Consumer<String> useKeymap = name -> {};

    public Workspace(StageContext ground, SubjectParts subject, ActiveTool tools, Walking walking, Boards boards) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.walking = walking;
        this.boards = boards;
    }

    /** Who knows the name of the scene's own keymap, or null, and who uses it. */
    public void keymap(Supplier<String> name, Consumer<String> use) {
        keymap = name;
        useKeymap = use;
    }

    /** What to keep, as plain data. */
    public Map<String, Object> toPlain() {
        Map<String, Object> kept = new LinkedHashMap<>();
        for (ActiveBoard b : boards.list()) {
            if (!b.passing && (b.entered || !b.kept.isEmpty())) {
                kept.put(b.id, b.toKeep());
            }
        }
        PivotCandidates pivot = subject.pivot();
        return PlainData.map(
                "format",
                "rhombus-workspace",
                "version",
                2,
                "board",
                ground.board().passing ? null : ground.board().id,
                "boards",
                kept,
                "walkSpeed",
                walking.speed(),
                "tools",
                tools.toKeep(),
                "recent",
                ground.recent().toPlain(),
                "keymap",
                keymap.get(),
                "isolated",
                isolated(),
                "rulers",
                subject.rulers().toPlain(),
                "pinned",
                pivot.pinned() == null ? null : StoredView.point(pivot.pinned()),
                "pinnedOn",
                pivot.pinned() == null ? null : pivot.pinnedOn());
    }

    private List<Object> isolated() {
        if (ground.scene().isolated() == null) {
            return null;
        }
        List<Object> out = new ArrayList<>();
        for (int n : ground.scene().isolated()) {
            out.add(ground.scene().node(n).id());
        }
        return out;
    }

    /** Takes over what was kept; whatever does not fit this scene is passed over. */
    public void restore(Map<String, Object> m) {
        int version = PlainData.whole(m.get("version"), 0);
        if (!"rhombus-workspace".equals(m.get("format")) || version < 1 || version > 2) {
            return;
        }
        Map<Integer, double[]> locals = new HashMap<>();
        PlainData.map(m.get("moved")).forEach((id, matrix) -> {
            int n = ground.scene().indexOf(id);
            double[] local = PlainData.numbers(matrix, 16);
            if (n >= 0 && local != null) {
                locals.put(n, local);
            }
        });
        if (!locals.isEmpty()) {
            // Before edits were kept with the scene, moved objects were kept here.
            subject.editing()
                    .apply(say("workspace.move-objects"), ground.scene().withLocals(locals));
        }
        boards(version == 1 ? first(m) : m);
        double walk = PlainData.number(m.get("walkSpeed"), 0);
        if (walk > 0) {
            walking.speed(walk);
        }
        tools.read(m.get("tools"));
        ground.recent().read(m.get("recent"));
        useKeymap.accept(m.get("keymap") instanceof String name ? name : null);
        Set<Integer> alone = new HashSet<>();
        for (Object id : PlainData.list(m.get("isolated"))) {
            int n = ground.scene().indexOf(PlainData.text(id, ""));
            if (n >= 0) {
                alone.add(n);
            }
        }
        subject.isolate(alone.isEmpty() ? null : alone);
        subject.rulers().read(m.get("rulers"));
        subject.pivot().pin(StoredView.point(m.get("pinned")), PlainData.text(m.get("pinnedOn"), ""));
    }

    /** The first version knew one board of four viewports. */
    private static Map<String, Object> first(Map<String, Object> m) {
        List<Object> list = PlainData.list(m.get("views"));
        Map<String, Object> views = new LinkedHashMap<>();
        for (int i = 0; i < list.size(); i++) {
            views.put("v" + (i + 1), list.get(i));
        }
        int solo = PlainData.whole(m.get("solo"), -1);
        Map<String, Object> four = PlainData.map(
                "active",
                "v" + (PlainData.whole(m.get("active"), 1) + 1),
                "solo",
                solo < 0 ? null : "v" + (solo + 1),
                "views",
                views);
        return PlainData.map("board", "four", "boards", PlainData.map("four", four));
    }

    private void boards(Map<String, Object> m) {
        Map<String, Object> kept = PlainData.map(m.get("boards"));
        for (ActiveBoard b : boards.list()) {
            if (!b.passing && kept.containsKey(b.id)) {
                b.kept = PlainData.map(kept.get(b.id));
                if (b.entered) {
                    FirstViews.fill(ground, b, b.kept);
                }
            }
        }
        ActiveBoard shown = boards.named(PlainData.text(m.get("board"), ""));
        if (shown != null && !ground.board().passing) {
            boards.go(shown);
        }
        boards.enter();
    }
}
