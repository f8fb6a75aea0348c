package rhombus.core.stage.area;

import java.util.HashMap;
import java.util.Map;
import rhombus.core.keymap.Catalogue;
import rhombus.core.keymap.Command;
import rhombus.core.stage.hand.Deeds;
import rhombus.core.stage.motion.Grab;
import rhombus.core.stage.motion.Motion;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** Runs the commands of all areas on one stage. */
public final class Runner implements Deeds {
    private final Ground ground;
    private final Map<String, Deed> deeds = new HashMap<>();

    /** All areas, made for a stage. */
    public Runner(Work work) {
        ground = work.ground();
        for (Area<?> a : AllCommands.AREAS) {
            a.on(work).forEach(d -> deeds.put(d.command().id(), d));
        }
    }

    @Override
    public Catalogue catalogue() {
        return AllCommands.CATALOGUE;
    }

    @Override
    public boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        Deed d = deeds.get(id);
        if (d == null
                || d.command().problem(args) != null
                || !d.anytime() && !ground.model().opened()) {
            return false;
        }
        return d.run(new Call(d.command(), args, v, lx, ly));
    }

    @Override
    public Motion start(Command c, Grab g) {
        return deeds.get(c.id()).start(g);
    }

    @Override
    public void steps(Command c, ViewState v, double lx, double ly, double steps) {
        deeds.get(c.id()).steps(new Call(c, Map.of(), v, lx, ly), steps);
    }

    @Override
    public void held(
            Command c, Map<String, Object> args, ViewState v, double lx, double ly, boolean down, boolean tap) {
        deeds.get(c.id()).held(new Call(c, args, v, lx, ly), down, tap);
    }

    @Override
    public String told(Command c, ViewState v, double lx, double ly) {
        return deeds.get(c.id()).told(new Call(c, Map.of(), v, lx, ly));
    }
}
