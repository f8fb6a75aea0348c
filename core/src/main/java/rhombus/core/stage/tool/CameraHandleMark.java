package rhombus.core.stage.tool;

import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * A part of a camera that can be dragged, as a viewport shows it.
 *
 * @param id names the handle
 * @param what part of the camera
 * @param object id of the camera
 * @param x of its middle
 * @param y of its middle
 * @param lit whether the pointer is on it
 * @param words what it is
 * @param value its number, while the pointer is on it or drags it
 */
public record CameraHandleMark(
        String id,
        @OneOf({"place", "aim", "lens", "focus", "roll", "near", "far"}) String what,
        String object,
        double x,
        double y,
        boolean lit,
        String words,
        @Maybe String value) {}
