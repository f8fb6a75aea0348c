package rhombus.core.stage.motion;

import rhombus.core.scene.Picture;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.Sketch;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.PictureHandles;
import rhombus.core.stage.view.Ground;
import rhombus.core.view.Screen;

/** Drags of an end of what is marked on a picture; a camera that was made from the picture goes along. */
final class SketchMotion {
    private SketchMotion() {}

    static Motion start(Ground ground, Subject subject, Grab g, Sketch.End end) {
        PicturePlanes.Plane plane = PictureHandles.plane(ground, subject, g.view());
        if (plane == null || Sketch.at(plane.picture(), end) == null) {
            return null;
        }
        Scene before = ground.scene();
        Screen screen = g.view().screen();
        Picture picture = plane.picture();
        double[] from = Sketch.at(picture, end);
        double[] taken = plane.pixel(screen, g.x(), g.y());
        return (x, y) -> {
            double[] to = plane.pixel(screen, x, y);
            double px = from[0] + (to[0] - taken[0]) * g.rate();
            double py = from[1] + (to[1] - taken[1]) * g.rate();
            Scene marked = Sketch.change(before, plane.node(), p -> Sketch.moved(picture, end, px, py));
            subject.editing().live(subject.matching().follow(marked, plane.node()));
        };
    }
}
