package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.num;
import static rhombus.e2e.Hand.point;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Every way of moving, in the running application: keys, buttons, wheel, fingers, pen, Pad and walking. */
class WaysOfMovingTest extends InTheBoatyard {
    @BeforeEach
    void home() {
        hand.page.keyboard().press("Escape");
        for (String v : List.of("v2", "v3")) {
            hand.over(v).key("h");
        }
        hand.key("Shift+K").over("v2", 0.5, 0.62);
    }

    private double[] forward(String v) {
        return point(hand.view(v).get("forward"));
    }

    private Map<String, Object> rect(String v) {
        return map(hand.view(v).get("rect"));
    }

    // ---- directions
    // --------------------------------------------------------------------------------------------------

    @Test
    void keysChooseDirectionsStepRollAndChangeTheProjection() {
        hand.key("x");
        assertThat(hand.view("v2")).containsEntry("direction", "right").containsEntry("projection", "perspective");
        hand.key("o");
        assertThat(hand.view("v2").get("direction")).isEqualTo("left");
        hand.key("Shift+Y");
        assertThat(hand.view("v2").get("direction")).isEqualTo("bottom");
        hand.key("z");
        assertThat(hand.view("v2").get("direction")).isEqualTo("front");
        double size =
                num(hand.view("v2"), "focusDistance") * 2 * Math.tan(Math.toRadians(num(hand.view("v2"), "fovY")) / 2);
        hand.key("p");
        assertThat(num(hand.view("v2"), "extent")).isCloseTo(size, within(1e-9 * size));
        hand.key("Alt+ArrowRight");
        assertThat(hand.view("v2").get("direction")).isEqualTo("front");
        assertThat(Math.abs(point(hand.view("v2").get("up"))[0])).isCloseTo(1, within(1e-9));
        hand.key("n").key("ArrowLeft");
        double[] f = forward("v2");
        assertThat(Math.toDegrees(Math.atan2(f[0], -f[2]))).isCloseTo(15, within(1e-6));
    }

    @Test
    void heldAxisViewsRefuseOrbitWithACueAndReleasedOnesSayTheyAreFree() {
        hand.habit("orbit.axis-views", "Hold it");
        hand.over("v3");
        double[] before = hand.eye("v3");
        // The cue goes by itself, before a slow machine has come to look for it: what appears is written down.
        hand.page.evaluate(
                """
                () => {
                  window.cues = 0;
                  const count = () => window.cues += document.querySelectorAll('[data-viewport=v3] [data-refused]').length;
                  new MutationObserver(count).observe(document.body, { childList: true, subtree: true });
                }""");
        hand.down(MouseButton.RIGHT).by(60, 20);
        hand.page.waitForFunction("() => window.cues > 0");
        hand.up(MouseButton.RIGHT);
        assertThat(hand.eye("v3")).containsExactly(before);
        assertThat(map(hand.ask("habits()", null)).get("values")).isEqualTo(Map.of("orbit.axis-views", "hold"));
        hand.page.reload();
        Hand.ready(hand.page);
        assertThat(map(hand.ask("habits()", null)).get("values"))
                .as("kept")
                .isEqualTo(Map.of("orbit.axis-views", "hold"));
        hand.habit("orbit.axis-views", null);
        hand.over("v3").drag(MouseButton.RIGHT, 60, 20);
        assertThat(hand.view("v3").get("title")).isEqualTo("Free flat");
        assertThat(hand.page.locator("[data-viewport=v3] [data-plate]").textContent())
                .contains("Free flat");
    }

    // ---- motions
    // -----------------------------------------------------------------------------------------------------

