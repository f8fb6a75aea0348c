package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditOperation;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.IconMark;
import rhombus.core.stage.subject.SceneEditor;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Selecting, hiding, framing, adding and undoing, by the hand. Viewport 1 is the perspective one. */
class SceneEditorTest {
    private final Hand hand = new Hand();
    private final Stage stage = hand.stage;

    private Scene scene() {
        return stage.scene();
    }

    private List<Pose> poses() {
        return stage.parts.ground.board().views.stream().map(v -> v.pose).toList();
    }

    private Map<String, Object> marks(int view) {
        return new Seen(stage).marks(view);
    }

    private List<Object> application() {
        return new Seen(stage).application();
    }

    // ---- selecting
    // -----------------------------------------------------------------------------------------------------

    @Test
    void aMarqueeTakesShowsAndIsTakenBack() {
        Viewport v = hand.view(1);
        hand.move(v.x + 3, v.y + 3, 0);
        hand.move(v.x + 3, v.y + 3, 1);
        hand.move(v.x + v.width / 2, v.y + v.height / 2, 1);
        hand.move(v.x + v.width - 4, v.y + v.height - 4, 1);
        assertThat(stage.contents().selection())
                .as("while it is drawn")
                .containsExactlyInAnyOrder("n2", "n3", "n4", "n5");
        assertThat(PlainData.map(marks(1).get("marquee"))).containsEntry("inside", true);
        hand.tap("Escape", 0);
        assertThat(stage.contents().selection()).isEmpty();
        hand.move(v.x + v.width - 4, v.y + v.height - 4, 0);
        List<Pose> before = poses();
        hand.drag(v.x + v.width - 4, v.y + v.height - 4, -v.width / 2, 8 - v.height, 1, 0);
        assertThat(stage.contents().selection())
                .as("to the left it takes what it touches")
                .isNotEmpty();
        int some = stage.contents().selection().size();
        hand.drag(v.x + 3, v.y + 3, v.width - 8, v.height - 8, 1, Modifiers.SHIFT);
        assertThat(stage.contents().selection()).hasSize(4);
        hand.drag(v.x + 3, v.y + 3, v.width - 8, v.height - 8, 1, Modifiers.CTRL);
        assertThat(stage.contents().selection()).as("the other way round").hasSizeLessThan(some + 1);
        assertThat(poses()).isEqualTo(before);
    }

    @Test
    void allNoneAndTheOthers() {
        hand.tap("KeyK", 0);
        assertThat(stage.contents().selection())
                .as("what a marquee around everything takes")
                .containsExactly("n2", "n3", "n4", "n5");
        hand.run("select.set", null, "objects", List.of("n2"));
        hand.tap("KeyK", Modifiers.ALT);
        assertThat(stage.contents().selection()).containsExactly("n3", "n4", "n5");
        hand.run("select.set", null, "objects", List.of("n1"));
        hand.tap("KeyK", Modifiers.ALT);
        assertThat(stage.contents().selection())
                .as("a group stands for what is in it")
                .containsExactly("n4", "n5");
        hand.tap("KeyK", Modifiers.SHIFT);
        assertThat(stage.contents().selection()).isEmpty();
    }

    @Test
    void theOtherButtonListsWhatLiesUnderThePointerAndBothCanBeExchanged() {
        Vec3 s = hand.onScreen(1, 4);
        hand.move(s.x(), s.y(), 0);
        hand.move(s.x(), s.y(), 2);
        hand.move(s.x(), s.y(), 0);
        Map<String, Object> list =
                PlainData.map(PlainData.map(application().get(0)).get("args"));
        assertThat(PlainData.list(list.get("hits")))
                .extracting(h -> PlainData.map(h).get("object"))
                .contains("n4")
                .doesNotContain("n0");
        assertThat(stage.contents().selection()).isEmpty();
        hand.habit("select.button", "right");
        hand.move(s.x(), s.y(), 2);
        hand.move(s.x(), s.y(), 0);
        assertThat(stage.contents().selection()).containsExactly("n4");
        hand.click(s.x(), s.y());
        assertThat(PlainData.map(PlainData.map(application().get(0)).get("args")))
                .containsEntry("how", "pick");
    }

