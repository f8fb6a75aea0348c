package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where a binding answers. A hand is always in one sort of viewport, which is part of the stage, which is part of the
 * application; besides it may be on or in something that is asked first.
 */
public final class TriggerOverlap {
    /** Sorts of viewports: exactly one of them holds. */
    public static final List<BindingContext> SORTS =
            List.of(BindingContext.AXIS, BindingContext.FREE_FLAT, BindingContext.PERSPECTIVE, BindingContext.CAMERA);
    /** What may hold besides, in the order in which it is asked. */
    public static final List<BindingContext> BESIDES = List.of(
            BindingContext.GRIP,
            BindingContext.PAD,
            BindingContext.RIM,
            BindingContext.ROSE,
            BindingContext.WALK,
            BindingContext.HANDLE,
            BindingContext.TOOL);
    /** Of these one at a time is under the pointer; the others go on wherever it is. */
    private static final Set<BindingContext> UNDER_POINTER =
            Set.of(BindingContext.GRIP, BindingContext.RIM, BindingContext.ROSE, BindingContext.HANDLE);

    private static final List<List<BindingContext>> SITUATIONS = allSituations();

    private TriggerOverlap() {}

    /** Every situation that a hand can be in, also where several things hold at once: contexts, the first that is asked first. */
    public static List<List<BindingContext>> situations() {
        return SITUATIONS;
    }

    private static List<List<BindingContext>> allSituations() {
        List<List<BindingContext>> out = new ArrayList<>();
        for (BindingContext sort : SORTS) {
            for (int some = 0; some < 1 << BESIDES.size(); some++) {
                List<BindingContext> all = new ArrayList<>();
                for (int i = 0; i < BESIDES.size(); i++) {
                    if ((some & 1 << i) != 0) {
                        all.add(BESIDES.get(i));
                    }
                }
                if (all.stream().filter(UNDER_POINTER::contains).count() <= 1) {
                    all.addAll(situation(sort));
                    out.add(List.copyOf(all));
                }
            }
        }
        // What is said of a situation begins with the simplest.
        out.sort(Comparator.comparingInt(List::size));
        out.add(List.of(BindingContext.GESTURE));
        out.add(List.of(BindingContext.GESTURE, BindingContext.WALK));
        return List.copyOf(out);
    }

    /**
     * Situations in which a trigger may be answered differently, one of each sort: of the contexts in them only those count in
     * which something is bound that has to do with it.
     */
    private static Collection<List<BindingContext>> differing(Keymap map, Trigger t) {
        Set<BindingContext> count = EnumSet.noneOf(BindingContext.class);
        for (Binding b : map.bindings()) {
            if (b.trigger() != null && related(t, b.trigger())) {
                count.add(b.context());
            }
        }
        Map<List<BindingContext>, List<BindingContext>> out = new LinkedHashMap<>();
        for (List<BindingContext> s : SITUATIONS) {
            out.putIfAbsent(s.stream().filter(count::contains).toList(), s);
        }
        return out.values();
    }

    /** Whether what answers one trigger may keep another from being answered. */
    static boolean related(Trigger a, Trigger b) {
        return a.kind().ofKey() && b.kind().ofKey() && a.code().equals(b.code())
                || family(a.kind()) >= 0 && family(a.kind()) == family(b.kind())
                || a.equals(b);
    }

    /** Kinds that are looked for together: those of the wheel, those of buttons and pens; -1 for others. */
    private static int family(Trigger.Kind k) {
        return switch (k) {
            case WHEEL, SLIDE -> 0;
            case DRAG, PEN -> 1;
            case CLICK, PEN_TAP -> 2;
            default -> -1;
        };
    }

