package rhombus.core.stage.hand;

import rhombus.core.keymap.Command;
import rhombus.core.keymap.Trigger;

/** A motion that a hand is asked to show. */
enum Lesson {
    ORBIT("orbit", "navigate.orbit", "Show how your hand orbits: turns the view around something."),
    PAN("pan", "navigate.pan", "Show how your hand pans: slides the picture."),
    NEARER("come nearer", "navigate.dolly", "Show how your hand comes nearer: dollies in."),
    FRAME("frame", "view.frame-selection", "Show how your hand frames: brings what is selected into the picture."),
    BACK("go back", "trail.back", "Show how your hand goes back to the view before."),
    SELECT("select", "select.pick", "Show how your hand selects something.");

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
