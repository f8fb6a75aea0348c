package rhombus.core.stage;

/** A motion that follows the pointer; it computes from the whole drag since its start. */
interface Motion {
    /** The pointer is at a point of the viewport now, pixels from its top left. */
    void drag(double lx, double ly);
}
