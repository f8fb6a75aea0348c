package rhombus.core.pick;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Scenes;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** What a camera's planes cut away is not there for a hand. */
class EdgePickTest {
    private static final Scene SCENE = Scenes.boxes();

    private static Screen screen(boolean flat) {
        Projection p = flat ? new Projection.Orthographic(12) : new Projection.Perspective(0.9);
        return new Screen(new Pose(new Vec3(0.3, 2, 14), Quat.IDENTITY, 14, p), 800, 600);
    }

    @Property(tries = 400)
    void noHitLiesOutsideOfThePlanes(
            @ForAll @DoubleRange(min = 0, max = 800) double x,
            @ForAll @DoubleRange(min = 0, max = 600) double y,
            @ForAll @DoubleRange(min = 0.1, max = 20) double near,
            @ForAll @DoubleRange(min = 0.01, max = 10) double more,
            @ForAll boolean flat) {
        ClipRange planes = new ClipRange(near, near + more);
        RayHit hit = EdgePick.closest(SCENE, screen(flat), planes, x, y);
        if (hit != null) {
            assertThat(hit.distance()).isBetween(near - 1e-9, near + more + 1e-9);
        }
        RayHit all = EdgePick.closest(SCENE, screen(flat), null, x, y);
        if (all != null && all.distance() > near && all.distance() < near + more) {
            assertThat(hit).as("what is between the planes is taken as before").isNotNull();
        }
    }
}
