package rhombus.web;

import rhombus.core.stage.Stage;
import rhombus.core.stage.input.DeviceInput;
import rhombus.core.stage.input.InputReceiver;

/** The door for events. */
final class InputDoor implements InputApi {
    private final InputReceiver input;
    private final DeviceInput devices;

    InputDoor(Stage stage) {
        input = stage.input();
        devices = stage.devices();
    }

    @Override
    public void pointer(double x, double y, int buttons, int modifiers, boolean pen, double time) {
        input.pointer(x, y, buttons, modifiers, pen, time);
    }

    @Override
    public void pointerLeft() {
        input.pointerLeft();
    }

    @Override
    public void locked(boolean on) {
        input.locked(on);
    }

    @Override
    public int lockWanted() {
        return input.lockWanted();
    }

    @Override
    public void touchDown(int id, double x, double y, double time) {
        input.touchDown(id, x, y, time);
    }

    @Override
    public void touchMove(int id, double x, double y, double time) {
        input.touchMove(id, x, y, time);
    }

    @Override
    public void touchUp(int id, double x, double y, boolean lost, double time) {
        input.touchUp(id, x, y, lost, time);
    }

    @Override
    public boolean wheel(double x, double y, double deltaX, double deltaY, int deltaMode, int modifiers, double time) {
        return input.wheel(x, y, deltaX, deltaY, deltaMode, modifiers, time);
    }

    @Override
    public boolean keyDown(String code, int modifiers, boolean repeat, double time) {
        return input.keyDown(code, modifiers, repeat, time);
    }

    @Override
    public boolean keyUp(String code, int modifiers, double time) {
        return input.keyUp(code, modifiers, time);
    }

    @Override
    public void typing(boolean on) {
        input.typing(on);
    }

    @Override
    public void blur() {
        input.blur();
        devices.blur();
    }
}
