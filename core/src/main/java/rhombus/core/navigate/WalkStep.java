package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;

/** Going about a scene at a speed. It integrates time, not frames: the same input gives the same way however often it is asked. */
public final class WalkStep {
    /** Adaptive speed grows in the open to this many times the set speed. */
    public static final double FASTEST = 4;

    private WalkStep() {}

    /**
     * The direction of going.
     *
     * @param fly whether forward is the line of sight; else it stays level and up is the world's up
     * @param right how much to the right, -1 to 1
     * @param raise how much upwards, -1 to 1
     * @param ahead how much forward, -1 to 1
     * @return a vector no longer than 1: its length is the part of the speed
     */
    public static Vec3 direction(Quat q, UpAxis up, boolean fly, double right, double raise, double ahead) {
        Vec3 f;
        Vec3 r;
        Vec3 u;
        if (fly) {
            f = q.forward();
            r = q.right();
            u = q.up();
        } else {
            Quat level = new Heading(Heading.of(q, up).yaw(), 0, 0).orientation(up);
            f = level.forward();
            r = level.right();
            u = up.up();
        }
        Vec3 d = r.times(right).plus(u, raise).plus(f, ahead);
        double l = d.length();
        return l > 1 ? d.times(1 / l) : d;
    }

    /**
     * How far one gets in some time at adaptive speed. The speed is in proportion to the gap that is left, {@code speed · gap /
     * reach}, and at most {@link #FASTEST} times the set speed; solving this for the gap gives an exponential that nears the
     * surface and never meets it, whatever the steps.
     *
     * @param speed set by the user, metres a second: what one has at a gap of {@code reach}
     * @param gap to the nearest surface ahead less the room to keep, metres; infinite in the open
     * @param reach distance at which the speed is the set one, metres, positive
     * @param seconds that go by
     * @return metres, less than the gap
     */
    public static double advance(double speed, double gap, double reach, double seconds) {
        if (gap <= 0) {
            return 0;
        }
        double open = gap - FASTEST * reach;
        double fastest = FASTEST * speed;
        double inTheOpen = open > 0 ? Math.min(seconds, open / fastest) : 0;
        double gone = inTheOpen * fastest;
        if (inTheOpen >= seconds) {
            return gone;
        }
        double left = gap - gone;
        return gone + left * -Math.expm1(-(seconds - inTheOpen) * speed / reach);
    }
}
