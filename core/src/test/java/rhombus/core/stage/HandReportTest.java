package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.coach.HandReport;
import rhombus.core.stage.coach.HandReport.Sort;
import rhombus.core.stage.coach.ReportState;

/** The report on a hand counts what was done, and its advice does what it says. */
class HandReportTest {
    private static final int RIGHT = 2;
    private final Hand h = new Hand();

    private HandReport report() {
        return h.stage.report();
    }

    private ReportState state() {
        return h.stage.advice().state(Map.of());
    }

    private ReportState.Advice advice(String about) {
        return state().advice().stream()
                .filter(a -> a.words().contains(about))
                .findFirst()
                .orElse(null);
    }

    private boolean follow(ReportState.Advice a) {
        return h.stage.advice().follow(a.id(), Map.of());
    }

    /** Whatever is done in whatever order, each use is counted once: a drag, a key, a run of the wheel. */
    @Property(tries = 60)
    void everyUseIsCountedOnce(@ForAll long seed) {
        Random r = new Random(seed);
        Hand hand = new Hand();
        Map<String, Integer> done = new HashMap<>();
        for (int i = 0; i < 12; i++) {
            hand.move(700, 200, 0);
            switch (r.nextInt(4)) {
                case 0 -> {
                    hand.drag(700, 200, 50, 20, RIGHT, 0);
                    done.merge("orbit-drag", 1, Integer::sum);
                }
                case 1 -> {
                    hand.tap("KeyH", 0);
                    done.merge("home", 1, Integer::sum);
                }
                case 2 -> {
                    for (int k = 0; k <= r.nextInt(5); k++) {
                        hand.stage.input().wheel(700, 200, 0, 100, 0, 0, hand.now += 30);
                    }
                    hand.rest();
                    done.merge("dolly-wheel", 1, Integer::sum);
                }
                default -> {
                    hand.hold("KeyS", 700, 200, 30, 10, 0);
                    done.merge("pan-hold", 1, Integer::sum);
                }
            }
        }
        Map<String, Integer> counted = hand.stage.report().counts(Sort.USED);
        assertThat(counted).isEqualTo(done);
        assertThat(hand.stage.advice().state(Map.of()).uses()).isEqualTo(12);
    }

    @Test
    void whatIsTakenBackAtOnceIsCounted() {
        h.move(700, 200, 0);
        h.move(700, 200, RIGHT);
        h.move(740, 220, RIGHT);
        h.down("Escape");
        h.up("Escape");
        h.move(740, 220, 0);
        assertThat(report().count(Sort.BACK, "navigate.orbit")).isEqualTo(1);
        h.move(700, 200, 0);
        h.drag(700, 200, 40, 10, RIGHT, 0);
        h.tap("Backspace", 0);
        assertThat(report().count(Sort.BACK, "navigate.orbit")).isEqualTo(2);
        h.drag(700, 200, 40, 10, RIGHT, 0);
        h.now += 5000;
        h.tap("Backspace", 0);
        assertThat(report().count(Sort.BACK, "navigate.orbit"))
                .as("that was later")
                .isEqualTo(2);
        h.tap("Backspace", 0);
        assertThat(report().count(Sort.BACK, "navigate.orbit")).as("back twice").isEqualTo(2);
        assertThat(state().back().get(0).words()).isEqualTo("Orbit");
        assertThat(state().back().get(0).of()).isEqualTo(3);
    }

    @Test
    void whatThePageRunsAgainAndAgainWithoutATriggerIsOfferedOne() {
        for (int i = 0; i < 5; i++) {
            assertThat(advice("from the page")).isNull();
            h.run("app.next-keymap", null);
        }
        ReportState.Advice a = advice("no trigger does it");
        assertThat(a.words()).startsWith("You ran “use the next keymap” 5 times from the page");
        assertThat(state().page().get(0).trigger()).isNull();
        assertThat(follow(a)).isTrue();
        List<String> triggers = h.stage.keymaps().triggersOf("app.next-keymap", Map.of());
        assertThat(triggers).hasSize(1);
        assertThat(a.deed()).isEqualTo("Give it " + triggers.get(0));
        assertThat(advice("use the next keymap")).as("it is settled").isNull();
        assertThat(follow(a)).as("it does not stand any more").isFalse();
        h.stage.keymaps().undo();
        assertThat(h.stage.keymaps().triggersOf("app.next-keymap", Map.of())).isEmpty();
    }

