package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** Lines and points of a file on the screen. */
@Drawn
class LinesAndPointsTest {
    /** Two red lines that cross, a green point, and a wall behind which a blue point lies. */
    private static final String OBJ =
            """
            o Cross
            v -1 0 0 1 0 0
            v 1 0 0 1 0 0
            v 0 -1 0 1 0 0
            v 0 1 0 1 0 0
            l 1 2
            l 3 4
            o Green
            v 0.7 0.7 0 0 1 0
            p 5
            o Wall
            v -1 -3 0
            v 1 -3 0
            v 1 -1.5 0
            v -1 -1.5 0
            f 6 7 8 9
            o Blue
            v 0 -2 -1 0 0 1
            p 10
            """;

    private static int accounts;
    private final List<String> failures = new ArrayList<>();
    private Page page;
    private Hand hand;

    @BeforeEach
    void open() {
        String account = "stroke " + ++accounts;
        RunningServer.get().account(account);
        page = Browser.page(ColorScheme.DARK, failures);
        Browser.signIn(page, account, "tide-and-timber");
        page.setInputFiles(
                Browser.SCENE_FILES, SmallScenes.upload("strokes.obj", OBJ.getBytes(StandardCharsets.UTF_8)));
        page.locator("button:has-text('Leave it')").click();
        page.locator("[data-scene] a[title]").click();
        page.waitForURL("**/scenes/*");
        hand = Hand.ready(page);
    }

    @AfterEach
    void close() {
        Browser.close(page);
        assertThat(failures).isEmpty();
    }

    /** The colour on the screen where a point of the world is, or the clearest one within two pixels. */
    private int[] colour(String view, double... point) throws Exception {
        Map<String, Object> s = hand.project(view, point);
        BufferedImage i = ImageIO.read(new ByteArrayInputStream(page.screenshot()));
        int[] best = {0, 0, 0};
        for (int dx = -2; dx <= 2; dx++) {
            for (int dy = -2; dy <= 2; dy++) {
                int c = i.getRGB((int) Hand.num(s, "x") + dx, (int) Hand.num(s, "y") + dy);
                int[] rgb = {c >> 16 & 255, c >> 8 & 255, c & 255};
                best = spread(rgb) > spread(best) ? rgb : best;
            }
        }
        return best;
    }

    private static int spread(int[] c) {
        return Math.max(c[0], Math.max(c[1], c[2])) - Math.min(c[0], Math.min(c[1], c[2]));
    }

    private Object taken(String view, double... point) {
        Map<String, Object> s = hand.project(view, point);
        return page.evaluate(
                "([v, x, y]) => window.rhombus.pick(v, x, y)?.name ?? null", List.of(view, s.get("x"), s.get("y")));
    }

    @Test
    void theyHaveTheirColoursInEveryLookAndSurfacesHideThem() throws Exception {
        for (String look : List.of("6", "1", "4", "7", "9")) {
            hand.over("v3").key(look);
            int[] line = colour("v3", 0.5, 0, 0);
            assertThat(line[0]).as("a red line in " + look).isGreaterThan(150).isGreaterThan(line[1] + 60);
            int[] point = colour("v3", 0.7, 0.7, 0);
            assertThat(point[1])
                    .as("a green point in " + look)
                    .isGreaterThan(120)
                    .isGreaterThan(point[0] + 60);
        }
    }

    @Test
    void theyAreTakenWhereTheyAreSeenAndNotThroughAWall() {
        hand.over("v3").key("6");
        assertThat(taken("v3", 0.5, 0, 0)).isEqualTo("Cross");
        assertThat(taken("v3", 0.7, 0.7, 0)).isEqualTo("Green");
        assertThat(taken("v3", 0, -2, 0)).as("the blue point lies behind").isEqualTo("Wall");
        assertThat(taken("v3", -0.7, 0.7, 0)).isNull();
        hand.over("v3").key("1");
        assertThat(taken("v3", 0, -2, 0)).as("a wire hides nothing").isEqualTo("Blue");
    }

    @Test
    void aPointIsFramedAndCounted() {
        hand.press("[data-drawer=scene] .row:has-text('Cross')");
        hand.over("v2").key("f");
        Map<String, Object> s = hand.project("v2", new double[] {0, 0, 0});
        assertThat(s.get("visible")).isEqualTo(true);
        assertThat(page.locator("[data-drawer=readout]").textContent()).containsPattern("Lines\\s*2");
    }
}
