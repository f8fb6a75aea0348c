package rhombus.core.scene;

/**
 * Objects that are switched on and off together.
 *
 * @param id stays the same as long as the layer exists
 * @param name as the user calls it
 * @param visible whether its objects are drawn
 * @param locked whether picking passes over its objects
 */
public record Layer(String id, String name, boolean visible, boolean locked) {
    /** The same layer, drawn or not. */
    public Layer withVisible(boolean on) {
        return new Layer(id, name, on, locked);
    }

    /** The same layer, locked or not. */
    public Layer withLocked(boolean on) {
        return new Layer(id, name, visible, on);
    }

    /** The same layer under another name. */
    public Layer withName(String other) {
        return new Layer(id, other, visible, locked);
    }
}
