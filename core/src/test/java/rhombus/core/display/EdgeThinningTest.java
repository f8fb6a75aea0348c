package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class EdgeThinningTest {
    @Property(tries = 1000)
    void neverMoreThanThereAreAndMoreOnALargerPicture(
            @ForAll @DoubleRange(min = 0, max = 1e7) double area,
            @ForAll @DoubleRange(min = 1, max = 100) double larger,
            @ForAll @IntRange(min = 0, max = 3_000_000) int total) {
        int n = EdgeThinning.count(area, total);
        assertThat(n).isBetween(Math.min(12, total), total);
        assertThat(EdgeThinning.count(area * larger, total)).isGreaterThanOrEqualTo(n);
    }

    /** What is selected has an outline, and lines that leave more of it free; fewer of them, but never none. */
    @Property(tries = 300)
    void selectedThingsHaveNoMoreLinesThanOthers(
            @ForAll @DoubleRange(min = 0, max = 1e7) double area,
            @ForAll @IntRange(min = 1, max = 100_000) int total,
            @ForAll @DoubleRange(min = 0, max = 1000) double length) {
        int n = EdgeThinning.countSelected(area, total, length);
        assertThat(n).isBetween(1, EdgeThinning.count(area, total));
        // However long they are, they cover no more than an eighth of the area, but for the few that are always drawn.
        if (n > 12 && n < total) {
            assertThat(n * length).isLessThanOrEqualTo(area / 8);
        }
    }

    /** Needles in all directions: what the mean of their lengths on the screen is, by adding them up. */
    @Property(tries = 20)
    void theLengthOfThingsAtRandomIsTheirMean(@ForAll @DoubleRange(min = 0.1, max = 5) double metres) {
        Pose pose =
                new Pose(new Vec3(0, 0, 10), rhombus.core.geometry.Quat.IDENTITY, 10, new Projection.Orthographic(40));
        Screen screen = new Screen(pose, 800, 600);
        Vec3 middle = screen.project(Vec3.ZERO);
        double sum = 0;
        int n = 20_000;
        for (int i = 0; i < n; i++) {
            // Even over the sphere: Fibonacci's spiral.
            double z = 1 - 2 * (i + 0.5) / n;
            double round = i * Math.PI * (3 - Math.sqrt(5));
            double r = Math.sqrt(1 - z * z);
            Vec3 tip = new Vec3(r * Math.cos(round), r * Math.sin(round), z).times(metres);
            Vec3 seen = screen.project(tip);
            sum += Math.hypot(seen.x() - middle.x(), seen.y() - middle.y());
        }
        Aabb box = new Aabb(new Vec3(-1, -1, -1), new Vec3(1, 1, 1));
        assertThat(EdgeThinning.length(screen, box, metres))
                .isCloseTo(sum / n, org.assertj.core.api.Assertions.withinPercentage(0.1));
    }

    @Property(tries = 1000)
    void closeEnoughEveryEdgeIsDrawn(@ForAll @IntRange(min = 1, max = 3_000_000) int total) {
        assertThat(EdgeThinning.count(total * 4.0, total)).isEqualTo(total);
        assertThat(EdgeThinning.count(Double.POSITIVE_INFINITY, total)).isEqualTo(total);
    }

    /** The area of a box seen straight on is that of the face, and what project() says its corners enclose. */
    @Property(tries = 1000)
    void theAreaOfABoxIsWhatItCoversOnTheScreen(
            @ForAll @DoubleRange(min = 0.1, max = 50) double w, @ForAll @DoubleRange(min = 0.1, max = 50) double h) {
        Aabb box = new Aabb(new Vec3(-w / 2, -h / 2, 0), new Vec3(w / 2, h / 2, 0));
        Pose pose =
                new Pose(new Vec3(0, 0, 10), rhombus.core.geometry.Quat.IDENTITY, 10, new Projection.Orthographic(40));
        Screen screen = new Screen(pose, 800, 600);
        Vec3 a = screen.project(box.min());
        Vec3 b = screen.project(box.max());
        double covered = Math.abs((b.x() - a.x()) * (b.y() - a.y()));
        assertThat(EdgeThinning.area(screen, box))
                .isCloseTo(covered, org.assertj.core.api.Assertions.withinPercentage(1e-6));
    }
}
