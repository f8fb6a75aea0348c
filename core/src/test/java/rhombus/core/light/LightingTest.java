package rhombus.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.display.Look;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.scene.UpAxis;

/** What lights a scene; falloff and cones against the formulas of the glTF extension KHR_lights_punctual. */
class LightingTest {
    private static final Vec3 WHITE = new Vec3(1, 1, 1);
    private static final double[] AT_ORIGIN = Mat4.identity();

    private static PlacedLight point(double candela, double range) {
        return PlacedLight.of(new Light("point", WHITE, candela, range), AT_ORIGIN);
    }

    @Test
    void aPointLightFallsOffWithTheSquareOfTheDistance() {
        for (double d : new double[] {0.5, 1, 2, 10}) {
            assertThat(point(240, 0).illuminance(new Vec3(0, d, 0))).isCloseTo(240 / (d * d), within(1e-9));
        }
    }

    /** The extension's recommendation: max(min(1 − (distance / range)⁴, 1), 0) / distance². */
    @Test
    void itEndsSmoothlyAtItsRange() {
        PlacedLight l = point(100, 4);
        assertThat(l.illuminance(new Vec3(2, 0, 0))).isCloseTo(100 / 4.0 * (1 - 1 / 16.0), within(1e-9));
        assertThat(l.illuminance(new Vec3(0, 0, 4))).isZero();
        assertThat(l.illuminance(new Vec3(0, 9, 0))).isZero();
    }

    /** Full within the inner cone, nothing beyond the outer one, between them the square of the part of the cosines. */
    @Test
    void aSpotShinesAlongItsAxisAndFadesTowardsItsOuterCone() {
        double inner = Math.toRadians(20);
        double outer = Math.toRadians(40);
        PlacedLight l = PlacedLight.of(new Light("spot", WHITE, 90, 0, inner, outer), AT_ORIGIN);
        for (double degrees : new double[] {0, 10, 20, 25, 30, 39, 40, 60, 180}) {
            double a = Math.toRadians(degrees);
            double cos = Math.cos(a);
            double part = (cos - Math.cos(outer)) / (Math.cos(inner) - Math.cos(outer));
            double wanted = degrees <= 20 ? 1 : degrees >= 40 ? 0 : part * part;
            assertThat(l.illuminance(new Vec3(3 * Math.sin(a), 0, -3 * cos)))
                    .as("%s degrees", degrees)
                    .isCloseTo(10 * wanted, within(1e-9));
        }
    }

    // ---- pictures --------------------------------------------------------------------------------------------------

    private static Node light(String id, Light l, double[] place) {
        return new Node(id, id, -1, place, List.of(), null, l, false);
    }

    private static double[] toward(Vec3 direction, Vec3 place) {
        Vec3 back = direction.unit().times(-1);
        Vec3 right = (Math.abs(back.y()) < 0.9 ? Vec3.Y : Vec3.X).cross(back).unit();
        return Mat4.trs(place, Quat.ofBasis(right, back.cross(right), back), WHITE);
    }

    /** Boxes at random, with these lights. */
    private static Scene scene(Random r, List<Node> lights) {
        List<Node> nodes = new ArrayList<>(lights);
        Mesh box = ShapeMesh.of(new ParametricShape(ParametricShape.Sort.BOX, List.of(1.0, 2.0, 0.5)))
                .mesh();
        for (int i = 0; i < 12; i++) {
            Vec3 at = new Vec3(r.nextDouble() * 40 - 20, r.nextDouble() * 9, r.nextDouble() * 40 - 20);
            Quat turn = Quat.about(Vec3.Y, r.nextDouble() * 6);
            nodes.add(new Node("b" + i, "", -1, Mat4.trs(at, turn, WHITE), List.of(0), null, null, false));
        }
        return new Scene(nodes, List.of(box), UpAxis.Y);
    }

    private static Node sun(Vec3 direction, double lux) {
        return light("sun", new Light("directional", WHITE, lux, 0), toward(direction, new Vec3(7, 30, -4)));
    }

    @Test
    void whiteThatFacesTheSunIsJustWhite() {
        Scene s = scene(new Random(1), List.of(sun(new Vec3(0.2, -1, 0.3), 100000)));
        float[] rows = Lighting.of(s, Look.Light.SCENE).numbers(AT_ORIGIN, 0);
        assertThat(rows[0]).isEqualTo(1);
        // A white diffuse surface sends on a part 1/π of the lux that it gets.
        assertThat(rows[16] * rows[1] / Math.PI).isCloseTo(1, within(1e-6));
        float[] brighter = Lighting.of(s, Look.Light.SCENE).numbers(AT_ORIGIN, 2);
        assertThat(brighter[1]).isEqualTo(rows[1] * 4);
    }

