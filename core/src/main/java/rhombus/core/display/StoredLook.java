package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * A look as it is kept with a viewport: a usual one by its id, any other with all its parts, so that it is drawn the same where nobody
 * knows its name.
 */
public final class StoredLook {
    private static final int LONGEST = CustomLooks.LONGEST + CustomLooks.MARK_ROOM;

    private StoredLook() {}

    /** What is kept, under a name for its id and one for its parts. */
    public static void put(Map<String, Object> into, String id, String parts, Look l) {
        into.put(id, l.id());
        if (StandardLooks.named(l.id()) == null) {
            Map<String, Object> m = PlainData.map("label", l.label());
            m.putAll(CustomLooks.parts(l));
            into.put(parts, m);
        }
    }

    /** The look that was kept, or null where there is none that can be used. */
    public static Look of(Map<String, Object> m, String id, String parts) {
        String name = PlainData.text(m.get(id), "");
        Look usual = StandardLooks.named(name);
        if (usual != null || m.get(parts) == null) {
            return usual;
        }
        Map<String, Object> kept = PlainData.map(m.get(parts));
        String label = PlainData.text(kept.get("label"), "").strip();
        try {
            boolean own = name.equals(CustomLooks.PREFIX + label);
            return CustomLooks.look(kept)
                    .named(
                            own ? name : CustomLooks.CHANGED,
                            label.isEmpty() || label.length() > LONGEST ? say("kept-look.changed") : label);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
