package rhombus.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Coarser meshes stay as near to the full one as vertex clustering promises, by brute force, and nothing turns its back. */
class MeshSimplifierTest {
    private record Shape(float[] positions, int[] triangles) {
        Vec3 at(int v) {
            return new Vec3(positions[v * 3], positions[v * 3 + 1], positions[v * 3 + 2]);
        }

        MeshSimplifier coarser(double cell) {
            return MeshSimplifier.of(positions, triangles, MeshEdges.of(positions, triangles), cell);
        }
    }

    /** A patch of points in rows, each turned into a place. */
    private interface Place {
        Vec3 at(double u, double v);
    }

    private static Shape patch(int across, int down, Place place) {
        float[] p = new float[(across + 1) * (down + 1) * 3];
        int[] t = new int[across * down * 6];
        for (int j = 0; j <= down; j++) {
            for (int i = 0; i <= across; i++) {
                Vec3 at = place.at(i / (double) across, j / (double) down);
                int k = (j * (across + 1) + i) * 3;
                p[k] = (float) at.x();
                p[k + 1] = (float) at.y();
                p[k + 2] = (float) at.z();
            }
        }
        int n = 0;
        for (int j = 0; j < down; j++) {
            for (int i = 0; i < across; i++) {
                int a = j * (across + 1) + i;
                int b = a + across + 1;
                for (int v : new int[] {a, b, a + 1, a + 1, b, b + 1}) {
                    t[n++] = v;
                }
            }
        }
        return new Shape(p, t);
    }

    private static Shape sphere() {
        return patch(48, 24, (u, v) -> {
            double a = 2 * Math.PI * u;
            double b = Math.PI * v;
            return new Vec3(Math.sin(b) * Math.cos(a), Math.cos(b), Math.sin(b) * Math.sin(a));
        });
    }

    /** A pole far thinner than a cell. */
    private static Shape pole() {
        return patch(8, 120, (u, v) -> {
            double a = 2 * Math.PI * u;
            return new Vec3(0.01 * Math.cos(a), 4 * v, 0.01 * Math.sin(a));
        });
    }

    private static Shape hills(Random r) {
        double[] wave = r.doubles(8).toArray();
        return patch(
                40,
                30,
                (u, v) -> new Vec3(
                        3 * u,
                        0.3 * Math.sin(9 * wave[0] * u + 6 * wave[1]) * Math.cos(7 * wave[2] * v)
                                + 0.1 * Math.sin(40 * wave[3] * (u + v)),
                        2 * v));
    }

    /** Triangles that have nothing to do with each other. */
    private static Shape confetti(Random r) {
        int n = 400;
        float[] p = new float[n * 9];
        int[] t = new int[n * 3];
        for (int i = 0; i < n; i++) {
            double[] middle = r.doubles(3, -1, 1).toArray();
            for (int k = 0; k < 9; k++) {
                p[i * 9 + k] = (float) (middle[k % 3] + r.nextGaussian() * 0.05);
            }
            for (int k = 0; k < 3; k++) {
                t[i * 3 + k] = i * 3 + k;
            }
        }
        return new Shape(p, t);
    }

    private static Shape any(Random r) {
        return switch (r.nextInt(4)) {
            case 0 -> sphere();
            case 1 -> pole();
            case 2 -> hills(r);
            default -> confetti(r);
        };
    }

    // ---- how far ---------------------------------------------------------------------------------------------------

    /** The farthest that points of some triangles are from others. */
    private static double farthest(Shape s, int[] some, int[] others, Random r) {
        double most = 0;
        for (int k = 0; k < 150; k++) {
            int i = r.nextInt(some.length / 3) * 3;
            double u = r.nextDouble();
            double v = r.nextDouble() * (1 - u);
            Vec3 a = s.at(some[i]);
            Vec3 p =
                    a.plus(s.at(some[i + 1]).minus(a), u).plus(s.at(some[i + 2]).minus(a), v);
            double least = Double.POSITIVE_INFINITY;
            for (int j = 0; j < others.length; j += 3) {
                least = Math.min(
                        least, Nearness.distance(p, s.at(others[j]), s.at(others[j + 1]), s.at(others[j + 2])));
            }
            most = Math.max(most, least);
        }
        return most;
    }

