package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.point;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.MouseButton;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Rose;
import rhombus.core.view.StandardDirection;

/** The chart of directions, as a hand uses it: hovered, clicked, dragged, rolled, and reached by keyboard. */
class RoseTest extends InTheBoatyard {
    /** From the middle to the rim, and to the middle of a corner, pixels. */
    private static final double RADIUS = 36;

    private static final double CORNER = 54;

    @BeforeEach
    void home() {
        hand.page.keyboard().press("Escape");
        hand.over("v2").key("h");
    }

    private BoundingBox box() {
        return hand.page.locator("[data-viewport=v2] [data-rose]").boundingBox();
    }

    private Hand on(double dx, double dy) {
        BoundingBox box = box();
        hand.move(box.x + box.width / 2 + dx, box.y + box.height / 2 + dy);
        hand.idle();
        return hand;
    }

    private static Vec3 vector(Object p) {
        double[] v = point(p);
        return new Vec3(v[0], v[1], v[2]);
    }

    private Rose chart() {
        Map<String, Object> v = hand.view("v2");
        Vec3 forward = vector(v.get("forward"));
        Vec3 up = vector(v.get("up"));
        return new Rose(Quat.ofBasis(forward.cross(up), up, forward.negated()), UpAxis.Y);
    }

    private String words() {
        return hand.page.locator("[data-viewport=v2] .rose-words").textContent();
    }

    /** Each of the 26 directions, clicked once from a pose as a hand leaves it, also where it lies behind. */
    @Test
    void everyDirectionIsClickedFromSomePoseAndLookedFromThen() {
        Random random = new Random(1395);
        for (StandardDirection s : StandardDirection.all()) {
            Rose.Spot target;
            do {
                on(3, 5).drag(MouseButton.LEFT, random.nextInt(60) - 30, random.nextInt(50) - 25);
                on(0.93 * RADIUS, 0).drag(MouseButton.LEFT, 0, random.nextInt(50) - 25);
                target = chart().spots().stream()
                        .filter(x -> x.direction().equals(s))
                        .findFirst()
                        .orElseThrow();
            } while (crowded(target));
            on(target.x() * RADIUS, target.y() * RADIUS);
            assertThat(words()).isEqualTo(s.words());
            hand.click();
            Vec3 eye = vector(hand.view("v2").get("forward")).negated();
            assertThat(eye.distance(s.towardsEye(UpAxis.Y))).as(s.words()).isLessThan(1e-9);
        }
        assertThat(hand.selection()).isEmpty();
        assertThat(hand.view("v2").get("projection")).isEqualTo("perspective");
    }

    /** Whether a pointer, which stands on whole pixels, cannot tell a direction from its neighbour. */
    private boolean crowded(Rose.Spot target) {
        return chart().spots().stream()
                        .filter(o -> Math.hypot(o.x() - target.x(), o.y() - target.y()) * RADIUS < 3)
                        .count()
                > 1;
    }

    @Test
    void itsCornersGoHomeAndOppositeAndDragPanAndDolly() {
        double[] home = hand.eye("v2");
        double[] forward = point(hand.view("v2").get("forward"));
        on(0, CORNER);
        assertThat(words()).isEqualTo("Opposite side");
        hand.click();
        double[] back = point(hand.view("v2").get("forward"));
        assertThat(back[0]).isCloseTo(-forward[0], within(1e-9));
        on(0, -CORNER).click();
        assertThat(hand.eye("v2")).containsExactly(home);
        on(-CORNER, 0).drag(MouseButton.LEFT, 40, 0);
        assertThat(point(hand.view("v2").get("forward"))).containsExactly(forward);
        assertThat(distance(hand.eye("v2"), home)).isGreaterThan(0.5);
        on(0, -CORNER).click();
        on(CORNER, 0).drag(MouseButton.LEFT, 0, -40);
        assertThat(distance(hand.eye("v2"), home)).isGreaterThan(0.5);
        // Without dragging: a click takes the motion up, another puts it down.
        on(0, -CORNER).click();
        on(-CORNER, 0).click();
        hand.by(-50, 0);
        double[] panned = hand.eye("v2");
        assertThat(distance(panned, home)).isGreaterThan(0.5);
        hand.click();
        hand.by(-60, 30);
        assertThat(hand.eye("v2")).containsExactly(panned);
        assertThat(hand.selection()).isEmpty();
    }

