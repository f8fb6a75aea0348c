package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import rhombus.core.navigate.Glide;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** The one way to move a viewport: at once, in some time, with an entry in its Trail, or by its crop. */
public final class ViewNavigator {
    private final ChangeLog changes;
    private final PointerState pointer;
    private final UserSettings settings;
    private final Supplier<ActiveBoard> board;
    private final List<ViewFollowers> followers = new ArrayList<>();

    ViewNavigator(ChangeLog changes, PointerState pointer, UserSettings settings, Supplier<ActiveBoard> board) {
        this.changes = changes;
        this.pointer = pointer;
        this.settings = settings;
        this.board = board;
    }

    /** Who goes along with a viewport that moves. */
    public void followedBy(ViewFollowers who) {
        followers.add(who);
    }

    /** By number, as below: this runs with every event. */
    private void moved(Viewport v) {
        for (int i = 0; i < followers.size(); i++) {
            followers.get(i).moved(v);
        }
    }

    private void arrived(Viewport v) {
        followers.forEach(f -> f.remember(v));
    }

    /** A motion's pose: taken at once. */
    public void pose(Viewport v, Pose p) {
        v.glide = null;
        v.set(p);
        changes.view(v.number);
        moved(v);
    }

    /** Goes to a pose in some time from where the view is now. */
    public void glide(Viewport v, Pose to, double ms) {
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
    public void remember(Viewport v, String deed) {
        if (!v.driven && v.trail.add(v.destination(), deed, v.camera)) {
            changes.add(ChangeTopic.KEEP, ChangeTopic.READOUT);
        }
        if (v.glide == null) {
            arrived(v);
        }
    }

    /** Shows the picture of a viewport shifted or enlarged; its pose is untouched. */
    public void crop(Viewport v, Crop crop) {
        v.crop = crop;
        changes.view(v.number);
        changes.add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }

    /** What glides stops where it is, so that a hand can take hold of it. */
    public void hold(Viewport v) {
        v.glide = null;
    }

    /** What glides has landed. */
    public void land(Viewport v) {
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
        for (Viewport v : board.get().views) {
            if (v.wheel != null) {
                v.wheel.end();
            }
        }
    }

    /** Time goes by: what glides goes on, wheel steps run out, cues fade. */
    public void tick(double timeMs) {
        // By number: this runs with every event, and an iterator costs as much as the event itself.
        List<Viewport> views = board.get().views;
        for (int i = 0; i < views.size(); i++) {
            Viewport v = views.get(i);
            if (v.glide != null) {
                glideOn(v, timeMs);
            }
            if (v.refusedUntil <= timeMs && v.refusedUntil > Double.NEGATIVE_INFINITY) {
                v.refusedUntil = Double.NEGATIVE_INFINITY;
                changes.add(ChangeTopic.READOUT);
            }
        }
    }

    private void glideOn(Viewport v, double timeMs) {
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
        List<Viewport> views = board.get().views;
        for (int i = 0; i < views.size(); i++) {
            WheelSequence w = views.get(i).wheel;
            if (w != null) {
                w.tick(timeMs);
            }
        }
    }

    /** Whether time must go on for a viewport to come to rest. */
    public boolean animating() {
        for (Viewport v : board.get().views) {
            if (v.glide != null || v.refusedUntil > Double.NEGATIVE_INFINITY || v.wheel != null && v.wheel.running()) {
                return true;
            }
        }
        return false;
    }
}
