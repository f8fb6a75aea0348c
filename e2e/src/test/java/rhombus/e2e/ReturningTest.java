package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.MouseButton;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** Coming back to views: the Trail, Pins, home, addresses that hold views, and pictures to take away. */
class ReturningTest extends OfTheirOwn {
    private int at(String view) {
        return (int) Hand.num(Hand.map(hand.ask("trail(a)", view)), "index");
    }

    private int length(String view) {
        return (int) Hand.num(Hand.map(hand.ask("trail(a)", view)), "length");
    }

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> pins() {
        return (List<Map<String, Object>>) hand.ask("pins()", null);
    }

    private List<String> pinNames() {
        return pins().stream().map(p -> (String) p.get("name")).toList();
    }

    private void pin(int index, String item) {
        hand.choose("[data-pin] >> nth=" + index + " >> [aria-label^='More on']", "li:has-text(\"" + item + "\")");
    }

    private void allPins(String item) {
        hand.choose("[aria-label='All Pins']", "li:has-text(\"" + item + "\")");
    }

    private static BufferedImage image(Download d) {
        try {
            return ImageIO.read(Files.newInputStream(d.path()));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static int colours(BufferedImage i, int x0, int y0, int x1, int y1) {
        return (int) java.util.stream.IntStream.range(0, 4000)
                .map(n -> i.getRGB(x0 + n % 80 * (x1 - x0) / 80, y0 + n / 80 * (y1 - y0) / 50))
                .distinct()
                .count();
    }

    // ---- Trail -----------------------------------------------------------------------------------------------------

    @Drawn
    @Test
    void gesturesAreEntriesThatKeysButtonsAndPicturesComeBackTo() {
        double[] start = hand.eye("v2");
        hand.over("v2").drag(MouseButton.RIGHT, 60, 0);
        double[] second = hand.eye("v2");
        hand.drag(MouseButton.RIGHT, -90, 40);
        double[] third = hand.eye("v2");
        hand.idle();
        assertThat(length("v2")).as("gestures, not events").isEqualTo(3);
        Object scene = hand.ask("scene().objects", null);
        hand.key("Backspace");
        assertThat(hand.eye("v2")).containsExactly(second);
        hand.key("Backspace");
        assertThat(hand.eye("v2")).containsExactly(start);
        hand.key("Shift+Backspace").key("Shift+Backspace");
        assertThat(hand.eye("v2")).containsExactly(third);
        hand.key("Alt+Backspace");
        page.locator("[data-trail]").waitFor();
        page.waitForFunction("() => document.querySelectorAll('[data-trail] .entry img').length === 3");
        Object different =
                page.evaluate("() => new Set([...document.querySelectorAll('[data-trail] img')].map(i => i.src)).size");
        assertThat(((Number) different).intValue()).isEqualTo(3);
        hand.press("[data-trail] [data-command='trail.go'] >> nth=1");
        assertThat(hand.eye("v2")).containsExactly(second);
        assertThat(at("v2")).isEqualTo(1);
        hand.press("[data-trail] [data-command='trail.back']");
        assertThat(hand.eye("v2")).containsExactly(start);
        hand.press("[data-trail] [data-command='trail.forward']");
        assertThat(hand.eye("v2")).containsExactly(second);
        assertThat(length("v2")).isEqualTo(3);
        assertThat(hand.ask("scene().objects", null))
                .as("going along the Trail")
                .isEqualTo(scene);
        saved();
        page.reload();
        Hand.ready(page);
        assertThat(length("v2")).isEqualTo(3);
        hand.over("v2").key("Shift+Backspace");
        assertThat(hand.eye("v2")).containsExactly(third);
        hand.key("Alt+Backspace");
        // Pictures of what was drawn before the reload are drawn again.
        page.waitForFunction("() => document.querySelectorAll('[data-trail] .entry img').length === 3");
    }

    /** Two hundred gestures take a hand some minutes, so all but the last are put where the page keeps them. */
    @Test
    void theTrailHoldsTwoHundredAndNoMore() {
        hand.over("v3").drag(MouseButton.MIDDLE, 40, 10);
        saved();
        page.evaluate(
                """
                async () => {
                  const path = `/api/scenes/${window.rhombus.scene().id}/workspace`;
                  const kept = await fetch(path).then(r => r.json());
                  const v3 = kept.body.boards.four.views.v3;
                  while (v3.trail.length < 200) v3.trail.unshift(v3.trail[0].map((x, i) => i === 0 ? x + 0.5 : x));
                  v3.trailIndex = 199;
                  const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
                  const headers = { 'content-type': 'application/json', 'X-XSRF-TOKEN': token };
                  const answer = await fetch(path, { method: 'PUT', headers, body: JSON.stringify(kept) });
                  if (!answer.ok) throw new Error(await answer.text());
                }""");
        page.reload();
        Hand.ready(page);
        assertThat(length("v3")).isEqualTo(200);
        double[] before = hand.eye("v3");
        hand.over("v3").drag(MouseButton.MIDDLE, 30, -20);
        assertThat(length("v3")).isEqualTo(200);
        assertThat(at("v3")).isEqualTo(199);
        hand.key("Backspace");
        assertThat(hand.eye("v3")).containsExactly(before);
        hand.key("Alt+Backspace");
        assertThat(page.locator("[data-trail] .entry").count()).isEqualTo(200);
        page.locator("[data-trail] .entry").first().click();
        hand.idle();
        assertThat(at("v3")).isZero();
        saved();
        page.reload();
        Hand.ready(page);
        assertThat(length("v3")).isEqualTo(200);
        assertThat(at("v3")).isZero();
    }

    @Test
    void sceneUndoNeverTouchesATrail() {
        hand.press("[data-drawer=scene] >> text=Red box");
        hand.over("v2").drag(MouseButton.RIGHT, 60, 0);
        hand.idle();
        double[] eye = hand.eye("v2");
        int length = length("v2");
        double[] place = hand.middle("Red box");
        page.locator("[data-field='edit.place/x']").fill("1.5");
        page.keyboard().press("Enter");
        hand.idle();
        assertThat(hand.middle("Red box")).isNotEqualTo(place);
        hand.press("[data-command='edit.undo']");
        assertThat(hand.middle("Red box")).containsExactly(place);
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(length("v2")).isEqualTo(length);
        assertThat(at("v2")).isEqualTo(length - 1);
    }

    @Test
    void homeIsSetPerViewportAndPutBack() {
        double[] usual = hand.eye("v2");
        double[] other = hand.eye("v3");
        hand.over("v2").drag(MouseButton.RIGHT, 60, 10);
        double[] here = hand.eye("v2");
        plate("v2", "Lens", "[data-command='view.set-home']");
        hand.over("v2").drag(MouseButton.RIGHT, 60, 10);
        plate("v2", "Lens", "[data-command='view.home']");
        assertThat(Hand.distance(hand.eye("v2"), here)).isLessThan(1e-9);
        saved();
        page.reload();
        Hand.ready(page);
        plate("v2", "Lens", "[data-command='view.reset-home']");
        hand.over("v2").key("h");
        assertThat(Hand.distance(hand.eye("v2"), usual)).isLessThan(1e-6);
        assertThat(hand.eye("v3")).containsExactly(other);
    }

    // ---- Pins ------------------------------------------------------------------------------------------------------

    @Test
    void pinsAreKeptNamedOrderedUpdatedAndDeleted() {
        hand.over("v2").drag(MouseButton.RIGHT, 60, 10);
        double[] eye = hand.eye("v2");
        hand.key("Shift+P");
        page.waitForFunction("() => window.rhombus.pins().length === 1 && window.rhombus.pins()[0].pictured");
        pin(0, "Rename");
        page.keyboard().type("Prow <i>low</i>");
        page.keyboard().press("Enter");
        hand.drag(MouseButton.RIGHT, -120, 0);
        hand.press("[data-pins] [data-command='pin.add']");
        assertThat(pinNames()).hasSize(2).startsWith("Prow <i>low</i>");
        // In any viewport.
        hand.over("v4");
        page.locator("[data-pin] .go").first().click();
        hand.idle();
        assertThat(Hand.distance(hand.eye("v4"), eye)).isLessThan(1e-9);
        assertThat(hand.view("v4")).containsEntry("projection", "perspective");
        // Dropped on one, or told where to go.
        var picture = page.locator("[data-pin] .go").first().boundingBox();
        double[] front = rect("v3");
        page.mouse().move(picture.x + 20, picture.y + 20);
        page.mouse().down();
        page.mouse()
                .move(
                        front[0] + front[2] / 2,
                        front[1] + front[3] / 2,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        hand.idle();
        assertThat(Hand.distance(hand.eye("v3"), eye)).isLessThan(1e-9);
        pin(0, "Go there in Top");
        assertThat(Hand.distance(hand.eye("v1"), eye)).isLessThan(1e-9);
        pin(0, "Move down");
        assertThat(pinNames().get(1)).startsWith("Prow");
        hand.over("v2").drag(MouseButton.RIGHT, 0, 50);
        double[] lower = hand.eye("v2");
        pin(1, "Update");
        saved();
        page.reload();
        Hand.ready(page);
        assertThat(pinNames().get(1)).startsWith("Prow");
        assertThat(pins()).allMatch(p -> Boolean.TRUE.equals(p.get("pictured")));
        hand.over("v2").drag(MouseButton.RIGHT, 30, 0);
        page.locator("[data-pin] .go").nth(1).click();
        hand.idle();
        assertThat(Hand.distance(hand.eye("v2"), lower)).isLessThan(1e-9);
        pin(0, "Delete");
        assertThat(pinNames()).hasSize(1);
        hand.press("[data-notice] [data-command='pin.restore']");
        assertThat(pinNames()).hasSize(2);
    }

    @Test
    void pinsTravelAsJsonAndSpoiltFilesChangeNothing() throws IOException {
        hand.over("v2").key("Shift+P");
        hand.over("v3").key("Shift+P");
        page.waitForFunction("() => window.rhombus.pins().every(p => p.pictured)");
        Download d = download(() -> allPins("Export"));
        byte[] file = Files.readAllBytes(d.path());
        assertThat(d.suggestedFilename()).endsWith(".json");
        assertThat(new String(file, StandardCharsets.UTF_8)).contains("\"format\": \"rhombus-pins\"");
        List<String> names = pinNames();
        pin(0, "Delete");
        pin(0, "Delete");
        page.setInputFiles("[data-pin-file]", new FilePayload("pins.json", "application/json", file));
        page.waitForFunction("() => window.rhombus.pins().length === 2");
        assertThat(pinNames()).isEqualTo(names);
        for (String spoilt : List.of(
                "not json",
                "{\"format\":\"rhombus-pins\",\"version\":1,\"pins\":[{\"name\":\"x\",\"view\":{}}]}",
                "[]")) {
            page.setInputFiles(
                    "[data-pin-file]",
                    new FilePayload("odd.json", "application/json", spoilt.getBytes(StandardCharsets.UTF_8)));
            page.locator("[data-notice]:has-text('odd.json')").last().waitFor();
            assertThat(pinNames()).isEqualTo(names);
        }
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        pin(0, "Copy as JSON");
        page.locator("[data-notice]:has-text('clipboard')").waitFor();
        assertThat((String) page.evaluate("() => navigator.clipboard.readText()"))
                .contains("rhombus-pins")
                .contains(names.get(0));
    }

    @Test
    void aWholeBoardIsOnePin() {
        menu("[data-template=one-over-two]");
        hand.over("v2").drag(MouseButton.RIGHT, 50, 5);
        Object before = poses();
        hand.key("Alt+P");
        page.waitForFunction("() => window.rhombus.pins()[0].board && window.rhombus.pins()[0].pictured");
        menu("[data-template=single]");
        page.locator("[data-pin] .go").first().click();
        hand.idle();
        assertThat(poses()).isEqualTo(before);
    }

    // ---- addresses -------------------------------------------------------------------------------------------------

    private String copied() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        menu("[data-command='app.copy-link']");
        page.locator("[data-notice]:has-text('clipboard')").waitFor();
        return (String) page.evaluate("() => navigator.clipboard.readText()");
    }

    @Test
    void anAddressOpensTheseVeryViewportsAndLeavesTheOwnOnesAsTheyAre() {
        menu("[data-template=side-by-side]");
        hand.over("v2").drag(MouseButton.RIGHT, 50, 25);
        hand.key("3");
        Object sent = poses();
        String address = copied();
        board("four");
        hand.over("v2").drag(MouseButton.RIGHT, -50, 0);
        saved();
        Page far = Browser.page(ColorScheme.DARK, failures);
        Browser.enter(far, account, "tide-and-timber");
        far.navigate(address);
        Hand.ready(far);
        assertThat(
                        far.evaluate(
                                "() => window.rhombus.views().map(v => [v.id, v.eye, v.forward, v.up, v.fovY, v.extent, v.focusDistance, v.display])"))
                .isEqualTo(sent);
        assertThat(far.locator("[data-board]").count()).isEqualTo(5);
        Hand.choose(far, "[data-board-menu]", "[data-command='board.keep']");
        Browser.close(far);
        // On the page that has the scene open already, too.
        page.evaluate("a => { location.href = a; }", address);
        page.waitForFunction("() => window.rhombus.boards().tabs.some(t => t.passing)");
        hand.idle();
        assertThat(poses()).isEqualTo(sent);
    }

    @Test
    void brokenAddressesAreToldAndTheOwnBoardsOpen() {
        String address = copied();
        for (String broken : List.of(
                address.substring(0, address.length() - 20), address.substring(0, address.indexOf('=') + 1) + "AAAA")) {
            Page far = Browser.page(ColorScheme.DARK, failures);
            Browser.enter(far, account, "tide-and-timber");
            far.navigate(broken);
            Hand.ready(far);
            assertThat(far.locator("[data-notice]").last().textContent()).contains("address");
            assertThat(far.locator("[data-viewport]").count()).isEqualTo(4);
            Browser.close(far);
        }
        Page stranger = Browser.page(ColorScheme.DARK, failures);
        Browser.enter(stranger, "ansel", "tide-and-timber");
        stranger.navigate(address);
        stranger.locator("text=This scene is not here").waitFor();
        stranger.navigate(RunningServer.get().address() + "/scenes/no-such-scene");
        stranger.locator("text=This scene is not here").waitFor();
        Browser.close(stranger);
        // Signed out, the address waits behind the sign-in.
        Page late = Browser.page(ColorScheme.DARK, failures);
        late.navigate(address);
        late.fill("#name", account);
        late.fill("#password", "tide-and-timber");
        late.click("button[type=submit]");
        Hand.ready(late);
        late.waitForFunction("() => window.rhombus.boards().tabs.some(t => t.passing)");
        Browser.close(late);
    }

    // ---- snapshots -------------------------------------------------------------------------------------------------

    private Download shoot(String sort, int width, int height, boolean overlays) {
        hand.key("Control+Shift+F");
        page.locator("[data-snapshot]").waitFor();
        page.locator("[data-sort=" + sort + "]").click();
        page.fill("[data-snapshot] [aria-label='Width, pixels']", String.valueOf(width));
        page.fill("[data-snapshot] [aria-label='Height, pixels']", String.valueOf(height));
        page.keyboard().press("Tab");
        if (overlays != page.locator("[data-snapshot] .el-switch.is-checked").count() > 0) {
            page.locator("[data-snapshot] .el-switch").click();
        }
        Download d = download(() -> page.locator("[data-take]").click());
        page.locator("[data-snapshot]")
                .waitFor(new com.microsoft.playwright.Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        Hand.still(page);
        hand.idle();
        return d;
    }

    @Drawn
    @Test
    void snapshotsHaveTheChosenSizeAndShowWhatTheViewportsShow() {
        hand.over("v2");
        Object before = poses();
        Download one = shoot("view", 900, 600, true);
        assertThat(one.suggestedFilename()).isEqualTo("boxes - Scout.png");
        BufferedImage view = image(one);
        assertThat(view.getWidth()).isEqualTo(900);
        assertThat(view.getHeight()).isEqualTo(600);
        assertThat(colours(view, 200, 150, 700, 450)).isGreaterThan(20);
        BufferedImage bare = image(shoot("view", 900, 600, false));
        assertThat(different(view, bare)).as("grid and caption").isGreaterThan(0.004);
        BufferedImage board = image(shoot("board", 1200, 800, true));
        assertThat(board.getWidth()).isEqualTo(1200);
        for (int[] quarter : new int[][] {{0, 0}, {600, 0}, {0, 400}, {600, 400}}) {
            assertThat(colours(board, quarter[0], quarter[1], quarter[0] + 600, quarter[1] + 400))
                    .isGreaterThan(3);
        }
        BufferedImage sheet = image(shoot("sheet", 1000, 900, true));
        assertThat(sheet.getHeight()).isEqualTo(900);
        assertThat(colours(sheet, 0, 400, 500, 450))
                .as("captions under the viewports")
                .isGreaterThan(1);
        assertThat(poses()).isEqualTo(before);
        assertThat(rect("v2")[2] / rect("v1")[2]).isCloseTo(1, within(0.02));
    }

    private static double different(BufferedImage a, BufferedImage b) {
        int n = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                n += a.getRGB(x, y) == b.getRGB(x, y) ? 0 : 1;
            }
        }
        return n / (double) (a.getWidth() * a.getHeight());
    }
}
