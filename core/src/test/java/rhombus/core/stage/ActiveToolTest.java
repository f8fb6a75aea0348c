package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.tool.ToolHandles;
import rhombus.core.stage.tool.ToolSort;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** The handles of the tools, dragged by the hand in viewport 1, the perspective one, and 0, the top view. */
class ActiveToolTest {
    private final Hand hand = new Hand();
    private final Stage stage = hand.stage;

    private Scene scene() {
        return stage.scene();
    }

    private double[] handle(int view, String id) {
        for (Object o : PlainData.list(new Seen(stage).marks(view).get("handles"))) {
            if (id.equals(PlainData.map(o).get("id"))) {
                List<Object> p = PlainData.list(PlainData.map(o).get("points"));
                return PlainData.numbers(p, p.size());
            }
        }
        throw new AssertionError(
                "no handle " + id + " among " + new Seen(stage).marks(view).get("handles"));
    }

    /** The end of an arm or ring, the middle of a lozenge; on the stage. */
    private Vec3 grip(int view, String id) {
        double[] p = handle(view, id);
        Viewport v = hand.view(view);
        boolean lozenge = p.length == 8;
        double x = lozenge ? (p[0] + p[4]) / 2 : p[p.length - 2];
        double y = lozenge ? (p[1] + p[5]) / 2 : p[p.length - 1];
        return new Vec3(v.x + x, v.y + y, 0);
    }

    private void select(String... ids) {
        hand.run("select.set", null, "objects", List.of((Object[]) ids));
    }

    private void drag(int view, String id, double dx, double dy, int mods) {
        Vec3 g = grip(view, id);
        hand.drag(g.x(), g.y(), dx, dy, 1, mods);
    }

    @Test
    void armsPlanesAndTheMiddleMoveWhereTheySay() {
        select("n4");
        hand.tap("KeyM", 0);
        Vec3 c = scene().bounds(4).center();
        drag(1, "zx", 40, 10, 0);
        Vec3 flat = scene().bounds(4).center().minus(c);
        assertThat(Math.abs(flat.y())).isLessThan(1e-9);
        assertThat(flat.length()).isGreaterThan(0.2);
        drag(1, "y", 3, -60, 0);
        Vec3 up = scene().bounds(4).center().minus(c).minus(flat);
        assertThat(up.y()).isGreaterThan(0.2);
        assertThat(Math.abs(up.x()) + Math.abs(up.z())).isLessThan(1e-9);
        Vec3 before = hand.onScreen(1, 4);
        drag(1, "view", 30, -20, 0);
        Vec3 after = hand.onScreen(1, 4);
        assertThat(after.x() - before.x())
                .as("what is held stays under the hand")
                .isCloseTo(30, within(0.5));
        assertThat(after.y() - before.y()).isCloseTo(-20, within(0.5));
        assertThat(stage.parts.subject.editing().history().done())
                .as("a drag is a step")
                .isEqualTo(3);
    }

    @Test
    void movingSnapsToTheGridAndToVertices() {
        select("n4");
        hand.tap("KeyM", 0);
        Vec3 c = scene().bounds(4).center();
        double grid = stage.paint().grid(0).spacing();
        drag(0, "x", 157, 4, Modifiers.SHIFT);
        double by = scene().bounds(4).center().x() - c.x();
        assertThat(by / grid).isCloseTo(Math.rint(by / grid), within(1e-9)).isNotZero();
        hand.run("tool.snap", null, "to", "vertex");
        Vec3 corner = scene().bounds(2).corner(7);
        Viewport v = hand.view(1);
        Vec3 s = v.screen().project(corner);
        Vec3 g = grip(1, "view");
        hand.drag(g.x(), g.y(), v.x + s.x() + 3 - g.x(), v.y + s.y() - 2 - g.y(), 1, Modifiers.SHIFT);
        assertThat(scene().pivot(4).distance(corner)).isLessThan(1e-6);
    }

