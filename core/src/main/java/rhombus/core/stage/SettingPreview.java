package rhombus.core.stage;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.marks.HoverMark;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.MarqueeMark;
import rhombus.core.stage.show.help.PreviewFrame;

/**
 * Shows what a setting does: a small stage of its own, on which an unseen hand does the same thing over and over, by the same
 * rules as the large one. Times are milliseconds.
 */
public final class SettingPreview {
    private static final double WIDTH = 240;
    private static final double HEIGHT = 170;
    /** The viewport that is shown, of the four that a board has at first, and the border between them. */
    private static final String VIEW = "v2";

    private static final double BORDER = 3;
    private static final double LOOP_MS = 3600;
    private static final int BEATS = 6;
    /** Half of what lies on the ground, metres. */
    private static final double GROUND = 2.2;

    private static final int CORNERS = 8;

    private Stage stage = new Stage();
    private PreviewHand hand = new PreviewHand(stage, 0, 0);
    private PreviewGesture doing;
    private Habit shown;
    private Habits habits = Habits.USUAL;
    private double began;
    private int beats;
    private double left;
    private double top;

    /** Whether a setting can be shown. */
    public static boolean shows(Habit h) {
        return PreviewGesture.of(h) != null;
    }

    /** Shows a setting with the values that are set; the same one with other values begins anew. */
    public void show(Habit h, Habits values, double timeMs) {
        if (shown == h && habits == values) {
            return;
        }
        shown = h;
        doing = PreviewGesture.of(h);
        habits = values;
        if (doing == null) {
            return;
        }
        began = timeMs;
        beats = 0;
        stage = new Stage();
        stage.resize(2 * WIDTH + BORDER, 2 * HEIGHT + BORDER);
        stage.open(scene(), say("preview.preview"));
        stage.use(values);
        left = stage.parts.ground.board().named(VIEW).x;
        top = stage.parts.ground.board().named(VIEW).y;
        stage.tick(timeMs);
        hand = new PreviewHand(stage, left + WIDTH / 2, top + HEIGHT / 2);
        hand.at(timeMs);
        hand.move(0, 0, 0);
        doing.begins(hand);
    }

    /** What there is to see now; null where nothing is shown. */
    public PreviewFrame frame(double timeMs) {
        if (doing == null) {
            return null;
        }
        hand.at(timeMs);
        doing.goesOn(hand, (timeMs - began) / LOOP_MS * 2 * Math.PI);
        int now = (int) ((timeMs - began) / (LOOP_MS / BEATS));
        for (; beats < now; beats++) {
            doing.beat(hand, beats % BEATS);
        }
        stage.tick(timeMs);
        return new PreviewFrame(WIDTH, HEIGHT, lines(), WIDTH / 2 + hand.dx(), HEIGHT / 2 + hand.dy(), doing.words());
    }

    private List<PreviewFrame.PreviewLine> lines() {
        List<PreviewFrame.PreviewLine> out = new ArrayList<>();
        for (int i = -2; i <= 2; i++) {
            double at = i * GROUND / 2;
            line(out, new Vec3(at, 0, -GROUND), new Vec3(at, 0, GROUND), "ground");
            line(out, new Vec3(-GROUND, 0, at), new Vec3(GROUND, 0, at), "ground");
        }
        double[] world = stage.scene().world(0);
        String box = stage.parts.subject.selection().has(0) ? "picked" : hovered() ? "hovered" : "box";
        for (int a = 0; a < CORNERS; a++) {
            for (int bit = 1; bit < CORNERS; bit <<= 1) {
                if ((a & bit) == 0) {
                    line(out, Mat4.point(world, corner(a)), Mat4.point(world, corner(a | bit)), box);
                }
            }
        }
        // Its front has a mark, so that one sees which way it is turned.
        for (int side = -1; side <= 1; side += 2) {
            Vec3 foot = Mat4.point(world, new Vec3(side * 0.5, 0, 0.5));
            line(out, foot, Mat4.point(world, new Vec3(0, 0.6, 0.5)), "mark");
        }
        if (doing == PreviewGesture.AXES_SHOWN) {
            line(out, Vec3.ZERO, new Vec3(1.6, 0, 0), "x");
            line(out, Vec3.ZERO, new Vec3(0, 1.6, 0), "y");
            line(out, Vec3.ZERO, new Vec3(0, 0, 1.6), "z");
        }
        marquee(out);
        rose(out);
        return out;
    }

