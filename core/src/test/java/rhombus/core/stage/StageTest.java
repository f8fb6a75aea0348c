package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** The stage as a hand drives it: raw events in, poses and snapshots out. */
class StageTest {
    private Stage stage;
    private double now;

    @BeforeEach
    void open() {
        stage = new Stage();
        stage.resize(1003, 803);
        stage.open(Scenes.boxes(), "Boxes");
        now = 0;
    }

    private void move(double x, double y, int buttons) {
        stage.input().pointer(x, y, buttons, 0, now += 10);
    }

    private void tap(String code, int mods) {
        stage.input().keyDown(code, mods, false, now += 10);
        stage.input().keyUp(code, mods, now += 10);
        stage.tick(now += 1000);
    }

    private Viewport view(int i) {
        return stage.parts.ground.board().views.get(i);
    }

    private Vec3 onScreen(int node) {
        return stage.project("v2", stage.scene().bounds(node).center());
    }

    private Map<String, Object> snapshot(int i) {
        return PlainData.map(new Seen(stage).views().get(i));
    }

    @Test
    void fourViewportsStandAtHome() {
        assertThat(new Seen(stage).views())
                .extracting(v -> PlainData.map(v).get("direction"))
                .containsExactly("top", "free", "front", "right");
        assertThat(new Seen(stage).views())
                .extracting(v -> PlainData.map(v).get("projection"))
                .containsExactly("orthographic", "perspective", "orthographic", "orthographic");
        assertThat(PlateCaptions.title(stage.parts.ground, view(1))).isEqualTo("Scout");
    }

    @Test
    void theViewportUnderThePointerIsActiveAndSolosWithTheOthersUntouched() {
        Pose front = view(2).pose;
        move(100, 600, 0);
        assertThat(snapshot(2).get("active")).isEqualTo(true);
        tap("KeyQ", 0);
        assertThat(snapshot(2).get("solo")).isEqualTo(true);
        assertThat(view(2).width).isEqualTo(1003);
        tap("KeyQ", 0);
        assertThat(view(2).width).isEqualTo(500);
        assertThat(view(2).pose).isEqualTo(front);
    }

    @Test
    void orbitTurnsAboutTheSurfaceUnderThePointerAndIsOneStepOfTheTrail() {
        Vec3 s = onScreen(4);
        move(s.x(), s.y(), 0);
        Vec3 pivot = StoredView.point(new Seen(stage).pivot("v2").get("point"));
        assertThat(new Seen(stage).pivot("v2").get("rung")).isEqualTo("surface");
        assertThat((String) new Seen(stage).pivot("v2").get("reason"))
                .contains("Far box")
                .contains("No point is pinned");
        Pose before = view(1).pose;
        move(s.x(), s.y(), 2);
        for (int i = 1; i <= 20; i++) {
            move(s.x() + i * 7, s.y() + i * 3, 2);
            Vec3 p = stage.project("v2", pivot);
            assertThat(Math.hypot(p.x() - s.x(), p.y() - s.y())).isLessThan(0.5);
        }
        move(s.x() + 140, s.y() + 60, 0);
        assertThat(view(1).pose.orientation().angleTo(before.orientation())).isGreaterThan(0.3);
        assertThat(view(1).trail.length()).isEqualTo(2);
        tap("Backspace", 0);
        assertThat(view(1).pose).isEqualTo(before);
        tap("Backspace", Modifiers.SHIFT);
        assertThat(view(1).pose).isNotEqualTo(before);
    }

    @Test
    void escapeDuringADragRestoresThePose() {
        Pose before = view(1).pose;
        move(700, 200, 0);
        move(700, 200, 2);
        move(800, 260, 2);
        assertThat(view(1).pose).isNotEqualTo(before);
        stage.input().keyDown("Escape", 0, false, now += 10);
        assertThat(view(1).pose).isEqualTo(before);
        move(900, 300, 2);
        move(900, 300, 0);
        assertThat(view(1).pose).isEqualTo(before);
        assertThat(view(1).trail.length()).isEqualTo(1);
    }

