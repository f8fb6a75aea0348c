package rhombus.core.stage.show.keys;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.KeyNames;
import rhombus.core.keymap.KeyboardShape;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.Trigger.Kind;
import rhombus.core.keymap.TriggerOverlap;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.view.NamedOption;

/** Draws up the picture of a keymap: what each key and each part of a device does with these modifiers in one place. */
final class KeysPictureBuilder {
    /** Names that are too long for the width of a key. */
    private static final Map<String, String> SHORT = Map.of(
            "ContextMenu",
            say("picturing.menu"),
            "PageUp",
            say("picturing.page-up"),
            "PageDown",
            say("picturing.page-down"),
            "CapsLock",
            say("picturing.caps"),
            "NumLock",
            say("picturing.num"));
    /** What a hand does with a device, the most common first. */
    private static final List<Kind> PARTS = List.of(
            Kind.DRAG,
            Kind.WHEEL,
            Kind.CLICK,
            Kind.DOUBLE,
            Kind.BOTH,
            Kind.SLIDE,
            Kind.TOUCH,
            Kind.PINCH,
            Kind.TWIST,
            Kind.TAP,
            Kind.PRESS,
            Kind.PEN,
            Kind.PEN_TAP,
            Kind.GAMEPAD_AXIS,
            Kind.GAMEPAD,
            Kind.MOUSE3D_AXIS,
            Kind.MOUSE3D);

    private static final Set<Kind> ONE_MOTION = Set.of(Kind.KEY, Kind.HOLD, Kind.WHEEL, Kind.SLIDE);

    private final Keymap map;
    private final Map<String, String> layout;
    private final int modifiers;
    private final List<BindingContext> situation;

    private KeysPictureBuilder(Keymap map, Map<String, String> layout, int modifiers, String place) {
        this.map = map;
        this.layout = layout;
        this.modifiers = modifiers;
        this.situation =
                TriggerOverlap.situation(place.isEmpty() ? BindingContext.PERSPECTIVE : BindingContext.named(place));
    }

    /** @param place id of a context, or empty for a perspective view with nothing special in it */
    static KeysPicture of(Keymap map, Map<String, String> layout, int modifiers, String place) {
        return new KeysPictureBuilder(map, layout, modifiers, place).picture();
    }

    private KeysPicture picture() {
        boolean pad = map.bindings().stream()
                .anyMatch(b -> b.trigger() != null && b.trigger().code().startsWith("Numpad"));
        List<KeyCap> keys = new ArrayList<>();
        for (KeyboardShape.Place p : KeyboardShape.keys(pad)) {
            keys.add(key(p));
        }
        List<DevicePart> parts = new ArrayList<>();
        PARTS.forEach(k -> parts(k, parts));
        parts.sort(Comparator.comparing(p -> p.does() == null));
        List<NamedOption> places = new ArrayList<>();
        for (BindingContext c : BindingContext.values()) {
            if (c != BindingContext.STAGE && c != BindingContext.APPLICATION) {
                places.add(new NamedOption(c.id(), c.words()));
            }
        }
        return new KeysPicture(
                pad ? KeyboardShape.WITH_PAD : KeyboardShape.WIDTH,
                KeyboardShape.HEIGHT,
                keys,
                parts,
                List.copyOf(AllCommands.FAMILIES.keySet()),
                places);
    }

    private KeyCap key(KeyboardShape.Place p) {
        int modifier = Modifiers.ofCode(p.code());
        boolean bound = modifier == 0 && KeyNames.known(p.code());
        Binding tap = bound ? answer(Trigger.key(p.code())) : null;
        Binding hold = bound ? answer(Trigger.hold(p.code())) : null;
        return new KeyCap(
                p.code(),
                SHORT.getOrDefault(p.code(), KeyNames.of(p.code(), layout)),
                p.x(),
                p.y(),
                p.width(),
                p.height(),
                family(tap == null ? hold : tap),
                tap == null ? null : tap.words(),
                hold == null ? null : hold.words(),
                modifier,
                (modifiers & modifier) != 0);
    }

    /** All parts of a sort, first those with the smallest number. */
    private void parts(Kind k, List<DevicePart> out) {
        boolean fingers = k.leastFingers() > 0;
        int from = fingers ? k.leastFingers() : k.needsButton() ? 0 : -1;
        int to = fingers ? Trigger.MOST_FINGERS : k.buttons().size() - 1;
        for (int part = from; part <= Math.max(from, to); part++) {
            Trigger t = new Trigger(k, "", part);
            Binding b = answer(t);
            // What hardly any hand does is told only where something is bound to it.
            boolean common = k != Kind.MOUSE3D && k != Kind.BOTH && k != Kind.DOUBLE && !(k == Kind.WHEEL && part >= 0);
            if (b != null || common || k == Kind.DOUBLE && part == 0) {
                out.add(new DevicePart(
                        t.id(), KeysList.device(k), t.words(0, layout), family(b), b == null ? null : b.words()));
            }
        }
    }

    private Binding answer(Trigger t) {
        Binding b = TriggerOverlap.answer(map, t, modifiers, situation);
        // Sliding and turning the wheel are one motion, whatever button is held, and so are holding and pressing a key:
        // it
        // is told where it is bound. A pen that has nothing of its own does what the mouse does.
        boolean elsewhere =
                ONE_MOTION.contains(t.kind()) && b != null && !b.trigger().equals(t);
        return elsewhere ? null : b;
    }

    private static int family(Binding b) {
        int at = 0;
        for (List<String> groups : AllCommands.FAMILIES.values()) {
            if (b != null && groups.contains(b.command().group())) {
                return at;
            }
            at++;
        }
        return -1;
    }
}
