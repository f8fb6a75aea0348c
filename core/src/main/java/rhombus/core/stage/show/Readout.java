package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.Quantity;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Lengths;
import rhombus.core.navigate.Lens;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.Rung;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.Shape;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Captions;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Looks;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Standard;

/** The numbers of the active view and of the selection: as text to copy, and as fields that can be typed into. */
public final class Readout {
    private final Ground ground;
    private final Subject subject;
    private final Tools tools;
    private final Boards boards;
    private final Snapshots snapshots;
    private final ViewState v;
    private final String unit;

    private Readout(Ground ground, Subject subject, Tools tools, Boards boards, Snapshots snapshots) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.boards = boards;
        this.snapshots = snapshots;
        this.v = ground.board().active();
        this.unit = ground.habits().value(AllHabits.UNIT).toString();
    }

    static Map<String, Object> of(Ground ground, Subject subject, Tools tools, Boards boards, Snapshots snapshots) {
        Readout r = new Readout(ground, subject, tools, boards, snapshots);
        Map<String, Object> m = r.view();
        if (!subject.selection().isEmpty()) {
            m.put("selection", r.selection());
        }
        return m;
    }

    private Map<String, Object> view() {
        Pose p = v.pose;
        double depth = p.focus();
        double roll = Heading.roll(p.orientation(), ground.scene().up());
        List<Object> fields = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            fields.add(field("view.set", a, "Eye", length(p.eye().get(a)), inUnit(p.eye().get(a))));
        }
        fields.add(lengthField("view.set", "focus", "Focus", p.focus()));
        if (p.projection() instanceof Projection.Orthographic o) {
            fields.add(lengthField("view.set", "extent", "Extent", o.extent()));
        } else {
            fields.add(field("view.set", "lens", "Lens", Lengths.fixed(Math.toDegrees(v.lens), 1) + "°"));
            fields.add(field("view.set", "focal", "", Lengths.fixed(Lens.focalLength(Lens.FULL_FRAME, v.lens), 1) + " mm"));
        }
        fields.add(field("view.set", "roll", "Roll", Lengths.fixed(Math.toDegrees(roll), 1) + "°"));
        return Plain.map(
                "view", v.id,
                "title", Captions.title(ground, v),
                "rows", List.of(row("Direction", direction()), row("Scale", Lengths.digits(1 / v.screen().metresPerPixel(depth)) + " px/m"),
                        row("Grid", Lengths.words(snapshots.grid(v.number).spacing()))),
                "fields", fields,
                "pivot", snapshots.pivot(v.id),
                "pinned", subject.pivot().pinned() == null ? null : axes("pivot.set-at", "Pinned", subject.pivot().pinned()),
                "ladder", ladder(),
                "undo", subject.editing().history().undoName(),
                "redo", subject.editing().history().redoName(),
                "tool", tools.toPlain(),
                "components", subject.components().mode(),
                "isolated", ground.scene().isolated() != null ? true : null,
                "solo", ground.board().solo >= 0,
                "clearDeck", boards.clearDeck(),
                "trail", snapshots.trail(v.id));
    }

    /** The standard name of the direction when it has one, else how far round and how far up one looks. */
    private String direction() {
        Standard s = Standard.nearest(v.pose.orientation(), ground.scene().up());
        if (s.angleTo(v.pose.orientation(), ground.scene().up()) < 1e-9) {
            return s.words();
        }
        Heading h = Heading.of(v.pose.orientation(), ground.scene().up());
        return Lengths.fixed(Math.toDegrees(h.yaw()), 0) + "° round · " + Lengths.fixed(Math.toDegrees(h.pitch()), 0) + "°";
    }

    private Map<String, Object> ladder() {
        List<Rung> order = subject.pivot().order();
        List<Object> rungs = new ArrayList<>();
        for (Rung r : order) {
            rungs.add(Plain.map("id", r.id(), "label", r.words(), "on", true));
        }
        for (Rung r : Rung.values()) {
            if (!order.contains(r)) {
                rungs.add(Plain.map("id", r.id(), "label", r.words(), "on", false));
            }
        }
        String preset = null;
        for (Map.Entry<String, List<Rung>> e : PivotLadder.PRESETS.entrySet()) {
            preset = e.getValue().equals(order) ? e.getKey() : preset;
        }
        return Plain.map("rungs", rungs, "presets", new ArrayList<Object>(PivotLadder.PRESETS.keySet()), "preset", preset);
    }

    private Map<String, Object> selection() {
        Scene scene = ground.scene();
        int last = subject.selection().last();
        Node n = scene.node(last);
        Vec3 size = subject.selection().bounds(scene).size();
        Vec3 turn = Transforms.angles(Transforms.rotationOf(n.local()));
        Vec3 scale = Transforms.scaleOf(n.local());
        List<Object> turns = new ArrayList<>();
        List<Object> scales = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            double degrees = Math.toDegrees(turn.get(a));
            turns.add(field("edit.turn", a, "", number(degrees, 3) + "°", degrees));
            scales.add(field("edit.scale", a, "", number(scale.get(a), 4), scale.get(a)));
        }
        Map<String, Object> m = Plain.map(
                "name", subject.names(),
                "kind", n.kind().word(),
                "last", ground.nameOf(last),
                "object", n.id(),
                "size", brief(inUnit(size.x())) + " × " + brief(inUnit(size.y())) + " × " + brief(inUnit(size.z())) + " " + unit,
                "place", Looks.point(scene.pivot(last)),
                "places", axes("edit.place", "Place", scene.pivot(last)),
                "pivot", axes("object.pivot", "Pivot", scene.pivot(last)),
                "turns", turns,
                "scales", scales,
                "parts", subject.components().isEmpty() ? null : subject.components().words(),
                "locked", scene.locked(last) ? true : null,
                "group", n.kind() == Kind.GROUP ? true : null,
                "triangles", subject.selection().triangles(scene));
        if (n.shape() != null) {
            List<Object> fields = new ArrayList<>();
            for (Shape.Parameter p : n.shape().sort().parameters()) {
                double value = Plain.number(n.shape().toPlain().get(p.id()), p.usual());
                fields.add(p.whole() ? field("edit.shape", p.id(), p.words(), Lengths.fixed(value, 0)) : lengthField("edit.shape", p.id(), p.words(), value));
            }
            m.put("shape", fields);
        }
        return m;
    }

    private List<Object> axes(String command, String label, Vec3 p) {
        List<Object> out = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            out.add(field(command, a, label, length(p.get(a)), inUnit(p.get(a))));
        }
        return out;
    }

    /** A length in the user's unit with all the digits that count, to copy and to type over. */
    private String length(double metres) {
        return full(inUnit(metres)) + " " + unit;
    }

    /** All of a number that counts: nine decimals, more for what is very small. */
    private static String full(double v) {
        double a = Math.abs(v);
        return number(v, a < 1e-6 ? 15 : 9);
    }

    /** A number with some decimals at most and no zeros at the end. */
    public static String number(double v, int places) {
        return Math.abs(v) < 1e15 ? Lengths.trimmed(Lengths.fixed(v, places)) : Lengths.digits(v);
    }

    /** A field of an axis: where three stand in a row they are brief until one looks into them. */
    private static Map<String, Object> field(String command, int axis, String label, String text, double value) {
        String key = "xyz".substring(axis, axis + 1);
        return Plain.map("command", command, "key", key, "label", axis == 0 ? label : "", "text", text, "short", brief(value), "axis", key);
    }

    private static Map<String, Object> field(String command, String key, String label, String text) {
        return Plain.map("command", command, "key", key, "label", label, "text", text);
    }

    /** A length: four digits until one looks into the field, which then has all of them. */
    private Map<String, Object> lengthField(String command, String key, String label, double metres) {
        Map<String, Object> m = field(command, key, label, length(metres));
        m.put("short", brief(inUnit(metres)) + " " + unit);
        return m;
    }

    /** A number on the screen: four significant digits. */
    private static String brief(double v) {
        // What is nothing beside the places of a scene is told as nothing.
        return Math.abs(v) < 1e-9 ? "0" : Lengths.digits(v);
    }

    private double inUnit(double metres) {
        return metres / Quantity.LENGTHS.getOrDefault(unit, 1.0);
    }

    private static Map<String, Object> row(String label, String value) {
        return Plain.map("label", label, "value", value);
    }
}