    @Test
    void ringsTurnAboutThePivotPointAndSnapToTheStep() {
        select("n3");
        hand.tap("KeyT", 0);
        Vec3 p = scene().pivot(3);
        Quat before = Transforms.rotationOf(scene().world(3));
        drag(0, "y", -60, 40, Modifiers.SHIFT);
        Quat after = Transforms.rotationOf(scene().world(3));
        double turned = Math.toDegrees(before.angleTo(after));
        assertThat(turned / 15).isCloseTo(Math.rint(turned / 15), within(1e-6)).isNotZero();
        assertThat(scene().pivot(3).distance(p)).isLessThan(1e-9);
        assertThat(Math.abs(after.times(before.inverse()).rotate(Vec3.Y).y()))
                .as("about Y")
                .isCloseTo(1, within(1e-9));
    }

    /** Seen from the tip of the axis a turn of the hand round the ring is the same turn of the object. */
    @Test
    void theHandTurnsAsTheObjectDoes() {
        select("n4");
        hand.tap("KeyT", 0);
        Viewport v = hand.view(0);
        Vec3 o = v.screen().project(scene().pivot(4));
        Vec3 g = grip(0, "y");
        double x = g.x() - v.x - o.x();
        double y = g.y() - v.y - o.y();
        Quat before = Transforms.rotationOf(scene().world(4));
        // A quarter turn counter-clockwise on the screen, where y points down: (x, y) goes to (y, -x).
        hand.drag(g.x(), g.y(), y - x, -x - y, 1, 0);
        Quat turn = Transforms.rotationOf(scene().world(4)).times(before.inverse());
        assertThat(turn.angleTo(Quat.about(Vec3.Y, Math.PI / 2))).isLessThan(1e-6);
    }

    @Test
    void scalingGrowsAlongOneAxisTwoOrAll() {
        select("n4");
        hand.tap("KeyU", 0);
        Vec3 size = scene().bounds(4).size();
        drag(0, "x", 84, 0, 0);
        Vec3 wide = scene().bounds(4).size();
        assertThat(wide.x()).isCloseTo(size.x() * 2, within(0.05));
        assertThat(wide.y()).isCloseTo(size.y(), within(1e-9));
        drag(0, "all", 60, -60, Modifiers.SHIFT);
        Vec3 all = scene().bounds(4).size();
        assertThat(all.y() / wide.y()).isCloseTo(2, within(1e-6));
        assertThat(all.x() / wide.x()).isCloseTo(2, within(1e-6));
        hand.run("edit.scale", null, "x", "0");
        assertThat(scene().bounds(4).size()).as("nothing is scaled to nothing").isEqualTo(all);
        hand.run("edit.scale", null, "y", "150%");
        assertThat(Transforms.scaleOf(scene().node(4).local()).y()).isCloseTo(1.5, within(1e-9));
    }

    @Test
    void severalTurnAboutTheMiddleEachItsOwnOrTheLast() {
        select("n2", "n4");
        hand.tap("KeyT", 0);
        Vec3 a = scene().pivot(2);
        Vec3 b = scene().pivot(4);
        hand.run("edit.step", null, "what", "rotate", "axis", "y", "by", "90");
        assertThat(scene().pivot(2).distance(a)).isGreaterThan(0.1);
        hand.tap("KeyZ", Modifiers.CTRL);
        hand.run("tool.about", null, "to", "each");
        hand.run("edit.step", null, "what", "rotate", "axis", "y", "by", "90");
        assertThat(scene().pivot(2).distance(a)).isLessThan(1e-9);
        assertThat(scene().pivot(4).distance(b)).isLessThan(1e-9);
        hand.tap("KeyZ", Modifiers.CTRL);
        hand.run("tool.about", null, "to", "last");
        hand.run("edit.step", null, "what", "rotate", "axis", "y", "by", "90");
        assertThat(scene().pivot(4).distance(b)).isLessThan(1e-9);
        assertThat(scene().pivot(2).distance(a)).isGreaterThan(0.1);
    }

