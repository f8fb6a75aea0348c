package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** How lines that lie over each other share a picture. */
class LineCoverageTest {
    /** 10 m high, 600 pixels: from in front, flat. */
    private static final Screen SCREEN =
            new Screen(new Pose(new Vec3(0, 0, 50), Quat.IDENTITY, 50, new Projection.Orthographic(10)), 800, 600);

    private static Aabb box(double x, double y, double size) {
        Vec3 h = new Vec3(size / 2, size / 2, size / 2);
        return new Aabb(new Vec3(x, y, 0).minus(h), new Vec3(x, y, 0).plus(h));
    }

    @Test
    void whatIsAloneKeepsItsLinesAndWhatLiesOverOthersGivesSomeUp() {
        LineCoverage c = new LineCoverage(SCREEN);
        Aabb alone = box(-4, 3, 1);
        c.add(alone, 400);
        for (int i = 0; i < 100; i++) {
            c.add(box(2, -2, 1), 400);
        }
        assertThat(c.share(alone)).isEqualTo(1);
        assertThat(c.share(box(2, -2, 1))).isLessThan(0.3).isPositive();
        assertThat(c.share(box(-4, -3, 1))).as("where nothing is").isEqualTo(1);
    }

    @Test
    void moreOfTheSameMakesEachShareSmaller() {
        double before = 2;
        for (int n : new int[] {5, 20, 80, 320}) {
            LineCoverage c = new LineCoverage(SCREEN);
            for (int i = 0; i < n; i++) {
                c.add(box(0, 0, 2), 3000);
            }
            double share = c.share(box(0, 0, 2));
            assertThat(share).isBetween(0.0, 1.0).isLessThan(before);
            before = share;
        }
    }

    /** Where each draws its share, there is more room for all. */
    @Property(tries = 200)
    void togetherTheyLeaveThePictureOpen(@ForAll long seed) {
        Random r = new Random(seed);
        LineCoverage c = new LineCoverage(SCREEN);
        List<Aabb> boxes = new ArrayList<>();
        double pixels = 500 + r.nextDouble() * 8000;
        int n = 1 + r.nextInt(200);
        for (int i = 0; i < n; i++) {
            boxes.add(box(r.nextGaussian(), r.nextGaussian(), 1.5));
            c.add(boxes.get(i), pixels);
        }
        LineCoverage shared = new LineCoverage(SCREEN);
        for (Aabb b : boxes) {
            double share = c.share(b);
            assertThat(share).isGreaterThan(0).isLessThanOrEqualTo(1);
            shared.add(b, pixels * share);
        }
        for (Aabb b : boxes) {
            assertThat(shared.share(b)).as("each has more room than before").isGreaterThanOrEqualTo(c.share(b));
        }
    }

    @Test
    void aboutTheEyeNothingIsGivenUp() {
        Screen near = new Screen(new Pose(Vec3.ZERO, Quat.IDENTITY, 5, new Projection.Perspective(0.8)), 800, 600);
        LineCoverage c = new LineCoverage(near);
        Aabb round = box(0, 0, 3);
        c.add(round, 1e6);
        assertThat(c.share(round)).isCloseTo(1, within(0.0));
    }
}
