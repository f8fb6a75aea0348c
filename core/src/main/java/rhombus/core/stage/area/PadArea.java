package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.GRIP;
import static rhombus.core.keymap.Context.PAD;
import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Resolver;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.view.ViewState;

/** The Pad, and the lozenges to drag. */
final class PadArea {
    /** Hints name the Pad first: it leads to all the rest. */
    private static final int FIRST = -50;

    private final Grips grips;
    private final Resolver resolver;

    private PadArea(Grips grips, Resolver resolver) {
        this.grips = grips;
        this.resolver = resolver;
    }

    static Area<PadArea> area() {
        return new Area<>(p -> new PadArea(p.grips(), p.resolver()), PadArea::declare);
    }

    private static void declare(Declare<PadArea> d) {
        d.replays(true);
        d.group(say("group.pad-and-rose"));
        Entry<PadArea> open = d.held("pad.open").rank(FIRST).on("pad", Trigger.key("KeyG"), 0, STAGE, say("hint.pad"));
        open.lasts(PadArea::open);
        open.does((a, c) -> a.grips.openPad(c.view(), c.x(), c.y(), false));
        d.action("pad.close")
                .on("pad-close", Trigger.key("Escape"), 0, PAD, say("hint.close-the-pad"))
                .does((a, c) -> a.grips.closePad());
        d.motion("grip.drag")
                .traits(Trait.LOZENGE)
                .on("grip-drag", Trigger.drag(Buttons.LEFT), 0, GRIP, say("hint.what-the-lozenge-says"))
                .on("grip-pen", Trigger.pen(), 0, GRIP, say("hint.what-the-lozenge-says"))
                .on("grip-touch", Trigger.touch(1), 0, GRIP, say("hint.what-the-lozenge-says"))
                // Whoever is pressed finds the lozenge and starts its motion instead.
                .starts((a, g) -> null);
        d.action("grip.latch")
                .refusedMeanwhile()
                .traits(Trait.LOZENGE)
                .on("grip-latch", Trigger.click(Buttons.LEFT), 0, GRIP, say("hint.take-it-up-until-the-next-click"))
                .on(
                        "grip-double",
                        Trigger.doubleClick(Buttons.LEFT),
                        0,
                        GRIP,
                        say("hint.take-it-up-until-the-next-click"))
                .tries(PadArea::latch);
    }

    private void open(Call c, boolean down, boolean tap) {
        if (down) {
            grips.openPad(c.view(), c.x(), c.y(), true);
        } else {
            grips.letGo(tap);
        }
    }

    private boolean latch(Call c) {
        ViewState v = c.view();
        Grips.Grip g = grips.at(v, c.x(), c.y());
        if (g != null) {
            Command drag = AllCommands.CATALOGUE.command("grip.drag");
            String words = say(
                    "pad-area.click-to-put-it-down",
                    g.command().spoken().name(v.pose.projection().flat()));
            resolver.latch(new Binding("grip-latch", null, 0, STAGE, drag, Map.of(), words), v.x + c.x(), v.y + c.y());
        }
        return g != null;
    }
}
