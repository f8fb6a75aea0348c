package rhombus.core.stage.motion;

import java.util.Map;
import rhombus.core.stage.view.Viewport;

/**
 * Where and how a motion takes hold.
 *
 * @param gesture it belongs to
 * @param view it moves
 * @param x point of the viewport, pixels from its left
 * @param y pixels from its top
 * @param rate part of the hand's way that counts: less with the fine modifier
 * @param snap whether the snap modifier is down
 * @param args arguments of the command
 */
public record GrabPoint(
        Gesture gesture, Viewport view, double x, double y, double rate, boolean snap, Map<String, Object> args) {
    /** What the fine modifier multiplies motions by. */
    public static final double FINE = 0.1;
}
