package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.OpenedEdits;
import rhombus.core.optics.GateFit;
import rhombus.core.optics.PictureFormat;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.marks.CameraGate;
import rhombus.core.stage.view.PixelRect;

/** The final picture of the scene, its guides, and the order of the cameras that take it. */
class FinalPictureTest {
    private Hand hand = new Hand();

    private Scene scene() {
        return hand.stage.scene();
    }

    private SceneCamera shot() {
        return scene().camera(scene().indexOf("n5"));
    }

    private PictureFormat picture() {
        return scene().setup().picture();
    }

    private List<String> order() {
        return hand.stage.shotList().ids();
    }

    /** Whatever the fit: another picture never changes a lens, and what follows the scene has its shape. */
    @Property(tries = 200)
    void camerasThatFollowTheSceneKeepTheirLenses(
            @ForAll @IntRange(min = 200, max = 4000) int width,
            @ForAll @IntRange(min = 200, max = 4000) int height,
            @ForAll @IntRange(max = 3) int fit) {
        hand = new Hand();
        hand.run("camera.set", "v2", "camera", "n5", "aspect", "scene");
        hand.run("camera.set", "v2", "camera", "n5", "gateFit", GateFit.values()[fit].id());
        double focal = shot().focalLength();
        hand.run("scene.picture", "v2", "width", width, "height", height);
        assertThat(picture()).isEqualTo(new PictureFormat(width, height));
        assertThat(shot().aspect()).isEqualTo((double) width / height);
        assertThat(shot().focalLength()).isCloseTo(focal, within(focal * 1e-12));
        hand.run("camera.look-through", "v2", "camera", "n5");
        PixelRect r = CameraGate.picture(hand.stage.parts.ground, hand.view(1));
        assertThat(r.width() / r.height()).isCloseTo((double) width / height, within(1e-9));
        hand.run("edit.undo", "v2");
        assertThat(picture()).isEqualTo(PictureFormat.USUAL);
        assertThat(shot().focalLength()).isCloseTo(focal, within(focal * 1e-12));
    }

    @Test
    void aShapeOfItsOwnStaysWhenThePictureIsAnother() {
        hand.run("camera.set", "v2", "camera", "n5", "aspect", 2.0);
        hand.run("scene.picture", "v2", "size", "Square");
        assertThat(picture()).isEqualTo(new PictureFormat(1080, 1080));
        assertThat(shot().aspect()).isEqualTo(2);
        hand.run("camera.set", "v2", "camera", "n5", "aspect", "scene");
        assertThat(shot().aspect()).isEqualTo(1);
        assertThat(scene().node(scene().indexOf("n5")).camera().aspect()).isZero();
        hand.run("scene.picture", "v2", "aspect", "2.39");
        assertThat(picture()).isEqualTo(new PictureFormat(2581, 1080));
    }

    @Test
    void whatNoPictureCanBeIsToldAndTheOldOneStays() {
        for (Object[] wrong : new Object[][] {
            {"width", 0}, {"width", -5}, {"height", "1e9"}, {"width", 40000}, {"width", 21, "height", 1}, {"aspect", 0}
        }) {
            hand.run("scene.picture", "v2", wrong);
            assertThat(String.join(" ", hand.notices())).contains("The old size stays.");
            assertThat(picture()).isEqualTo(PictureFormat.USUAL);
        }
        hand.run("scene.picture", "v2", "width", "wide");
        assertThat(String.join(" ", hand.notices())).contains("stays");
        assertThat(picture()).isEqualTo(PictureFormat.USUAL);
        assertThat(hand.stage.parts.subject.editing().history().done()).isZero();
    }

