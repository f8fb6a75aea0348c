package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

/** Orbit about a pivot with the horizon kept: yaw about the up axis, pitch about the level right axis. */
public final class Turntable {
    /** A hand that goes past a pole by less than this, radians, has not been stopped by it. */
    private static final double STOP_SLACK = Math.toRadians(2);

    private Turntable() {}

    /**
     * Turns rigidly about a point: its place on the screen, its distance and the view's roll do not change.
     *
     * @param start pose at the gesture's start
     * @param pivot point that stays
     * @param yaw radians about the up axis
     * @param pitch radians, positive raises the line of sight
     * @param stopAtPoles whether the line of sight stops straight up and straight down
     */
    public static Pose orbit(Pose start, Vec3 pivot, UpAxis up, double yaw, double pitch, boolean stopAtPoles) {
        return new Gesture(start, pivot, up, stopAtPoles).at(yaw, pitch);
    }

    /** An orbit under way: what stays the same from its first to its last event is worked out once. */
    public static final class Gesture {
        private final Pose start;
        private final Vec3 pivot;
        /** Brought to length 1 once a gesture: three unit factors need no more. */
        private final Quat orientation;

        private final Vec3 inCamera;
        private final Vec3 axis;
        /** The level right axis in the camera's frame: X turned back by the roll. */
        private final Vec3 right;

        private final double pitch;
        private final boolean stopAtPoles;
        /** -1 where the view hangs upside down, so that what is near still follows the hand. */
        private final int sense;

        /** Begins at a pose; the other arguments are those of {@link Turntable#orbit}. */
        public Gesture(Pose start, Vec3 pivot, UpAxis up, boolean stopAtPoles) {
            this.start = start;
            this.pivot = pivot;
            this.stopAtPoles = stopAtPoles;
            orientation = start.orientation().unit();
            inCamera = orientation.inverse().rotate(pivot.minus(start.eye()));
            axis = up.up();
            Heading h = Heading.of(start.orientation(), up);
            right = new Vec3(Math.cos(h.roll()), -Math.sin(h.roll()), 0);
            pitch = h.pitch();
            sense = Math.abs(h.roll()) > Math.PI / 2 ? -1 : 1;
        }

        /** The pose after the hand has asked for so much since the start: right is right, even upside down. */
        public Pose byHand(double yaw, double byPitch) {
            return at(yaw * sense, byPitch);
        }

        /** Whether a pole stops a turn by so much since the start, radians. */
        public boolean stopped(double byPitch) {
            return stopAtPoles && Math.abs(pitch + byPitch) > Math.PI / 2 + STOP_SLACK;
        }

        /** The pose after turning by so much since the start. */
        public Pose at(double yaw, double byPitch) {
            double turn = byPitch;
            if (stopAtPoles) {
                turn = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, pitch + byPitch)) - pitch;
            }
            if (yaw == 0 && turn == 0) {
                return start;
            }
            Quat q = Quat.about(axis, yaw).times(orientation).times(Quat.about(right, turn));
            return new Pose(pivot.minus(q.rotate(inCamera)), q, start.focus(), start.projection());
        }
    }
}
