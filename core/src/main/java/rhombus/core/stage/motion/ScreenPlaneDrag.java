package rhombus.core.stage.motion;

import rhombus.core.edit.EditOperation;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.view.Screen;

/** Dragging what is selected in the picture plane, at the depth of what was taken hold of. */
public final class ScreenPlaneDrag {
    private ScreenPlaneDrag() {}

    /** What is under the hand stays under it. */
    public static Motion start(StageContext ground, SubjectParts subject, GrabPoint g) {
        Screen screen = g.view().screen();
        double depth = PanMotion.depthAt(subject, g.view(), g.x(), g.y());
        Vec3 from = screen.at(g.x(), g.y(), depth);
        Scene before = ground.scene();
        return (x, y) -> subject.editing()
                .live(
                        before,
                        new EditOperation.Move(
                                subject.selection().roots(before),
                                screen.at(x, y, depth).minus(from).times(g.rate())));
    }
}
