package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.EditDocument;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.stage.marks.CameraGate;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.view.PixelRect;
import rhombus.core.stage.view.Viewport;

/** Pictures behind views, what is marked on them, and the cameras found from that. */
class PicturesTest {
    private static final int LEFT = 1;
    private Hand hand = new Hand();

    private Scene scene() {
        return hand.stage.scene();
    }

    private int node() {
        return scene().pictures().get(scene().pictures().size() - 1);
    }

    private PicturePlane picture() {
        return scene().node(node()).picture();
    }

    private void add(String view) {
        hand.run("picture.add", view, "image", "abc", "width", 1600, "height", 1000, "name", "Plan");
    }

    private PicturePlanes.Plane plane(int view) {
        return PicturePlanes.in(hand.stage.parts.ground, hand.view(view), node());
    }

    private String told() {
        List<String> n = hand.notices();
        return n.isEmpty() ? "" : n.get(n.size() - 1);
    }

    private Viewport front() {
        for (int i = 0; i < 4; i++) {
            if (hand.view(i).id.equals("v3")) {
                return hand.view(i);
            }
        }
        throw new IllegalStateException();
    }

    // ---- where they lie --------------------------------------------------------------------------------------------

    @Test
    void aPictureLiesBehindTheAxisViewItWasBroughtTo() {
        add("v3");
        assertThat(picture().seen()).isEqualTo("front");
        assertThat(plane(2)).isNotNull();
        assertThat(plane(0)).as("another side").isNull();
        assertThat(plane(1)).as("in perspective").isNull();
        PicturePlanes.Plane p = plane(2);
        Vec3 a = front().screen().project(p.corners()[0]);
        Vec3 c = front().screen().project(p.corners()[2]);
        assertThat((c.x() - a.x()) / (c.y() - a.y())).isCloseTo(1.6, within(1e-9));
        assertThat(a.x()).isPositive();
        assertThat(c.x()).isLessThan(front().width);
        hand.run("display.overlay", "v3", "overlay", "pictures");
        assertThat(hand.stage.paint().pictures(2)).isEmpty();
        hand.run("display.overlay", "v3", "overlay", "pictures");
        assertThat(hand.stage.paint().pictures(2)).hasSize(1);
        hand.run("object.visible", "v3", "objects", List.of(scene().node(node()).id()), "on", false);
        assertThat(hand.stage.paint().pictures(2)).isEmpty();
    }

    @Test
    void inAPerspectiveViewNoneIsBroughtAndThatIsTold() {
        hand.run("picture.bring", "v2");
        assertThat(told()).startsWith("A picture lies behind an axis view or a camera");
        add("v2");
        assertThat(scene().pictures()).isEmpty();
        for (Object[] wrong : new Object[][] {{"width", 0}, {"width", 99999}, {"height", -4}}) {
            List<Object> args = new ArrayList<>(List.of("image", "abc", "width", 10, "height", 10));
            args.addAll(List.of(wrong));
            hand.run("picture.add", "v3", args.toArray());
            assertThat(scene().pictures()).isEmpty();
        }
    }

    @Test
    void throughACameraItFitsIntoTheGateAndGoesWithIt() {
        hand.run("camera.look-through", "v2", "camera", "n5");
        add("v2");
        Viewport v = hand.view(1);
        PixelRect gate = CameraGate.picture(hand.stage.parts.ground, v);
        // 1.6 is wider than the camera's 1.5: it is as wide as the gate, and lower.
        Vec3 a = v.screen().project(plane(1).corners()[0]);
        Vec3 c = v.screen().project(plane(1).corners()[2]);
        assertThat(a.x()).isCloseTo(gate.x(), within(1e-6));
        assertThat(c.x()).isCloseTo(gate.x() + gate.width(), within(1e-6));
        assertThat(c.y() - a.y()).isCloseTo(gate.width() / 1.6, within(1e-6));
        hand.run("camera.set", "v2", "camera", "n5", "x", 9.0, "focalLength", 60);
        Vec3 moved = v.screen().project(plane(1).corners()[0]);
        assertThat(moved.x()).isCloseTo(a.x(), within(1e-6));
        assertThat(moved.y()).isCloseTo(a.y(), within(1e-6));
        hand.run("picture.set", "v2", "x", "10%", "size", "50%", "opacity", "40", "front", true);
        assertThat(List.of(picture().x(), picture().size(), picture().opacity()))
                .containsExactly(0.1, 0.5, 0.4);
        assertThat(picture().front()).isTrue();
        hand.run("object.delete", "v2", "objects", List.of("n5"));
        assertThat(plane(1)).isNull();
        hand.run("edit.undo", "v2");
        hand.run("picture.set", "v2", "seen", "top");
        assertThat(plane(0)).isNotNull();
    }

