package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/**
 * Materials and lights by the pixels they leave, against the formulas of glTF 2.0, appendix B, and of KHR_lights_punctual, computed
 * here in doubles.
 */
@Drawn
class SceneLightTest extends OfTheirOwn {
    private record Material(double[] base, double metallic, double roughness) {}

    private static final List<Material> MATERIALS = List.of(
            new Material(new double[] {0.8, 0.4, 0.2}, 0, 1),
            new Material(new double[] {0.2, 0.5, 0.8}, 0, 0.4),
            new Material(new double[] {0.9, 0.7, 0.3}, 1, 0.5),
            new Material(new double[] {0.6, 0.6, 0.6}, 0.5, 0.7),
            new Material(new double[] {0.95, 0.95, 0.95}, 1, 0.9));

    private static final double[] SUN = unit(-0.3, -1, -0.4);
    private static final double LUX = 2;
    private static final double[] LAMP = {-2, 1.5, 1};
    private static final double CANDELA = 3;
    private static final double RANGE = 6;
    private static final double[] SPOT = {4, 3, 0};
    private static final double SPOT_CANDELA = 9;
    private static final double INNER = 0.2;
    private static final double OUTER = 0.5;

    /** Plates on the ground, 2 m apart, each of another material; above the first one a small plate that casts a shadow. */
    private static byte[] file() {
        ByteBuffer b = ByteBuffer.allocate(4 * 12 * 2 + 12).order(ByteOrder.LITTLE_ENDIAN);
        for (double[] p : new double[][] {{-0.9, -0.9}, {0.9, -0.9}, {0.9, 0.9}, {-0.9, 0.9}}) {
            b.putFloat((float) p[0]).putFloat(0).putFloat((float) p[1]);
        }
        for (int i = 0; i < 4; i++) {
            b.putFloat(0).putFloat(1).putFloat(0);
        }
        for (int i : new int[] {0, 2, 1, 0, 3, 2}) {
            b.putShort((short) i);
        }
        StringBuilder materials = new StringBuilder();
        StringBuilder meshes = new StringBuilder();
        StringBuilder nodes = new StringBuilder();
        for (int i = 0; i < MATERIALS.size(); i++) {
            Material m = MATERIALS.get(i);
            materials.append(
                    """
                    {"pbrMetallicRoughness":{"baseColorFactor":[%s,%s,%s,1],"metallicFactor":%s,"roughnessFactor":%s}},"""
                            .formatted(m.base[0], m.base[1], m.base[2], m.metallic, m.roughness));
            meshes.append(
                    """
                    {"primitives":[{"attributes":{"POSITION":0,"NORMAL":1},"indices":2,"material":%s}]},"""
                            .formatted(i));
            nodes.append("{\"mesh\":%s,\"translation\":[%s,0,0]},".formatted(i, x(i)));
        }
        nodes.append("{\"name\":\"Cover\",\"mesh\":0,\"translation\":[-4,1,0],\"scale\":[0.2,1,0.2]},");
        nodes.append(light(0, "0,0,0", SUN)).append(',');
        nodes.append(light(1, LAMP[0] + "," + LAMP[1] + "," + LAMP[2], SUN)).append(',');
        nodes.append(light(2, SPOT[0] + "," + SPOT[1] + "," + SPOT[2], new double[] {0, -1, 0}));
        StringBuilder roots = new StringBuilder("0");
        for (int i = 1; i < MATERIALS.size() + 4; i++) {
            roots.append(',').append(i);
        }
        return """
                {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[%s]}],"nodes":[%s],"meshes":[%s],"materials":[%s],
                "extensionsUsed":["KHR_lights_punctual"],"extensions":{"KHR_lights_punctual":{"lights":[
                {"type":"directional","intensity":%s},{"type":"point","intensity":%s,"range":%s},
                {"type":"spot","intensity":%s,"spot":{"innerConeAngle":%s,"outerConeAngle":%s}}]}},
                "accessors":[{"bufferView":0,"componentType":5126,"count":4,"type":"VEC3","min":[-0.9,0,-0.9],"max":[0.9,0,0.9]},
                {"bufferView":1,"componentType":5126,"count":4,"type":"VEC3"},
                {"bufferView":2,"componentType":5123,"count":6,"type":"SCALAR"}],
                "bufferViews":[{"buffer":0,"byteLength":48},{"buffer":0,"byteOffset":48,"byteLength":48},
                {"buffer":0,"byteOffset":96,"byteLength":12}],
                "buffers":[{"byteLength":108,"uri":"data:application/octet-stream;base64,%s"}]}
                """
                .formatted(
                        roots,
                        nodes,
                        trimmed(meshes),
                        trimmed(materials),
                        LUX,
                        CANDELA,
                        RANGE,
                        SPOT_CANDELA,
                        INNER,
                        OUTER,
                        Base64.getEncoder().encodeToString(b.array()))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static String trimmed(StringBuilder list) {
        return list.substring(0, list.length() - 1);
    }

    private static double x(int material) {
        return (material - 2) * 2.0;
    }

    /** A node that turns −Z into a direction. */
    private static String light(int number, String place, double[] toward) {
        double[] from = {0, 0, -1};
        double[] axis = cross(from, toward);
        double w = 1 + dot(from, toward);
        double l = Math.sqrt(dot(axis, axis) + w * w);
        return """
                {"translation":[%s],"rotation":[%s,%s,%s,%s],"extensions":{"KHR_lights_punctual":{"light":%s}}}"""
                .formatted(place, axis[0] / l, axis[1] / l, axis[2] / l, w / l, number);
    }

    @Override
    FilePayload scene() {
        return SmallScenes.upload("plates.gltf", file());
    }

    @BeforeEach
    void lightThePlates() {
        hand.over("v2", 0.9, 0.1).key("9");
        assertThat(hand.view("v2")).containsEntry("display", "scene-light").containsEntry("light", "shadows");
        // The plates lie where the ground's lines are, and marks of lights lie over them.
        for (String over : new String[] {"Ground grid", "Axes", "Lights"}) {
            plate("v2", "Overlays", "[data-command='display.overlay']:has-text('" + over + "')");
        }
        // Away from what would be drawn as pointed at.
        hand.over("v1", 0.9, 0.1);
    }

    private void lit(String light) {
        plate("v2", "Look", "[data-command='display.light'][data-choice='" + light + "']");
        hand.over("v1", 0.9, 0.1);
    }

    private int[] color(BufferedImage picture, double... place) {
        Map<String, Object> at = hand.project("v2", place);
        int rgb = picture.getRGB((int) Hand.num(at, "x"), (int) Hand.num(at, "y"));
        return new int[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255};
    }

    private BufferedImage picture() {
        hand.idle();
        try {
            return ImageIO.read(new ByteArrayInputStream(page.screenshot()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void whatLightsSendToTheEyeIsWhatTheSpecificationSays() {
        lit("none");
        BufferedImage around = picture();
        lit("scene");
        BufferedImage all = picture();
        double[] eye = Hand.point(hand.view("v2").get("eye"));
        double exposure = Math.PI / brightness();
        int checked = 0;
        for (int i = 0; i < MATERIALS.size(); i++) {
            for (double[] off : new double[][] {{0.3, 0.4}, {0.1, -0.5}}) {
                double[] p = {x(i) + off[0], 0, off[1]};
                double[] direct = direct(MATERIALS.get(i), p, eye);
                int[] rest = color(around, p);
                int[] shown = color(all, p);
                for (int k = 0; k < 3; k++) {
                    int wanted = srgb(Math.min(1, direct[k] * exposure + linear(rest[k])));
                    assertThat(shown[k])
                            .as("material %s at %s, channel %s", i, off[0], k)
                            .isBetween(wanted - 2, wanted + 2);
                    checked += wanted > 20 && wanted < 250 ? 1 : 0;
                }
            }
        }
        assertThat(checked).as("probes that tell something").isGreaterThan(15);
    }

    @Test
    void theSunCastsAShadowThatIsWhereItsRaysAreStoppedAndNothingElseIsDarker() {
        lit("scene");
        BufferedImage plain = picture();
        lit("shadows");
        BufferedImage shadows = picture();
        // Where a ray through the middle of the cover meets the plate.
        double[] hit = {-4 + SUN[0] / -SUN[1], 0, SUN[2] / -SUN[1]};
        int[] before = color(plain, hit);
        int[] after = color(shadows, hit);
        assertThat(before[0] - after[0]).as("in the shadow").isGreaterThan(40);
        for (int i = 0; i < MATERIALS.size(); i++) {
            for (double[] off : new double[][] {{0.5, 0.5}, {0.7, -0.2}, {0.2, 0.75}}) {
                double[] p = {x(i) + off[0], 0, off[1]};
                int[] a = color(plain, p);
                int[] b = color(shadows, p);
                for (int k = 0; k < 3; k++) {
                    assertThat(b[k]).as("lit at %s, %s", p[0], p[2]).isBetween(a[k] - 1, a[k] + 1);
                }
            }
        }
    }

    // ---- the formulas ----------------------------------------------------------------------------------------------

    /** Radiance to the eye of all three lights. */
    private static double[] direct(Material m, double[] p, double[] eye) {
        double[] v = unit(eye[0] - p[0], eye[1] - p[1], eye[2] - p[2]);
        double[] out = new double[3];
        add(out, m, v, unit(-SUN[0], -SUN[1], -SUN[2]), LUX);
        double[] toLamp = {LAMP[0] - p[0], LAMP[1] - p[1], LAMP[2] - p[2]};
        add(out, m, v, unit(toLamp), lamp(p));
        add(out, m, v, unit(SPOT[0] - p[0], SPOT[1] - p[1], SPOT[2] - p[2]), spot(p));
        return out;
    }

    private static double lamp(double[] p) {
        double d = distance(LAMP, p);
        return Math.max(Math.min(1 - Math.pow(d / RANGE, 4), 1), 0) * CANDELA / (d * d);
    }

    private static double spot(double[] p) {
        double d = distance(SPOT, p);
        double cos = (SPOT[1] - p[1]) / d;
        double part = (cos - Math.cos(OUTER)) / Math.max(0.001, Math.cos(INNER) - Math.cos(OUTER));
        double clamped = Math.max(0, Math.min(1, part));
        return clamped * clamped * SPOT_CANDELA / (d * d);
    }

    /** Lux that 85 of 100 objects do not exceed, on what faces the light: white is what reflects that. */
    private static double brightness() {
        List<double[]> middles = new ArrayList<>();
        for (int i = 0; i < MATERIALS.size(); i++) {
            middles.add(new double[] {x(i), 0, 0});
        }
        middles.add(new double[] {-4, 1, 0});
        double[] lux = middles.stream()
                .mapToDouble(p -> LUX + lamp(p) + spot(p))
                .sorted()
                .toArray();
        return lux[(int) ((lux.length - 1) * 0.85)];
    }

    /** Appendix B.3: a diffuse part and a specular one, mixed by Schlick's Fresnel; the plate's normal points up. */
    private static void add(double[] out, Material m, double[] v, double[] l, double lux) {
        double[] h = unit(v[0] + l[0], v[1] + l[1], v[2] + l[2]);
        double nl = l[1];
        double nv = v[1];
        double nh = h[1];
        double vh = dot(v, h);
        if (nl <= 0) {
            return;
        }
        double alpha = m.roughness * m.roughness;
        double a2 = alpha * alpha;
        double d = a2 / (Math.PI * Math.pow(nh * nh * (a2 - 1) + 1, 2));
        double visibility = 0.5 / (nl * Math.sqrt(nv * nv * (1 - a2) + a2) + nv * Math.sqrt(nl * nl * (1 - a2) + a2));
        for (int k = 0; k < 3; k++) {
            double diffuse = m.base[k] * (1 - m.metallic);
            double f0 = 0.04 * (1 - m.metallic) + m.base[k] * m.metallic;
            double f = f0 + (1 - f0) * Math.pow(1 - Math.abs(vh), 5);
            out[k] += lux * nl * ((1 - f) * diffuse / Math.PI + f * d * visibility);
        }
    }

    private static int srgb(double linear) {
        double c = linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(c * 255);
    }

    private static double linear(int eight) {
        double c = eight / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static double[] unit(double... v) {
        double l = Math.sqrt(dot(v, v));
        return new double[] {v[0] / l, v[1] / l, v[2] / l};
    }

    private static double distance(double[] a, double[] b) {
        return Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }
}
