package rhombus.core.stage.commands;

import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/**
 * How a command brings a view somewhere: as one step of its Trail, or of the scene where its camera is driven. A pose that
 * is null stands for nowhere. All give false where nothing moves.
 */
final class ViewTransition {
    private final StageContext ground;
    private final Walking walking;

    ViewTransition(StageContext ground, Walking walking) {
        this.ground = ground;
        this.walking = walking;
    }

    /** Goes to a pose; a guarded camera stays where it is, a driven one goes along, a locked one refuses. */
    boolean to(Viewport v, Pose to, String deed) {
        if (to == null) {
            return false;
        }
        ground.changes().unsay(v.id);
        return CameraViews.stepOut(ground, v) && go(v, to, deed);
    }

    private boolean go(Viewport v, Pose to, String deed) {
        ground.navigator().endWheels();
        if (to.projection().flat()) {
            walking.leaveIn(v);
        }
        ground.navigator().glide(v, to, ground.glideMs());
        if (v != walking.view()) {
            ground.navigator().remember(v, deed);
        }
        ground.changes().add(ChangeTopic.CAPTION);
        return true;
    }

    /** Goes to a view that shows something on purpose: what was cropped is whole again. */
    boolean fresh(Viewport v, Pose to, String deed) {
        if (to == null) {
            return false;
        }
        ground.changes().unsay(v.id);
        if (!CameraViews.stepOut(ground, v)) {
            return false;
        }
        if (!v.crop.none()) {
            ground.navigator().crop(v, Crop.NONE);
        }
        return go(v, to, deed);
    }

    /** The same to a view that no camera has and no axis holds: the viewport shows something else from now on. */
    boolean free(Viewport v, Pose to, String deed) {
        v.release();
        return fresh(v, to, deed);
    }
}
