package rhombus.core.stage.show.readout;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.MatchConstraints;
import rhombus.core.match.MatchResult;
import rhombus.core.navigate.NumberText;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.view.AxisDirection;

/** The picture plane that is selected, in numbers and words. */
final class PictureReadout {
    private static final String SET = "picture.set";
    private static final String POINT = "picture.point";

    private final StageContext ground;
    private final SubjectParts subject;
    private final ReadoutNumbers numbers;

    PictureReadout(StageContext ground, SubjectParts subject, ReadoutNumbers numbers) {
        this.ground = ground;
        this.subject = subject;
        this.numbers = numbers;
    }

    /** The reading, or null where no picture is selected. */
    PictureReading of() {
        int node = subject.picture();
        if (node < 0) {
            return null;
        }
        PicturePlane p = ground.scene().node(node).picture();
        MatchResult found = subject.matching().look(ground.scene(), p);
        boolean open =
                ground.board().views.stream().anyMatch(v -> v.shown && PicturePlanes.in(ground, v, node) != null);
        return new PictureReading(
                ground.scene().node(node).id(),
                ground.nameOf(node),
                List.of(new ReadoutRow(say("picture-readout.pixels"), p.width() + " × " + p.height())),
                fields(p),
                seen(p),
                p.front(),
                open,
                marks(p, found),
                words(p, found),
                found != null);
    }

    private List<ReadoutField> fields(PicturePlane p) {
        List<ReadoutField> out = new ArrayList<>();
        if (p.throughCamera()) {
            out.add(percent("size", say("picture-readout.height"), p.size()));
            out.add(percent("x", say("picture-readout.middle"), p.x()));
            out.add(percent("y", "", p.y()));
        } else {
            out.add(numbers.lengthField(SET, "size", say("picture-readout.height"), p.size()));
        }
        out.add(percent("opacity", say("picture-readout.opacity"), p.opacity()));
        return out;
    }

    private static ReadoutField percent(String key, String label, double part) {
        return new ReadoutField(
                SET,
                key,
                label,
                ReadoutNumbers.number(part * 100, 6) + "%",
                ReadoutNumbers.number(part * 100, 1) + "%",
                null);
    }

    private List<CameraReading.Option> seen(PicturePlane p) {
        Scene s = ground.scene();
        List<CameraReading.Option> out = new ArrayList<>();
        for (AxisDirection d : AxisDirection.values()) {
            String word = d.word();
            out.add(new CameraReading.Option(word, d.words(), word.equals(p.seen())));
        }
        for (int i : s.cameras()) {
            String id = s.node(i).id();
            boolean on = p.throughCamera() && id.equals(p.camera());
            out.add(new CameraReading.Option(
                    PicturePlane.CAMERA + ":" + id, say("picture-readout.through", ground.nameOf(i)), on));
        }
        if (out.stream().noneMatch(CameraReading.Option::on)) {
            out.add(new CameraReading.Option("", say("picture-readout.nowhere-its-camera-is-gone"), true));
        }
        return out;
    }

    private List<PictureReading.Mark> marks(PicturePlane p, MatchResult found) {
        List<PictureReading.Mark> out = new ArrayList<>();
        for (int k = 0; k < p.lines().size(); k++) {
            out.add(new PictureReading.Mark(
                    new PictureSketch.End("line", k, false).id(),
                    "line",
                    say(
                            "picture-readout.line-along",
                            k + 1,
                            "XYZ".charAt(p.lines().get(k).axis())),
                    found == null ? null : error(found.lines().get(k)),
                    List.of()));
        }
        for (int k = 0; k < p.points().size(); k++) {
            MatchConstraints.Point q = p.points().get(k);
            out.add(new PictureReading.Mark(
                    new PictureSketch.End("point", k, false).id(),
                    "point",
                    say("picture-readout.point", k + 1),
                    found == null || !found.placed()
                            ? null
                            : error(found.points().get(k)),
                    place(k, q.at())));
        }
        if (p.span() != null) {
            ReadoutField f =
                    new ReadoutField("picture.scale", "distance", "", "", say("picture-readout.type-it"), null);
            out.add(new PictureReading.Mark(
                    new PictureSketch.End("span", 0, false).id(),
                    "span",
                    say("picture-readout.known-distance"),
                    null,
                    List.of(f)));
        }
        return out;
    }

    private List<ReadoutField> place(int index, Vec3 at) {
        List<ReadoutField> out = new ArrayList<>();
        for (ReadoutField f : numbers.axes(POINT, "", "", at)) {
            out.add(f.of(new PictureSketch.End("point", index, false).id()));
        }
        return out;
    }

    private static String error(double pixels) {
        return NumberText.fixed(pixels, 1) + " px";
    }

    private String words(PicturePlane p, MatchResult found) {
        if (found == null) {
            return subject.matching().why() + ".";
        }
        return say(
                found.placed() ? "picture-readout.upright" : "picture-readout.upright-from-a-guess",
                NumberText.fixed(Math.toDegrees(found.fovY(p.height())), 1),
                NumberText.fixed(found.error(), 1));
    }
}
