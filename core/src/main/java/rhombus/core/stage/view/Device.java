package rhombus.core.stage.view;

/** What a hand points with. */
public enum Device {
    /** A mouse or a trackpad. */
    MOUSE,
    /** A pen. */
    PEN,
    /** Fingers on the glass. */
    FINGERS
}
