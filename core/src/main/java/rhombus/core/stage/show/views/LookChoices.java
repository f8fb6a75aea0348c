package rhombus.core.stage.show.views;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import rhombus.core.display.Background;
import rhombus.core.display.Look;
import rhombus.core.display.LookPart;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.Viewport;

/** What a viewport can be drawn with: looks with the keys that choose them, the parts of the one in use, backgrounds and lights. */
public final class LookChoices {
    private static final String SET = "display.set";

    private final StageContext ground;
    private final UserKeymaps keymaps;

    /** Lists for the viewports of a stage. */
    public LookChoices(StageContext ground, UserKeymaps keymaps) {
        this.ground = ground;
        this.keymaps = keymaps;
    }

    /** Every look that a viewport can be given: the usual ones, the user's own, and the viewport's where that has no name. */
    @PageCall
    public List<ViewSource> all(String viewId, Map<String, String> layout) {
        Viewport v = ground.board().named(viewId);
        Keymap keymap = keymaps.inUse();
        List<ViewSource> out = new ArrayList<>();
        for (Look l : ground.looks().all()) {
            out.add(choice(l, v, keymap, layout));
        }
        if (v != null && out.stream().noneMatch(ViewSource::on)) {
            out.add(choice(v.look, v, keymap, layout));
        }
        return out;
    }

    private static ViewSource choice(Look l, Viewport v, Keymap keymap, Map<String, String> layout) {
        String key = choosing(keymap, l.id())
                .map(b -> b.trigger().words(b.modifiers(), layout))
                .findFirst()
                .orElse(null);
        boolean on = v != null && v.look.id().equals(l.id());
        return new ViewSource(l.id(), l.label(), key, SET, Map.of("look", l.id()), on);
    }

    private static Stream<Binding> choosing(Keymap keymap, String look) {
        return keymap.bindings().stream()
                .filter(b ->
                        b.command().id().equals(SET) && look.equals(b.args().get("look")) && b.trigger() != null);
    }

    /** The look of a viewport, to be changed part by part; null for no viewport. */
    @PageCall
    @OrNull
    public LookState of(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? null : state(v, keymaps.keymap());
    }

    private LookState state(Viewport v, Keymap keymap) {
        Look l = v.lookAsLit();
        List<LookPartRow> parts = new ArrayList<>();
        for (LookPart p : LookPart.values()) {
            if (p.matters(l)) {
                parts.add(new LookPartRow(p.id(), p.words(), choices(p, p.of(l))));
            }
        }
        boolean own = ground.looks().own().named(l.id()) != null;
        String digit = choosing(keymap, l.id())
                .filter(b -> b.trigger().kind() == Trigger.Kind.KEY && b.modifiers() == 0)
                .map(b -> b.trigger().code())
                .filter(code -> code.startsWith("Digit"))
                .map(code -> code.substring("Digit".length()))
                .findFirst()
                .orElse(null);
        return new LookState(
                l.id(), l.label(), ground.looks().named(l.id()) != null, own ? l.label() : null, digit, parts);
    }

    private static List<ViewSource> choices(LookPart p, String is) {
        List<String> some = new ArrayList<>(p.choices());
        if (!some.contains(is)) {
            some.add(is);
        }
        return some.stream()
                .map(c -> new ViewSource(
                        c, p.label(c), null, "display.part", Map.of("part", p.id(), "to", c), c.equals(is)))
                .toList();
    }

    /** What can lie behind everything in a viewport, a colour of one's own aside. */
    @PageCall
    public List<ViewSource> backgrounds(String viewId) {
        Viewport v = ground.board().named(viewId);
        return Background.NAMED.stream()
                .map(b -> new ViewSource(
                        b.text(),
                        b.words(),
                        null,
                        "display.background",
                        Map.of("to", b.text()),
                        v != null && v.background.equals(b)))
                .toList();
    }

    /** What can light a viewport; empty where its look takes no light. */
    @PageCall
    public List<ViewSource> lights(String viewId) {
        Viewport v = ground.board().named(viewId);
        if (v == null || !v.look.lit()) {
            return List.of();
        }
        return Arrays.stream(Look.Light.values())
                .map(l -> new ViewSource(
                        l.id(), l.words(), null, "display.light", Map.of("light", l.id()), v.light() == l))
                .toList();
    }
}
