package rhombus.core.scene;

import rhombus.core.geometry.Vec3;

/**
 * A light as in the glTF extension KHR_lights_punctual.
 *
 * @param type {@code directional}, {@code point} or {@code spot}
 * @param color linear red, green, blue, 0 to 1
 * @param intensity lux for a directional light, candela for the others
 * @param range metres at which it ends, 0 for no end
 * @param inner angle from its axis up to which a spot is fully bright, radians
 * @param outer angle from its axis from which on a spot gives no light, radians
 */
public record Light(String type, Vec3 color, double intensity, double range, double inner, double outer) {
    /** The outer angle of a spot that gives none (KHR_lights_punctual). */
    public static final double USUAL_OUTER = Math.PI / 4;

    /** A light that is no spot, or one with the usual cone. */
    public Light(String type, Vec3 color, double intensity, double range) {
        this(type, color, intensity, range, 0, USUAL_OUTER);
    }

    /** Whether its light ends at a cone. */
    public boolean spot() {
        return type.equals("spot");
    }
}
