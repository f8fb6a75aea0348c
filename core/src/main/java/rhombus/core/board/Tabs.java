package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.display.UsualLooks;
import rhombus.core.plain.Plain;

/** The boards of a user as a document. */
public final class Tabs {
    /** Most boards a user can keep. */
    public static final int MOST = 40;

    private Tabs() {}

    /** The boards there are from the start. */
    public static List<Tab> starting() {
        Start scout = Start.of(Start.SCOUT, UsualLooks.SMOOTH_EDGES);
        Start top = Start.of("top", UsualLooks.WIRE);
        Start front = Start.of("front", UsualLooks.WIRE);
        Start right = Start.of("right", UsualLooks.WIRE);
        Start camera = Start.of(Start.CAMERA, UsualLooks.SMOOTH);
        return List.of(
                Tab.of("four", say("tabs.four-views"), Template.FOUR, top, scout, front, right),
                Tab.of("large", say("tabs.one-and-three"), Template.ONE_BESIDE_THREE, scout, top, front, right),
                Tab.of("shot", say("tabs.camera-and-scout"), Template.SIDE_BY_SIDE, camera, scout),
                Tab.of("single", say("tabs.single"), Template.SINGLE, scout));
    }

    /** As plain data. */
    public static Map<String, Object> toPlain(List<Tab> tabs) {
        List<Object> boards = new ArrayList<>();
        tabs.forEach(t -> boards.add(t.toPlain()));
        return Plain.map("format", "rhombus-boards", "version", 1, "boards", boards);
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException with what is wrong with it
     */
    public static List<Tab> of(Map<String, Object> m) {
        if (!"rhombus-boards".equals(m.get("format")) || Plain.whole(m.get("version"), 0) != 1) {
            throw new IllegalArgumentException(say("tabs.it-is-not-a-rhombus"));
        }
        List<Object> boards = Plain.list(m.get("boards"));
        if (boards.isEmpty() || boards.size() > MOST) {
            throw new IllegalArgumentException(say("tabs.it-holds-no-board-or", MOST));
        }
        List<Tab> out = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Object b : boards) {
            Tab t = Tab.of(b);
            if (!ids.add(t.id())) {
                throw new IllegalArgumentException(say("tabs.two-boards-have-the-id", t.id()));
            }
            out.add(t);
        }
        return out;
    }
}
