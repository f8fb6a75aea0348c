package rhombus.core.edit;

import java.util.Map;

/**
 * One change of the scene: other matrices for some nodes.
 *
 * @param name what was done, as it is shown
 * @param before local matrices before, by node number
 * @param after local matrices after, for the same nodes
 */
public record Edit(String name, Map<Integer, double[]> before, Map<Integer, double[]> after) {}