    @Test
    void guidesAreTypedInPercentOrPixelsAndDrawnWhereTheyWereTyped() {
        hand.run("camera.look-through", "v2", "camera", "n5");
        hand.run("camera.set", "v2", "camera", "n5", "aspect", "scene");
        hand.run("scene.guides", "v2", "down", "75%, 480 px", "across", "50");
        PixelRect r = CameraGate.picture(hand.stage.parts.ground, hand.view(1));
        List<Double> upright = new ArrayList<>();
        List<Double> level = new ArrayList<>();
        for (Object o : PlainData.list(PlainData.map(hand.marks(1).get("gate")).get("lines"))) {
            Map<String, Object> l = PlainData.map(o);
            if ("guide".equals(l.get("what"))) {
                boolean u = PlainData.truth(l.get("upright"), false);
                (u ? upright : level).add(PlainData.number(l.get(u ? "x" : "y"), 0));
            }
        }
        assertThat(upright).containsExactly(r.x() + r.width() / 4, r.x() + r.width() * 3 / 4);
        assertThat(level).containsExactly(r.y() + r.height() / 2);
        for (String wrong : List.of("120%", "-1", "3000 px", "left", "1e400")) {
            hand.run("scene.guides", "v2", "down", wrong);
            assertThat(String.join(" ", hand.notices())).as(wrong).contains("The old guides stay.");
        }
        assertThat(scene().setup().down()).containsExactly(0.25, 0.75);
        hand.run("scene.guides", "v2", "down", "");
        assertThat(scene().setup().down()).isEmpty();
        assertThat(scene().setup().across()).containsExactly(0.5);
    }

    @Test
    void theKeyOfCamerasLeadsToTheOneMarkedActive() {
        hand.run("object.duplicate", "v2", "objects", List.of("n5"));
        String other = order().get(1);
        hand.run("camera.activate", "v2", "camera", other);
        hand.run("camera.look-through", "v2");
        assertThat(hand.view(1).camera).isEqualTo(other);
        hand.run("camera.look-through", "v2");
        assertThat(hand.view(1).camera).isNull();
        hand.run("camera.activate", "v2", "camera", other);
        assertThat(scene().setup().active()).isNull();
        hand.run("camera.activate", "v2", "camera", other);
        hand.run("object.delete", "v2", "objects", List.of(other));
        hand.run("camera.look-through", "v2");
        assertThat(hand.view(1).camera).as("one that is gone is not active").isEqualTo("n5");
    }

    @Test
    void camerasAreListedInTheOrderTheyWerePutInto() {
        hand.run("object.duplicate", "v2", "objects", List.of("n5"));
        hand.run("object.duplicate", "v2", "objects", List.of("n5"));
        List<String> was = order();
        hand.run("camera.order", "v2", "camera", was.get(2), "to", "up");
        assertThat(order()).containsExactly(was.get(0), was.get(2), was.get(1));
        hand.run("camera.order", "v2", "camera", was.get(0), "to", 2);
        assertThat(order()).containsExactly(was.get(2), was.get(1), was.get(0));
        hand.run("camera.order", "v2", "camera", was.get(0), "to", "down");
        assertThat(order()).as("the last stays the last").containsExactly(was.get(2), was.get(1), was.get(0));
        hand.run("edit.undo", "v2");
        hand.run("edit.undo", "v2");
        assertThat(order()).isEqualTo(was);
    }

    /** What is saved and read again is the same, the steps too. */
    @Test
    void itIsKeptWithTheSceneAndItsHistory() {
        hand.run("scene.picture", "v2", "size", "UHD");
        hand.run("scene.guides", "v2", "across", "10% 90%");
        hand.run("camera.activate", "v2", "camera", "n5");
        hand.run("camera.order", "v2", "camera", "n5", "to", 0);
        hand.run("layer.add", "v2", "name", "Rigging");
        Map<String, Object> kept = hand.stage.parts.subject.editing().toPlain();
        Scene base = new Hand().stage.scene();
        OpenedEdits o = EditDocument.read(base, kept);
        assertThat(o.scene().setup()).isEqualTo(scene().setup());
        EditHistory h = o.history();
        Scene s = o.scene();
        while (h.done() > 0) {
            s = h.undo().undone(s);
        }
        assertThat(s.setup()).isEqualTo(base.setup());
    }
}
