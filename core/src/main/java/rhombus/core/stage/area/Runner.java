package rhombus.core.stage.area;

import java.util.HashMap;
import java.util.Map;
import rhombus.core.keymap.Command;
import rhombus.core.stage.motion.Grab;
import rhombus.core.stage.motion.Motion;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** The handlers of all commands on one stage; only {@link CommandGate} asks them. */
final class Runner {
    private final Ground ground;
    private final Map<String, Deed> deeds = new HashMap<>();

    /** All areas, made for a stage. */
    Runner(Work work) {
        ground = work.ground();
        for (Area<?> a : AllCommands.AREAS) {
            a.on(work).forEach(d -> deeds.put(d.command().id(), d));
        }
    }

    /** Whether there is such a command, it is told nothing wrong, and it has a scene where it needs one. */
    boolean can(String id, Map<String, Object> args) {
        Deed d = deeds.get(id);
        return d != null
                && d.command().problem(args) == null
                && (d.anytime() || ground.model().opened());
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        Deed d = deeds.get(id);
        return d.run(new Call(d.command(), args, v, lx, ly));
    }

    Motion start(Command c, Grab g) {
        return deeds.get(c.id()).start(g);
    }

    void steps(Command c, ViewState v, double lx, double ly, double steps) {
        deeds.get(c.id()).steps(new Call(c, Map.of(), v, lx, ly), steps);
    }

    void held(Command c, Map<String, Object> args, ViewState v, double lx, double ly, boolean down, boolean tap) {
        deeds.get(c.id()).held(new Call(c, args, v, lx, ly), down, tap);
    }

    String told(Command c, ViewState v, double lx, double ly) {
        return deeds.get(c.id()).told(new Call(c, Map.of(), v, lx, ly));
    }
}
