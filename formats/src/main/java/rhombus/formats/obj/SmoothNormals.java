package rhombus.formats.obj;

import java.util.HashMap;
import java.util.Map;
import rhombus.formats.model.NumberList;

/**
 * Normals of faces that a file smooths without telling normals: at a vertex the sum over the faces of one smoothing group,
 * each weighed by its area.
 */
final class SmoothNormals {
    private final NumberList normals = new NumberList();
    private final Map<Long, Integer> numbers = new HashMap<>();

    /** The number of the normal at a vertex of a smoothing group. */
    int of(int vertex, int group) {
        return numbers.computeIfAbsent((long) group << 32 | vertex, k -> {
            for (int i = 0; i < 3; i++) {
                normals.add(0);
            }
            return normals.size() / 3 - 1;
        });
    }

    /** Adds a face's normal, as long as its area. */
    void add(int number, double[] normal) {
        for (int k = 0; k < 3; k++) {
            normals.set(number * 3 + k, normals.get(number * 3 + k) + normal[k]);
        }
    }

    /** All of them with a length of 1. */
    NumberList units() {
        for (int i = 0; i < normals.size(); i += 3) {
            double x = normals.get(i);
            double y = normals.get(i + 1);
            double z = normals.get(i + 2);
            double length = Math.sqrt(x * x + y * y + z * z);
            normals.set(i, length > 0 ? x / length : 0);
            normals.set(i + 1, length > 0 ? y / length : 0);
            normals.set(i + 2, length > 0 ? z / length : 1);
        }
        return normals;
    }
}
