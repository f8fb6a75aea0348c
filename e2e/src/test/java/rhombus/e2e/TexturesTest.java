package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
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
import org.junit.jupiter.api.Test;

/** Pictures on surfaces by the pixels they leave: how they go on beyond their edges (glTF 2.0, 3.8.4.5), and in which of two ways they lie. */
@Drawn
class TexturesTest extends OfTheirOwn {
    private static final int REPEAT = 10497;
    private static final int CLAMP = 33071;
    private static final int MIRROR = 33648;

    /** Rows of the picture from its top, each from its left. */
    private static final int[][] DOTS = {{0xE02020, 0x20C040}, {0x3050E0, 0xF0F0F0}};

    /** The coordinates of a corner of a plate: in one set the picture lies there thrice each way, in the other once. */
    private static final double[][] THRICE = {{-1, -1}, {2, -1}, {2, 2}, {-1, 2}};

    private static final double[][] ONCE = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};

    /**
     * A plate of the scene.
     *
     * @param wrapU beyond the picture's left and right
     * @param wrapV beyond its top and bottom
     * @param second whether the picture of its colour lies by the second set
     */
    private record Plate(int wrapU, int wrapV, boolean second) {}

    private static final List<Plate> PLATES = List.of(
            new Plate(REPEAT, REPEAT, false),
            new Plate(CLAMP, REPEAT, false),
            new Plate(MIRROR, CLAMP, false),
            new Plate(REPEAT, MIRROR, true));

    private static double x(int plate) {
        return plate * 2;
    }

    private static byte[] png() {
        BufferedImage i = new BufferedImage(2, 2, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 2; y++) {
            for (int x = 0; x < 2; x++) {
                i.setRGB(x, y, DOTS[y][x]);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(i, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** Plates on the ground, which also shine: by the set of coordinates that their colour does not use. */
    private static byte[] file(int white) {
        ByteBuffer b = ByteBuffer.allocate(48 + 32 + 32 + 12).order(ByteOrder.LITTLE_ENDIAN);
        for (double[] p : new double[][] {{-0.9, -0.9}, {0.9, -0.9}, {0.9, 0.9}, {-0.9, 0.9}}) {
            b.putFloat((float) p[0]).putFloat(0).putFloat((float) p[1]);
        }
        for (double[][] set : new double[][][] {THRICE, ONCE}) {
            for (double[] uv : set) {
                b.putFloat((float) uv[0]).putFloat((float) uv[1]);
            }
        }
        for (int i : new int[] {0, 2, 1, 0, 3, 2}) {
            b.putShort((short) i);
        }
        StringBuilder nodes = new StringBuilder();
        StringBuilder meshes = new StringBuilder();
        StringBuilder materials = new StringBuilder();
        StringBuilder samplers = new StringBuilder();
        StringBuilder textures = new StringBuilder();
        for (int i = 0; i < PLATES.size(); i++) {
            Plate p = PLATES.get(i);
            String comma = i == 0 ? "" : ",";
            nodes.append(comma).append("{\"mesh\":%s,\"translation\":[%s,0,0]}".formatted(i, x(i)));
            meshes.append(comma)
                    .append(
                            "{\"primitives\":[{\"attributes\":{\"POSITION\":0,\"TEXCOORD_0\":1,\"TEXCOORD_1\":2},\"indices\":3,\"material\":%s}]}"
                                    .formatted(i));
            materials
                    .append(comma)
                    .append(
                            "{\"pbrMetallicRoughness\":{\"baseColorFactor\":[%1$s,%1$s,%1$s,1],\"metallicFactor\":1,\"baseColorTexture\":{\"index\":%2$s,\"texCoord\":%3$s}},\"emissiveFactor\":[0.2,0.2,0.2],\"emissiveTexture\":{\"index\":%2$s,\"texCoord\":%4$s}}"
                                    .formatted(white, i, p.second ? 1 : 0, p.second ? 0 : 1));
            samplers.append(comma).append("{\"wrapS\":%s,\"wrapT\":%s,\"magFilter\":9728}".formatted(p.wrapU, p.wrapV));
            textures.append(comma).append("{\"source\":0,\"sampler\":%s}".formatted(i));
        }
        return """
                {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0,1,2,3]}],"nodes":[%s],"meshes":[%s],"materials":[%s],
                "samplers":[%s],"textures":[%s],"images":[{"uri":"data:image/png;base64,%s"}],
                "accessors":[{"bufferView":0,"componentType":5126,"count":4,"type":"VEC3","min":[-0.9,0,-0.9],"max":[0.9,0,0.9]},
                {"bufferView":1,"componentType":5126,"count":4,"type":"VEC2"},
                {"bufferView":2,"componentType":5126,"count":4,"type":"VEC2"},
                {"bufferView":3,"componentType":5123,"count":6,"type":"SCALAR"}],
                "bufferViews":[{"buffer":0,"byteLength":48},{"buffer":0,"byteOffset":48,"byteLength":32},
                {"buffer":0,"byteOffset":80,"byteLength":32},{"buffer":0,"byteOffset":112,"byteLength":12}],
                "buffers":[{"byteLength":124,"uri":"data:application/octet-stream;base64,%s"}]}
                """
                .formatted(
                        nodes,
                        meshes,
                        materials,
                        samplers,
                        textures,
                        Base64.getEncoder().encodeToString(png()),
                        Base64.getEncoder().encodeToString(b.array()))
                .getBytes(StandardCharsets.UTF_8);
    }

    private void openPlates(int white) {
        hand = Browser.bring(page, account, SmallScenes.upload("plates.gltf", file(white)));
        hand.over("v1", 0.1, 0.9).key("q");
        for (String over : new String[] {"Ground grid", "Axes"}) {
            plate("v1", "Overlays", "[data-command='display.overlay']:has-text('" + over + "')");
        }
    }

    private BufferedImage picture() {
        hand.over("v1", 0.1, 0.95);
        try {
            return ImageIO.read(new ByteArrayInputStream(page.screenshot()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The number of a dot that a coordinate falls on, for a picture two dots wide. */
    private static int dot(double at, int wrap) {
        double n = Math.floor(at * 2);
        return switch (wrap) {
            case CLAMP -> (int) Math.max(0, Math.min(1, n));
            case MIRROR ->
                (int) (Math.floorMod((long) n, 4L) < 2 ? Math.floorMod((long) n, 4L) : 3 - Math.floorMod((long) n, 4L));
            default -> (int) Math.floorMod((long) n, 2L);
        };
    }

    private static int wanted(Plate p, boolean thrice, double u, double v) {
        double by = thrice ? 3 : 1;
        double from = thrice ? -1 : 0;
        return DOTS[dot(from + by * v, p.wrapV)][dot(from + by * u, p.wrapU)];
    }

    /** What is wrong at the middles of 6 x 6 parts of each plate, which are dots where the picture lies thrice. */
    private List<String> mistakes(boolean ofColour) {
        BufferedImage shown = picture();
        // What is given off is as bright as the light of the scene makes it: a white dot tells how bright that is.
        double gain = ofColour ? 1 : linear(pixel(shown, 0, 0.75, 0.75) & 255) / linear(0xF0);
        List<String> out = new ArrayList<>();
        for (int i = 0; i < PLATES.size(); i++) {
            for (int k = 0; k < 36; k++) {
                double u = (k % 6 + 0.5) / 6;
                double v = (k / 6 + 0.5) / 6;
                int rgb = pixel(shown, i, u, v);
                int want = wanted(PLATES.get(i), ofColour != PLATES.get(i).second, u, v);
                for (int shift = 0; shift <= 16; shift += 8) {
                    double told = linear(rgb >> shift & 255) / gain;
                    if (Math.abs(srgb(told) - (want >> shift & 255)) > (ofColour ? 0.5 : 3)) {
                        out.add("plate %s at %.2f, %.2f is %06x, not %06x".formatted(i, u, v, rgb, want));
                        break;
                    }
                }
            }
        }
        return out;
    }

    /** The colour of a plate where its parts from the left and from the top are these. */
    private int pixel(BufferedImage shown, int plate, double u, double v) {
        Map<String, Object> at = hand.project("v1", new double[] {x(plate) - 0.9 + 1.8 * u, 0, -0.9 + 1.8 * v});
        return shown.getRGB((int) Hand.num(at, "x"), (int) Hand.num(at, "y")) & 0xFFFFFF;
    }

    /** The transfer of IEC 61966-2-1, from eight bits. */
    private static double linear(int signal) {
        double c = signal / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static double srgb(double linear) {
        return 255 * (linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055);
    }

    /** Pictures come by themselves after the shapes. */
    private void check(boolean ofColour) {
        for (int tries = 0; tries < 100 && !mistakes(ofColour).isEmpty(); tries++) {
            page.waitForTimeout(50);
        }
        assertThat(mistakes(ofColour)).isEmpty();
    }

    @Test
    void picturesGoOnBeyondTheirEdgesAsTheFileSaysAndLieByTheSetItNames() {
        openPlates(1);
        hand.key("4");
        assertThat(hand.view("v1").get("display")).isEqualTo("unlit");
        check(true);
    }

    @Test
    void twoPicturesOfOneMaterialLieInTwoWays() {
        // What is black and a metal throws nothing back: all that is seen is given off.
        openPlates(0);
        hand.key("9");
        assertThat(hand.view("v1")).containsEntry("display", "scene-light");
        check(false);
    }
}
