package rhombus.core.light;

import rhombus.core.display.Srgb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Light;

/**
 * A light where it stands.
 *
 * @param kind how it spreads
 * @param color linear red, green and blue times its intensity: lux for a directional light, candela for the others
 * @param place in the world, metres; of no meaning for a directional light
 * @param toward direction in which it shines, of length 1
 * @param range metres at which it ends, 0 for no end
 * @param inner cosine of the angle from its axis up to which a spot is fully bright
 * @param outer cosine of the angle from its axis from which on a spot gives no light
 * @param fixed whether it is fixed to the view: then its direction is told in the view's own frame
 */
record PlacedLight(
        Kind kind, Vec3 color, Vec3 place, Vec3 toward, double range, double inner, double outer, boolean fixed) {
    /** How a light spreads. */
    enum Kind {
        /** From one direction everywhere. */
        DIRECTIONAL,
        /** From a point to all sides. */
        POINT,
        /** From a point into a cone. */
        SPOT
    }

    /** A light as a node places it: it shines along the node's own axis −Z (KHR_lights_punctual). */
    static PlacedLight of(Light l, double[] world) {
        Kind kind = l.spot() ? Kind.SPOT : l.type().equals("point") ? Kind.POINT : Kind.DIRECTIONAL;
        Vec3 toward = Mat4.direction(world, new Vec3(0, 0, -1));
        return new PlacedLight(
                kind,
                l.color().times(l.intensity()),
                Mat4.origin(world),
                toward.length() > 0 ? toward.unit() : new Vec3(0, 0, -1),
                l.range(),
                Math.cos(l.inner()),
                Math.cos(l.outer()),
                false);
    }

    /** One that is fixed to the view and shines from a direction in its frame. */
    static PlacedLight from(Vec3 direction, Vec3 color) {
        return new PlacedLight(
                Kind.DIRECTIONAL, color, Vec3.ZERO, direction.unit().times(-1), 0, 1, 0, true);
    }

    /** How bright it is, whatever its colour: its luminance. */
    double strength() {
        return Srgb.luminance(color.x(), color.y(), color.z());
    }

    /**
     * Lux on a surface at a point that faces it: by the square of the distance, cut off smoothly at the range, and within the cone
     * as KHR_lights_punctual recommends.
     */
    double illuminance(Vec3 at) {
        if (kind == Kind.DIRECTIONAL) {
            return strength();
        }
        Vec3 ray = at.minus(place);
        double d2 = Math.max(1e-8, ray.dot(ray));
        double lux = strength() / d2;
        if (range > 0) {
            double part = d2 / (range * range);
            lux *= Math.max(0, Math.min(1, 1 - part * part));
        }
        if (kind == Kind.SPOT) {
            double cos = toward.dot(ray) / Math.sqrt(d2);
            double t = Math.max(0, Math.min(1, (cos - outer) * angleScale()));
            lux *= t * t;
        }
        return lux;
    }

    /** By what the cosine beyond the outer angle is multiplied to be 1 at the inner one. */
    double angleScale() {
        return 1 / Math.max(0.001, inner - outer);
    }
}
