package rhombus.core.stage.hand;

import rhombus.core.device.Gamepad;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.Plain;
import rhombus.core.stage.motion.Freedom;
import rhombus.core.stage.view.Ground;

/** How much an axis moves, and which way, as the user wants it: the hand may hold the scene or the camera. */
final class SteerReading {
    private final Ground ground;

    SteerReading(Ground ground) {
        this.ground = ground;
    }

    /** Whether an axis would roll the view and the user does not want that. */
    static boolean keepsHorizon(Ground ground, Binding b) {
        return b.trigger().kind() == Trigger.Kind.MOUSE3D_AXIS
                && b.command().id().equals(Freedom.ROLL.id())
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
        boolean held = mouse3d || Gamepad.stick(b.trigger().button());
        boolean flips = held && (camera ? c.has(Trait.WITH_SCENE) : c.has(Trait.WITH_CAMERA));
        boolean against = Plain.truth(b.args().get("against"), false);
        double speed = h.number(mouse3d ? AllHabits.MOUSE3D_SPEED : AllHabits.GAMEPAD_SPEED);
        return amount * speed * (against == flips ? 1 : -1);
    }
}