    @Test
    void wheelNotchesInAndOutComeBackAndMakeOneStep() {
        Pose before = view(1).pose;
        Vec3 s = onScreen(3);
        for (int i = 0; i < 10; i++) {
            stage.input().wheel(s.x(), s.y(), 0, i < 5 ? -100 : 100, 0, 0, now += 30);
            stage.tick(now += 5);
        }
        stage.tick(now += 2000);
        assertThat(view(1).pose.eye().distance(before.eye())).isLessThan(1e-9);
        assertThat(stage.animating()).isFalse();
        stage.input().wheel(s.x(), s.y(), 0, -300, 0, 0, now += 30);
        stage.tick(now += 2000);
        Vec3 after = onScreen(3);
        assertThat(view(1).pose.eye().distance(before.eye())).isGreaterThan(1);
        assertThat(view(1).trail.length()).isLessThanOrEqualTo(3);
        assertThat(Math.hypot(after.x() - s.x(), after.y() - s.y())).isLessThan(30);
    }

    @Test
    void clickingSelectsAddsAndClearsAndNeverTakesWhatIsLocked() {
        Vec3 a = onScreen(2);
        Vec3 b = onScreen(4);
        click(a, 0);
        assertThat(stage.contents().selection()).containsExactly("n2");
        click(b, Modifiers.SHIFT);
        assertThat(stage.contents().selection()).containsExactly("n2", "n4");
        Vec3 slab = stage.project("v2", new Vec3(8, 0, 8));
        click(slab, 0);
        assertThat(stage.contents().selection()).isEmpty();
    }

    private void click(Vec3 s, int mods) {
        stage.input().pointer(s.x(), s.y(), 0, mods, now += 1000);
        stage.input().pointer(s.x(), s.y(), 1, mods, now += 10);
        stage.input().pointer(s.x(), s.y(), 0, mods, now += 10);
    }

    @Test
    void wireViewsPickEdgesFirst() {
        Vec3 corner = stage.project("v3", new Vec3(-3.5, 0.8, -3));
        move(corner.x() + 4, corner.y(), 0);
        click(new Vec3(corner.x() + 4, corner.y(), 0), 0);
        assertThat(stage.contents().selection()).containsExactly("n4");
    }

    @Test
    void framingWidensToTheParentAndThenToAll() {
        click(onScreen(2), 0);
        tap("KeyF", 0);
        Pose one = view(1).pose;
        tap("KeyF", 0);
        Pose pair = view(1).pose;
        assertThat(pair.focus()).isGreaterThan(one.focus());
        assertThat(stage.scene().bounds(2).center().distance(one.focusPoint())).isLessThan(0.5);
        tap("KeyF", 0);
        assertThat(view(1).pose.focus()).isGreaterThan(pair.focus());
    }

    @Test
    void aPinnedPivotWinsAndIsForgottenAgain() {
        Vec3 s = onScreen(3);
        move(s.x(), s.y(), 0);
        tap("KeyV", 0);
        move(600, 20, 0);
        assertThat(new Seen(stage).pivot("v2").get("rung")).isEqualTo("pinned");
        assertThat(new Seen(stage).marks(1).get("pivot")).isNotNull();
        tap("KeyV", Modifiers.SHIFT);
        assertThat(new Seen(stage).pivot("v2").get("rung")).isNotEqualTo("pinned");
    }

    @Test
    void aGuardedCameraStaysWhenItsViewportIsNavigated() {
        double[] world = stage.scene().world(5).clone();
        move(700, 200, 0);
        Pose before = view(1).pose;
        tap("KeyC", 0);
        assertThat(snapshot(1).get("camera")).isEqualTo("n5");
        assertThat(view(1).pose.eye().distance(new Vec3(6, 4, 8))).isLessThan(1e-12);
        move(700, 200, 2);
        move(760, 230, 2);
        move(760, 230, 0);
        assertThat(snapshot(1).get("camera")).isNull();
        assertThat(stage.scene().world(5)).containsExactly(world);
        tap("KeyC", 0);
        stage.command("camera.leave", Map.of(), null, now += 10);
        assertThat(snapshot(1).get("camera")).isNull();
        assertThat(view(1).pose).isNotEqualTo(before);
    }

