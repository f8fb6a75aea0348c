package rhombus.core.stage.show;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.Evidence;
import rhombus.core.match.Matched;
import rhombus.core.navigate.Lengths;
import rhombus.core.scene.Picture;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.Sketch;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;
import rhombus.core.view.Direction;

/** The picture plane that is selected, in numbers and words. */
final class PictureReadout {
    private static final String SET = "picture.set";
    private static final String POINT = "picture.point";

    private final Ground ground;
    private final Subject subject;
    private final Reading reading;

    PictureReadout(Ground ground, Subject subject, Reading reading) {
        this.ground = ground;
        this.subject = subject;
        this.reading = reading;
    }

    /** The reading, or null where no picture is selected. */
    PictureReading of() {
        int node = subject.picture();
        if (node < 0) {
            return null;
        }
        Picture p = ground.scene().node(node).picture();
        Matched found = subject.matching().look(ground.scene(), p);
        boolean open =
                ground.board().views.stream().anyMatch(v -> v.shown && PicturePlanes.in(ground, v, node) != null);
        return new PictureReading(
                ground.scene().node(node).id(),
                ground.nameOf(node),
                List.of(new Row(say("picture-readout.pixels"), p.width() + " × " + p.height())),
                fields(p),
                seen(p),
                p.front(),
                open,
                marks(p, found),
                words(p, found),
                found != null);
    }

    private List<Field> fields(Picture p) {
        List<Field> out = new ArrayList<>();
        if (p.throughCamera()) {
            out.add(percent("size", say("picture-readout.height"), p.size()));
            out.add(percent("x", say("picture-readout.middle"), p.x()));
            out.add(percent("y", "", p.y()));
        } else {
            out.add(reading.lengthField(SET, "size", say("picture-readout.height"), p.size()));
        }
        out.add(percent("opacity", say("picture-readout.opacity"), p.opacity()));
        return out;
    }

    private static Field percent(String key, String label, double part) {
        return new Field(
                SET, key, label, Reading.number(part * 100, 6) + "%", Reading.number(part * 100, 1) + "%", null);
    }

    private List<CameraReading.Option> seen(Picture p) {
        Scene s = ground.scene();
        List<CameraReading.Option> out = new ArrayList<>();
        for (Direction d : Direction.values()) {
            String word = d.word();
            out.add(new CameraReading.Option(word, d.words(), word.equals(p.seen())));
        }
        for (int i : s.cameras()) {
            String id = s.node(i).id();
            boolean on = p.throughCamera() && id.equals(p.camera());
            out.add(new CameraReading.Option(
                    Picture.CAMERA + ":" + id, say("picture-readout.through", ground.nameOf(i)), on));
        }
        if (out.stream().noneMatch(CameraReading.Option::on)) {
            out.add(new CameraReading.Option("", say("picture-readout.nowhere-its-camera-is-gone"), true));
        }
        return out;
    }

    private List<PictureReading.Mark> marks(Picture p, Matched found) {
        List<PictureReading.Mark> out = new ArrayList<>();
        for (int k = 0; k < p.lines().size(); k++) {
            out.add(new PictureReading.Mark(
                    new Sketch.End("line", k, false).id(),
                    "line",
                    say(
                            "picture-readout.line-along",
                            k + 1,
                            "XYZ".charAt(p.lines().get(k).axis())),
                    found == null ? null : error(found.lines().get(k)),
                    List.of()));
        }
        for (int k = 0; k < p.points().size(); k++) {
            Evidence.Point q = p.points().get(k);
            out.add(new PictureReading.Mark(
                    new Sketch.End("point", k, false).id(),
                    "point",
                    say("picture-readout.point", k + 1),
                    found == null || !found.placed()
                            ? null
                            : error(found.points().get(k)),
                    place(k, q.at())));
        }
        if (p.span() != null) {
            Field f = new Field("picture.scale", "distance", "", "", say("picture-readout.type-it"), null);
            out.add(new PictureReading.Mark(
                    new Sketch.End("span", 0, false).id(),
                    "span",
                    say("picture-readout.known-distance"),
                    null,
                    List.of(f)));
        }
        return out;
    }

    private List<Field> place(int index, Vec3 at) {
        List<Field> out = new ArrayList<>();
        for (Field f : reading.axes(POINT, "", "", at)) {
            out.add(f.of(new Sketch.End("point", index, false).id()));
        }
        return out;
    }

    private static String error(double pixels) {
        return Lengths.fixed(pixels, 1) + " px";
    }

    private String words(Picture p, Matched found) {
        if (found == null) {
            return subject.matching().why() + ".";
        }
        return say(
                found.placed() ? "picture-readout.upright" : "picture-readout.upright-from-a-guess",
                Lengths.fixed(Math.toDegrees(found.fovY(p.height())), 1),
                Lengths.fixed(found.error(), 1));
    }
}
