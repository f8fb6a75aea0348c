package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

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
        Browser.signInByForm(page, "ansel", "tide-and-timber");
        Hand.choose(page, "[data-account]", ">> text=Sign out");
        page.waitForURL("**/sign-in**");
        page.navigate("/scenes");
        page.waitForURL("**/sign-in**");
        assertThat(page.locator("#name").isVisible()).isTrue();
        Browser.close(page);
    }

    @Test
    void anAccountIsLookedAfterByItsOwnerAndDeletedForGood() {
        RunningServer.get().account("keeper");
        Page page = Browser.page();
        Page elsewhere = Browser.page();
        Browser.signIn(elsewhere, "keeper", "tide-and-timber");
        Browser.signIn(page, "keeper", "tide-and-timber");
        Hand.choose(page, "[data-account]", ">> text=Account");
        page.waitForURL("**/account");
        page.waitForFunction("() => document.querySelectorAll('[data-places] li').length === 2");
        page.click("text=Sign out there");
        page.locator("[data-places] [role=status]:has-text('Signed out there')").waitFor();
        assertThat(page.locator("[data-places] li").count()).isEqualTo(1);
        elsewhere.navigate("/scenes");
        elsewhere.waitForURL("**/sign-in**");
        page.fill("#account-name", "warden");
        page.fill("#name-password", "not my password");
        page.keyboard().press("Enter");
        page.locator("[data-change-name] [role=alert]:has-text('password is wrong')")
                .waitFor();
        page.fill("#name-password", "tide-and-timber");
        page.keyboard().press("Enter");
        page.locator("[data-change-name] [role=status]:has-text('sign in as warden')")
                .waitFor();
        assertThat(page.locator("[data-account]").textContent()).isEqualTo("warden");
        page.fill("#old-password", "tide-and-timber");
        page.fill("#new-password", "oak-and-elm");
        page.keyboard().press("Enter");
        page.locator("[data-change-password] [role=status]:has-text('is changed')")
                .waitFor();
        Browser.signIn(elsewhere, "warden", "oak-and-elm");
        page.click("text=Delete the account …");
        page.fill("#remove-password", "oak-and-elm");
        page.click("text=Delete everything");
        page.waitForURL("**/sign-in");
        elsewhere.navigate("/scenes");
        elsewhere.waitForURL("**/sign-in**");
        page.fill("#name", "warden");
        page.fill("#password", "oak-and-elm");
        page.keyboard().press("Enter");
        page.locator("[role=alert]:has-text('Name or password is wrong')").waitFor();
        Browser.close(elsewhere);
        Browser.close(page);
    }
}
