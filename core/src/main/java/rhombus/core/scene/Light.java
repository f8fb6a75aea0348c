package rhombus.core.scene;

import rhombus.core.geometry.Vec3;

/**
 * A light as in the glTF extension KHR_lights_punctual.
 *
 * @param type {@code directional}, {@code point} or {@code spot}
 * @param color linear red, green, blue, 0 to 1
 * @param intensity lux for a directional light, candela for the others
 * @param range metres at which it ends, 0 for no end
 */
public record Light(String type, Vec3 color, double intensity, double range) {}
