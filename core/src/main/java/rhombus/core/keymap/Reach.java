package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.List;

/**
 * Where a binding answers. A hand is always in one sort of viewport, which is part of the stage, which is part of the
 * application; besides it may be on or in something that is asked first.
 */
public final class Reach {
    /** Sorts of viewports: exactly one of them holds. */
    public static final List<Context> SORTS =
            List.of(Context.AXIS, Context.FREE_FLAT, Context.PERSPECTIVE, Context.CAMERA);
    /** What may hold besides, each by itself. */
    public static final List<Context> BESIDES =
            List.of(Context.GRIP, Context.PAD, Context.RIM, Context.ROSE, Context.WALK, Context.HANDLE, Context.TOOL);

    private Reach() {}

    /** Every situation in which at most one thing holds besides: contexts, the first that is asked first. */
    public static List<List<Context>> situations() {
        List<List<Context>> out = new ArrayList<>();
        for (Context sort : SORTS) {
            out.add(situation(sort));
            for (Context c : BESIDES) {
                List<Context> with = new ArrayList<>(List.of(c));
                with.addAll(situation(sort));
                out.add(List.copyOf(with));
            }
        }
        out.add(List.of(Context.GESTURE));
        out.add(List.of(Context.GESTURE, Context.WALK));
        return out;
    }

    /** What holds where a hand is in a place, in a perspective view where that says nothing of the view. */
    public static List<Context> situation(Context place) {
        if (place == Context.GESTURE) {
            return List.of(place);
        }
        List<Context> out = new ArrayList<>();
        if (!SORTS.contains(place)) {
            out.add(place);
            out.add(Context.PERSPECTIVE);
        } else {
            out.add(place);
        }
        out.add(Context.STAGE);
        out.add(Context.APPLICATION);
        return out.stream().distinct().toList();
    }

    /** What a motion of the hand would run in a situation, as the resolver finds it; null for nothing. */
    public static Binding answer(Keymap map, Trigger t, int modifiers, List<Context> situation) {
        return switch (t.kind()) {
            case KEY -> {
                KeyDeed deed = KeyDeed.of(map, t.code(), modifiers, situation, true);
                // A key that is held for a motion does, tapped, what it is bound to besides.
                yield deed.sort() == KeyDeed.Sort.HOLD ? map.find(t, modifiers, situation) : deed.binding();
            }
            // Where the key does something as it goes down, holding it does that and no more.
            case HOLD -> KeyDeed.of(map, t.code(), modifiers, situation, true).binding();
            case PEN_TAP -> map.find(ByPointer.asPen(map, t, modifiers, situation), modifiers, situation);
            case CLICK, DOUBLE, TAP, PRESS, GAMEPAD, MOUSE3D -> map.find(t, modifiers, situation);
            default -> {
                Found f = pointed(map, t, modifiers, situation);
                yield f == null ? null : f.binding();
            }
        };
    }

    /** What a drag, a slide, the wheel or an axis finds; to slide over a trackpad is to turn the wheel, and a pen is a mouse too. */
    public static Found pointed(Keymap map, Trigger t, int modifiers, List<Context> situation) {
        boolean turns = t.kind() == Trigger.Kind.WHEEL || t.kind() == Trigger.Kind.SLIDE;
        if (turns) {
            return ByPointer.wheel(map, t.button(), modifiers, situation);
        }
        Trigger made = t.kind() == Trigger.Kind.PEN ? ByPointer.asPen(map, t, modifiers, situation) : t;
        return Found.in(map, made, modifiers, situation);
    }

    /** Whether a binding with a trigger answers in any situation; something else may answer before it in all of them. */
    public static boolean reached(Keymap map, Binding b) {
        for (List<Context> s : situations()) {
            Binding found = s.contains(b.context()) ? answer(map, b.trigger(), b.modifiers(), s) : null;
            if (found != null && found.id().equals(b.id())) {
                return true;
            }
        }
        return false;
    }

    /** Bindings that answer a binding's motion before it does, in situations in which it holds. */
    public static List<Binding> before(Keymap map, Binding b) {
        List<Binding> out = new ArrayList<>();
        for (List<Context> s : situations()) {
            Binding found = s.contains(b.context()) ? answer(map, b.trigger(), b.modifiers(), s) : null;
            if (found != null && !found.id().equals(b.id()) && !out.contains(found)) {
                out.add(found);
            }
        }
        return out;
    }
}
