package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.view.NodeFraming;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Framing a whole scene: one stray far object must not make the rest a dot. */
class NodeFramingTest {
    private static Scene scene(Vec3... places) {
        Mesh box = Scenes.box();
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < places.length; i++) {
            nodes.add(new Node("n" + i, "Box " + i, -1, Mat4.translation(places[i]), List.of(0), null, null, false));
        }
        return new Scene(nodes, List.of(box), UpAxis.Y);
    }

    private static Vec3[] row(int n, Vec3... more) {
        Vec3[] out = new Vec3[n + more.length];
        for (int i = 0; i < n; i++) {
            out[i] = new Vec3(i * 1.5, 0, i % 5);
        }
        System.arraycopy(more, 0, out, n, more.length);
        return out;
    }

    private static final Pose POSE = new Pose(new Vec3(0, 0, 50), Quat.IDENTITY, 50, new Projection.Perspective(0.8));

    @Test
    void aStrayFarObjectIsLeftOutAndNamed() {
        NodeFraming.Whole w = NodeFraming.whole(scene(row(30, new Vec3(9000, 0, 0))), POSE, 800, 600);
        assertThat(w.left()).containsExactly(30);
        assertThat(w.pose().eye().length()).isLessThan(200);
    }

    @Test
    void somewhatFartherObjectsStillBelong() {
        assertThat(NodeFraming.whole(scene(row(30, new Vec3(70, 0, 0))), POSE, 800, 600)
                        .left())
                .isEmpty();
        assertThat(NodeFraming.whole(scene(row(30, new Vec3(22, 0, -40))), POSE, 800, 600)
                        .left())
                .isEmpty();
    }

    @Test
    void oneClickTakesTheFarOnesIn() {
        Stage stage = new Stage();
        stage.resize(1003, 803);
        stage.open(scene(row(30, new Vec3(9000, 0, 0))), "Stray");
        stage.command("view.frame-all", Map.of(), "v2", 10);
        Map<String, Object> notice = PlainData.map(new Seen(stage).notices().get(0));
        assertThat((String) notice.get("text")).contains("Box 30").contains("km");
        assertThat(notice.get("command")).isEqualTo("view.frame-everything");
        stage.command("view.frame-everything", Map.of(), "v2", 20);
        stage.tick(1000);
        assertThat(stage.parts.ground.board().views.get(1).pose.focus()).isGreaterThan(1000);
    }

    @Test
    void anEmptySceneGoesHome() {
        Stage stage = new Stage();
        stage.resize(800, 600);
        stage.open(Scene.EMPTY, "Nothing");
        Pose home = stage.parts.ground.board().views.get(1).pose;
        stage.command("navigate.step-orbit", Map.of("to", "left"), "v2", 10);
        stage.command("view.frame-all", Map.of(), "v2", 500);
        stage.tick(2000);
        assertThat(stage.parts.ground.board().views.get(1).pose).isEqualTo(home);
    }
}
