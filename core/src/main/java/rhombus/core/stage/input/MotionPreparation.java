package rhombus.core.stage.input;

import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.tool.ToolSort;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;

/** Whether a motion may begin, and what has to be done to its viewport first. */
final class MotionPreparation {
    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;

    MotionPreparation(StageContext ground, SubjectParts subject, ActiveTool tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
    }

    /** Whether a motion may begin; it also does what has to be done to the viewport first. */
    boolean allowed(Command c, Viewport v, double lx, double ly) {
        if (c.has(CommandTrait.STAYS) || c.has(CommandTrait.KEEPS_CAMERA)) {
            return true;
        }
        if (c.has(CommandTrait.TURNS) && c.sort() != Command.Sort.AXIS) {
            if (ViewRefusals.heldInPlace(ground, v, lx, ly) || !CameraViews.stepOut(ground, v)) {
                return false;
            }
            ground.navigator().pose(v, ViewRefusals.leavingAxis(v, v.pose));
            return true;
        }
        return CameraViews.stepOut(ground, v);
    }

    /** Whether a pen that drags here moves what is selected. */
    boolean penMoves(Viewport v, double lx, double ly) {
        if (tools.sort() != ToolSort.MOVE || !ground.habits().is(AllHabits.PEN, "tool")) {
            return false;
        }
        RayHit hit = subject.picks().pick(v, lx, ly);
        return hit != null && subject.selection().has(hit.node());
    }
}
