package rhombus.core.stage.show.paint;

import java.util.EnumMap;
import java.util.Map;
import rhombus.core.display.Look;
import rhombus.core.light.Lighting;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** The light of viewports, worked out anew when the scene has changed. */
final class LightingState {
    private final StageContext ground;
    private final Map<Look.Light, Lighting> known = new EnumMap<>(Look.Light.class);
    private Scene scene;
    private int version;

    LightingState(StageContext ground) {
        this.ground = ground;
    }

    private Lighting of(Viewport v, Look look) {
        now();
        return known.computeIfAbsent(v.light(look), l -> Lighting.of(scene, l));
    }

    /** Another number whenever the scene is another one: what casts shadows may have changed. */
    int now() {
        if (scene != ground.scene()) {
            scene = ground.scene();
            known.clear();
            version++;
        }
        return version;
    }

    float[] numbers(Viewport v, Look look, double[] view) {
        return of(v, look).numbers(view, v.stops);
    }

    double[] shadow(Viewport v, Look look) {
        return of(v, look).shadowMatrices();
    }
}
