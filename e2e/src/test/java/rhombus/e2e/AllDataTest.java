package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Everything of an account taken home as a file, and brought back. */
class AllDataTest extends OfTheirOwn {
    @Test
    void allIsSavedAsAFileAndComesBackBesideWhatIsThere() throws IOException {
        hand.over("v2").key("Shift+P");
        page.locator("[data-pin]").waitFor();
        page.evaluate("() => window.rhombus.idle()");
        page.navigate("/account");
        Download file =
                page.waitForDownload(() -> page.locator("[data-save-all]").click());
        assertThat(file.suggestedFilename()).contains(account).endsWith(".zip");
        Path zip = Files.createTempFile("all", ".zip");
        file.saveAs(zip);
        bring(new FilePayload("all.zip", "application/zip", Files.readAllBytes(zip)));
        page.locator("[data-came-back]:has-text('1 scene')").waitFor();
        page.navigate("/scenes");
        page.waitForCondition(() -> page.locator("[data-scene]").count() == 2);
        page.locator("[data-scene] a").first().click();
        hand = Hand.ready(page);
        page.locator("[data-pin]").waitFor();
        page.navigate("/account");
        bring(new FilePayload("poem.zip", "application/zip", "The tide goes out".getBytes()));
        page.locator("[data-all-data] [role=alert]:has-text('Save everything')").waitFor();
        Files.delete(zip);
    }

    private void bring(FilePayload file) {
        page.setInputFiles("[aria-label='File with all data']", file);
    }
}
