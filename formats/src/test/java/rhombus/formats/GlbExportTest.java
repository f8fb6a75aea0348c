package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.FilmBack;
import rhombus.core.optics.GateFit;
import rhombus.core.optics.Optics;
import rhombus.core.optics.PictureFormat;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;

class GlbExportTest {
    private static final ImportedScene SEED = Exported.imported(Mutants.seed());
    private static final Optics LENS =
            new Optics(new FilmBack(24.89, 18.66), GateFit.FILL, 2.8, 0.025, 3.5, null, null);

    /** What there is, wherever in the tree it hangs: names, corners of meshes in the world, cameras and lights. */
    private record Contents(
            Set<String> names, List<double[]> corners, List<Object> cameras, List<Object> lights, int triangles) {}

    private static Contents contents(Scene s) {
        Set<String> names = new TreeSet<>();
        List<double[]> corners = new ArrayList<>();
        List<Object> cameras = new ArrayList<>();
        List<Object> lights = new ArrayList<>();
        int triangles = 0;
        for (int i : ordered(s)) {
            Node n = s.node(i);
            names.add(n.name());
            triangles += s.triangles(i);
            for (int m : n.meshes()) {
                Mesh mesh = s.meshes().get(m);
                float[] p = mesh.positions();
                for (int k = 0; k < Math.min(p.length, 30); k += 3) {
                    Vec3 at = Mat4.point(s.world(i), mesh.origin().plus(new Vec3(p[k], p[k + 1], p[k + 2])));
                    corners.add(new double[] {at.x(), at.y(), at.z()});
                }
            }
            if (n.camera() != null) {
                SceneCamera c = s.camera(i);
                cameras.add(List.of(c.perspective(), c.aspect(), n.camera().aspect(), c.optics()));
                Quat q = Mat4.rotation(s.world(i));
                corners.add(new double[] {
                    c.fovY(), c.extent(), q.forward().x(), q.forward().y(), q.up().z()
                });
                corners.add(point(Mat4.origin(s.world(i))));
            }
            if (n.light() != null) {
                lights.add(n.light());
                corners.add(point(Mat4.origin(s.world(i))));
            }
        }
        names.remove("");
        return new Contents(names, corners, cameras, lights, triangles);
    }

    private static double[] point(Vec3 p) {
        return new double[] {p.x(), p.y(), p.z()};
    }

    /** All that is there, as a tree is read; hidden things too. */
    private static List<Integer> ordered(Scene s) {
        List<Integer> out = new ArrayList<>();
        for (int root : s.children(-1)) {
            walk(s, root, out);
        }
        return out;
    }

    private static void walk(Scene s, int i, List<Integer> out) {
        if (!s.node(i).gone()) {
            out.add(i);
            s.children(i).forEach(c -> walk(s, c, out));
        }
    }

    private static Scene again(Scene changed) {
        return NormalReader.read(Exported.imported(Exported.of(SEED, changed, null)));
    }

    private static void same(Scene is, Scene was) {
        assertThat(is.setup()).isEqualTo(was.setup());
        Contents a = contents(is);
        Contents b = contents(was);
        assertThat(a.names()).isEqualTo(b.names());
        assertThat(a.triangles()).isEqualTo(b.triangles());
        assertThat(a.cameras()).isEqualTo(b.cameras());
        assertThat(a.lights()).isEqualTo(b.lights());
        assertThat(a.corners()).hasSameSizeAs(b.corners());
        double size = 1 + was.radius();
        for (int i = 0; i < a.corners().size(); i++) {
            assertThat(a.corners().get(i)).containsExactly(b.corners().get(i), within(size * 1e-6));
        }
    }

    @Property
    void aChangedSceneThatIsReadAgainIsTheSame(@ForAll long seed) {
        Random r = new Random(seed);
        Scene s = NormalReader.read(SEED);
        for (int step = r.nextInt(12); step > 0; step--) {
            s = changed(s, r);
        }
        if (s.triangles() > 0) {
            same(again(s), s);
        }
    }