    @Test
    void hoveringShowsWhatAClickTakes() {
        Vec3 s = hand.onScreen(1, 4);
        hand.move(s.x(), s.y(), 0);
        assertThat(PlainData.map(marks(1).get("hover"))).containsEntry("object", "n4");
        assertThat(marks(0).get("hover")).isNull();
        hand.tap("KeyX", 0);
        Object now = marks(1).get("hover") == null
                ? null
                : PlainData.map(marks(1).get("hover")).get("object");
        Viewport v = hand.view(1);
        var hit = stage.parts.subject.picks().pick(v, s.x() - v.x, s.y() - v.y);
        assertThat(now).isEqualTo(hit == null ? null : scene().node(hit.node()).id());
        hand.run("select.hover", null, "object", "n2");
        assertThat(PlainData.map(marks(0).get("hover"))).containsEntry("object", "n2");
        hand.run("select.hover", null);
        hand.habit("select.hover", "off");
        assertThat(marks(1).get("hover")).isNull();
    }

    @Test
    void cornersEdgesAndFacesAreFramedAndTurnedAbout() {
        Vec3 s = hand.onScreen(1, 4);
        for (String sort : List.of("vertex", "edge", "face")) {
            hand.run("select.components", null, "to", sort);
            hand.rest();
            hand.click(s.x() + 2, s.y() + 1);
            List<Object> parts = PlainData.list(marks(1).get("parts"));
            assertThat(parts).isNotEmpty();
            assertThat(PlainData.map(parts.get(0))).containsEntry("sort", sort);
            hand.move(10, 10, 0);
            assertThat(new Seen(stage).pivot("v1")).containsEntry("rung", "components");
        }
        hand.run("select.components", null, "to", "vertex");
        hand.rest();
        hand.click(s.x() + 2, s.y() + 1);
        Vec3 corner = stage.parts.subject.components().bounds().center();
        assertThat(scene().bounds(4).size().length() / 2)
                .isCloseTo(corner.distance(scene().bounds(4).center()), within(1e-6));
        hand.run("view.frame-selection", "v2");
        hand.rest();
        assertThat(hand.view(1).screen().project(corner).x()).isCloseTo(hand.view(1).width / 2, within(0.5));
        hand.run("select.components", null, "to", "object");
        assertThat(PlainData.list(marks(1).get("parts"))).isEmpty();
    }

    // ---- hiding, isolating, locking
    // ------------------------------------------------------------------------------------

    @Test
    void hiddenThingsAreNeitherPickedNorFramedAndComeBack() {
        Vec3 s = hand.onScreen(1, 4);
        hand.click(s.x(), s.y());
        hand.tap("KeyI", 0);
        assertThat(scene().shown(4)).isFalse();
        assertThat(stage.contents().selection()).isEmpty();
        hand.click(s.x(), s.y());
        assertThat(stage.contents().selection()).doesNotContain("n4");
        hand.tap("KeyI", Modifiers.ALT);
        assertThat(scene().shown(4)).isTrue();
        hand.tap("KeyZ", Modifiers.CTRL);
        assertThat(scene().shown(4)).isFalse();
        hand.tap("KeyZ", Modifiers.CTRL);
        assertThat(scene().shown(4)).isTrue();
        hand.click(s.x(), s.y());
        hand.tap("KeyI", Modifiers.SHIFT);
        assertThat(List.of(scene().shown(4), scene().shown(2), scene().shown(0)))
                .containsExactly(true, false, false);
        assertThat(stage.parts.subject.editing().history().done())
                .as("isolating is a way of looking")
                .isZero();
        hand.tap("KeyI", Modifiers.SHIFT);
        assertThat(scene().shown(0)).isTrue();
    }