    @Test
    void lookRollZoomDollyZoomAndCropDoWhatTheirNamesSay() {
        double[] eye = hand.eye("v2");
        double[] f = forward("v2");
        hand.hold("e", 50, 0);
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(distance(forward("v2"), f)).isGreaterThan(0.02);
        hand.key("h").over("v2").hold("r", 60, 0);
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat((String) hand.view("v2").get("lens")).contains("roll");
        hand.key("n").hold("l", 0, -60);
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(num(hand.view("v2"), "fovY")).isLessThan(40);
        hand.key("h");
        double size = num(hand.view("v2"), "focusDistance") * Math.tan(Math.toRadians(47) / 2);
        hand.page.keyboard().down("Shift");
        hand.hold("l", 0, 60);
        hand.page.keyboard().up("Shift");
        double fov = Math.toRadians(num(hand.view("v2"), "fovY"));
        assertThat(fov).isGreaterThan(Math.toRadians(50));
        assertThat(num(hand.view("v2"), "focusDistance") * Math.tan(fov / 2)).isCloseTo(size, within(1e-6));
        hand.key("h").over("v2");
        Map<String, Object> before = hand.project("v2", hand.middle("Hull"));
        hand.hold(".", 40, 20);
        assertThat(hand.eye("v2")).containsExactly(eye);
        Map<String, Object> after = hand.project("v2", hand.middle("Hull"));
        assertThat(num(after, "x") - num(before, "x")).isCloseTo(40, within(1e-6));
        assertThat(map(hand.view("v2").get("crop"))).containsKey("scale");
        hand.key("\\");
        assertThat(hand.view("v2").get("crop")).isNull();
    }

    @Test
    void aTrackballRollsOutsideItsRingAndSnappingHoldsStandardDirections() {
        hand.habit("orbit.style", "Trackball");
        hand.over("v2", 0.1, 0.08).down(MouseButton.RIGHT).by(40, 60);
        assertThat((String) hand.view("v2").get("lens")).contains("roll");
        hand.by(-40, -60);
        assertThat((String) hand.view("v2").get("lens")).isEqualTo("47°");
        hand.up(MouseButton.RIGHT);
        hand.habit("orbit.style", null);
        hand.over("v2", 0.5, 0.62);
        hand.page.keyboard().down("Shift");
        hand.down(MouseButton.RIGHT).by(16, 10).idle();
        for (double d : forward("v2")) {
            assertThat(List.of(0.0, 0.5, 1.0 / 3))
                    .anySatisfy(square -> assertThat(d * d).isCloseTo(square, within(1e-9)));
        }
        hand.up(MouseButton.RIGHT);
        hand.page.keyboard().up("Shift");
    }

    @Test
    void aDoubleClickCentresAtTheSameDistanceAgainAndAgain() {
        for (int i = 0; i < 2; i++) {
            hand.over("v2", 0.46, 0.55);
            double[] p = point(hand.grabbedHere());
            double far = distance(hand.eye("v2"), p);
            hand.page.mouse().dblclick(hand.x(), hand.y());
            hand.idle();
            Map<String, Object> s = hand.project("v2", p);
            assertThat(num(s, "x")).isCloseTo(num(rect("v2"), "x") + num(rect("v2"), "width") / 2, within(0.5));
            assertThat(num(s, "y")).isCloseTo(num(rect("v2"), "y") + num(rect("v2"), "height") / 2, within(0.5));
            assertThat(distance(hand.eye("v2"), p)).isCloseTo(far, within(1e-6));
        }
        hand.key("Shift+K");
    }

    @Test
    void allViewportsDollyAndFrameTogether() {
        double[] before = hand.eye("v2");
        double extent = num(hand.view("v4"), "extent");
        hand.page.keyboard().down("Shift");
        hand.wheel(-100);
        hand.page.keyboard().up("Shift");
        assertThat(distance(hand.eye("v2"), before)).isGreaterThan(0.1);
        assertThat(num(hand.view("v4"), "extent")).isCloseTo(extent * 0.85, within(1e-6 * extent));
        hand.press("[data-drawer=scene] >> text=Hull").over("v2");
        hand.key("Alt+f");
        assertThat(hand.selection()).isNotEmpty();
        assertThat(num(hand.view("v1"), "extent")).isLessThan(extent);
        hand.key("Shift+K");
        for (String v : List.of("v1", "v4")) {
            hand.over(v).key("h");
        }
    }

    // ---- Pad
    // --------------------------------------------------------------------------------------------