    /** Passing over a list, or putting the focus somewhere, is nothing that a user runs. */
    @Test
    void whatThePageDoesAlongTheWayIsNotCounted() {
        for (int i = 0; i < 9; i++) {
            h.run("select.hover", null);
            h.run("board.activate", "v2");
            h.run("rose.aim-away", "v2");
        }
        assertThat(state().page()).isEmpty();
    }

    @Test
    void goingBackTakesBackWhatMovedTheViewAndNothingElse() {
        h.move(700, 200, 0);
        h.drag(700, 200, 40, 10, RIGHT, 0);
        h.now += 5000;
        h.run("app.trail", null);
        h.tap("Backspace", 0);
        assertThat(state().back()).isEmpty();
        h.tap("KeyX", 0);
        h.tap("Backspace", 0);
        assertThat(state().back()).hasSize(1);
    }

    @Test
    void aKeyIsToldBeforeAGamepad() {
        h.run("walk.start", null);
        assertThat(state().page().get(0).trigger()).isEqualTo("W");
    }

    @Test
    void whatHasATriggerIsRemindedOf() {
        for (int i = 0; i < 5; i++) {
            h.run("view.frame-all", null);
        }
        ReportState.Advice a = advice("frame all");
        assertThat(a.words()).isEqualTo("You ran “frame all” 5 times from the page; Shift+F does it too.");
        assertThat(state().page().get(0).trigger()).isEqualTo("Shift+F");
        assertThat(follow(a)).isTrue();
        assertThat(advice("frame all")).isNull();
    }

    @Test
    void aWheelThatIsTakenBackIsTurnedRound() {
        for (int i = 0; i < 4; i++) {
            h.stage.input().wheel(700, 200, 0, 100, 0, 0, h.now += 10);
            h.rest();
            h.tap("Backspace", 0);
        }
        ReportState.Advice a = advice("4 of 4 times");
        assertThat(a.deed()).isEqualTo("Turn it round");
        assertThat(follow(a)).isTrue();
        assertThat(h.stage.habits().on(rhombus.core.habits.AllHabits.WHEEL_INVERT))
                .isTrue();
        assertThat(advice("4 of 4 times")).isNull();
    }

    @Test
    void aHandThatMostlyTouchesIsToldOfThePresetForIt() {
        for (int i = 0; i < 30; i++) {
            h.stage.input().touchDown(1, 700, 200, h.now += 10);
            h.stage.input().touchMove(1, 720, 200, h.now += 10);
            h.stage.input().touchMove(1, 740, 210, h.now += 10);
            h.stage.input().touchUp(1, 740, 210, false, h.now += 10);
            h.rest();
        }
        ReportState.Advice a = advice("your fingers");
        assertThat(follow(a)).isTrue();
        assertThat(h.stage.keymap().preset()).isEqualTo(KeymapPresets.TOUCH);
        assertThat(advice("your fingers")).isNull();
    }

    @Test
    void atMostThreePiecesOfAdviceAreGiven() {
        for (String id : List.of("view.frame-all", "view.home", "trail.forward", "app.next-keymap", "view.opposite")) {
            for (int i = 0; i < 6; i++) {
                h.run(id, null);
            }
        }
        assertThat(state().advice()).hasSize(3);
        assertThat(state().advice().get(0).words()).contains("no trigger");
    }

