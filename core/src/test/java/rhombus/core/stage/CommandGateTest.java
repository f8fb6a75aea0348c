package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.Edit;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.tool.ToolHandle;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** What a command does that comes while something else is under way. Viewport 1 is the perspective one. */
class CommandGateTest {
    private final Hand hand = new Hand();
    private final Stage stage = hand.stage;
    private final Viewport view = hand.view(1);
    private final double x = view.x + view.width / 2;
    private final double y = view.y + view.height / 2;

    private List<String> steps() {
        return stage.parts.subject.editing().history().edits().stream()
                .map(Edit::name)
                .toList();
    }

    private String name(int node) {
        return stage.scene().node(node).name();
    }

    private Vec3 place(int node) {
        return stage.scene().bounds(node).center();
    }

    private void undoAll() {
        while (stage.parts.subject.editing().history().done() > 0) {
            hand.run("edit.undo", null);
        }
    }

    /** Presses the right button and drags; the button stays down. */
    private void orbit() {
        hand.move(x, y, 0);
        hand.move(x, y, 2);
        hand.move(x + 30, y + 10, 2);
    }

    /** Takes hold of a handle of the far box and drags; the button stays down. */
    private ToolHandle dragHandle() {
        hand.run("select.set", null, "objects", List.of("n4"));
        hand.run("tool.move", null);
        ToolHandle arm = stage.parts.tools.handlesOf(view).stream()
                .filter(h -> h.sort() == ToolHandle.Sort.ARM)
                .findFirst()
                .orElseThrow();
        double[] p = arm.points();
        double hx = view.x + p[2];
        double hy = view.y + p[3];
        hand.move(hx, hy, 0);
        hand.move(hx, hy, 1);
        hand.move(hx + 40, hy - 40, 1);
        return arm;
    }

    @Test
    void aRenameInTheMiddleOfAnOrbitIsOneStepOfItsOwn() {
        orbit();
        hand.run("object.rename", "v1", "objects", List.of("n4"), "name", "Shed");
        Pose then = hand.pose(1);
        hand.move(x + 200, y + 90, 2);
        assertThat(hand.pose(1)).as("the drag is over").isEqualTo(then);
        hand.move(x + 200, y + 90, 0);
        assertThat(steps()).hasSize(1).allMatch(s -> s.startsWith("Rename"));
        undoAll();
        assertThat(name(4)).isEqualTo("Far box");
    }

    @Test
    void escapeAfterACommandTakesNothingOfItBack() {
        orbit();
        hand.run("object.rename", "v1", "objects", List.of("n4"), "name", "Shed");
        hand.tap("Escape", 0);
        hand.move(x, y, 0);
        assertThat(name(4)).isEqualTo("Shed");
        assertThat(steps()).hasSize(1);
    }

    @Test
    void undoWhileAFingerOrbitsUndoesAllThatWasDone() {
        hand.run("object.rename", "v1", "objects", List.of("n4"), "name", "Shed");
        stage.input().touchDown(1, x, y, hand.now += 10);
        stage.input().touchMove(1, x + 60, y, hand.now += 10);
        hand.run("edit.undo", null);
        stage.input().touchMove(1, x + 90, y + 30, hand.now += 10);
        stage.input().touchUp(1, x + 90, y + 30, false, hand.now += 10);
        assertThat(name(4)).isEqualTo("Far box");
        assertThat(stage.parts.subject.editing().history().done()).isZero();
        hand.run("edit.redo", null);
        assertThat(name(4)).isEqualTo("Shed");
    }

    @Test
    void aFingerThatIsSettledIsNoTapAsItGoesUp() {
        stage.input().touchDown(1, x, y, hand.now += 10);
        stage.input().touchMove(1, x + 60, y, hand.now += 10);
        hand.run("select.none", null);
        stage.input().touchUp(1, x + 60, y, false, hand.now += 10);
        assertThat(stage.contents().selection()).isEmpty();
    }

