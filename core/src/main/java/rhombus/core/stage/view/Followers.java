package rhombus.core.stage.view;

/** Viewports that go along when another one moves. */
public interface Followers {
    /** A viewport has moved. */
    void moved(ViewState lead);

    /** A gesture in a viewport is over. */
    void remember(ViewState lead);
}
