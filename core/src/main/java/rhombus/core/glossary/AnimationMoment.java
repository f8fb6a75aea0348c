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
record AnimationMoment(
        Pose pose, Crop crop, double near, double far, Consumer<LineDrawing> world, Consumer<LineDrawing> outside) {
    static AnimationMoment of(Pose pose) {
        return new AnimationMoment(
                pose, Crop.NONE, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, LineDrawing::world, p -> {});
    }

    AnimationMoment cropped(Crop c) {
        return new AnimationMoment(pose, c, near, far, world, outside);
    }

    AnimationMoment between(double n, double f) {
        return new AnimationMoment(pose, crop, n, f, world, outside);
    }

    AnimationMoment drawn(Consumer<LineDrawing> w) {
        return new AnimationMoment(pose, crop, near, far, w, outside);
    }

    /** With a point marked in both pictures. */
    AnimationMoment marking(Vec3 point) {
        return drawn(p -> {
            world.accept(p);
            p.mark(point, 12);
        });
    }

    AnimationMoment showing(Consumer<LineDrawing> o) {
        return new AnimationMoment(pose, crop, near, far, world, o);
    }
}