    @Test
    void whatCannotBeTypedIsToldAndChangesNothing() {
        add("v3");
        PicturePlane was = picture();
        for (Object[] wrong : new Object[][] {
            {"opacity", "120%"},
            {"opacity", "-1"},
            {"size", "-3 m"},
            {"size", "0"},
            {"size", "tall"},
            {"opacity", "NaN"}
        }) {
            hand.run("picture.set", "v3", wrong);
            assertThat(told()).as(wrong[1].toString()).isNotEmpty();
            assertThat(picture().opacity()).isEqualTo(was.opacity());
            assertThat(picture().size()).isGreaterThan(0);
        }
        hand.run("picture.set", "v3", "seen", "inside");
        assertThat(picture().seen()).isEqualTo("front");
    }

    @Property(tries = 300)
    void aPlaceOfThePictureIsFoundWhereItIsDrawn(
            @ForAll @DoubleRange(min = 0, max = 1600) double x,
            @ForAll @DoubleRange(min = 0, max = 1000) double y,
            @ForAll boolean camera) {
        hand = new Hand();
        if (camera) {
            hand.run("camera.look-through", "v2", "camera", "n5");
        }
        add(camera ? "v2" : "v3");
        Viewport v = hand.view(camera ? 1 : 2);
        PicturePlanes.Plane p = plane(camera ? 1 : 2);
        Vec3 s = v.screen().project(p.at(x, y));
        double[] again = p.pixel(v.screen(), s.x(), s.y());
        assertThat(again).containsExactly(new double[] {x, y}, within(1e-6));
    }

    // ---- scaled by two points --------------------------------------------------------------------------------------

    @Property(tries = 100)
    void twoPointsOfAKnownDistanceScaleItAboutTheFirst(@ForAll @DoubleRange(min = 0.01, max = 500) double metres) {
        hand = new Hand();
        add("v3");
        hand.run("picture.mark", "v3", "what", "span");
        PicturePlane.Span s = picture().span();
        Vec3 first = plane(2).at(s.x1(), s.y1());
        hand.run("picture.scale", "v3", "distance", metres);
        PicturePlanes.Plane p = plane(2);
        assertThat(p.at(s.x1(), s.y1()).distance(p.at(s.x2(), s.y2()))).isCloseTo(metres, within(metres * 1e-9));
        assertThat(p.at(s.x1(), s.y1()).distance(first)).isLessThan(1e-9 * (1 + metres));
    }

    @Test
    void aDistanceThatIsNoneIsTold() {
        add("v3");
        hand.run("picture.scale", "v3", "distance", "3 m");
        assertThat(told()).contains("Mark two points");
        hand.run("picture.mark", "v3", "what", "span");
        double size = picture().size();
        for (Object wrong : List.of("0", "-2 m", "1e30 m", "far")) {
            hand.run("picture.scale", "v3", "distance", wrong);
            assertThat(told()).isNotEmpty();
            assertThat(picture().size()).isEqualTo(size);
        }
    }

    // ---- marks -----------------------------------------------------------------------------------------------------

    private void drag(Viewport v, String mark, double px, double py) {
        PicturePlanes.Plane p = PicturePlanes.in(hand.stage.parts.ground, v, node());
        double[] at = PictureSketch.at(p.picture(), PictureSketch.End.of(mark));
        Vec3 from = v.screen().project(p.at(at[0], at[1]));
        Vec3 to = v.screen().project(p.at(px, py));
        hand.drag(v.x + from.x(), v.y + from.y(), to.x() - from.x(), to.y() - from.y(), LEFT, 0);
    }

    @Test
    void endsAreDraggedToPlacesOfThePictureAndStayOnIt() {
        add("v3");
        hand.run("picture.mark", "v3", "what", "x");
        drag(front(), "mark-line-0-b", 1400, 200);
        assertThat(picture().lines().get(0).x2()).isCloseTo(1400, within(1e-6));
        assertThat(picture().lines().get(0).y2()).isCloseTo(200, within(1e-6));
        assertThat(hand.stage.parts.subject.editing().history().undoName()).isEqualTo("Move a mark on Plan");
        drag(front(), "mark-line-0-a", -500, 4000);
        assertThat(picture().lines().get(0).x1()).isZero();
        assertThat(picture().lines().get(0).y1()).isEqualTo(1000);
        hand.run("edit.undo", "v3");
        hand.run("edit.undo", "v3");
        hand.run("tool.step-handle", "v3", "handle", "mark-line-0-a", "to", "down");
        double y = picture().lines().get(0).y1();
        hand.run("edit.undo", "v3");
        assertThat(picture().lines().get(0).y1()).isEqualTo(y - 1);
        hand.run("picture.turn", "v3", "mark", "mark-line-0-a");
        assertThat(picture().lines().get(0).x1())
                .isGreaterThan(picture().lines().get(0).x2());
        hand.run("picture.unmark", "v3", "mark", "mark-line-0-a");
        assertThat(picture().lines()).isEmpty();
        hand.run("picture.unmark", "v3", "mark", "mark-line-0-a");
        assertThat(told()).contains("no such mark");
    }

