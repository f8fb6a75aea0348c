package rhombus.core.stage;

import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.Lens;
import rhombus.core.navigate.Look;
import rhombus.core.view.Pose;

/** What comes in steps of any size: wheels, trackpads, pinches and twists. */
final class Stepping {
    /** What a notch multiplies the walking speed by. */
    static final double WALK_NOTCH = 1.25;

    private final Stage stage;

    Stepping(Stage stage) {
        this.stage = stage;
    }

    /** Steps at a point of a viewport, positive inwards, to the right, or faster. */
    void steps(String command, ViewState v, double lx, double ly, double steps) {
        Pose p = v.destination();
        switch (command) {
            case "navigate.dolly-steps" -> dolly(v, lx, ly, steps);
            case "navigate.dolly-all-steps" -> {
                for (ViewState each : stage.board().views) {
                    if (each.shown) {
                        boolean here = each == v;
                        dolly(each, here ? lx : each.width / 2, here ? ly : each.height / 2, steps);
                    }
                }
            }
            case "navigate.zoom-steps" -> go(v, command, Lens.zoom(p, Math.pow(Dolly.NOTCH, -steps)), steps);
            case "navigate.roll-steps" ->
                    go(v, command, Look.roll(p, steps * Math.toRadians(stage.habits().number(AllHabits.STEP))), steps);
            case "navigate.crop-steps" -> stage.crop(v, v.crop.scaled(
                    Math.pow(Dolly.NOTCH, -steps), (lx - v.width / 2) / v.height, (ly - v.height / 2) / v.height));
            case "walk.speed" -> stage.walking().speed(stage.walking().speed() * Math.pow(WALK_NOTCH, steps));
            default -> { }
        }
    }

    private void dolly(ViewState v, double lx, double ly, double steps) {
        Cameras.stepOut(stage, v);
        stage.wheel(v).step(lx, ly, steps, stage.now());
    }

    private void go(ViewState v, String command, Pose to, double steps) {
        Cameras.stepOut(stage, v);
        stage.wheel(v).go(to, Words.of(command, to.projection().flat()), steps, stage.now());
    }
}
