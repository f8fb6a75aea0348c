package rhombus.core.scene;

import rhombus.core.geometry.Vec3;

/** Which way is up; with it come the directions called right and front. */
public enum UpAxis {
    /** Y up, front seen from +Z. */
    Y(Vec3.Y, Vec3.Z),
    /** Z up, front seen from -Y. */
    Z(Vec3.Z, Vec3.Y.negated());

    private final Vec3 up;
    private final Vec3 front;

    UpAxis(Vec3 up, Vec3 front) {
        this.up = up;
        this.front = front;
    }

    /** Unit vector upwards. */
    public Vec3 up() {
        return up;
    }

    /** Unit vector towards the side from which the front is seen. */
    public Vec3 front() {
        return front;
    }

    /** Unit vector to the right of somebody who sees the front: +X in both. */
    public Vec3 right() {
        return Vec3.X;
    }
}
