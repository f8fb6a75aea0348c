package rhombus.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
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

    /** A cube has 12 edges and a prism of six sides 18; of a geodesic sphere all sides are edges, as many as Euler's formula says. */
    @Example
    void solidsHaveTheEdgesOfTextbooks() {
        assertThat(MeshEdges.of(prism(4), sides(4)).edges()).hasSize(12);
        assertThat(MeshEdges.of(prism(6), sides(6)).edges()).hasSize(18);
        for (int n = 0; n < 4; n++) {
            List<Vec3> places = new ArrayList<>();
            int[] t = geodesic(n, places);
            float[] p = new float[places.size() * 3];
            for (int i = 0; i < p.length; i++) {
                p[i] = (float) places.get(i / 3).get(i % 3);
            }
            MeshEdges e = MeshEdges.of(p, t);
            assertThat(places.size() - e.edges().length + t.length / 3).isEqualTo(2);
            assertThat(e.strong()).isEqualTo(n == 0 ? 30 : 0);
        }
    }

    /** Bottom and top of a regular prism, corner by corner. */
    private static float[] prism(int n) {
        float[] p = new float[n * 6];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < 2; k++) {
                p[(i * 2 + k) * 3] = (float) Math.cos(2 * Math.PI * i / n);
                p[(i * 2 + k) * 3 + 1] = k;
                p[(i * 2 + k) * 3 + 2] = (float) Math.sin(2 * Math.PI * i / n);
            }
        }
        return p;
    }

    private static int[] sides(int n) {
        List<Integer> t = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int a = i * 2;
            int b = (i + 1) % n * 2;
            t.addAll(List.of(a, b + 1, b, a, a + 1, b + 1));
            if (i > 0 && i < n - 1) {
                t.addAll(List.of(0, a, b, 1, b + 1, a + 1));
            }
        }
        return t.stream().mapToInt(Integer::intValue).toArray();
    }

    /** An icosahedron whose faces are cut in four some times, its corners put on the sphere. */
    private static int[] geodesic(int times, List<Vec3> places) {
        double g = (1 + Math.sqrt(5)) / 2;
        for (int i = 0; i < 12; i++) {
            double a = (i & 1) == 0 ? 1 : -1;
            double b = (i & 2) == 0 ? g : -g;
            double[] v = {0, a, b};
            places.add(new Vec3(v[i / 4], v[(i / 4 + 1) % 3], v[(i / 4 + 2) % 3]).unit());
        }
        List<int[]> faces = new ArrayList<>();
        double side = 2 / Math.sqrt(1 + g * g);
        for (int i = 0; i < 12; i++) {
            for (int j = i + 1; j < 12; j++) {
                for (int k = j + 1; k < 12; k++) {
                    Vec3 a = places.get(i);
                    Vec3 b = places.get(j);
                    Vec3 c = places.get(k);
                    if (Math.max(a.distance(b), Math.max(b.distance(c), c.distance(a))) < side * 1.01) {
                        boolean out = b.minus(a).cross(c.minus(a)).dot(a) > 0;
                        faces.add(out ? new int[] {i, j, k} : new int[] {i, k, j});
                    }
                }
            }
        }
        Map<Set<Integer>, Integer> middles = new HashMap<>();
        for (int n = 0; n < times; n++) {
            List<int[]> next = new ArrayList<>();
            for (int[] f : faces) {
                int[] m = new int[3];
                for (int k = 0; k < 3; k++) {
                    int a = f[k];
                    int b = f[(k + 1) % 3];
                    m[k] = middles.computeIfAbsent(Set.of(a, b), x -> {
                        places.add(places.get(a).plus(places.get(b)).unit());
                        return places.size() - 1;
                    });
                    next.add(new int[] {f[k], -1, -1});
                }
                for (int k = 0; k < 3; k++) {
                    int[] corner = next.get(next.size() - 3 + k);
                    corner[1] = m[k];
                    corner[2] = m[(k + 2) % 3];
                }
                next.add(m);
            }
            faces = next;
        }
        return faces.stream().flatMapToInt(Arrays::stream).toArray();
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
