package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import rhombus.core.display.Background;
import rhombus.core.display.CustomLooks;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.display.StandardLooks;
import rhombus.core.keymap.Trigger;
import rhombus.core.light.Lighting;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.Porthole;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** How a viewport draws. */
final class DisplayArea {
    /** A third of a doubling, as on the rings of lenses (common practice, no source). */
    private static final double STOP = 1.0 / 3;

    static final String SET = "display.set";

    private final StageContext ground;

    private DisplayArea(StageContext ground) {
        this.ground = ground;
    }

    static CommandArea<DisplayArea> area() {
        return new CommandArea<>(p -> new DisplayArea(p.ground()), DisplayArea::declare);
    }

    private static void declare(CommandDeclarations<DisplayArea> d) {
        d.replays(true);
        d.group(say("group.display"));
        d.joins(true);
        List<String> looks =
                new ArrayList<>(StandardLooks.ALL.stream().map(Look::id).toList());
        looks.add(CustomLooks.PREFIX);
        CommandSpec<DisplayArea> set = d.action(SET).needs("look", looks);
        for (Look l : StandardLooks.ALL) {
            if (l.digit() > 0) {
                set.key("display-" + l.id(), "Digit" + l.digit(), 0, Map.of("look", l.id()), l.label());
            }
        }
        set.does((a, c) -> a.choose(c.view(), c.text("look")));
        d.action("display.swap")
                .key("display-swap", "Digit0", 0, say("hint.swap-the-last-two-looks"))
                .does((a, c) -> a.show(c.view(), c.view().otherLook));
        d.action("display.everywhere").does((a, c) -> a.everywhere(c.view().look));
        CommandSpec<DisplayArea> light = d.action("display.light")
                .needs(
                        "light",
                        Arrays.stream(Look.Light.values()).map(Look.Light::id).toList());
        light.does((a, c) -> a.light(c.view(), Look.Light.named(c.text("light"))));
        d.action("display.exposure")
                .needs("to", "brighter", "darker", "usual")
                .does((a, c) -> a.expose(c.view(), c.text("to")));
        CommandSpec<DisplayArea> porthole =
                d.held("display.porthole").on("porthole", Trigger.key("Backquote"), 0, STAGE, say("hint.porthole"));
        porthole.lasts((a, c, down, tap) -> a.porthole(c, down, tap));
        porthole.does((a, c) -> a.keepPorthole(c));
        d.action("display.porthole-keep")
                .on("porthole-keep", Trigger.key("Backquote"), SHIFT, STAGE, say("hint.leave-the-porthole-open"))
                .does((a, c) -> a.keepPorthole(c));
        d.action("display.porthole-size")
                .needs("to", "larger", "smaller")
                .does((a, c) -> a.ground.porthole().grow(c.text("to").equals("larger") ? 1 : -1));
        d.action("display.background").text("to").does((a, c) -> a.background(c.view(), c.text("to")));
        d.action("display.overlay")
                .needs(
                        "overlay",
                        Arrays.stream(Overlay.values()).map(Overlay::id).toList())
                .does((a, c) -> a.toggle(c.view(), Overlay.named(c.text("overlay"))));
    }

    private void choose(Viewport v, String id) {
        Look l = ground.looks().named(id);
        if (l != null) {
            show(v, l);
        } else if (!v.look.id().equals(id)) {
            ground.changes()
                    .notice(
                            say("display-area.no-look-of-yours-is", id.substring(CustomLooks.PREFIX.length())),
                            null,
                            null);
        }
    }

    private void show(Viewport v, Look l) {
        if (v.display(l)) {
            changed(v);
            tellWhereThereAreNoLights(v);
        }
    }

    private void porthole(CommandCall c, boolean down, boolean tap) {
        if (down && ground.porthole().on(c.view()) && !ground.porthole().held()) {
            ground.porthole().close();
        } else if (down) {
            ground.porthole().open(c.view(), c.x(), c.y(), true);
        } else {
            ground.porthole().letGo(tap);
        }
    }

    private void keepPorthole(CommandCall c) {
        Porthole p = ground.porthole();
        if (p.on(c.view()) && !p.held()) {
            p.close();
        } else {
            Viewport v = c.view();
            boolean here = c.x() >= 0 && c.y() >= 0 && c.x() < v.width && c.y() < v.height;
            p.open(v, here ? c.x() : v.width / 2, here ? c.y() : v.height / 2, false);
        }
    }

    private void background(Viewport v, String to) {
        Background b = Background.of(to);
        if (b == null) {
            ground.changes().notice(say("display-area.a-background-is-gradient-plain"), null, null);
            return;
        }
        v.onto(b);
        changed(v);
    }

    private void light(Viewport v, Look.Light light) {
        if (!v.look.lit()) {
            show(v, StandardLooks.SCENE_LIGHT);
        }
        v.lightBy(light);
        changed(v);
        tellWhereThereAreNoLights(v);
    }

    private void expose(Viewport v, String to) {
        if (!v.look.lit()) {
            ground.changes().notice(say("display-area.has-a-brightness-of-its", v.look.label()), null, null);
            return;
        }
        v.brighter(to.equals("usual") ? 0 : v.stops + (to.equals("brighter") ? STOP : -STOP));
        changed(v);
    }

    private void tellWhereThereAreNoLights(Viewport v) {
        if (v.look.lit() && v.light().own() && !Lighting.any(ground.scene())) {
            ground.changes().notice(say("display-area.no-light-of-this-scene"), null, null);
        }
    }

    private void everywhere(Look l) {
        Viewport last = null;
        for (Viewport v : ground.board().views) {
            if (v.display(l)) {
                changed(v);
                last = v;
            }
        }
        if (last != null) {
            tellWhereThereAreNoLights(last);
        }
    }

    private void toggle(Viewport v, Overlay o) {
        v.toggle(o);
        changed(v);
    }

    private void changed(Viewport v) {
        ground.changes().view(v.number);
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }
}
