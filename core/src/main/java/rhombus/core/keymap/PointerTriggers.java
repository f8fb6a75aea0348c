package rhombus.core.keymap;

import java.util.List;

/** Which trigger the buttons of a mouse, the parts of a pen and the wheel make, in the order in which they are asked. */
final class PointerTriggers {
    /** Number of a pen's other end among the buttons, as in the W3C Pointer Events. */
    static final int ERASER_BUTTON = 5;

    private static final int RIGHT = 2;
    /** W3C masks of two buttons, in the order of {@link Trigger.Kind#BOTH}. */
    private static final int[] PAIRS = {1 | 2, 1 | 4, 4 | 2};

    private static final int[][] OF_PAIR = {{0, 2}, {0, 1}, {1, 2}};

    private PointerTriggers() {}

    /** What dragging a button is: a pen's barrel has triggers of its own, and else those of the right button. */
    static Trigger drag(Keymap map, int which, boolean pen, int modifiers, List<BindingContext> contexts) {
        Trigger own = !pen ? null : which == 0 ? Trigger.pen() : part(which) < 0 ? null : Trigger.pen(part(which));
        boolean only = which == ERASER_BUTTON;
        return own != null && (only || BindingMatch.in(map, own, modifiers, contexts) != null)
                ? own
                : Trigger.drag(which);
    }

    /** What clicking a button is. */
    static Trigger click(Keymap map, int which, boolean pen, int modifiers, List<BindingContext> contexts) {
        Trigger own = !pen || part(which) < 0 ? null : Trigger.penTap(part(which));
        boolean only = which == ERASER_BUTTON;
        return own != null && (only || map.find(own, modifiers, contexts) != null) ? own : Trigger.click(which);
    }

    /** The part of a pen that is the W3C button with this number, or -1. */
    static int part(int which) {
        return which == RIGHT ? Trigger.BARREL : which == ERASER_BUTTON ? Trigger.ERASER : -1;
    }

    /** The trigger that a pen's motion asks for: its own where something is bound to that, else the mouse's. */
    static Trigger asPen(Keymap map, Trigger t, int modifiers, List<BindingContext> contexts) {
        int which = t.button() < 0 ? 0 : t.button() == Trigger.BARREL ? RIGHT : ERASER_BUTTON;
        return t.kind() == Trigger.Kind.PEN
                ? drag(map, which, true, modifiers, contexts)
                : click(map, which, true, modifiers, contexts);
    }

    /** Two buttons that are down together, or null where not just two are. */
    static Trigger both(int mask) {
        for (int i = 0; i < PAIRS.length; i++) {
            if (mask == PAIRS[i]) {
                return Trigger.both(OF_PAIR[i][0], OF_PAIR[i][1]);
            }
        }
        return null;
    }

    /**
     * What answers the wheel: with a button held what is bound to that; else, of a slide and the plain wheel, what is bound
     * in the more specific place, and in the same place what has exactly these modifiers, a slide first.
     */
    static BindingMatch wheel(Keymap map, int held, int modifiers, List<BindingContext> contexts) {
        BindingMatch with = held < 0 ? null : BindingMatch.in(map, Trigger.wheelWith(held), modifiers, contexts);
        if (with != null) {
            return with;
        }
        BindingMatch slide = BindingMatch.in(map, Trigger.slide(), modifiers, contexts);
        BindingMatch wheel = BindingMatch.in(map, Trigger.wheel(), modifiers, contexts);
        if (slide == null || wheel == null) {
            return slide == null ? wheel : slide;
        }
        int nearer = wheel.binding().context().compareTo(slide.binding().context());
        boolean exact = !(wheel.fine() || wheel.snap()) && (slide.fine() || slide.snap());
        return nearer < 0 || nearer == 0 && exact ? wheel : slide;
    }
}
