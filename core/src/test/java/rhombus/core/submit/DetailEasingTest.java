package rhombus.core.submit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.function.ToDoubleFunction;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.lifecycle.BeforeTry;

/** Detail is eased only as far as frames are slow, does not swing, and is whole again at rest. */
class DetailEasingTest {
    private DetailEasing e = new DetailEasing();
    private double time = 1000;
    private int turns;

    /** Every try has an easing of its own. */
    @BeforeTry
    void fresh() {
        e = new DetailEasing();
        time = 1000;
        turns = 0;
    }

    /** How much is left out, in one number that grows with it. */
    private double amount() {
        return e.detail().tolerance() / 12 + 2 * (1 - e.scale()) + e.detail().small() / 14;
    }

    /** A machine on which a frame takes what the easing makes of it; gives what the last one took. */
    private double run(int frames, ToDoubleFunction<DetailEasing> machine) {
        double took = machine.applyAsDouble(e);
        double was = amount();
        double way = 0;
        for (int i = 0; i < frames; i++) {
            e.frame(time, time - took, true);
            double d = Math.signum(amount() - was);
            if (i > frames / 2 && d != 0) {
                turns += way != 0 && d != way ? 1 : 0;
                way = d;
            }
            was = amount();
            took = Math.max(16.7, machine.applyAsDouble(e));
            time += took;
        }
        return took;
    }

    @Property(tries = 300)
    void aSteadyMachineIsQuickEnoughSoonAndNothingSwings(
            @ForAll long seed, @ForAll @DoubleRange(min = 5, max = 900) double full) {
        Random r = new Random(seed);
        run(200, x -> full * Math.pow(0.35, amount()) * (1 + 0.1 * (r.nextDouble() - 0.5)));
        // Frames vary by a twentieth, so that one just over the mark may pass for one below it.
        assertThat(full * Math.pow(0.35, amount()) * 0.95).isLessThanOrEqualTo(DetailEasing.SLOW);
        assertThat(turns).as("changes of direction in the second half").isLessThanOrEqualTo(2);
    }

    @Property(tries = 100)
    void aQuickMachineIsNeverEased(@ForAll @DoubleRange(min = 1, max = 65) double full) {
        run(300, x -> full);
        assertThat(amount()).isZero();
        assertThat(e.active()).isFalse();
        assertThat(e.words()).isEmpty();
    }

    /** Fewer pixels and squares cost the eye something: where time goes elsewhere, they are not used. */
    @Property(tries = 50)
    void whatDoesNotHelpIsTakenBack(@ForAll @DoubleRange(min = 80, max = 400) double rest) {
        run(60, x -> rest + 100 * (1 - x.detail().tolerance() / 12));
        assertThat(e.words()).isEqualTo("coarser");
        assertThat(e.scale()).isEqualTo(1);
        assertThat(e.detail().small()).isZero();
    }

    /** And what comes after it is tried all the same. */
    @Example
    void whatHelpsIsFoundBehindWhatDoesNot() {
        double took = run(60, x -> 30 + 500 * (1 - x.detail().small() / 14));
        assertThat(took).isLessThanOrEqualTo(DetailEasing.SLOW);
        assertThat(e.words()).isEqualTo("coarser, small things as squares");
    }

    /** Where a frame takes a second nobody waits for one kind of easing after the other. */
    @Example
    void hopelessFramesAreEasedAtOnce() {
        run(3, x -> 80 + 1500 * (1 - x.detail().small() / 14));
        assertThat(e.words()).isEqualTo("coarser, small things as squares");
        // Fewer pixels are tried then, and taken back since they do not help here.
        run(30, x -> 80 + 1500 * (1 - x.detail().small() / 14));
        assertThat(e.words()).isEqualTo("coarser, small things as squares");
    }

    /** Things of one size become squares all at once: trying to bring them back must not happen again and again. */
    @Example
    void aCliffIsNotTriedAgainAndAgain() {
        double[] slow = new double[1];
        run(400, x -> {
            double took = x.detail().small() > 9 ? 25 : 900;
            slow[0] += took > 100 ? 1 : 0;
            return took;
        });
        assertThat(slow[0]).isLessThan(16);
    }

    /** In the order of what is seen least: triangles first, then pixels, then squares. */
    @Example
    void oneAfterTheOther() {
        for (int i = 0; i < 40; i++) {
            run(1, x -> 550 * Math.pow(0.6, amount()));
            if (e.scale() < 1) {
                assertThat(e.detail().tolerance()).isEqualTo(12);
            }
            if (e.detail().small() > 0) {
                assertThat(e.scale()).isEqualTo(0.5);
            }
        }
        assertThat(e.words()).isEqualTo("coarser, fewer pixels, small things as squares");
    }

    @Example
    void atRestEverythingIsThereAndTheNextMotionBeginsWhereThisOneEnded() {
        run(6, x -> 120);
        double moving = amount();
        assertThat(moving).isPositive();
        e.frame(time += 100, time - 10, false);
        assertThat(e.active()).isFalse();
        assertThat(e.detail()).isEqualTo(DrawSubmission.Detail.FULL);
        assertThat(e.scale()).isEqualTo(1);
        e.frame(time += 9000, time - 10, true);
        assertThat(amount()).isEqualTo(moving);
    }

    /** A hand that holds still between two frames does not make the machine slow. */
    @Example
    void timeInWhichNothingWasAskedForDoesNotCount() {
        for (int i = 0; i < 20; i++) {
            e.frame(i * 400, i * 400 - 10, true);
        }
        assertThat(amount()).isZero();
    }

    /** On a machine that gets quick again detail comes back, to the last of it. */
    @Example
    void detailComesBack() {
        run(40, x -> 900 * Math.pow(0.5, amount()));
        run(3000, x -> 17);
        assertThat(amount()).isZero();
    }

    /** However long a picture in full takes, the first one of a motion is eased, and none takes more than twice the eased ones. */
    @Property(tries = 200)
    void theFirstPictureOfAMotionIsEasedAlready(@ForAll @DoubleRange(min = 200, max = 8000) double full) {
        e.frame(time, time, false);
        e.full(full);
        e.frame(time += full, time, true);
        assertThat(e.active()).isTrue();
        double first = amount();
        run(40, x -> full * Math.pow(full > 600 ? 0.02 : 0.2, amount()));
        assertThat(first)
                .as("no step comes later that the first picture could have had")
                .isGreaterThan(0.4 * amount());
    }

    /** A picture of many seconds counts as slow, and not as a pause of the hand. */
    @Example
    void picturesOfManySecondsAreLearntFrom() {
        for (int i = 0; i < 3; i++) {
            e.frame(time, time - 4000, true);
            time += 4000;
        }
        assertThat(e.words()).contains("squares");
    }

    @Example
    void whatIsQuickInFullIsNotEased() {
        e.full(30);
        e.frame(time, time, true);
        assertThat(e.active()).isFalse();
    }
}
