package rhombus.core.drill;

import java.util.List;
import rhombus.core.geometry.Vec3;

/**
 * How a run went.
 *
 * @param seconds from the first thing the hand did until the task was done
 * @param metres that the eye of the active viewport went
 * @param back how many steps it went back in a Trail
 * @param lost how often what had to be kept was lost
 * @param course how much was done after each quarter of a second, 0 to 1: what a ghost of the run goes by
 * @param path where the eye of the active viewport was at each of these times, and what it looked at: x, y and z of both
 */
public record RunScore(double seconds, double metres, int back, int lost, List<Double> course, List<Double> path) {
    /** Between two entries of a course, seconds. */
    static final double STEP = 0.25;

    /** Whether one run is better than another: what was not lost counts more than time. */
    public static boolean better(int lost, double seconds, int otherLost, double otherSeconds) {
        return lost != otherLost ? lost < otherLost : seconds < otherSeconds;
    }

    /** Numbers of a path for each time. */
    private static final int PLACE = 6;

    /**
     * Where the eye was at a time by a path, and what it looked at, between two times on the straight line; the last of
     * it after its end.
     *
     * @return both, or null where there is no path
     */
    static Vec3[] place(double[] path, double seconds) {
        int times = path.length / PLACE;
        if (times == 0) {
            return null;
        }
        double at = Math.min(times - 1, seconds / STEP);
        int before = (int) at;
        int after = Math.min(times - 1, before + 1);
        return new Vec3[] {
            point(path, before, 0).mix(point(path, after, 0), at - before),
            point(path, before, 1).mix(point(path, after, 1), at - before)
        };
    }

    private static Vec3 point(double[] path, int time, int which) {
        int i = time * PLACE + which * 3;
        return new Vec3(path[i], path[i + 1], path[i + 2]);
    }

    /** How much was done at a time by a course; after its end what was done then. None has done nothing. */
    static double at(double[] course, double seconds) {
        return course.length == 0 ? 0 : course[(int) Math.min(course.length - 1, seconds / STEP)];
    }
}
