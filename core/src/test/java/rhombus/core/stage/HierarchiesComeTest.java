package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** What picking needs comes after the first pictures: only those are drawn again whose near plane it moves. */
class HierarchiesComeTest {
    private final Stage stage = new Stage();
    private final Scene full = Scenes.boxes();
    private final Mesh bare = new Mesh(
            Vec3.ZERO, full.meshes().get(0).positions(), full.meshes().get(0).triangles());

    HierarchiesComeTest() {
        stage.resize(1003, 803);
        List<Node> nodes = new ArrayList<>(full.nodes());
        stage.open(new Scene(nodes, List.of(bare), UpAxis.Y), "Boxes");
        stage.tick(0);
        stage.changes().take(4);
    }

    private Viewport view(int i) {
        return stage.parts.ground.board().views.get(i);
    }

    private void attach() {
        bare.attach(BvhBuilder.of(bare.positions(), bare.triangles()));
        stage.geometryCame();
    }

    @Test
    void viewsFromOutsideStay() {
        for (int i = 0; i < 4; i++) {
            stage.parts.ground.clip(view(i));
        }
        attach();
        assertThat(stage.changes().take(4).views()).isEmpty();
    }

    @Test
    void oneInsideAnObjectIsDrawnAgain() {
        Pose p = view(1).pose;
        view(1).set(new Pose(new Vec3(0, -0.5, 0), p.orientation(), 10, p.projection()));
        double before = stage.parts.ground.clip(view(1)).near();
        attach();
        assertThat(stage.changes().take(4).views()).containsExactly(1);
        // Half a metre of room above and below, of which a quarter is left for what stands far beside the axis.
        assertThat(before).isLessThan(0.02);
        assertThat(stage.parts.ground.clip(view(1)).near()).isBetween(0.124, 0.125001);
    }
}