    @Test
    void deleteInTheMiddleOfAHandleDragLeavesTwoSteps() {
        Vec3 before = place(4);
        dragHandle();
        Vec3 moved = place(4);
        assertThat(moved).isNotEqualTo(before);
        hand.run("object.delete", null);
        hand.tap("Escape", 0);
        hand.move(x, y, 0);
        assertThat(stage.scene().node(4).gone()).isTrue();
        assertThat(steps()).hasSize(2);
        hand.run("edit.undo", null);
        assertThat(place(4)).isEqualTo(moved);
        hand.run("edit.undo", null);
        assertThat(place(4)).isEqualTo(before);
    }

    @Test
    void escapeTakesBackADragAndNothingBeforeIt() {
        hand.run("object.rename", null, "objects", List.of("n2"), "name", "Shed");
        Vec3 before = place(4);
        dragHandle();
        hand.tap("Escape", 0);
        hand.move(x, y, 0);
        assertThat(place(4)).isEqualTo(before);
        assertThat(name(2)).isEqualTo("Shed");
        assertThat(steps()).hasSize(1);
    }

    @Test
    void looksAndSoloRunBesideADrag() {
        orbit();
        Pose then = hand.pose(1);
        hand.run("display.set", view.id, "look", "wire");
        hand.run("board.solo", view.id);
        assertThat(view.look.id()).isEqualTo("wire");
        hand.move(x + 31, y + 10, 2);
        assertThat(hand.pose(1).eye().distance(then.eye()))
                .as("the drag goes on from where it was")
                .isBetween(1e-6, then.focus() * 0.05);
        hand.move(x + 31, y + 10, 0);
    }

    @Test
    void aPictureWhoseUploadEndsWaitsUntilTheDragIsOver() {
        Scene before = stage.scene();
        orbit();
        hand.run("picture.add", "v1", "image", "ab", "width", 400, "height", 300);
        Pose then = hand.pose(1);
        hand.move(x + 90, y + 40, 2);
        assertThat(hand.pose(1)).as("the drag goes on").isNotEqualTo(then);
        assertThat(stage.scene()).isEqualTo(before);
        assertThat(stage.animating()).as("time goes on for what waits").isTrue();
        hand.move(x + 90, y + 40, 0);
        hand.rest();
        assertThat(stage.scene().pictures()).hasSize(1);
        assertThat(steps()).hasSize(1);
    }

    @Test
    void aLozengeIsNotTakenUpDuringADragAndThatIsTold() {
        orbit();
        assertThat(stage.command("grip.latch", java.util.Map.of(), view.id, hand.now += 10))
                .isFalse();
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("Let go first"));
        assertThat(view.refusedUntil).isGreaterThan(hand.now);
    }

    @Test
    void undoInTheMiddleOfASweepEndsTheSweepFirst() {
        hand.run("edit.sweep", null, "on", true);
        hand.run("object.visible", null, "objects", List.of("n2"), "on", false);
        hand.run("object.visible", null, "objects", List.of("n4"), "on", false);
        hand.run("edit.undo", null);
        assertThat(stage.scene().node(2).hidden()).isFalse();
        assertThat(stage.scene().node(4).hidden()).isFalse();
        hand.run("edit.sweep", null, "on", false);
        assertThat(stage.parts.subject.editing().history().done()).isZero();
        hand.run("edit.redo", null);
        assertThat(stage.scene().node(4).hidden()).isTrue();
    }

    @Test
    void whatIsKeptInTheMiddleOfADragIsWhatWasBeforeIt() {
        Object before = stage.documents().edits();
        dragHandle();
        assertThat(stage.documents().edits()).usingRecursiveComparison().isEqualTo(before);
    }

    @Test
    void aStickThatIsHeldGoesOnAfterACommand() {
        double[] axes = new double[4];
        axes[2] = 1;
        stage.devices().gamepad(0, "Pad", "standard", axes, new double[17], hand.now += 10);
        stage.tick(hand.now += 100);
        hand.run("select.all", null);
        Pose then = hand.pose(1);
        stage.tick(hand.now += 100);
        stage.tick(hand.now += 100);
        assertThat(hand.view(stage.parts.ground.board().active().number).pose).isNotEqualTo(then);
        assertThat(stage.moving()).isTrue();
    }
}