    // ---- what is promised ------------------------------------------------------------------------------------------

    @Property(tries = 40)
    void neitherSurfaceIsFartherFromTheOtherThanACellsDiagonal(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 60) int size) {
        Random r = new Random(seed);
        Shape s = any(r);
        double cell = size / 100.0;
        int[] coarse = s.coarser(cell).triangles();
        assertThat(coarse.length).isPositive().isLessThanOrEqualTo(s.triangles.length);
        double bound = MeshSimplifier.bound(cell) + 1e-5;
        assertThat(farthest(s, coarse, s.triangles, r)).isLessThanOrEqualTo(bound);
        assertThat(farthest(s, s.triangles, coarse, r)).isLessThanOrEqualTo(bound);
    }

    @Property(tries = 60)
    void nothingTurnsItsBackAndOnlyVerticesOfTheMeshAreUsed(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 60) int size) {
        Shape s = any(new Random(seed));
        MeshSimplifier c = s.coarser(size / 100.0);
        int[] t = c.triangles();
        assertThat(c.from()).hasSize(t.length / 3).doesNotHaveDuplicates();
        for (int i = 0; i < t.length; i += 3) {
            assertThat(t[i]).isBetween(0, s.positions.length / 3 - 1);
            int f = c.from()[i / 3] * 3;
            Vec3 was = normal(s, s.triangles[f], s.triangles[f + 1], s.triangles[f + 2]);
            assertThat(normal(s, t[i], t[i + 1], t[i + 2]).dot(was)).isGreaterThanOrEqualTo(0);
        }
    }

    private static Vec3 normal(Shape s, int a, int b, int c) {
        return s.at(b).minus(s.at(a)).cross(s.at(c).minus(s.at(a)));
    }

    @Test
    void aPoleThinnerThanACellStaysAsLongAsItIsAndGetsLight() {
        Shape s = pole();
        int[] t = s.coarser(0.2).triangles();
        assertThat(t.length / 3).isLessThan(60);
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int v : t) {
            low = Math.min(low, s.at(v).y());
            high = Math.max(high, s.at(v).y());
        }
        assertThat(high - low).isGreaterThan(3.6);
    }

    @Test
    void levelsGetCoarserEachByAThirdAtLeastAndFewTrianglesHaveNone() {
        for (Shape s : List.of(sphere(), hills(new Random(3)))) {
            List<Mesh.Level> levels =
                    MeshSimplifier.levels(s.positions, s.triangles, MeshEdges.of(s.positions, s.triangles));
            assertThat(levels.size()).isGreaterThanOrEqualTo(2);
            int last = s.triangles.length;
            float bound = 0;
            for (Mesh.Level level : levels) {
                assertThat(level.triangles().length).isPositive().isLessThanOrEqualTo((int) (last * 0.7));
                assertThat(level.bound()).isGreaterThan(bound);
                last = level.triangles().length;
                bound = level.bound();
            }
            assertThat(last).isLessThan(s.triangles.length / 8);
        }
        Shape few = patch(4, 4, (u, v) -> new Vec3(u, v, 0));
        assertThat(MeshSimplifier.levels(few.positions, few.triangles, MeshEdges.of(few.positions, few.triangles)))
                .isEmpty();
    }

    /** The rim of an open patch stays where it is: the vertices that stand for its cells lie on it. */
    @Test
    void bordersAreKept() {
        Shape s = patch(40, 40, (u, v) -> new Vec3(u, 0, v));
        int[] t = s.coarser(0.11).triangles();
        List<Double> xs = new ArrayList<>();
        for (int v : t) {
            xs.add(s.at(v).x());
        }
        assertThat(xs.stream().mapToDouble(x -> x).min().orElseThrow()).isZero();
        assertThat(xs.stream().mapToDouble(x -> x).max().orElseThrow()).isEqualTo(1);
    }

    @Test
    void oneCellForAllLeavesOneTriangle() {
        assertThat(sphere().coarser(100).triangles()).hasSize(3);
        assertThat(new Shape(new float[0], new int[0]).coarser(1).triangles()).isEmpty();
    }
}
