package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.num;

import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Selecting, framing, pivoting and changing things with real events; each test in a scene of its own. */
class EditingTest extends OfTheirOwn {
    private String id(String name) {
        return (String) hand.ask("scene().objects.find(o => o.name === a).id", name);
    }

    private Map<String, Object> object(String name) {
        return map(hand.ask("scene().objects.find(o => o.name === a)", name));
    }

    @SuppressWarnings("unchecked")
    private List<String> names() {
        return (List<String>) hand.ask("scene().objects.map(o => o.name)", null);
    }

    private BoundingBox box(String selector) {
        return page.locator(selector).first().boundingBox();
    }

    private void at(String selector) {
        BoundingBox b = box(selector);
        hand.move(b.x + b.width / 2, b.y + b.height / 2);
    }

    private String row(String name) {
        return "[data-drawer=scene] [role=treeitem][data-object='" + id(name) + "']";
    }

    // ---- selecting
    // -----------------------------------------------------------------------------------------------------

    @Test
    void aMarqueeTakesAndEscapeTakesItBack() {
        double[] r = rect("v2");
        hand.move(r[0] + 5, r[1] + 5).down(MouseButton.LEFT).by(r[2] - 40, r[3] - 60);
        page.locator("[data-marquee]").waitFor();
        hand.idle();
        assertThat(hand.selection()).hasSize(3);
        page.keyboard().press("Escape");
        hand.up(MouseButton.LEFT);
        assertThat(hand.selection()).isEmpty();
        hand.move(r[0] + 5, r[1] + 5).drag(MouseButton.LEFT, r[2] - 40, r[3] - 60);
        assertThat(hand.selection()).hasSize(3);
    }

    @Test
    void theListUnderThePointerShowsAndSelects() {
        hand.press(row("Tall box"));
        hand.over("v3").key("f");
        Map<String, Object> s = hand.project("v3", hand.middle("Tall box"));
        hand.move(num(s, "x") + 3, num(s, "y") + 3);
        page.mouse()
                .click(
                        num(s, "x") + 3,
                        num(s, "y") + 3,
                        new com.microsoft.playwright.Mouse.ClickOptions().setButton(MouseButton.RIGHT));
        page.locator("[data-through] [role=menuitem]").first().waitFor();
        int count = page.locator("[data-through] [role=menuitem]").count();
        page.keyboard().press("ArrowUp");
        String last =
                page.locator("[data-through] [role=menuitem]").nth(count - 1).getAttribute("data-object");
        assertThat(page.locator("[data-hover]").count())
                .as("the list shows what it would take")
                .isPositive();
        page.keyboard().press("Enter");
        hand.idle();
        assertThat(hand.selection()).isEqualTo(List.<Object>of(last));
    }

