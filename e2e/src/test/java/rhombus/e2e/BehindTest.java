package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.point;

import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures that are brought behind views, and the camera found from one. */
@Drawn
class BehindTest extends OfTheirOwn {
    private static final Color SAND = new Color(201, 173, 120);

    private static FilePayload file(String name, String format) throws Exception {
        BufferedImage i = new BufferedImage(640, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = i.createGraphics();
        g.setColor(SAND);
        g.fillRect(0, 0, 640, 400);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(i, format, out);
        return new FilePayload(name, "image/" + format, out.toByteArray());
    }

    private void bring(FilePayload file) {
        page.waitForFileChooser(() -> hand.choose("[data-add]", "[data-command='picture.bring']"))
                .setFiles(file);
    }

    /** Colour of the page at a point of a viewport, parts of its width and height. */
    private Color at(String view, double x, double y) throws Exception {
        hand.idle();
        Map<String, Object> r = map(hand.view(view).get("rect"));
        var stage = page.locator("[data-stage]").boundingBox();
        BufferedImage i = ImageIO.read(new ByteArrayInputStream(page.screenshot()));
        return new Color(i.getRGB((int) (stage.x + Hand.num(r, "x") - stageX() + x * Hand.num(r, "width")), (int)
                (stage.y + Hand.num(r, "y") - stageY() + y * Hand.num(r, "height"))));
    }

    /** Rectangles of views are told in pixels of the page. */
    private double stageX() {
        return page.locator("[data-stage]").boundingBox().x;
    }

    private double stageY() {
        return page.locator("[data-stage]").boundingBox().y;
    }

    private static boolean same(Color a, Color b) {
        return Math.abs(a.getRed() - b.getRed())
                        + Math.abs(a.getGreen() - b.getGreen())
                        + Math.abs(a.getBlue() - b.getBlue())
                < 6;
    }

    @Test
    void aPictureLiesBehindItsAxisViewInItsOwnColoursAndIsThereAgain() throws Exception {
        hand.over("v3", 0.3, 0.3).by(2, 2);
        hand.wheel(1);
        bring(file("Keel plan.png", "png"));
        page.waitForFunction("() => window.rhombus.scene().objects.some((o) => o.kind === 'picture')");
        page.locator("[data-picture-readout]").waitFor();
        page.waitForFunction(
                "() => performance.getEntriesByType('resource').some((r) => r.name.includes('/pictures/'))");
        assertThat(same(at("v3", 0.2, 0.25), SAND)).isTrue();
        assertThat(same(at("v1", 0.2, 0.25), SAND)).as("another side").isFalse();
        page.locator("[data-picture-readout] select[data-choice=front]").selectOption("front");
        assertThat(same(at("v3", 0.5, 0.5), SAND)).as("before all").isTrue();
        hand.over("v3").key("Control+z");
        hand.idle();
        page.reload();
        hand = Hand.ready(page);
        page.waitForFunction(
                "() => performance.getEntriesByType('resource').some((r) => r.name.includes('/pictures/'))");
        assertThat(same(at("v3", 0.2, 0.25), SAND)).as("kept").isTrue();
    }

    @Test
    void whatIsNoPictureIsRefusedInWordsAndNothingIsAdded() throws Exception {
        hand.over("v3", 0.3, 0.3).by(2, 2);
        hand.wheel(1);
        FilePayload gif = file("Flag.gif", "gif");
        bring(new FilePayload("Flag.png", "image/png", gif.buffer));
        page.locator("[data-notice]:has-text('neither a PNG nor a JPEG')").waitFor();
        assertThat(page.evaluate("() => window.rhombus.scene().objects.some((o) => o.kind === 'picture')"))
                .isEqualTo(false);
        hand.over("v2", 0.3, 0.3).by(2, 2);
        hand.wheel(1);
        hand.choose("[data-add]", "[data-command='picture.bring']");
        page.locator("[data-notice]:has-text('behind an axis view or a camera')")
                .waitFor();
    }

    /** The picture is what a camera sees; places that are known are dragged to where it sees them, and it is found again. */
    @Test
    void theCameraThatTookAPictureIsFoundFromPointsThatAreDragged() throws Exception {
        hand.over("v2", 0.4, 0.4).by(2, 2);
        hand.press("[data-drawer=scene] [data-command='camera.from-view']");
        hand.idle();
        Map<String, Object> taken = map(hand.ask("cameras()[0]", null));
        bring(file("Yard.jpg", "jpeg"));
        page.locator("[data-picture-readout]").waitFor();
        List<?> objects = (List<?>) hand.ask("scene().objects.filter(o => o.kind === 'mesh')", null);
        int marks = 0;
        for (Object o : objects) {
            Map<String, Object> b = map(map(o).get("bounds"));
            for (String side : List.of("min", "max")) {
                double[] p = point(b.get(side));
                Map<String, Object> s = hand.project("v2", p);
                if (inside(s) && marks < 8) {
                    mark(marks++, p, s);
                }
            }
        }
        assertThat(marks).isGreaterThanOrEqualTo(6);
        assertThat(page.locator("[data-match]").textContent()).contains("pixels");
        hand.press("[data-match] [data-command='camera.match']");
        List<?> cameras = (List<?>) hand.ask("cameras()", null);
        assertThat(cameras).hasSize(2);
        Map<String, Object> found = map(cameras.get(1));
        double size = distance(point(map(taken.get("pose")).get("eye")), new double[3]);
        assertThat(distance(
                        point(map(found.get("pose")).get("eye")),
                        point(map(taken.get("pose")).get("eye"))))
                .isLessThan(size * 0.05);
        assertThat(distance(
                        point(map(found.get("pose")).get("forward")),
                        point(map(taken.get("pose")).get("forward"))))
                .isLessThan(0.02);
        assertThat(hand.view("v2")).containsEntry("camera", found.get("id")).containsEntry("guarded", true);
    }

    private boolean inside(Map<String, Object> s) {
        Map<String, Object> r = map(hand.view("v2").get("rect"));
        double x = (Hand.num(s, "x") - Hand.num(r, "x")) / Hand.num(r, "width");
        double y = (Hand.num(s, "y") - Hand.num(r, "y")) / Hand.num(r, "height");
        return x > 0.05 && x < 0.95 && y > 0.2 && y < 0.8;
    }

    private void mark(int number, double[] p, Map<String, Object> to) {
        hand.press("[data-match] [data-what=point]");
        String row = "[data-marked='mark-point-" + number + "-a'] ";
        for (int axis = 0; axis < 3; axis++) {
            var field = page.locator(row + "[data-field='picture.point/" + "xyz".charAt(axis) + "']");
            field.fill(p[axis] + " m");
            field.press("Enter");
        }
        hand.idle();
        var end = page.locator("[data-viewport=v2] [data-mark='mark-point-" + number + "-a'] .end")
                .boundingBox();
        page.mouse().move(end.x + end.width / 2, end.y + end.height / 2);
        hand.idle();
        page.mouse().down();
        page.mouse().move(Hand.num(to, "x") + 3, Hand.num(to, "y") + 3);
        page.mouse().move(Hand.num(to, "x"), Hand.num(to, "y"));
        page.mouse().up();
        hand.idle();
        assertThat(page.locator("[data-viewport=v2] [data-mark='mark-point-" + number + "-a'] .end")
                                .boundingBox()
                                .x
                        + end.width / 2)
                .isCloseTo(Hand.num(to, "x"), within(1.5));
    }
}
