package rhombus.core.stage.area;

import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;

/** Looking through cameras of the scene. */
final class CameraArea {
    private final Ground ground;

    private CameraArea(Ground ground) {
        this.ground = ground;
    }

    static Area<CameraArea> area() {
        return new Area<>(p -> new CameraArea(p.ground()), CameraArea::declare);
    }

    private static void declare(Declare<CameraArea> d) {
        d.group("Cameras");
        d.action("camera.look-through", "Look through a camera")
                .text("camera")
                .key("camera", "KeyC", 0, "look through the camera")
                .does(CameraArea::through);
        d.action("camera.leave", "Leave the camera").does((a, c) -> Cameras.leave(a.ground, c.view()));
    }

    private void through(Call c) {
        String camera = c.args().get("camera") == null ? Cameras.usual(ground, c.view()) : c.text("camera");
        if (camera == null || !Cameras.through(ground, c.view(), camera)) {
            ground.changes().notice("This scene has no such camera.", null, null);
        }
    }
}
