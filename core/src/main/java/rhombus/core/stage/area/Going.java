package rhombus.core.stage.area;

import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** How a command brings a view somewhere: as one step of its Trail. A pose that is null stands for nowhere. */
final class Going {
    private final Ground ground;
    private final Walking walking;

    Going(Ground ground, Walking walking) {
        this.ground = ground;
        this.walking = walking;
    }

    /** Goes to a pose; a viewport that looks through a camera becomes a scout view first. */
    void to(ViewState v, Pose to, String deed) {
        if (to == null) {
            return;
        }
        ground.navigator().endWheels();
        if (to.projection().flat()) {
            walking.leaveIn(v);
        }
        Cameras.stepOut(ground, v);
        ground.navigator().glide(v, to, ground.glideMs());
        if (v != walking.view()) {
            ground.navigator().remember(v, deed);
        }
        ground.changes().add(Topic.CAPTION);
    }

    /** Goes to a view that shows something on purpose: what was cropped is whole again. */
    void fresh(ViewState v, Pose to, String deed) {
        if (to != null && !v.crop.none()) {
            ground.navigator().crop(v, Crop.NONE);
        }
        to(v, to, deed);
    }

    /** The same to a view that no camera has and no axis holds. */
    void free(ViewState v, Pose to, String deed) {
        v.release();
        fresh(v, to, deed);
    }
}
