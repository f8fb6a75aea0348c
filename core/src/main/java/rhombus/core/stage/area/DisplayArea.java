package rhombus.core.stage.area;

import java.util.Arrays;
import java.util.List;
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
        Entry<DisplayArea> digit = d.action("display.digit", "Choose what a digit holds")
                .needs("digit", List.of("1", "2", "3", "4", "5", "6", "7", "8", "9"));
        for (int i = 1; i <= 9; i++) {
            if (DisplayMode.on(i) == null) {
                digit.key("display-digit-" + i, "Digit" + i, 0, Map.of("digit", "" + i), "what " + i + " holds");
            }
        }
        digit.does((a, c) -> a.digit(c.view(), Integer.parseInt(c.text("digit"))));
        set.does((a, c) -> a.show(c.view(), DisplayMode.named(c.text("mode"))));
        d.action("display.swap", "Swap the last two display modes")
                .key("display-swap", "Digit0", 0, "swap the last two display modes")
                .does((a, c) -> a.show(c.view(), c.view().otherMode));
        d.action("display.everywhere", "Draw all viewports of the board like this one")
                .does((a, c) -> a.everywhere(c.view().mode));
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

    private void everywhere(DisplayMode m) {
        for (ViewState v : ground.board().views) {
            show(v, m);
        }
    }

    private void digit(ViewState v, int digit) {
        DisplayMode m = DisplayMode.on(digit);
        if (m != null) {
            show(v, m);
        } else {
            ground.changes().notice("No way of drawing is on " + digit + " yet.", null, null);
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
