package rhombus.core.stage.view;

/** Whether somebody walks, as far as viewports must know. */
public interface WalkStatus {
    /** The viewport one walks in, or null. */
    Viewport view();

    /** Whether one flies instead of walking. */
    boolean flying();

    /** Ends the walk where something else is about to happen to its viewport. */
    void leaveIn(Viewport v);
}