    private boolean hovered() {
        HoverMark m = stage.parts.hover.mark(stage.parts.ground.board().named(VIEW));
        return m != null;
    }

    /** The rectangle that is drawn. */
    private void marquee(List<PreviewFrame.PreviewLine> out) {
        MarqueeMark m = stage.parts.gesture.marquee(stage.parts.ground.board().named(VIEW));
        if (m != null) {
            double right = m.x() + m.width();
            double low = m.y() + m.height();
            out.add(new PreviewFrame.PreviewLine(m.x(), m.y(), right, m.y(), "drawn"));
            out.add(new PreviewFrame.PreviewLine(right, m.y(), right, low, "drawn"));
            out.add(new PreviewFrame.PreviewLine(right, low, m.x(), low, "drawn"));
            out.add(new PreviewFrame.PreviewLine(m.x(), low, m.x(), m.y(), "drawn"));
        }
    }

    /** Where the Rose is, should it be what is shown. */
    private void rose(List<PreviewFrame.PreviewLine> out) {
        if (doing != PreviewGesture.ROSE || !stage.habits().on(AllHabits.ROSE)) {
            return;
        }
        RoseMark r = RoseMark.of(stage.parts.ground.board().named(VIEW));
        double x = r.x();
        double y = r.y();
        double[][] tips = {{0, -r.half()}, {r.half(), 0}, {0, r.half()}, {-r.half(), 0}};
        for (int i = 0; i < tips.length; i++) {
            double[] a = tips[i];
            double[] b = tips[(i + 1) % tips.length];
            out.add(new PreviewFrame.PreviewLine(x + a[0], y + a[1], x + b[0], y + b[1], "mark"));
        }
    }

    private static Vec3 corner(int bits) {
        return new Vec3((bits & 1) - 0.5, (bits >> 1 & 1) * 1.0, (bits >> 2) - 0.5);
    }

    private void line(List<PreviewFrame.PreviewLine> out, Vec3 a, Vec3 b, String sort) {
        Vec3 p = stage.project(VIEW, a);
        Vec3 q = stage.project(VIEW, b);
        if (p.z() > 0 && q.z() > 0) {
            out.add(new PreviewFrame.PreviewLine(p.x() - left, p.y() - top, q.x() - left, q.y() - top, sort));
        }
    }

    /** A unit cube that stands on the ground. */
    private static Scene scene() {
        float[] p = new float[CORNERS * 3];
        for (int i = 0; i < CORNERS; i++) {
            Vec3 c = corner(i);
            p[i * 3] = (float) c.x();
            p[i * 3 + 1] = (float) c.y();
            p[i * 3 + 2] = (float) c.z();
        }
        int[] t = {
            0, 2, 3, 0, 3, 1, 4, 5, 7, 4, 7, 6, 0, 1, 5, 0, 5, 4, 2, 6, 7, 2, 7, 3, 0, 4, 6, 0, 6, 2, 1, 3, 7, 1, 7, 5
        };
        Mesh m = new Mesh(Vec3.ZERO, p, t);
        MeshEdges e = MeshEdges.of(p, t);
        m.attachEdges(e.edges(), e.strong());
        m.attach(BvhBuilder.of(p, t));
        Node box = new Node("n0", say("preview.box"), -1, Mat4.translation(Vec3.ZERO), List.of(0), null, null, false);
        // Two specks far above and below it keep the eye at a distance.
        List<Node> nodes = new ArrayList<>(List.of(box));
        for (double side : new double[] {-1, 1}) {
            double[] at = Mat4.trs(new Vec3(0, 0.5 + 1.5 * side, 0), Quat.IDENTITY, new Vec3(0.001, 0.001, 0.001));
            nodes.add(new Node("n" + nodes.size(), say("preview.speck"), -1, at, List.of(0), null, null, true));
        }
        return new Scene(nodes, List.of(m), UpAxis.Y);
    }
}
