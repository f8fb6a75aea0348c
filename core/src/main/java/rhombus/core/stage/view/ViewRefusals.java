package rhombus.core.stage.view;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.BindingContext;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.words.Messages;

/** What a viewport refuses, always with a cue and a reason, and what has to be done to it before a motion begins. */
public final class ViewRefusals {
    /** How long the cue of a refused motion shows, milliseconds. */
    private static final double CUE_MS = 900;

    private ViewRefusals() {}

    /** A motion cannot be done here: a cue where the hand is, and the reason. */
    public static void refuse(StageContext ground, Viewport v, double lx, double ly, String why) {
        v.refusedX = lx;
        v.refusedY = ly;
        v.refusedUntil = ground.now() + CUE_MS;
        ground.changes().notice(why, null, null);
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** Whether orbit is refused because axis views are held; the cue is given. */
    public static boolean heldInPlace(StageContext ground, Viewport v, double lx, double ly) {
        if (ViewContexts.of(ground, v) != BindingContext.AXIS
                || !ground.habits().is(AllHabits.AXIS_VIEWS, "hold")) {
            return false;
        }
        refuse(ground, v, lx, ly, say("refusals.is-held-orbit-is-off", PlateCaptions.title(ground, v)));
        return true;
    }

    /** Says that a flat axis view has become a free one, and offers the way back. */
    public static void released(StageContext ground, Viewport v, Pose before) {
        AxisDirection was =
                AxisDirection.of(before.orientation(), ground.scene().up());
        Pose now = v.destination();
        if (was != null
                && v.camera == null
                && before.projection().flat()
                && now.projection().flat()
                && AxisDirection.of(now.orientation(), ground.scene().up()) == null) {
            ground.changes()
                    .notice(
                            v.id,
                            say("refusals.was-released-this-viewport-is", was.words()),
                            say("refusals.back-to", Messages.within(was.words())),
                            "trail.back",
                            Map.of());
        }
    }

    /** What leaves an axis view that went flat by itself is a perspective again; any other pose stays as it is. */
    public static Pose leavingAxis(Viewport v, Pose p) {
        boolean back = v.autoFlat && p.projection().flat();
        v.autoFlat = false;
        return back ? DirectionTurns.toggleProjection(p, v.lens) : p;
    }
}
