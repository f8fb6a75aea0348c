package rhombus.core.stage.area;

import rhombus.core.keymap.Resolver;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.hand.FirstSteps;
import rhombus.core.stage.hand.Tips;
import rhombus.core.stage.hand.UserKeymaps;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.marks.Hover;
import rhombus.core.stage.motion.Stepping;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Ground;

/** What commands work with, from the rooms below; an area takes from it what it needs and no more. */
public record Work(
        Ground ground,
        Subject subject,
        Tools tools,
        Stepping stepping,
        Walking walking,
        Boards boards,
        LinkedViews linked,
        Pins pins,
        Grips grips,
        Hover hover,
        Resolver resolver,
        UserKeymaps keymaps,
        FirstSteps firstSteps,
        Tips tips) {}
