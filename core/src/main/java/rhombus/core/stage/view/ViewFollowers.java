package rhombus.core.stage.view;

/** Viewports that go along when another one moves. */
public interface ViewFollowers {
    /** A viewport has moved. */
    void moved(Viewport lead);

    /** A gesture in a viewport is over. */
    void remember(Viewport lead);
}
