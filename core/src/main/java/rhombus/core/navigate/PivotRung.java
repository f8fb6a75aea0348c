package rhombus.core.navigate;

import static rhombus.core.words.Messages.say;

/** Where the point that orbit turns about may come from. */
public enum PivotRung {
    /** A point the user pinned. */
    PINNED(say("rung.pinned-point")),
    /** What lies under the pointer. */
    SURFACE(say("rung.surface-under-the-pointer")),
    /** Middle of the selected vertices, edges and faces. */
    COMPONENTS(say("rung.selected-components")),
    /** Middle of the selected objects. */
    SELECTION(say("rung.selected-objects")),
    /** The pivot of the gesture before. */
    LAST(say("rung.last-pivot")),
    /** The view's focus. */
    FOCUS(say("rung.view-focus")),
    /** Middle of the scene. */
    SCENE(say("rung.scene-centre")),
    /** The world's origin. */
    ORIGIN(say("rung.world-origin"));

    private final String words;

    PivotRung(String words) {
        this.words = words;
    }

    /** Its name on the screen. */
    public String words() {
        return words;
    }

    /** Its name in files. */
    public String id() {
        return name().toLowerCase();
    }

    /** The rung with this id, or null. */
    public static PivotRung named(String id) {
        for (PivotRung r : values()) {
            if (r.id().equals(id)) {
                return r;
            }
        }
        return null;
    }
}
