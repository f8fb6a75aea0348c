package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import rhombus.core.navigate.PivotRung;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** What is turned about and what the Trail goes back to where cameras are looked through. Viewport 1 is the perspective one. */
class CameraTrailTest {
    private static final int RIGHT = 2;

    private final Hand hand = new Hand();
    private final Stage stage = hand.stage;
    private final Viewport view = hand.view(1);

    private double x() {
        return view.x + view.width / 2;
    }

    private void orbitOverSky() {
        hand.drag(x(), view.y + 6, 60, 20, RIGHT, 0);
    }

    @Test
    void aCameraThatWasMadeHereAndIsSelectedIsNothingToTurnAbout() {
        hand.run("camera.from-view", view.id);
        Pose before = view.pose;
        orbitOverSky();
        assertThat(view.pose.eye().distance(before.eye()))
                .as("the eye goes round something")
                .isGreaterThan(0.1);
        assertThat(stage.parts.subject.pivot().used().rung()).isNotEqualTo(PivotRung.SELECTION);
        hand.run("edit.undo", null);
        hand.run("select.none", null);
        orbitOverSky();
        assertThat(stage.parts.subject.pivot().used().point().distance(view.pose.eye()))
                .isGreaterThan(0.1);
    }

    @Test
    void aDrivenCameraThatIsSelectedIsNotThePivotOfItsOwnView() {
        hand.run("camera.look-through", view.id, "camera", "n5");
        hand.run("camera.drive", view.id, "on", true);
        hand.run("select.set", null, "objects", List.of("n5"));
        Pose before = view.pose;
        orbitOverSky();
        assertThat(view.pose.eye().distance(before.eye())).isGreaterThan(0.1);
        hand.run("select.set", null, "objects", List.of("n5", "n4"));
        assertThat(stage.parts
                        .subject
                        .pivot()
                        .choose(view, Double.NaN, Double.NaN)
                        .point())
                .as("the others that are selected count")
                .isEqualTo(stage.scene().bounds(4).center());
    }

    @Test
    void theTrailGoesBackThroughTheCamera() {
        hand.run("camera.look-through", view.id, "camera", "n5");
        hand.drag(x(), view.y + view.height / 2, 60, 20, RIGHT, 0);
        assertThat(view.camera).isNull();
        hand.tap("Backspace", 0);
        assertThat(view.camera).isEqualTo("n5");
        assertThat(stage.viewport().trailEntries(view.id).get(1).lens()).startsWith("Shot · ");
        hand.tap("Backspace", 0);
        assertThat(view.camera).isNull();
        hand.tap("Backspace", 1);
        assertThat(view.camera).as("forward too").isEqualTo("n5");
        Stage again = new Stage();
        again.resize(1003, 803);
        again.open(Scenes.boxes(), "Boxes");
        again.documents().restore(stage.documents().workspace());
        Viewport kept = again.parts.ground.board().views.get(1);
        assertThat(kept.trail.camera(1)).isEqualTo("n5");
        hand.run("object.delete", null, "objects", List.of("n5"));
        hand.tap("Backspace", 0);
        hand.tap("Backspace", 1);
        assertThat(view.camera).as("a camera that is gone leaves its view").isNull();
    }

    @Test
    void leavingADrivenCameraByTheTrailIsTold() {
        hand.run("camera.look-through", view.id, "camera", "n5");
        hand.run("camera.drive", view.id, "on", true);
        hand.tap("Backspace", 0);
        assertThat(view.camera).isNull();
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("Shot is not driven any more"));
    }

    @Test
    void aWalkThatBeganInAFlatViewSaysWhatTheViewportIsNow() {
        hand.move(hand.view(0).x + 50, hand.view(0).y + 50, 0);
        hand.tap("KeyW", 0);
        assertThat(hand.view(0).pose.projection().flat()).isFalse();
        hand.tap("Escape", 0);
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("The walk began in a flat view"));
        hand.run("trail.back", hand.view(0).id);
        hand.rest();
        assertThat(hand.view(0).pose.projection().flat()).isTrue();
    }

    @Test
    void aPoleThatStopsADragIsToldOnce() {
        double[] rose = {view.x + view.width - 60, view.y + view.height - 60};
        hand.move(rose[0], rose[1], 0);
        hand.drag(x(), view.y + view.height / 2, 0, 380, RIGHT, 0);
        assertThat(hand.notices())
                .filteredOn(n -> n.startsWith("Straight up or down"))
                .hasSize(1);
    }

    /** Whatever a hand does, what is said of a viewport fits what it shows. */
    @Property(tries = 200)
    void titleDirectionAndProjectionNeverContradict(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        RandomHand h = new RandomHand(Scenes.boxes(), seed);
        for (int i = 0; i < 60; i++) {
            h.does(2);
            var ground = h.stage().parts.ground;
            for (Viewport v : ground.board().views) {
                if (!v.shown) {
                    continue;
                }
                String title = PlateCaptions.title(ground, v);
                String direction = PlateCaptions.direction(v, ground.scene().up());
                boolean flat = v.pose.projection().flat();
                if (v.camera != null) {
                    assertThat(title).isEqualTo(ground.nameOf(ground.scene().indexOf(v.camera)));
                } else if (ground.walks().view() == v) {
                    assertThat(flat).as(title).isFalse();
                } else if (title.equals("Scout")) {
                    assertThat(flat || !direction.equals("free")).isFalse();
                } else if (title.equals("Free flat")) {
                    assertThat(flat && direction.equals("free")).isTrue();
                } else {
                    assertThat(title.toLowerCase()).startsWith(direction);
                }
            }
        }
    }
}
