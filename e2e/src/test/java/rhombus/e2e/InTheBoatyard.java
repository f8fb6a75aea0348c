package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;

/** Tests that share one page with the boatyard open; no script may fail in it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class InTheBoatyard {
    private final List<String> failures = new ArrayList<>();
    Hand hand;

    @BeforeAll
    void open() {
        var page = Browser.page(ColorScheme.DARK, failures);
        Browser.enter(page, "demo", "saltmarsh");
        hand = Hand.open(page, "Saltmarsh Boatyard");
        // Another class may have left the scene seen from anywhere.
        for (String view : List.of("v1", "v2", "v3", "v4")) {
            if (page.locator("[data-viewport=" + view + "]").count() > 0) {
                hand.over(view, 0.3, 0.6).key("h");
            }
        }
    }

    /** One failure is one: the next test finds a free hand. */
    @AfterEach
    void letGo() {
        hand.letGo();
    }

    @AfterAll
    void close() {
        Browser.close(hand.page);
        assertThat(failures).isEmpty();
    }
}
