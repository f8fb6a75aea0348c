package rhombus.core.stage.show;

import rhombus.core.geometry.Vec3;
import rhombus.core.plain.OrNull;

/**
 * A camera of the scene.
 *
 * @param id names it
 * @param name as it is listed
 * @param eye where it stands, metres
 * @param forward direction of sight, length 1
 * @param up direction that is up in its picture, length 1
 * @param fovY vertical field of view, degrees; null for an orthographic camera
 * @param extent height of its picture, metres; null for a perspective camera
 * @param aspect width over height of its picture; 0 where it takes that of the viewport
 * @param locked whether navigating never moves it
 * @param driven whether a viewport of the board drives it
 */
public record CameraRow(
        String id,
        String name,
        Vec3 eye,
        Vec3 forward,
        Vec3 up,
        @OrNull Double fovY,
        @OrNull Double extent,
        double aspect,
        boolean locked,
        boolean driven) {}
