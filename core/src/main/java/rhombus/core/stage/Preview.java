package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Bvh;
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
import rhombus.core.stage.show.PreviewFrame;

/**
 * Shows what a setting does: a small stage of its own, on which an unseen hand does the same thing over and over, by the same
 * rules as the large one. Times are milliseconds.
 */
public final class Preview {
    private static final double WIDTH = 240;
    private static final double HEIGHT = 170;
    /** The viewport that is shown, of the four that a board has at first, and the border between them. */
    private static final String VIEW = "v2";

    private static final double BORDER = 3;
    private static final double LOOP_MS = 3600;
    private static final int RIGHT = 2;
    /** Half of what lies on the ground, metres. */
    private static final double GROUND = 2.2;

    private static final int CORNERS = 8;

    /** What the hand does. */
    private enum Doing {
        ORBIT("orbiting"),
        DOLLY("dollying by a drag"),
        WHEEL("turning the wheel"),
        LOOK("looking about"),
        STEPS("stepping there and back"),
        AXES("from the right to the top");

        private final String words;

        Doing(String words) {
            this.words = words;
        }
    }

    private static final Map<Habit, Doing> SHOWN = Map.ofEntries(
            Map.entry(AllHabits.ORBIT_STYLE, Doing.ORBIT),
            Map.entry(AllHabits.POLES, Doing.ORBIT),
            Map.entry(AllHabits.ORBIT_SPEED, Doing.ORBIT),
            Map.entry(AllHabits.ORBIT_INVERT_X, Doing.ORBIT),
            Map.entry(AllHabits.ORBIT_INVERT_Y, Doing.ORBIT),
            Map.entry(AllHabits.STEP, Doing.STEPS),
            Map.entry(AllHabits.GLIDE, Doing.AXES),
            Map.entry(AllHabits.AXIS_FLAT, Doing.AXES),
            Map.entry(AllHabits.DOLLY_STYLE, Doing.DOLLY),
            Map.entry(AllHabits.DOLLY_SPEED, Doing.DOLLY),
            Map.entry(AllHabits.DOLLY_INVERT, Doing.DOLLY),
            Map.entry(AllHabits.WHEEL_SPEED, Doing.WHEEL),
            Map.entry(AllHabits.WHEEL_INVERT, Doing.WHEEL),
            Map.entry(AllHabits.LOOK_SPEED, Doing.LOOK),
            Map.entry(AllHabits.LOOK_INVERT_Y, Doing.LOOK));

    private Stage stage = new Stage();
    private Doing doing;
    private Habits habits = Habits.USUAL;
    private double began;
    private int beats;
    private double left;
    private double top;

    /** Whether a setting can be shown. */
    public static boolean shows(Habit h) {
        return SHOWN.containsKey(h);
    }

    /** Shows a setting with the values that are set; the same one with other values begins anew. */
    public void show(Habit h, Habits values, double timeMs) {
        if (doing == SHOWN.get(h) && habits == values) {
            return;
        }
        doing = SHOWN.get(h);
        habits = values;
        began = timeMs;
        beats = 0;
        stage = new Stage();
        stage.resize(2 * WIDTH + BORDER, 2 * HEIGHT + BORDER);
        stage.open(scene(), "Preview");
        stage.use(values);
        left = stage.rooms.ground.board().named(VIEW).x;
        top = stage.rooms.ground.board().named(VIEW).y;
        stage.tick(timeMs);
        if (doing == Doing.DOLLY || doing == Doing.LOOK) {
            at(0, 0, 0, timeMs);
            stage.input().keyDown(doing == Doing.DOLLY ? "KeyA" : "KeyE", 0, false, timeMs);
        } else if (doing == Doing.ORBIT) {
            at(0, 0, 0, timeMs);
            at(0, 0, RIGHT, timeMs);
        }
    }

    private void at(double dx, double dy, int buttons, double timeMs) {
        stage.input().pointer(left + WIDTH / 2 + dx, top + HEIGHT / 2 + dy, buttons, 0, timeMs);
    }

    /** What there is to see now; null where nothing is shown. */
    public PreviewFrame frame(double timeMs) {
        if (doing == null) {
            return null;
        }
        double turn = (timeMs - began) / LOOP_MS * 2 * Math.PI;
        double dx = 0;
        double dy = 0;
        switch (doing) {
            case ORBIT -> {
                dx = 32 * Math.sin(turn);
                dy = 16 * Math.sin(2 * turn);
                at(dx, dy, RIGHT, timeMs);
            }
            case LOOK -> {
                dx = 34 * Math.sin(turn);
                dy = 20 * Math.sin(2 * turn);
                at(dx, dy, 0, timeMs);
            }
            case DOLLY -> {
                dy = -26 * Math.sin(turn);
                at(dx, dy, 0, timeMs);
            }
            default -> beat(timeMs);
        }
        stage.tick(timeMs);
        return new PreviewFrame(WIDTH, HEIGHT, lines(), WIDTH / 2 + dx, HEIGHT / 2 + dy, doing.words);
    }

    /** What is done by strokes: three one way and three back, one each sixth of the time. */
    private void beat(double timeMs) {
        int now = (int) ((timeMs - began) / (LOOP_MS / 6));
        for (; beats < now; beats++) {
            at(0, 0, 0, timeMs);
            boolean there = beats % 6 < 3;
            switch (doing) {
                case WHEEL ->
                    stage.input().wheel(left + WIDTH / 2, top + HEIGHT / 2, 0, there ? -100 : 100, 0, 0, timeMs);
                case STEPS -> key(there ? "ArrowRight" : "ArrowLeft", timeMs);
                default -> key(beats % 2 == 0 ? "KeyX" : "KeyY", timeMs);
            }
        }
    }

    private void key(String code, double timeMs) {
        stage.input().keyDown(code, 0, false, timeMs);
        stage.input().keyUp(code, 0, timeMs);
    }

    private List<PreviewFrame.PreviewLine> lines() {
        List<PreviewFrame.PreviewLine> out = new ArrayList<>();
        for (int i = -2; i <= 2; i++) {
            double at = i * GROUND / 2;
            line(out, new Vec3(at, 0, -GROUND), new Vec3(at, 0, GROUND), "ground");
            line(out, new Vec3(-GROUND, 0, at), new Vec3(GROUND, 0, at), "ground");
        }
        for (int a = 0; a < CORNERS; a++) {
            for (int bit = 1; bit < CORNERS; bit <<= 1) {
                if ((a & bit) == 0) {
                    line(out, corner(a), corner(a | bit), "box");
                }
            }
        }
        // Its front has a mark, so that one sees which way it is turned.
        line(out, new Vec3(-0.5, 0, 0.5), new Vec3(0, 0.6, 0.5), "mark");
        line(out, new Vec3(0, 0.6, 0.5), new Vec3(0.5, 0, 0.5), "mark");
        return out;
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
        m.attachEdges(e.vertices(), e.strength());
        m.attach(Bvh.build(p, t));
        Node box = new Node("n0", "Box", -1, Mat4.translation(Vec3.ZERO), List.of(0), null, null, false);
        // Two specks far above and below it keep the eye at a distance.
        List<Node> nodes = new ArrayList<>(List.of(box));
        for (double side : new double[] {-1, 1}) {
            double[] at = Mat4.trs(new Vec3(0, 0.5 + 1.5 * side, 0), Quat.IDENTITY, new Vec3(0.001, 0.001, 0.001));
            nodes.add(new Node("n" + nodes.size(), "Speck", -1, at, List.of(0), null, null, true));
        }
        return new Scene(nodes, List.of(m), UpAxis.Y);
    }
}
