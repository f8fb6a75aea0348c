package rhombus.core.stage.view;

import java.util.List;

/**
 * What has changed since it was last asked.
 *
 * @param views numbers of the viewports that must be drawn again
 * @param topics what else has changed
 */
public record Changed(List<Integer> views, List<Topic> topics) {}
