package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static rhombus.e2e.Hand.distance;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.MouseButton;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** Uploading, coming back, and what happens when things go wrong in between. */
class KeepingTest {
    private final List<String> failures = new ArrayList<>();
    private Page page;

    @BeforeEach
    void open() {
        page = Browser.page(ColorScheme.DARK, failures);
        Browser.signIn(page, "mira", "tide-and-timber");
    }

    @AfterEach
    void close() {
        Browser.close(page);
        assertThat(failures).isEmpty();
    }

    private Hand upload(String name) {
        page.navigate("/scenes");
        page.setInputFiles(Browser.SCENE_FILES, SmallScenes.upload(name, SmallScenes.boxes()));
        page.waitForURL("**/scenes/*");
        return Hand.ready(page);
    }

    @Test
    void anUploadedSceneComesBackWithItsViewsAndModes() {
        Hand hand = upload("boxes.gltf");
        hand.over("v3").key("6");
        hand.over("v2", 0.5, 0.5).drag(MouseButton.RIGHT, 70, 12);
        hand.wheel(-200);
        hand.idle();
        double[] eye = hand.eye("v2");
        assertThat(page.locator("[data-save-state]").textContent().trim()).isEqualTo("saved");
        page.context().clearCookies();
        Browser.signIn(page, "mira", "tide-and-timber");
        hand = Hand.open(page, "boxes");
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(hand.view("v3").get("display")).isEqualTo("smooth");
        assertThat(Hand.num(Hand.map(hand.ask("trail('v2')", null)), "length")).isEqualTo(3);
    }

    @Test
    void brokenFilesSayWhereTheyAreBrokenAndStoreNothing() {
        page.navigate("/scenes");
        Object before = scenes();
        page.setInputFiles(
                Browser.SCENE_FILES,
                SmallScenes.upload("poem.glb", "The tide goes out".getBytes(StandardCharsets.UTF_8)));
        page.locator("[role=alert]:has-text('neither glTF nor GLB')").waitFor();
        byte[] cut = new String(SmallScenes.boxes(), StandardCharsets.UTF_8)
                .replace("\"count\":36", "\"count\":3600")
                .getBytes(StandardCharsets.UTF_8);
        page.setInputFiles(Browser.SCENE_FILES, SmallScenes.upload("cut.gltf", cut));
        page.locator("[role=alert]:has-text('accessors[1]')").waitFor();
        assertThat(scenes()).isEqualTo(before);
    }

    private Object scenes() {
        return page.evaluate("() => fetch('/api/scenes').then(r => r.json()).then(l => l.length)");
    }

    @Test
    void somebodyElsesSceneIsNotThere() {
        Hand hand = upload("mine.gltf");
        String address = hand.page.url();
        Page other = Browser.page(ColorScheme.DARK, new ArrayList<>());
        Browser.enter(other, "ansel", "tide-and-timber");
        other.navigate(address);
        other.locator("text=This scene is not here").waitFor();
        Browser.close(other);
    }

    @Test
    void aSceneThatFailedToLoadOpensOnTheSecondTry() {
        upload("again.gltf");
        int[] asked = {0};
        page.route("**/api/scenes/*", route -> {
            if (asked[0]++ == 0) {
                route.abort();
            } else {
                route.resume();
            }
        });
        page.reload();
        page.locator("button:has-text('Try again')").click();
        assertThat(Hand.ready(page).object("Red box")).isNotNull();
    }

    /** The same scene in a second window of the same browser. */
    private Hand second(Hand first) {
        Page second = page.context().newPage();
        second.navigate(first.page.url());
        return Hand.ready(second);
    }

    @Test
    void theLaterOfTwoWindowsIsToldAndGoesOnApartWithoutSaving() {
        Hand hand = upload("shared.gltf");
        Hand other = second(hand);
        other.page.locator("[data-later] button:has-text('Go on apart')").click();
        other.over("v2").drag(MouseButton.RIGHT, -60, 0);
        other.idle();
        assertThat(other.page.locator("[data-save-state]").textContent()).contains("Take over");
        hand.page.bringToFront();
        hand.over("v2").drag(MouseButton.RIGHT, 80, 0);
        hand.page.locator("[data-save-state]:text-is('saved')").waitFor();
        double[] first = hand.eye("v2");
        other.page.close();
        hand.page.reload();
        assertThat(Hand.ready(hand.page).eye("v2")).containsExactly(first);
    }

    @Test
    void theLaterOfTwoWindowsTakesOverAndTheFirstGoesOnApart() {
        Hand hand = upload("handed on.gltf");
        Hand other = second(hand);
        other.page.locator("[data-later] button:has-text('Take over')").click();
        other.over("v2").drag(MouseButton.RIGHT, -60, 0);
        other.page.locator("[data-save-state]:text-is('saved')").waitFor();
        double[] taken = other.eye("v2");
        hand.page.bringToFront();
        hand.page.locator("[data-save-state]:has-text('Take over')").waitFor();
        hand.over("v2").drag(MouseButton.RIGHT, 80, 0);
        hand.idle();
        hand.page.close();
        other.page.reload();
        assertThat(Hand.ready(other.page).eye("v2")).containsExactly(taken);
    }

    @Test
    void whereTheServerDoesNotAnswerTheFirstWindowGoesOnSaving() {
        Hand hand = upload("nobody.gltf");
        Hand other = second(hand);
        other.page.route("**/workspace", route -> route.abort());
        other.page.locator("[data-later] button:has-text('Take over')").click();
        other.page.locator("[data-notice]:has-text('still saves')").waitFor();
        hand.page.bringToFront();
        hand.over("v2").drag(MouseButton.RIGHT, 80, 0);
        assertThat(hand.page.locator("[data-save-state]").textContent().trim()).isEqualTo("saved");
        double[] first = hand.eye("v2");
        other.page.close();
        hand.page.reload();
        assertThat(Hand.ready(hand.page).eye("v2")).containsExactly(first);
    }

