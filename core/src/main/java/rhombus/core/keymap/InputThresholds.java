package rhombus.core.keymap;

/** From where on a press is a drag, two clicks are a double click, and a key is held. */
public final class InputThresholds {
    /** A press becomes a drag after this many pixels. */
    public static final double DRAG_PX = 4;
    /** Two clicks within this many milliseconds are a double click. */
    public static final double DOUBLE_MS = 300;
    /** A key held longer than this is no tap. */
    public static final double TAP_MS = 200;

    private InputThresholds() {}
}
