package rhombus.core.drill;

import rhombus.core.plain.OrNull;

/**
 * What is going on in a drill.
 *
 * @param drill its id, or null where none is on
 * @param seconds since the first thing the hand did; 0 before
 * @param part how much is done, 0 to 1
 * @param done whether all of it is
 * @param ghost how much the run to race with had done by now; null without one
 * @param lost how often what had to be kept was lost
 * @param goal id of the camera whose picture shows what to come to, or null
 * @param aspect width by height of that picture
 */
public record DrillState(
        @OrNull String drill,
        double seconds,
        double part,
        @OrNull Double ghost,
        boolean done,
        int lost,
        @OrNull String goal,
        double aspect) {}
