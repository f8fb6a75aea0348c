package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.board.Box;
import rhombus.core.board.Sheet;
import rhombus.core.plain.Plain;
import rhombus.core.view.Clip;
import rhombus.core.view.Crop;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Pictures of other shapes than the viewport's, and of views that no viewport shows right now. */
final class Shots {
    /** Height of a caption that lies within its picture, CSS pixels. */
    private static final double WITHIN = 26;

    private Shots() {}

    /**
     * Writes the view and projection matrix of a picture of some aspect that holds all a viewport shows.
     *
     * @param aspect width by height of the picture
     */
    static void whole(Stage stage, ViewState v, double aspect, double[] out) {
        write(stage, v, around(v.pose, v.aspect(), aspect), v.crop, aspect, out);
    }

    /** A pose that shows, in a picture of one aspect, everything it shows in one of another. */
    static Pose around(Pose p, double aspect, double other) {
        double more = Math.max(1, aspect / other);
        return p.withProjection(p.projection() instanceof Projection.Perspective q
                ? new Projection.Perspective(2 * Math.atan(Math.tan(q.fovY() / 2) * more))
                : new Projection.Orthographic(((Projection.Orthographic) p.projection()).extent() * more));
    }

    /** The same of a view that a choice, an entry of the Trail or a Pin stands for; gives false if there is none. */
    static boolean of(Stage stage, ViewState v, String choice, int trail, double aspect, double[] out) {
        Pose p = trail >= 0
                ? trail < v.trail.length() ? v.trail.poses().get(trail) : null
                : Choices.pose(stage, v, choice);
        if (p != null) {
            write(stage, v, around(p, v.aspect(), aspect), Crop.NONE, aspect, out);
        }
        return p != null;
    }

    private static void write(Stage stage, ViewState v, Pose p, Crop crop, double aspect, double[] out) {
        Clip clip = Clip.of(p, stage.scene().bounds(), p.projection().flat() ? 0 : Clip.roomThatCounts(p) * 0.1);
        if (p.eye().equals(v.pose.eye())) {
            clip = stage.clip(v);
        }
        Matrices.view(p, out, 0);
        Matrices.projection(p.projection(), aspect, clip, out, 16);
        Matrices.crop(crop, aspect, out, 16);
    }

    /** Caption of a viewport's picture: direction or camera, lens or scale, display mode. */
    static String caption(Stage stage, ViewState v) {
        return Captions.title(stage, v) + " · " + Captions.lens(stage, v) + " · " + v.mode.label();
    }

    /**
     * What a snapshot is made of: for each viewport its number, place, caption with the height of its line, whether the
     * line lies below the picture, and pixels for a CSS pixel.
     *
     * @param sort {@code view} for the active viewport, {@code board}, or {@code sheet}
     * @param width of the whole picture, pixels
     * @param height of the whole picture, pixels
     */
    static List<Object> places(Stage stage, String sort, double width, double height) {
        Board b = stage.board();
        List<ViewState> views = sort.equals("view") || sort.equals("board") && b.solo >= 0 ? List.of(b.active()) : b.views;
        Sheet sheet = sort.equals("sheet") ? Sheet.of(views.size(), width, height) : null;
        Map<String, Box> boxes = b.arrangement.boxes(width, height);
        List<Object> out = new ArrayList<>();
        for (int i = 0; i < views.size(); i++) {
            ViewState v = views.get(i);
            Box box = sheet != null ? sheet.boxes().get(i) : views.size() == 1 ? new Box(0, 0, width, height) : boxes.get(v.id);
            double ratio = Math.max(0.5, Math.min(box.width() / v.width, box.height() / v.height));
            out.add(Plain.map(
                    "number", v.number, "caption", caption(stage, v),
                    "x", box.x(), "y", box.y(), "width", box.width(), "height", box.height(),
                    "below", sheet != null, "line", sheet != null ? sheet.line() : Math.rint(WITHIN * ratio), "ratio", ratio));
        }
        return out;
    }
}
