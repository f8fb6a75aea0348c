package rhombus.core.stage.show;

/**
 * A rung of the pivot ladder.
 */
public record LadderRung(String id, String label, boolean on) {}
