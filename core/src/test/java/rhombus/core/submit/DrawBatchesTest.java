package rhombus.core.submit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.display.Look;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.MeshSimplifier;
import rhombus.core.geometry.Nearness;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** What is sent to the graphics card is the scene: all of it that may be seen, nothing else, wherever it was moved or added. */
class DrawBatchesTest {
    private static final int HEIGHT = 600;
    private static final int WIDTH = 800;

    private Random r = new Random(1);
    private final List<Mesh> meshes = new ArrayList<>();
    private final List<byte[]> marks = new ArrayList<>();
    private final List<VertexAttributes> skins = new ArrayList<>();
    private final DrawBatches batches = new DrawBatches(skins::get, marks::get);
    private final DrawSubmission submission = new DrawSubmission(batches);
    private Scene scene;

    private static DrawBatchesTest of(long seed) {
        DrawBatchesTest t = new DrawBatchesTest();
        t.r = new Random(seed);
        return t;
    }

    // ---- a random scene --------------------------------------------------------------------------------------------

    private int mesh() {
        ParametricShape shape =
                switch (meshes.isEmpty() ? 0 : r.nextInt(16) == 0 ? 4 : r.nextInt(4)) {
                    case 0 -> new ParametricShape(ParametricShape.Sort.BOX, List.of(1.0, 2.0, 3.0));
                    case 1 -> new ParametricShape(ParametricShape.Sort.SPHERE, List.of(1.0, 24.0, 16.0));
                    case 2 -> new ParametricShape(ParametricShape.Sort.CYLINDER, List.of(0.5, 2.0, 12.0));
                    case 3 -> new ParametricShape(ParametricShape.Sort.TORUS, List.of(1.0, 0.3, 20.0, 12.0));
                    // Large enough to be drawn by itself.
                    default -> new ParametricShape(ParametricShape.Sort.TORUS, List.of(1.0, 0.3, 66.0, 32.0));
                };
        ShapeMesh s = ShapeMesh.of(shape);
        Mesh m = s.mesh();
        MeshEdges e = MeshEdges.of(m.positions(), m.triangles());
        m.attachLevels(MeshSimplifier.levels(m.positions(), m.triangles(), e));
        meshes.add(m);
        marks.add(e.marks());
        double[] color = {r.nextInt(9) / 8.0, 0.5, 0.5, 1};
        skins.add(skin(r.nextBoolean() ? s.normals() : null, color, r.nextInt(8) == 0));
        return meshes.size() - 1;
    }

