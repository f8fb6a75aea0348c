package rhombus.core.stage.show;

import java.util.EnumMap;
import java.util.Map;
import rhombus.core.display.Look;
import rhombus.core.light.Lighting;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** The light of viewports, worked out anew when the scene has changed. */
final class Lit {
    private final Ground ground;
    private final Map<Look.Light, Lighting> known = new EnumMap<>(Look.Light.class);
    private Scene scene;
    private int version;

    Lit(Ground ground) {
        this.ground = ground;
    }

    private Lighting of(ViewState v, Look look) {
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

    float[] numbers(ViewState v, Look look, double[] view) {
        return of(v, look).numbers(view, v.stops);
    }

    double[] shadow(ViewState v, Look look) {
        return of(v, look).shadowMatrices();
    }
}
