package rhombus.core.stage.show.scene;

import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.OneOf;
import rhombus.core.plain.OrNull;

/**
 * A camera of the scene. Distances are metres, film backs and lenses millimetres, angles degrees; what follows the scene is
 * null.
 *
 * @param id names it
 * @param name as it is listed
 * @param pose where it stands and looks
 * @param filmBack the area that takes the picture
 * @param focalLength null for an orthographic camera
 * @param fovY vertical field of view; null for an orthographic camera
 * @param extent height of its picture; null for a perspective camera
 * @param aspect width over height of its picture
 * @param gateFit how the picture lies on the film back
 * @param fNumber focal length over the width of the pupil
 * @param focus distance that is focused
 * @param near nearest depth drawn
 * @param far farthest depth drawn
 * @param locked whether navigating never moves it
 * @param driven whether a viewport of the board drives it
 * @param active whether it is marked active
 * @param warnings what is probably not wanted of its picture
 */
public record CameraRow(
        String id,
        String name,
        Pose pose,
        Size filmBack,
        @OrNull Double focalLength,
        @OrNull Double fovY,
        @OrNull Double extent,
        double aspect,
        @OneOf({"fill", "overscan", "horizontal", "vertical"}) String gateFit,
        double fNumber,
        @OrNull Double focus,
        @OrNull Double near,
        @OrNull Double far,
        boolean locked,
        boolean driven,
        boolean active,
        List<String> warnings) {
    /** Where a camera stands, where it looks and what is up in its picture; the directions have length 1. */
    public record Pose(Vec3 eye, Vec3 forward, Vec3 up) {}

    /** Millimetres. */
    public record Size(double width, double height) {}
}
