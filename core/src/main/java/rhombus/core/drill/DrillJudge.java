package rhombus.core.drill;

/** Follows a run and says how much of the task is done. */
interface DrillJudge {
    /** How much is done at this moment, 0 to 1; 1 is all of it. */
    double sees(ObservedStage now);

    /** How often what had to be kept was lost. */
    default int lost() {
        return 0;
    }
}
