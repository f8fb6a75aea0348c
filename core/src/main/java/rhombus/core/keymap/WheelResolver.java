package rhombus.core.keymap;

import java.util.List;

/** What the wheel does, two fingers that slide over a trackpad, and a pinch on it. */
final class WheelResolver {
    /** A pinch that comes as one event is never larger than this many notches: it may be a wheel turned with Ctrl held. */
    private static final double LARGEST_PINCH = 2;

    private final RunningMotion motion;
    private final ButtonResolver buttons;
    private final KeyResolver keys;
    private final Runnable followModifiers;
    private final Runnable finish;
    private final TwoFingerSlide sliding = new TwoFingerSlide();

    /**
     * Wheels of a hand.
     *
     * @param followModifiers told, while a slide runs, that it has gone on
     * @param finish ends the motion that runs
     */
    WheelResolver(
            RunningMotion motion, ButtonResolver buttons, KeyResolver keys, Runnable followModifiers, Runnable finish) {
        this.motion = motion;
        this.buttons = buttons;
        this.keys = keys;
        this.followModifiers = followModifiers;
        this.finish = finish;
    }

    /** The slide that goes on or is being passed over. */
    TwoFingerSlide sliding() {
        return sliding;
    }

    /** The wheel has turned, or two fingers have moved on a trackpad; says whether something answered. */
    boolean wheel(double x, double y, WheelInput turn, int mods, double timeMs) {
        motion.at(x, y);
        boolean spread = (mods & Modifiers.CTRL) != 0 && !keys.ctrlDown();
        motion.modifiers(spread ? mods & ~Modifiers.CTRL : mods);
        if (!spread && slides(turn, timeMs)) {
            return true;
        }
        endSlide();
        int with = buttons.held();
        if (motion.runs(Trigger.Kind.DRAG) && motion.find(Trigger.wheelWith(with), motion.contexts()) != null) {
            // The wheel is meant, not the drag that the hand made before it: a drag from here on begins anew.
            finish.run();
            buttons.pressedHere();
        }
        boolean free = !motion.running();
        List<BindingContext> contexts =
                free ? motion.contexts() : motion.actions().whileMoving();
        BindingMatch f = spread
                ? motion.find(Trigger.pinch(), contexts)
                : PointerTriggers.wheel(motion.keymap(), with, motion.modifiers(), contexts);
        if (f == null) {
            return !free;
        }
        if (f.binding().trigger().kind() == Trigger.Kind.SLIDE) {
            if (free) {
                sliding.begin(x, y, timeMs);
                motion.begin(Trigger.slide(), f, x, y);
                slides(turn, timeMs);
            }
            return true;
        }
        if (with >= 0) {
            buttons.spoil();
        }
        double by = spread ? Math.max(-LARGEST_PINCH, Math.min(LARGEST_PINCH, turn.pinch())) : turn.steps();
        motion.actions().steps(f.binding(), x, y, by, f.fine());
        return true;
    }

    /** Goes on with a slide, or passes over what is left of one that was taken back; says whether there is one. */
    private boolean slides(WheelInput turn, double timeMs) {
        tick(timeMs);
        if (!on()) {
            return false;
        }
        sliding.by(turn.slideX(), turn.slideY(), timeMs);
        if (sliding.on()) {
            followModifiers.run();
            motion.actions().drag(sliding.x(), sliding.y());
        }
        return true;
    }

    /** Ends the slide that runs, where it is. */
    void endSlide() {
        if (sliding.on() && motion.running()) {
            finish.run();
        }
        sliding.end();
    }

    /** Time has gone by, milliseconds: fingers that rest on a trackpad have ended their motion. */
    void tick(double timeMs) {
        if (on() && sliding.quiet(timeMs)) {
            endSlide();
            sliding.rested();
        }
    }

    /** Whether two fingers slide, or have slid a moment ago. */
    boolean on() {
        return sliding.on() || sliding.over();
    }
}
