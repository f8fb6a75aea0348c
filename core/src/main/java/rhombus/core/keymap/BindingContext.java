package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

/** Where a binding holds, most specific first. */
public enum BindingContext {
    /** While a gesture runs. */
    GESTURE("gesture"),
    /** Over a drag lozenge, of the Pad or at a corner of the Rose. */
    GRIP("grip"),
    /** While the Pad is open. */
    PAD("pad"),
    /** Over the edge of the Rose. */
    RIM("rim"),
    /** Over the Rose. */
    ROSE("rose"),
    /** While walking or flying. */
    WALK("walk"),
    /** Over a handle of the tool in use. */
    HANDLE("handle"),
    /** While a tool is on. */
    TOOL("tool"),
    /** In a flat view along an axis. */
    AXIS("axis"),
    /** In a flat view in any other direction. */
    FREE_FLAT("free-flat"),
    /** In a perspective view. */
    PERSPECTIVE("perspective"),
    /** Looking through a camera. */
    CAMERA("camera"),
    /** In any viewport. */
    STAGE("stage"),
    /** Everywhere. */
    APPLICATION("application");

    private final String id;
    private final String words;

    BindingContext(String id) {
        this.id = id;
        this.words = say("context." + id);
    }

    /** Name in files. */
    public String id() {
        return id;
    }

    /** Name on the screen. */
    public String words() {
        return words;
    }

    /**
     * The context with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static BindingContext named(String id) {
        for (BindingContext c : values()) {
            if (c.id.equals(id)) {
                return c;
            }
        }
        throw new IllegalArgumentException(say("context.is-no-context", id));
    }
}
