package rhombus.core.stage;

import rhombus.core.view.Pose;

/**
 * Wheel steps that follow each other at one place: they share one target, so n steps in and n out come back exactly,
 * and they make one entry of the Trail.
 */
final class WheelBurst {
    /** Steps further apart than this make another burst, milliseconds. */
    static final double PAUSE_MS = 400;
    private static final double GLIDE_MS = 120;

    private final Stage stage;
    private ViewState view;
    private double x;
    private double y;
    private double last;
    private Pose start;
    private Pose landing;
    private Target target;
    private double total;

    WheelBurst(Stage stage) {
        this.stage = stage;
    }

    boolean running() {
        return view != null;
    }

    void step(ViewState v, double lx, double ly, double steps, double nowMs) {
        boolean same = v == view && lx == x && ly == y && v.destination() == landing;
        if (view != null && v != view) {
            end();
        }
        if (!same || steps > 0 && target.passed(start, total)) {
            start = v.destination();
            target = Target.at(stage, v, start, lx, ly);
            total = 0;
        }
        view = v;
        x = lx;
        y = ly;
        last = nowMs;
        total += steps;
        landing = target.dolly(start, total);
        stage.glide(v, landing, GLIDE_MS);
        landing = v.destination();
    }

    void tick(double nowMs) {
        if (view != null && nowMs - last > PAUSE_MS) {
            end();
        }
    }

    void end() {
        ViewState v = view;
        view = null;
        if (v != null) {
            stage.remember(v);
        }
    }
}
