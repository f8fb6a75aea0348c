package rhombus.core.stage.area;

import java.util.Arrays;
import java.util.Map;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.Overlay;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewState;

/** How a viewport draws. */
final class DisplayArea {
    private final Ground ground;

    private DisplayArea(Ground ground) {
        this.ground = ground;
    }

    static Area<DisplayArea> area() {
        return new Area<>(p -> new DisplayArea(p.ground()), DisplayArea::declare);
    }

    private static void declare(Declare<DisplayArea> d) {
        d.group("Display");
        Entry<DisplayArea> set = d.action("display.set", "Choose a display mode")
                .needs(
                        "mode",
                        Arrays.stream(DisplayMode.values()).map(DisplayMode::id).toList());
        for (DisplayMode m : DisplayMode.values()) {
            set.key("display-" + m.id(), "Digit" + m.digit(), 0, Map.of("mode", m.id()), m.label());
        }
        set.does((a, c) -> a.show(c.view(), DisplayMode.named(c.text("mode"))));
        d.action("display.swap", "Swap the last two display modes")
                .key("display-swap", "Digit0", 0, "swap the last two display modes")
                .does((a, c) -> a.show(c.view(), c.view().otherMode));
        d.action("display.overlay", "Show or hide an overlay")
                .needs(
                        "overlay",
                        Arrays.stream(Overlay.values()).map(Overlay::id).toList())
                .does((a, c) -> a.toggle(c.view(), Overlay.named(c.text("overlay"))));
    }

    private void show(ViewState v, DisplayMode m) {
        if (v.display(m)) {
            changed(v);
        }
    }

    private void toggle(ViewState v, Overlay o) {
        v.toggle(o);
        changed(v);
    }

    private void changed(ViewState v) {
        ground.changes().view(v.number);
        ground.changes().add(Topic.CAPTION, Topic.KEEP);
    }
}
