package rhombus.core.stage.motion;

import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.WheelSequence;
import rhombus.core.view.Pose;

/**
 * Wheel steps that follow each other at one place of a viewport: they share one way, so n steps in and n out come back
 * exactly, and they make one entry of the Trail.
 */
public final class WheelBurst implements WheelSequence {
    /** Steps further apart than this make another burst, milliseconds. */
    public static final double PAUSE_MS = 400;

    private static final double GLIDE_MS = 120;
    /** Wheels and trackpads that report less than this a time are smooth already. */
    private static final double SMOOTH = 0.3;

    private final StageContext ground;
    private final SubjectParts subject;
    private final Viewport view;
    private boolean running;
    private double x;
    private double y;
    private double last;
    private Pose landing;
    private DollyPath run;
    private double total;
    private String deed = "";

    public WheelBurst(StageContext ground, SubjectParts subject, Viewport view) {
        this.ground = ground;
        this.subject = subject;
        this.view = view;
    }

    @Override
    public boolean running() {
        return running;
    }

    /** Steps of a dolly towards what lies at a point of the viewport. */
    public void step(double lx, double ly, double steps, String called, double nowMs) {
        if (lx != x || ly != y || run == null || view.destination() != landing) {
            run = new DollyPath(ground, subject, view, view.destination(), lx, ly);
            total = 0;
        }
        x = lx;
        y = ly;
        total += steps;
        go(run.at(total), called, steps, nowMs);
        landing = view.destination();
    }

    /** Steps of another kind than a dolly: to a pose. */
    public void go(Pose to, String what, double steps, double nowMs) {
        running = true;
        deed = what;
        last = nowMs;
        if (Math.abs(steps) < SMOOTH && view.glide == null) {
            ground.navigator().pose(view, to);
        } else {
            ground.navigator().glide(view, to, Math.min(GLIDE_MS, ground.glideMs()));
        }
    }

    @Override
    public void tick(double nowMs) {
        if (running && nowMs - last > PAUSE_MS) {
            end();
        }
    }

    @Override
    public void end() {
        if (running) {
            running = false;
            ground.navigator().remember(view, deed);
        }
    }
}
