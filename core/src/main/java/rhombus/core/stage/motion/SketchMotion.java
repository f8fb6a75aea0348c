package rhombus.core.stage.motion;

import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.PictureHandles;
import rhombus.core.stage.view.StageContext;
import rhombus.core.view.Screen;

/** Drags of an end of what is marked on a picture; a camera that was made from the picture goes along. */
final class SketchMotion {
    private SketchMotion() {}

    static Motion start(StageContext ground, SubjectParts subject, GrabPoint g, PictureSketch.End end) {
        PicturePlanes.Plane plane = PictureHandles.plane(ground, subject, g.view());
        if (plane == null || PictureSketch.at(plane.picture(), end) == null) {
            return null;
        }
        Scene before = ground.scene();
        Screen screen = g.view().screen();
        PicturePlane picture = plane.picture();
        double[] from = PictureSketch.at(picture, end);
        double[] taken = plane.pixel(screen, g.x(), g.y());
        return (x, y) -> {
            double[] to = plane.pixel(screen, x, y);
            double px = from[0] + (to[0] - taken[0]) * g.rate();
            double py = from[1] + (to[1] - taken[1]) * g.rate();
            Scene marked = PictureSketch.change(before, plane.node(), p -> PictureSketch.moved(picture, end, px, py));
            subject.editing().live(subject.matching().follow(marked, plane.node()));
        };
    }
}
