package rhombus.core.stage.view;

import rhombus.core.keymap.Context;
import rhombus.core.view.Direction;

/** Which of the contexts of a keymap a viewport is by itself. */
public final class Contexts {
    private Contexts() {}

    /** Through a camera, perspective, flat along an axis, or flat in any other direction. */
    public static Context of(Ground ground, ViewState v) {
        if (v.camera != null) {
            return Context.CAMERA;
        }
        if (!v.pose.projection().flat()) {
            return Context.PERSPECTIVE;
        }
        return Direction.of(v.pose.orientation(), ground.scene().up()) == null ? Context.FREE_FLAT : Context.AXIS;
    }
}
