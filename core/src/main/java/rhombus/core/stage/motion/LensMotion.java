package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import java.util.function.DoubleFunction;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.LensChange;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.view.Pose;

/** Zoom, which changes the lens alone, and dolly-zoom, which keeps the subject's size. */
public final class LensMotion {
    /** Why a flat view has no dolly-zoom. */
    public static final String NO_LENS = say("lens-motion.a-flat-view-has-no");
    /** How often a drag over the full height of the viewport doubles the size of the picture. */
    private static final double DOUBLINGS = 3;

    private LensMotion() {}

    /** The lens alone; in a flat view the scale. */
    public static Motion zoom(StageContext ground, GrabPoint g) {
        Pose start = g.view().pose;
        return along(ground, g, factor -> LensChange.zoom(start, factor));
    }

    /** Lens and distance together; null in a flat view, where it is refused. */
    public static Motion dollyZoom(StageContext ground, GrabPoint g) {
        Pose start = g.view().pose;
        if (start.projection().flat()) {
            ViewRefusals.refuse(ground, g.view(), g.x(), g.y(), NO_LENS);
            return null;
        }
        return along(ground, g, factor -> LensChange.dollyZoom(start, factor));
    }

    private static Motion along(StageContext ground, GrabPoint g, DoubleFunction<Pose> by) {
        double speed = DOUBLINGS / g.view().height * g.rate() * ground.habits().number(AllHabits.ZOOM_SPEED);
        double k = ground.habits().on(AllHabits.ZOOM_INVERT) ? -speed : speed;
        return (x, y) -> ground.navigator().pose(g.view(), by.apply(Math.pow(2, (x - g.x() + g.y() - y) * k)));
    }
}
