package rhombus.core.stage.commands;

import rhombus.core.keymap.InputResolver;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.coach.FirstSteps;
import rhombus.core.stage.coach.Tips;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.marks.HoverTarget;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.motion.SteppedMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.StageContext;

/** What commands work with, from the rooms below; an area takes from it what it needs and no more. */
public record CommandServices(
        StageContext ground,
        SubjectParts subject,
        ActiveTool tools,
        SteppedMotion stepping,
        Walking walking,
        Boards boards,
        LinkedViews linked,
        Pins pins,
        PadGrips grips,
        HoverTarget hover,
        InputResolver resolver,
        UserKeymaps keymaps,
        FirstSteps firstSteps,
        Tips tips) {}