    @Test
    void leavingACameraGoesBackToWhereOneWas() {
        Pose before = view(1).pose;
        stage.command("camera.look-through", Map.of("camera", "n5"), "v2", now += 10);
        stage.command("camera.leave", Map.of(), "v2", now += 10);
        assertThat(view(1).pose).isEqualTo(before);
    }

    @Test
    void theMoveToolMovesAlongItsAxisAndSceneUndoNeverMovesAView() {
        click(onScreen(4), 0);
        tap("KeyM", 0);
        List<Object> handles = PlainData.list(new Seen(stage).marks(1).get("handles"));
        double[] line = PlainData.numbers(
                handles.stream()
                        .map(PlainData::map)
                        .filter(h -> h.get("id").equals("x"))
                        .findFirst()
                        .orElseThrow()
                        .get("points"),
                4);
        double hx = view(1).x + (line[0] + line[2]) / 2;
        double hy = view(1).y + (line[1] + line[3]) / 2;
        Vec3 before = stage.scene().bounds(4).center();
        List<Pose> poses =
                stage.parts.ground.board().views.stream().map(v -> v.pose).toList();
        move(hx, hy, 0);
        move(hx, hy, 1);
        move(hx + (line[2] - line[0]), hy + (line[3] - line[1]), 1);
        move(hx + (line[2] - line[0]), hy + (line[3] - line[1]), 0);
        Vec3 moved = stage.scene().bounds(4).center();
        assertThat(moved.x()).isGreaterThan(before.x() + 0.2);
        assertThat(moved.y()).isCloseTo(before.y(), within(1e-12));
        assertThat(stage.parts.ground.board().views.stream().map(v -> v.pose).toList())
                .isEqualTo(poses);
        tap("KeyZ", Modifiers.CTRL);
        assertThat(stage.scene().bounds(4).center()).isEqualTo(before);
        tap("KeyY", Modifiers.CTRL);
        assertThat(stage.scene().bounds(4).center()).isEqualTo(moved);
        assertThat(stage.parts.ground.board().views.stream().map(v -> v.pose).toList())
                .isEqualTo(poses);
    }

    @Test
    void displayModesFollowThePointer() {
        move(100, 600, 0);
        tap("Digit6", 0);
        assertThat(snapshot(2).get("display")).isEqualTo("smooth");
        assertThat(snapshot(1).get("display")).isEqualTo("smooth-edges");
        tap("Digit0", 0);
        assertThat(snapshot(2).get("display")).isEqualTo("wire");
    }

    @Test
    void workspacesComeBackTheSameBitForBit() {
        click(onScreen(4), 0);
        tap("KeyF", 0);
        move(100, 100, 0);
        tap("Digit7", 0);
        stage.command("edit.place", Map.of("x", 2.5), null, now += 10);
        Map<String, Object> kept = stage.documents().workspace();
        Stage other = new Stage();
        other.resize(1003, 803);
        other.open(Scenes.boxes(), "Boxes");
        assertThat(other.documents().useEdits(stage.documents().edits())).isNull();
        other.documents().restore(kept);
        assertThat(other.parts.ground.board().views)
                .extracting(v -> v.pose)
                .isEqualTo(stage.parts.ground.board().views.stream()
                        .map(v -> v.pose)
                        .toList());
        assertThat(new Seen(other).views())
                .extracting(v -> PlainData.map(v).get("display"))
                .containsExactly("smooth-edges", "smooth-edges", "wire", "wire");
        assertThat(other.scene().world(4)).containsExactly(stage.scene().world(4));
        assertThat(other.documents().workspace()).usingRecursiveComparison().isEqualTo(kept);
    }

