package rhombus.core.view;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;

/**
 * A pose seen in a viewport of some size: from world points to pixels and back.
 *
 * @param pose the view
 * @param width of the viewport, CSS pixels
 * @param height of the viewport, CSS pixels
 * @param crop of the finished picture
 */
public record Screen(Pose pose, double width, double height, Crop crop) {
    /** The picture as it is. */
    public Screen(Pose pose, double width, double height) {
        this(pose, width, height, Crop.NONE);
    }

    /** The same viewport with another pose. */
    public Screen with(Pose p) {
        return new Screen(p, width, height, crop);
    }

    /** Metres that one pixel covers at a depth. */
    public double metresPerPixel(double depth) {
        return pose.projection().heightAt(depth) / (height * crop.scale());
    }

    /** Pixel in which the line of sight ends: the viewport's middle, shifted by the crop. */
    private double middleX() {
        return width / 2 + crop.x() * height;
    }

    private double middleY() {
        return height / 2 + crop.y() * height;
    }

    /** The line of sight through a pixel; in a flat view it starts in the eye's plane. */
    public Ray ray(double x, double y) {
        Quat q = pose.orientation();
        double px = x - middleX();
        double py = middleY() - y;
        double k = metresPerPixel(1);
        if (pose.projection().flat()) {
            return new Ray(pose.eye().plus(q.right(), px * k).plus(q.up(), py * k), q.forward());
        }
        Vec3 d = q.forward().plus(q.right(), px * k).plus(q.up(), py * k);
        return new Ray(pose.eye(), d.unit());
    }

    /** The point under a pixel at a depth along the line of sight. */
    public Vec3 at(double x, double y, double depth) {
        Quat q = pose.orientation();
        double k = metresPerPixel(depth);
        return pose.eye()
                .plus(q.forward(), depth)
                .plus(q.right(), (x - middleX()) * k)
                .plus(q.up(), (middleY() - y) * k);
    }

    /** Pixel and depth of a point: x, y in CSS pixels, z the depth in metres (not positive: behind a perspective eye). */
    public Vec3 project(Vec3 p) {
        Vec3 v = pose.orientation().inverse().rotate(p.minus(pose.eye()));
        double depth = -v.z();
        double k = metresPerPixel(depth);
        return new Vec3(middleX() + v.x() / k, middleY() - v.y() / k, depth);
    }
}
