package rhombus.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.drill.Drill;
import rhombus.core.drill.DrillSession;
import rhombus.core.drill.DrillState;
import rhombus.core.drill.RunReplay;
import rhombus.core.drill.RunScore;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.views.ViewportDetail;
import rhombus.formats.NormalReader;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Each drill can be done, and doing its log again gives the same score. */
class DrillsTest {
    private static final Scene SCENE = NormalReader.read(SceneImport.read(
            new UploadedFiles(UploadLimits.DEFAULT).add("scene.glb", Boatyard.glb()),
            UploadLimits.DEFAULT,
            Progress.SILENT));

    private final Random random = new Random(7);
    private final Stage stage = new Stage();
    private final DrillSession practice = new DrillSession(stage);
    private double now = 5000;
    /** Whether the stage has another size again and again, as where a drawer beside it is opened and shut. */
    private boolean restless;

    DrillsTest() {
        stage.resize(1180, 760);
        stage.open(SCENE, "Saltmarsh Boatyard");
    }

    /** Pictures come when they come. */
    private void frames(double ms) {
        if (restless) {
            stage.resize(700 + random.nextInt(600), 500 + random.nextInt(400));
        }
        for (double end = now + ms; now < end; ) {
            now += 8 + random.nextInt(26);
            stage.tick(now);
            practice.tick(now);
        }
    }

    private void run(String command, String view, Object... args) {
        stage.command(command, PlainData.map(args), view, now += 5);
        frames(700);
    }

