package rhombus.core.scene;

/**
 * A camera of the scene; it looks along its node's -Z with +Y up (glTF 2.0, 3.10).
 *
 * @param perspective whether lines converge; else the camera is orthographic
 * @param fovY vertical field of view in radians, for a perspective camera
 * @param extent vertical extent in metres, for an orthographic camera
 * @param aspect width over height of its picture, 0 where the file leaves it to the viewport
 */
public record SceneCamera(boolean perspective, double fovY, double extent, double aspect) {}
