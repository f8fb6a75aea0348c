package rhombus.core.stage.show.scene;

import java.util.Map;
import rhombus.core.geometry.Vec3;

/**
 * A ruler.
 *
 * @param id names it
 * @param a where it starts, metres
 * @param b where it ends, metres
 * @param length between them, metres
 * @param pixels the same in each viewport that shows both ends, by the viewport's id
 */
public record RulerRow(String id, Vec3 a, Vec3 b, double length, Map<String, Double> pixels) {}
