package rhombus.core.stage.commands;

import rhombus.core.keymap.Command;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.Motion;

/** A command together with the area that does it on one stage. */
interface CommandHandler {
    Command command();

    /** Whether it can be run before a scene is open. */
    boolean anytime();

    /** Does it at once; gives false where there is nothing to do it to. */
    boolean run(CommandCall call);

    /** Its motion, or null. */
    Motion start(GrabPoint g);

    /** Steps of any size. */
    void steps(CommandCall call, double by);

    /** Begins or ends what lasts as long as a key is down. */
    void held(CommandCall call, boolean down, boolean tap);

    /** What it would do here and now in words, or null where that is always the same. */
    String told(CommandCall call);
}
