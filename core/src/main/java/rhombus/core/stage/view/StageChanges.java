package rhombus.core.stage.view;

import java.util.List;

/**
 * What has changed since it was last asked.
 *
 * @param views numbers of the viewports that must be drawn again
 * @param marks whether what lies over the others has changed too
 * @param topics what else has changed
 */
public record StageChanges(List<Integer> views, boolean marks, List<ChangeTopic> topics) {}
