package rhombus.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

class BvhTest {
    private static float[] soup(Random r, int n, double scale) {
        float[] p = new float[n * 9];
        for (int i = 0; i < n; i++) {
            double x = r.nextGaussian() * scale, y = r.nextGaussian() * scale, z = r.nextGaussian() * scale;
            for (int k = 0; k < 3; k++) {
                p[i * 9 + k * 3] = (float) (x + r.nextDouble());
                p[i * 9 + k * 3 + 1] = (float) (y + r.nextDouble());
                p[i * 9 + k * 3 + 2] = (float) (z + r.nextDouble());
            }
        }
        return p;
    }

    private static int[] running(int n) {
        int[] t = new int[n];
        for (int i = 0; i < n; i++) {
            t[i] = i;
        }
        return t;
    }

    /** Against a plain loop over all triangles with JOML's own ray-triangle test. */
    @Property(tries = 1000)
    void findsWhatALoopOverAllTrianglesFinds(
            @ForAll @IntRange(min = 1, max = 400) int n, @ForAll @LongRange(min = 0, max = 1000000) long seed) {
        Random r = new Random(seed);
        float[] p = soup(r, n, 1 + r.nextInt(20));
        Bvh bvh = BvhBuilder.of(p, running(n * 3));
        double[] hit = new double[3];
        for (int i = 0; i < 60; i++) {
            double[] ray = {
                r.nextGaussian() * 9,
                r.nextGaussian() * 9,
                r.nextGaussian() * 9,
                r.nextGaussian(),
                r.nextGaussian(),
                r.nextGaussian(),
                Double.POSITIVE_INFINITY
            };
            if (i % 7 == 0) {
                ray[3 + i % 3] = 0;
            }
            double best = Double.POSITIVE_INFINITY;
            for (int t = 0; t < n; t++) {
                double d = joml(ray, p, t);
                if (d >= 0 && d < best) {
                    best = d;
                }
            }
            int found = bvh.closest(ray, hit);
            if (best == Double.POSITIVE_INFINITY) {
                assertThat(found).isEqualTo(Bvh.NONE);
            } else {
                assertThat(found).isNotEqualTo(Bvh.NONE);
                assertThat(hit[0]).isCloseTo(best, within(1e-9 * (1 + best)));
            }
        }
    }

    private static double joml(double[] r, float[] p, int t) {
        int a = t * 9;
        return org.joml.Intersectiond.intersectRayTriangle(
                r[0], r[1], r[2], r[3], r[4], r[5], p[a], p[a + 1], p[a + 2], p[a + 3], p[a + 4], p[a + 5], p[a + 6],
                p[a + 7], p[a + 8], 1e-14);
    }

    @Property(tries = 1000)
    void clearanceIsABoundFromBelow(@ForAll @LongRange(min = 0, max = 1000000) long seed) {
        Random r = new Random(seed);
        int n = 50;
        float[] p = soup(r, n, 6);
        Bvh bvh = BvhBuilder.of(p, running(n * 3));
        Vec3 at = new Vec3(r.nextGaussian() * 8, r.nextGaussian() * 8, r.nextGaussian() * 8);
        double bound = bvh.clearance(at.x(), at.y(), at.z(), 1e9);
        for (int t = 0; t < n; t++) {
            for (int k = 0; k < 60; k++) {
                double u = r.nextDouble();
                double v = r.nextDouble() * (1 - u);
                int a = t * 9;
                Vec3 q = new Vec3(
                        p[a] + u * (p[a + 3] - p[a]) + v * (p[a + 6] - p[a]),
                        p[a + 1] + u * (p[a + 4] - p[a + 1]) + v * (p[a + 7] - p[a + 1]),
                        p[a + 2] + u * (p[a + 5] - p[a + 2]) + v * (p[a + 8] - p[a + 2]));
                assertThat(q.distance(at)).isGreaterThan(bound - 1e-5);
            }
        }
    }

    @Property(tries = 1000)
    void storedHierarchiesAnswerTheSame(@ForAll @LongRange(min = 0, max = 1000000) long seed) {
        Random r = new Random(seed);
        float[] p = soup(r, 120, 4);
        int[] t = running(360);
        Bvh built = BvhBuilder.of(p, t);
        Bvh stored = BvhAssembly.whole(built.nodes(), built.order(), p, t);
        double[] a = new double[3];
        double[] b = new double[3];
        for (int i = 0; i < 30; i++) {
            double[] ray = {
                r.nextGaussian(), r.nextGaussian(), 30, r.nextGaussian() * 0.2, r.nextGaussian() * 0.2, -1, 1e9
            };
            assertThat(stored.closest(ray, a)).isEqualTo(built.closest(ray, b));
        }
    }

    @Example
    void emptyAndCoincidentMeshesAreFine() {
        assertThat(BvhBuilder.of(new float[0], new int[0]).closest(new double[] {0, 0, 0, 0, 0, 1, 9}, new double[3]))
                .isEqualTo(Bvh.NONE);
        int n = 100;
        float[] p = new float[n * 9];
        for (int i = 0; i < n; i++) {
            p[i * 9 + 3] = 1;
            p[i * 9 + 7] = 1;
        }
        double[] hit = new double[3];
        assertThat(BvhBuilder.of(p, running(n * 3)).closest(new double[] {0.2, 0.2, 5, 0, 0, -1, 99}, hit))
                .isNotEqualTo(Bvh.NONE);
        assertThat(hit[0]).isCloseTo(5, within(1e-12));
    }

    @Example
    void edgesOfACubeAreItsTwelveAndNoDiagonal() {
        float[] p = new float[24];
        for (int i = 0; i < 8; i++) {
            p[i * 3] = i & 1;
            p[i * 3 + 1] = i >> 1 & 1;
            p[i * 3 + 2] = i >> 2;
        }
        int[] quads = {0, 2, 3, 1, 4, 5, 7, 6, 0, 1, 5, 4, 2, 6, 7, 3, 0, 4, 6, 2, 1, 3, 7, 5};
        int[] t = new int[36];
        for (int q = 0; q < 6; q++) {
            int[] of = {0, 1, 2, 0, 2, 3};
            for (int k = 0; k < 6; k++) {
                t[q * 6 + k] = quads[q * 4 + of[k]];
            }
        }
        MeshEdges e = MeshEdges.of(p, t);
        assertThat(e.edges()).hasSize(12);
        assertThat(e.strong()).isEqualTo(12);
        int drawn = 0;
        for (byte b : e.sides()) {
            drawn += b > 0 ? 1 : 0;
        }
        assertThat(drawn).isEqualTo(24);
        MeshEdges open = MeshEdges.of(p, java.util.Arrays.copyOf(t, 6));
        assertThat(open.edges()).hasSize(4);
        assertThat(open.strong()).isEqualTo(4);
    }
}
