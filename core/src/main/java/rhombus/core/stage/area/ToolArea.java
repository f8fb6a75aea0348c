package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.HANDLE;
import static rhombus.core.keymap.Context.TOOL;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.FreeMove;
import rhombus.core.stage.motion.ToolMotions;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Nudges;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Ground;

/** The tools that move, turn and scale, and their handles. */
final class ToolArea {
    private static final List<String> SIDES = List.of("left", "right", "up", "down");
    /** Hints name tools after what a view can do. */
    private static final int LATE = 20;

    private final Ground ground;
    private final Subject subject;
    private final Tools tools;

    private ToolArea(Ground ground, Subject subject, Tools tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
    }

    static Area<ToolArea> area() {
        return new Area<>(p -> new ToolArea(p.ground(), p.subject(), p.tools()), ToolArea::declare);
    }

    private static void declare(Declare<ToolArea> d) {
        d.group(say("group.change-the-scene"));
        d.replays(true);
        which(d);
        settings(d);
        d.replays(false);
        keys(d);
        d.action("tool.none")
                .traits(Trait.REPLAYS)
                .rank(LATE)
                .on("tool-off", Trigger.key("Escape"), 0, TOOL, say("hint.put-the-tool-away"))
                .does((a, c) -> a.tools.use(null));
        d.motion("tool.drag")
                .traits(Trait.STAYS, Trait.HANDLE)
                .on("pen-handle", Trigger.pen(), 0, HANDLE, say("hint.move-along-the-axis"))
                .on("handle-drag", Trigger.drag(Buttons.LEFT), 0, HANDLE, say("hint.drag-the-handle"))
                .starts((a, g) -> ToolMotions.start(a.ground, a.subject, a.tools, g));
        d.motion("tool.drag-free")
                .traits(Trait.STAYS, Trait.OBJECT)
                .otherwise("navigate.orbit")
                .on("pen-tool", Trigger.pen(), 0, TOOL, say("hint.move-the-selected-object"))
                .starts((a, g) -> FreeMove.start(a.ground, a.subject, g));
    }

    private static void which(Declare<ToolArea> d) {
        d.action("tool.move")
                .rank(LATE)
                .key("move", "KeyM", 0, say("hint.move-tool"))
                .does((a, c) -> a.tools.use(Tools.Sort.MOVE));
        d.action("tool.rotate")
                .rank(LATE)
                .key("rotate", "KeyT", 0, say("hint.rotate-tool"))
                .does((a, c) -> a.tools.use(Tools.Sort.ROTATE));
        d.action("tool.scale")
                .rank(LATE)
                .key("scale", "KeyU", 0, say("hint.scale-tool"))
                .does((a, c) -> a.tools.use(Tools.Sort.SCALE));
        d.action("tool.last")
                .rank(LATE)
                .key("last-tool", "KeyJ", 0, say("hint.last-tool-or-none"))
                .does((a, c) -> a.tools.useLast());
    }

    private static void settings(Declare<ToolArea> d) {
        d.action("tool.axes")
                .rank(LATE)
                .choice("to", Tools.AXES)
                .key("tool-axes", "KeyT", SHIFT, say("hint.next-axes-of-the-tool"))
                .does((a, c) -> a.tools.axes(c.to()));
        d.action("tool.about")
                .rank(LATE)
                .choice("to", Tools.ABOUT)
                .key("tool-about", "KeyU", SHIFT, say("hint.next-point-the-tool-turns-about"))
                .does((a, c) -> a.tools.about(c.to()));
        d.action("tool.snap").joins().choice("to", Tools.SNAP).does((a, c) -> a.tools.snap(c.to()));
        d.action("tool.typed").choice("to", Tools.TYPED).does((a, c) -> a.tools.typed(c.to()));
    }

    private static void keys(Declare<ToolArea> d) {
        Entry<ToolArea> nudge = d.action("tool.nudge")
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
        nudge.does((a, c) -> new Nudges(a.ground, a.subject, a.tools, c.view()).key(c.args()));
        d.action("tool.step-handle")
                .repeats()
                .needs("handle")
                .needs("to", SIDES)
                .truth("shift", "alt")
                .does((a, c) -> new Nudges(a.ground, a.subject, a.tools, c.view()).handle(c.text("handle"), c.args()));
    }
}
