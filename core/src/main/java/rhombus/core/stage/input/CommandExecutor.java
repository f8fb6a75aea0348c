package rhombus.core.stage.input;

import java.util.Map;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.Motion;
import rhombus.core.stage.view.Viewport;

/** What commands do, whoever declares them. Points are pixels of the viewport, NaN where the pointer is elsewhere. */
public interface CommandExecutor {
    /** All commands. */
    CommandCatalogue catalogue();

    /** Does an action; gives false if there is none with this id, it is told something wrong, or there is nothing to do it to. */
    boolean run(String id, Map<String, Object> args, Viewport v, double lx, double ly);

    /** The motion of a command, or null where it has nothing to take hold of. */
    Motion start(Command c, GrabPoint g);

    /** Steps of any size, positive away from the user. */
    void steps(Command c, Viewport v, double lx, double ly, double steps);

    /** Something that lasts as long as a key is down begins or ends. */
    void held(Command c, Map<String, Object> args, Viewport v, double lx, double ly, boolean down, boolean tap);

    /** What an action would do here and now in words, or null where that is always the same. */
    String told(Command c, Viewport v, double lx, double ly);
}