    private double[] place() {
        double far = r.nextInt(12) == 0 ? 1e5 : 20;
        Vec3 at = new Vec3(r.nextGaussian() * far, r.nextGaussian() * far, r.nextGaussian() * far);
        Quat q = Quat.about(new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).unit(), r.nextDouble() * 6);
        // What is drawn coarser, or as a square, goes by how large a node makes it.
        double size = r.nextInt(4) == 0 ? 12 : 1;
        double s = 0.3 + r.nextDouble();
        Vec3 scale = new Vec3(r.nextInt(3) == 0 ? -s : s, 0.3 + r.nextDouble(), 0.3 + r.nextDouble());
        return Mat4.trs(at, q, scale.times(size));
    }

    private Node node(int i, int mesh) {
        return new Node("n" + i, "", -1, place(), List.of(mesh), null, null, false);
    }

    private void make() {
        int n = 1 + r.nextInt(5);
        for (int i = 0; i < n; i++) {
            mesh();
        }
        List<Node> nodes = new ArrayList<>();
        int count = 1 + r.nextInt(16);
        for (int i = 0; i < count; i++) {
            nodes.add(node(i, r.nextInt(n)));
        }
        if (r.nextInt(8) == 0) {
            for (int i = 0; i < 260; i++) {
                nodes.add(node(nodes.size(), 0));
            }
        }
        scene = new Scene(nodes, meshes, UpAxis.Y);
        batches.sync(scene);
    }

    private void change() {
        int i = r.nextInt(scene.count());
        switch (r.nextInt(6)) {
            case 0 ->
                scene = scene.withNodes(
                        Map.of(i, scene.node(i).withHidden(!scene.node(i).hidden())));
            case 1 ->
                scene = scene.withNodes(
                        Map.of(i, scene.node(i).withGone(!scene.node(i).gone())));
            case 2, 3 -> {
                scene = scene.withNodes(Map.of(i, scene.node(i).withLocal(place())));
                batches.moved(scene, List.of(i));
            }
            case 4 -> {
                int mesh = r.nextBoolean() ? r.nextInt(meshes.size()) : mesh();
                if (mesh >= scene.meshes().size()) {
                    scene = scene.withMesh(meshes.get(mesh));
                }
                Map<Integer, Node> more = new HashMap<>();
                for (int k = 0; k <= r.nextInt(3); k++) {
                    more.put(scene.count() + k, node(scene.count() + k, mesh));
                }
                scene = scene.withNodes(more);
            }
            default -> {
                int mesh = mesh();
                scene = scene.withMesh(meshes.get(mesh));
                scene = scene.withNodes(Map.of(i, scene.node(i).withShape(null, List.of(mesh))));
            }
        }
        batches.sync(scene);
    }

    /** From far away, so that everything is in the picture. */
    private double[] everything() {
        return seen(new Pose(new Vec3(0, 0, 5e6), Quat.IDENTITY, 5e6, new Projection.Orthographic(8e6)), 1e7);
    }

    private static double[] seen(Pose pose, double far) {
        double[] m = new double[32];
        Matrices.view(pose, m, 0);
        Matrices.projection(pose.projection(), (double) WIDTH / HEIGHT, new ClipRange(0.01, far), m, 16);
        return m;
    }

    private Drawn draw(double[] matrices, DrawSubmission.Wish wish, double tolerance) {
        Pose p = new Pose(new Vec3(0, 0, 30), Quat.IDENTITY, 30, new Projection.Perspective(0.8));
        submission.plan(
                scene,
                matrices,
                new Screen(p, WIDTH, HEIGHT),
                HEIGHT,
                wish,
                new DrawSubmission.Detail(tolerance, 0, 1));
        return new Drawn(batches, submission, scene);
    }

    private static VertexAttributes skin(float[] normals, double[] color, boolean blend) {
        return new VertexAttributes(normals, null, 2, null, color, -1, 0, blend, color[0], color[1], "");
    }

    private static final Look.Edging ON_SURFACE = new Look.Edging(true, false, false, false);
    private static final Look.Edging LINES = new Look.Edging(false, true, false, false);
    private static final Look.Edging VISIBLE = new Look.Edging(false, true, true, false);

    private static DrawSubmission.Wish wish(boolean surfaces, Look.Edging edging, boolean outline) {
        return new DrawSubmission.Wish(surfaces, edging, false, false, outline, true, true);
    }

    private static final DrawSubmission.Wish SMOOTH = wish(true, Look.Edging.NONE, false);

    // ---- what is promised ------------------------------------------------------------------------------------------

    private void checkAll(Drawn d) {
        Map<Integer, List<Drawn.Triangle>> byNode = new HashMap<>();
        d.triangles.forEach(
                t -> byNode.computeIfAbsent(t.node(), n -> new ArrayList<>()).add(t));
        for (int i = 0; i < scene.count(); i++) {
            List<Drawn.Triangle> have = byNode.getOrDefault(i, List.of());
            if (!scene.shown(i)) {
                assertThat(have).isEmpty();
                continue;
            }
            int mesh = scene.node(i).meshes().get(0);
            Mesh m = meshes.get(mesh);
            assertThat(have).as("node %d", i).hasSize(m.triangleCount());
            double off = 2e-4 * scene.bounds(i).radius();
            boolean mirrored = Mat4.determinant(scene.world(i)) < 0;
            for (int t = 0; t < m.triangleCount(); t++) {
                BatchPart p = new BatchPart(i, mesh, m, null);
                Vec3[] want = new Vec3[3];
                for (int k = 0; k < 3; k++) {
                    want[k] = Drawn.world(scene, p, m.triangles()[t * 3 + k]);
                }
                Drawn.Triangle got = have.get(t);
                assertThat(got.a().distance(want[0])).isLessThanOrEqualTo(off);
                assertThat(got.b().distance(want[mirrored ? 2 : 1])).isLessThanOrEqualTo(off);
                assertThat(got.c().distance(want[mirrored ? 1 : 2])).isLessThanOrEqualTo(off);
            }
        }
    }

    @Property(tries = 60)
    void everythingShownIsDrawnOnceWhereItIsAndNothingElse(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        t.checkAll(t.draw(t.everything(), SMOOTH, 0));
        for (int i = 0; i < 12; i++) {
            t.change();
            t.checkAll(t.draw(t.everything(), SMOOTH, 0));
        }
    }

    @Property(tries = 60)
    void nothingThatMayBeSeenIsLeftOut(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        Quat q = Quat.about(Vec3.Y, t.r.nextDouble() * 6);
        Vec3 eye = new Vec3(t.r.nextGaussian() * 10, t.r.nextGaussian() * 4, t.r.nextGaussian() * 10);
        Projection p = t.r.nextBoolean() ? new Projection.Perspective(0.7) : new Projection.Orthographic(12);
        double[] m = seen(new Pose(eye, q, 5, p), 500);
        Drawn d = t.draw(m, SMOOTH, 0);
        Set<Integer> drawn = new HashSet<>();
        d.triangles.forEach(x -> drawn.add(x.node()));
        for (int i = 0; i < t.scene.count(); i++) {
            Mesh mesh = t.meshes.get(t.scene.node(i).meshes().get(0));
            boolean seen = false;
            for (int v = 0; v < mesh.positions().length / 3 && !seen; v++) {
                Vec3 w = Drawn.world(t.scene, new BatchPart(i, 0, mesh, null), v);
                seen = inside(m, w);
            }
            if (seen) {
                assertThat(drawn).contains(i);
            }
            // What lies beyond one side of the picture as a whole is left out, but for crowds, which are drawn chunk by
            // chunk.
            if (beyond(m, t.scene.coarseBounds(i))
                    && t.batches.list().stream().noneMatch(b -> b.sort == DrawBatch.Sort.CROWD)) {
                assertThat(drawn).doesNotContain(i);
            }
        }
    }

    /** Whether all corners of a box lie clearly outside of the same side of the picture. */
    private static boolean beyond(double[] m, Aabb box) {
        for (int side = 0; side < 6; side++) {
            boolean all = true;
            for (int i = 0; i < 8; i++) {
                Vec3 p = box.corner(i);
                double[] c = times(m, 16, times(m, 0, new double[] {p.x(), p.y(), p.z(), 1}));
                all &= (side % 2 == 0 ? c[side / 2] : -c[side / 2]) > c[3] + 1e-6;
            }
            if (all) {
                return true;
            }
        }
        return false;
    }

    private static boolean inside(double[] m, Vec3 p) {
        double[] v = times(m, 0, new double[] {p.x(), p.y(), p.z(), 1});
        double[] c = times(m, 16, v);
        return Math.abs(c[0]) <= c[3] && Math.abs(c[1]) <= c[3] && Math.abs(c[2]) <= c[3];
    }

    private static double[] times(double[] m, int at, double[] v) {
        double[] out = new double[4];
        for (int row = 0; row < 4; row++) {
            for (int k = 0; k < 4; k++) {
                out[row] += m[at + k * 4 + row] * v[k];
            }
        }
        return out;
    }

    /** Nothing vanishes that gets small, and nothing is drawn twice. */
    @Property(tries = 40)
    void smallThingsAreDrawnAsSquaresAndNothingIsLost(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        for (int i = 0; i < 4; i++) {
            double extent = 100 + t.r.nextInt(4000);
            double[] m =
                    seen(new Pose(new Vec3(0, 0, 5e6), Quat.IDENTITY, 5e6, new Projection.Orthographic(extent)), 1e7);
            Drawn full = t.draw(m, SMOOTH, 0);
            t.submission.plan(t.scene, m, null, HEIGHT, SMOOTH, new DrawSubmission.Detail(0, 8, 1));
            Drawn eased = new Drawn(t.batches, t.submission, t.scene);
            Set<Integer> nodes = new HashSet<>();
            full.triangles.forEach(x -> nodes.add(x.node()));
            Set<Integer> now = new HashSet<>(eased.points);
            assertThat(now).hasSize(eased.points.size());
            for (Drawn.Triangle x : eased.triangles) {
                assertThat(eased.points).doesNotContain(x.node());
                now.add(x.node());
            }
            assertThat(now).isEqualTo(nodes);
            for (int n : eased.points) {
                assertThat(t.scene.bounds(n).size().length() / 3).isLessThan(8 * extent / HEIGHT);
            }
            t.change();
        }
    }

    @Property(tries = 40)
    void coarserTrianglesStayWithinTheTolerance(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        for (int i = 0; i < 6; i++) {
            t.checkCoarser();
            t.change();
        }
    }

    private void checkCoarser() {
        double extent = 80;
        double[] m = seen(new Pose(new Vec3(0, 0, 900), Quat.IDENTITY, 900, new Projection.Orthographic(extent)), 2000);
        Drawn full = draw(m, SMOOTH, 0);
        double pixels = 0.25 * (1 << r.nextInt(8));
        Drawn coarse = draw(m, SMOOTH, pixels);
        assertThat(coarse.triangles.size()).isLessThanOrEqualTo(full.triangles.size());
        double off = pixels * extent / HEIGHT;
        Map<Integer, List<Drawn.Triangle>> whole = new HashMap<>();
        full.triangles.forEach(
                x -> whole.computeIfAbsent(x.node(), n -> new ArrayList<>()).add(x));
        Map<Integer, List<Drawn.Triangle>> few = new HashMap<>();
        coarse.triangles.forEach(
                x -> few.computeIfAbsent(x.node(), n -> new ArrayList<>()).add(x));
        assertThat(few.keySet()).isEqualTo(whole.keySet());
        for (int i = 0; i < coarse.triangles.size(); i += 37) {
            Drawn.Triangle c = coarse.triangles.get(i);
            // Corners of coarser triangles are corners of the mesh, so that none may be off at all.
            double least = Double.POSITIVE_INFINITY;
            for (Drawn.Triangle f : whole.get(c.node())) {
                least = Math.min(least, c.a().distance(f.a()));
            }
            assertThat(least).isLessThanOrEqualTo(off);
        }
        // The other way round: every corner of the mesh has a coarser triangle so near.
        for (int i = 0; i < full.triangles.size(); i += 37) {
            Drawn.Triangle f = full.triangles.get(i);
            double least = Double.POSITIVE_INFINITY;
            for (Drawn.Triangle c : few.get(f.node())) {
                least = Math.min(least, Nearness.distance(f.a(), c.a(), c.b(), c.c()));
            }
            assertThat(least).isLessThanOrEqualTo(off * (1 + 1e-6));
        }
    }

    @Property(tries = 30)
    void edgesOnSurfacesAndLinesAreThoseOfTheMeshesAfterEveryChange(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        for (int i = 0; i < 6; i++) {
            Drawn d = t.draw(t.everything(), wish(true, ON_SURFACE, false), 0);
            t.checkAll(d);
            Map<Integer, Integer> next = new HashMap<>();
            for (Drawn.Triangle x : d.triangles) {
                int k = next.merge(x.node(), 1, Integer::sum) - 1;
                // Of mirrored ones a box tells, below.
                if (x.form() == DrawSubmission.EDGED && x.merged() && Mat4.determinant(t.scene.world(x.node())) > 0) {
                    assertThat(x.marks())
                            .isEqualTo(
                                    t.marks.get(t.scene.node(x.node()).meshes().get(0))[k]);
                }
            }
            Drawn wire = t.draw(t.everything(), wish(false, LINES, false), 0);
            assertThat(wire.triangles).isEmpty();
            Drawn both = t.draw(t.everything(), wish(true, VISIBLE, false), 0);
            t.checkAll(both);
            assertThat(both.lines)
                    .as("lines that surfaces may hide are the same")
                    .hasSameSizeAs(wire.lines);
            for (int n = 0; n < t.scene.count(); n++) {
                if (t.scene.shown(n)) {
                    Vec3 c = t.scene.bounds(n).center();
                    double reach = t.scene.bounds(n).radius() * 1.01;
                    assertThat(wire.lines).anyMatch(l -> l[0].distance(c) <= reach && l[1].distance(c) <= reach);
                }
            }
            t.change();
        }
    }

    /** Each object is drawn once: in its own way, as the look says, hardly seen where others are isolated, or not at all. */
    @Property(tries = 60)
    void objectsAreDrawnInTheirOwnWaysAfterEveryChange(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        for (int i = 0; i < 6; i++) {
            int n = t.r.nextInt(t.scene.count());
            DisplayOverride way = DisplayOverride.values()[t.r.nextInt(DisplayOverride.values().length)];
            t.scene = t.scene.withNodes(Map.of(n, t.scene.node(n).withWay(way)));
            t.scene = t.scene.withIsolated(t.r.nextInt(3) > 0 ? null : Set.of(t.r.nextInt(t.scene.count())));
            t.batches.sync(t.scene);
            int picked = t.r.nextInt(t.scene.count());
            t.batches.select(new int[] {picked}, new int[] {picked});
            boolean ways = t.r.nextInt(4) > 0;
            boolean ghosts = t.r.nextBoolean();
            Drawn d = t.draw(
                    t.everything(),
                    new DrawSubmission.Wish(true, Look.Edging.NONE, false, false, false, ways, ghosts),
                    0);
            for (int k = 0; k < t.scene.count(); k++) {
                t.checkWay(d, k, ways ? t.scene.way(k).now(k == picked) : DisplayOverride.USUAL, ghosts);
            }
            t.batches.select(new int[0], new int[0]);
            t.scene = t.scene.withIsolated(null);
            t.change();
        }
    }

    /** What the numbers of a part tell: its layer, how rough and how much of a metal it is, and how it is selected. */
    @Property(tries = 30)
    void layersAndSelectionAreToldOfEachPartAfterEveryChange(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            if (t.r.nextBoolean() || layers.isEmpty()) {
                layers.add(t.r.nextInt(layers.size() + 1), new Layer("l" + i, "Layer " + i, true, false));
            } else {
                layers.remove(t.r.nextInt(layers.size()));
            }
            int n = t.r.nextInt(t.scene.count());
            String on = layers.isEmpty()
                    ? null
                    : layers.get(t.r.nextInt(layers.size())).id();
            t.scene =
                    t.scene.withNodes(Map.of(n, t.scene.node(n).withLayer(on))).withLayers(List.copyOf(layers));
            int picked = t.r.nextInt(t.scene.count());
            t.batches.sync(t.scene);
            t.batches.select(new int[] {picked}, new int[] {picked});
            for (DrawBatch b : t.batches.list()) {
                for (BatchPart part : b.parts) {
                    int layer = layers.indexOf(t.scene.layerOf(part.node)) + 1;
                    if (part.gone) {
                        continue;
                    }
                    assertThat(part.layer).isEqualTo(layer);
                    if (b.sort == DrawBatch.Sort.MERGED) {
                        double w = b.state[part.slot * 4 + 3];
                        assertThat(Math.floor(w / 0x1p18)).isEqualTo(layer);
                        assertThat(w % 0x1p18 - w % 4).isEqualTo(part.skin.packed());
                        assertThat(w % 4).isEqualTo(part.node == picked ? 2 : 0);
                    }
                }
            }
            t.change();
        }
    }

    private void checkWay(Drawn d, int node, DisplayOverride way, boolean ghosts) {
        Map<Integer, Integer> byForm = new HashMap<>();
        d.triangles.stream().filter(x -> x.node() == node).forEach(x -> byForm.merge(x.form(), 1, Integer::sum));
        int all = scene.triangles(node);
        Map<Integer, Integer> expected = new HashMap<>();
        if (scene.shown(node) && way == DisplayOverride.USUAL) {
            expected.put(DrawSubmission.SURFACE, all);
        } else if (scene.shown(node) && way == DisplayOverride.TRANSLUCENT) {
            expected.put(DrawSubmission.VEIL, all);
        } else if (ghosts && scene.dimmed(node)) {
            expected.put(DrawSubmission.GHOST, all);
        }
        assertThat(byForm).as("node %s drawn %s", node, way).isEqualTo(expected);
        assertThat(d.boxes.containsKey(node)).isEqualTo(scene.shown(node) && way == DisplayOverride.BOX);
    }

    /** In its mesh's own frame each box is as tight as it can be, and all its twelve edges are drawn once. */
    @Property(tries = 30)
    void boxesAreTightAndWholeAfterEveryChange(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        for (int i = 0; i < 6; i++) {
            DrawSubmission.Wish boxes = DrawSubmission.Wish.of(StandardLooks.BOXES, false, true, true);
            Drawn d = t.draw(t.everything(), boxes, 0);
            assertThat(d.triangles).isEmpty();
            assertThat(d.lines).isEmpty();
            for (int n = 0; n < t.scene.count(); n++) {
                if (!t.scene.shown(n) || t.scene.node(n).meshes().isEmpty()) {
                    assertThat(d.boxes).doesNotContainKey(n);
                    continue;
                }
                Mesh mesh = t.meshes.get(t.scene.node(n).meshes().get(0));
                Aabb tight = Aabb.of(mesh.positions());
                double[] back = Mat4.inverseAffine(t.scene.world(n));
                // Corners are single floats in the world, off by a small part of the object's size, which an inverse
                // may enlarge.
                double steps = 2e-4 * t.scene.bounds(n).radius() * VertexBaking.scale(back);
                double close = 1e-4 * (1 + tight.radius()) * (1 + mesh.origin().length()) + steps;
                Set<String> edges = new HashSet<>();
                for (Vec3[] line : d.boxes.get(n)) {
                    int a = corner(tight, Mat4.point(back, line[0]).minus(mesh.origin()), close);
                    int b = corner(tight, Mat4.point(back, line[1]).minus(mesh.origin()), close);
                    assertThat(Integer.bitCount(a ^ b)).isEqualTo(1);
                    edges.add(Math.min(a, b) + "-" + Math.max(a, b));
                }
                assertThat(edges).hasSize(12);
            }
            t.change();
        }
    }

    /** Which corner of a box a point is. */
    private static int corner(Aabb b, Vec3 p, double close) {
        int number = 0;
        for (int k = 0; k < 3; k++) {
            boolean high = p.get(k) > b.center().get(k);
            double side = high ? b.max().get(k) : b.min().get(k);
            assertThat(p.get(k)).as("%s of %s", p, b).isCloseTo(side, within(close));
            number |= high ? 1 << k : 0;
        }
        return number;
    }

    /** The marks of a box say for each side whether it is an edge; a diagonal is none, turned inside out or not. */
    @Test
    void aMirroredBoxKeepsItsDiagonalsUnmarked() {
        ShapeMesh s = ShapeMesh.of(new ParametricShape(ParametricShape.Sort.BOX, List.of(1.0, 2.0, 3.0)));
        meshes.add(s.mesh());
        marks.add(MeshEdges.of(meshes.get(0).positions(), meshes.get(0).triangles())
                .marks());
        skins.add(skin(s.normals(), new double[] {1, 1, 1, 1}, false));
        double[] mirror = Mat4.trs(Vec3.ZERO, Quat.IDENTITY, new Vec3(-1, 1, 1));
        scene = new Scene(List.of(new Node("n0", "", -1, mirror, List.of(0), null, null, false)), meshes, UpAxis.Y);
        batches.sync(scene);
        Drawn d = draw(
                seen(new Pose(new Vec3(0, 0, 50), Quat.IDENTITY, 50, new Projection.Perspective(0.8)), 100),
                wish(true, ON_SURFACE, false),
                0);
        assertThat(d.triangles).hasSize(12);
        for (Drawn.Triangle t : d.triangles) {
            assertThat(t.form()).isEqualTo(DrawSubmission.EDGED);
            Vec3[] c = {t.a(), t.b(), t.c()};
            for (int k = 0; k < 3; k++) {
                Vec3 side = c[(k + 1) % 3].minus(c[k]);
                boolean along = (side.x() == 0 ? 0 : 1) + (side.y() == 0 ? 0 : 1) + (side.z() == 0 ? 0 : 1) == 1;
                assertThat((t.marks() >> 2 * k & 3) > 0).isEqualTo(along);
            }
            // Fronts look outwards.
            Vec3 middle = t.a().plus(t.b()).plus(t.c()).times(1.0 / 3).minus(new Vec3(0, 1, 0));
            assertThat(t.normal().dot(middle)).isPositive();
        }
    }

    @Test
    void neighboursAreOneRangeAndHidingOneTouchesNoBuffer() {
        ShapeMesh s = ShapeMesh.of(new ParametricShape(ParametricShape.Sort.BOX, List.of(1.0, 1.0, 1.0)));
        meshes.add(s.mesh());
        skins.add(skin(s.normals(), new double[] {1, 1, 1, 1}, false));
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            nodes.add(
                    new Node("n" + i, "", -1, Mat4.translation(new Vec3(2 * i, 0, 0)), List.of(0), null, null, false));
        }
        scene = new Scene(nodes, meshes, UpAxis.Y);
        batches.sync(scene);
        assertThat(draw(everything(), SMOOTH, 0).ranges).isEqualTo(1);
        batches.takeDirty();
        scene = scene.withNodes(Map.of(20, scene.node(20).withHidden(true)));
        batches.sync(scene);
        Drawn d = draw(everything(), SMOOTH, 0);
        assertThat(d.ranges).isEqualTo(2);
        assertThat(d.triangles).hasSize(49 * 12);
        assertThat(batches.takeDirty()).isEmpty();
        scene = scene.withNodes(Map.of(7, scene.node(7).withLocal(Mat4.translation(Vec3.Y))));
        batches.moved(scene, List.of(7));
        int[] dirty = batches.takeDirty();
        assertThat(dirty[1]).as("first vertex written").isEqualTo(7 * 24);
        assertThat(dirty[2]).as("end of it").isEqualTo(8 * 24);
        assertThat(dirty[4]).as("indices stay").isZero();
    }

    /** Every corner of what is selected that is in the picture lies in the rectangle in which its outline is drawn. */
    @Property(tries = 60)
    void theRectangleOfTheOutlineHoldsWhatIsSelected(@ForAll long seed) {
        DrawBatchesTest t = of(seed);
        t.make();
        int chosen = t.r.nextInt(t.scene.count());
        t.batches.select(new int[] {chosen}, new int[] {chosen});
        double[] m = seen(
                new Pose(
                        new Vec3(0, 0, 40),
                        Quat.about(Vec3.Y, t.r.nextDouble() - 0.5),
                        40,
                        new Projection.Perspective(0.8)),
                5e6);
        t.draw(m, wish(true, Look.Edging.NONE, true), 0);
        double[] box = t.submission.masked(WIDTH, HEIGHT, 2);
        Mesh mesh = t.meshes.get(t.scene.node(chosen).meshes().get(0));
        int within = 0;
        for (int v = 0; v < mesh.positions().length / 3; v++) {
            Vec3 w = Drawn.world(t.scene, new BatchPart(chosen, 0, mesh, null), v);
            if (inside(m, w)) {
                double[] c = times(m, 16, times(m, 0, new double[] {w.x(), w.y(), w.z(), 1}));
                assertThat((c[0] / c[3] + 1) / 2 * WIDTH).isBetween(box[0], box[0] + box[2]);
                assertThat((c[1] / c[3] + 1) / 2 * HEIGHT).isBetween(box[1], box[1] + box[3]);
                within++;
            }
        }
        boolean crowds = t.batches.list().stream().anyMatch(b -> b.sort == DrawBatch.Sort.CROWD);
        if (within == 0 && !crowds && beyond(m, t.scene.coarseBounds(chosen))) {
            assertThat(box).containsOnly(0);
        }
    }

    @Test
    void whatIsSelectedIsMaskedAndDrawnOverTheOtherLines() {
        make();
        int first = 0;
        batches.select(new int[] {first}, new int[] {first});
        Drawn d = draw(everything(), wish(true, Look.Edging.NONE, true), 0);
        assertThat(d.triangles.stream()
                        .filter(t -> t.form() == DrawSubmission.MASK)
                        .map(Drawn.Triangle::node))
                .isNotEmpty()
                .containsOnly(first);
        draw(everything(), wish(false, LINES, false), 0);
        int[] runs = submission.runs();
        int picked = 0;
        for (int i = 0; i < runs.length; i += DrawSubmission.RUN) {
            picked += runs[i + 1] == DrawSubmission.PICKED ? runs[i + 4] : 0;
        }
        assertThat(picked).isEqualTo(1);
    }
}
