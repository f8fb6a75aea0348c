package rhombus.core.stage;

import rhombus.core.view.Pose;

/**
 * Wheel steps that follow each other at one place of a viewport: they share one way, so n steps in and n out come back
 * exactly, and they make one entry of the Trail.
 */
final class WheelBurst {
    /** Steps further apart than this make another burst, milliseconds. */
    static final double PAUSE_MS = 400;
    private static final double GLIDE_MS = 120;
    /** Wheels and trackpads that report less than this a time are smooth already. */
    private static final double SMOOTH = 0.3;

    private final Stage stage;
    private final ViewState view;
    private boolean running;
    private double x;
    private double y;
    private double last;
    private Pose landing;
    private DollyRun run;
    private double total;
    private String deed = "";

    WheelBurst(Stage stage, ViewState view) {
        this.stage = stage;
        this.view = view;
    }

    boolean running() {
        return running;
    }

    /** Steps of a dolly. */
    void step(double lx, double ly, double steps, double nowMs) {
        if (lx != x || ly != y || run == null || view.destination() != landing) {
            run = new DollyRun(stage, view, view.destination(), lx, ly);
            total = 0;
        }
        x = lx;
        y = ly;
        total += steps;
        go(run.at(total), Words.of("navigate.dolly", view.pose.projection().flat()), steps, nowMs);
        landing = view.destination();
    }

    /** Steps of another kind than a dolly: to a pose. */
    void go(Pose to, String what, double steps, double nowMs) {
        running = true;
        deed = what;
        last = nowMs;
        if (Math.abs(steps) < SMOOTH && view.glide == null) {
            stage.pose(view, to);
        } else {
            stage.glide(view, to, Math.min(GLIDE_MS, stage.glideMs()));
        }
    }

    void tick(double nowMs) {
        if (running && nowMs - last > PAUSE_MS) {
            end();
        }
    }

    void end() {
        if (running) {
            running = false;
            stage.remember(view, deed);
        }
    }
}
