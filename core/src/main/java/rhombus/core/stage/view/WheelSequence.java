package rhombus.core.stage.view;

/** Steps of a wheel that follow each other in a viewport. */
public interface WheelSequence {
    /** Time has gone by, milliseconds. */
    void tick(double nowMs);

    /** Whether steps may still follow. */
    boolean running();

    /** No step follows any more. */
    void end();
}
