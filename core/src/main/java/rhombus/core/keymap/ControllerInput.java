package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What gamepads and 3D mice do, by the keymap of a resolver. Their buttons answer like keys. Their axes move a view together,
 * as one motion from the first that leaves its middle to the last that is back in it.
 */
public final class ControllerInput {
    private final InputResolver resolver;
    private final Map<Trigger, Lasting> lasting = new LinkedHashMap<>();
    private Set<Trigger> down = Set.of();
    /** What the axes began, or null. */
    private Binding steering;
    /** Whether any axis is out of its middle. */
    private boolean out;
    /** After a cancel nothing moves until all axes are back in their middle. */
    private boolean dead;

    private record Lasting(Binding binding, double since) {}

    /** By the keymap of a resolver, with its hand. */
    public ControllerInput(InputResolver resolver) {
        this.resolver = resolver;
    }

    /** These buttons are down now, of all devices together. */
    public void buttons(Set<Trigger> now, double timeMs) {
        Set<Trigger> before = down;
        down = new LinkedHashSet<>(now);
        for (Trigger t : before) {
            Lasting over = down.contains(t) ? null : lasting.remove(t);
            if (over != null) {
                boolean tap = timeMs - over.since <= InputThresholds.TAP_MS;
                resolver.actions().held(over.binding, false, tap, resolver.x(), resolver.y());
            }
        }
        for (Trigger t : down) {
            if (!before.contains(t)) {
                press(t, timeMs);
            }
        }
    }

    private void press(Trigger t, double timeMs) {
        Binding b = null;
        if (resolver.moving()) {
            b = find(t, resolver.actions().whileMoving());
        }
        if (b == null && (!resolver.moving() || mine())) {
            b = find(t, here());
            if (b != null) {
                // A button with a stick that is not quite in its middle: what it did until now is one motion.
                letGo();
            }
        }
        if (b == null) {
            return;
        }
        if (b.command().sort() == Command.Sort.HELD) {
            lasting.put(t, new Lasting(b, timeMs));
            resolver.actions().held(b, true, false, resolver.x(), resolver.y());
        } else {
            resolver.actions().run(b, resolver.x(), resolver.y());
        }
    }

    private Binding find(Trigger t, List<BindingContext> contexts) {
        return resolver.keymap().find(t, resolver.modifiers(), contexts);
    }

    private List<BindingContext> here() {
        return resolver.actions().contextsAt(resolver.x(), resolver.y());
    }

    /** Whether the motion that runs is that of the axes. */
    private boolean mine() {
        return steering != null && resolver.active() == steering;
    }

    private void letGo() {
        if (mine()) {
            resolver.endTouch();
        }
        steering = null;
    }

    /** These axes are out of their middle, each by its part of -1 to 1, of all devices together. */
    public void axes(Map<Trigger, Double> now) {
        if (steering != null && !mine()) {
            // Taken back, or a drag has taken over.
            steering = null;
            dead = true;
        }
        out = !now.isEmpty();
        if (!out) {
            dead = false;
            letGo();
            return;
        }
        if (dead || resolver.moving() && !mine()) {
            return;
        }
        List<BindingContext> contexts = here();
        List<ResolverActions.Steer> some = new ArrayList<>();
        now.forEach((t, amount) -> {
            BindingMatch f = BindingMatch.in(resolver.keymap(), t, resolver.modifiers(), contexts);
            if (f != null) {
                if (steering == null) {
                    steering = f.binding();
                    resolver.beginTouch(t, f, resolver.x(), resolver.y());
                }
                some.add(new ResolverActions.Steer(f.binding(), amount, f.fine()));
            }
        });
        if (some.isEmpty()) {
            letGo();
        } else {
            resolver.actions().steer(some);
        }
    }

    /** The motion of the axes has been ended: those that are still out of their middle begin another one. */
    public void settled() {
        steering = null;
    }

    /** Whatever was held counts as let go. */
    public void blur() {
        for (Lasting l : lasting.values()) {
            resolver.actions().held(l.binding, false, false, resolver.x(), resolver.y());
        }
        lasting.clear();
        letGo();
        dead = out;
    }
}
