package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.GRIP;
import static rhombus.core.keymap.BindingContext.PAD;
import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.view.Viewport;

/** The Pad, and the lozenges to drag. */
final class PadArea {
    /** Hints name the Pad first: it leads to all the rest. */
    private static final int FIRST = -50;

    private final PadGrips grips;
    private final InputResolver resolver;

    private PadArea(PadGrips grips, InputResolver resolver) {
        this.grips = grips;
        this.resolver = resolver;
    }

    static CommandArea<PadArea> area() {
        return new CommandArea<>(p -> new PadArea(p.grips(), p.resolver()), PadArea::declare);
    }

    private static void declare(CommandDeclarations<PadArea> d) {
        d.replays(true);
        d.group(say("group.pad-and-rose"));
        CommandSpec<PadArea> open =
                d.held("pad.open").rank(FIRST).on("pad", Trigger.key("KeyG"), 0, STAGE, say("hint.pad"));
        open.lasts(PadArea::open);
        open.does((a, c) -> a.grips.openPad(c.view(), c.x(), c.y(), false));
        d.action("pad.close")
                .on("pad-close", Trigger.key("Escape"), 0, PAD, say("hint.close-the-pad"))
                .does((a, c) -> a.grips.closePad());
        d.motion("grip.drag")
                .traits(CommandTrait.LOZENGE)
                .on("grip-drag", Trigger.drag(MouseButtons.LEFT), 0, GRIP, say("hint.what-the-lozenge-says"))
                .on("grip-pen", Trigger.pen(), 0, GRIP, say("hint.what-the-lozenge-says"))
                .on("grip-touch", Trigger.touch(1), 0, GRIP, say("hint.what-the-lozenge-says"))
                // Whoever is pressed finds the lozenge and starts its motion instead.
                .starts((a, g) -> null);
        d.action("grip.latch")
                .refusedMeanwhile()
                .traits(CommandTrait.LOZENGE)
                .on(
                        "grip-latch",
                        Trigger.click(MouseButtons.LEFT),
                        0,
                        GRIP,
                        say("hint.take-it-up-until-the-next-click"))
                .on(
                        "grip-double",
                        Trigger.doubleClick(MouseButtons.LEFT),
                        0,
                        GRIP,
                        say("hint.take-it-up-until-the-next-click"))
                .tries(PadArea::latch);
    }

    private void open(CommandCall c, boolean down, boolean tap) {
        if (down) {
            grips.openPad(c.view(), c.x(), c.y(), true);
        } else {
            grips.letGo(tap);
        }
    }

    private boolean latch(CommandCall c) {
        Viewport v = c.view();
        PadGrips.Grip g = grips.at(v, c.x(), c.y());
        if (g != null) {
            Command drag = resolver.keymap().catalogue().command("grip.drag");
            String words = say(
                    "pad-area.click-to-put-it-down",
                    g.command().spoken().name(v.pose.projection().flat()));
            resolver.latch(new Binding("grip-latch", null, 0, STAGE, drag, Map.of(), words), v.x + c.x(), v.y + c.y());
        }
        return g != null;
    }
}
