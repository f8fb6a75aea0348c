package rhombus.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

class SceneBoundsTest {
    private static final double[] SHEAR = {1, 0, 0, 0, 0.7, 1, 0, 0, 0, -0.4, 1, 0, 0, 0, 0, 1};

    /** A cloud of triangles, with a hierarchy or without one. */
    private static Mesh mesh(Random r) {
        int triangles = 1 + r.nextInt(200);
        float[] p = new float[triangles * 9];
        int[] t = new int[triangles * 3];
        for (int i = 0; i < p.length; i++) {
            p[i] = (float) r.nextGaussian();
        }
        for (int i = 0; i < t.length; i++) {
            t[i] = i;
        }
        Mesh mesh = new Mesh(new Vec3(r.nextInt(1000), r.nextInt(10), 0), p, t);
        if (r.nextBoolean()) {
            mesh.attach(BvhBuilder.of(p, t));
        }
        return mesh;
    }

    private static double[] matrix(Random r) {
        Quat q = new Quat(r.nextGaussian(), r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).unit();
        Vec3 s = new Vec3(r.nextGaussian(), 0.1 + r.nextDouble(), 1 + r.nextDouble());
        double[] m = Mat4.trs(new Vec3(r.nextGaussian() * 50, r.nextGaussian(), 3), q, s);
        return switch (r.nextInt(4)) {
            case 0 -> Mat4.translation(new Vec3(r.nextGaussian(), 0, r.nextGaussian()));
            case 1 -> Mat4.times(m, SHEAR);
            default -> m;
        };
    }

    private static Node node(int i, int parent, double[] local, List<Integer> meshes) {
        return new Node("n" + i, "Thing " + i, parent, local, meshes, null, null, false);
    }

    private static Scene scene(Random r) {
        List<Mesh> meshes = new ArrayList<>();
        List<Node> nodes = new ArrayList<>();
        int count = 1 + r.nextInt(12);
        for (int i = 0; i < count; i++) {
            meshes.add(mesh(r));
            List<Integer> own = r.nextInt(4) == 0 ? List.of() : List.of(i, r.nextInt(i + 1));
            nodes.add(node(i, r.nextInt(3) == 0 ? -1 : r.nextInt(i + 1) - 1, matrix(r), own));
        }
        return new Scene(nodes, meshes, UpAxis.Y);
    }

    /** Looks at every vertex that a triangle uses. */
    private static Aabb vertices(Scene s, List<Integer> nodes) {
        Aabb b = Aabb.EMPTY;
        for (int n : nodes) {
            for (int m : s.node(n).meshes()) {
                Mesh mesh = s.meshes().get(m);
                float[] p = mesh.positions();
                for (int i = 0; i < p.length; i += 3) {
                    Vec3 v = new Vec3(p[i], p[i + 1], p[i + 2]).plus(mesh.origin());
                    b = b.union(Aabb.of(Mat4.point(s.world(n), v)));
                }
            }
        }
        return b;
    }

    private static void same(Aabb is, Aabb wanted) {
        assertThat(is.isEmpty()).isEqualTo(wanted.isEmpty());
        if (!wanted.isEmpty()) {
            double eps = 1e-12 * (1 + wanted.min().length() + wanted.max().length());
            assertThat(is.min().distance(wanted.min())).isCloseTo(0, within(eps));
            assertThat(is.max().distance(wanted.max())).isCloseTo(0, within(eps));
        }
    }

    @Property(tries = 500)
    void boundsAreThoseOfTheVertices(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Scene s = scene(r);
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            all.add(i);
        }
        if (r.nextBoolean()) {
            // Asked for together before they are asked for one by one, and the other way round.
            same(s.bounds(), vertices(s, all));
        }
        for (int i = 0; i < s.count(); i++) {
            same(s.boundsBelow(i), vertices(s, s.subtree(i)));
            same(s.bounds(i), vertices(s, List.of(i)));
            if (!s.bounds(i).isEmpty()) {
                assertThat(s.coarseBounds(i).union(s.bounds(i))).isEqualTo(s.coarseBounds(i));
            }
        }
        same(s.bounds(), vertices(s, all));
        same(s.boundsBelow(all), vertices(s, all));
        assertThat(s.boundsBelow(List.of())).isEqualTo(Aabb.EMPTY);
    }

    /** What was computed for a scene and is taken over by one that is made from it is what that one would compute. */
    @Property(tries = 300)
    void boundsFollowEveryMove(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Scene s = scene(r);
        for (int step = 0; step < 20; step++) {
            Map<Integer, double[]> locals = new HashMap<>();
            for (int k = r.nextInt(3); k >= 0; k--) {
                int n = r.nextInt(s.count());
                locals.put(n, r.nextBoolean() ? matrix(r) : s.movedLocal(n, new Vec3(r.nextGaussian(), 1, 2)));
            }
            if (r.nextBoolean()) {
                s.bounds();
            }
            if (r.nextBoolean()) {
                s.bounds(r.nextInt(s.count()));
            }
            s = s.withLocals(locals);
        }
        Scene fresh = new Scene(s.nodes(), s.meshes(), s.up());
        for (int i = 0; i < s.count(); i++) {
            assertThat(s.bounds(i)).isEqualTo(fresh.bounds(i));
            assertThat(s.coarseBounds(i)).isEqualTo(fresh.coarseBounds(i));
        }
        assertThat(s.bounds()).isEqualTo(fresh.bounds());
    }

    @Example
    void aTurnedSquareIsAsWideAsItsSides() {
        // Corners of a square that stands on its tip: turned by 45 degrees it is as wide as its sides are long.
        float[] p = {1, 0, 0, 0, 1, 0, -1, 0, 0, 0, -1, 0};
        Mesh rhomb = new Mesh(Vec3.ZERO, p, new int[] {0, 1, 2, 0, 2, 3});
        double[] turned = Mat4.trs(Vec3.ZERO, Quat.about(Vec3.Z, Math.PI / 4), new Vec3(1, 1, 1));
        Scene s = new Scene(List.of(node(0, -1, turned, List.of(0))), List.of(rhomb), UpAxis.Y);
        assertThat(s.bounds(0).size().x()).isCloseTo(Math.sqrt(2), within(1e-12));
        assertThat(s.coarseBounds(0).size().x()).isCloseTo(2 * Math.sqrt(2), within(1e-12));
    }
}
