package rhombus.core.stage;

import rhombus.core.geometry.Ray;
import rhombus.core.navigate.Dolly;
import rhombus.core.pick.Hit;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * What a dolly goes towards.
 *
 * @param line of sight through it
 * @param distance along the line, metres
 * @param limit near limit from which on the dolly goes in even steps, metres
 */
record Target(Ray line, double distance, double limit) {
    /** Near limit before a surface, metres, in scenes of everyday size. */
    private static final double NEAR = 0.02;

    /** The surface under a point of a viewport; where there is none, a point at the focus or farther, in open space. */
    static Target at(Stage stage, ViewState v, Pose pose, double lx, double ly) {
        Ray line = new Screen(pose, v.width, v.height).ray(lx, ly);
        double radius = stage.scene().radius();
        Hit hit = pose.projection().flat() ? null : stage.surfaceAt(v, pose, lx, ly, true);
        if (hit != null) {
            return new Target(line, hit.distance(), Math.min(NEAR, radius * 1e-3));
        }
        // Steps of a useful size, so that flying through the open never seems to stall.
        return new Target(line, Math.max(pose.focus(), radius * 0.1), radius * 0.05);
    }

    /** The pose some notches nearer. */
    Pose dolly(Pose start, double notches) {
        return Dolly.notches(start, line, distance, limit, notches);
    }

    /** Whether that many notches lead through the target. */
    boolean passed(Pose start, double notches) {
        return dolly(start, notches).eye().minus(start.eye()).dot(line.direction()) > distance;
    }
}
