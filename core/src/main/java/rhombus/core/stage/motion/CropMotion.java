package rhombus.core.stage.motion;

import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;

/** Crop: the picture is shifted, whatever it is a picture of. */
public final class CropMotion {
    private CropMotion() {}

    /** The picture follows the hand. */
    public static Motion start(StageContext ground, GrabPoint g) {
        Viewport v = g.view();
        Crop start = v.crop;
        return (x, y) -> ground.navigator()
                .crop(v, start.shifted((x - g.x()) / v.height * g.rate(), (y - g.y()) / v.height * g.rate()));
    }
}
