package rhombus.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Somebody's hand on mouse and keyboard before an open scene, and what {@code window.rhombus} says of the outcome. */
final class Hand {
    /** What is waited for has gone out of sight. */
    static final Locator.WaitForOptions HIDDEN = new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN);

    final Page page;
    private final Set<MouseButton> pressed = EnumSet.noneOf(MouseButton.class);
    private double x;
    private double y;

    Hand(Page page) {
        this.page = page;
    }

    /** Opens a scene from the list and waits until it is complete. */
    static Hand open(Page page, String scene) {
        page.navigate("/scenes");
        page.click("li a:has-text(\"" + scene + "\")");
        page.waitForURL("**/scenes/*");
        return ready(page);
    }

    /** Waits until the scene on the page is complete. */
    static Hand ready(Page page) {
        page.waitForFunction("() => window.rhombus && window.rhombus.scene().objects.length > 0");
        Hand h = new Hand(page);
        h.idle();
        return h;
    }

    void idle() {
        page.evaluate("() => window.rhombus.idle()");
    }

    // ---- doing ---------------------------------------------------------------------------------------------------

    Hand move(double toX, double toY) {
        page.mouse().move(toX, toY);
        x = toX;
        y = toY;
        return this;
    }

    /** Moves on in small steps, as a hand does. */
    Hand by(double dx, double dy) {
        page.mouse().move(x + dx, y + dy, new Mouse.MoveOptions().setSteps(6));
        x += dx;
        y += dy;
        return this;
    }

    Hand over(String view) {
        return over(view, 0.5, 0.5);
    }

    Hand over(String view, double partX, double partY) {
        Map<String, Object> r = map(view(view).get("rect"));
        // Whole pixels: wheel events carry no fractions of one.
        move(Math.rint(num(r, "x") + num(r, "width") * partX), Math.rint(num(r, "y") + num(r, "height") * partY));
        idle();
        return this;
    }

    Hand down(MouseButton b) {
        page.mouse().down(new Mouse.DownOptions().setButton(b));
        pressed.add(b);
        return this;
    }

    Hand up(MouseButton b) {
        let(b).idle();
        return this;
    }

    /** Lets a button go without waiting for what comes of it. */
    Hand let(MouseButton b) {
        page.mouse().up(new Mouse.UpOptions().setButton(b));
        pressed.remove(b);
        return this;
    }

    /** Lets go of every button that a test which failed was still holding. */
    void letGo() {
        List.copyOf(pressed).forEach(this::let);
    }

    Hand drag(MouseButton b, double dx, double dy) {
        return down(b).by(dx, dy).up(b);
    }

    /** Holds a key, moves without a button, lets go. */
    Hand hold(String key, double dx, double dy) {
        page.keyboard().down(key);
        by(dx, dy);
        page.keyboard().up(key);
        idle();
        return this;
    }

    Hand wheel(double deltaY) {
        page.mouse().wheel(0, deltaY);
        idle();
        return this;
    }

    /** Turns the wheel over a point until the eye is nearer to it than some metres. */
    void approach(String view, double[] p, double metres) {
        for (int i = 0; i < 60 && distance(eye(view), p) > metres; i++) {
            Map<String, Object> s = project(view, p);
            move(Math.rint(num(s, "x")), Math.rint(num(s, "y")));
            wheel(-200);
        }
    }

    Hand key(String key) {
        page.keyboard().press(key);
        idle();
        return this;
    }

    Hand click() {
        page.mouse().click(x, y);
        idle();
        return this;
    }

    /** Clicks where a point of the world is in a viewport. */
    Hand clickOn(String view, double[] p, String... modifiers) {
        Map<String, Object> s = project(view, p);
        move(num(s, "x"), num(s, "y"));
        for (String m : modifiers) {
            page.keyboard().down(m);
        }
        click();
        for (String m : modifiers) {
            page.keyboard().up(m);
        }
        return this;
    }

    /** Runs something of the page by its mark. */
    Hand press(String selector) {
        page.locator(selector).first().click();
        idle();
        return this;
    }

    /**
     * Opens a menu and takes something in it. A menu that was open before may still be fading away with the same words
     * in it, and what is found there is never to be clicked.
     */
    static void choose(Page page, String opener, String item) {
        noMenu(page);
        page.locator(opener).first().click();
        page.locator(".el-dropdown-menu:visible " + item).first().click();
    }

    Hand choose(String opener, String item) {
        choose(page, opener, item);
        idle();
        return this;
    }

    /** Waits until no menu is in sight. */
    static void noMenu(Page page) {
        page.locator(":is(.el-dropdown-menu, .chooser, .el-select-dropdown):visible")
                .first()
                .waitFor(HIDDEN);
    }

    /** Leaves the scene for the page of all scenes, and waits until that is there: the stage has fields for files too. */
    Hand toScenes() {
        page.locator("a[aria-label='All scenes']").click();
        page.locator("[data-help=find-scene]").waitFor();
        return this;
    }

    /** Sets a setting on the Habits page; a label of a choice, or null to put it back. */
    Hand habit(String id, String label) {
        press("header [data-command='app.habits']");
        var row = page.locator("[data-habit='" + id + "']");
        row.waitFor();
        noMenu(page);
        if (label == null) {
            row.locator("text=put back").click();
        } else if (row.locator(".el-select").count() > 0) {
            row.locator(".el-select").click();
            page.locator(".el-select-dropdown:visible .el-select-dropdown__item:has-text(\"" + label + "\")")
                    .first()
                    .click();
        } else {
            row.locator(".el-switch").click();
        }
        still(page);
        page.locator(".el-dialog:visible .el-dialog__headerbtn").click();
        page.locator("[data-habit]").first().waitFor(HIDDEN);
        idle();
        return this;
    }

    // ---- reading -------------------------------------------------------------------------------------------------

    Object ask(String expression, Object argument) {
        return page.evaluate("(a) => window.rhombus." + expression, argument);
    }

    Map<String, Object> view(String id) {
        return map(ask("views().find(v => v.id === a)", id));
    }

    double[] eye(String id) {
        return point(view(id).get("eye"));
    }

    Map<String, Object> project(String view, double[] p) {
        return map(ask("project(a[0], a[1])", List.of(view, List.of(p[0], p[1], p[2]))));
    }

    /** What a click would take at a point of the page, or null. */
    Map<String, Object> pick(String view, double px, double py) {
        return map(ask("pick(a[0], a[1], a[2])", List.of(view, px, py)));
    }

    Map<String, Object> pickHere(String view) {
        return pick(view, x, y);
    }

    /** The point that a motion started here would grab: what the pivot ladder's surface rung names. */
    Object grabbedHere() {
        idle();
        return map(ask("pivot(window.rhombus.views().find(v => v.active).id)", null))
                .get("point");
    }

    /** Waits until nothing in the page fades or slides any more. */
    static void still(Page page) {
        page.waitForFunction("() => document.getAnimations().every(a => a.playState !== 'running')");
    }

    /** Lets the page draw so many frames of its own. */
    Hand frames(int count) {
        page.evaluate(
                "n => new Promise(r => { const f = () => n-- > 0 ? requestAnimationFrame(f) : r(); f(); })", count);
        return this;
    }

    /** Waits until a viewport's eye is farther than some metres from a point. */
    Hand farther(String view, double[] from, double metres) {
        page.waitForFunction(
                "([v, p, d]) => Math.hypot(...window.rhombus.views().find(x => x.id === v).eye.map((c, i) => c - p[i])) > d",
                List.of(view, List.of(from[0], from[1], from[2]), metres));
        return this;
    }

    /** Waits until a viewport's eye has stopped, whatever is held down. */
    Hand stopped(String view) {
        page.waitForFunction(
                """
                v => {
                  const eye = window.rhombus.views().find(x => x.id === v).eye.join();
                  const same = window.lastEye === eye;
                  window.lastEye = eye;
                  return same;
                }""",
                view,
                new Page.WaitForFunctionOptions().setPollingInterval(250));
        return this;
    }

    Map<String, Object> object(String name) {
        return map(ask("scene().objects.find(o => o.name === a)", name));
    }

    double[] middle(String name) {
        Map<String, Object> b = map(object(name).get("bounds"));
        double[] lo = point(b.get("min"));
        double[] hi = point(b.get("max"));
        return new double[] {(lo[0] + hi[0]) / 2, (lo[1] + hi[1]) / 2, (lo[2] + hi[2]) / 2};
    }

    List<?> selection() {
        return (List<?>) ask("selection()", null);
    }

    double x() {
        return x;
    }

    double y() {
        return y;
    }

    // ---- plain values --------------------------------------------------------------------------------------------

    @SuppressWarnings("unchecked")
    static Map<String, Object> map(Object o) {
        return (Map<String, Object>) o;
    }

    static double num(Map<String, Object> m, String key) {
        return ((Number) m.get(key)).doubleValue();
    }

    static double[] point(Object o) {
        List<?> l = (List<?>) o;
        return new double[] {num(l.get(0)), num(l.get(1)), num(l.get(2))};
    }

    private static double num(Object o) {
        return ((Number) o).doubleValue();
    }

    static double distance(double[] a, double[] b) {
        return Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
    }

    /** Points of a tool's handle in a viewport, pixels from the viewport's corner: ends of an arm, corners of a lozenge. */
    double[] handle(String view, String id) {
        String d = page.locator("[data-viewport=" + view + "] [data-handle='" + id + "'] .line")
                .getAttribute("d");
        return java.util.Arrays.stream(d.replaceAll("[MLZ]", " ").trim().split(" +"))
                .mapToDouble(Double::parseDouble)
                .toArray();
    }
}
