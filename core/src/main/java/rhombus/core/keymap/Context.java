package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

/** Where a binding holds, most specific first. */
public enum Context {
    /** While a gesture runs. */
    GESTURE("gesture", say("context.gesture")),
    /** Over a drag lozenge, of the Pad or at a corner of the Rose. */
    GRIP("grip", say("context.grip")),
    /** While the Pad is open. */
    PAD("pad", say("context.pad")),
    /** Over the edge of the Rose. */
    RIM("rim", say("context.rim")),
    /** Over the Rose. */
    ROSE("rose", say("context.rose")),
    /** While walking or flying. */
    WALK("walk", say("context.walk")),
    /** Over a handle of the tool in use. */
    HANDLE("handle", say("context.handle")),
    /** While a tool is on. */
    TOOL("tool", say("context.tool")),
    /** In a flat view along an axis. */
    AXIS("axis", say("context.axis")),
    /** In a flat view in any other direction. */
    FREE_FLAT("free-flat", say("context.free-flat")),
    /** In a perspective view. */
    PERSPECTIVE("perspective", say("context.perspective")),
    /** Looking through a camera. */
    CAMERA("camera", say("context.camera")),
    /** In any viewport. */
    STAGE("stage", say("context.stage")),
    /** Everywhere. */
    APPLICATION("application", say("context.application"));

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
        throw new IllegalArgumentException(say("context.is-no-context", id));
    }
}
