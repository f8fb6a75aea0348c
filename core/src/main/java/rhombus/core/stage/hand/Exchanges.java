package rhombus.core.stage.hand;

import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Command;
import rhombus.core.stage.view.Ground;

/** The button that selects and the one that lists what lies under the pointer may be exchanged. */
final class Exchanges {
    private Exchanges() {}

    /** What a click that runs a command does instead, or null. */
    static Command.Exchange of(Ground ground, Command c) {
        return ground.habits().is(AllHabits.SELECT_BUTTON, "right") ? c.exchange() : null;
    }
}
