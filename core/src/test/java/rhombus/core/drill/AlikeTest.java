package rhombus.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.StoredView;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** How much of the way to a view a view is, and drills that are made of two. */
class AlikeTest {
    private static Vec3 point(Random r, double size) {
        return new Vec3(r.nextGaussian() * size, r.nextGaussian() * size, r.nextGaussian() * size);
    }

    private static Pose pose(Random r, boolean flat) {
        double focus = Math.exp(r.nextGaussian());
        return new Pose(
                point(r, 10),
                Quat.about(point(r, 1).unit(), r.nextDouble() * 6),
                focus,
                flat ? new Projection.Orthographic(focus * 2) : new Projection.Perspective(0.8));
    }

    private static Pose at(Pose p, Vec3 eye, Quat orientation) {
        return new Pose(eye, orientation, p.focus(), p.projection());
    }

    @Property(tries = 200)
    void theViewItselfIsThereAndEveryOtherIsOnTheWay(@ForAll Random r, @ForAll boolean flat) {
        Pose goal = pose(r, flat);
        assertThat(DrillJudges.alike(goal, goal)).isEqualTo(1);
        assertThat(DrillJudges.alike(pose(r, flat), goal)).isBetween(0.0, 1.0);
        assertThat(DrillJudges.alike(pose(r, !flat), goal))
                .as("of the other kind")
                .isLessThanOrEqualTo(0.5);
    }

    /** Whoever goes straight towards the view, and turns straight towards it, is never told to be farther than before. */
    @Property(tries = 100)
    void comingNearerIsNeverLess(@ForAll Random r, @ForAll boolean flat) {
        Pose goal = pose(r, flat);
        Vec3 off = point(r, 5);
        Quat turned = Quat.about(point(r, 1).unit(), 1 + r.nextDouble()).times(goal.orientation());
        double before = 0;
        for (int i = 20; i >= 0; i--) {
            double part = DrillJudges.alike(
                    at(goal, goal.eye().plus(off, i / 20.0), goal.orientation().slerp(turned, i / 20.0)), goal);
            assertThat(part).isGreaterThanOrEqualTo(before - 1e-9);
            before = part;
        }
        assertThat(before).isEqualTo(1);
    }

    @Property(tries = 100)
    void anEyeNeedNotAimBetterThanAHandCan(
            @ForAll Random r, @ForAll boolean flat, @ForAll @DoubleRange(max = 0.95) double off) {
        Pose goal = pose(r, flat);
        double size = flat ? goal.focus() * 2 : goal.focus();
        Vec3 way = point(r, 1).unit().times(size);
        assertThat(DrillJudges.alike(at(goal, goal.eye().plus(way, 0.05 * off), goal.orientation()), goal))
                .isEqualTo(1);
        Quat little = Quat.about(point(r, 1).unit(), Math.toRadians(3) * off).times(goal.orientation());
        assertThat(DrillJudges.alike(at(goal, goal.eye(), little), goal)).isEqualTo(1);
        Quat more =
                Quat.about(goal.orientation().forward(), Math.toRadians(3.2)).times(goal.orientation());
        assertThat(DrillJudges.alike(at(goal, goal.eye(), more), goal))
                .as("tilted")
                .isLessThan(1);
        Pose ahead = at(goal, goal.eye().plus(goal.orientation().forward(), size), goal.orientation());
        assertThat(DrillJudges.alike(ahead, goal) == 1)
                .as("a flat view has no place along its sight")
                .isEqualTo(flat);
    }

    @Property(tries = 100)
    void whatIsMadeOfTwoViewsIsADrillAndAnythingElseIsRefusedInWords(@ForAll Random r) {
        Map<String, Object> start = StoredView.pose(pose(r, r.nextBoolean()));
        Map<String, Object> goal = StoredView.pose(pose(r, r.nextBoolean()));
        assertThat(Drill.own("mine", PlainData.map("start", start, "goal", goal))
                        .id())
                .isEqualTo("mine");
        List<Object> wrong = new ArrayList<>();
        wrong.add(null);
        wrong.addAll(List.of("x", 7, List.of(), Map.of(), Map.of("eye", List.of(1, 2, "y"))));
        for (Object w : wrong) {
            assertThat(DrillSession.against(PlainData.map("start", w, "goal", goal)))
                    .endsWith(".");
            assertThat(DrillSession.against(PlainData.map("start", start, "goal", w)))
                    .endsWith(".");
        }
    }

    @Test
    void aDrillThatIsDoneBeforeItBeginsIsNone() {
        Map<String, Object> here = StoredView.pose(pose(new Random(3), false));
        assertThatThrownBy(() -> Drill.own("mine", PlainData.map("start", here, "goal", here)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("go somewhere else first");
    }
}
