package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Lengths;
import rhombus.core.navigate.Linked;
import rhombus.core.plain.Plain;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;

/** The linked flat views of a board: the one that moves takes the others along. */
final class LinkedViews {
    private final Stage stage;
    /** Whether followers are being moved, which must not make them lead. */
    private boolean following;

    LinkedViews(Stage stage) {
        this.stage = stage;
    }

    private boolean takesPart(ViewState v) {
        return v.pose != null && v.camera == null && v.pose.projection().flat()
                && Direction.of(v.pose.orientation(), stage.scene().up()) != null;
    }

    /** The viewports that go along with this one; none where it is not linked. */
    List<ViewState> followers(ViewState lead) {
        List<ViewState> out = new ArrayList<>();
        if (stage.board().linked && takesPart(lead)) {
            for (ViewState v : stage.board().views) {
                if (v != lead && v.glide == null && takesPart(v)) {
                    out.add(v);
                }
            }
        }
        return out;
    }

    /** A viewport has moved: the others follow. */
    void moved(ViewState lead) {
        if (following || !stage.board().linked) {
            return;
        }
        quietly(() -> {
            for (ViewState v : followers(lead)) {
                Pose to = Linked.follow(lead.pose, lead.height, v.pose, v.height);
                if (!to.equals(v.pose)) {
                    stage.pose(v, to);
                    stage.changes().add(Changes.CAPTION);
                }
            }
        });
    }

    /** Puts viewports somewhere without taking others along. */
    void quietly(Runnable what) {
        following = true;
        try {
            what.run();
        } finally {
            following = false;
        }
    }

    /** A gesture in a viewport is over: what went along is an entry of its own Trail. */
    void remember(ViewState lead) {
        for (ViewState v : followers(lead)) {
            if (v.trail.add(v.pose, "went along")) {
                stage.changes().add(Changes.KEEP);
            }
        }
    }

    /** Links the flat views of the board, or lets them go. */
    void toggle(ViewState lead) {
        Board b = stage.board();
        b.linked = !b.linked;
        ViewState first = takesPart(lead) ? lead : b.views.stream().filter(this::takesPart).findFirst().orElse(null);
        if (b.linked && first != null) {
            moved(first);
            remember(first);
        }
        stage.changes().notice(
                !b.linked ? "Flat views of this board move by themselves again."
                        : "Flat views along an axis are linked: they share centre and scale.", null, null);
        stage.boards().changed();
    }

    /** Lines through a viewport at the coordinates of the point under the hand, while a linked view moves. */
    List<Object> lines(ViewState v) {
        List<Object> out = new ArrayList<>();
        ViewState lead = moving();
        if (lead == null || !takesPart(v) || lead != v && !followers(lead).contains(v)) {
            return out;
        }
        boolean inside = lead.holds(stage.pointerX(), stage.pointerY());
        Vec3 p = lead.screen().at(
                inside ? stage.pointerX() - lead.x : lead.width / 2, inside ? stage.pointerY() - lead.y : lead.height / 2, lead.pose.focus());
        Vec3 s = v.screen().project(p);
        for (int axis = 0; axis < 3; axis++) {
            if (Linked.shows(lead.pose, axis) && Linked.shows(v.pose, axis)) {
                boolean upright = Math.abs(v.pose.orientation().right().get(axis)) > 0.5;
                out.add(Plain.map(
                        "axis", "xyz".substring(axis, axis + 1),
                        "upright", upright,
                        "at", upright ? s.x() : s.y(),
                        "words", Lengths.words(p.get(axis))));
            }
        }
        return out;
    }

    /** The linked viewport that moves right now, or null. */
    private ViewState moving() {
        if (!stage.board().linked) {
            return null;
        }
        for (ViewState v : stage.board().views) {
            boolean moves = v.glide != null || v.wheel != null && v.wheel.running() || stage.press().movingIn(v);
            if (moves && takesPart(v)) {
                return v;
            }
        }
        return null;
    }
}
