package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.stage.marks.OrientationAids;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** What a hand of years expects: keys that hand over, things that stay where they were taken, words that are true. */
class SteadyHandTest {
    private final Hand hand = new Hand();
    private final Stage stage = hand.stage;

    // ---- walking ---------------------------------------------------------------------------------------------------

    @Test
    void shiftHeldBeforeTheKeyRunsAndNeverTurnsAWalkIntoAFlight() {
        hand.move(600, 200, 0);
        double walked = walk(false);
        double ran = walk(true);
        assertThat(ran).isCloseTo(walked * 3, within(walked * 0.2));
    }

    /** How far a second of forward leads at fixed speed. */
    private double walk(boolean shift) {
        hand.habit("walk.speed", "fixed");
        hand.run("view.home", "v2");
        hand.rest();
        hand.run("walk.start", "v2", "key", true);
        Vec3 from = hand.pose(1).eye();
        int mods = shift ? Modifiers.SHIFT : 0;
        if (shift) {
            stage.input().keyDown("ShiftLeft", mods, false, hand.now += 10);
        }
        stage.input().keyDown("KeyW", mods, false, hand.now += 10);
        for (int i = 0; i < 10; i++) {
            stage.tick(hand.now += 100);
        }
        assertThat(stage.parts.walking.flying()).isFalse();
        stage.input().keyUp("KeyW", mods, hand.now += 1);
        stage.input().keyUp("ShiftLeft", 0, hand.now += 1);
        double gone = hand.pose(1).eye().distance(from);
        hand.tap("Escape", 0);
        return gone;
    }

    // ---- axis views ------------------------------------------------------------------------------------------------

    @Test
    void anAxisViewThatIsTurnedSaysSoAndIsStraightened() {
        Viewport top = hand.view(0);
        hand.move(top.x + 50, top.y + 50, 0);
        hand.tap("ArrowRight", 0);
        assertThat(PlateCaptions.direction(top, stage.scene().up())).isEqualTo("top");
        assertThat(PlateCaptions.title(stage.parts.ground, top)).isEqualTo("Top, turned 15°");
        assertThat(roll()).isEqualTo("15.0°");
        hand.tap("KeyN", 0);
        assertThat(PlateCaptions.title(stage.parts.ground, top)).isEqualTo("Top");
        assertThat(roll()).isEqualTo("0.0°");
        assertThat(top.pose.orientation().up().distance(Vec3.Z.negated())).isLessThan(1e-9);
    }

    private String roll() {
        for (Object o : PlainData.list(new Seen(stage).readout().get("fields"))) {
            if ("roll".equals(PlainData.map(o).get("key"))) {
                return PlainData.text(PlainData.map(o).get("text"), "");
            }
        }
        return null;
    }

