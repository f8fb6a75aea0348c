package rhombus.core.keymap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.navigate.Dolly;

/**
 * Fingers on the glass, one to three: a tap is a click, a drag is what is bound to that many fingers, and two fingers that
 * pan may dolly by spreading and roll by turning as well. When a finger comes or goes, the motion goes on from where it is;
 * after one has gone, only once the others have moved on a little, since fingers never leave the glass together.
 */
public final class FingerTracker {
    /** A touch becomes a drag after this many pixels: a finger is less steady than a mouse. */
    public static final double SLOP_PX = 8;

    /** A twist that does not roll along with a pan counts as one step each time it has turned by this, radians. */
    private static final double NOTCH_OF_TWIST = Math.toRadians(15);

    private static final int MOST = 3;
    /** A finger that stays longer does not tap: it rests. */
    static final double LONGEST_TAP_MS = 500;

    private record Finger(double x, double y, double fromX, double fromY) {
        boolean moved() {
            return Math.hypot(x - fromX, y - fromY) >= SLOP_PX;
        }
    }

    private final InputResolver resolver;
    private final Map<Integer, Finger> down = new LinkedHashMap<>();
    private List<BindingContext> contexts = List.of();
    private double downX;
    private double downY;
    private double downAt;
    /** Since when time has been seen to go by for the first finger: a page that is stuck does not make it rest. */
    private double restsFrom;

    private boolean clean;
    /** The largest number of fingers since the first came down, and whether none of them has moved. */
    private int most;

    private boolean still;
    /** Resting has done something: what these fingers still do is nothing. */
    private boolean spent;
    /** Number of fingers whose motion runs; 0 while none does. */
    private int running;
    /** Whether two fingers pan, dolly and roll as one. */
    private boolean together;

    private BindingMatch spreading;
    private BindingMatch turning;
    private double firstSpread;
    private double firstAngle;
    private double lastSpread;
    private double lastAngle;
    private double middleX;
    private double middleY;

    /** Fingers that speak through a resolver. */
    public FingerTracker(InputResolver resolver) {
        this.resolver = resolver;
    }

    /** Number of fingers on the glass. */
    public int count() {
        return down.size();
    }

    /** Whether a finger takes part. */
    public boolean has(int id) {
        return down.containsKey(id);
    }

    /** A finger came down; a fourth one and more are passed over. */
    public void down(int id, double x, double y, double timeMs) {
        if (down.size() >= MOST) {
            return;
        }
        down.put(id, new Finger(x, y, x, y));
        if (down.size() == 1) {
            contexts = resolver.actions().contextsAt(x, y);
            clean = true;
            still = true;
            spent = false;
            most = 1;
            downAt = timeMs;
            restsFrom = Double.NaN;
            settle();
            return;
        }
        most = Math.max(most, down.size());
        clean = false;
        settle();
        if (!spent) {
            start();
        }
    }

    /** A finger moved. */
    public void move(int id, double x, double y) {
        if (down.containsKey(id)) {
            Finger was = down.get(id);
            Finger is = new Finger(x, y, was.fromX, was.fromY);
            down.put(id, is);
            measure();
            if (spent) {
                return;
            }
            still &= !is.moved();
            if (running == 0 && Math.hypot(middleX - downX, middleY - downY) >= SLOP_PX) {
                clean = false;
                start();
            }
            follow();
        }
    }

    /** A finger left the glass. */
    public void up(int id, double x, double y, double timeMs) {
        if (down.remove(id) == null) {
            return;
        }
        if (!down.isEmpty()) {
            running = 0;
            settle();
            return;
        }
        if (running > 0) {
            resolver.endTouch();
        }
        running = 0;
        if (spent || timeMs - downAt > LONGEST_TAP_MS) {
            return;
        }
        if (clean) {
            resolver.tap(x, y, timeMs);
        } else if (still && most > 1) {
            resolver.tapped(Trigger.tap(most), contexts, x, y);
        }
    }

    /** Time has gone by: a finger that rests does what is bound to that. */
    public void tick(double timeMs) {
        restsFrom = Double.isNaN(restsFrom) ? timeMs : restsFrom;
        if (waits() && timeMs - restsFrom > LONGEST_TAP_MS) {
            clean = false;
            spent = resolver.tapped(Trigger.press(), contexts, middleX, middleY);
        }
    }

    /** Whether a finger rests, so that time must go on for it to do something. */
    public boolean waits() {
        return clean && down.size() == 1 && running == 0;
    }

    /** The motion that ran has been ended: what these fingers still do is nothing. */
    public void settled() {
        if (!down.isEmpty()) {
            spent = true;
            clean = false;
            running = 0;
        }
    }

    /** The browser took the touch away: what moved stays where it is. */
    public void lost() {
        down.clear();
        running = 0;
        resolver.endTouch();
    }

    /** Where the fingers are counts as where they came down. */
    private void settle() {
        measure();
        downX = middleX;
        downY = middleY;
    }

    private void measure() {
        double sx = 0;
        double sy = 0;
        Finger first = null;
        Finger second = null;
        for (Finger f : down.values()) {
            sx += f.x;
            sy += f.y;
            second = first == null ? null : second == null ? f : second;
            first = first == null ? f : first;
        }
        middleX = sx / down.size();
        middleY = sy / down.size();
        if (second != null) {
            lastSpread = Math.max(1, Math.hypot(second.x - first.x, second.y - first.y));
            lastAngle = Math.atan2(second.y - first.y, second.x - first.x);
        }
    }

    private void start() {
        running = down.size();
        Trigger t = Trigger.touch(running);
        BindingMatch drag = resolver.touched(t, contexts);
        spreading = null;
        turning = null;
        together = false;
        if (running == 2) {
            firstSpread = lastSpread;
            firstAngle = lastAngle;
            BindingMatch pinch = resolver.touched(Trigger.pinch(), contexts);
            BindingMatch twist = resolver.touched(Trigger.twist(), contexts);
            boolean dollies = pinch != null && pinch.binding().command().has(CommandTrait.DOLLIES);
            boolean rolls = twist != null && twist.binding().command().has(CommandTrait.ROLLS);
            together = drag != null && drag.binding().command().has(CommandTrait.PANS);
            spreading = together && dollies ? null : pinch;
            turning = together && rolls ? null : twist;
            if (together) {
                resolver.running(t, drag.binding());
                resolver.actions().beginFingers(drag.binding(), middleX, middleY, dollies, rolls);
                return;
            }
        }
        if (drag != null) {
            resolver.beginTouch(t, drag, running == 1 ? downX : middleX, running == 1 ? downY : middleY);
        }
    }

    private void follow() {
        if (running == 0) {
            return;
        }
        if (together) {
            double turned = Math.IEEEremainder(lastAngle - firstAngle, 2 * Math.PI);
            resolver.actions().dragFingers(middleX, middleY, lastSpread / firstSpread, turned);
        } else {
            resolver.dragTouch(middleX, middleY);
        }
        if (spreading != null) {
            double notches = Dolly.notchesFor(lastSpread / firstSpread);
            firstSpread = lastSpread;
            resolver.actions().steps(spreading.binding(), middleX, middleY, notches, false);
        }
        if (turning != null) {
            double turned = Math.IEEEremainder(lastAngle - firstAngle, 2 * Math.PI);
            firstAngle = lastAngle;
            resolver.actions().steps(turning.binding(), middleX, middleY, turned / NOTCH_OF_TWIST, false);
        }
    }
}
