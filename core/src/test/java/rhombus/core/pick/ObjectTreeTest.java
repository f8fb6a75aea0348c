package rhombus.core.pick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;
import rhombus.core.Any;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.Scenes;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** The same objects in a scene that is searched one by one and in one that is searched by the tree. */
@Domain(Any.class)
@Domain(DomainContext.Global.class)
class ObjectTreeTest {
    private static Scene crowd(Random r, int hidden) {
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < 200 + hidden; i++) {
            Vec3 p = new Vec3(r.nextGaussian() * 8, r.nextGaussian() * 3, r.nextGaussian() * 8);
            Node n = new Node(
                    "n" + i,
                    "Box " + i,
                    -1,
                    Mat4.trs(p, Quat.about(Vec3.Y, i), new Vec3(1, 0.5, 2)),
                    List.of(0),
                    null,
                    null,
                    i % 17 == 0);
            nodes.add(i < 200 ? n : n.withHidden(true));
        }
        return new Scene(nodes, List.of(Scenes.box()), UpAxis.Y);
    }

    @Property(tries = 1000)
    void theTreeFindsWhatLookingAtEveryObjectFinds(
            @ForAll @LongRange(min = 0, max = 1_000_000_000) long seed, @ForAll Quat q) {
        Scene few = crowd(new Random(seed), 0);
        Scene many = crowd(new Random(seed), 500);
        SurfacePicking one = new SurfacePicking(few);
        SurfacePicking tree = new SurfacePicking(many);
        Random r = new Random(seed + 1);
        tree.closest(new Ray(Vec3.ZERO, Vec3.X), true);
        for (int round = 0; round < 3; round++) {
            Ray ray = new Ray(
                    q.back().times(40).plus(new Vec3(r.nextGaussian() * 5, r.nextGaussian() * 2, 0)), q.forward());
            assertThat(tree.closest(ray, true)).isEqualTo(one.closest(ray, true));
            assertThat(tree.closest(ray, -100, false)).isEqualTo(one.closest(ray, -100, false));
            assertThat(tree.through(ray, 0)).isEqualTo(one.through(ray, 0));
            Vec3 p = new Vec3(r.nextGaussian() * 9, r.nextGaussian() * 9, r.nextGaussian() * 9);
            // On an edge that two triangles share, each of them gives the point with a rounding of its own.
            double room = one.clearance(p, 1e9);
            assertThat(tree.clearance(p, 1e9)).isCloseTo(room, within(4 * Math.ulp(room)));
            Screen screen = new Screen(new Pose(q.back().times(30), q, 30, new Projection.Perspective(0.8)), 800, 600);
            double x = r.nextDouble() * 800;
            double y = r.nextDouble() * 600;
            assertThat(MarqueePick.nodes(many, tree, screen, x, y, x + 200, y + 100, round == 1))
                    .isEqualTo(MarqueePick.nodes(few, one, screen, x, y, x + 200, y + 100, round == 1));
            // Some move; the tree goes on with them.
            Map<Integer, double[]> moved = new HashMap<>();
            for (int k = 0; k < 30; k++) {
                int n = r.nextInt(200);
                moved.put(n, few.movedLocal(n, new Vec3(r.nextGaussian() * 4, 0, r.nextGaussian())));
            }
            few = few.withLocals(moved);
            many = many.withLocals(moved);
            one = one.after(few, moved.keySet());
            tree = tree.after(many, moved.keySet());
        }
    }
}
