package rhombus.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

/** Modelled edges against a plain count of which triangles share which pair of places. */
class MeshEdgesTest {
    /** A sheet of n x n cells with heights on a coarse grid, so that flat places, creases and gentle bends all occur. */
    private static float[] sheet(int n, Random r) {
        float[] p = new float[(n + 1) * (n + 1) * 3];
        for (int j = 0; j <= n; j++) {
            for (int i = 0; i <= n; i++) {
                int at = (j * (n + 1) + i) * 3;
                p[at] = i;
                p[at + 1] = new float[] {0, 0, 0.2f, 1}[r.nextInt(4)];
                p[at + 2] = j;
            }
        }
        return p;
    }

    private static int[] cells(int n) {
        int[] t = new int[n * n * 6];
        for (int k = 0; k < n * n; k++) {
            int a = k / n * (n + 1) + k % n;
            int[] six = {a, a + n + 1, a + 1, a + 1, a + n + 1, a + n + 2};
            System.arraycopy(six, 0, t, k * 6, 6);
        }
        return t;
    }

    private static Vec3 normal(float[] p, int[] t, int triangle) {
        Vec3[] v = new Vec3[3];
        for (int k = 0; k < 3; k++) {
            int at = t[triangle * 3 + k] * 3;
            v[k] = new Vec3(p[at], p[at + 1], p[at + 2]);
        }
        return v[1].minus(v[0]).cross(v[2].minus(v[0])).unit();
    }

    @Property(tries = 1000)
    void anEdgeIsThereUnlessItsTrianglesLieInOnePlane(@ForAll @LongRange(min = 0, max = 1000000) long seed) {
        Random r = new Random(seed);
        int n = 3 + r.nextInt(8);
        float[] p = sheet(n, r);
        int[] t = cells(n);
        Map<Set<Integer>, Integer> first = new HashMap<>();
        Map<Set<Integer>, Byte> expected = new HashMap<>();
        for (int side = 0; side < t.length; side++) {
            Set<Integer> pair = Set.of(t[side], t[side - side % 3 + (side + 1) % 3]);
            Integer other = first.putIfAbsent(pair, side / 3);
            if (other == null) {
                expected.put(pair, MeshEdges.STRONG);
            } else {
                double angle =
                        Math.toDegrees(Math.acos(Math.min(1, normal(p, t, other).dot(normal(p, t, side / 3)))));
                expected.put(pair, angle < 1 ? 0 : angle > 30 ? MeshEdges.STRONG : MeshEdges.PLAIN);
            }
        }
        MeshEdges edges = MeshEdges.of(p, t);
        Map<Set<Integer>, Byte> found = new HashMap<>();
        for (int i = 0; i < edges.edges().length; i++) {
            int side = edges.edges()[i];
            Set<Integer> ends = Set.of(t[side], t[side - side % 3 + (side + 1) % 3]);
            found.put(ends, i < edges.strong() ? MeshEdges.STRONG : MeshEdges.PLAIN);
        }
        expected.values().removeIf(s -> s == 0);
        assertThat(found).isEqualTo(expected);
        for (int side = 0; side < t.length; side++) {
            Set<Integer> pair = Set.of(t[side], t[side - side % 3 + (side + 1) % 3]);
            assertThat(edges.sides()[side]).isEqualTo(expected.getOrDefault(pair, (byte) 0));
            assertThat(edges.marks()[side / 3] >> 2 * (side % 3) & 3).isEqualTo(edges.sides()[side]);
        }
    }

    @Example
    void anyNumberOfFirstEdgesIsSpreadOverTheMesh() {
        Random r = new Random(4);
        int n = 80;
        float[] p = new float[(n + 1) * (n + 1) * 3];
        for (int i = 0; i < p.length / 3; i++) {
            p[i * 3] = i % (n + 1);
            p[i * 3 + 1] = 0.1f * r.nextFloat();
            p[i * 3 + 2] = i / (n + 1);
        }
        MeshEdges edges = MeshEdges.of(p, cells(n));
        int strong = edges.strong();
        // The first tenth of the rest reaches nearly every patch of 8 x 8 cells, and none has much more than its share.
        int some = (edges.edges().length - strong) / 10;
        Map<Integer, Integer> patches = new HashMap<>();
        for (int i = strong; i < strong + some; i++) {
            int v = cells(n)[edges.edges()[i]];
            patches.merge((v % (n + 1)) / 8 * 100 + v / (n + 1) / 8, 1, Integer::sum);
        }
        Set<Integer> inner = new HashSet<>();
        for (int k = 0; k < 100; k++) {
            inner.add(k / 10 * 100 + k % 10);
        }
        assertThat(patches.keySet()).containsAll(inner);
        double share = some / 100.0;
        inner.forEach(k -> assertThat((double) patches.get(k)).isBetween(share * 0.3, share * 2.2));
    }
}
