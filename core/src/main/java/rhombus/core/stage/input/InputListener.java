package rhombus.core.stage.input;

/** Somebody who hears of every event of a hand before anything comes of it. */
public interface InputListener {
    /**
     * An event.
     *
     * @param sort of event, as recordings name it
     * @param timeMs when
     * @param what numbers, texts and truths that belong to it, in the order in which the event tells them
     * @return whether it may go on
     */
    boolean hears(String sort, double timeMs, Object... what);
}
