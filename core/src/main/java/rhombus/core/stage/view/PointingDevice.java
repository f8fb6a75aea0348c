package rhombus.core.stage.view;

/** What a hand points with. */
public enum PointingDevice {
    /** A mouse or a trackpad. */
    MOUSE,
    /** A pen. */
    PEN,
    /** Fingers on the glass. */
    FINGERS,
    /** A gamepad, beside whatever else. */
    GAMEPAD,
    /** A 3D mouse in one hand and a mouse in the other. */
    MOUSE3D
}
