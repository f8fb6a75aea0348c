package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.LinkedAxes;
import rhombus.core.navigate.NumberText;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewFollowers;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;

/** The linked flat views of a board: the one that moves takes the others along. */
public final class LinkedViews implements ViewFollowers {
    private final StageContext ground;
    private final Boards boards;
    private final Gesture gesture;
    /** Whether followers are being moved, which must not make them lead. */
    private boolean following;

    public LinkedViews(StageContext ground, Boards boards, Gesture gesture) {
        this.ground = ground;
        this.boards = boards;
        this.gesture = gesture;
    }

    private boolean takesPart(Viewport v) {
        return v.pose != null
                && v.camera == null
                && v.pose.projection().flat()
                && AxisDirection.of(v.pose.orientation(), ground.scene().up()) != null;
    }

    /** The viewports that go along with this one; none where it is not linked. */
    public List<Viewport> followers(Viewport lead) {
        List<Viewport> out = new ArrayList<>();
        if (ground.board().linked && takesPart(lead)) {
            for (Viewport v : ground.board().views) {
                if (v != lead && v.glide == null && takesPart(v)) {
                    out.add(v);
                }
            }
        }
        return out;
    }

    /** A viewport has moved: the others follow. */
    public void moved(Viewport lead) {
        if (following || !ground.board().linked) {
            return;
        }
        quietly(() -> {
            for (Viewport v : followers(lead)) {
                Pose to = LinkedAxes.follow(lead.pose, lead.height, v.pose, v.height);
                if (!to.equals(v.pose)) {
                    ground.navigator().pose(v, to);
                    ground.changes().add(ChangeTopic.CAPTION);
                }
            }
        });
    }

    /** Puts viewports somewhere without taking others along. */
    public void quietly(Runnable what) {
        following = true;
        try {
            what.run();
        } finally {
            following = false;
        }
    }

    /** A gesture in a viewport is over: what went along is an entry of its own Trail. */
    public void remember(Viewport lead) {
        for (Viewport v : followers(lead)) {
            if (v.trail.add(v.pose, say("linked-views.went-along"), v.camera)) {
                ground.changes().add(ChangeTopic.KEEP);
            }
        }
    }

    /** Links the flat views of the board, or lets them go. */
    public void toggle(Viewport lead) {
        ActiveBoard b = ground.board();
        b.linked = !b.linked;
        Viewport first = takesPart(lead)
                ? lead
                : b.views.stream().filter(this::takesPart).findFirst().orElse(null);
        if (b.linked && first != null) {
            moved(first);
            remember(first);
        }
        ground.changes()
                .notice(
                        !b.linked
                                ? say("linked-views.flat-views-of-this-board")
                                : say("linked-views.flat-views-along-an-axis"),
                        null,
                        null);
        boards.changed();
    }

    /** Lines through a viewport at the coordinates of the point under the hand, while a linked view moves. */
    public List<LinkedCoordinate> lines(Viewport v) {
        List<LinkedCoordinate> out = new ArrayList<>();
        Viewport lead = moving();
        if (lead == null || !takesPart(v) || lead != v && !followers(lead).contains(v)) {
            return out;
        }
        boolean inside = lead.holds(ground.pointer().x(), ground.pointer().y());
        Vec3 p = lead.screen()
                .at(
                        inside ? ground.pointer().x() - lead.x : lead.width / 2,
                        inside ? ground.pointer().y() - lead.y : lead.height / 2,
                        lead.pose.focus());
        Vec3 s = v.screen().project(p);
        for (int axis = 0; axis < 3; axis++) {
            if (LinkedAxes.shows(lead.pose, axis) && LinkedAxes.shows(v.pose, axis)) {
                boolean upright = Math.abs(v.pose.orientation().right().get(axis)) > 0.5;
                out.add(new LinkedCoordinate(
                        "xyz".substring(axis, axis + 1),
                        upright,
                        upright ? s.x() : s.y(),
                        NumberText.words(p.get(axis))));
            }
        }
        return out;
    }

    /** The linked viewport that moves right now, or null. */
    private Viewport moving() {
        if (!ground.board().linked) {
            return null;
        }
        for (Viewport v : ground.board().views) {
            boolean moves = v.glide != null || v.wheel != null && v.wheel.running() || gesture.movingIn(v);
            if (moves && takesPart(v)) {
                return v;
            }
        }
        return null;
    }
}
