package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.MouseButton;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

/** What is said is so, and nothing done in one place comes out in another. */
class SoundTest extends OfTheirOwn {
    private String address() {
        return page.url().replaceAll(".*/scenes/", "/api/scenes/").replaceAll("#.*", "");
    }

    @SuppressWarnings("unchecked")
    private Map<String, Object> kept(String path) {
        return (Map<String, Object>) page.evaluate("(p) => fetch(p).then(r => r.json())", path);
    }

    private double[] keptEye(String workspace) {
        Object pose = page.evaluate(
                """
                (p) => fetch(p).then(r => r.json()).then(k => k.body.boards[k.body.board].views.v2.pose.eye)""",
                workspace);
        return Hand.point(pose);
    }

    /** A save is on its way, something has changed since, and in this moment one leaves for another scene. */
    @Test
    void leavingWhileASaveRunsWritesNothingOfTheNextSceneIntoTheFirst() throws Exception {
        String first = address() + "/workspace";
        hand.over("v2").drag(MouseButton.RIGHT, 30, 0);
        saved();
        CountDownLatch go = new CountDownLatch(1);
        List<Route> held = new ArrayList<>();
        page.route("**" + first, route -> {
            if (route.request().method().equals("PUT") && go.getCount() > 0) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        hand.over("v2").down(MouseButton.RIGHT).by(40, 0).let(MouseButton.RIGHT);
        page.waitForCondition(() -> !held.isEmpty());
        hand.by(5, 5).down(MouseButton.RIGHT).by(0, 30).let(MouseButton.RIGHT);
        double[] eye = hand.eye("v2");
        hand.toScenes();
        page.setInputFiles(Browser.SCENE_FILES, SmallScenes.upload("other.gltf", SmallScenes.boxes()));
        page.waitForURL("**/scenes/*");
        Hand.ready(page).over("v2").drag(MouseButton.MIDDLE, 60, 40);
        go.countDown();
        held.forEach(Route::resume);
        saved();
        page.waitForCondition(() -> Hand.distance(keptEye(first), eye) < 1e-9);
        assertThat(address() + "/workspace").isNotEqualTo(first);
    }

    @Test
    void aSceneThatCannotBeReadSaysWhyAndKeepsWhatIsStored() {
        String workspace = address() + "/workspace";
        hand.over("v2").drag(MouseButton.RIGHT, 30, 0);
        saved();
        Object before = kept(workspace);
        page.route(
                "**/files/geometry/**",
                route -> route.fulfill(new Route.FulfillOptions().setBodyBytes(new byte[(int) geometrySize()])));
        page.reload();
        page.locator("[role=alert]:has-text('The scene could not be opened')").waitFor();
        assertThat(page.locator("[role=alert]").first().textContent()).contains("cannot be read");
        assertThat(page.locator("body").textContent())
                .doesNotContain("Loading boxes")
                .doesNotContain("This scene is empty");
        assertThat(page.locator("[data-save-state]").textContent().trim()).isEmpty();
        page.mouse().move(600, 300);
        page.keyboard().press("h");
        page.setViewportSize(1200, 780);
        page.locator("a:has-text('All scenes')").last().click();
        page.waitForURL("**/scenes");
        assertThat(kept(workspace)).isEqualTo(before);
        failures.removeIf(f -> f.contains("JSON"));
    }

    private double geometrySize() {
        return ((Number) page.evaluate("(p) => fetch(p).then(r => r.json()).then(s => s.geometry.size)", address()))
                .doubleValue();
    }

    @Test
    void refusalsAreToldAtOnceInTheWordsOfTheServer() {
        page.route("**/workspace", route -> {
            if (route.request().method().equals("PUT")) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(413)
                        .setContentType("application/problem+json")
                        .setBody("{\"status\":413,\"detail\":\"This takes at most 16 MB.\"}"));
            } else {
                route.resume();
            }
        });
        hand.over("v2").down(MouseButton.RIGHT).by(40, 0).let(MouseButton.RIGHT);
        page.locator("[data-notice]:has-text('This takes at most 16 MB.')").waitFor();
        assertThat(page.locator("[data-save-state]").textContent()).contains("not saved");
        page.unroute("**/workspace");
        hand.over("v2").drag(MouseButton.RIGHT, 20, 0);
        saved();
    }