    // ---- match -----------------------------------------------------------------------------------------------------

    /** Marks on a picture what the scene's camera sees there. */
    private void marked(int points) {
        hand.run("camera.set", "v2", "camera", "n5", "aspect", 1.6);
        hand.run("camera.look-through", "v2", "camera", "n5");
        add("v2");
        Viewport v = hand.view(1);
        PicturePlanes.Plane p = plane(1);
        Random r = new Random(5);
        for (int k = 0; k < points; k++) {
            Vec3 seen = v.screen().project(p.at(1600 * r.nextDouble(), 1000 * r.nextDouble()));
            Vec3 at = v.screen().at(seen.x(), seen.y(), 4 + 8 * r.nextDouble());
            hand.run("picture.mark", "v2", "what", "point");
            String mark = "mark-point-" + k + "-a";
            hand.run("picture.point", "v2", "of", mark, "x", at.x(), "y", at.y(), "z", at.z());
            Vec3 s = v.screen().project(at);
            double[] px = p.pixel(v.screen(), s.x(), s.y());
            drag(v, mark, px[0], px[1]);
        }
    }

    @Test
    void theCameraIsFoundAgainFromPointsOfItsOwnPicture() {
        marked(7);
        int count = scene().count();
        hand.run("camera.match", "v2");
        assertThat(told()).contains("sees the picture as it was taken");
        int camera = count;
        double[] was = scene().world(scene().indexOf("n5"));
        double[] is = scene().world(camera);
        assertThat(Mat4.origin(is).distance(Mat4.origin(was))).isLessThan(1e-3);
        assertThat(Mat4.rotation(is).angleTo(Mat4.rotation(was))).isLessThan(1e-4);
        assertThat(scene().camera(camera).fovY())
                .isCloseTo(scene().camera(scene().indexOf("n5")).fovY(), within(1e-4));
        assertThat(hand.view(1).camera).isEqualTo(scene().node(camera).id());
        assertThat(hand.view(1).driven).as("guarded").isFalse();
        assertThat(picture().camera()).isEqualTo(scene().node(camera).id());
        assertThat(hand.stage.parts.subject.picture())
                .as("its marks can be dragged on")
                .isEqualTo(node());
        // Dragging a mark refines the same camera, and undo takes both back.
        Vec3 eye = Mat4.origin(scene().world(camera));
        drag(
                hand.view(1),
                "mark-point-2-a",
                picture().points().get(2).x() + 60,
                picture().points().get(2).y());
        assertThat(scene().count()).isEqualTo(count + 1);
        assertThat(Mat4.origin(scene().world(camera)).distance(eye)).isGreaterThan(0.01);
        hand.run("edit.undo", "v2");
        assertThat(Mat4.origin(scene().world(camera))).isEqualTo(eye);
        hand.run("camera.match", "v2");
        assertThat(scene().count()).as("the same camera fits again").isEqualTo(count + 1);
    }

    @Test
    void tooLittleMakesNoCameraAndSaysWhatIsMissing() {
        marked(2);
        int count = scene().count();
        hand.run("camera.match", "v2");
        assertThat(told()).contains("mark four points or more").contains("2 points");
        assertThat(scene().count()).isEqualTo(count);
        assertThat(hand.stage.readout().now().picture().found()).isFalse();
        assertThat(hand.stage.readout().now().picture().match()).contains("So far");
    }

    // ---- kept ------------------------------------------------------------------------------------------------------

    @Test
    void itIsKeptWithAllMarksAndUndone() {
        marked(5);
        hand.run("picture.mark", "v2", "what", "y");
        hand.run("picture.mark", "v2", "what", "span");
        Map<String, Object> kept = hand.stage.parts.subject.editing().toPlain();
        Scene base = new Hand().stage.scene();
        Scene read = EditDocument.read(base, kept).scene();
        assertThat(read.node(read.pictures().get(0)).picture()).isEqualTo(picture());
        assertThat(PicturePlane.of(PlainData.map("pixels", List.of(0, 5), "place", List.of(1, 0, 0))))
                .isNull();
        assertThat(PicturePlane.of("nonsense")).isNull();
        while (hand.stage.parts.subject.editing().history().done() > 0) {
            hand.run("edit.undo", "v2");
        }
        assertThat(scene().pictures()).isEmpty();
        assertThat(hand.stage.paint().pictures(1)).isEmpty();
    }
}
