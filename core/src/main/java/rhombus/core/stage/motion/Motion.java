package rhombus.core.stage.motion;

/** A motion that follows the pointer; it computes from the whole drag since its start. */
public interface Motion {
    /** The pointer is at a point of the viewport now, pixels from its top left. */
    void drag(double lx, double ly);

    /** Time has gone by; only motions that go on while the hand rests care. */
    default void tick(double nowMs) {}

    /** It is over, or another one takes its place. */
    default void ended() {}

    /** Whether it goes on while the hand rests. */
    default boolean running() {
        return false;
    }
}