    @Test
    void thePadMovesWithOneButtonByKeyAndFromThePlate() {
        double[] before = hand.eye("v2");
        double[] f = forward("v2");
        hand.page.keyboard().down("g");
        hand.idle();
        assertThat(hand.page.locator("[data-viewport=v2] [data-grip]").count()).isEqualTo(9);
        var look = hand.page.locator("[data-grip=look] path").first().boundingBox();
        hand.move(look.x + look.width / 2, look.y + look.height / 2);
        hand.drag(MouseButton.LEFT, 40, 0);
        hand.page.keyboard().up("g");
        hand.idle();
        assertThat(hand.eye("v2")).containsExactly(before);
        assertThat(distance(forward("v2"), f)).isGreaterThan(0.02);
        assertThat(hand.page.locator("[data-grip]").count()).isZero();
        hand.press("[data-viewport=v2] [data-command='pad.open']");
        var pan = hand.page.locator("[data-grip=pan] path").first().boundingBox();
        // Without dragging: a click takes it up, another puts it down.
        hand.move(pan.x + pan.width / 2, pan.y + pan.height / 2).click();
        hand.by(50, 0);
        double[] panned = hand.eye("v2");
        assertThat(distance(panned, before)).isGreaterThan(0.5);
        hand.click();
        hand.by(60, 30);
        assertThat(hand.eye("v2")).containsExactly(panned);
        assertThat(hand.selection()).isEmpty();
    }

    // ---- walking
    // -----------------------------------------------------------------------------------------------------

    @Test
    void walkingGoesTurnsStopsBeforeSurfacesAndComesBack() {
        double[] start = hand.eye("v2");
        long entries = ((Number) map(hand.ask("trail('v2')", null)).get("length")).longValue();
        hand.key("w");
        assertThat(hand.view("v2").get("walking")).isEqualTo("walk");
        String slow = hand.page.locator("[data-viewport=v2] [data-walk]").textContent();
        assertThat(slow).contains("m/s");
        hand.page.mouse().wheel(0, -300);
        String speed = hand.page.locator("[data-walk]").textContent();
        hand.page.keyboard().down("w");
        hand.farther("v2", start, 0.5);
        hand.page.keyboard().up("w");
        hand.idle();
        double[] gone = hand.eye("v2");
        assertThat(distance(gone, start)).isGreaterThan(0.5);
        assertThat(gone[1]).isCloseTo(start[1], within(1e-9));
        assertThat(speed).contains("m/s").isNotEqualTo(slow);
        double[] f = forward("v2");
        hand.down(MouseButton.LEFT).by(80, 0).up(MouseButton.LEFT);
        assertThat(distance(forward("v2"), f)).isGreaterThan(0.02);
        // Down onto the ground, as fast as one can: never through it. From home, because how far the walk above went
        // depends on how long the machine held the key, and beyond the ground's edge there is nothing to stop before.
        hand.key("Escape").key("h").key("y").key("w");
        hand.page.mouse().wheel(0, -900);
        hand.page.keyboard().down("q");
        hand.stopped("v2");
        hand.page.keyboard().up("q");
        hand.idle();
        assertThat(hand.eye("v2")[1]).isLessThan(start[1]).isPositive();
        double[] under = hand.eye("v2");
        hand.page.keyboard().press("Backspace");
        hand.idle();
        assertThat(hand.view("v2")).containsEntry("direction", "top");
        assertThat(hand.eye("v2")[1]).isGreaterThan(under[1]);
        hand.key("h");
        start = hand.eye("v2");
        entries = ((Number) map(hand.ask("trail('v2')", null)).get("length")).longValue();
        hand.key("w");
        hand.page.keyboard().down("d");
        hand.farther("v2", start, 0.05);
        hand.page.keyboard().up("d");
        hand.key("Escape");
        assertThat(hand.view("v2").get("walking")).isNull();
        assertThat(distance(hand.eye("v2"), start)).isGreaterThan(0.05);
        assertThat(((Number) map(hand.ask("trail('v2')", null)).get("length")).longValue())
                .isEqualTo(entries + 1);
    }

    // ---- fingers and pen
    // ---------------------------------------------------------------------------------------------

