package rhombus.core.glossary;

import java.util.function.Consumer;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/**
 * What one moment of a moving picture is made of.
 *
 * @param pose of the eye
 * @param crop of what it sees
 * @param near nothing nearer is drawn, metres
 * @param far nothing farther is drawn, metres
 * @param world draws the scene, into both pictures
 * @param outside draws what is to be seen from outside alone
 */
record Moment(Pose pose, Crop crop, double near, double far, Consumer<Picture> world, Consumer<Picture> outside) {
    static Moment of(Pose pose) {
        return new Moment(pose, Crop.NONE, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Picture::world, p -> {});
    }

    Moment cropped(Crop c) {
        return new Moment(pose, c, near, far, world, outside);
    }

    Moment between(double n, double f) {
        return new Moment(pose, crop, n, f, world, outside);
    }

    Moment drawn(Consumer<Picture> w) {
        return new Moment(pose, crop, near, far, w, outside);
    }

    /** With a point marked in both pictures. */
    Moment marking(Vec3 point) {
        return drawn(p -> {
            world.accept(p);
            p.mark(point, 12);
        });
    }

    Moment showing(Consumer<Picture> o) {
        return new Moment(pose, crop, near, far, world, o);
    }
}
