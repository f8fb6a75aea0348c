package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float64Array;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.drill.DrillState;

/** Tasks for hand and eye on this stage. */
public interface DrillApi extends JSObject {
    /** Ids of those for which the scene has all that they need. */
    @Gives(value = String.class, list = true)
    JSObject there();

    /** Begins one, with course and path of a run to race with or empty ones; gives what stands against it, or null. */
    @OrNothing
    String start(String id, Float64Array course, Float64Array path, double time);

    /** Begins one that somebody made; gives what stands against it, or null. */
    @OrNothing
    String startOwn(String id, @Gives(Map.class) JSObject made, Float64Array course, Float64Array path, double time);

    /** The active view, to be the start or the goal of a drill that somebody makes. */
    @Gives(Map.class)
    JSObject here();

    /** What stands against a drill of a start and a goal, or null. */
    @OrNothing
    String against(@Gives(Map.class) JSObject made);

    /** What is going on at a time. */
    @Gives(DrillState.class)
    JSObject state(double time);

    /** Everything that is needed to do the run again. */
    @Gives(Map.class)
    JSObject log();

    /** Leaves it. */
    void end(double time);
}
