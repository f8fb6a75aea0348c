package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static rhombus.e2e.Hand.distance;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Gamepads, 3D mice, pens and fingers on the real page, by what a browser would tell of them. */
class BenchTest {
    private final List<String> failures = new ArrayList<>();

    private Hand opened() {
        Page page = Browser.page(ColorScheme.DARK, failures);
        Hand hand = Browser.bring(page, "bench", SmallScenes.upload("bench.glb", SmallScenes.boxes()));
        // The viewport that is active, with the pointer on the bench.
        hand.over("v2");
        hand.idle();
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-deed=bench]").click();
        page.locator("[data-bench]").waitFor();
        hand.idle();
        return hand;
    }

    private static void simulate(Page page, String sort) {
        page.locator("[data-sort=" + sort + "]").click();
        page.locator("[data-simulate]").check();
    }

    private static double[] middle(Locator l) {
        BoundingBox b = l.boundingBox();
        return new double[] {b.x + b.width / 2, b.y + b.height / 2};
    }

    /** Holds the mouse on something until the view has moved, and lets it go. */
    private static void until(Hand hand, double[] from, double dx, double dy, Runnable moved) {
        hand.page.mouse().move(from[0], from[1]);
        hand.page.mouse().down();
        hand.page.mouse().move(from[0] + dx, from[1] + dy);
        moved.run();
        hand.page.mouse().up();
        hand.idle();
    }

    private static void awaitMove(Hand hand, double[] eye) {
        hand.page.waitForFunction(
                "([x, y, z]) => { const e = window.rhombus.views().find(v => v.id === 'v2').eye;"
                        + " return Math.hypot(e[0] - x, e[1] - y, e[2] - z) > 0.05; }",
                List.of(eye[0], eye[1], eye[2]));
    }

    @Test
    void aSimulatedGamepadMovesViewsAndItsReadingIsShown() {
        Hand hand = opened();
        Page page = hand.page;
        page.locator("[data-bench]:has-text('No gamepad is seen')").waitFor();
        simulate(page, "gamepad");
        page.locator("[data-device=gamepad] [data-plot]").waitFor();
        double[] eye = hand.eye("v2");
        until(hand, middle(page.locator("[data-stick=right]")), 30, 0, () -> {
            awaitMove(hand, eye);
            page.locator("[data-bench-does]:has-text('orbit sideways')").waitFor();
        });
        double[] after = hand.eye("v2");
        page.waitForFunction("() => document.querySelector('[data-bench-does]').textContent === ''");
        assertThat(hand.eye("v2")).as("let go it stands still").isEqualTo(after);
        // A button runs a command on the active viewport.
        page.locator("[data-pad-button='1']").dispatchEvent("pointerdown");
        awaitMove(hand, after);
        page.locator("[data-pad-button='1']").dispatchEvent("pointerup");
        hand.idle();
        assertThat(distance(hand.eye("v2"), eye)).as("back by the Trail").isLessThan(1e-9);
        // By keys alone.
        page.locator("[data-stick=left]").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        awaitMove(hand, eye);
        page.keyboard().press("Home");
        hand.idle();
        // A dead zone as large as the stick is out: it does nothing any more.
        page.locator("[data-tune='gamepad.dead-zone'] input").fill("0.6");
        page.locator("[data-tune='gamepad.dead-zone'] input").press("Enter");
        double[] still = hand.eye("v2");
        page.locator("[data-stick=left]").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.locator("[data-device=gamepad] li:has-text('0.50 → 0.00')").waitFor();
        assertThat(hand.eye("v2")).isEqualTo(still);
        page.keyboard().press("Home");
        page.locator("[data-tune='gamepad.dead-zone'] input").fill("0.15");
        page.locator("[data-tune='gamepad.dead-zone'] input").press("Enter");
        hand.idle();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    /** A gamepad as the browser's own interface tells of it, and none any more. */
    @Test
    void aGamepadOfTheBrowserIsReadWithoutTheBench() {
        Hand hand = opened();
        Page page = hand.page;
        page.locator("[data-bench] [data-command='app.bench']").click();
        page.locator("[data-bench]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        hand.idle();
        double[] eye = hand.eye("v2");
        page.evaluate(
                """
                () => {
                  window.pads = [null, { index: 1, id: 'Pad of the test', mapping: 'standard', connected: true,
                    axes: [0, 0, 0.9, 0], buttons: Array.from({ length: 17 }, () => ({ value: 0, pressed: false })) }];
                  navigator.getGamepads = () => window.pads;
                  window.dispatchEvent(new Event('gamepadconnected'));
                }""");
        awaitMove(hand, eye);
        // One of its buttons is given to a command by pressing it.
        page.evaluate("() => { window.pads[1].axes[2] = 0; }");
        hand.idle();
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-key-row='view.opposite'] .add").click();
        page.locator("[data-capture]").waitFor();
        page.evaluate("() => { window.pads[1].buttons[16].value = 1; }");
        page.locator("[data-choice=set]").click();
        page.evaluate("() => { window.pads[1].buttons[16].value = 0; }");
        page.locator("[data-key-row='view.opposite'] kbd:text-is('gamepad middle')")
                .waitFor();
        page.keyboard().press("Escape");
        hand.over("v2");
        hand.idle();
        double[] side = hand.eye("v2");
        page.evaluate("() => { window.pads[1].buttons[16].value = 1; }");
        awaitMove(hand, side);
        page.evaluate("() => { window.pads = []; window.dispatchEvent(new Event('gamepaddisconnected')); }");
        hand.idle();
        double[] after = hand.eye("v2");
        hand.idle();
        assertThat(hand.eye("v2")).isEqualTo(after);
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    @Test
    void aSimulated3dMouseMovesViewsByReports() {
        Hand hand = opened();
        Page page = hand.page;
        simulate(page, "mouse3d");
        page.locator("[data-device=mouse3d]").waitFor();
        double[] eye = hand.eye("v2");
        page.locator("[data-mouse-axis='5']").focus();
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("ArrowRight");
        }
        awaitMove(hand, eye);
        page.locator("[data-bench-does]:has-text('orbit')").waitFor();
        page.keyboard().press("Home");
        hand.idle();
        double[] after = hand.eye("v2");
        assertThat(distance(after, eye)).isGreaterThan(0.05);
        page.locator("[data-mouse-button='2']").focus();
        page.keyboard().press("Space");
        awaitMove(hand, after);
        hand.idle();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    @Test
    void penAndFingersTakeTheWayOfRealOnes() {
        Hand hand = opened();
        Page page = hand.page;
        simulate(page, "pen");
        double[] eye = hand.eye("v2");
        until(hand, middle(page.locator("[data-bench-pen]")), 40, 14, () -> awaitMove(hand, eye));
        page.locator("[data-reading]:has-text('Pressure')").waitFor();
        double[] byPen = hand.eye("v2");
        page.locator("[data-sort=fingers]").click();
        // Two fingers by keys: put down, moved, lifted.
        page.locator("[data-bench-fingers]").focus();
        page.keyboard().press("Space");
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("ArrowRight");
        }
        page.locator("[data-reading]:has-text('2')").waitFor();
        page.keyboard().press("Space");
        hand.idle();
        assertThat(distance(hand.eye("v2"), byPen)).isGreaterThan(0.05);
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    @Test
    void whatAHandDidIsDoneAgainAndKeptAsAFile() throws IOException {
        Hand hand = opened();
        Page page = hand.page;
        double[] eye = hand.eye("v2");
        page.locator("[data-record=start]").click();
        hand.over("v2");
        page.mouse().down(new Mouse.DownOptions().setButton(MouseButton.RIGHT));
        hand.by(80, 30);
        page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.RIGHT));
        hand.idle();
        double[] there = hand.eye("v2");
        assertThat(distance(there, eye)).isGreaterThan(0.05);
        page.locator("[data-record=stop]").click();
        Download file =
                page.waitForDownload(() -> page.locator("[data-record=save]").click());
        Path saved = file.path();
        assertThat(Files.readString(saved)).contains("rhombus-recording");
        // From where it began.
        hand.over("v2").key("Backspace");
        hand.idle();
        assertThat(distance(hand.eye("v2"), eye)).isLessThan(1e-9);
        page.setInputFiles(
                "[data-recorder] input[type=file]",
                new FilePayload(
                        "broken.json",
                        "application/json",
                        "{\"format\":\"rhombus-recording\",\"version\":7}".getBytes()));
        page.locator("[data-recorder]:has-text('version 7')").waitFor();
        page.setInputFiles("[data-recorder] input[type=file]", saved);
        page.locator("[data-recorder]:has-text('it can be played')").waitFor();
        page.locator("[data-record=play]").click();
        page.locator("[data-record=play]").waitFor();
        hand.idle();
        assertThat(distance(hand.eye("v2"), there)).isLessThan(1e-9);
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    /** Clicks in lists and events of the viewports are stamped by one clock, however busy the page is. */
    @Test
    void aRecordingThatMixesListsAndViewportsUnderLoadIsReadBack() {
        Hand hand = opened();
        Page page = hand.page;
        hand.over("v2").key("h");
        page.locator("[data-record=start]").click();
        Locator rows = page.locator("[data-object]");
        for (int i = 0; i < 3; i++) {
            page.evaluate("() => requestAnimationFrame(() => {"
                    + " const t = performance.now(); while (performance.now() - t < 300); })");
            rows.nth(1 + i).click();
            hand.over("v2");
            page.mouse().down(new Mouse.DownOptions().setButton(MouseButton.RIGHT));
            hand.by(30, 10);
            page.evaluate("() => requestAnimationFrame(() => {"
                    + " const t = performance.now(); while (performance.now() - t < 200); })");
            page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.RIGHT));
            page.keyboard().press("/");
            page.keyboard().type("frame the selection");
            page.keyboard().press("Enter");
        }
        hand.idle();
        page.locator("[data-record=stop]").click();
        Path saved = page.waitForDownload(
                        () -> page.locator("[data-record=save]").click())
                .path();
        page.setInputFiles("[data-recorder] input[type=file]", saved);
        page.locator("[data-recorder]:has-text('it can be played')").waitFor();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }
}
