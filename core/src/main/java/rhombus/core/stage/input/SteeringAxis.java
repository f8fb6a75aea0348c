package rhombus.core.stage.input;

import rhombus.core.device.GamepadParts;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.motion.DegreeOfFreedom;
import rhombus.core.stage.view.StageContext;

/** How much an axis moves, and which way, as the user wants it: the hand may hold the scene or the camera. */
public final class SteeringAxis {
    private final StageContext ground;

    SteeringAxis(StageContext ground) {
        this.ground = ground;
    }

    /** Whether an axis would roll the view and the user does not want that. */
    public static boolean keepsHorizon(StageContext ground, Binding b) {
        return b.trigger().kind() == Trigger.Kind.MOUSE3D_AXIS
                && b.command().id().equals(DegreeOfFreedom.ROLL.id())
                && ground.habits().on(AllHabits.MOUSE3D_LEVEL);
    }

    /** What counts of an axis that is so far out of its middle. */
    double amount(Binding b, double amount) {
        Habits h = ground.habits();
        boolean mouse3d = b.trigger().kind() == Trigger.Kind.MOUSE3D_AXIS;
        Command c = b.command();
        if (keepsHorizon(ground, b)) {
            return 0;
        }
        boolean camera = h.is(mouse3d ? AllHabits.MOUSE3D_HOLDS : AllHabits.GAMEPAD_HOLDS, "camera");
        // What is no stick has no direction in the hand that could be the scene's or the camera's.
        boolean held = mouse3d || GamepadParts.stick(b.trigger().button());
        boolean flips = held && (camera ? c.has(CommandTrait.WITH_SCENE) : c.has(CommandTrait.WITH_CAMERA));
        boolean against = PlainData.truth(b.args().get("against"), false);
        double speed = h.number(mouse3d ? AllHabits.MOUSE3D_SPEED : AllHabits.GAMEPAD_SPEED);
        return amount * speed * (against == flips ? 1 : -1);
    }
}
