package rhombus.core.stage.show.views;

import rhombus.core.geometry.Vec3;

/**
 * What a click would take.
 *
 * @param object its id
 * @param name what it is called
 * @param point where it would be taken, metres
 * @param distance from the eye, metres
 */
public record PickResult(String object, String name, Vec3 point, double distance) {}
