package rhombus.core.stage.view;

import rhombus.core.keymap.BindingContext;
import rhombus.core.view.AxisDirection;

/** Which of the contexts of a keymap a viewport is by itself. */
public final class ViewContexts {
    private ViewContexts() {}

    /** Through a camera, perspective, flat along an axis, or flat in any other direction. */
    public static BindingContext of(StageContext ground, Viewport v) {
        if (v.camera != null) {
            return BindingContext.CAMERA;
        }
        if (!v.pose.projection().flat()) {
            return BindingContext.PERSPECTIVE;
        }
        return AxisDirection.of(v.pose.orientation(), ground.scene().up()) == null
                ? BindingContext.FREE_FLAT
                : BindingContext.AXIS;
    }
}
