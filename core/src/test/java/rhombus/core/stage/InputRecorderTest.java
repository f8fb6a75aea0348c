package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.device.GamepadParts;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.coach.InputRecorder;
import rhombus.core.view.Pose;

/** What a hand did is done again: from the same views it leads to the same views. */
class InputRecorderTest {
    private static void gesture(Hand h, Random r) {
        double x = 20 + r.nextInt(940);
        double y = 20 + r.nextInt(740);
        switch (r.nextInt(6)) {
            case 0 -> h.drag(x, y, r.nextInt(200) - 100, r.nextInt(200) - 100, 2, 0);
            case 1 -> h.drag(x, y, r.nextInt(200) - 100, r.nextInt(200) - 100, 4, 0);
            case 2 -> h.hold("KeyD", x, y, r.nextInt(90) - 45, r.nextInt(90) - 45, 0);
            case 3 -> {
                h.move(x, y, 0);
                h.tap(List.of("KeyH", "KeyX", "KeyF", "KeyP", "ArrowLeft").get(r.nextInt(5)), 0);
            }
            case 4 -> {
                h.stage.input().wheel(x, y, 0, r.nextBoolean() ? 100 : -100, 0, 0, h.now += 10);
                h.rest();
            }
            default -> {
                h.stage.input().touchDown(1, x, y, h.now += 10);
                h.stage.input().touchMove(1, x + 20, y + 5, h.now += 10);
                h.stage.input().touchMove(1, x + 60, y + 35, h.now += 10);
                h.stage.input().touchUp(1, x + 60, y + 35, false, h.now += 10);
                h.rest();
            }
        }
    }