    /** What holds where a hand is in a place, in a perspective view where that says nothing of the view. */
    public static List<BindingContext> situation(BindingContext place) {
        if (place == BindingContext.GESTURE) {
            return List.of(place);
        }
        List<BindingContext> out = new ArrayList<>();
        if (!SORTS.contains(place)) {
            out.add(place);
            out.add(BindingContext.PERSPECTIVE);
        } else {
            out.add(place);
        }
        out.add(BindingContext.STAGE);
        out.add(BindingContext.APPLICATION);
        return out.stream().distinct().toList();
    }

    /** What a motion of the hand would run in a situation, as the resolver finds it; null for nothing. */
    public static Binding answer(Keymap map, Trigger t, int modifiers, List<BindingContext> situation) {
        return switch (t.kind()) {
            case KEY -> {
                KeyAction deed = KeyAction.of(map, t.code(), modifiers, situation, true);
                // A key that is held for a motion does, tapped, what it is bound to besides.
                yield deed.sort() == KeyAction.Sort.HOLD ? map.find(t, modifiers, situation) : deed.binding();
            }
            // Where the key does something as it goes down, holding it does that and no more.
            case HOLD -> KeyAction.of(map, t.code(), modifiers, situation, true).binding();
            case PEN_TAP -> map.find(PointerTriggers.asPen(map, t, modifiers, situation), modifiers, situation);
            case CLICK, DOUBLE, TAP, PRESS, GAMEPAD, MOUSE3D -> map.find(t, modifiers, situation);
            default -> {
                BindingMatch f = pointed(map, t, modifiers, situation);
                yield f == null ? null : f.binding();
            }
        };
    }

    /** What a drag, a slide, the wheel or an axis finds; to slide over a trackpad is to turn the wheel, and a pen is a mouse too. */
    public static BindingMatch pointed(Keymap map, Trigger t, int modifiers, List<BindingContext> situation) {
        boolean turns = t.kind() == Trigger.Kind.WHEEL || t.kind() == Trigger.Kind.SLIDE;
        if (turns) {
            return PointerTriggers.wheel(map, t.button(), modifiers, situation);
        }
        Trigger made = t.kind() == Trigger.Kind.PEN ? PointerTriggers.asPen(map, t, modifiers, situation) : t;
        return BindingMatch.in(map, made, modifiers, situation);
    }

    /** Whether a binding with a trigger answers in any situation; something else may answer before it in all of them. */
    public static boolean reached(Keymap map, Binding b) {
        for (List<BindingContext> s : differing(map, b.trigger())) {
            Binding found = s.contains(b.context()) ? answer(map, b.trigger(), b.modifiers(), s) : null;
            if (found != null && found.id().equals(b.id())) {
                return true;
            }
        }
        return false;
    }

    /** Bindings that answered their own trigger somewhere, and where another binding has come do so no more, each once. */
    public static List<Binding> covered(Keymap before, Keymap after, Binding by) {
        List<Binding> out = new ArrayList<>();
        for (Binding o : before.bindings()) {
            if (o.trigger() == null || o.id().equals(by.id()) || !related(by.trigger(), o.trigger())) {
                continue;
            }
            for (List<BindingContext> s : SITUATIONS) {
                if (s.contains(o.context()) && answers(before, o, s) && !answers(after, o, s)) {
                    out.add(o);
                    break;
                }
            }
        }
        return out;
    }

    private static boolean answers(Keymap map, Binding b, List<BindingContext> situation) {
        Binding found = answer(map, b.trigger(), b.modifiers(), situation);
        return found != null && found.id().equals(b.id());
    }

    /** Bindings that answer a binding's motion before it does, in situations in which it holds. */
    public static List<Binding> before(Keymap map, Binding b) {
        List<Binding> out = new ArrayList<>();
        for (List<BindingContext> s : differing(map, b.trigger())) {
            Binding found = s.contains(b.context()) ? answer(map, b.trigger(), b.modifiers(), s) : null;
            if (found != null && !found.id().equals(b.id()) && !out.contains(found)) {
                out.add(found);
            }
        }
        return out;
    }
}