    private ViewportDetail view(String id) {
        return stage.views().all().stream()
                .filter(v -> v.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String id(String name) {
        return SCENE.nodes().stream()
                .filter(n -> n.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private void key(String code, int mods) {
        stage.input().keyDown(code, mods, false, now += 5);
        stage.input().keyUp(code, mods, now += 5);
        frames(400);
    }

    private void over(String view) {
        var r = view(view).rect();
        stage.input().pointer(r.x() + r.width() * 0.4, r.y() + r.height() * 0.4, 0, 0, false, now += 5);
    }

    private void frame(String object, String... views) {
        run("select.set", null, "objects", List.of(id(object)));
        for (String v : views) {
            run("view.frame-selection", v);
        }
    }

    /** Somebody who knows how does it. */
    private void solve(String drill) {
        over("v2");
        switch (drill) {
            case "round" -> {
                for (String v : List.of("v1", "v2", "v3", "v4")) {
                    over(v);
                    key("KeyQ", 0);
                    key("KeyQ", 0);
                }
            }
            case "rivet" -> {
                frame("Brass rivet", "v2");
                key("Backspace", 0);
            }
            case "mark" -> {
                run("view.direction", "v2", "to", "bottom");
                frame("Painted mark", "v2");
            }
            case "toolbox" -> {
                run("select.set", null, "objects", List.of(id("Toolbox")));
                run("object.isolate", "v2");
                run("view.frame-selection", "v2");
            }
            case "level" -> key("KeyN", 0);
            case "close" -> {
                for (int i = 0; i < 60 && !practice.state().done(); i++) {
                    Vec3 c = SCENE.bounds(SCENE.indexOf(id("Brass rivet"))).center();
                    Vec3 p = stage.project("v2", c);
                    stage.input().wheel(p.x(), p.y(), 0, -100, 0, 0, now += 5);
                    frames(300);
                }
            }
            case "jetty" -> {
                key("KeyW", 0);
                stage.input().keyDown("KeyW", 0, false, now += 5);
                for (int i = 0; i < 120 && !practice.state().done(); i++) {
                    frames(500);
                }
            }
            case "pile" -> frame("Pile 90", "v1", "v3");
            case "stand" -> {
                run("camera.look-through", "v2", "camera", id("Harbour wide"));
                run("view.scout", "v2");
            }
            default -> {
                run("camera.look-through", "v2", "camera", id("Deck close"));
                run("camera.drive", "v2");
                var r = view("v2").rect();
                for (int i = 0; i < 6; i++) {
                    double x = r.x() + r.width() * 0.3;
                    double y = r.y() + r.height() * 0.3;
                    stage.input().pointer(x, y, 0, 0, false, now += 5);
                    stage.input().pointer(x, y, 4, 0, false, now += 5);
                    stage.input().pointer(x + 120, y, 4, 0, false, now += 30);
                    stage.input().pointer(x + 120, y, 0, 0, false, now += 5);
                    frames(200);
                }
            }
        }
        frames(600);
    }

    /** Does a drill that was begun; done again from its log it goes the same. */
    private RunScore solvedAndDoneAgain(String drill) {
        solve(drill);
        DrillState s = practice.state();
        assertThat(s.done()).as("%s", s).isTrue();
        RunScore score = RunReplay.of(SCENE, Drill.named(drill), practice.log());
        assertThat(score.seconds()).isCloseTo(s.seconds(), within(0.12));
        assertThat(score.lost()).isEqualTo(s.lost());
        return score;
    }

    @ParameterizedTest
    @ValueSource(strings = {"round", "rivet", "mark", "toolbox", "level", "close", "jetty", "pile", "stand", "drive"})
    void itCanBeDoneAndItsLogTellsTheSame(String drill) {
        assertThat(practice.start(drill, new double[0], new double[0], now)).isNull();
        frames(200);
        assertThat(practice.state().goal()).isEqualTo(drill.equals("stand") ? id("Harbour wide") : null);
        assertThat(practice.state().done()).as("not by itself").isFalse();
        assertThat(practice.state().seconds())
                .as("the clock waits for the hand")
                .isZero();
        RunScore score = solvedAndDoneAgain(drill);
        assertThat(score.course()).isNotEmpty().allMatch(p -> p >= 0 && p <= 1);
        assertThat(score.metres()).isFinite().isNotNegative();
        if (drill.equals("level")) {
            assertThat(score.metres()).as("the eye only turns").isZero();
        }
        if (drill.equals("rivet")) {
            assertThat(score.back()).isEqualTo(1);
        }
        assertThat(stage.views().all()).allMatch(v -> v.walking() == null);
        // Nothing of it stays.
        int boards = stage.boards().boards().tabs().size();
        practice.end(now);
        assertThat(stage.contents().history().edits()).isEmpty();
        for (int i = 0; i < SCENE.count(); i++) {
            assertThat(stage.scene().node(i).hidden())
                    .as(SCENE.node(i).name())
                    .isEqualTo(SCENE.node(i).hidden());
            assertThat(stage.scene().world(i)).containsExactly(SCENE.world(i));
        }
        assertThat(stage.boards().boards().tabs()).hasSize(boards - 1).noneMatch(t -> t.passing());
    }

    @ParameterizedTest
    @ValueSource(strings = {"round", "mark", "level", "close", "jetty"})
    void itsLogTellsTheSameWhereTheWindowChangedMeanwhile(String drill) {
        restless = true;
        assertThat(practice.start(drill, new double[0], new double[0], now)).isNull();
        frames(200);
        solvedAndDoneAgain(drill);
    }

    @Test
    void whatIsClaimedWithoutBeingDoneIsRefused() {
        practice.start("mark", new double[0], new double[0], now);
        frames(200);
        over("v2");
        frames(500);
        Map<String, Object> log = practice.log();
        assertThatThrownBy(() -> RunReplay.of(SCENE, Drill.named("mark"), log))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("does not do");
        assertThatThrownBy(() -> RunReplay.of(SCENE, Drill.named("pile"), log)).hasMessageContaining("another drill");
        // A log with what mattered taken out of it.
        practice.start("level", new double[0], new double[0], now);
        frames(200);
        solve("level");
        assertThat(practice.state().done()).isTrue();
        Map<String, Object> done = practice.log();
        Map<String, Object> forged = new LinkedHashMap<>(done);
        forged.put("waited", 3);
        assertThatThrownBy(() -> RunReplay.of(SCENE, Drill.named("level"), forged))
                .hasMessageContaining("milliseconds");
        forged.put("waited", 300);
        forged.put("views", "mine");
        assertThatThrownBy(() -> RunReplay.of(SCENE, Drill.named("level"), forged))
                .hasMessageContaining("views");
        forged.remove("views");
        forged.put(
                "recording",
                PlainData.map("events", java.util.Collections.nCopies(200_000, List.of(0, "left")), "format", "x"));
        assertThatThrownBy(() -> RunReplay.of(SCENE, Drill.named("level"), forged))
                .hasMessageContaining("200000");
        Map<String, Object> recording = new LinkedHashMap<>(PlainData.map(done.get("recording")));
        List<Object> events = new ArrayList<>(PlainData.list(recording.get("events")));
        events.removeIf(e -> String.valueOf(e).contains("KeyN"));
        recording.put("events", events);
        done.put("recording", recording);
        assertThatThrownBy(() -> RunReplay.of(SCENE, Drill.named("level"), done))
                .hasMessageContaining("does not do");
    }

    /** The key that began the drill goes up at once: that is nothing the hand does in it. */
    @Test
    void aKeyThatIsLetGoAsADrillBeginsIsNotItsFirstDeed() {
        practice.start("level", new double[0], new double[0], now);
        stage.input().keyUp("Enter", 0, now += 5);
        frames(300);
        solve("level");
        assertThat(practice.state().done()).isTrue();
        assertThat(RunReplay.of(SCENE, Drill.named("level"), practice.log()).seconds())
                .isPositive();
    }

    @Test
    void theLogHasTheKeymapInUseAlsoWhereASceneHasOneOfItsOwn() {
        run("app.keymap-here", null, "on", true);
        run("app.use-preset", null, "preset", "modifier-drag");
        assertThat(stage.keymaps().elsewhere()).isNotNull();
        practice.start("level", new double[0], new double[0], now);
        Map<String, Object> logged = PlainData.map(practice.log().get("keymaps"));
        assertThat(logged.get("name")).isEqualTo(stage.keymap().toPlain().get("name"));
        assertThat(logged).isNotEqualTo(stage.keymaps().kept().toPlain());
    }

    @Test
    void aSceneWithoutTheThingsHasNoDrillForThem() {
        Stage other = new Stage();
        other.resize(800, 600);
        Scene orrery = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT)
                        .add("scene.glb", DemoScenes.all().get("Tidal Orrery").get()),
                UploadLimits.DEFAULT,
                Progress.SILENT));
        other.open(orrery, "");
        DrillSession p = new DrillSession(other);
        assertThat(p.there()).isEmpty();
        assertThat(p.start("mark", new double[0], new double[0], 0)).contains("not in this scene");
        assertThat(p.state().drill()).isNull();
        assertThat(practice.there()).hasSize(10);
    }

    /** The best run is seen where its eye was by now: not where one is oneself, and once one has gone elsewhere. */
    private void raceWith(RunScore best, Map<String, Object> made) {
        double[] course = best.course().stream().mapToDouble(d -> d).toArray();
        double[] path = best.path().stream().mapToDouble(d -> d).toArray();
        assertThat(practice.startOwn("mine", made, course, path, now)).isNull();
        ViewportDetail mine = stage.views().all().stream()
                .filter(ViewportDetail::active)
                .findFirst()
                .orElseThrow();
        int own = mine.number();
        assertThat(stage.paint().marks(own).companion()).isNull();
        stage.input().pointer(mine.rect().x() + 50, mine.rect().y() + 50, 0, 0, false, now += 5);
        // So far that wherever the other goes it is ahead.
        for (int i = 0; i < 12; i++) {
            run("navigate.step-dolly", mine.id(), "to", "out");
            frames(250);
        }
        practice.tick(now);
        assertThat(stage.paint().marks(own).companion()).isNotNull();
        practice.end(now);
        assertThat(stage.views().all())
                .allSatisfy(v ->
                        assertThat(stage.paint().marks(v.number()).companion()).isNull());
    }

    /** One's own: from one view to another, and its log done again gives the same. */
    @Test
    void whatSomebodyMadeIsDoneByGoingThere() {
        stage.command("board.activate", Map.of(), "v2", now);
        Map<String, Object> start = practice.here();
        run("navigate.step-orbit", "v2", "to", "left");
        run("navigate.step-orbit", "v2", "to", "up");
        Map<String, Object> made = PlainData.map("start", start, "goal", practice.here());
        assertThat(practice.startOwn("mine", made, new double[0], new double[0], now))
                .isNull();
        frames(500);
        assertThat(practice.state().done()).isFalse();
        stage.input().pointer(view("v2").rect().x() + 50, view("v2").rect().y() + 50, 0, 0, false, now += 5);
        key("ArrowLeft", 0);
        assertThat(practice.state().done()).isFalse();
        key("ArrowUp", 0);
        DrillState s = practice.state();
        assertThat(s.done()).isTrue();
        RunScore again = RunReplay.of(SCENE, Drill.own("mine", made), practice.log());
        assertThat(again.seconds()).isCloseTo(s.seconds(), within(0.1));
        assertThat(again.path()).hasSize(6 * again.course().size());
        raceWith(again, made);
        Map<String, Object> other = PlainData.map("start", start, "goal", start);
        assertThat(practice.startOwn("mine", other, new double[0], new double[0], now))
                .contains("somewhere else");
        practice.end(now);
    }
}
