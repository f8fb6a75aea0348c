package rhombus.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class BvhAssemblyTest {
    /** Whatever the pieces, rays meet what they meet in a hierarchy that was put together at once, and nothing is there before. */
    @Property(tries = 200)
    void inPiecesItIsTheSame(
            @ForAll @IntRange(min = 0, max = 200) int count,
            @ForAll @IntRange(min = 1, max = 70) int piece,
            @ForAll long seed) {
        Random random = new Random(seed);
        float[] p = new float[count * 9];
        for (int i = 0; i < p.length; i++) {
            p[i] = random.nextFloat() * 4 + (i % 9 < 3 ? 0 : p[i - i % 9 + i % 3] * 0.5f);
        }
        int[] t = new int[count * 3];
        for (int i = 0; i < t.length; i++) {
            t[i] = i;
        }
        Bvh built = BvhBuilder.of(p, t);
        BvhAssembly parts = new BvhAssembly(built.nodes(), built.order(), p, t);
        int done = 0;
        while (parts.bvh() == null) {
            int did = parts.more(piece);
            assertThat(did).isBetween(1, piece);
            done += did;
        }
        assertThat(done).isEqualTo(count);
        assertThat(parts.more(Integer.MAX_VALUE)).isZero();
        Bvh got = parts.bvh();
        double[] a = new double[3];
        double[] b = new double[3];
        for (int i = 0; i < 40; i++) {
            double[] ray = new double[7];
            for (int k = 0; k < 3; k++) {
                ray[k] = random.nextDouble() * 6 - 1;
                ray[k + 3] = random.nextDouble() - 0.5;
            }
            ray[6] = 1e9;
            assertThat(got.closest(ray, a)).isEqualTo(built.closest(ray, b));
            assertThat(a).isEqualTo(b);
        }
    }

    @Property(tries = 20)
    void whatDoesNotBelongToTheMeshIsRefused(@ForAll @IntRange(min = 1, max = 20) int count) {
        float[] p = new float[count * 9];
        assertThatThrownBy(() -> new BvhAssembly(new float[16], new int[count + 1], p, new int[count * 3]))
                .hasMessageContaining("does not belong");
        assertThatThrownBy(() -> new BvhAssembly(new float[15], new int[count], p, new int[count * 3]))
                .hasMessageContaining("does not belong");
    }
}
