package rhombus.core.stage.input;

import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Command;
import rhombus.core.stage.view.StageContext;

/** The button that selects and the one that lists what lies under the pointer may be exchanged. */
public final class ButtonExchange {
    private ButtonExchange() {}

    /** What a click that runs a command does instead, or null. */
    public static Command.Exchange of(StageContext ground, Command c) {
        return ground.habits().is(AllHabits.SELECT_BUTTON, "right") ? c.exchange() : null;
    }
}