    @Test
    void switchedOffItCountsNothingAndErasedNothingIsLeft() {
        h.drag(700, 200, 40, 10, RIGHT, 0);
        h.stage.report().erase("2026-01-02");
        assertThat(state().uses()).isZero();
        assertThat(state().since()).isEqualTo("2026-01-02");
        h.habit("report.keep", "off");
        h.drag(700, 200, 40, 10, RIGHT, 0);
        h.run("view.frame-all", null);
        assertThat(state().uses()).isZero();
        assertThat(state().page()).isEmpty();
        assertThat(state().on()).isFalse();
    }

    /** Two windows that count and save in turns lose nothing and count nothing twice. */
    @Property(tries = 100)
    void windowsCountTogether(@ForAll long seed) {
        Random r = new Random(seed);
        Hand[] windows = {new Hand(), new Hand()};
        Map<String, Object> store = Map.of();
        int done = 0;
        for (int i = 0; i < 20; i++) {
            Hand w = windows[r.nextInt(2)];
            if (r.nextInt(3) == 0) {
                w.stage.report().restore(store, "2026-01-01");
                Map<String, Object> sent = w.stage.report().send();
                // The hand goes on while it is on its way, and sometimes it does not arrive.
                w.tap("KeyH", 0);
                done++;
                boolean arrives = r.nextInt(4) > 0;
                store = arrives ? sent : store;
                w.stage.report().sent(arrives);
            } else {
                w.move(700, 200, 0);
                w.tap("KeyH", 0);
                done++;
            }
        }
        for (Hand w : windows) {
            w.stage.report().restore(store, "2026-01-01");
            store = w.stage.report().send();
            w.stage.report().sent(true);
        }
        assertThat(PlainData.map(store.get("used")).getOrDefault("home", 0)).isEqualTo(done);
    }

    /** Whoever has it kept elsewhere from now on takes everything along. */
    @Test
    void movedToAnotherPlaceItIsAddedToWhatIsThere() {
        h.tap("KeyH", 0);
        report().send();
        report().sent(true);
        h.tap("KeyH", 0);
        report().moved();
        report().restore(
                        PlainData.map("format", "rhombus-hand-report", "version", 1, "used", Map.of("home", 5)),
                        "2026-01-01");
        assertThat(report().count(Sort.USED, "home")).isEqualTo(7);
    }

    @Test
    void whatIsKeptMayBeAnything() {
        h.tap("KeyH", 0);
        for (Map<String, Object> nonsense : List.of(
                Map.<String, Object>of(),
                PlainData.map("format", "rhombus-hand-report", "version", 99, "used", Map.of("home", 7)),
                PlainData.map("format", "rhombus-hand-report", "version", 1, "used", List.of(3)),
                PlainData.map("format", "rhombus-hand-report", "version", 1, "used", Map.of("home", -7, "x", "y")))) {
            report().restore(nonsense, "2026-01-01");
            assertThat(report().count(Sort.USED, "home")).isEqualTo(1);
        }
        report().restore(
                        PlainData.map("format", "rhombus-hand-report", "version", 1, "used", Map.of("gone-binding", 5)),
                        "2026-01-01");
        assertThat(state().used()).hasSize(1);
    }

    @Test
    void aReplayIsNobodysHand() {
        h.stage.recorder().record();
        h.drag(700, 200, 40, 10, RIGHT, 0);
        h.stage.recorder().stop();
        int before = state().uses();
        h.stage.recorder().play(h.now);
        while (h.stage.recorder().playing()) {
            h.stage.tick(h.now += 20);
        }
        assertThat(state().uses()).isEqualTo(before);
    }

    @Test
    void twoAdvicesNeverOfferTheSameTrigger() {
        for (int k = 0; k < 9; k++) {
            h.run("view.frame-everything", "v2");
            h.run("view.free-flat", "v2");
        }
        List<String> deeds = state().advice().stream()
                .map(ReportState.Advice::deed)
                .filter(d -> d.startsWith("Give it"))
                .toList();
        assertThat(deeds).hasSizeGreaterThanOrEqualTo(2).doesNotHaveDuplicates();
    }
}
