package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.device.GamepadParts;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.commands.AllCommands;

/** A hand does not wait for the page: whatever it does before a scene is open, or before the stage has a size, does no harm. */
class BeforeOpeningTest {
    private double now;

    private void everything(Stage stage) {
        double[] none = new double[17];
        stage.tick(now += 10);
        stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, new double[4], none, now += 10);
        stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, new double[] {1, 1, 1, 1}, none, now += 10);
        stage.tick(now += 100);
        for (int i = 0; i < 17; i++) {
            double[] one = new double[17];
            one[i] = 1;
            stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, new double[4], one, now += 10);
            stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, new double[4], none, now += 10);
        }
        for (Binding b : AllCommands.CATALOGUE.preset("rhombus").bindings()) {
            Trigger t = b.trigger();
            if (t.kind().ofKey()) {
                stage.input().keyDown(t.code(), b.modifiers(), false, now += 10);
                stage.tick(now += 10);
                stage.input().keyUp(t.code(), b.modifiers(), now += 10);
                stage.tick(now += 300);
            }
        }
        for (int buttons : new int[] {1, 2, 4}) {
            stage.input().pointer(100, 100, 0, 0, now += 10);
            stage.input().pointer(100, 100, buttons, 0, now += 10);
            stage.input().pointer(130, 120, buttons, 0, now += 10);
            stage.tick(now += 10);
            stage.input().pointer(130, 120, 0, 0, now += 10);
        }
        stage.input().wheel(100, 100, 0, 100, 0, 0, now += 10);
        stage.input().touchDown(1, 50, 50, now += 10);
        stage.input().touchMove(1, 80, 80, now += 10);
        stage.input().touchUp(1, 80, 80, false, now += 10);
        stage.input().pointerLeft();
        stage.input().blur();
        stage.tick(now += 500);
        new Seen(stage).hints(Map.of());
    }

    @Test
    void withoutASceneAndWithoutASize() {
        assertThatCode(() -> everything(new Stage())).doesNotThrowAnyException();
    }

    @Test
    void withASizeAndWithoutAScene() {
        Stage s = new Stage();
        s.resize(1003, 803);
        assertThatCode(() -> everything(s)).doesNotThrowAnyException();
    }

    @Test
    void withASceneAndWithoutASize() {
        Stage s = new Stage();
        s.open(Scenes.boxes(), "Boxes");
        assertThatCode(() -> everything(s)).doesNotThrowAnyException();
    }

    @Test
    void afterwardsTheSceneOpensAsEver() {
        Stage s = new Stage();
        everything(s);
        s.resize(1003, 803);
        s.open(Scenes.boxes(), "Boxes");
        Hand h = new Hand();
        for (int i = 0; i < 4; i++) {
            assertThat(s.parts.ground.board().views.get(i).pose).isEqualTo(h.pose(i));
        }
    }
}