    private static Vec3 vector(Random r) {
        return new Vec3(r.nextDouble() * 4 - 2, r.nextDouble() * 4 - 2, r.nextDouble() * 4 - 2);
    }

    private static Quat turn(Random r) {
        return Quat.about(vector(r).unit(), r.nextDouble() * 6);
    }

    private static double[] place(Random r) {
        return Mat4.trs(vector(r), turn(r), new Vec3(1, 1, 1));
    }

    private static Scene changed(Scene s, Random r) {
        List<Integer> there = ordered(s);
        if (there.isEmpty()) {
            return s;
        }
        List<Integer> one = List.of(there.get(r.nextInt(there.size())));
        Vec3 factors = new Vec3(0.3 + r.nextDouble() * 2, 0.3 + r.nextDouble() * 2, r.nextInt(4) == 0 ? -1 : 1.5);
        return switch (r.nextInt(14)) {
            case 0 -> new EditOperation.Move(one, vector(r)).of(s);
            case 1 -> new EditOperation.Turn(one, null, turn(r)).of(s);
            case 2 -> new EditOperation.Scale(one, null, turn(r), factors).of(s);
            case 3 -> SceneEdits.duplicate(s, one).scene();
            case 4 -> there.size() > 3 ? SceneEdits.delete(s, one) : s;
            case 5 -> SceneEdits.group(s, one, "Group " + r.nextInt(9)).scene();
            case 6 -> regrouped(s, one, there.get(r.nextInt(there.size())));
            case 7 ->
                SceneEdits.add(
                                s,
                                ParametricShape.usual(ParametricShape.Sort.values()[r.nextInt(6)], 1 + r.nextInt(2)),
                                place(r))
                        .scene();
            case 8 ->
                SceneEdits.add(s, new Light("spot", new Vec3(1, 0.5, 0.2), 30, 9, 0.2, 0.5), place(r))
                        .scene();
            case 9 ->
                SceneEdits.add(
                                s,
                                r.nextBoolean()
                                        ? new SceneCamera(true, 0.3 + r.nextDouble(), 0, r.nextInt(2) * 1.5, LENS)
                                        : new SceneCamera(false, 0, 1 + r.nextDouble(), 2, Optics.USUAL),
                                place(r))
                        .scene();
            case 10 -> s.withPicture(new PictureFormat(1 + r.nextInt(9), 2 + r.nextInt(9)));
            case 11 -> s.withSetup(s.setup().withGuides(List.of(r.nextDouble()), List.of(0.0, r.nextDouble())));
            // A scale along the world's axes shears what is turned below it.
            case 12 ->
                SceneEdits.each(
                        s,
                        one,
                        n -> n.withLocal(Mat4.times(
                                Mat4.trs(Vec3.ZERO, Quat.IDENTITY, factors), Mat4.times(n.local(), place(r)))));
            default -> SceneEdits.each(s, one, n -> n.withName("Näme " + r.nextInt(5)));
        };
    }

    private static Scene regrouped(Scene s, List<Integer> nodes, int below) {
        return s.within(below, nodes.get(0)) ? s : SceneEdits.regroup(s, nodes, below);
    }

    @Test
    void aFlattenedOrMirroredOrShearedMatrixIsTakenApartExactly() {
        Random r = new Random(5);
        for (int k = 0; k < 2000; k++) {
            double[] m = new double[16];
            for (int i = 0; i < 12; i++) {
                m[i / 3 * 4 + i % 3] = r.nextInt(6) == 0 ? 0 : r.nextGaussian();
            }
            m[15] = 1;
            DecomposedMatrix s = DecomposedMatrix.of(m);
            double[] again = Mat4.trs(s.translation(), s.rotation(), s.scale());
            if (s.before() != null) {
                again = Mat4.times(again, Mat4.trs(Vec3.ZERO, s.before(), new Vec3(1, 1, 1)));
            }
            assertThat(again).containsExactly(m, within(1e-9));
        }
    }

