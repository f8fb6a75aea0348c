package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Clip;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Makes the pictures in docs/screenshots from the demo data; run by bin/pictures. */
@Tag("pictures")
@Drawn
class PicturesTest {
    private static final Path FOLDER = Path.of("../docs/screenshots");
    private final List<String> failures = new ArrayList<>();

    private static void take(Page page, String name) {
        page.waitForTimeout(700);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    /** What a file for another program would be. */
    private static void saving(Hand hand) {
        Page page = hand.page;
        hand.choose("[data-scene-menu]", "[data-thing='Save as a file']");
        page.locator("[data-format=obj]").click();
        page.locator("[data-export-preview] .name:has-text('obj')").waitFor();
        take(page, "saving-as-a-file");
        page.keyboard().press("Escape");
        page.locator("[data-save]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    /** The chooser of looks, and one that is changed. */
    private static void looks(Hand hand) {
        Page page = hand.page;
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Look']");
        page.waitForFunction("() => document.querySelectorAll('.chooser img').length >= 11");
        take(page, "looks");
        hand.press("[data-edit-look]");
        hand.press("[data-part=colour][data-choice=neutral]");
        hand.press("[data-part=light][data-choice=studio]");
        hand.press("[data-part=hidden][data-choice=faint]");
        hand.idle();
        page.keyboard().press("Escape");
        page.waitForFunction("() => !document.querySelector('[data-look-editor]')");
        hand.over("v2").key("7");
    }

    /** Several things on a layer being turned. */
    private static void changing(Hand hand) {
        Page page = hand.page;
        hand.press("[data-drawer=scene] >> text=Crates");
        hand.press("[data-command='layer.add']");
        hand.over("v2").key("f").key("t");
        page.locator("[data-drawer=scene] [role=treeitem]:has-text('Crates') .twist")
                .click();
        unspoken(page);
        double[] ring = hand.handle("v2", "y");
        var r = Hand.map(hand.view("v2").get("rect"));
        int near = ring.length / 4 * 2;
        hand.move(Hand.num(r, "x") + ring[near], Hand.num(r, "y") + ring[near + 1])
                .down(MouseButton.LEFT)
                .by(26, 2);
        page.keyboard().press("Escape");
        hand.up(MouseButton.LEFT);
        hand.key("Escape").key("Control+z").key("Shift+K");
        unspoken(page);
    }

    /** Waits until every notice is gone. */
    private static void unspoken(Page page) {
        page.waitForFunction("() => !document.querySelector('[data-notice]')");
    }

    /** The other starting boards, linked views in motion, the Trail and Pins. */
    private static void boards(Hand hand) {
        Page page = hand.page;
        hand.press("[data-board=shot]").over("v1", 0.5, 0.4);
        take(page, "board-camera-and-scout");
        hand.press("[data-board=single]").over("v1", 0.5, 0.4);
        hand.key("Shift+P");
        page.waitForTimeout(600);
        String[] names = {"Hull", "Workshop", "Crane", "Jetty", "Dinghy"};
        for (String name : names) {
            page.locator("[data-drawer=scene] >> text=" + name).first().click();
            hand.over("v1", 0.5, 0.4).key("f");
            page.waitForTimeout(700);
            hand.drag(MouseButton.RIGHT, name.length() * 6, -14);
            page.waitForTimeout(700);
            if (name.equals("Hull") || name.equals("Crane")) {
                hand.key("Shift+P");
                page.waitForFunction("() => window.rhombus.pins().every(p => p.pictured)");
                page.waitForTimeout(600);
            }
        }
        hand.key("Shift+K").key("Alt+Backspace").key("Backspace").key("Backspace");
        page.waitForFunction("() => !document.querySelector('[data-trail] .empty')");
        unspoken(page);
        take(page, "trail-and-pins");
        hand.key("Alt+Backspace");
        hand.press("[data-board=four]");
    }

    /** A word of the glossary, and a drill that is on. */
    private static void help(Hand hand) {
        Page page = hand.page;
        hand.choose("[data-help-menu]", "[data-thing='Glossary']");
        page.locator("[data-picture=orbit]").waitFor();
        take(page, "glossary");
        page.locator(".el-dialog:visible [data-guide=words]").click();
        page.locator("[data-word=directions]").click();
        page.locator("[data-page=directions]").waitFor();
        Hand.still(page);
        take(page, "guide");
        page.keyboard().press("Escape");
        page.locator("[data-page]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        page.locator(".el-dialog:visible .el-dialog__headerbtn").click();
        Hand.still(page);
        hand.choose("[data-help-menu]", "[data-thing='Drills']");
        page.locator("[data-drill=level] button").click();
        page.locator("[data-drill-bar]").waitFor();
        Hand.still(page);
        hand.idle();
        hand.over("v2");
        page.waitForFunction(
                "() => window.rhombus.stats().smooth === 4", null, new Page.WaitForFunctionOptions().setTimeout(90000));
        take(page, "drill");
        hand.press("[data-drill-leave]");
    }

    private static void overlay(Hand hand, String label) {
        hand.choose("[data-viewport=v2] [data-plate] [aria-label=Overlays]", "[data-thing='" + label + "']");
        Hand.still(hand.page);
        hand.idle();
    }

    /** A picture of the yard with lines marked along its axes, and the camera that was found from them. */
    private static void matching(Hand hand) {
        Page page = hand.page;
        hand.press("[data-drawer=scene] [data-camera] .row >> nth=0");
        hand.over("v2").key("q");
        List<String> over = List.of("Lights", "Cameras", "Rose", "Ground grid", "Axes");
        over.forEach(o -> overlay(hand, o));
        hand.over("v2", 0.02, 0.9);
        unspoken(page);
        var frame = page.locator("[data-viewport=v2] [data-gate] .frame");
        var top = frame.first().boundingBox();
        var side = frame.nth(2).boundingBox();
        byte[] yard = page.screenshot(
                new Page.ScreenshotOptions().setClip(new Clip(top.x + 1, top.y + 1, top.width - 2, side.height - 2)));
        over.forEach(o -> overlay(hand, o));
        page.waitForFileChooser(() -> hand.choose("[data-add]", "[data-command='picture.bring']"))
                .setFiles(new FilePayload("Yard.png", "image/png", yard));
        page.locator("[data-picture-readout]").waitFor();
        var bounds = Hand.map(hand.object("Workshop").get("bounds"));
        double[] a = Hand.point(bounds.get("min"));
        double[] b = Hand.point(bounds.get("max"));
        double[] j = Hand.point(Hand.map(hand.object("Jetty").get("bounds")).get("min"));
        double[] k = Hand.point(Hand.map(hand.object("Jetty").get("bounds")).get("max"));
        line(hand, 0, "x", new double[] {a[0], a[1], b[2]}, new double[] {b[0], a[1], b[2]});
        line(hand, 1, "x", new double[] {j[0] + 12, k[1], j[2]}, new double[] {k[0] - 8, k[1], j[2]});
        line(hand, 2, "z", new double[] {a[0], a[1], a[2]}, new double[] {a[0], a[1], b[2]});
        line(hand, 3, "z", new double[] {b[0], a[1], a[2]}, new double[] {b[0], a[1], b[2]});
        hand.press("[data-match] [data-command='camera.match']");
        hand.over("v2", 0.3, 0.3).key("1");
        hand.over("v2", 0.02, 0.9);
        unspoken(page);
        page.locator("[data-match]").scrollIntoViewIfNeeded();
        take(page, "matched-to-a-picture");
        hand.over("v2", 0.3, 0.3).key("7").key("q");
        hand.press("[data-viewport=v2] [data-plate] [data-command='camera.leave']");
        while (page.locator("[data-command='edit.undo']").isEnabled()) {
            hand.press("[data-command='edit.undo']");
        }
        hand.over("v2").key("Shift+K").key("h");
        unspoken(page);
    }

    private static void line(Hand hand, int number, String axis, double[] from, double[] to) {
        hand.press("[data-match] [data-what=" + axis + "]");
        double[][] ends = {from, to};
        for (int e = 0; e < 2; e++) {
            var box = hand.page
                    .locator("[data-viewport=v2] [data-mark='mark-line-" + number + "-a'] .end")
                    .nth(e)
                    .boundingBox();
            var p = hand.project("v2", ends[e]);
            hand.page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            hand.page.mouse().down();
            hand.page.mouse().move(Hand.num(p, "x") + 2, Hand.num(p, "y"));
            hand.page.mouse().move(Hand.num(p, "x"), Hand.num(p, "y"));
            hand.page.mouse().up();
            hand.idle();
        }
    }

    @Test
    void everyMainView() throws Exception {
        Files.createDirectories(FOLDER);
        Page page = Browser.page(ColorScheme.DARK, failures);
        page.navigate("/sign-in");
        page.locator("#name").waitFor();
        Browser.signIn(page, "demo", "saltmarsh");
        page.locator("main li").first().waitFor();
        page.waitForFunction(
                "() => [...document.querySelectorAll('[data-scene] img')].filter(i => i.naturalWidth).length === 3");
        take(page, "scenes");
        Hand hand = Hand.open(page, "Saltmarsh Boatyard");
        hand.over("v2");
        take(page, "four-viewports");

        hand.press("[data-drawer=scene] >> text=Hull");
        hand.over("v2").key("f");
        hand.drag(MouseButton.RIGHT, -70, -18).key("f").key("m");
        hand.over("v3").key("f");
        hand.over("v2", 0.5, 0.55);
        take(page, "selected-with-move-handles");
        hand.key("Escape").key("Shift+K").key("7");
        changing(hand);

        saving(hand);
        looks(hand);
        hand.press("[data-viewport=v2] [data-chooser]");
        page.locator(".chooser [data-command='camera.look-through']:has-text('Deck close')")
                .click();
        hand.over("v2").key("9");
        page.locator("[data-field='camera.set/fNumber']").fill("1.4");
        page.keyboard().press("Enter");
        overlay(hand, "Depth of field");
        hand.over("v2", 0.02, 0.95);
        page.waitForFunction(
                "() => window.rhombus.stats().smooth === 4", null, new Page.WaitForFunctionOptions().setTimeout(90000));
        unspoken(page);
        take(page, "through-a-camera");
        overlay(hand, "Depth of field");
        hand.over("v2").key("Control+z").key("7").key("Shift+C");
        hand.down(MouseButton.MIDDLE).by(-14, 8);
        page.waitForTimeout(5200);
        take(page, "driving-a-camera");
        page.keyboard().press("Escape");
        hand.up(MouseButton.MIDDLE).key("Shift+C");
        unspoken(page);
        hand.press("[data-viewport=v2] [data-command='camera.leave']");
        hand.press("[data-drawer=scene] >> text=Hull");
        hand.press("[data-command='app.shots']");
        page.waitForFunction("() => document.querySelectorAll('[data-shots] img').length === 4");
        take(page, "shot-list");
        page.locator(".el-dialog:visible .el-dialog__headerbtn").click();
        Hand.still(page);
        hand.over("v2").key("Shift+K");
        matching(hand);
        boards(hand);
        help(hand);

        page.locator("header [data-command='app.habits']").click();
        page.locator("[data-habit='orbit.speed']").hover();
        page.locator("[data-preview]").waitFor();
        take(page, "habits");
        page.locator(".el-dialog:visible .el-dialog__headerbtn").click();
        page.waitForTimeout(500);
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-binding=home]").waitFor();
        page.locator("[data-as=picture]").click();
        page.locator("[data-picture-key=KeyD]").click();
        take(page, "keys-as-a-picture");
        page.locator("[data-deed=teach]").click();
        var pad = page.locator("[data-teach-pad]").boundingBox();
        for (String asked : List.of("pans", "nearer")) {
            hand.move(pad.x + 200, pad.y + 150);
            if (asked.equals("nearer")) {
                page.keyboard().down("Shift");
            }
            hand.down(MouseButton.MIDDLE).by(60, 20);
            page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
            page.keyboard().up("Shift");
            page.locator("[data-asks]:has-text('" + asked + "')").waitFor();
        }
        page.locator("[data-teach-deed=cancel]").click();
        page.locator("[data-as=report]").click();
        page.locator("[data-report] tr").first().waitFor();
        take(page, "hand-report");
        page.locator("[data-deed=bench]").click();
        page.locator("[data-simulate]").check();
        var stick = page.locator("[data-stick=right]").boundingBox();
        hand.move(stick.x + stick.width / 2, stick.y + stick.height / 2)
                .down(MouseButton.LEFT)
                .by(26, -12);
        page.waitForFunction("() => document.querySelector('[data-bench-does]').textContent !== ''");
        take(page, "device-bench");
        hand.up(MouseButton.LEFT);
        Browser.close(page);

        Page light = Browser.page(ColorScheme.LIGHT, failures);
        Browser.signIn(light, "demo", "saltmarsh");
        Hand.open(light, "Tidal Orrery").over("v2");
        take(light, "chalk");
        Browser.close(light);
        assertThat(failures).isEmpty();
    }
}