    /** Another machine: the later window is told as it opens, and the version of the saved state tells the first. */
    @Test
    void whatAnotherMachineSavedIsToldAndNothingIsOverwritten() {
        Hand hand = upload("two machines.gltf");
        Page far = Browser.page(ColorScheme.DARK, failures);
        Browser.enter(far, "mira", "tide-and-timber");
        Hand other = Hand.open(far, "two machines");
        far.locator("[data-later]").waitFor();
        assertThat(far.locator("[data-save-state]").textContent())
                .as("told before anything is done there")
                .contains("Take over");
        far.locator("[data-later] button:has-text('Take over')").click();
        other.over("v2").drag(MouseButton.RIGHT, 80, 0);
        far.locator("[data-save-state]:text-is('saved')").waitFor();
        double[] saved = other.eye("v2");
        hand.over("v2").down(MouseButton.RIGHT).by(-60, 0).let(MouseButton.RIGHT);
        page.locator("[data-conflict] button:has-text('Take the other one')").click();
        hand.idle();
        assertThat(hand.eye("v2")).containsExactly(saved);
        Browser.close(far);
    }

    private static List<String> tabs(Hand hand) {
        return ((List<?>) Hand.map(hand.ask("boards()", null)).get("tabs"))
                .stream().map(t -> String.valueOf(Hand.map(t).get("name"))).toList();
    }

    private static void rename(Hand hand, String name) {
        hand.page.bringToFront();
        hand.page.locator("[data-board]").first().dblclick();
        hand.page.keyboard().press("Control+a");
        hand.page.keyboard().type(name);
        hand.page.keyboard().press("Enter");
    }

    /** Boards belong to the person: two windows with different scenes save the same ones. */
    @Test
    void twoWindowsWithDifferentScenesBringTheirBoardsTogetherAndAskOnlyWhatBothChanged() {
        Hand hand = upload("left.gltf");
        String left = page.url();
        Hand other = new Hand(page.context().newPage());
        other.page.navigate("/scenes");
        other.page.setInputFiles(Browser.SCENE_FILES, SmallScenes.upload("right.gltf", SmallScenes.boxes()));
        other.page.waitForURL("**/scenes/*");
        other = Hand.ready(other.page);
        assertThat(other.page.url()).isNotEqualTo(left);
        List<String> before = tabs(hand);
        for (Hand h : List.of(hand, other)) {
            h.over("v2").key("Alt+b");
            h.page.click("button[data-command='board.add']");
            h.idle();
            assertThat(h.page.locator("[data-save-state]").textContent().trim()).isEqualTo("saved");
        }
        assertThat(tabs(other))
                .hasSize(before.size() + 2)
                .containsAll(tabs(hand))
                .doesNotHaveDuplicates();
        assertThat(other.page.locator("[data-conflict]").count()).isZero();

        rename(other, "Over there");
        other.idle();
        // Said within the page, as a person would find it: this window does not look around before it saves.
        page.evaluate("() => Object.defineProperty(document, 'hidden', {get: () => true, configurable: true})");
        rename(hand, "Over here");
        page.locator("[data-conflict]").waitFor();
        assertThat(page.locator(".el-overlay:visible").count()).isZero();
        hand.over("v2", 0.5, 0.8).drag(MouseButton.RIGHT, 40, 0);
        page.locator("[data-conflict] button:has-text('Take this one')").click();
        hand.idle();
        assertThat(page.locator("[data-conflict]").count()).isZero();
        assertThat(tabs(hand)).hasSize(before.size() + 2).contains("Over here");
        other.page.reload();
        assertThat(tabs(Hand.ready(other.page))).isEqualTo(tabs(hand));
        other.page.close();
    }

    @Test
    void whileTheGraphicsContextIsAwayTheStageSaysSo() {
        Hand hand = upload("card.gltf");
        page.evaluate("() => { window.away = document.querySelector('canvas').getContext('webgl2')"
                + ".getExtension('WEBGL_lose_context'); window.away.loseContext(); }");
        page.locator("[data-away]").waitFor();
        page.evaluate("() => window.away.restoreContext()");
        page.waitForFunction("() => !document.querySelector('[data-away]')");
        hand.over("v2").drag(MouseButton.RIGHT, 40, 0);
    }

    @Test
    void aDeadDatabaseIsToldAndTheWorkIsSavedWhenItIsBack() {
        Hand hand = upload("storm.gltf");
        RunningServer.get().database().stop();
        double[] eye;
        try {
            hand.over("v2").down(MouseButton.RIGHT).by(90, 5).let(MouseButton.RIGHT);
            page.locator("[data-save-state]:has-text('offline')").waitFor();
            eye = hand.eye("v2");
            // It tries again, in vain, and goes on holding what was done.
            page.waitForResponse(
                    r -> r.url().endsWith("/workspace") && r.request().method().equals("PUT"), () -> {});
            assertThat(page.locator("[data-save-state]").textContent()).contains("offline");
            // Whoever waits for the page is not made to wait for the server.
            hand.idle();
        } finally {
            RunningServer.get().database().start();
        }
        page.locator("[data-save-state]:text-is('saved')").waitFor();
        page.reload();
        hand = Hand.ready(page);
        assertThat(distance(hand.eye("v2"), eye)).isLessThan(1e-12);
        Map<String, Object> scene = Hand.map(hand.ask("scene()", null));
        assertThat(scene.get("name")).isEqualTo("storm");
    }
}
