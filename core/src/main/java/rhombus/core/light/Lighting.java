package rhombus.core.light;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import rhombus.core.display.Look;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/**
 * What lights a picture. Brightness is chosen so that a white surface which faces what lights most of the scene is just white; around
 * everything there is a plain sky and ground, so that metal has something to mirror.
 */
public final class Lighting {
    /** Lights that are drawn at most: the strongest ones. */
    public static final int MOST = 8;
    /** Rows of four numbers before those of the lights, and of each light. */
    private static final int HEAD = 4;

    private static final int EACH = 4;
    /** Objects that are looked at for the brightness. */
    private static final int SAMPLES = 256;
    /** Part of them that may be brighter than white. */
    private static final double OVER = 0.15;

    /** Light from above and from below, linear, where white is 1. */
    private static final Vec3 SKY = new Vec3(0.3, 0.35, 0.4);

    private static final Vec3 GROUND = new Vec3(0.15, 0.135, 0.115);

    private final List<PlacedLight> lamps;
    private final ShadowMap shadow;
    private final double exposure;
    private final Vec3 up;

    private Lighting(List<PlacedLight> lamps, ShadowMap shadow, double exposure, Vec3 up) {
        this.lamps = lamps;
        this.shadow = shadow;
        this.exposure = exposure;
        this.up = up;
    }

    /** Whether a scene has a light that is shown. */
    public static boolean any(Scene scene) {
        return !of(scene).isEmpty();
    }

    /** The light of a choice; where a scene has no lights of its own, a headlight instead of these. */
    public static Lighting of(Scene scene, Look.Light choice) {
        Vec3 up = scene.up().up();
        if (choice == Look.Light.NONE) {
            return new Lighting(List.of(), null, 1, up);
        }
        List<PlacedLight> lamps = choice == Look.Light.STUDIO
                ? studio()
                : choice == Look.Light.HEADLIGHT ? List.of() : strongest(scene, of(scene));
        boolean own = !lamps.isEmpty() && choice != Look.Light.STUDIO;
        if (lamps.isEmpty()) {
            lamps = List.of(PlacedLight.from(new Vec3(0.25, 0.42, 0.87), new Vec3(1, 1, 1)));
        }
        double lux = own ? brightness(scene, lamps) : 1;
        ShadowMap shadow = own && choice == Look.Light.SHADOWS ? ShadowMap.of(scene, lamps) : null;
        return new Lighting(lamps, shadow, lux > 0 ? Math.PI / lux : 1, up);
    }

    private static List<PlacedLight> of(Scene scene) {
        List<PlacedLight> out = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            if (scene.node(i).light() != null && scene.shown(i)) {
                out.add(PlacedLight.of(scene.node(i).light(), scene.world(i)));
            }
        }
        return out;
    }

    /** A key from above to the left, a fill from the right and a rim from behind (common practice, no source). */
    private static List<PlacedLight> studio() {
        return List.of(
                PlacedLight.from(new Vec3(-0.46, 0.62, 0.636), new Vec3(0.85, 0.82, 0.78)),
                PlacedLight.from(new Vec3(0.8, 0.12, 0.588), new Vec3(0.2, 0.23, 0.26)),
                PlacedLight.from(new Vec3(0.25, 0.6, -0.76), new Vec3(0.3, 0.32, 0.35)));
    }

    /** Those that light most of the scene, if there are more than can be drawn. */
    private static List<PlacedLight> strongest(Scene scene, List<PlacedLight> all) {
        if (all.size() <= MOST) {
            return all;
        }
        Vec3 middle = scene.bounds().isEmpty() ? Vec3.ZERO : scene.bounds().center();
        return all.stream()
                .sorted(Comparator.comparingDouble((PlacedLight l) -> -l.illuminance(middle)))
                .limit(MOST)
                .toList();
    }

    /** Lux that most objects get, a few brighter ones aside. */
    private static double brightness(Scene scene, List<PlacedLight> lamps) {
        List<Integer> drawn = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            if (!scene.node(i).meshes().isEmpty() && scene.shown(i)) {
                drawn.add(i);
            }
        }
        int n = Math.min(SAMPLES, drawn.size());
        double[] lux = new double[n];
        for (int k = 0; k < n; k++) {
            Vec3 at = scene.coarseBounds(drawn.get((int) ((long) k * drawn.size() / n)))
                    .center();
            for (PlacedLight l : lamps) {
                lux[k] += l.illuminance(at);
            }
        }
        Arrays.sort(lux);
        return n == 0 ? 0 : lux[(int) ((n - 1) * (1 - OVER))];
    }

    /** How many places the picture of the light that casts shadows has along each side. */
    public static int shadowSize() {
        return ShadowMap.SIZE;
    }

    /** What the light that casts shadows sees: a view and a projection matrix; null where none does. */
    public double[] shadowMatrices() {
        return shadow == null ? null : shadow.matrices().clone();
    }

    /**
     * Everything as rows of four numbers: how many lights, by what their light is multiplied, by what that from all around, and the
     * number of the light that casts shadows or −1; light from above; light from below; the direction of up. Then four rows for each of
     * {@link #MOST} lights: colour and kind; place and range; direction in which it shines, and by what the cosine beyond a spot's
     * outer angle is multiplied; what is added to that. At the end four rows, the matrix from the view's frame to the picture of the
     * light that casts shadows, 0 to 1, and one with the size of a place of that picture in metres and how
     * much nearer than what hides it something may be, in parts of its depth.
     *
     * @param view matrix of the picture, in whose frame all of this is told
     * @param stops by how many doublings the picture is brighter
     */
    public float[] numbers(double[] view, double stops) {
        float[] out = new float[(HEAD + EACH * MOST + 5) * 4];
        double more = Math.pow(2, stops);
        row(out, 0, lamps.size(), exposure * more, more, shadow == null ? -1 : shadow.lamp());
        row(out, 1, SKY, 0);
        row(out, 2, GROUND, 0);
        row(out, 3, Mat4.direction(view, up), 0);
        for (int i = 0; i < lamps.size(); i++) {
            PlacedLight l = lamps.get(i);
            int at = HEAD + EACH * i;
            Vec3 toward = l.fixed() ? l.toward() : Mat4.direction(view, l.toward());
            row(out, at, l.color(), l.kind().ordinal());
            row(out, at + 1, l.fixed() ? Vec3.ZERO : Mat4.point(view, l.place()), l.range());
            row(out, at + 2, toward, l.angleScale());
            row(out, at + 3, -l.outer() * l.angleScale(), 0, 0, 0);
        }
        if (shadow != null) {
            int at = HEAD + EACH * MOST;
            double[] m = Mat4.times(shadow.toPicture(), Mat4.inverseAffine(view));
            for (int i = 0; i < 16; i++) {
                out[at * 4 + i] = (float) m[i];
            }
            row(out, at + 4, shadow.texel(), shadow.bias(), 0, 0);
        }
        return out;
    }

    private static void row(float[] out, int at, Vec3 v, double w) {
        row(out, at, v.x(), v.y(), v.z(), w);
    }

    private static void row(float[] out, int at, double x, double y, double z, double w) {
        out[at * 4] = (float) x;
        out[at * 4 + 1] = (float) y;
        out[at * 4 + 2] = (float) z;
        out[at * 4 + 3] = (float) w;
    }
}
