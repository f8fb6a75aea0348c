package rhombus.core.drill;

import java.util.List;

/**
 * How a run went.
 *
 * @param seconds from the first thing the hand did until the task was done
 * @param metres that the eye of the active viewport went
 * @param back how many steps it went back in a Trail
 * @param lost how often what had to be kept was lost
 * @param course how much was done after each quarter of a second, 0 to 1: what a ghost of the run goes by
 */
public record Score(double seconds, double metres, int back, int lost, List<Double> course) {
    /** Between two entries of a course, seconds. */
    static final double STEP = 0.25;

    /** Whether one run is better than another: what was not lost counts more than time. */
    public static boolean better(int lost, double seconds, int otherLost, double otherSeconds) {
        return lost != otherLost ? lost < otherLost : seconds < otherSeconds;
    }

    /** How much was done at a time by a course; after its end what was done then. None has done nothing. */
    static double at(double[] course, double seconds) {
        return course.length == 0 ? 0 : course[(int) Math.min(course.length - 1, seconds / STEP)];
    }
}
