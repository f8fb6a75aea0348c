package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.stage.coach.Tip;
import rhombus.core.stage.commands.AllCommands;

/** Tips come one at a time, once each, after what they would help with, and never after they were used. */
class TipsTest {
    private static final int RIGHT = 2;
    private static final double PEACE = 15_000;
    private final Hand h = new Hand();

    TipsTest() {
        h.stage.habit("shown.tips", "on");
        h.now = 100_000;
    }

    private Tip tip() {
        List<Tip> l = h.stage.tips(Map.of());
        assertThat(l).hasSizeLessThanOrEqualTo(1);
        return l.isEmpty() ? null : l.get(0);
    }

    private String id() {
        Tip t = tip();
        return t == null ? "" : t.id();
    }

    private void orbit(int times) {
        for (int i = 0; i < times; i++) {
            h.move(700, 200, RIGHT);
            h.move(740, 200, RIGHT);
            h.move(740, 200, 0);
            h.now += 1000;
        }
    }

    private void wheel(double dx, double dy, int times) {
        for (int i = 0; i < times; i++) {
            h.stage.input().wheel(700, 200, dx, dy, 0, 0, h.now += 16);
        }
    }

    @Test
    void theRoseIsToldOfAfterSomeOrbitsWhereTheHandIsAndNotAgain() {
        orbit(3);
        assertThat(tip()).isNull();
        orbit(1);
        assertThat(id()).isEqualTo("rose");
        assertThat(tip().x()).isEqualTo(740);
        assertThat(tip().y()).isEqualTo(200);
        h.run("app.end-tip", null);
        assertThat(tip()).isNull();
        h.now += PEACE;
        orbit(1);
        assertThat(id()).isNotEqualTo("rose");
        assertThat(h.stage.habits().value(AllHabits.TIPS_OVER).toString()).startsWith("rose");
    }

    @Test
    void whatWasUsedIsNotToldOf() {
        h.tap("KeyV", 0);
        h.now += PEACE;
        orbit(30);
        for (int i = 0; i < 10; i++) {
            assertThat(id()).isNotEqualTo("pivot");
            h.run("app.end-tip", null);
            h.now += PEACE + 1;
            orbit(1);
        }
    }

    @Test
    void aTipGoesWhenItIsFollowed() {
        h.run("display.set", null, "look", "wire");
        h.run("display.set", null, "look", "boxes");
        h.run("display.set", null, "look", "wire");
        assertThat(id()).isEqualTo("looks");
        assertThat(tip().words()).startsWith("0 changes");
        h.tap("Digit0", 0);
        assertThat(tip()).isNull();
    }

    @Test
    void nothingComesWithoutTheSettingNorWhileFirstStepsAreAskedFor() {
        h.stage.habit("shown.first-steps", "frame");
        orbit(6);
        assertThat(tip()).isNull();
        h.stage.habit("shown.first-steps", "over");
        orbit(1);
        assertThat(id()).isEqualTo("rose");
        h.run("app.no-tips", null);
        h.now += PEACE;
        orbit(20);
        assertThat(tip()).isNull();
        h.run("app.tips-again", null);
        orbit(4);
        assertThat(id()).isEqualTo("rose");
    }

    @Test
    void aTipWhoseKeyIsNotThereDoesNotCome() {
        h.stage.habit("keys.letters", false);
        h.run("pivot.set-here", null);
        h.run("rose.go", null);
        orbit(14);
        assertThat(id()).as("Q is a single letter").isEmpty();
        h.stage.habit("keys.letters", true);
        orbit(1);
        assertThat(id()).isEqualTo("solo");
    }

    /** What browsers report of a wheel with notches, 100 or 120 pixels each, and of fingers: common practice, no source. */
    @Test
    void fingersOnATrackpadAreOfferedTheirKeymapAndAWheelIsNot() {
        wheel(0, 100, 40);
        wheel(0, -120, 40);
        assertThat(id()).isNotEqualTo("trackpad");
        h.run("app.end-tip", null);
        h.now += PEACE;
        wheel(0, 4, 5);
        h.now += 500;
        wheel(1, 4, 5);
        assertThat(id()).as("too short to tell").isNotEqualTo("trackpad");
        h.run("app.end-tip", null);
        h.now += PEACE;
        wheel(1.5, -6, 9);
        assertThat(id()).isEqualTo("trackpad");
        Tip t = tip();
        h.run(t.command(), null, "preset", t.args().get("preset"));
        assertThat(h.stage.keymap().bindings())
                .isEqualTo(AllCommands.CATALOGUE.preset(KeymapPresets.TRACKPAD).bindings());
        assertThat(tip()).isNull();
    }

    @Property(tries = 40)
    void neverTwoAtOnceNeverOneTwiceAndNeverTwoSoonAfterEachOther(@ForAll Random r) {
        // One instance serves all tries.
        new TipsTest().atRandom(r);
    }

    private void atRandom(Random r) {
        List<String> came = new ArrayList<>();
        String last = "";
        double lastAt = Double.NEGATIVE_INFINITY;
        List<String> commands = List.of(
                "view.frame-all",
                "view.home",
                "trail.back",
                "display.swap",
                "view.opposite",
                "view.toggle-projection",
                "app.find",
                "pin.add",
                "app.end-tip");
        for (int i = 0; i < 120; i++) {
            if (r.nextInt(3) == 0) {
                orbit(1);
            } else {
                h.run(commands.get(r.nextInt(commands.size())), null);
                h.now += r.nextInt(4000);
            }
            String now = id();
            if (!now.isEmpty() && !now.equals(last)) {
                assertThat(came).doesNotContain(now);
                assertThat(h.now - lastAt).isGreaterThan(PEACE - 4000);
                came.add(now);
                lastAt = h.now;
            }
            last = now;
        }
        assertThat(came)
                .as(
                        "over: %s, on: %s",
                        h.stage.habits().value(AllHabits.TIPS_OVER),
                        h.stage.habits().value(AllHabits.TIPS))
                .isNotEmpty();
    }
}