    @Test
    void whatIsFarAwayStaysWhereItIsToTheMillimetre() {
        Sample s = new Sample();
        s.floats("VEC3", 5e6, 0, 0, 5e6 + 1, 0, 0, 5e6, 1, 0);
        s.shorts(0, 1, 2);
        ImportedScene far = Exported.imported(s.glb());
        Scene before = NormalReader.read(far);
        Scene after = NormalReader.read(Exported.imported(Exported.of(far, before, null)));
        assertThat(after.bounds()).isEqualTo(before.bounds());
    }

    @Test
    void whatIsHiddenLockedOrHasAPivotIsSoAgain() {
        Scene s = NormalReader.read(SEED);
        int n = s.children(-1).get(0);
        Scene changed = SceneEdits.each(
                s, List.of(n), x -> x.withHidden(true).withLocked(true).withPivot(new Vec3(1, 2, 3)));
        Node again = again(changed).node(0);
        assertThat(again.hidden()).isTrue();
        assertThat(again.locked()).isTrue();
        assertThat(again.pivot()).isEqualTo(new Vec3(1, 2, 3));
    }

    @Test
    void aSelectionStandsInItsPlaceWithoutTheRest() {
        Scene s = NormalReader.read(SEED);
        Scene two = SceneEdits.duplicate(s, List.of(ordered(s).get(0))).scene();
        int copy = two.count() - 1;
        Scene moved = new EditOperation.Move(List.of(copy), new Vec3(7, 0, 0)).of(two);
        Scene alone = NormalReader.read(Exported.imported(
                Exported.of(SEED, moved, Set.of(moved.node(copy).id()))));
        assertThat(alone.bounds().center().distance(moved.boundsBelow(copy).center()))
                .isLessThan(1e-6);
        assertThat(alone.triangles()).isEqualTo(moved.trianglesBelow(copy));
    }

    @Test
    void aCameraOfTheFileIsWrittenAsItCameAndWhatWasSaidBesidesStays() {
        Sample s = Sample.triangle();
        s.nodes = "[{\"mesh\":0},{\"name\":\"Mast head\",\"camera\":0}]";
        s.roots = "[0,1]";
        s.more = ",\"cameras\":[{\"name\":\"Old\",\"type\":\"perspective\",\"extras\":{\"crew\":[1,2]},"
                + "\"perspective\":{\"yfov\":0.5,\"aspectRatio\":1.25,\"znear\":0.2,\"zfar\":40}}]";
        ImportedScene kept = Exported.imported(s.glb());
        Scene scene = NormalReader.read(kept);
        assertThat(camera(Exported.of(kept, scene, null)))
                .isEqualTo(Map.of(
                        "name",
                        "Old",
                        "type",
                        "perspective",
                        "extras",
                        Map.of("crew", List.of(1, 2)),
                        "perspective",
                        Map.of("yfov", 0.5, "aspectRatio", 1.25, "znear", 0.2, "zfar", 40.0)));
        Scene set =
                SceneEdits.each(scene, List.of(1), n -> n.withCamera(n.camera().with(LENS)));
        Map<String, Object> changed = camera(Exported.of(kept, set, null));
        assertThat(changed.get("extras"))
                .isEqualTo(Map.of(
                        "crew",
                        List.of(1, 2),
                        "rhombus",
                        Map.of(
                                "back",
                                List.of(24.89, 18.66),
                                "fit",
                                "fill",
                                "fNumber",
                                2.8,
                                "confusion",
                                0.025,
                                "focus",
                                3.5)));
        assertThat(changed).containsEntry("name", "Old");
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> camera(byte[] glb) {
        try {
            KeptScene read = KeptScene.read(new java.io.ByteArrayInputStream(glb));
            return (Map<String, Object>) ((List<Object>) read.gltf().get("cameras")).get(0);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
