package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.HANDLE;
import static rhombus.core.keymap.BindingContext.TOOL;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.ScreenPlaneDrag;
import rhombus.core.stage.motion.ToolMotions;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.tool.ToolNudges;
import rhombus.core.stage.tool.ToolSort;
import rhombus.core.stage.view.StageContext;

/** The tools that move, turn and scale, and their handles. */
final class ToolArea {
    private static final List<String> SIDES = List.of("left", "right", "up", "down");
    /** Hints name tools after what a view can do. */
    private static final int LATE = 20;

    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;

    private ToolArea(StageContext ground, SubjectParts subject, ActiveTool tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
    }

    static CommandArea<ToolArea> area() {
        return new CommandArea<>(p -> new ToolArea(p.ground(), p.subject(), p.tools()), ToolArea::declare);
    }

    private static void declare(CommandDeclarations<ToolArea> d) {
        d.group(say("group.change-the-scene"));
        d.replays(true);
        which(d);
        settings(d);
        d.replays(false);
        keys(d);
        d.action("tool.none")
                .traits(CommandTrait.REPLAYS)
                .rank(LATE)
                .on("tool-off", Trigger.key("Escape"), 0, TOOL, say("hint.put-the-tool-away"))
                .does((a, c) -> a.tools.use(null));
        d.motion("tool.drag")
                .traits(CommandTrait.STAYS, CommandTrait.HANDLE)
                .on("pen-handle", Trigger.pen(), 0, HANDLE, say("hint.move-along-the-axis"))
                .on("handle-drag", Trigger.drag(MouseButtons.LEFT), 0, HANDLE, say("hint.drag-the-handle"))
                .starts((a, g) -> ToolMotions.start(a.ground, a.subject, a.tools, g));
        d.motion("tool.drag-free")
                .traits(CommandTrait.STAYS, CommandTrait.OBJECT)
                .otherwise("navigate.orbit")
                .on("pen-tool", Trigger.pen(), 0, TOOL, say("hint.move-the-selected-object"))
                .starts((a, g) -> ScreenPlaneDrag.start(a.ground, a.subject, g));
    }

    private static void which(CommandDeclarations<ToolArea> d) {
        d.action("tool.move")
                .rank(LATE)
                .key("move", "KeyM", 0, say("hint.move-tool"))
                .does((a, c) -> a.tools.use(ToolSort.MOVE));
        d.action("tool.rotate")
                .rank(LATE)
                .key("rotate", "KeyT", 0, say("hint.rotate-tool"))
                .does((a, c) -> a.tools.use(ToolSort.ROTATE));
        d.action("tool.scale")
                .rank(LATE)
                .key("scale", "KeyU", 0, say("hint.scale-tool"))
                .does((a, c) -> a.tools.use(ToolSort.SCALE));
        d.action("tool.last")
                .rank(LATE)
                .key("last-tool", "KeyJ", 0, say("hint.last-tool-or-none"))
                .does((a, c) -> a.tools.useLast());
    }

    private static void settings(CommandDeclarations<ToolArea> d) {
        d.action("tool.axes")
                .rank(LATE)
                .choice("to", ActiveTool.AXES)
                .key("tool-axes", "KeyT", SHIFT, say("hint.next-axes-of-the-tool"))
                .does((a, c) -> a.tools.axes(c.to()));
        d.action("tool.about")
                .rank(LATE)
                .choice("to", ActiveTool.ABOUT)
                .key("tool-about", "KeyU", SHIFT, say("hint.next-point-the-tool-turns-about"))
                .does((a, c) -> a.tools.about(c.to()));
        d.action("tool.snap").joins().choice("to", ActiveTool.SNAP).does((a, c) -> a.tools.snap(c.to()));
        d.action("tool.typed").choice("to", ActiveTool.TYPED).does((a, c) -> a.tools.typed(c.to()));
    }

    private static void keys(CommandDeclarations<ToolArea> d) {
        CommandSpec<ToolArea> nudge = d.action("tool.nudge")
                .repeats()
                .rank(LATE)
                .ways("")
                .choice("to", SIDES)
                .truth("shift", "alt");
        for (String to : SIDES) {
            Trigger arrow = NavigateArea.arrow(to);
            nudge.on("nudge-" + to, arrow, 0, TOOL, Map.of("to", to), say("hint.step", say("to." + to)));
            nudge.on(
                    "nudge-far-" + to,
                    arrow,
                    SHIFT,
                    TOOL,
                    Map.of("to", to, "shift", true),
                    say("hint.ten-steps", say("to." + to)));
            nudge.on(
                    "nudge-fine-" + to,
                    arrow,
                    ALT,
                    TOOL,
                    Map.of("to", to, "alt", true),
                    say("hint.a-tenth-of-a-step", say("to." + to)));
        }
        nudge.does((a, c) -> new ToolNudges(a.ground, a.subject, a.tools, c.view()).key(c.args()));
        d.action("tool.step-handle")
                .repeats()
                .needs("handle")
                .needs("to", SIDES)
                .truth("shift", "alt")
                .does((a, c) ->
                        new ToolNudges(a.ground, a.subject, a.tools, c.view()).handle(c.text("handle"), c.args()));
    }
}
