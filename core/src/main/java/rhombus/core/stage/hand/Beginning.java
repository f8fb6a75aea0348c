package rhombus.core.stage.hand;

import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Trait;
import rhombus.core.pick.Hit;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** Whether a motion may begin, and what has to be done to its viewport first. */
final class Beginning {
    private final Ground ground;
    private final Subject subject;
    private final Tools tools;

    Beginning(Ground ground, Subject subject, Tools tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
    }

    /** Whether a motion may begin; it also does what has to be done to the viewport first. */
    boolean allowed(Command c, ViewState v, double lx, double ly) {
        if (c.has(Trait.STAYS) || c.has(Trait.KEEPS_CAMERA)) {
            return true;
        }
        if (c.has(Trait.TURNS) && c.sort() != Command.Sort.AXIS) {
            if (ground.refusals().heldInPlace(v, lx, ly) || !Cameras.stepOut(ground, v)) {
                return false;
            }
            ground.navigator().pose(v, ground.refusals().leavingAxis(v, v.pose));
            return true;
        }
        return Cameras.stepOut(ground, v);
    }

    /** Whether a pen that drags here moves what is selected. */
    boolean penMoves(ViewState v, double lx, double ly) {
        if (tools.sort() != Tools.Sort.MOVE || !ground.habits().is(AllHabits.PEN, "tool")) {
            return false;
        }
        Hit hit = subject.picks().pick(v, lx, ly);
        return hit != null && subject.selection().has(hit.node());
    }
}
