package rhombus.core.stage.view;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Context;
import rhombus.core.navigate.Turns;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;
import rhombus.core.words.Messages;

/** What a viewport refuses, always with a cue and a reason, and what has to be done to it before a motion begins. */
public final class Refusals {
    /** How long the cue of a refused motion shows, milliseconds. */
    private static final double CUE_MS = 900;

    private final Ground ground;

    public Refusals(Ground ground) {
        this.ground = ground;
    }

    /** A motion cannot be done here: a cue where the hand is, and the reason. */
    public void refuse(ViewState v, double lx, double ly, String why) {
        v.refusedX = lx;
        v.refusedY = ly;
        v.refusedUntil = ground.now() + CUE_MS;
        ground.changes().notice(why, null, null);
        ground.changes().add(Topic.READOUT);
    }

    /** Whether orbit is refused because axis views are held; the cue is given. */
    public boolean heldInPlace(ViewState v, double lx, double ly) {
        if (Contexts.of(ground, v) != Context.AXIS || !ground.habits().is(AllHabits.AXIS_VIEWS, "hold")) {
            return false;
        }
        refuse(v, lx, ly, say("refusals.is-held-orbit-is-off", Captions.title(ground, v)));
        return true;
    }

    /** Says that a flat axis view has become a free one, and offers the way back. */
    public void released(ViewState v, Pose before) {
        Direction was = Direction.of(before.orientation(), ground.scene().up());
        Pose now = v.destination();
        if (was != null
                && v.camera == null
                && before.projection().flat()
                && now.projection().flat()
                && Direction.of(now.orientation(), ground.scene().up()) == null) {
            ground.changes()
                    .notice(
                            v,
                            say("refusals.was-released-this-viewport-is", was.words()),
                            say("refusals.back-to", Messages.within(was.words())),
                            "trail.back",
                            Map.of());
        }
    }

    /** What leaves an axis view that went flat by itself is a perspective again; any other pose stays as it is. */
    public Pose leavingAxis(ViewState v, Pose p) {
        boolean back = v.autoFlat && p.projection().flat();
        v.autoFlat = false;
        return back ? Turns.toggleProjection(p, v.lens) : p;
    }
}
