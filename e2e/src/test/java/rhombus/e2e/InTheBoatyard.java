package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
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
        Browser.signIn(page, "demo", "saltmarsh");
        hand = Hand.open(page, "Saltmarsh Boatyard");
    }

    @AfterAll
    void close() {
        Browser.close(hand.page);
        assertThat(failures).isEmpty();
    }
}
