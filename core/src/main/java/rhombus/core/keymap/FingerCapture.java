package rhombus.core.keymap;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;

/** What fingers on the glass do, told as a trigger once it is clear: a tap, a rest, a drag, a pinch or a twist. */
public final class FingerCapture {
    /** Spreading by this factor is a pinch, whichever way. */
    private static final double SPREAD = 1.15;
    /** Turning by this angle is a twist, radians. */
    private static final double TURNED = 0.2;

    private record Finger(double x, double y, double fromX, double fromY) {}

    private final Consumer<Trigger> decided;
    private final Map<Integer, Finger> down = new LinkedHashMap<>();
    private int most;
    private double since;
    private double tapped = Double.NaN;
    /** Since when time has been seen to go by: a page that is stuck makes no finger rest and no tap single. */
    private double from = Double.NaN;

    private double wentX;
    private double wentY;
    private double spread;

    FingerCapture(Consumer<Trigger> decided) {
        this.decided = decided;
    }

    /** How far their middle has gone to the right, pixels. */
    double wentX() {
        return wentX;
    }

    /** How far their middle has gone down, pixels. */
    double wentY() {
        return wentY;
    }

    /** By which factor two of them have spread, less one. */
    double spread() {
        return spread;
    }

    /** Whether none is on the glass. */
    boolean none() {
        return down.isEmpty();
    }

    /** A finger came down. */
    public void down(int id, double x, double y, double timeMs) {
        if (down.isEmpty()) {
            most = 0;
            since = timeMs;
            from = Double.NaN;
        }
        down.put(id, new Finger(x, y, x, y));
        most = Math.max(most, down.size());
    }

    /** A finger moved. */
    public void move(int id, double x, double y) {
        Finger f = down.get(id);
        if (f == null) {
            return;
        }
        down.put(id, new Finger(x, y, f.fromX, f.fromY));
        double dx = 0;
        double dy = 0;
        for (Finger g : down.values()) {
            dx += (g.x - g.fromX) / down.size();
            dy += (g.y - g.fromY) / down.size();
        }
        wentX = dx;
        wentY = dy;
        if (down.size() == 2 && !turnedOrSpread() && Math.hypot(dx, dy) < 2 * FingerTracker.SLOP_PX) {
            // Two fingers never spread at once: a drag is only one when both have gone.
            return;
        }
        if (Math.hypot(dx, dy) >= FingerTracker.SLOP_PX && down.size() <= Trigger.MOST_FINGERS) {
            decided.accept(Trigger.touch(down.size()));
        }
    }

    private boolean turnedOrSpread() {
        Finger[] f = down.values().toArray(new Finger[0]);
        double was = Math.hypot(f[1].fromX - f[0].fromX, f[1].fromY - f[0].fromY);
        double is = Math.hypot(f[1].x - f[0].x, f[1].y - f[0].y);
        spread = is / Math.max(1, was) - 1;
        double turned = Math.IEEEremainder(
                Math.atan2(f[1].y - f[0].y, f[1].x - f[0].x)
                        - Math.atan2(f[1].fromY - f[0].fromY, f[1].fromX - f[0].fromX),
                2 * Math.PI);
        if (is > was * SPREAD || is * SPREAD < was) {
            decided.accept(Trigger.pinch());
            return true;
        }
        if (Math.abs(turned) > TURNED) {
            decided.accept(Trigger.twist());
            return true;
        }
        return false;
    }

    /** A finger left the glass. */
    public void up(int id, double timeMs) {
        if (down.remove(id) == null || !down.isEmpty() || timeMs - since > FingerTracker.LONGEST_TAP_MS) {
            return;
        }
        if (most > 1) {
            decided.accept(most > Trigger.MOST_FINGERS ? null : Trigger.tap(most));
        } else if (timeMs - tapped <= InputThresholds.DOUBLE_MS) {
            decided.accept(Trigger.doubleClick(0));
        }
        tapped = timeMs;
        from = Double.NaN;
    }

    void tick(double timeMs) {
        from = Double.isNaN(from) ? timeMs : from;
        if (down.isEmpty()
                && timeMs - from > InputThresholds.DOUBLE_MS
                && timeMs - tapped > InputThresholds.DOUBLE_MS) {
            decided.accept(Trigger.click(0));
        } else if (down.size() == 1 && most == 1 && timeMs - from > FingerTracker.LONGEST_TAP_MS) {
            decided.accept(Trigger.press());
        }
    }
}
