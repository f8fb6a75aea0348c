package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import rhombus.server.RunningServer;

/** Tests with an account and a small scene of their own each, so that none finds what another left. */
abstract class OfTheirOwn {
    private static int accounts;

    final List<String> failures = new ArrayList<>();
    String account;
    Page page;
    Hand hand;

    @BeforeEach
    void open() {
        account = "hand " + ++accounts;
        RunningServer.get().account(account);
        page = Browser.page(ColorScheme.DARK, failures);
        hand = Browser.bring(page, account, scene());
    }

    /** The scene that is open when a test begins. */
    FilePayload scene() {
        return SmallScenes.upload("boxes.gltf", SmallScenes.boxes());
    }

    @AfterEach
    void close() {
        Browser.close(page);
        assertThat(failures).isEmpty();
    }

    @SuppressWarnings("unchecked")
    List<Map<String, Object>> views() {
        return (List<Map<String, Object>>) hand.ask("views().filter(v => v.shown)", null);
    }

    /** Everything of a viewport but where on the page it is and whether it is worked in. */
    Map<String, Object> seen(String view) {
        return Hand.map(hand.ask(
                """
                views().filter(v => v.id === a).map(v => ({...v, rect: null, active: null, shown: null, number: null, key: null}))[0]""",
                view));
    }

    double[] rect(String view) {
        Map<String, Object> r = Hand.map(hand.view(view).get("rect"));
        return new double[] {Hand.num(r, "x"), Hand.num(r, "y"), Hand.num(r, "width"), Hand.num(r, "height")};
    }

    /** The names of the tabs from left to right. */
    List<String> tabs() {
        return page.locator("[data-board]").allTextContents().stream()
                .map(String::strip)
                .toList();
    }

    void board(String id) {
        hand.press("[data-board=" + id + "]");
    }

    /** Something in the menu of the board. */
    void menu(String selector) {
        hand.choose("[data-board-menu]", selector);
    }

    /** Something in a menu of a viewport's Plate. */
    void plate(String view, String chip, String selector) {
        Hand.noMenu(page);
        hand.press("[data-viewport=" + view + "] [data-plate] [aria-label^='" + chip + "']");
        hand.press(":is(li, [role^=menuitem], .chooser button)" + selector + ":visible");
        // While it fades away the keyboard is still its own.
        Hand.still(page);
    }

    /** A view as 16 numbers would be: what must be the same to the bit. */
    Object poses() {
        return hand.ask(
                "views().map(v => [v.id, v.eye, v.forward, v.up, v.fovY, v.extent, v.focusDistance, v.display])", null);
    }

    void saved() {
        page.locator("[data-save-state]:text-is('saved')").waitFor();
        hand.idle();
    }

    /** What a browser's save dialog would get. */
    Download download(Runnable action) {
        return page.waitForDownload(action);
    }
}
