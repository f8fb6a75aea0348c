package rhombus.web;

import org.teavm.jso.JSObject;

/** Where events go in; see {@link rhombus.core.stage.input.InputReceiver}. */
public interface InputApi extends JSObject {
    void pointer(double x, double y, int buttons, int modifiers, boolean pen, double time);

    void pointerLeft();

    void locked(boolean on);

    /** Whether the pointer should be held: 0 no, 1 when it comes to the edge of what it can reach, 2 at once. */
    int lockWanted();

    void touchDown(int id, double x, double y, double time);

    void touchMove(int id, double x, double y, double time);

    void touchUp(int id, double x, double y, boolean lost, double time);

    boolean wheel(double x, double y, double deltaX, double deltaY, int deltaMode, int modifiers, double time);

    boolean keyDown(String code, int modifiers, boolean repeat, double time);

    boolean keyUp(String code, int modifiers, double time);

    /** Whether a text field of the page has the keyboard. */
    void typing(boolean on);

    void blur();
}