    @Test
    void aDragOrbitsARimRollsAndEscapeTakesItBack() {
        double[] home = hand.eye("v2");
        on(4, 3).drag(MouseButton.LEFT, -RADIUS, 0);
        assertThat(distance(hand.eye("v2"), home)).isGreaterThan(1);
        on(0, -CORNER).click();
        on(0.94 * RADIUS, 0).drag(MouseButton.LEFT, 0, 20);
        assertThat((String) hand.view("v2").get("lens")).contains("roll");
        assertThat(hand.eye("v2")).containsExactly(home);
        on(0, -CORNER).click();
        on(4, 3).down(MouseButton.LEFT).by(25, 10);
        hand.page.keyboard().press("Escape");
        hand.up(MouseButton.LEFT);
        assertThat(hand.eye("v2")).containsExactly(home);
        on(4, 3);
        hand.page.mouse().click(hand.x(), hand.y(), new Mouse.ClickOptions().setButton(MouseButton.RIGHT));
        hand.press("[role=menuitem][data-command='view.toggle-projection']");
        assertThat(hand.view("v2").get("projection")).isEqualTo("orthographic");
        hand.key("p");
    }

    @Test
    void itIsReachedByKeyboardAndSaysItsDirections() {
        Locator rose = hand.page.locator("[data-viewport=v2] [data-rose]");
        rose.focus();
        assertThat(rose.getAttribute("role")).isEqualTo("listbox");
        assertThat(rose.locator("[role=option]").count()).isEqualTo(26);
        hand.key("ArrowUp");
        String chosen = rose.getAttribute("aria-activedescendant");
        String name = hand.page.locator("#" + chosen).textContent();
        assertThat(name.toLowerCase()).contains("top");
        hand.key("Enter");
        assertThat(rose.locator("[aria-selected=true]").textContent()).isEqualTo(name);
        hand.page.evaluate("() => document.activeElement.blur()");
    }

    /** It draws in the colours that are set, and is gone where it is switched off. */
    @Test
    void itsColoursAreSetInHabitsAndItCanBeSwitchedOff() {
        long[] usual = colours();
        hand.habit("shown.axis-colours", "Orange, sky blue, violet");
        long[] clear = colours();
        assertThat(clear[0]).as("red and green are gone").isLessThan(usual[0] / 4);
        assertThat(clear[1]).as("sky blue is there").isGreaterThan(usual[1] + 20);
        hand.habit("shown.axis-colours", null);
        assertThat(colours()[0]).as("green again").isGreaterThan(usual[0] / 2);
        hand.habit("shown.rose", "off");
        assertThat(hand.page.locator("[data-rose]").count()).isZero();
        hand.habit("shown.rose", null);
        assertThat(hand.page.locator("[data-rose]").count()).isEqualTo(4);
    }

    /** How many pixels of the Rose are green, and how many sky blue. */
    private long[] colours() {
        hand.over("v2").idle();
        Object counts = hand.page.evaluate(
                """
                () => {
                  const c = document.querySelector('[data-viewport=v2] canvas.rose');
                  const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
                  let green = 0, sky = 0;
                  for (let i = 0; i < d.length; i += 4) {
                    if (d[i + 1] > d[i] + 50 && d[i + 1] > d[i + 2] + 50) green++;
                    if (d[i + 2] > 200 && d[i + 1] > 150 && d[i] < 120) sky++;
                  }
                  return [green, sky];
                }""");
        return ((java.util.List<?>) counts)
                .stream().mapToLong(n -> ((Number) n).longValue()).toArray();
    }
}
