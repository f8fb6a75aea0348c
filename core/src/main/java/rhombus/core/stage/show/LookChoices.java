package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import rhombus.core.display.Look;
import rhombus.core.display.LookPart;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.Viewport;

/** What the chooser of looks lists: looks with the keys that choose them, and the parts of the one in use. */
final class LookChoices {
    private static final String SET = "display.set";

    private final StageContext ground;

    LookChoices(StageContext ground) {
        this.ground = ground;
    }

    /** The usual looks, those of one's own, and the viewport's where it has no name. */
    List<ViewSource> all(Viewport v, Keymap keymap, Map<String, String> layout) {
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

    /** The look of a viewport, to be changed. */
    LookState state(Viewport v, Keymap keymap) {
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
}
