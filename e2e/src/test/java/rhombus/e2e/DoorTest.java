package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** Signing in and out. */
class DoorTest {
    @Test
    void wrongPasswordsAreToldAndSigningOutEndsTheSession() {
        Page page = Browser.page();
        page.navigate("/scenes");
        page.waitForURL("**/sign-in**");
        page.fill("#name", "ansel");
        page.fill("#password", "wrong");
        page.keyboard().press("Enter");
        page.locator("[role=alert]:has-text('Name or password is wrong')").waitFor();
        Browser.signIn(page, "ansel", "tide-and-timber");
        page.locator("[data-account]").click();
        page.locator("text=Sign out").click();
        page.waitForURL("**/sign-in**");
        page.navigate("/scenes");
        page.waitForURL("**/sign-in**");
        assertThat(page.locator("#name").isVisible()).isTrue();
        Browser.close(page);
    }
}
