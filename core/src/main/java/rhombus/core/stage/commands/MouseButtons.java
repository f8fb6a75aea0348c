package rhombus.core.stage.commands;

/** Numbers of mouse buttons, as in the W3C MouseEvent. */
final class MouseButtons {
    static final int LEFT = 0;
    static final int MIDDLE = 1;
    static final int RIGHT = 2;

    private MouseButtons() {}
}
