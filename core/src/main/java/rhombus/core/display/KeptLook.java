package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.plain.Plain;

/**
 * A look as it is kept with a viewport: a usual one by its id, any other with all its parts, so that it is drawn the same where nobody
 * knows its name.
 */
public final class KeptLook {
    private static final int LONGEST = OwnLooks.LONGEST + OwnLooks.MARK_ROOM;

    private KeptLook() {}

    /** What is kept, under a name for its id and one for its parts. */
    public static void put(Map<String, Object> into, String id, String parts, Look l) {
        into.put(id, l.id());
        if (UsualLooks.named(l.id()) == null) {
            Map<String, Object> m = Plain.map("label", l.label());
            m.putAll(OwnLooks.parts(l));
            into.put(parts, m);
        }
    }

    /** The look that was kept, or null where there is none that can be used. */
    public static Look of(Map<String, Object> m, String id, String parts) {
        String name = Plain.text(m.get(id), "");
        Look usual = UsualLooks.named(name);
        if (usual != null || m.get(parts) == null) {
            return usual;
        }
        Map<String, Object> kept = Plain.map(m.get(parts));
        String label = Plain.text(kept.get("label"), "").strip();
        try {
            boolean own = name.equals(OwnLooks.PREFIX + label);
            return OwnLooks.look(kept)
                    .named(
                            own ? name : OwnLooks.CHANGED,
                            label.isEmpty() || label.length() > LONGEST ? say("kept-look.changed") : label);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