    // ---- the hand --------------------------------------------------------------------------------------------------

    @Test
    void bordersAreDraggedAfterADoubleClickAndNoTextIsSelected() {
        Locator border = page.locator("[data-border].upright").first();
        var box = border.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + 60;
        page.mouse().dblclick(x, y);
        hand.idle();
        page.locator("[data-hints]").dblclick();
        assertThat(page.evaluate("() => String(getSelection())")).isEqualTo("");
        double[] before = rect("v1");
        box = border.boundingBox();
        page.mouse().move(box.x + box.width / 2, y);
        page.mouse().down();
        page.mouse().move(box.x + 40, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        page.mouse().move(box.x + 90, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        hand.idle();
        assertThat(rect("v1")[2] - before[2]).isBetween(60.0, 100.0);
    }

    @Test
    void handlesStepByTheKeyboardAndWhatIsAddedIsWorkedOnInTheViewports() {
        page.locator("[data-add]").click();
        page.locator("[data-thing=Box]").click();
        page.waitForFunction("() => document.activeElement && document.activeElement.tagName === 'CANVAS'");
        hand.over("v3").key("m");
        double[] was = hand.middle("Box");
        Locator handle = page.locator("[data-viewport=v3] [data-handle-key=x]");
        handle.focus();
        page.keyboard().press("ArrowRight");
        hand.idle();
        double step = hand.middle("Box")[0] - was[0];
        assertThat(step).isPositive();
        page.keyboard().press("Shift+ArrowLeft");
        hand.idle();
        assertThat(hand.middle("Box")[0] - was[0]).isCloseTo(-9 * step, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(page.evaluate("() => document.activeElement.dataset.handleKey"))
                .isEqualTo("x");
        page.locator("[data-field='edit.place/x']").focus();
        double at = hand.middle("Box")[0];
        page.keyboard().press("ArrowUp");
        hand.idle();
        assertThat(hand.middle("Box")[0] - at).isCloseTo(0.1, org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void theRosesMenuBeginsHarmlesslyAndGivesTheKeyboardBack() {
        Map<String, Object> r = Hand.map(hand.view("v2").get("rect"));
        var rose = page.locator("[data-viewport=v2] [data-rose]").boundingBox();
        hand.move(rose.x + rose.width / 2, rose.y + rose.height / 2);
        page.mouse()
                .click(
                        rose.x + rose.width / 2,
                        rose.y + rose.height / 2,
                        new com.microsoft.playwright.Mouse.ClickOptions().setButton(MouseButton.RIGHT));
        Locator menu = page.locator("[role=menu][aria-label=Rose]");
        menu.waitFor();
        double[] eye = hand.eye("v2");
        page.keyboard().press("Enter");
        hand.idle();
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(page.locator("[data-notice]").allTextContents().toString()).doesNotContain("Home");
        hand.move(Hand.num(r, "x") + 60, Hand.num(r, "y") + 60);
        page.keyboard().press("ArrowRight");
        hand.idle();
        assertThat(Hand.distance(hand.eye("v2"), eye))
                .as("arrow keys are the viewport's again")
                .isPositive();
    }

    @Drawn
    @Test
    void aLostGraphicsContextComesBackAtOnce() {
        hand.over("v2");
        byte[] before = page.locator("[data-stage] > canvas").screenshot();
        lose();
        restore();
        shows(before);
    }

    /** The hand goes on while the picture is away, and afterwards the picture is where the hand has gone. */
    @Drawn
    @Test
    void aContextLostInMidDragComesBackWhereTheDragIs() {
        hand.over("v2").down(MouseButton.RIGHT).by(30, 8);
        lose();
        double[] eye = hand.eye("v2");
        hand.by(60, 10);
        assertThat(Hand.distance(hand.eye("v2"), eye)).isPositive();
        restore();
        hand.by(40, -6).up(MouseButton.RIGHT);
        hand.idle();
        byte[] after = page.locator("[data-stage] > canvas").screenshot();
        // Drawn by a page that never lost anything.
        page.locator("[data-save-state]:text-is('saved')").waitFor();
        page.reload();
        hand = Hand.ready(page);
        hand.over("v2");
        shows(after);
        hand.over("v2", 0.3, 0.6).key("h");
        hand.idle();
    }

    private void lose() {
        page.evaluate(
                """
                () => {
                  const gl = document.querySelector('[data-stage] canvas').getContext('webgl2');
                  window.lost = gl.getExtension('WEBGL_lose_context');
                  window.lost.loseContext();
                }""");
        page.waitForFunction(
                "() => document.querySelector('[data-stage] canvas').getContext('webgl2').isContextLost()");
    }

    private void restore() {
        page.evaluate("() => new Promise(r => setTimeout(r, 50)).then(() => window.lost.restoreContext())");
        page.waitForFunction(
                "() => !document.querySelector('[data-stage] canvas').getContext('webgl2').isContextLost()");
    }

    private void shows(byte[] picture) {
        page.waitForCondition(() -> {
            hand.idle();
            return Pixels.different(
                            picture, page.locator("[data-stage] > canvas").screenshot())
                    < 0.01;
        });
    }

    @Test
    void keysAreListedDownwardsAndAllCanBeReached() {
        hand.press("header [data-command='app.keys']");
        Locator list = page.locator("[aria-label='All keys']");
        list.waitFor();
        assertThat(page.evaluate("(e) => e.scrollWidth - e.clientWidth", list.elementHandle()))
                .isEqualTo(0);
        Locator last = page.locator("[data-binding]").last();
        last.scrollIntoViewIfNeeded();
        assertThat(last.isVisible()).isTrue();
        var box = last.boundingBox();
        var of = list.boundingBox();
        assertThat(box.y + box.height).isLessThanOrEqualTo(of.y + of.height + 1);
        assertThat(box.x + box.width).isLessThanOrEqualTo(of.x + of.width + 1);
    }

    @Test
    void longNamesTakeOneLineAndNumbersAreWhole() {
        String name = "tide ".repeat(40).strip();
        hand.toScenes();
        page.setInputFiles(
                Browser.SCENE_FILES,
                SmallScenes.upload(
                        "long.gltf",
                        new String(SmallScenes.boxes()).replace("Slab", name).getBytes()));
        page.waitForURL("**/scenes/*");
        hand = Hand.ready(page);
        page.locator("[data-drawer=scene] .row").first().click();
        hand.idle();
        var title = page.locator("[data-selected] h2");
        assertThat(title.boundingBox().height).isLessThan(30);
        assertThat(title.getAttribute("title")).isEqualTo(name);
        hand.over("v2");
        assertThat(
                        page.evaluate(
                                "() => [...document.querySelectorAll('input.numbers')].filter(i => i.scrollWidth > i.clientWidth).map(i => i.value)"))
                .isEqualTo(List.of());
    }

    // ---- for everybody ---------------------------------------------------------------------------------------------

    @Test
    void landmarksHeadingsAndNamesAreInOrder() {
        ordered("stage");
        hand.press("header [data-command='app.keys']");
        page.locator("[data-binding]").first().waitFor();
        ordered("keys");
        page.keyboard().press("Escape");
        hand.toScenes();
        page.locator("main li").first().waitFor();
        ordered("scenes");
        assertThat(page.locator("[data-account]").getAttribute("aria-label")).startsWith(account);
    }

    private void ordered(String screen) {
        var wrong = new AxeBuilder(page)
                .withRules(List.of(
                        "page-has-heading-one",
                        "landmark-no-duplicate-banner",
                        "landmark-one-main",
                        "label-content-name-mismatch"))
                .analyze()
                .getViolations();
        assertThat(wrong.stream()
                        .map(r -> r.getId() + ": "
                                + r.getNodes().stream().map(n -> n.getHtml()).toList()))
                .as(screen)
                .isEmpty();
    }

    @Test
    void theSignInPageLeavesTheConsoleEmpty() {
        List<String> said = new ArrayList<>();
        Page door = Browser.page(ColorScheme.DARK, new ArrayList<>());
        door.onConsoleMessage(m -> said.add(m.type() + " " + m.text()));
        door.navigate("/sign-in");
        door.locator("#name").waitFor();
        door.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        assertThat(said).isEmpty();
        Browser.close(door);
    }
}
