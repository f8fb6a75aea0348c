package rhombus.core.stage.area;

import java.util.Arrays;
import java.util.Map;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.display.UsualLooks;
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
        Entry<DisplayArea> set = d.action("display.set", "Choose a look")
                .needs("look", UsualLooks.ALL.stream().map(Look::id).toList());
        for (Look l : UsualLooks.ALL) {
            if (l.digit() > 0) {
                set.key("display-" + l.id(), "Digit" + l.digit(), 0, Map.of("look", l.id()), l.label());
            }
        }
        set.does((a, c) -> a.show(c.view(), UsualLooks.named(c.text("look"))));
        d.action("display.swap", "Swap the last two looks")
                .key("display-swap", "Digit0", 0, "swap the last two looks")
                .does((a, c) -> a.show(c.view(), c.view().otherLook));
        d.action("display.everywhere", "Draw all viewports of the board like this one")
                .does((a, c) -> a.everywhere(c.view().look));
        d.action("display.overlay", "Show or hide an overlay")
                .needs(
                        "overlay",
                        Arrays.stream(Overlay.values()).map(Overlay::id).toList())
                .does((a, c) -> a.toggle(c.view(), Overlay.named(c.text("overlay"))));
    }

    private void show(ViewState v, Look l) {
        if (v.display(l)) {
            changed(v);
        }
    }

    private void everywhere(Look l) {
        for (ViewState v : ground.board().views) {
            show(v, l);
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