    @Test
    void axesAreTheWorldsTheParentsItsOwnOrTheViews() {
        hand.run("select.set", null, "objects", List.of("n1"));
        hand.run("edit.turn", null, "y", "30");
        select("n3");
        hand.tap("KeyM", 0);
        for (Map.Entry<String, Vec3> e : Map.of(
                        "world",
                        Vec3.X,
                        "parent",
                        Quat.about(Vec3.Y, Math.toRadians(30)).right(),
                        "local",
                        Quat.about(Vec3.Y, Math.toRadians(30) + 0.4).right(),
                        "view",
                        hand.pose(1).orientation().right())
                .entrySet()) {
            hand.run("tool.axes", null, "to", e.getKey());
            Vec3 before = scene().pivot(3);
            hand.run("edit.step", "v2", "what", "move", "axis", "x", "by", "1 m");
            assertThat(scene().pivot(3).minus(before).distance(e.getValue()))
                    .as(e.getKey())
                    .isLessThan(1e-9);
        }
    }

    @Test
    void handlesKeepTheirSizeOnTheScreenAndTheToolStaysWhileOneNavigates() {
        select("n4");
        hand.tap("KeyM", 0);
        for (int i = 0; i < 6; i++) {
            hand.run("navigate.step-dolly", "v1", "to", "out");
            hand.rest();
            double[] x = handle(0, "x");
            double[] v = handle(0, "view");
            assertThat(Math.hypot(x[2] - (v[2] + v[6]) / 2, x[3] - (v[1] + v[5]) / 2))
                    .isCloseTo(ToolHandles.LENGTH, within(0.01));
        }
        Pose before = hand.pose(1);
        Viewport v = hand.view(1);
        hand.drag(v.x + 30, v.y + 30, 50, 20, 2, 0);
        assertThat(hand.pose(1)).isNotEqualTo(before);
        assertThat(stage.parts.tools.sort()).isEqualTo(ToolSort.MOVE);
        hand.tap("KeyJ", 0);
        assertThat(stage.parts.tools.on()).isFalse();
        hand.tap("KeyJ", 0);
        assertThat(stage.parts.tools.sort()).isEqualTo(ToolSort.MOVE);
        hand.tap("Escape", 0);
        assertThat(stage.parts.tools.on()).isFalse();
    }

    @Test
    void escapeInADragPutsEverythingBack() {
        select("n4");
        hand.tap("KeyT", 0);
        double[] before = scene().world(4).clone();
        Vec3 g = grip(1, "y");
        hand.move(g.x(), g.y(), 0);
        hand.move(g.x(), g.y(), 1);
        hand.move(g.x() + 30, g.y() + 9, 1);
        assertThat(scene().world(4)).isNotEqualTo(before);
        hand.tap("Escape", 0);
        assertThat(scene().world(4)).containsExactly(before);
        hand.move(g.x() + 30, g.y() + 9, 0);
        assertThat(stage.parts.subject.editing().history().done()).isZero();
        assertThat(stage.parts.tools.on())
                .as("the first Escape ends the drag alone")
                .isTrue();
    }

    @Test
    void typedNumbersTakeUnitsAndArithmeticAndRefuseNonsense() {
        select("n4");
        hand.run("edit.place", null, "x", "1 m + 20 cm", "y", "3 ft", "z", "10 in * 2");
        assertThat(scene().pivot(4).distance(new Vec3(1.2, 0.9144, 0.508))).isLessThan(1e-9);
        hand.habit("numbers.unit", "mm");
        hand.run("edit.place", null, "x", "500");
        assertThat(scene().pivot(4).x()).isCloseTo(0.5, within(1e-9));
        new Seen(stage).notices();
        hand.run("edit.place", null, "x", "5 parsec");
        assertThat(scene().pivot(4).x()).isCloseTo(0.5, within(1e-9));
        assertThat(new Seen(stage).notices().toString())
                .contains("cannot be read")
                .contains("the old number stays");
    }
}
