package rhombus.core.stage.motion;

import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.LensChange;
import rhombus.core.navigate.LookAround;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** What comes in steps of any size: wheels, trackpads, pinches and twists. Steps are positive inwards, and to the right. */
public final class SteppedMotion {
    private final StageContext ground;
    private final SubjectParts subject;

    /** Steps in the viewports of the board in use. */
    public SteppedMotion(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    /** Steps of a dolly towards what lies at a point of a viewport. */
    public void dolly(Viewport v, double lx, double ly, double steps, CommandPhrase called) {
        if (CameraViews.stepOut(ground, v)) {
            wheel(v).step(lx, ly, steps, called.name(v.pose.projection().flat()), ground.now());
        }
    }

    /** The same in every viewport that is shown: in the others towards what is in their middle. */
    public void dollyEverywhere(Viewport v, double lx, double ly, double steps, CommandPhrase called) {
        for (Viewport each : ground.board().views) {
            if (each.shown) {
                boolean here = each == v;
                dolly(each, here ? lx : each.width / 2, here ? ly : each.height / 2, steps, called);
            }
        }
    }

    /** Steps of the lens. */
    public void zoom(Viewport v, double steps, CommandPhrase called) {
        go(v, LensChange.zoom(v.destination(), Math.pow(Dolly.NOTCH, -steps)), steps, called);
    }

    /** Steps of a roll, each as large as the user has set. */
    public void roll(Viewport v, double steps, CommandPhrase called) {
        go(
                v,
                LookAround.roll(
                        v.destination(), steps * Math.toRadians(ground.habits().number(AllHabits.STEP))),
                steps,
                called);
    }

    /** Steps of the crop, about a point of a viewport. */
    public void crop(Viewport v, double lx, double ly, double steps) {
        ground.navigator()
                .crop(
                        v,
                        v.crop.scaled(
                                Math.pow(Dolly.NOTCH, -steps),
                                (lx - v.width / 2) / v.height,
                                (ly - v.height / 2) / v.height));
    }

    private void go(Viewport v, Pose to, double steps, CommandPhrase called) {
        if (CameraViews.stepOut(ground, v)) {
            wheel(v).go(to, called.name(to.projection().flat()), steps, ground.now());
        }
    }

    /** Made when the wheel first turns in a viewport. */
    private WheelBurst wheel(Viewport v) {
        if (v.wheel == null) {
            v.wheel(new WheelBurst(ground, subject, v));
        }
        return (WheelBurst) v.wheel;
    }
}