    @Test
    void spoiltWorkspacesLoseNothingElse() {
        Pose home = view(1).pose;
        stage.documents()
                .restore(PlainData.map(
                        "format",
                        "rhombus-workspace",
                        "version",
                        1,
                        "active",
                        99,
                        "views",
                        List.of("x", PlainData.map("pose", PlainData.map("eye", List.of(1, 2)), "mode", "no such")),
                        "moved",
                        PlainData.map("n77", List.of(1))));
        assertThat(view(1).pose).isEqualTo(home);
        stage.documents()
                .restore(PlainData.map(
                        "format",
                        "rhombus-workspace",
                        "version",
                        2,
                        "board",
                        "none",
                        "boards",
                        PlainData.map(
                                "four",
                                PlainData.map(
                                        "active",
                                        "v77",
                                        "views",
                                        PlainData.map("v2", PlainData.map("pose", 5, "hidden", List.of("x", 3)))))));
        assertThat(view(1).pose).isEqualTo(home);
        assertThat(stage.parts.ground.board().active).isEqualTo(1);
    }

    @Test
    void aWorkspaceOfTheFirstVersionBecomesTheBoardOfFour() {
        Pose other = view(1).pose.withEye(new Vec3(1, 2, 3));
        stage.documents()
                .restore(PlainData.map(
                        "format",
                        "rhombus-workspace",
                        "version",
                        1,
                        "active",
                        2,
                        "solo",
                        1,
                        "views",
                        List.of(Map.of(), PlainData.map("pose", StoredView.pose(other), "mode", "wire"))));
        assertThat(view(1).pose).isEqualTo(other);
        assertThat(stage.parts.ground.board().solo).isEqualTo(1);
        assertThat(stage.parts.ground.board().active().id).isEqualTo("v3");
    }

    @Test
    void hintsSayWhatTheHandCanDoNow() {
        move(700, 200, 0);
        assertThat(new Seen(stage).hints(Map.of()))
                .extracting(h -> PlainData.map(h).get("trigger"))
                .contains("right-drag or hold D", "middle-drag or hold S", "wheel", "F", "hold A");
        stage.input().keyDown("ShiftLeft", Modifiers.SHIFT, false, now += 10);
        assertThat(new Seen(stage).hints(Map.of()))
                .extracting(h -> PlainData.map(h).get("words"))
                .contains("frame all")
                .doesNotContain("orbit");
    }

    @Test
    void rebindingByDoingTellsOfAClashAndSwaps() {
        stage.input().capture(true);
        stage.input().keyDown("KeyH", 0, false, now += 10);
        stage.input().keyUp("KeyH", 0, now += 10);
        Map<String, Object> seen = new Seen(stage).captured("frame", Map.of());
        assertThat(seen.get("clash")).isEqualTo("go home");
        stage.bindings().apply("set");
        assertThat(stage.keymap().binding("frame").trigger().code()).isEqualTo("KeyF");
        stage.bindings().apply("swap");
        assertThat(stage.keymap().binding("frame").trigger().code()).isEqualTo("KeyH");
        assertThat(stage.keymap().binding("home").trigger().code()).isEqualTo("KeyF");
        assertThat(stage.keymaps().undo()).isTrue();
        assertThat(stage.keymap().changes()).isEmpty();
    }

    @Test
    void aPointIsSeenOnlyInItsViewportAndBetweenTheDepthsThatAreDrawn() {
        Hand hand = new Hand();
        var view = hand.view(1);
        Vec3 ahead = view.pose.focusPoint();
        assertThat(hand.stage.viewport().onScreen(view.id, ahead).visible()).isTrue();
        Vec3 behind = view.pose.eye().plus(view.pose.orientation().back(), 5);
        assertThat(hand.stage.viewport().onScreen(view.id, behind).visible()).isFalse();
        Vec3 aside = ahead.plus(view.pose.orientation().right(), 1e6);
        assertThat(hand.stage.viewport().onScreen(view.id, aside).visible()).isFalse();
        Vec3 beyond = view.pose.eye().plus(view.pose.forward(), 1e9);
        assertThat(hand.stage.viewport().onScreen(view.id, beyond).visible()).isFalse();
        assertThat(hand.stage.viewport().onScreen("none", ahead)).isNull();
    }
}
