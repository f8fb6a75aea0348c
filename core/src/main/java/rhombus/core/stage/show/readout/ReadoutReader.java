package rhombus.core.stage.show.readout;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import rhombus.core.display.Grid;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.LensChange;
import rhombus.core.navigate.NumberText;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.PivotRung;
import rhombus.core.optics.Rectilinear;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Node;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.show.boards.BoardReader;
import rhombus.core.stage.show.views.PivotReading;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.NamedOption;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.StandardDirection;

/** The numbers of the active view and of the selection: as text to copy, and as fields that can be typed into. */
public final class ReadoutReader {
    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final Boards boards;
    private final Function<String, PivotReading> pivots;
    private final CameraReadout camera;
    private final PictureReadout picture;
    private final ReadoutNumbers numbers;

    /** Reads the numbers of a stage; {@code pivots} gives the pivot of a viewport. */
    public ReadoutReader(
            StageContext ground,
            SubjectParts subject,
            ActiveTool tools,
            Boards boards,
            Function<String, PivotReading> pivots) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.boards = boards;
        this.pivots = pivots;
        this.numbers = new ReadoutNumbers(ground);
        this.camera = new CameraReadout(ground, subject, numbers);
        this.picture = new PictureReadout(ground, subject, numbers);
    }

    /** What the last motion did and where the active view looks, in a sentence for a screen reader. */
    @PageCall
    public String aloud() {
        return MotionAnnouncement.of(ground, subject);
    }

    /** The numbers of the active view and of the selection, ready to read. */
    @PageCall(patches = true)
    public Readout now() {
        Viewport v = ground.board().active();
        Vec3 pinned = subject.pivot().pinned();
        return new Readout(
                v.id,
                PlateCaptions.title(ground, v),
                rows(v),
                fields(v),
                pivots.apply(v.id),
                pinned == null ? null : numbers.axes("pivot.set-at", say("reading.pinned"), pinned),
                ladder(),
                subject.editing().history().undoName(),
                subject.editing().history().redoName(),
                tools.state(),
                subject.components().mode(),
                ground.scene().isolated() != null ? true : null,
                ground.board().solo >= 0,
                boards.clearDeck(),
                BoardReader.trail(v),
                subject.selection().isEmpty() ? null : selection(),
                camera.of(v),
                picture.of());
    }

    private List<ReadoutRow> rows(Viewport v) {
        return List.of(
                new ReadoutRow(say("reading.direction"), direction(v.pose)),
                new ReadoutRow(
                        say("reading.scale"),
                        NumberText.digits(1 / v.screen().metresPerPixel(v.pose.focus())) + " px/m"),
                new ReadoutRow(
                        say("reading.grid"),
                        NumberText.words(Grid.spacing(v.screen(), ground.scene().up()))));
    }

    private List<ReadoutField> fields(Viewport v) {
        Pose p = v.pose;
        List<ReadoutField> fields = new ArrayList<>(numbers.axes("view.set", say("reading.eye"), p.eye()));
        fields.add(numbers.lengthField("view.set", "focus", say("reading.focus"), p.focus()));
        if (p.projection() instanceof Projection.Orthographic o) {
            fields.add(numbers.lengthField("view.set", "extent", say("reading.extent"), o.extent()));
        } else {
            fields.add(ReadoutNumbers.field(
                    "view.set", "lens", say("reading.lens"), NumberText.fixed(Math.toDegrees(v.lens), 1) + "°"));
            fields.add(ReadoutNumbers.field(
                    "view.set",
                    "focal",
                    "",
                    NumberText.fixed(Rectilinear.focalLength(LensChange.FULL_FRAME, v.lens), 1) + " mm"));
        }
        double roll = Heading.roll(p.orientation(), ground.scene().up());
        fields.add(ReadoutNumbers.field(
                "view.set", "roll", say("reading.roll"), NumberText.fixed(Math.toDegrees(roll), 1) + "°"));
        return fields;
    }

    /** The standard name of the direction when it has one, else how far round and how far up one looks. */
    private String direction(Pose p) {
        StandardDirection s =
                StandardDirection.exactly(p.orientation(), ground.scene().up());
        if (s != null) {
            return s.words();
        }
        Heading h = Heading.of(p.orientation(), ground.scene().up());
        return say(
                "reading.round",
                NumberText.fixed(Math.toDegrees(h.yaw()), 0),
                NumberText.fixed(Math.toDegrees(h.pitch()), 0));
    }

    private PivotLadderReading ladder() {
        List<PivotRung> order = subject.pivot().order();
        List<PivotRungRow> rungs = new ArrayList<>();
        for (PivotRung r : order) {
            rungs.add(new PivotRungRow(r.id(), r.words(), true));
        }
        for (PivotRung r : PivotRung.values()) {
            if (!order.contains(r)) {
                rungs.add(new PivotRungRow(r.id(), r.words(), false));
            }
        }
        List<NamedOption> presets = PivotLadder.PRESETS.keySet().stream()
                .map(id -> new NamedOption(id, PivotLadder.words(id)))
                .toList();
        String preset = null;
        for (Map.Entry<String, List<PivotRung>> e : PivotLadder.PRESETS.entrySet()) {
            preset = e.getValue().equals(order) ? e.getKey() : preset;
        }
        return new PivotLadderReading(rungs, presets, preset);
    }

    private SelectionReading selection() {
        Scene scene = ground.scene();
        int last = subject.selection().last();
        Node n = scene.node(last);
        Vec3 size = subject.selection().bounds(scene).size();
        Vec3 place = scene.pivot(last);
        return new SelectionReading(
                subject.names(),
                n.kind().word(),
                ground.nameOf(last),
                n.id(),
                ReadoutNumbers.brief(numbers.inUnit(size.x())) + " × " + ReadoutNumbers.brief(numbers.inUnit(size.y()))
                        + " × " + ReadoutNumbers.brief(numbers.inUnit(size.z())) + " " + numbers.unit(),
                place,
                numbers.axes("edit.place", say("reading.place"), place),
                numbers.axes("object.pivot", say("reading.pivot"), place),
                turns(n),
                scales(n),
                subject.components().isEmpty() ? null : subject.components().words(),
                scene.locked(last) ? true : null,
                n.kind() == NodeKind.GROUP ? true : null,
                ways(n),
                subject.selection().triangles(scene),
                strokes(Mesh.Kind.LINES),
                strokes(Mesh.Kind.POINTS),
                n.shape() == null ? null : shape(n.shape()));
    }

    private Integer strokes(Mesh.Kind kind) {
        Scene scene = ground.scene();
        if (!scene.anyStrokes()) {
            return null;
        }
        int n = subject.selection().roots(scene).stream()
                .mapToInt(i -> scene.strokesBelow(i, kind))
                .sum();
        return n == 0 ? null : n;
    }

    private static List<ViewSource> ways(Node n) {
        return Arrays.stream(DisplayOverride.values())
                .map(w ->
                        new ViewSource(w.id(), w.words(), null, "object.draw-as", Map.of("way", w.id()), n.way() == w))
                .toList();
    }

    private static List<ReadoutField> turns(Node n) {
        Vec3 turn = Transforms.angles(Transforms.rotationOf(n.local()));
        List<ReadoutField> out = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            double degrees = Math.toDegrees(turn.get(a));
            out.add(ReadoutNumbers.field("edit.turn", a, "", ReadoutNumbers.number(degrees, 3) + "°", degrees));
        }
        return out;
    }

    private static List<ReadoutField> scales(Node n) {
        Vec3 scale = Transforms.scaleOf(n.local());
        List<ReadoutField> out = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            out.add(ReadoutNumbers.field("edit.scale", a, "", ReadoutNumbers.number(scale.get(a), 4), scale.get(a)));
        }
        return out;
    }

    private List<ReadoutField> shape(ParametricShape shape) {
        List<ReadoutField> out = new ArrayList<>();
        for (ParametricShape.Parameter p : shape.sort().parameters()) {
            double value = PlainData.number(shape.toPlain().get(p.id()), p.usual());
            out.add(
                    p.whole()
                            ? ReadoutNumbers.field("edit.shape", p.id(), p.words(), NumberText.fixed(value, 0))
                            : numbers.lengthField("edit.shape", p.id(), p.words(), value));
        }
        return out;
    }
}
