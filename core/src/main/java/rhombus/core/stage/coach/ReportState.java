package rhombus.core.stage.coach;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * What a hand has done, as the Keys page shows it.
 *
 * @param on whether it counts
 * @param since when
 * @param uses how often any trigger was used
 * @param used triggers, the one that was used most first
 * @param back what was taken back at once, the most often first
 * @param page what was run past the triggers, the most often first
 * @param advice what could be made better, at most three
 */
public record ReportState(
        boolean on,
        String since,
        int uses,
        List<UsedTrigger> used,
        List<TakenBack> back,
        List<ByPage> page,
        List<Advice> advice) {
    /**
     * A trigger.
     *
     * @param trigger in words
     * @param words what it does
     * @param count how often it was used
     * @param part of all uses, 0 to 1
     */
    public record UsedTrigger(String trigger, String words, int count, double part) {}

    /**
     * What was taken back.
     *
     * @param words what it is called
     * @param count how often at once
     * @param of how often it was done
     */
    public record TakenBack(String words, int count, int of) {}

    /**
     * What was run by the page.
     *
     * @param words what it is called
     * @param count how often
     * @param trigger that would have done it, in words
     */
    public record ByPage(String words, int count, @Maybe String trigger) {}

    /**
     * What could be made better.
     *
     * @param id by which it is followed
     * @param words what was seen and what would help
     * @param deed what the button says
     */
    public record Advice(String id, String words, String deed) {}
}
