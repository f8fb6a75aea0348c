package rhombus.core.stage.commands;

import java.util.HashMap;
import java.util.Map;
import rhombus.core.keymap.Command;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.Motion;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** The handlers of all commands on one stage; only {@link CommandGate} asks them. */
final class CommandRunner {
    private final StageContext ground;
    private final Map<String, CommandHandler> deeds = new HashMap<>();

    /** All areas, made for a stage. */
    CommandRunner(CommandServices work) {
        ground = work.ground();
        for (CommandArea<?> a : AllCommands.AREAS) {
            a.on(work).forEach(d -> deeds.put(d.command().id(), d));
        }
    }

    /** Whether there is such a command, it is told nothing wrong, and it has a scene where it needs one. */
    boolean can(String id, Map<String, Object> args) {
        CommandHandler d = deeds.get(id);
        return d != null
                && d.command().problem(args) == null
                && (d.anytime() || ground.model().opened());
    }

    boolean run(String id, Map<String, Object> args, Viewport v, double lx, double ly) {
        CommandHandler d = deeds.get(id);
        return d.run(new CommandCall(d.command(), args, v, lx, ly));
    }

    Motion start(Command c, GrabPoint g) {
        return deeds.get(c.id()).start(g);
    }

    void steps(Command c, Viewport v, double lx, double ly, double steps) {
        deeds.get(c.id()).steps(new CommandCall(c, Map.of(), v, lx, ly), steps);
    }

    void held(Command c, Map<String, Object> args, Viewport v, double lx, double ly, boolean down, boolean tap) {
        deeds.get(c.id()).held(new CommandCall(c, args, v, lx, ly), down, tap);
    }

    String told(Command c, Viewport v, double lx, double ly) {
        return deeds.get(c.id()).told(new CommandCall(c, Map.of(), v, lx, ly));
    }
}