    @Test
    void placesAndDirectionsAreToldInTheFrameOfTheView() {
        Light lamp = new Light("spot", new Vec3(1, 0.5, 0.25), 8, 6, 0.2, 0.5);
        Vec3 place = new Vec3(1, 2, 3);
        Vec3 direction = new Vec3(2, -1, 0.5).unit();
        Scene s = scene(new Random(2), List.of(light("spot", lamp, toward(direction, place))));
        double[] view =
                Mat4.inverseAffine(Mat4.trs(new Vec3(-4, 1, 9), Quat.about(new Vec3(1, 2, 3).unit(), 1.1), WHITE));
        float[] rows = Lighting.of(s, Look.Light.SHADOWS).numbers(view, 0);
        Vec3 at = Mat4.point(view, place);
        Vec3 to = Mat4.direction(view, direction);
        for (int k = 0; k < 3; k++) {
            assertThat(rows[16 + k]).isCloseTo((float) (8 * lamp.color().get(k)), within(1e-5f));
            assertThat(rows[20 + k]).isCloseTo((float) at.get(k), within(1e-5f));
            assertThat(rows[24 + k]).isCloseTo((float) to.get(k), within(1e-5f));
        }
        assertThat(rows[19]).isEqualTo(PlacedLight.Kind.SPOT.ordinal());
        assertThat(rows[3]).as("it is the one that casts shadows").isZero();
    }

    @Test
    void whereNoLightIsShownOneAtTheEyeStandsIn() {
        Scene none = scene(new Random(3), List.of());
        assertThat(Lighting.any(none)).isFalse();
        Lighting l = Lighting.of(none, Look.Light.SHADOWS);
        float[] turned = l.numbers(Mat4.trs(Vec3.ZERO, Quat.about(Vec3.Y, 1), WHITE), 0);
        float[] plain = l.numbers(AT_ORIGIN, 0);
        assertThat(plain[0]).isEqualTo(1);
        assertThat(new float[] {turned[24], turned[25], turned[26]})
                .as("fixed to the view")
                .containsExactly(plain[24], plain[25], plain[26]);
        assertThat(l.shadowMatrices()).isNull();
        assertThat(Lighting.of(none, Look.Light.NONE).numbers(AT_ORIGIN, 0)[0]).isZero();
    }

    @Test
    void noMoreLightsAreDrawnThanThereIsRoomForAndThoseAreTheStrongest() {
        List<Node> lights = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            lights.add(light("l" + i, new Light("directional", WHITE, i + 1, 0), AT_ORIGIN));
        }
        float[] rows =
                Lighting.of(scene(new Random(4), lights), Look.Light.SCENE).numbers(AT_ORIGIN, 0);
        assertThat(rows[0]).isEqualTo(Lighting.MOST);
        for (int i = 0; i < Lighting.MOST; i++) {
            assertThat(rows[16 + i * 16]).isGreaterThan(22);
        }
    }

    /** Whatever may cast a shadow lies in the light's picture, and what is farther along the light lies deeper at the same place of it. */
    @Property(tries = 100)
    void theLightSeesEverythingThatCastsShadows(@ForAll long seed) {
        Random r = new Random(seed);
        Vec3 direction = new Vec3(r.nextDouble() - 0.5, -r.nextDouble() - 0.01, r.nextDouble() - 0.5).unit();
        Scene s = scene(r, List.of(sun(direction, 3)));
        double[] view = Mat4.inverseAffine(Mat4.trs(new Vec3(3, 8, 30), Quat.about(Vec3.Y, r.nextDouble() * 6), WHITE));
        float[] rows = Lighting.of(s, Look.Light.SHADOWS).numbers(view, 0);
        double[] toPicture = new double[16];
        for (int i = 0; i < 16; i++) {
            toPicture[i] = rows[(4 + 4 * Lighting.MOST) * 4 + i];
        }
        for (int i = 0; i < s.count(); i++) {
            if (s.node(i).meshes().isEmpty()) {
                continue;
            }
            float[] xyz = s.meshes().get(0).positions();
            for (int v = 0; v < xyz.length; v += 3) {
                Vec3 corner = Mat4.point(
                        s.world(i), s.meshes().get(0).origin().plus(new Vec3(xyz[v], xyz[v + 1], xyz[v + 2])));
                Vec3 a = Mat4.point(toPicture, Mat4.point(view, corner));
                Vec3 b = Mat4.point(toPicture, Mat4.point(view, corner.plus(direction.times(0.5))));
                for (int k = 0; k < 3; k++) {
                    assertThat(a.get(k)).isBetween(0.0, 1.0);
                }
                assertThat(b.x()).isCloseTo(a.x(), within(1e-5));
                assertThat(b.y()).isCloseTo(a.y(), within(1e-5));
                assertThat(b.z()).isGreaterThan(a.z());
            }
        }
    }
}
