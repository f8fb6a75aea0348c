package rhombus.core.stage;

import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Look;
import rhombus.core.navigate.Walk;
import rhombus.core.view.Pose;

/** Driving with one button: pulling up and down goes forward and back, left and right turns, faster the farther. */
final class DriveMotion implements Motion {
    /** Turn a second with the pointer as far aside as the viewport is high, radians. */
    private static final double TURN = Math.toRadians(120);
    /** Pixels around the press in which it rests, so that going straight is possible. */
    private static final double REST = 6;

    private final Stage stage;
    private final ViewState view;
    private final double lx;
    private final double ly;
    private final double rate;
    private double aside;
    private double ahead;
    private double last = Double.NaN;

    DriveMotion(Stage stage, ViewState view, double lx, double ly, double rate) {
        this.stage = stage;
        this.view = view;
        this.lx = lx;
        this.ly = ly;
        this.rate = rate;
    }

    @Override
    public void drag(double x, double y) {
        aside = beyondRest(x - lx) / view.height;
        ahead = beyondRest(ly - y) / view.height;
    }

    private static double beyondRest(double d) {
        return Math.signum(d) * Math.max(0, Math.abs(d) - REST);
    }

    @Override
    public void tick(double nowMs) {
        double seconds = Double.isNaN(last) ? 0 : (nowMs - last) / 1000;
        last = nowMs;
        if (seconds <= 0 || aside == 0 && ahead == 0) {
            return;
        }
        Pose p = Look.turn(view.pose, stage.scene().up(), -aside * TURN * seconds * rate, 0);
        Vec3 way = Walk.direction(p.orientation(), stage.scene().up(), false, 0, 0, Math.signum(ahead));
        double speed = Math.abs(ahead) * 4 * stage.walking().speed() * rate;
        stage.pose(view, stage.walking().moved(view, p, way, speed, seconds));
    }

    @Override
    public boolean running() {
        return true;
    }
}
