package rhombus.core.stage.area;

/** Numbers of mouse buttons, as in the W3C MouseEvent. */
final class Buttons {
    static final int LEFT = 0;
    static final int MIDDLE = 1;
    static final int RIGHT = 2;

    private Buttons() {}
}
