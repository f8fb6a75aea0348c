package rhombus.core.view;

/** How depth becomes size: lines converge, or they do not. */
public sealed interface Projection {
    /**
     * Lines converge.
     *
     * @param fovY vertical field of view, radians, between 0 and pi
     */
    record Perspective(double fovY) implements Projection {}

    /**
     * Parallel edges of equal length stay equal.
     *
     * @param extent height of the view in metres
     */
    record Orthographic(double extent) implements Projection {}

    /** Whether the view is flat. */
    default boolean flat() {
        return this instanceof Orthographic;
    }

    /** Height in metres of what the view shows at a depth; the same at every depth in a flat view. */
    default double heightAt(double depth) {
        if (this instanceof Perspective p) {
            return 2 * depth * Math.tan(p.fovY / 2);
        }
        return ((Orthographic) this).extent;
    }
}