    @Test
    void theTreeSearchesSelectsRangesRenamesAndRegroups() {
        page.fill("[data-search]", "box");
        page.locator(row("Far box")).waitFor();
        assertThat(page.locator("[role=treeitem]").count()).isEqualTo(3);
        hand.press(row("Red box"));
        page.keyboard().down("Shift");
        hand.press(row("Far box"));
        page.keyboard().up("Shift");
        assertThat(hand.selection()).isEqualTo(List.of(id("Red box"), id("Tall box"), id("Far box")));
        page.fill("[data-search]", "");
        hand.press(row("Red box"));
        hand.key("t");
        hand.key("Enter");
        assertThat(hand.selection()).as("a typed letter goes to the next name").isEqualTo(List.of(id("Tall box")));
        hand.key("F2");
        page.locator("[aria-label='New name']").fill("Tower");
        hand.key("Enter");
        assertThat(names()).contains("Tower").doesNotContain("Tall box");
        at(row("Red box"));
        BoundingBox to = box(row("Tower"));
        hand.down(MouseButton.LEFT);
        page.mouse().move(to.x + 40, to.y + 6, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        hand.up(MouseButton.LEFT);
        assertThat(object("Red box")).containsEntry("parent", id("Tower"));
        hand.over("v2").key("Control+z");
        assertThat(object("Red box").get("parent")).isNull();
    }

    @Test
    void onePressSweepsOverManySwitches() {
        at(row("Red box") + " [data-switch=eye]");
        hand.down(MouseButton.LEFT);
        at(row("Tall box") + " [data-switch=eye]");
        at(row("Far box") + " [data-switch=eye]");
        hand.up(MouseButton.LEFT);
        assertThat(List.of(
                        object("Red box").get("shown"),
                        object("Tall box").get("shown"),
                        object("Far box").get("shown")))
                .containsExactly(false, false, false);
        hand.press("[data-command='edit.undo']");
        assertThat(List.of(
                        object("Red box").get("shown"),
                        object("Tall box").get("shown"),
                        object("Far box").get("shown")))
                .containsExactly(true, true, true);
    }

    @Test
    void layersSwitchAndLockWhatLiesOnThem() {
        hand.press(row("Red box"));
        hand.press("[data-command='layer.add']");
        assertThat(object("Red box").get("layer")).isNotNull();
        hand.press("[data-layer] [data-switch=eye]");
        assertThat(object("Red box")).containsEntry("shown", false).containsEntry("visible", true);
        hand.press("[data-layer] [data-switch=eye]");
        hand.press("[data-layer] [data-switch=lock]");
        hand.press(row("Far box"));
        hand.clickOn("v2", hand.middle("Red box"));
        assertThat(hand.selection().contains(id("Red box"))).isFalse();
    }

    // ---- not getting lost
    // ----------------------------------------------------------------------------------------------

    @Test
    void theBeaconLeadsBackToTheSelectionAndAnEmptyViewportSaysSo() {
        hand.press(row("Far box"));
        page.locator("[data-field='view.set/x']").fill("60");
        page.keyboard().press("Enter");
        hand.idle();
        String active = (String) hand.ask("views().find(v => v.active).id", null);
        String frame = "[data-viewport=" + active + "] ";
        assertThat(page.locator(frame + "[data-beacon]").textContent()).contains("Far box");
        assertThat(page.locator(frame + "[data-empty]").textContent()).contains("Nothing is in view");
        // The words are in nobody's way: keys and clicks in the middle are still the viewport's.
        Object away = hand.ask("views().find(v => v.id === a).eye", active);
        hand.over(active).key("ArrowLeft");
        assertThat(hand.ask("views().find(v => v.id === a).eye", active)).isNotEqualTo(away);
        hand.key("ArrowRight");
        hand.press(frame + "[data-beacon]");
        assertThat(page.locator(frame + "[data-beacon]").count()).isZero();
        assertThat(page.locator(frame + "[data-empty]").count()).isZero();
        Map<String, Object> s = hand.project(active, hand.middle("Far box"));
        assertThat(s).containsEntry("visible", true);
    }

    @Test
    void theLadderIsChosenAndItsSentenceSaysWhy() {
        hand.press(row("Far box"));
        hand.over("v2", 0.1, 0.1);
        page.locator("[data-ladder-open]").click();
        page.locator("[aria-label='Preset of the ladder']").selectOption("the world");
        hand.idle();
        hand.over("v2", 0.1, 0.1);
        assertThat(page.locator("[data-pivot-reason]").textContent()).startsWith("The world origin");
        page.locator("[aria-label='Preset of the ladder']").selectOption("my selection");
        hand.over("v2", 0.1, 0.1);
        assertThat(page.locator("[data-pivot-reason]").textContent()).contains("selected objects: Far box");
        double[] middle = hand.middle("Far box");
        Map<String, Object> before = hand.project("v2", middle);
        hand.drag(MouseButton.RIGHT, 50, 10);
        Map<String, Object> after = hand.project("v2", middle);
        assertThat(num(after, "x")).as("what is turned about stays").isCloseTo(num(before, "x"), within(0.5));
        page.locator("[data-rung=selection]").uncheck();
        hand.over("v2", 0.1, 0.1);
        assertThat(page.locator("[data-pivot-reason]").textContent()).doesNotContain("selected objects");
        saved();
        page.reload();
        hand = Hand.ready(page);
        assertThat(map(map(hand.ask("habits()", null)).get("values"))).containsKey("pivot.ladder");
    }

    // ---- changing things
    // -----------------------------------------------------------------------------------------------

    @Test
    void handlesTurnTypedNumbersPlaceAndTheHistoryLeadsBack() {
        hand.press(row("Tall box"));
        hand.over("v1").key("t");
        double[] r = rect("v1");
        double[] ring = hand.handle("v1", "y");
        double[] before = hand.middle("Tall box");
        // The ring as it is drawn, a quarter of it along.
        int quarter = ring.length / 8 * 2;
        hand.move(r[0] + ring[0], r[1] + ring[1])
                .drag(MouseButton.LEFT, ring[quarter] - ring[0], ring[quarter + 1] - ring[1]);
        assertThat(page.inputValue("[data-field='edit.turn/y']")).isNotEqualTo("0°");
        assertThat(Hand.distance(hand.middle("Tall box"), before)).isLessThan(1e-6);
        page.locator("[data-field='edit.place/x']").fill("1 m + 20 cm");
        page.keyboard().press("Enter");
        hand.idle();
        assertThat(hand.middle("Tall box")[0]).isCloseTo(1.2, within(1e-6));
        page.locator("[data-field='edit.place/x']").fill("7 parsec");
        page.keyboard().press("Enter");
        hand.idle();
        assertThat(page.locator("[data-notice]").last().textContent()).contains("parsec");
        assertThat(hand.middle("Tall box")[0]).isCloseTo(1.2, within(1e-6));
        Object poses = poses();
        hand.choose("[data-history]", "[data-step='0']");
        assertThat(hand.middle("Tall box")).containsExactly(before);
        assertThat(poses()).as("undo never moves a view").isEqualTo(poses);
    }

    @Test
    void theToolStaysWhileOneNavigatesAndSnapsToVertices() {
        hand.press(row("Far box"));
        hand.over("v2").key("m");
        hand.over("v2", 0.08, 0.1).drag(MouseButton.RIGHT, 40, 10);
        assertThat(page.locator("[data-viewport=v2] [data-handle]").count()).isPositive();
        hand.press("[data-tools] [data-command='tool.none']");
        assertThat(page.locator("[data-handle]").count()).isZero();
        hand.over("v2").key("j");
        page.locator("[data-command='tool.snap']").selectOption("vertex");
        double[] corner = {2.5, 1.5, 0.5};
        Map<String, Object> s = hand.project("v2", corner);
        double[] r = rect("v2");
        double[] g = hand.handle("v2", "view");
        hand.move(r[0] + (g[2] + g[6]) / 2, r[1] + (g[1] + g[5]) / 2);
        page.keyboard().down("Shift");
        hand.down(MouseButton.LEFT);
        page.mouse()
                .move(num(s, "x") + 2, num(s, "y") - 2, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        hand.up(MouseButton.LEFT);
        page.keyboard().up("Shift");
        assertThat(Hand.distance(hand.middle("Far box"), corner)).isLessThan(1e-5);
    }

    @Test
    void whatIsAddedCanBeShapedOutlivesAReloadAndIsUndoneAfterwards() {
        hand.choose("[data-add]", "[data-thing=Cylinder]");
        assertThat(names()).contains("Cylinder");
        page.locator("[data-field='edit.shape/height']").fill("2 ft");
        page.keyboard().press("Enter");
        hand.idle();
        hand.press(row("Red box"));
        hand.over("v2").key("Shift+M");
        assertThat(names()).hasSize(6);
        hand.key("i");
        saved();
        Object before = hand.ask("scene().objects", null);
        page.reload();
        hand = Hand.ready(page);
        assertThat(hand.ask("scene().objects", null)).isEqualTo(before);
        for (int i = 0; i < 4; i++) {
            hand.press("[data-command='edit.undo']");
        }
        assertThat(names()).hasSize(4);
        assertThat(page.locator("[data-command='edit.undo']").isDisabled()).isTrue();
        for (int i = 0; i < 4; i++) {
            hand.press("[data-command='edit.redo']");
        }
        assertThat(hand.ask("scene().objects", null)).isEqualTo(before);
    }

    /** Far down in the tree when a search leaves less: the keyboard is not lost below its end. */
    @Test
    void theKeyboardGoesOnInWhatASearchLeavesOfTheTree() {
        page.locator("[role=tree]").focus();
        hand.key("End").key("Enter");
        assertThat(hand.selection()).hasSize(1);
        page.locator("[data-search]").fill("slab");
        page.waitForFunction("() => document.querySelectorAll('[role=treeitem]').length === 1");
        page.locator("[role=tree]").focus();
        hand.key("ArrowDown").key("Enter");
        assertThat(hand.selection()).isEqualTo(List.of(object("Slab").get("id")));
        page.locator("[data-search]").fill("");
    }

    @Test
    void whatAKeyAddsStandsOnTheSurfaceUnderThePointer() {
        Map<String, Object> top = hand.project("v2", new double[] {2, 1.5, 0});
        hand.move(num(top, "x"), num(top, "y"));
        hand.key("Alt+m");
        page.locator("[data-thing=Box]:visible").click();
        hand.idle();
        double[] low = Hand.point(map(object("Box").get("bounds")).get("min"));
        assertThat(low[1]).isCloseTo(1.5, within(0.01));
        assertThat(page.locator("[data-own-pivot]").count())
                .as("its pivot point shows")
                .isPositive();
        page.locator("[data-field='object.pivot/y']").fill("0");
        page.keyboard().press("Enter");
        hand.idle();
        assertThat(Hand.point(map(object("Box").get("bounds")).get("min"))).containsExactly(low);
        assertThat(page.inputValue("[data-field='object.pivot/y']")).isEqualTo("0");
    }

    @Test
    void aVersionIsKeptAndComesBack() {
        hand.press(row("Red box"));
        page.locator("[data-field='edit.place/x']").fill("3");
        page.keyboard().press("Enter");
        hand.idle();
        hand.choose("[data-history]", "[data-command='app.versions']");
        page.locator("[aria-label='Name of the version']").fill("Moved <b>aside</b>");
        page.locator("[data-keep-version]").click();
        page.locator("[data-version] .name:text-is('Moved <b>aside</b>')").waitFor();
        page.keyboard().press("Escape");
        page.locator("[data-versions]")
                .waitFor(new com.microsoft.playwright.Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        hand.over("v2").key("Delete");
        assertThat(names()).doesNotContain("Red box");
        hand.choose("[data-history]", "[data-command='app.versions']");
        page.locator("[data-version] button:has-text('Go back to it')").first().click();
        // The version has to come from the server first.
        page.waitForFunction("() => window.rhombus.scene().objects.some(o => o.name === 'Red box')");
        hand.idle();
        assertThat(hand.middle("Red box")[0]).isCloseTo(3, within(1e-6));
        hand.press("[data-command='edit.undo']");
        assertThat(names()).doesNotContain("Red box");
    }

    @Test
    void verticesAreSelectedAndTurnedAbout() {
        page.locator("[data-command='select.components']").selectOption("vertex");
        double[] corner = {2.5, 1.5, 0.5};
        Map<String, Object> s = hand.project("v2", corner);
        Map<String, Object> m = hand.project("v2", hand.middle("Tall box"));
        // A little inside the object, where the corner is the nearest one.
        hand.move(num(s, "x") * 0.9 + num(m, "x") * 0.1, num(s, "y") * 0.9 + num(m, "y") * 0.1)
                .click();
        assertThat(page.locator("[data-viewport=v2] .part.dot").count()).isEqualTo(1);
        hand.move(5, 400);
        hand.idle();
        assertThat(map(hand.ask("pivot('v2')", null))).containsEntry("rung", "components");
        assertThat(Hand.distance(Hand.point(map(hand.ask("pivot('v2')", null)).get("point")), corner))
                .isLessThan(1e-5);
    }
}
