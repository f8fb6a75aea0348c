package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.display.StandardLooks;
import rhombus.core.plain.PlainData;

/** The boards of a user as a document. */
public final class StoredBoards {
    /** Most boards a user can keep. */
    public static final int MOST = 40;

    private StoredBoards() {}

    /** The boards there are from the start. */
    public static List<StoredBoard> starting() {
        ViewportStart scout = ViewportStart.of(ViewportStart.SCOUT, StandardLooks.SMOOTH_EDGES);
        ViewportStart top = ViewportStart.of("top", StandardLooks.WIRE);
        ViewportStart front = ViewportStart.of("front", StandardLooks.WIRE);
        ViewportStart right = ViewportStart.of("right", StandardLooks.WIRE);
        ViewportStart camera = ViewportStart.of(ViewportStart.CAMERA, StandardLooks.SMOOTH);
        return List.of(
                StoredBoard.of("four", say("tabs.four-views"), BoardTemplate.FOUR, top, scout, front, right),
                StoredBoard.of(
                        "large", say("tabs.one-and-three"), BoardTemplate.ONE_BESIDE_THREE, scout, top, front, right),
                StoredBoard.of("shot", say("tabs.camera-and-scout"), BoardTemplate.SIDE_BY_SIDE, camera, scout),
                StoredBoard.of("single", say("tabs.single"), BoardTemplate.SINGLE, scout));
    }

    /** As plain data. */
    public static Map<String, Object> toPlain(List<StoredBoard> tabs) {
        List<Object> boards = new ArrayList<>();
        tabs.forEach(t -> boards.add(t.toPlain()));
        return PlainData.map("format", "rhombus-boards", "version", 1, "boards", boards);
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException with what is wrong with it
     */
    public static List<StoredBoard> of(Map<String, Object> m) {
        if (!"rhombus-boards".equals(m.get("format")) || PlainData.whole(m.get("version"), 0) != 1) {
            throw new IllegalArgumentException(say("tabs.it-is-not-a-rhombus"));
        }
        List<Object> boards = PlainData.list(m.get("boards"));
        if (boards.isEmpty() || boards.size() > MOST) {
            throw new IllegalArgumentException(say("tabs.it-holds-no-board-or", MOST));
        }
        List<StoredBoard> out = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Object b : boards) {
            StoredBoard t = StoredBoard.of(b);
            if (!ids.add(t.id())) {
                throw new IllegalArgumentException(say("tabs.two-boards-have-the-id", t.id()));
            }
            out.add(t);
        }
        return out;
    }
}
