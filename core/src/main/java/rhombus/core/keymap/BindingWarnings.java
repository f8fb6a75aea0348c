package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What the user should know of a trigger, although it can be given. */
public final class BindingWarnings {
    private BindingWarnings() {}

    /** What is to be known of a binding where it is, in sentences: hidden, never reached, or kept by browser or system. */
    public static List<String> of(Keymap map, Binding b, Platform platform, Map<String, String> layout) {
        List<String> out = new ArrayList<>();
        if (b.trigger() == null) {
            return out;
        }
        if (!TriggerOverlap.reached(map, b)) {
            out.add(say("analysis.never-reached-something-else-answers"));
        } else {
            for (Binding o : TriggerOverlap.before(map, b)) {
                out.add(say("analysis.hidden-there-it-does", o.context().words(), o.words()));
            }
        }
        String taken = platform.taken(b.trigger(), b.modifiers(), layout);
        if (taken != null) {
            out.add(say("analysis.it-may-never-arrive", taken));
        }
        return out;
    }
}
