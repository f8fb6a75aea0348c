package rhombus.core.stage;

import java.util.List;

/**
 * How a merge of a kept document went.
 *
 * @param taken whether the stage has what both changed
 * @param twice what both changed in different ways, so that a person has to choose, in words; empty where it is to be tried
 *     again when the hand is at rest
 */
public record MergeResult(boolean taken, List<String> twice) {}