    private static JsonObject finger(int id, double x, double y) {
        JsonObject f = new JsonObject();
        f.addProperty("id", id);
        f.addProperty("x", x);
        f.addProperty("y", y);
        return f;
    }

    private static void touch(CDPSession glass, String type, JsonObject... fingers) {
        JsonArray points = new JsonArray();
        for (JsonObject f : fingers) {
            points.add(f);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        glass.send("Input.dispatchTouchEvent", event);
    }

    /** Two taps within a fifth of a second by the times that their events tell, however slow the machine is. */
    private static void doubleTap(CDPSession glass, double x, double y) {
        double now = System.currentTimeMillis() / 1000.0;
        for (int k = 0; k < 4; k++) {
            JsonObject tap = new JsonObject();
            tap.addProperty("type", k % 2 == 0 ? "touchStart" : "touchEnd");
            JsonArray points = new JsonArray();
            if (k % 2 == 0) {
                points.add(finger(1, x, y));
            }
            tap.add("touchPoints", points);
            tap.addProperty("timestamp", now + k * 0.05);
            glass.send("Input.dispatchTouchEvent", tap);
        }
    }

    @Test
    void fingersOrbitPanPinchTwistLookAndTap() {
        CDPSession glass = hand.page.context().newCDPSession(hand.page);
        double x = hand.x();
        double y = hand.y();
        double[] held = point(hand.grabbedHere());
        double[] before = hand.eye("v2");
        touch(glass, "touchStart", finger(1, x, y));
        touch(glass, "touchMove", finger(1, x + 30, y));
        touch(glass, "touchMove", finger(1, x + 60, y));
        touch(glass, "touchEnd");
        hand.idle();
        assertThat(distance(hand.eye("v2"), before)).isGreaterThan(1);
        assertThat(distance(hand.eye("v2"), held)).isCloseTo(distance(before, held), within(1e-6));

        hand.key("h").over("v2", 0.5, 0.62);
        held = point(hand.grabbedHere());
        double far = distance(hand.eye("v2"), held);
        touch(glass, "touchStart", finger(1, x - 40, y), finger(2, x + 40, y));
        touch(glass, "touchMove", finger(1, x - 60, y - 40), finger(2, x + 60, y + 20));
        touch(glass, "touchMove", finger(1, x - 70, y - 70), finger(2, x + 90, y + 50));
        hand.idle();
        Map<String, Object> s = hand.project("v2", held);
        assertThat(num(s, "x")).isCloseTo(x + 10, within(0.5));
        assertThat(num(s, "y")).isCloseTo(y - 10, within(0.5));
        assertThat(num(s, "depth")).isLessThan(far * 0.6);
        assertThat((String) hand.view("v2").get("lens")).contains("roll");
        touch(glass, "touchEnd");
        hand.idle();

        double[] eye = hand.eye("v2");
        double[] f = forward("v2");
        touch(glass, "touchStart", finger(1, x, y), finger(2, x + 40, y), finger(3, x + 80, y));
        touch(glass, "touchMove", finger(1, x + 30, y), finger(2, x + 70, y), finger(3, x + 110, y));
        touch(glass, "touchEnd");
        hand.idle();
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(distance(forward("v2"), f)).isGreaterThan(0.01);

        hand.key("h").over("v2", 0.5, 0.62);
        double[] sight = forward("v2");
        // Where the machine is so busy that a finger seems to rest, the hand taps again, as a person would.
        for (int tries = 0; tries < 5 && distance(hand.eye("v2"), before) <= 0.5; tries++) {
            hand.key("Escape");
            doubleTap(glass, x + 40, y);
            hand.idle();
        }
        assertThat(distance(hand.eye("v2"), before)).as("double tap centres").isGreaterThan(0.5);
        assertThat(distance(forward("v2"), sight)).isZero();
        hand.key("Shift+K");
    }

    @Test
    void theStickWalksByTouchAndByPressingWithoutDragging() {
        double[] start = hand.eye("v2");
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Lens']");
        hand.press("li[data-command='walk.start']:visible");
        // The menu lay over the stick's place.
        hand.page
                .locator("li[data-command='walk.start']")
                .first()
                .waitFor(new com.microsoft.playwright.Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        Hand.still(hand.page);
        var stick = hand.page.locator("[data-stick]").boundingBox();
        CDPSession glass = hand.page.context().newCDPSession(hand.page);
        touch(glass, "touchStart", finger(1, stick.x + stick.width / 2, stick.y + stick.height * 0.15));
        hand.farther("v2", start, 0.1);
        touch(glass, "touchEnd");
        hand.idle();
        assertThat(distance(hand.eye("v2"), start)).isGreaterThan(0.1);
        double[] there = hand.eye("v2");
        hand.frames(20);
        assertThat(hand.eye("v2")).containsExactly(there);
        hand.key("Escape");
    }

    @Test
    void aPenGoesTheWayOfTheMouse() {
        CDPSession pen = hand.page.context().newCDPSession(hand.page);
        double[] before = hand.eye("v2");
        for (int i = 0; i <= 6; i++) {
            JsonObject e = new JsonObject();
            e.addProperty("type", i == 0 ? "mousePressed" : i == 6 ? "mouseReleased" : "mouseMoved");
            e.addProperty("pointerType", "pen");
            e.addProperty("button", "left");
            e.addProperty("buttons", i == 6 ? 0 : 1);
            e.addProperty("x", hand.x() + i * 12);
            e.addProperty("y", hand.y());
            pen.send("Input.dispatchMouseEvent", e);
        }
        hand.idle();
        assertThat(distance(hand.eye("v2"), before)).isGreaterThan(1);
        assertThat(hand.selection()).isEmpty();
    }

    // ---- hints, near and far
    // -----------------------------------------------------------------------------------------

    @Test
    void hintsFollowTheModifiersAndThePlace() {
        assertThat(hint("middle-drag")).isEqualTo("pan camera slides: track, pedestal");
        assertThat(hint("wheel")).isEqualTo("dolly camera moves");
        hand.page.keyboard().down("Control");
        assertThat(hint("Ctrl+wheel")).isEqualTo("zoom lens only");
        hand.page.keyboard().up("Control");
        hand.over("v3");
        assertThat(hint("wheel")).startsWith("scale");
        assertThat(hand.page.locator("[data-hints]").textContent()).contains("releases the axis view");
    }

    private String hint(String trigger) {
        hand.idle();
        for (Object o : (List<?>) hand.ask("hints()", null)) {
            Map<String, Object> h = map(o);
            if (List.of(((String) h.get("trigger")).split(" or ")).contains(trigger)) {
                return h.get("words") + (h.get("does") == null ? "" : " " + h.get("does"));
            }
        }
        return "";
    }

    @Test
    void theRivetIsSeenFromThreeCentimetresAndTheBuoyFromNineHundredMetres() {
        String rivet = (String) hand.object("Brass rivet").get("id");
        hand.press("[data-drawer=scene] >> text=Hull").over("v2").key("f");
        hand.approach("v2", hand.middle("Brass rivet"), 0.04);
        double[] p = hand.middle("Brass rivet");
        assertThat(distance(hand.eye("v2"), p)).isLessThan(0.05);
        Map<String, Object> s = hand.project("v2", p);
        assertThat(hand.pick("v2", num(s, "x"), num(s, "y")).get("object")).isEqualTo(rivet);
        assertThat(num(hand.view("v2"), "near")).isLessThan(num(s, "depth") - 0.005);
        hand.over("v2").key("h");
        double[] buoy = hand.middle("Buoy");
        double farthest = 0;
        for (String key : List.of("x", "Shift+X", "z", "Shift+Z")) {
            hand.key(key);
            double depth = num(hand.project("v2", buoy), "depth");
            farthest = Math.max(farthest, depth);
            if (depth > 0) {
                assertThat(depth).isBetween(num(hand.view("v2"), "near"), num(hand.view("v2"), "far"));
            }
        }
        assertThat(farthest).isGreaterThan(500);
        hand.over("v2").key("Shift+K").key("h");
    }
}
