package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import rhombus.core.stage.subject.Rulers;

/** Measuring between two points. */
final class RulerArea {
    private final Rulers rulers;

    private RulerArea(Rulers rulers) {
        this.rulers = rulers;
    }

    static CommandArea<RulerArea> area() {
        return new CommandArea<>(p -> new RulerArea(p.subject().rulers()), RulerArea::declare);
    }

    private static void declare(CommandDeclarations<RulerArea> d) {
        d.replays(true);
        d.group(say("group.measure"));
        d.action("ruler.measure")
                .key("ruler", "Comma", 0, say("hint.measure-from-here-then-to-here"))
                .does((a, c) -> a.rulers.here(c.view(), c.x(), c.y()));
        d.action("ruler.clear")
                .key("ruler-clear", "Comma", SHIFT, say("hint.take-all-rulers-away"))
                .does((a, c) -> a.rulers.clear());
        d.action("ruler.remove")
                .text("ruler")
                .key("ruler-remove", "Comma", ALT, say("hint.take-the-nearest-ruler-away"))
                .does((a, c) -> a.rulers.remove(c.text("ruler"), c.view(), c.x(), c.y()));
        d.action("ruler.put-back").does((a, c) -> a.rulers.putBack());
    }
}
