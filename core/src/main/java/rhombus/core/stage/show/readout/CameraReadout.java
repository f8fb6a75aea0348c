package rhombus.core.stage.show.readout;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.navigate.NumberText;
import rhombus.core.optics.DepthOfField;
import rhombus.core.optics.FilmBack;
import rhombus.core.optics.GateFit;
import rhombus.core.optics.Optics;
import rhombus.core.optics.PictureFormat;
import rhombus.core.scene.SceneCamera;
import rhombus.core.scene.SceneSetup;
import rhombus.core.stage.subject.CompositionGuides;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

/** The numbers of the camera that is selected, or that the active viewport looks through. */
final class CameraReadout {
    private static final String SET = "camera.set";

    private final StageContext ground;
    private final SubjectParts subject;
    private final ReadoutNumbers numbers;

    CameraReadout(StageContext ground, SubjectParts subject, ReadoutNumbers numbers) {
        this.ground = ground;
        this.subject = subject;
        this.numbers = numbers;
    }

    /** The numbers, or null without a camera. */
    CameraReading of(Viewport v) {
        int node = subject.camera(v);
        if (node < 0) {
            return null;
        }
        SceneCamera c = ground.scene().camera(node);
        boolean own = ground.scene().node(node).camera().aspect() != 0;
        Pose p = TypedCamera.aimed(ground, v, node);
        return new CameraReading(
                ground.scene().node(node).id(),
                ground.nameOf(node),
                c.perspective() ? "perspective" : "orthographic",
                fields(c, p, own),
                c.perspective() ? sharp(c, p) : List.of(),
                backs(c.optics()),
                fits(c.optics()),
                picture(ground.scene().setup()));
    }

    private static CameraReading.FinalPicture picture(SceneSetup s) {
        PictureFormat is = s.picture();
        List<CameraReading.Option> sizes = new ArrayList<>();
        if (is.name() == null) {
            sizes.add(new CameraReading.Option("", say("camera-readout.own-size"), true));
        }
        for (PictureFormat.Named n : PictureFormat.TRADE) {
            String size = n.format().width() + " × " + n.format().height();
            sizes.add(new CameraReading.Option(
                    n.name(), n.words() + " · " + size, n.format().equals(is)));
        }
        return new CameraReading.FinalPicture(
                sizes,
                List.of(
                        pixels("width", say("camera-readout.size"), is.width()),
                        pixels("height", "", is.height()),
                        new ReadoutField(
                                "scene.picture",
                                "aspect",
                                "",
                                ReadoutNumbers.number(is.aspect(), 6),
                                ReadoutNumbers.number(is.aspect(), 3),
                                null),
                        guides("down", say("camera-readout.upright"), s.down()),
                        guides("across", say("camera-readout.level"), s.across())));
    }

    private static ReadoutField pixels(String key, String label, int count) {
        return new ReadoutField("scene.picture", key, label, String.valueOf(count), null, null);
    }

    private static ReadoutField guides(String key, String label, List<Double> parts) {
        return new ReadoutField(
                "scene.guides",
                key,
                label,
                CompositionGuides.words(parts),
                parts.isEmpty() ? say("camera-readout.no-guides") : null,
                null);
    }

    private List<ReadoutField> fields(SceneCamera c, Pose p, boolean own) {
        Optics o = c.optics();
        List<ReadoutField> out = new ArrayList<>();
        if (c.perspective()) {
            out.add(millimetres("focalLength", say("camera-readout.lens"), c.focalLength(), 2));
            out.add(degrees("angle", say("camera-readout.angle"), c.fovY()));
            out.add(degrees("angleAcross", "", c.fovX()));
            out.add(degrees("angleDiagonal", "", c.fovDiagonal()));
            out.add(millimetres(
                    "backWidth", say("camera-readout.back"), o.back().width(), 3));
            out.add(millimetres("backHeight", "", o.back().height(), 3));
        } else {
            out.add(numbers.lengthField(SET, "extent", say("camera-readout.height"), c.extent()));
        }
        out.add(plain(
                "aspect",
                say("camera-readout.picture"),
                own ? ReadoutNumbers.number(c.aspect(), 6) : TypedCamera.SCENES,
                own ? null : say("camera-readout.as-scene")));
        if (c.perspective()) {
            out.add(plain("fNumber", say("camera-readout.stop"), ReadoutNumbers.number(o.fNumber(), 3), null));
            out.add(millimetres("confusion", "", o.confusion(), 4));
        }
        out.add(
                o.focus() == null
                        ? auto("focus", say("camera-readout.focus"))
                        : numbers.lengthField(SET, "focus", say("camera-readout.focus"), o.focus()));
        out.add(
                o.near() == null
                        ? auto("near", say("camera-readout.clip"))
                        : numbers.lengthField(SET, "near", say("camera-readout.clip"), o.near()));
        out.add(o.far() == null ? auto("far", "") : numbers.lengthField(SET, "far", "", o.far()));
        out.addAll(numbers.axes(SET, "", say("camera-readout.place"), p.eye()));
        out.addAll(numbers.axes(SET, "aim", say("camera-readout.aim"), p.focusPoint()));
        out.add(degrees(
                "roll",
                say("camera-readout.roll"),
                Heading.roll(p.orientation(), ground.scene().up())));
        return out;
    }

    private static ReadoutField millimetres(String key, String label, double mm, int places) {
        return plain(key, label, ReadoutNumbers.number(mm, 9) + " mm", ReadoutNumbers.number(mm, places) + " mm");
    }

    private static ReadoutField degrees(String key, String label, double radians) {
        double degrees = Math.toDegrees(radians);
        return plain(key, label, ReadoutNumbers.number(degrees, 9) + "°", NumberText.fixed(degrees, 1) + "°");
    }

    private static ReadoutField auto(String key, String label) {
        return plain(key, label, TypedCamera.AUTO, null);
    }

    private static ReadoutField plain(String key, String label, String text, String brief) {
        return new ReadoutField(SET, key, label, text, brief, null);
    }

    /** What is sharp, in words. */
    private static List<ReadoutRow> sharp(SceneCamera c, Pose p) {
        Optics o = c.optics();
        DepthOfField d = DepthOfField.of(c.focalLength(), o.fNumber(), o.confusion(), p.focus());
        String far = Double.isInfinite(d.far()) ? "∞" : NumberText.words(d.far());
        return List.of(
                new ReadoutRow(say("camera-readout.focused"), NumberText.words(p.focus())),
                new ReadoutRow(say("camera-readout.sharp"), NumberText.words(d.near()) + " – " + far),
                new ReadoutRow(say("camera-readout.hyperfocal"), NumberText.words(d.hyperfocal())));
    }

    private static List<CameraReading.Option> backs(Optics o) {
        List<CameraReading.Option> out = new ArrayList<>();
        String name = o.back().name();
        if (name == null) {
            out.add(new CameraReading.Option("", say("camera-readout.own-size"), true));
        }
        for (FilmBack.Named n : FilmBack.TRADE) {
            out.add(new CameraReading.Option(n.name(), n.words(), n.name().equals(name)));
        }
        return out;
    }

    private static List<CameraReading.Option> fits(Optics o) {
        List<CameraReading.Option> out = new ArrayList<>();
        for (GateFit f : GateFit.values()) {
            out.add(new CameraReading.Option(f.id(), f.label() + ": " + f.does(), f == o.fit()));
        }
        return out;
    }
}