    @Test
    void aSweepOverManySwitchesIsOneStep() {
        hand.run("edit.sweep", null, "on", true);
        for (String id : List.of("n2", "n3", "n4")) {
            hand.run("object.visible", null, "objects", List.of(id), "on", false);
        }
        hand.run("edit.sweep", null, "on", false);
        assertThat(scene().shown(3)).isFalse();
        assertThat(stage.parts.subject.editing().history().done()).isEqualTo(1);
        assertThat(stage.parts.subject.editing().history().undoName()).isEqualTo("Hide Left box and more");
        hand.tap("KeyZ", Modifiers.CTRL);
        assertThat(scene().shown(2) && scene().shown(3) && scene().shown(4)).isTrue();
    }

    // ---- framing, being lost
    // -------------------------------------------------------------------------------------------

    @Test
    void theBeaconPointsToASelectionOutOfViewAndFramingBringsItBack() {
        hand.run("select.set", null, "objects", List.of("n4"));
        assertThat(marks(1).get("beacon")).isNull();
        hand.run("view.set", "v2", "x", 100, "y", 2, "z", 0);
        hand.rest();
        Map<String, Object> beacon = PlainData.map(marks(1).get("beacon"));
        assertThat(beacon).containsEntry("name", "Far box");
        Vec3 c = scene().bounds(4).center();
        Pose p = hand.pose(1);
        double right = c.minus(p.eye()).dot(p.orientation().right());
        assertThat(Math.signum(PlainData.number(beacon.get("x"), 0) - hand.view(1).width / 2))
                .isEqualTo(Math.signum(right));
        hand.run("view.frame-selection", "v2");
        hand.rest();
        assertThat(marks(1).get("beacon")).isNull();
    }

