package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.MouseButton;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Looks, by the pixels they leave. */
@Drawn
class LooksTest extends OfTheirOwn {
    private static final double[] COLOR = {0.2, 0.5, 0.8};

    /** A cube about the origin whose normals point from its middle, in one colour. */
    private static byte[] cube() {
        ByteBuffer b = ByteBuffer.allocate(24 * 4 * 2 + 36 * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (double size : new double[] {0.5, Math.sqrt(1 / 3.0)}) {
            for (int i = 0; i < 8; i++) {
                for (int k = 0; k < 3; k++) {
                    b.putFloat((float) ((i >> k & 1) == 0 ? -size : size));
                }
            }
        }
        int[] t = {
            0, 2, 3, 0, 3, 1, 4, 5, 7, 4, 7, 6, 0, 1, 5, 0, 5, 4, 2, 6, 7, 2, 7, 3, 0, 4, 6, 0, 6, 2, 1, 3, 7, 1, 7, 5
        };
        for (int v : t) {
            b.putShort((short) v);
        }
        return """
                {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0]}],"nodes":[{"name":"Cube","mesh":0}],
                "meshes":[{"primitives":[{"attributes":{"POSITION":0,"NORMAL":1},"indices":2,"material":0}]}],
                "materials":[{"pbrMetallicRoughness":{"baseColorFactor":[%s,%s,%s,1]}}],
                "accessors":[{"bufferView":0,"componentType":5126,"count":8,"type":"VEC3","min":[-0.5,-0.5,-0.5],"max":[0.5,0.5,0.5]},
                {"bufferView":1,"componentType":5126,"count":8,"type":"VEC3"},
                {"bufferView":2,"componentType":5123,"count":36,"type":"SCALAR"}],
                "bufferViews":[{"buffer":0,"byteLength":96},{"buffer":0,"byteOffset":96,"byteLength":96},
                {"buffer":0,"byteOffset":192,"byteLength":72}],
                "buffers":[{"byteLength":264,"uri":"data:application/octet-stream;base64,%s"}]}
                """
                .formatted(COLOR[0], COLOR[1], COLOR[2], Base64.getEncoder().encodeToString(b.array()))
                .getBytes(StandardCharsets.UTF_8);
    }

    @Override
    FilePayload scene() {
        return SmallScenes.upload("cube.gltf", cube());
    }

    @BeforeEach
    void overTheCube() {
        hand.over("v2", 0.2, 0.1);
    }

    /** The colour on the screen where a point of the scene is. */
    private int[] color(double x, double y, double z) {
        Map<String, Object> at = hand.project("v2", new double[] {x, y, z});
        return colorAt(Hand.num(at, "x"), Hand.num(at, "y"));
    }

    /** The colour at a point of the screen. */
    private int[] colorAt(double x, double y) {
        try {
            BufferedImage i = ImageIO.read(new ByteArrayInputStream(page.screenshot()));
            int rgb = i.getRGB((int) x, (int) y);
            return new int[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255};
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The transfer of IEC 61966-2-1, in eight bits. */
    private static int srgb(double linear) {
        double c = linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(c * 255);
    }

    @Test
    void unlitShowsTheColoursOfTheFileExactlyFromEverySide() {
        hand.key("4");
        assertThat(hand.view("v2").get("display")).isEqualTo("unlit");
        for (double[] p : new double[][] {{0.1, 0.5, 0.1}, {0.1, 0.1, 0.5}, {0.5, 0.1, 0.1}}) {
            assertThat(color(p[0], p[1], p[2])).containsExactly(srgb(COLOR[0]), srgb(COLOR[1]), srgb(COLOR[2]));
        }
    }

    /** Normals that point from the middle make a face's corners differ; its plane does not. */
    @Test
    void flatShadingGivesAFaceOneShadeAndSmoothMany() {
        hand.key("6");
        int[] a = color(-0.3, 0.5, -0.3);
        int[] b = color(0.3, 0.5, 0.3);
        assertThat(Math.abs(a[2] - b[2])).isGreaterThan(6);
        hand.key("5");
        int[] c = color(-0.3, 0.5, -0.3);
        int[] d = color(0.3, 0.5, 0.3);
        for (int k = 0; k < 3; k++) {
            assertThat(Math.abs(c[k] - d[k])).isLessThanOrEqualTo(1);
        }
        int[] side = color(0.1, 0.1, 0.5);
        assertThat(Math.abs(side[2] - c[2]))
                .as("another face has another shade")
                .isGreaterThan(6);
    }

    /** Seen from above, in front and the right: what lies between hidden faces shows in Wire and not here. */
    @Test
    void hiddenLineLeavesOutWhatLiesBehindSurfaces() {
        hand.key("1");
        int[] behind = color(-0.5, -0.5, 0.1);
        int[] before = color(0.5, 0.5, 0.1);
        assertThat(away(behind, color(-0.4, -0.3, 0.1))).as("Wire shows it").isGreaterThan(30);
        hand.key("2");
        assertThat(hand.view("v2").get("display")).isEqualTo("hidden-line");
        int[] paper = color(0.1, 0.5, 0.2);
        assertThat(away(color(0.2, 0.1, 0.5), paper)).isZero();
        assertThat(away(color(-0.5, -0.5, 0.1), paper)).isZero();
        assertThat(away(color(0.5, 0.5, 0.1), paper)).isGreaterThan(30);
        assertThat(away(color(0.5, 0.5, 0.1), before))
                .as("the same edge as in Wire")
                .isLessThan(90);
    }

    /** Each edge of the cube is there where one of its two faces is turned to the eye, as worked out here, and is not where none is. */
    @Test
    void everyEdgeIsDrawnOrHiddenAsGeometrySays() {
        hand.key("2");
        double[] eye = hand.eye("v2");
        int[] paper = color(0.1, 0.5, 0.2);
        int hidden = 0;
        for (int edge = 0; edge < 12; edge++) {
            int along = edge / 4;
            int b = (along + 1) % 3;
            int c = (along + 2) % 3;
            double[] at = new double[3];
            at[along] = 0.13;
            at[b] = (edge & 1) == 0 ? -0.5 : 0.5;
            at[c] = (edge & 2) == 0 ? -0.5 : 0.5;
            boolean seen = eye[b] * Math.signum(at[b]) > 0.5 || eye[c] * Math.signum(at[c]) > 0.5;
            int away = away(color(at[0], at[1], at[2]), paper);
            if (seen) {
                assertThat(away).as("edge %s at %s", edge, Arrays.toString(at)).isGreaterThan(30);
            } else {
                hidden++;
                assertThat(away).as("edge %s at %s", edge, Arrays.toString(at)).isZero();
            }
        }
        assertThat(hidden).isEqualTo(3);
    }

    @Test
    void aLookIsGivenToAllViewportsAndEachTakesItsOwnBack() {
        hand.key("5");
        List<Object> before = displays();
        plate("v2", "Look", "[data-command='display.everywhere']");
        assertThat(displays()).containsOnly("flat-shading");
        hand.over("v1", 0.2, 0.2).key("0");
        assertThat(displays().get(0)).isEqualTo(before.get(0)).isNotEqualTo("flat-shading");
    }

    /** A viewport without meshes says why it is empty, and brings them back. */
    @Test
    void meshesAreSwitchedOffInOneViewportAndBack() {
        hand.key("4");
        int[] shown = color(0.1, 0.5, 0.1);
        plate("v2", "Overlays", "[data-command='display.overlay']:has-text('Meshes')");
        assertThat(away(color(0.1, 0.5, 0.1), shown)).isGreaterThan(60);
        page.locator("[data-viewport=v2]")
                .getByText("Meshes are off in this viewport.")
                .waitFor();
        assertThat(page.locator("[data-empty]").count()).isEqualTo(1);
        page.locator("[data-viewport=v2] [data-empty] button").click();
        hand.idle();
        assertThat(away(color(0.1, 0.5, 0.1), shown)).isZero();
    }

    @Test
    void aBrowserThatCannotDrawSaysSoAndLosesNothing() {
        String scene = page.url();
        page.addInitScript(
                """
                const get = HTMLCanvasElement.prototype.getContext;
                HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {
                  return /webgl/.test(kind) ? null : get.call(this, kind, ...rest);
                };""");
        page.navigate(scene.replaceAll("#.*", ""));
        page.getByText("does not draw with WebGL 2").waitFor();
        // The library says on the console what it is told here.
        failures.removeIf(f -> f.contains("Error creating WebGL context"));
    }

    private List<Object> displays() {
        return views().stream().map(v -> v.get("display")).toList();
    }

    private static int away(int[] a, int[] b) {
        return Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]) + Math.abs(a[2] - b[2]);
    }

    @Test
    void zeroSwapsTheLastTwoLooks() {
        hand.key("5").key("1").key("0");
        assertThat(hand.view("v2").get("display")).isEqualTo("flat-shading");
        hand.key("0");
        assertThat(hand.view("v2").get("display")).isEqualTo("wire");
    }

    /** A cube is its own box: its edges are where the box's are, and there is nothing on its faces. */
    @Test
    void boxesAreLinesRoundEachObject() {
        hand.key("3");
        assertThat(hand.view("v2").get("display")).isEqualTo("boxes");
        double[][] edges = {{0.5, 0.5, 0.1}, {-0.5, -0.5, 0.1}, {0.2, 0.5, 0.5}, {0.5, -0.1, -0.5}};
        List<int[]> lines = new ArrayList<>();
        for (double[] e : edges) {
            lines.add(color(e[0], e[1], e[2]));
        }
        int[] face = color(0.2, 0.1, 0.5);
        hand.key("1");
        for (int i = 0; i < edges.length; i++) {
            assertThat(away(color(edges[i][0], edges[i][1], edges[i][2]), lines.get(i)))
                    .as("where Wire has an edge")
                    .isLessThan(12);
            assertThat(away(face, lines.get(i))).isGreaterThan(30);
        }
        assertThat(away(color(0.2, 0.1, 0.5), face)).as("nothing on a face").isLessThan(6);
    }

    /** What lies behind a face shows through it, and the face itself is seen too. */
    @Test
    void translucentFacesLetThroughWhatLiesBehindThem() {
        hand.key("3");
        int[] open = color(0.2, 0.1, 0.5);
        hand.key("8");
        assertThat(hand.view("v2").get("display")).isEqualTo("translucent");
        int[] face = color(0.2, 0.1, 0.5);
        assertThat(away(face, open)).as("the face").isGreaterThan(20);
        int[] edge = color(-0.5, -0.5, 0.1);
        assertThat(away(edge, color(-0.4, -0.3, 0.1)))
                .as("an edge behind two faces")
                .isGreaterThan(15);
    }

    /** While a view moves, layers are added up in one pass; what is seen is nearly the same. */
    @Test
    void translucentFacesStaySoWhileTheViewMoves() {
        hand.key("8");
        int[] rest = color(0.2, 0.1, 0.5);
        hand.over("v2", 0.3, 0.3).down(MouseButton.MIDDLE);
        hand.over("v2", 0.31, 0.3);
        hand.over("v2", 0.3, 0.3);
        int[] moving = color(0.2, 0.1, 0.5);
        assertThat(away(moving, rest)).isLessThan(60);
        page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
        hand.idle();
        assertThat(away(color(0.2, 0.1, 0.5), rest)).isLessThan(12);
    }

    /** Picked a little beside two corners of the cube, the ruler snaps to them, and is there again when the scene is. */
    @Test
    void aRulerMeasuresAnEdgeAndStaysWithTheScene() {
        for (double[] corner : new double[][] {{0.5, 0.5, 0.5}, {0.5, 0.5, -0.5}}) {
            Map<String, Object> at = hand.project("v2", corner);
            Map<String, Object> in = hand.project("v2", new double[] {0.4, 0.5, corner[2] * 0.8});
            double l = Math.hypot(Hand.num(in, "x") - Hand.num(at, "x"), Hand.num(in, "y") - Hand.num(at, "y"));
            double k = 3 / l;
            page.mouse()
                    .move(
                            Hand.num(at, "x") + k * (Hand.num(in, "x") - Hand.num(at, "x")),
                            Hand.num(at, "y") + k * (Hand.num(in, "y") - Hand.num(at, "y")));
            hand.key("Comma");
        }
        assertThat(((Number) hand.ask("rulers()[0].length", null)).doubleValue())
                .isBetween(1 - 1e-6, 1 + 1e-6);
        page.locator("[data-viewport=v2] [data-ruler]").getByText("1 m · ").waitFor();
        page.locator("[data-save-state]:text-is('saved')").waitFor();
        page.reload();
        hand = Hand.ready(page);
        assertThat(((Number) hand.ask("rulers().length", null)).intValue()).isEqualTo(1);
    }

    /** With its key held the other look shows about the pointer, and nowhere else. */
    @Test
    void thePortholeShowsTheOtherLookAboutThePointer() {
        hand.key("1").key("6");
        int[] corner = color(0.4, 0.5, -0.4);
        int[] smooth = color(0.2, 0.1, 0.5);
        Map<String, Object> at = hand.project("v2", new double[] {0.2, 0.1, 0.5});
        page.mouse().move(Hand.num(at, "x"), Hand.num(at, "y"));
        page.keyboard().down("Backquote");
        // Small enough that the corner lies outside.
        for (int i = 0; i < 12; i++) {
            page.mouse().wheel(0, 100);
        }
        hand.idle();
        assertThat(away(color(0.2, 0.1, 0.5), smooth))
                .as("Wire, where faces are open")
                .isGreaterThan(30);
        assertThat(away(color(0.4, 0.5, -0.4), corner)).isLessThan(6);
        page.keyboard().up("Backquote");
        hand.idle();
        assertThat(away(color(0.2, 0.1, 0.5), smooth)).isLessThan(6);
    }

    @Test
    void matteHasNoColourAndInkIsPaperWithLines() {
        plate("v2", "Look", "[data-choice='matte']");
        hand.over("v1", 0.9, 0.1);
        int[] grey = color(0.1, 0.5, 0.1);
        assertThat(Math.abs(grey[0] - grey[2])).as("as good as grey").isLessThan(20);
        plate("v2", "Look", "[data-choice='ink']");
        hand.over("v1", 0.9, 0.1);
        int[] paper = color(0.1, 0.5, 0.2);
        assertThat(away(color(0.5, 0.5, 0.1), paper)).isGreaterThan(30);
    }

    /** The chooser draws each look as this viewport would show it: no two pictures are the same. */
    @Test
    void theChooserShowsASmallPictureOfEachLook() {
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Look']");
        page.waitForFunction("() => document.querySelectorAll('[role=menu][aria-label=Look] img').length === 11");
        List<?> pictures = page.locator("[role=menu][aria-label=Look] img").all().stream()
                .map(i -> i.getAttribute("src"))
                .distinct()
                .toList();
        assertThat(pictures).hasSizeGreaterThanOrEqualTo(9);
        page.keyboard().press("Escape");
        page.waitForFunction("() => !document.querySelector('[role=menu][aria-label=Look]')");
    }

    /** What is changed in the chooser shows at once; kept under a name it is in another scene too, on the digit it was given. */
    @Test
    void aLookIsChangedKeptAndUsedInAnotherSceneByItsDigit() {
        hand.key("6");
        int[] smooth = color(0.1, 0.5, 0.2);
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Look']");
        hand.press("[data-edit-look]");
        hand.press("[data-part=colour][data-choice=neutral]");
        hand.press("[data-part=light][data-choice=studio]");
        page.fill("[data-look-name]", "Clay");
        page.locator("[data-look-name]").press("Enter");
        hand.press("[data-command='display.look-digit'][data-choice='3']");
        page.keyboard().press("Escape");
        page.waitForFunction("() => !document.querySelector('[data-look-editor]')");
        hand.idle();
        int[] clay = color(0.1, 0.5, 0.2);
        assertThat(away(clay, smooth)).isGreaterThan(20);
        assertThat(Math.abs(clay[0] - clay[2])).as("as good as grey").isLessThan(20);
        // In another scene of the same account.
        hand = Browser.bring(page, account, scene());
        overTheCube();
        hand.key("6");
        assertThat(away(color(0.1, 0.5, 0.2), smooth)).isLessThan(6);
        hand.key("3");
        assertThat(hand.view("v2").get("display")).isEqualTo("own:Clay");
        assertThat(away(color(0.1, 0.5, 0.2), clay)).isLessThan(6);
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Look']");
        hand.press("[data-edit-look]");
        hand.press("[data-command='display.remove-look']");
        page.keyboard().press("Escape");
        hand.over("v2", 0.2, 0.1).key("3");
        assertThat(hand.view("v2").get("display")).as("what was there before").isEqualTo("boxes");
    }

    @Test
    void theSidesOfAllTrianglesAreDrawnWhereTheyAreAskedFor() {
        hand.key("4");
        int[] unlit = color(0.1, 0.5, 0.1);
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Look']");
        hand.press("[data-edit-look]");
        hand.press("[data-part=edges][data-choice=all]");
        page.keyboard().press("Escape");
        page.waitForFunction("() => !document.querySelector('[data-look-editor]')");
        hand.idle();
        // The diagonal of the face toward y goes through its middle, where no modelled edge is.
        assertThat(away(color(0, 0.5, 0), unlit)).isGreaterThan(20);
        assertThat(away(color(0.15, 0.5, -0.15), unlit)).isLessThan(6);
    }

    /** As a box only its edges are there; a viewport that passes over ways of their own draws it as its look says. */
    @Test
    void anObjectIsDrawnInAWayOfItsOwnWhereAViewportShowsThat() {
        hand.key("4");
        int[] unlit = color(0.1, 0.5, 0.1);
        hand.press("[data-drawer=scene] .row >> nth=0");
        page.selectOption("[data-command='object.draw-as']", "box");
        hand.over("v2", 0.2, 0.1).idle();
        assertThat(away(color(0.1, 0.5, 0.1), unlit)).isGreaterThan(40);
        page.selectOption("[data-command='object.draw-as']", "translucent");
        hand.over("v2", 0.2, 0.1).idle();
        assertThat(away(color(0.1, 0.5, 0.1), unlit)).isBetween(15, 600);
        plate("v2", "Overlays", "[data-thing*='own ways']");
        hand.idle();
        assertThat(away(color(0.1, 0.5, 0.1), unlit)).isLessThan(6);
        hand.key("Control+z").key("Control+z");
        plate("v2", "Overlays", "[data-thing*='own ways']");
        hand.idle();
        assertThat(away(color(0.1, 0.5, 0.1), unlit)).isLessThan(6);
    }

    @Test
    void namesStandByWhatTheyNameInTheViewportThatShowsThem() {
        plate("v2", "Overlays", "[data-thing='Names']");
        hand.over("v2", 0.2, 0.1);
        page.waitForFunction("() => document.querySelectorAll('[data-name]').length === 1");
        var name = page.locator("[data-viewport=v2] [data-name]");
        assertThat(name.textContent()).isEqualTo("Cube");
        var box = name.boundingBox();
        Map<String, Object> at = hand.project("v2", new double[] {0, 0, 0});
        assertThat(Math.abs(box.x + box.width / 2 - Hand.num(at, "x"))).isLessThan(3);
        plate("v2", "Overlays", "[data-thing='Names']");
        page.waitForFunction("() => !document.querySelector('[data-name]')");
    }

    /** What lies far behind the focus of a wide open lens is seen as discs: beside the silhouette of the cube it shines out. */
    @Test
    void aLensThatIsFocusedElsewhereBlursWhatItSees() {
        // From so far away that there is room beside it.
        hand.over("v2").wheel(400).idle();
        hand.key("4").key("Alt+C");
        hand.over("v2", 0.2, 0.1).idle();
        typed("fNumber", "0.5");
        typed("focus", "0.4 m");
        hand.over("v2", 0.2, 0.1).idle();
        List<?> cameras = (List<?>) hand.ask("cameras()", null);
        assertThat(Hand.map(cameras.get(0))).containsEntry("focus", 0.4).containsEntry("fNumber", 0.5);
        int[] cube = color(0.1, 0.5, 0.1);
        double[] left = leftmost();
        assertThat(left[0] - 9).isGreaterThan(Hand.num(Hand.map(hand.view("v2").get("rect")), "x"));
        int[] beside = colorAt(left[0] - 9, left[1]);
        assertThat(away(beside, cube)).isGreaterThan(60);
        plate("v2", "Overlays", "[data-thing='Depth of field']");
        hand.over("v2", 0.2, 0.1).idle();
        page.waitForFunction(
                "() => window.rhombus.stats().smooth === 4", null, new Page.WaitForFunctionOptions().setTimeout(60000));
        int[] blurred = colorAt(left[0] - 9, left[1]);
        assertThat(away(blurred, beside)).as("lit by the cube").isGreaterThan(12);
        assertThat(away(blurred, cube)).as("and by what lies beside it").isGreaterThan(12);
    }

    /** Where the corner of the cube that is farthest to the left is on the screen. */
    private double[] leftmost() {
        double[] out = {Double.POSITIVE_INFINITY, 0};
        for (int i = 0; i < 8; i++) {
            Map<String, Object> at =
                    hand.project("v2", new double[] {(i & 1) - 0.5, (i >> 1 & 1) - 0.5, (i >> 2) - 0.5});
            if (Hand.num(at, "x") < out[0]) {
                out[0] = Hand.num(at, "x");
                out[1] = Hand.num(at, "y");
            }
        }
        return out;
    }

    private void typed(String key, String text) {
        var field = page.locator("[data-field='camera.set/" + key + "']");
        field.fill(text);
        field.press("Enter");
        hand.idle();
    }
}
