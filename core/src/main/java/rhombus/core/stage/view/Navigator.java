package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import rhombus.core.navigate.Glide;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** The one way to move a viewport: at once, in some time, with an entry in its Trail, or by its crop. */
public final class Navigator {
    private final Changes changes;
    private final Pointer pointer;
    private final Settings settings;
    private final Supplier<Board> board;
    private final List<Followers> followers = new ArrayList<>();

    Navigator(Changes changes, Pointer pointer, Settings settings, Supplier<Board> board) {
        this.changes = changes;
        this.pointer = pointer;
        this.settings = settings;
        this.board = board;
    }

    /** Who goes along with a viewport that moves. */
    public void followedBy(Followers who) {
        followers.add(who);
    }

    /** By number, as below: this runs with every event. */
    private void moved(ViewState v) {
        for (int i = 0; i < followers.size(); i++) {
            followers.get(i).moved(v);
        }
    }

    private void arrived(ViewState v) {
        followers.forEach(f -> f.remember(v));
    }

    /** A motion's pose: taken at once. */
    public void pose(ViewState v, Pose p) {
        v.glide = null;
        v.set(p);
        changes.view(v.number);
        moved(v);
    }

    /** Goes to a pose in some time from where the view is now. */
    public void glide(ViewState v, Pose to, double ms) {
        if (settings.reducedMotion() || ms <= 0) {
            pose(v, to);
            return;
        }
        v.glide = new Glide(v.pose, to, pointer.now(), ms);
        changes.view(v.number);
    }

    /**
     * A gesture or a command has ended: its destination is an entry of the Trail, called after what was done. Where a camera
     * is driven it is a step of the scene instead.
     */
    public void remember(ViewState v, String deed) {
        if (!v.driven && v.trail.add(v.destination(), deed, v.camera)) {
            changes.add(Topic.KEEP, Topic.READOUT);
        }
        if (v.glide == null) {
            arrived(v);
        }
    }

    /** Shows the picture of a viewport shifted or enlarged; its pose is untouched. */
    public void crop(ViewState v, Crop crop) {
        v.crop = crop;
        changes.view(v.number);
        changes.add(Topic.CAPTION, Topic.KEEP);
    }

    /** What glides stops where it is, so that a hand can take hold of it. */
    public void hold(ViewState v) {
        v.glide = null;
    }

    /** What glides has landed. */
    public void land(ViewState v) {
        if (v.glide != null && v.driven) {
            pose(v, v.glide.to());
            arrived(v);
        } else if (v.glide != null) {
            v.set(v.glide.to());
            v.glide = null;
        }
    }

    /** Wheel steps in all viewports are over. */
    public void endWheels() {
        for (ViewState v : board.get().views) {
            if (v.wheel != null) {
                v.wheel.end();
            }
        }
    }

    /** Time goes by: what glides goes on, wheel steps run out, cues fade. */
    public void tick(double timeMs) {
        // By number: this runs with every event, and an iterator costs as much as the event itself.
        List<ViewState> views = board.get().views;
        for (int i = 0; i < views.size(); i++) {
            ViewState v = views.get(i);
            if (v.glide != null) {
                glideOn(v, timeMs);
            }
            if (v.refusedUntil <= timeMs && v.refusedUntil > Double.NEGATIVE_INFINITY) {
                v.refusedUntil = Double.NEGATIVE_INFINITY;
                changes.add(Topic.READOUT);
            }
        }
    }

    private void glideOn(ViewState v, double timeMs) {
        Glide g = v.glide;
        v.set(g.at(timeMs));
        boolean over = g.over(timeMs);
        if (over) {
            v.glide = null;
        }
        changes.view(v.number);
        moved(v);
        if (over) {
            arrived(v);
        }
    }

    /** The same for wheel steps, which come before whatever else the time brings. */
    public void tickWheels(double timeMs) {
        List<ViewState> views = board.get().views;
        for (int i = 0; i < views.size(); i++) {
            Burst w = views.get(i).wheel;
            if (w != null) {
                w.tick(timeMs);
            }
        }
    }

    /** Whether time must go on for a viewport to come to rest. */
    public boolean animating() {
        for (ViewState v : board.get().views) {
            if (v.glide != null || v.refusedUntil > Double.NEGATIVE_INFINITY || v.wheel != null && v.wheel.running()) {
                return true;
            }
        }
        return false;
    }
}
