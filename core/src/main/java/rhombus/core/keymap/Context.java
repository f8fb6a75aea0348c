package rhombus.core.keymap;

/** Where a binding holds, most specific first. */
public enum Context {
    /** While a gesture runs. */
    GESTURE("gesture", "while a drag runs"),
    /** Over a drag lozenge, of the Pad or at a corner of the Rose. */
    GRIP("grip", "on a drag lozenge"),
    /** While the Pad is open. */
    PAD("pad", "while the Pad is open"),
    /** Over the edge of the Rose. */
    RIM("rim", "on the Rose's rim"),
    /** Over the Rose. */
    ROSE("rose", "on the Rose"),
    /** While walking or flying. */
    WALK("walk", "while walking"),
    /** Over a handle of the tool in use. */
    HANDLE("handle", "on a tool's handle"),
    /** While a tool is on. */
    TOOL("tool", "with a tool"),
    /** In a flat view along an axis. */
    AXIS("axis", "in an axis view"),
    /** In a flat view in any other direction. */
    FREE_FLAT("free-flat", "in a free flat view"),
    /** In a perspective view. */
    PERSPECTIVE("perspective", "in a perspective view"),
    /** Looking through a camera. */
    CAMERA("camera", "through a camera"),
    /** In any viewport. */
    STAGE("stage", "in any viewport"),
    /** Everywhere. */
    APPLICATION("application", "everywhere");

    private final String id;
    private final String words;

    Context(String id, String words) {
        this.id = id;
        this.words = words;
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
    public static Context named(String id) {
        for (Context c : values()) {
            if (c.id.equals(id)) {
                return c;
            }
        }
        throw new IllegalArgumentException("\"" + id + "\" is no context");
    }
}