    private static List<Pose> poses(Hand h) {
        List<Pose> out = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            out.add(h.pose(i));
        }
        return out;
    }

    /** Plays to the end with a picture now and then. */
    private static void play(Hand h, Random r) {
        h.stage.recorder().play(h.now);
        while (h.stage.recorder().playing()) {
            h.stage.tick(h.now += 1 + r.nextInt(40));
        }
        h.rest();
    }

    /** At another time, on a stage that is as large as the first one was at every moment. */
    private static void doneAgain(Hand first, Random r) {
        first.stage.recorder().stop();
        Hand second = new Hand();
        second.now = r.nextInt(100_000);
        second.stage.recorder().sizesBy(second.stage::resize);
        assertThat(second.stage.recorder().bring(first.stage.recorder().toPlain()))
                .isNull();
        play(second, r);
        assertThat(poses(second)).isEqualTo(poses(first));
    }

    /** Between the beginning of a recording and the first thing a hand does the page may make room for a bar. */
    @Test
    void theStageIsAsLargeAsTheHandFindsIt() {
        Hand first = new Hand();
        first.stage.recorder().record(true);
        first.stage.resize(1000, 700);
        // Just below the border between the viewports, where it is now.
        first.move(300, 354, 0);
        first.tap("KeyX", 0);
        first.rest();
        assertThat(first.stage.recorder().toPlain())
                .containsEntry("width", 1000.0)
                .containsEntry("height", 700.0);
        Hand second = new Hand();
        second.stage.resize(1000, 700);
        assertThat(second.stage.recorder().bring(first.stage.recorder().toPlain()))
                .isNull();
        play(second, new Random(1));
        assertThat(second.stage.views().all().stream()
                        .filter(v -> v.active())
                        .map(v -> v.id())
                        .toList())
                .isEqualTo(first.stage.views().all().stream()
                        .filter(v -> v.active())
                        .map(v -> v.id())
                        .toList());
        assertThat(poses(second)).isEqualTo(poses(first));
    }

    /** A drawer beside the stage is opened and shut while a hand is recorded. */
    @Property(tries = 40)
    void aStageThatChangesMeanwhileIsThatLargeAgain(@ForAll long seed) {
        Random r = new Random(seed);
        Hand first = new Hand();
        first.stage.recorder().record();
        for (int i = 0; i < 6; i++) {
            gesture(first, r);
            first.stage.resize(960 + r.nextInt(300), 760 + r.nextInt(200));
        }
        doneAgain(first, r);
    }

    /** Where a window decides how large the stage is, points go to the same place in it. */
    @Test
    void pointsToldInAnotherSizeMeanwhileAreScaledByThat() {
        Hand first = new Hand();
        first.stage.recorder().record();
        first.move(752, 602, 0);
        first.stage.resize(503, 403);
        first.move(376, 302, 0);
        Hand second = new Hand();
        second.stage.recorder().bring(first.stage.recorder().toPlain());
        play(second, new Random(1));
        assertThat(second.stage.parts.ground.board().active().id).isEqualTo("v4");
        assertThat(second.stage.parts.ground.pointer().x()).isBetween(745.0, 760.0);
    }

    @Property(tries = 60)
    void theSameViewsComeOfIt(@ForAll long seed) {
        Random r = new Random(seed);
        Hand first = new Hand();
        first.stage.recorder().record();
        for (int i = 0; i < 6; i++) {
            gesture(first, r);
        }
        doneAgain(first, r);
    }

    @Test
    void onAStageOfAnotherSizePointsGoAlong() {
        Hand first = new Hand();
        first.stage.recorder().record();
        first.move(752, 602, 0);
        Map<String, Object> file = first.stage.recorder().toPlain();
        Hand second = new Hand();
        second.stage.resize(503, 403);
        second.stage.recorder().bring(file);
        play(second, new Random(1));
        assertThat(second.stage.parts.ground.board().active().id).isEqualTo("v4");
        assertThat(second.stage.parts.ground.pointer().x()).isBetween(370.0, 380.0);
    }

    @Test
    void whoeverTakesHoldEndsIt() {
        Hand h = new Hand();
        h.stage.recorder().record();
        h.drag(700, 200, 90, 40, 2, 0);
        h.stage.recorder().stop();
        h.stage.recorder().play(h.now);
        h.stage.tick(h.now += 60);
        assertThat(h.stage.recorder().playing()).isTrue();
        h.move(100, 100, 0);
        assertThat(h.stage.recorder().playing()).as("a pointer that passes").isTrue();
        h.down("Escape");
        assertThat(h.stage.recorder().playing()).isFalse();
        assertThat(h.stage.parts.resolver.moving()).as("nothing stays held").isFalse();
    }

    @Test
    void aGamepadIsRecordedAndLeavesNothingBehind() {
        Hand h = new Hand();
        h.move(700, 200, 0);
        h.stage.input().pointerLeft();
        h.rest();
        h.stage.recorder().record();
        double[] none = new double[17];
        h.stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, new double[4], none, h.now += 10);
        h.stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, new double[] {1, 0, 0, 0}, none, h.now += 10);
        h.stage.tick(h.now += 100);
        h.stage.recorder().stop();
        Pose moved = h.pose(1);
        h.stage.devices().gamepadGone(0, h.now += 10);
        play(h, new Random(2));
        assertThat(h.pose(1)).isNotEqualTo(moved);
        assertThat(h.stage.devices().state().devices()).isEmpty();
        assertThat(h.stage.animating()).isFalse();
    }

    @Test
    void filesThatAreNoneAreRefusedWithTheirPlace() {
        InputRecorder r = new Hand().stage.recorder();
        assertThat(r.bring(Map.of())).isEqualTo("This is no recording of a hand.");
        assertThat(r.bring(PlainData.map("format", "rhombus-recording", "version", 9)))
                .contains("version 9")
                .contains("version 1");
        assertThat(r.bring(file(List.of(0, "jump")))).isEqualTo("events[0]: \"jump\" is no event.");
        assertThat(r.bring(file(List.of(5, "left"), List.of(2, "left")))).startsWith("events[1]: it is earlier");
        assertThat(r.bring(file(List.of(5, "key-up", 3, 3)))).startsWith("events[0]: what is told");
        assertThat(r.bring(file(List.of(-1, "left")))).contains("is no time");
        assertThat(r.bring(file(List.of(0, "size", 0, 400)))).startsWith("events[0]: what is told");
        assertThat(r.bring(file("x"))).isEqualTo("events[0]: \"\" is no event.");
        assertThat(r.bring(PlainData.map("format", "rhombus-recording", "version", 1, "events", List.of())))
                .contains("how large");
        List<Object> many = new ArrayList<>();
        for (int i = 0; i < 200_001; i++) {
            many.add(List.of(0, "left"));
        }
        assertThat(r.bring(file(many.toArray()))).contains("at most 200000 events; this one has 200001");
        assertThat(r.state().events()).as("nothing was taken over").isZero();
    }

    private static Map<String, Object> file(Object... events) {
        return PlainData.map(
                "format", "rhombus-recording", "version", 1, "width", 10, "height", 10, "events", List.of(events));
    }

    @Test
    void aNewRecordingBeginsAnewAndAnEmptyOnePlaysNothing() {
        Hand h = new Hand();
        h.stage.recorder().play(h.now);
        assertThat(h.stage.recorder().playing()).isFalse();
        h.stage.recorder().record();
        h.move(10, 10, 0);
        assertThat(h.stage.recorder().state().events()).isEqualTo(1);
        h.stage.recorder().record();
        assertThat(h.stage.recorder().state().events()).isZero();
    }

    /** A busy page runs a command by its own clock, while events that came before it are still to be told. */
    @Property(tries = 100)
    void commandsAndEventsHaveOneClock(@ForAll long seed) {
        Random r = new Random(seed);
        Hand h = new Hand();
        h.stage.recorder().record(true);
        double event = 1000;
        for (int i = 0; i < 60; i++) {
            event += r.nextInt(30);
            if (r.nextInt(4) == 0) {
                double late = event + r.nextInt(900);
                h.stage.command("view.home", Map.of(), "v2", late);
            } else {
                h.stage.input().pointer(r.nextInt(1000), r.nextInt(800), 0, 0, event);
            }
        }
        h.stage.recorder().finish(event);
        assertThat(new Hand().stage.recorder().bring(h.stage.recorder().toPlain()))
                .isNull();
    }

    @Test
    void aRecordingRunsOnlyWhatMovesLooksAndSelects() {
        Hand h = new Hand();
        assertThat(h.stage.recorder().bring(file(List.of(0, "command", "object.delete", Map.of(), -1))))
                .contains("events[0]")
                .contains("object.delete");
        List<Object> all = List.of(
                List.of(0, "pointer", 7, 2, 0, 0, false),
                List.of(100, "key-down", "KeyK", 0, false),
                List.of(150, "key-up", "KeyK", 0),
                List.of(200, "key-down", "Delete", 0, false),
                List.of(250, "key-up", "Delete", 0));
        assertThat(h.stage.recorder().bring(file(all.toArray()))).isNull();
        play(h, new Random(1));
        assertThat(h.stage.contents().selection()).as("it selects").isNotEmpty();
        assertThat(h.stage.scene().nodes()).noneMatch(n -> n.gone());
        assertThat(h.stage.parts.subject.editing().history().done()).isZero();
        assertThat(h.notices()).anyMatch(n -> n.startsWith("Delete"));
        h.tap("Delete", 0);
        assertThat(h.stage.scene().nodes()).as("the hand still may").anyMatch(n -> n.gone());
    }

    @Test
    void whatIsNoPartOfARecordingIsRefused() {
        Map<String, Object> more = new java.util.LinkedHashMap<>(file());
        more.put("script", "x");
        assertThat(new Hand().stage.recorder().bring(more)).contains("script");
    }
}
