package rhombus.core.stage.keymaps;

import static rhombus.core.words.Messages.say;

import rhombus.core.keymap.Command;
import rhombus.core.keymap.Trigger;

/** A motion that a hand is asked to show. */
enum Lesson {
    ORBIT(say("lesson.orbit"), "navigate.orbit", say("lesson.show-how-your-hand-orbits")),
    PAN(say("lesson.pan"), "navigate.pan", say("lesson.show-how-your-hand-pans")),
    NEARER(say("lesson.come-nearer"), "navigate.dolly", say("lesson.show-how-your-hand-comes")),
    FRAME(say("lesson.frame"), "view.frame-selection", say("lesson.show-how-your-hand-frames")),
    BACK(say("lesson.go-back"), "trail.back", say("lesson.show-how-your-hand-goes")),
    SELECT(say("lesson.select"), "select.pick", say("lesson.show-how-your-hand-selects"));

    /** Nearer by steps: by the wheel or by a pinch. */
    private static final String STEPS = "navigate.dolly-steps";

    private final String name;
    private final String command;
    private final String asks;

    Lesson(String name, String command, String asks) {
        this.name = name;
        this.command = command;
        this.asks = asks;
    }

    /** What the hand does, in words. */
    String words() {
        return name;
    }

    /** What it is asked. */
    String asks() {
        return asks;
    }

    /** The command that a trigger of this kind is to run. */
    String command(Trigger.Kind kind) {
        boolean steps = kind == Trigger.Kind.WHEEL || kind == Trigger.Kind.PINCH || kind == Trigger.Kind.TWIST;
        return this == NEARER && steps ? STEPS : command;
    }

    /** Whether it follows the hand, rather than being done at once. */
    boolean follows() {
        return this == ORBIT || this == PAN || this == NEARER;
    }

    /** The sort of command, to tell what fits it. */
    Command.Sort sort() {
        return follows() ? Command.Sort.MOTION : Command.Sort.ACTION;
    }
}
