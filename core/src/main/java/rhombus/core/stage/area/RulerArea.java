package rhombus.core.stage.area;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;

import rhombus.core.stage.subject.Rulers;

/** Measuring between two points. */
final class RulerArea {
    private final Rulers rulers;

    private RulerArea(Rulers rulers) {
        this.rulers = rulers;
    }

    static Area<RulerArea> area() {
        return new Area<>(p -> new RulerArea(p.subject().rulers()), RulerArea::declare);
    }

    private static void declare(Declare<RulerArea> d) {
        d.group("Measure");
        d.action("ruler.measure", "Measure from here, then to here")
                .key("ruler", "Comma", 0, "measure from here, then to here")
                .does((a, c) -> a.rulers.here(c.view(), c.x(), c.y()));
        d.action("ruler.clear", "Take all rulers away, or give up the one that is begun")
                .key("ruler-clear", "Comma", SHIFT, "take all rulers away")
                .does((a, c) -> a.rulers.clear());
        d.action("ruler.remove", "Take the nearest ruler away")
                .text("ruler")
                .key("ruler-remove", "Comma", ALT, "take the nearest ruler away")
                .does((a, c) -> a.rulers.remove(c.text("ruler"), c.view(), c.x(), c.y()));
        d.action("ruler.put-back", "Put back the rulers that were taken away last")
                .does((a, c) -> a.rulers.putBack());
    }
}