    /** Wherever the selection lies, Beacon and Rose leave each other free, in large viewports and small ones. */
    @Test
    void theBeaconAndTheRoseLeaveEachOtherFree() {
        hand.run("select.set", null, "objects", List.of("n4"));
        Random random = new Random(26);
        int seen = 0;
        for (int i = 0; i < 400; i++) {
            stage.resize(320 + random.nextInt(1200), 320 + random.nextInt(900));
            Quat q = new Quat(
                    random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            hand.view(1)
                    .set(new Pose(new Vec3(30, 2, 0), q.unit(), 5, hand.pose(1).projection()));
            Map<String, Object> beacon = PlainData.map(marks(1).get("beacon"));
            Map<String, Object> rose = PlainData.map(marks(1).get("rose"));
            if (beacon.isEmpty() || rose.isEmpty()) {
                continue;
            }
            seen++;
            double size = PlainData.number(rose.get("size"), 0);
            double dx =
                    Math.abs(PlainData.number(beacon.get("x"), 0) - PlainData.number(rose.get("left"), 0) - size / 2);
            double dy =
                    Math.abs(PlainData.number(beacon.get("y"), 0) - PlainData.number(rose.get("top"), 0) - size / 2);
            assertThat(Math.max(dx, dy)).isGreaterThanOrEqualTo(size / 2 + 13);
        }
        assertThat(seen).isGreaterThan(100);
    }

    @Test
    void aViewportThatShowsNothingSaysSo() {
        assertThat(marks(1).get("empty")).isNull();
        hand.run("view.set", "v2", "x", 1000, "y", 1000, "z", 1000);
        hand.run("view.direction", "v2", "to", "front");
        hand.run("view.set", "v2", "z", -4000);
        hand.rest();
        assertThat(marks(1).get("empty")).isEqualTo(true);
        hand.run("view.frame-all", "v2");
        hand.rest();
        assertThat(marks(1).get("empty")).isNull();
    }

    @Test
    void thingsOfAnySizeAreFramed() {
        for (double size : new double[] {1e-6, 1e-3, 1, 1e6}) {
            hand.run("add.shape", "v2", "shape", "box");
            for (String side : List.of("width", "height", "depth")) {
                hand.run("edit.shape", null, side, size);
            }
            for (String view : List.of("v1", "v2")) {
                hand.run("view.frame-selection", view);
                hand.rest();
                Viewport v = stage.parts.ground.board().named(view);
                double high = 0;
                for (int i = 0; i < 8; i++) {
                    Vec3 s = v.screen()
                            .project(stage.parts
                                    .subject
                                    .selection()
                                    .bounds(scene())
                                    .corner(i));
                    high = Math.max(
                            high, Math.max(Math.abs(s.x() / v.width - 0.5), Math.abs(s.y() / v.height - 0.5)) * 2);
                }
                assertThat(high).as("%s m in %s", size, view).isCloseTo(0.9, within(0.01));
            }
            hand.run("object.delete", null);
        }
    }

    @Test
    void lightsAndCamerasAreFramedAsSomethingOneCanSee() {
        hand.run("select.set", null, "objects", List.of("n5"));
        hand.run("view.frame-selection", "v2");
        hand.rest();
        Vec3 c = Mat4.origin(scene().world(5));
        Vec3 s = hand.view(1).screen().project(c);
        assertThat(s.x()).isCloseTo(hand.view(1).width / 2, within(20.0));
        assertThat(s.z()).isBetween(0.1, 20.0);
        assertThat(stage.paint().icons(1)).extracting(IconMark::object).contains("n5");
        hand.run("select.none", null);
        hand.click(s.x() + hand.view(1).x, s.y() + hand.view(1).y);
        assertThat(stage.contents().selection()).as("picked by its mark").containsExactly("n5");
    }

    @Test
    void aimTurnsWithoutMoving() {
        hand.run("select.set", null, "objects", List.of("n4"));
        Vec3 eye = hand.pose(1).eye();
        hand.move(hand.view(1).x + 20, hand.view(1).y + 20, 0);
        hand.tap("KeyN", Modifiers.SHIFT);
        assertThat(hand.pose(1).eye()).isEqualTo(eye);
        assertThat(hand.onScreen(1, 4).x()).isCloseTo(hand.view(1).x + hand.view(1).width / 2, within(0.01));
    }

    // ---- the pivot
    // -----------------------------------------------------------------------------------------------------

    @Test
    void theLadderIsOrderedSwitchedAndSaysWhy() {
        hand.run("select.set", null, "objects", List.of("n4"));
        Vec3 s = hand.onScreen(1, 2);
        hand.move(s.x(), s.y(), 0);
        assertThat(new Seen(stage).pivot("v2")).containsEntry("rung", "surface");
        hand.run("pivot.ladder", null, "preset", "my selection");
        assertThat(new Seen(stage).pivot("v2")).containsEntry("rung", "selection");
        assertThat(new Seen(stage).pivot("v2").get("reason").toString())
                .contains("Far box")
                .contains("No point is pinned");
        hand.run("pivot.ladder", null, "rung", "selection", "on", false);
        assertThat(new Seen(stage).pivot("v2")).containsEntry("rung", "surface");
        hand.run("pivot.ladder", null, "rung", "origin", "by", -9);
        assertThat(new Seen(stage).pivot("v2")).containsEntry("rung", "origin");
        assertThat(stage.habits().toPlain().toString()).contains("origin,pinned");
        hand.run("pivot.ladder", null, "preset", "under my pointer");
        assertThat(stage.habits().toPlain().toString())
                .as("the usual order is not kept")
                .doesNotContain("ladder");
    }

    @Test
    void thePivotIsPinnedByPickByNumbersAndToTheSelection() {
        Vec3 s = hand.onScreen(1, 4);
        hand.move(s.x() + 1, s.y() + 1, 0);
        hand.tap("KeyV", Modifiers.ALT);
        Vec3 p = stage.parts.subject.pivot().pinned();
        Vec3 off = p.minus(scene().bounds(4).center());
        // A corner, an edge's middle or a face's centre of a cube: each coordinate at an end or in the middle.
        for (int a = 0; a < 3; a++) {
            assertThat(Math.min(Math.abs(off.get(a)), Math.abs(Math.abs(off.get(a)) - 0.5)))
                    .isLessThan(1e-6);
        }
        hand.run("pivot.set-at", null, "x", "1 m + 20 cm", "z", "-2");
        assertThat(stage.parts.subject.pivot().pinned()).isEqualTo(new Vec3(1.2, p.y(), -2));
        hand.run("pivot.set-at", null, "x", "nonsense");
        assertThat(stage.parts.subject.pivot().pinned().x()).isEqualTo(1.2);
        hand.run("select.set", null, "objects", List.of("n4"));
        hand.run("pivot.set-selection", null);
        assertThat(stage.parts
                        .subject
                        .pivot()
                        .pinned()
                        .distance(scene().bounds(4).center()))
                .isLessThan(1e-12);
    }

    @Test
    void anObjectsPivotPointMovesWithoutTheObject() {
        hand.run("select.set", null, "objects", List.of("n3"));
        double[] before = scene().world(3);
        hand.run("object.pivot", null, "to", "bottom");
        assertThat(scene().world(3)).containsExactly(before);
        assertThat(scene().pivot(3).y()).isCloseTo(scene().bounds(3).min().y(), within(1e-9));
        hand.run("object.pivot", null, "x", "3 ft");
        assertThat(scene().pivot(3).x()).isCloseTo(0.9144, within(1e-9));
        Vec3 p = scene().pivot(3);
        hand.run("edit.turn", null, "z", "30");
        assertThat(scene().pivot(3).distance(p)).isLessThan(1e-9);
        assertThat(scene().world(3)).isNotEqualTo(before);
    }

    // ---- adding, undoing
    // -----------------------------------------------------------------------------------------------

    @Test
    void newThingsStandOnTheSurfaceUnderThePointer() {
        Vec3 s = hand.onScreen(1, 4);
        hand.move(s.x(), s.y(), 0);
        Viewport v = hand.view(1);
        double top = stage.parts
                .ground
                .model()
                .surfaceAt(v, v.pose, s.x() - v.x, s.y() - v.y, true)
                .point()
                .y();
        stage.parts.gate.run("add.shape", Map.of("shape", "cylinder"), v, s.x() - v.x, s.y() - v.y);
        int n = stage.parts.subject.selection().last();
        assertThat(scene().bounds(n).min().y()).isCloseTo(top, within(1e-6));
        assertThat(scene().node(n).shape()).isNotNull();
        double high = scene().bounds(n).size().y();
        hand.run("edit.shape", null, "height", "2 ft", "around", 5);
        assertThat(scene().bounds(n).size().y()).isCloseTo(0.6096, within(1e-6));
        hand.tap("KeyZ", Modifiers.CTRL);
        assertThat(scene().bounds(n).size().y()).isEqualTo(high);
        hand.tap("KeyZ", Modifiers.CTRL);
        assertThat(scene().node(n).gone()).isTrue();
        assertThat(stage.contents().selection()).isEmpty();
    }

    @Test
    void undoNeverMovesAViewAndTheTrailNeverChangesTheScene() {
        hand.run("select.set", null, "objects", List.of("n4"));
        List<String> names = new ArrayList<>();
        hand.run("edit.place", null, "x", "2 m");
        hand.run("object.duplicate", null);
        hand.run("object.rename", null, "name", "Copy\nof it ");
        hand.run("object.group", null);
        hand.run("object.delete", null);
        stage.parts.subject.editing().history().edits().forEach(e -> names.add(e.name()));
        assertThat(names)
                .containsExactly(
                        "Move Far box",
                        "Duplicate Far box",
                        "Rename to Copy of it",
                        "Group Copy of it",
                        "Delete Group");
        Scene end = scene();
        hand.run("view.home", "v2");
        hand.run("view.direction", "v2", "to", "left");
        hand.run("trail.back", "v2");
        hand.rest();
        assertThat(scene()).isSameAs(end);
        List<Pose> before = poses();
        hand.run("edit.go", null, "to", 0);
        assertThat(poses()).isEqualTo(before);
        assertThat(scene().world(4)).containsExactly(Scenes.boxes().world(4));
        hand.run("edit.go", null, "to", 5);
        assertThat(new Seen(stage).history()).containsEntry("done", 5);
        assertThat(poses()).isEqualTo(before);
    }

    @Test
    void aVersionComesBackAsOneStepThatCanBeUndone() {
        hand.run("select.set", null, "objects", List.of("n4"));
        hand.run("edit.place", null, "x", "2 m");
        hand.run("add.shape", "v2", "shape", "torus");
        Map<String, Object> version = stage.documents().edits();
        int torus = stage.parts.subject.selection().last();
        hand.run("object.delete", null);
        hand.run("add.shape", "v2", "shape", "cone");
        int cone = stage.parts.subject.selection().last();
        hand.run("edit.go", null, "to", 2);
        hand.run("edit.go", null, "to", 4);
        assertThat(stage.documents().bringBack("One", version)).isNull();
        assertThat(scene().node(torus).gone()).isFalse();
        assertThat(scene().node(cone).gone()).isTrue();
        assertThat(scene().bounds(torus).isEmpty()).isFalse();
        assertThat(stage.parts.subject.editing().history().undoName()).isEqualTo("Back to version One");
        hand.tap("KeyZ", Modifiers.CTRL);
        assertThat(scene().node(torus).gone()).isTrue();
        assertThat(scene().node(cone).gone()).isFalse();
        assertThat(stage.documents().bringBack("None", Map.of())).isEqualTo("this is no rhombus-edits document");
    }

    @Test
    void aDeletedCameraLetsItsViewportStayWhereItWas() {
        hand.run("camera.look-through", "v2", "camera", "n5");
        Pose p = hand.pose(1);
        hand.run("select.set", null, "objects", List.of("n5"));
        hand.run("object.delete", null);
        assertThat(hand.view(1).camera).isNull();
        assertThat(hand.pose(1)).isEqualTo(p);
    }

    // ---- another file
    // -----------------------------------------------------------------------------------------------------

    /** The page has to fetch what a step back over another file needs: nothing changes before, and nothing is skipped. */
    @Test
    void atAStepWithAnotherFileThePageIsAskedAndNothingChanges() {
        SceneEditor editing = stage.parts.subject.editing();
        hand.run("object.rename", "v2", "objects", List.of("n2"), "name", "Before");
        editing.read(EditDocument.with(Scenes.boxes(), editing.toPlain(), new EditOperation.OtherFile("aa", "bb")));
        hand.run("object.rename", "v2", "objects", List.of("n2"), "name", "After");
        hand.run("edit.undo", "v2");
        assertThat(scene().node(2).name()).isEqualTo("Before");
        assertThat(application()).isEmpty();
        Scene now = scene();
        for (Runnable back :
                List.<Runnable>of(() -> hand.run("edit.undo", "v2"), () -> hand.run("edit.go", "v2", "to", 0))) {
            back.run();
            assertThat(application()).hasToString("[{command=scene.other-file, args={again=false}}]");
            assertThat(scene()).isSameAs(now);
            assertThat(editing.history().done()).isEqualTo(2);
        }
        // The server has taken the step back: the scene is opened again before it.
        editing.read(EditDocument.at(editing.toPlain(), 1));
        hand.run("edit.go", "v2", "to", 3);
        assertThat(application()).hasToString("[{command=scene.other-file, args={again=true}}]");
        hand.run("edit.redo", "v2");
        assertThat(application()).hasToString("[{command=scene.other-file, args={again=true}}]");
        assertThat(editing.history().done()).isEqualTo(1);
        hand.run("edit.undo", "v2");
        assertThat(scene().node(2).name()).isNotEqualTo("Before");
    }
}
