package rhombus.core.stage.input;

import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.stage.view.Viewport;

/** Whoever wants to know which triggers a person uses and what becomes of the gestures they begin. */
public interface GestureObserver {
    /** A trigger has run something on a viewport. */
    void used(Binding b, Viewport v);

    /** A step of a trigger came, such as one of a wheel: steps that follow each other closely are one use. */
    void stepped(Binding b, Viewport v);

    /** The part of the screen under the pointer decides which command the gesture runs: this one. */
    void means(Command c);

    /** Another axis of a device has joined the gesture and moves the view by this command. */
    void steers(Command c);

    /** The gesture was cancelled. */
    void cancelled(Command c);

    /** The gesture has ended. */
    void released();
}
