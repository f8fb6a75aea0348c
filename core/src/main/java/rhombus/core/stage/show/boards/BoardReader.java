package rhombus.core.stage.show.boards;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.board.ArrangementPart;
import rhombus.core.board.BoardTemplate;
import rhombus.core.navigate.NumberText;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Boards, Trails and what else is listed of viewports. */
public final class BoardReader {
    private final Boards boards;
    private final Pins pins;

    /** Reads the boards and Pins of a stage. */
    public BoardReader(Boards boards, Pins pins) {
        this.boards = boards;
        this.pins = pins;
    }

    /** The boards as tabs, and the borders of the one in use. */
    @PageCall
    public BoardsState boards() {
        List<BoardTabRow> tabs = new ArrayList<>();
        for (ActiveBoard b : boards.list()) {
            tabs.add(new BoardTabRow(
                    b.id, b.name, b == boards.current(), b.linked, b.passing, part(b.arrangement.root())));
        }
        List<TemplateChoice> templates = new ArrayList<>();
        for (BoardTemplate t : BoardTemplate.values()) {
            templates.add(new TemplateChoice(
                    t.id(),
                    t.words(),
                    part(t.of(List.of("v1", "v2", "v3", "v4").subList(0, t.count()))
                            .root())));
        }
        return new BoardsState(tabs, boards.borders(), templates, boards.undoName());
    }

    /** The Pins in their order. */
    @PageCall
    public List<PinRow> pins() {
        return pins.list().stream()
                .map(p -> new PinRow(p.id(), p.name(), p.board(), p.picture()))
                .toList();
    }

    private static BoardPart part(ArrangementPart p) {
        if (p instanceof ArrangementPart.Split s) {
            List<BoardPart> parts = s.parts().stream().map(BoardReader::part).toList();
            return new BoardPart(null, s.row() ? parts : null, s.row() ? null : parts, s.shares());
        }
        return new BoardPart(((ArrangementPart.Cell) p).view(), null, null, null);
    }

    /** Place in a viewport's Trail and its length. */
    public static TrailState trail(Viewport v) {
        // At rest at the entry itself: only then does a picture of the viewport show it.
        boolean there = v.trail.index() >= 0 && v.pose.equals(v.trail.poses().get(v.trail.index()));
        return new TrailState(
                v.trail.index(),
                v.trail.length(),
                there && v.crop.none() ? v.trail.names().get(v.trail.index()) : null);
    }

    /** The Trail of a viewport, oldest first. */
    public static List<TrailEntry> entries(Viewport v, Scene scene) {
        UpAxis up = scene.up();
        List<TrailEntry> out = new ArrayList<>();
        for (int i = 0; i < v.trail.length(); i++) {
            Pose p = v.trail.poses().get(i);
            out.add(new TrailEntry(
                    v.trail.names().get(i),
                    i == v.trail.index(),
                    v.trail.deed(i).isEmpty() ? words(p, up) : v.trail.deed(i),
                    through(v.trail.camera(i), scene)
                            + (p.projection() instanceof Projection.Perspective lens
                                    ? NumberText.fixed(Math.toDegrees(lens.fovY()), 0) + "°"
                                    : "flat")));
        }
        return out;
    }

    /** The camera that an entry looks through, where it is still there. */
    private static String through(String camera, Scene scene) {
        int node = camera == null ? -1 : scene.indexOf(camera);
        return node < 0 ? "" : scene.node(node).name() + " · ";
    }

    private static String words(Pose p, UpAxis up) {
        AxisDirection d = AxisDirection.of(p.orientation(), up);
        return d != null ? d.word() : p.projection().flat() ? say("board-list.free-flat") : "scout";
    }
}