    @Test
    void aReleasedAxisViewSaysSoAndComesBack() {
        Viewport front = hand.view(2);
        hand.notices();
        Pose before = front.pose;
        hand.drag(front.x + 60, front.y + 60, 40, 30, 2, 0);
        assertThat(PlateCaptions.title(stage.parts.ground, front)).isEqualTo("Free flat");
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("Front was released"));
        hand.tap("Backspace", 0);
        assertThat(front.pose).isEqualTo(before);
        hand.tap("ArrowUp", 0);
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("Front was released"));
        hand.tap("ArrowUp", 0);
        assertThat(hand.notices()).as("once").noneMatch(n -> n.contains("released"));
    }

    // ---- what is held ----------------------------------------------------------------------------------------------

    /** The mark of the camera stands far before the slab behind it. */
    @ParameterizedTest
    @ValueSource(strings = {"KeyD", "KeyS"})
    void whatAClickWouldTakeIsWhatTheHandHolds(String key) {
        Viewport scout = hand.view(1);
        int camera = stage.scene().indexOf("n5");
        hand.run("view.set", "v2", "x", 9.0, "y", 7.0, "z", 16.0);
        hand.rest();
        Vec3 at = stage.project(scout.id, Mat4.origin(stage.scene().world(camera)));
        assertThat(stage.viewport().pick(scout.id, at.x(), at.y()).object())
                .isEqualTo(stage.scene().node(camera).id());
        hand.move(at.x(), at.y(), 0);
        stage.input().keyDown(key, 0, false, hand.now += 10);
        for (int i = 1; i <= 10; i++) {
            hand.move(at.x() + i * 5, at.y() + i * 2, 0);
            Vec3 now = stage.project(scout.id, Mat4.origin(stage.scene().world(camera)));
            Vec3 should = key.equals("KeyD") ? at : new Vec3(at.x() + i * 5, at.y() + i * 2, 0);
            assertThat(Math.hypot(now.x() - should.x(), now.y() - should.y()))
                    .as("step %s", i)
                    .isLessThan(0.5);
        }
        stage.input().keyUp(key, 0, hand.now += 10);
    }

    // ---- fingers, boards, homes ------------------------------------------------------------------------------------

    @Test
    void aFingerInAnotherViewportTakesNoPart() {
        Viewport a = hand.view(0);
        Viewport b = hand.view(1);
        Pose wasB = b.pose;
        double extent = ((Projection.Orthographic) a.pose.projection()).extent();
        stage.input().touchDown(1, a.x + 100, a.y + 100, hand.now += 10);
        stage.input().touchDown(2, b.x + 100, b.y + 100, hand.now += 10);
        for (int i = 1; i <= 8; i++) {
            stage.input().touchMove(1, a.x + 100 + i * 4, a.y + 100, hand.now += 10);
            stage.input().touchMove(2, b.x + 100, b.y + 100 + i * 9, hand.now += 10);
        }
        stage.input().touchUp(2, b.x + 100, b.y + 172, false, hand.now += 10);
        stage.input().touchUp(1, a.x + 132, a.y + 100, false, hand.now += 10);
        assertThat(((Projection.Orthographic) a.pose.projection()).extent())
                .as("no pinch")
                .isEqualTo(extent);
        assertThat(b.pose).isEqualTo(wasB);
        assertThat(stage.parts.resolver.moving()).isFalse();
    }

    @Test
    void fourOfEightAreFourDifferentOnes() {
        for (int i = 0; i < 4; i++) {
            hand.run("board.split", "v1", "to", "right");
        }
        assertThat(stage.parts.ground.board().views).hasSize(8);
        hand.run("board.arrange", null, "to", "four");
        List<String> titles = stage.parts.ground.board().views.stream()
                .map(v -> PlateCaptions.title(stage.parts.ground, v))
                .toList();
        assertThat(titles).containsExactlyInAnyOrder("Top", "Scout", "Front", "Right");
    }

    @Test
    void homeFollowsTheDirectionThatWasChosen() {
        hand.run("view.direction", "v1", "to", "left", "flat", true);
        hand.rest();
        Pose chosen = hand.pose(0);
        hand.move(100, 100, 0);
        hand.drag(100, 100, 90, 40, 4, 0);
        hand.tap("KeyH", 0);
        assertThat(PlateCaptions.title(stage.parts.ground, hand.view(0))).isEqualTo("Left");
        assertThat(hand.pose(0).orientation().angleTo(chosen.orientation())).isLessThan(1e-9);
        hand.run("view.scout", "v1");
        hand.rest();
        hand.tap("KeyX", 0);
        hand.tap("KeyH", 0);
        assertThat(PlateCaptions.title(stage.parts.ground, hand.view(0))).isEqualTo("Scout");
    }

    @Test
    void aBoardThatCameWithAnAddressOutlivesTheUndoOfOthers() {
        hand.run("board.add", null, "name", "Mine");
        Map<String, Object> address = stage.documents().address();
        assertThat(stage.documents().openAddress(address)).isNull();
        hand.run("board.undo", null);
        assertThat(stage.parts.boardList.list()).anyMatch(b -> b.passing);
        assertThat(stage.parts.boardList.list()).noneMatch(b -> b.name.equals("Mine") && !b.passing);
    }

    @Test
    void trailEntriesAreCalledAfterWhatWasDone() {
        hand.move(600, 200, 0);
        hand.drag(600, 200, 60, 20, 2, 0);
        hand.drag(600, 200, 60, 20, 4, 0);
        stage.input().wheel(600, 200, 0, -100, 0, 0, hand.now += 10);
        hand.rest();
        hand.tap("KeyX", 0);
        hand.tap("ArrowLeft", 0);
        hand.tap("KeyH", 0);
        List<String> words = new Seen(stage)
                .trailEntries("v2").stream()
                        .map(o -> PlainData.text(PlainData.map(o).get("words"), ""))
                        .toList();
        assertThat(words).containsExactly("start", "orbit", "pan", "dolly", "from the right", "orbit left", "home");
        Map<String, Object> kept = stage.documents().workspace();
        Hand other = new Hand();
        other.stage.documents().restore(kept);
        assertThat(new Seen(other.stage).trailEntries("v2").toString()).contains("orbit left");
    }

    @Test
    void layersAreCalledByTheirNamesOnce() {
        hand.run("layer.add", null);
        hand.run("layer.add", null);
        hand.run("layer.delete", null, "layer", "l1");
        hand.run("layer.add", null);
        hand.run("layer.add", null, "name", "Rigging");
        hand.run("layer.visible", null, "layer", "l2", "on", false);
        assertThat(stage.parts.subject.editing().history().edits().stream().map(e -> e.name()))
                .containsExactly(
                        "Add Layer 1",
                        "Add Layer 2",
                        "Delete Layer 1",
                        "Add Layer 3",
                        "Add layer Rigging",
                        "Hide Layer 2");
        assertThat(hand.notices())
                .noneMatch(n -> n.toLowerCase().contains("layer layer"))
                .anyMatch(n -> n.startsWith("Layer Rigging is empty"));
    }

    // ---- lost ------------------------------------------------------------------------------------------------------

    @ParameterizedTest
    @CsvSource({"30,false", "3000,false", "1e5,true", "1e7,true"})
    void aSceneThatHasBecomeASpeckIsNothingInView(double away, boolean empty) {
        Viewport v = hand.view(1);
        Vec3 c = stage.scene().bounds().center();
        v.switched.addAll(Overlay.of(List.of("lights", "cameras")));
        v.set(v.pose.withEye(c.plus(v.pose.orientation().back(), away)));
        assertThat(OrientationAids.empty(stage.parts.ground, stage.parts.subject, v))
                .isEqualTo(empty);
    }

    @Test
    void lightsAndCamerasAreSomethingToSee() {
        Scene s = stage.scene();
        hand.run(
                "select.set",
                null,
                "objects",
                s.nodes().stream()
                        .filter(n -> n.kind() == NodeKind.MESH)
                        .map(n -> n.id())
                        .toList());
        hand.run("object.hide", null);
        Viewport v = hand.view(1);
        hand.run("view.set", "v2", "x", 9.0, "y", 7.0, "z", 16.0);
        hand.rest();
        assertThat(OrientationAids.empty(stage.parts.ground, stage.parts.subject, v))
                .as("the camera is in view")
                .isFalse();
        hand.run("view.opposite", "v2");
        hand.rest();
        v.set(v.pose.withEye(new Vec3(6, 4, 400)));
        hand.run("view.direction", "v2", "to", "back");
        hand.rest();
        v.set(v.pose.withEye(new Vec3(6, 4, 400)));
        assertThat(OrientationAids.empty(stage.parts.ground, stage.parts.subject, v))
                .as("it is behind the eye")
                .isTrue();
    }

    // ---- typed numbers ---------------------------------------------------------------------------------------------

    @ParameterizedTest
    @CsvSource({"35+15,50", "(50),50", "100/2,50", "5 cm,50", "2*25,50", "0.05 m,50", "1 cm + 40,50"})
    void aFocalLengthIsReadInItsOwnUnit(String typed, double millimetres) {
        hand.run("view.set", "v2", "focal", typed);
        hand.rest();
        Projection.Perspective p = (Projection.Perspective) hand.pose(1).projection();
        assertThat(rhombus.core.optics.Rectilinear.focalLength(24, p.fovY())).isCloseTo(millimetres, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-1", "1e12", "1e-9"})
    void sizesThatNoSolidHasAreRefusedInWords(String typed) {
        hand.run("add.shape", "v2", "shape", "box");
        Object before = new Seen(stage).readout().get("selection");
        hand.notices();
        hand.run("edit.shape", null, "width", typed);
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("Width must be") && n.endsWith("the old number stays."));
        assertThat(new Seen(stage).readout().get("selection")).isEqualTo(before);
        hand.run("edit.shape", null, "width", "2.5");
        assertThat(new Seen(stage).readout().get("selection").toString()).contains("2.5 m");
    }

    private Vec3 pivot(String id) {
        return stage.scene().pivot(stage.scene().indexOf(id));
    }

    @Test
    void typedNumbersReachAllThatIsSelectedByAsMuchOrAreTheSame() {
        hand.run("select.set", null, "objects", List.of("n2", "n4"));
        Vec3 a = pivot("n2");
        Vec3 b = pivot("n4");
        hand.run("edit.place", null, "x", b.x() + 2);
        assertThat(pivot("n4").distance(b.plus(Vec3.X, 2))).isLessThan(1e-9);
        assertThat(pivot("n2").distance(a.plus(Vec3.X, 2))).as("by as much").isLessThan(1e-9);
        hand.run("edit.undo", null);
        hand.run("tool.typed", null, "to", "same");
        hand.run("edit.place", null, "x", 7.0);
        assertThat(pivot("n4").distance(new Vec3(7, b.y(), b.z()))).isLessThan(1e-9);
        assertThat(pivot("n2").distance(new Vec3(7, a.y(), a.z())))
                .as("the same")
                .isLessThan(1e-9);
        hand.run("edit.scale", null, "y", 3.0);
        for (String id : List.of("n2", "n4")) {
            assertThat(rhombus.core.edit.Transforms.scaleOf(stage.scene()
                                    .node(stage.scene().indexOf(id))
                                    .local())
                            .y())
                    .isCloseTo(3, within(1e-9));
        }
        hand.run("edit.turn", null, "z", "30");
        for (String id : List.of("n2", "n4")) {
            Vec3 t = rhombus.core.edit.Transforms.angles(rhombus.core.edit.Transforms.rotationOf(
                    stage.scene().node(stage.scene().indexOf(id)).local()));
            assertThat(Math.toDegrees(t.z())).isCloseTo(30, within(1e-6));
        }
        hand.run("edit.undo", null);
        hand.run("edit.undo", null);
        hand.run("edit.undo", null);
        assertThat(pivot("n2").distance(a)).as("each is one step").isLessThan(1e-9);
    }

    @Test
    void arrowKeysStepNumbersAndTools() {
        hand.run("select.set", null, "objects", List.of("n4"));
        Vec3 is = pivot("n4");
        hand.run("edit.place", null, "y", Map.of("steps", 1));
        assertThat(pivot("n4").y()).isCloseTo(is.y() + 0.1, within(1e-9));
        hand.run("edit.place", null, "y", Map.of("steps", -1, "shift", true));
        assertThat(pivot("n4").y()).isCloseTo(is.y() - 0.9, within(1e-9));
        hand.run("edit.place", null, "y", Map.of("steps", 90, "alt", true));
        assertThat(pivot("n4").distance(is)).isLessThan(1e-9);
        hand.run("tool.move", null);
        Viewport front = hand.view(2);
        hand.move(front.x + 50, front.y + 50, 0);
        double grid = stage.paint().grid(2).spacing();
        hand.tap("ArrowRight", 0);
        assertThat(pivot("n4").distance(is.plus(Vec3.X, grid))).isLessThan(1e-9);
        hand.tap("ArrowUp", Modifiers.SHIFT);
        assertThat(pivot("n4").distance(is.plus(Vec3.X, grid).plus(Vec3.Y, grid * 10)))
                .isLessThan(1e-9);
        hand.run("tool.step-handle", "v3", "handle", "z", "to", "up");
        assertThat(pivot("n4").z()).isCloseTo(is.z() + grid, within(1e-9));
        hand.run("tool.step-handle", "v3", "handle", "xy", "to", "down");
        assertThat(pivot("n4").y()).isCloseTo(is.y() + grid * 9, within(1e-9));
        hand.run("tool.rotate", null);
        hand.run("tool.step-handle", "v3", "handle", "z", "to", "right");
        hand.run("tool.step-handle", "v3", "handle", "z", "to", "right");
        double[] m = stage.scene().node(stage.scene().indexOf("n4")).local();
        assertThat(Math.toDegrees(Math.atan2(m[1], m[0]))).isCloseTo(30, within(1e-6));
    }

    @Test
    void numbersInFieldsAreBriefOnTheScreenAndWholeWhenOneLooksIntoThem() {
        hand.run("view.set", "v2", "x", 1.2345678912, "y", 1e-12, "z", 123456.789012345);
        hand.rest();
        hand.move(600, 200, 0);
        List<Object> fields = PlainData.list(new Seen(stage).readout().get("fields"));
        assertThat(fields.stream().limit(3).map(f -> PlainData.map(f).get("brief")))
                .containsExactly("1.235", "0", "123500");
        assertThat(PlainData.map(fields.get(0)).get("text")).isEqualTo("1.234567891 m");
        assertThat(PlainData.map(fields.get(2)).get("text").toString()).startsWith("123456.789012345");
        assertThat(new Seen(stage).readout().toString()).doesNotContainPattern("\\d[Ee]-?\\d+ (m|px)");
    }
}
