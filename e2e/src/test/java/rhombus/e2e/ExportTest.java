package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.FilmBack;
import rhombus.core.optics.GateFit;
import rhombus.core.optics.Optics;
import rhombus.core.scene.Light;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Matrices;
import rhombus.core.view.Projection;
import rhombus.demo.DemoScenes;
import rhombus.formats.Exported;
import rhombus.formats.ImportedScene;
import rhombus.formats.NormalReader;
import rhombus.formats.out.SceneExport;
import tools.jackson.databind.json.JsonMapper;

/** What is exported, seen by others: the official validator of glTF 2.0 and three's GLTFLoader. */
class ExportTest {
    private static ImportedScene demo(String name) {
        return Exported.imported(DemoScenes.all().get(name).get());
    }

    /** Something of everything: moved, turned, sheared, copied, deleted, hidden, added. */
    private static Scene changed(Scene s) {
        Random r = new Random(7);
        Scene now = s;
        for (int k = 0; k < 40; k++) {
            List<Integer> one = List.of(r.nextInt(s.count()));
            Vec3 v = new Vec3(r.nextDouble(), r.nextDouble(), r.nextDouble() + 0.1);
            now = switch (k % 6) {
                case 0 -> new EditOperation.Move(one, v).of(now);
                case 1 -> new EditOperation.Turn(one, null, Quat.about(v.unit(), 1)).of(now);
                case 2 -> SceneEdits.duplicate(now, one).scene();
                case 3 -> SceneEdits.each(now, one, n -> n.withHidden(true));
                case 4 ->
                    SceneEdits.each(now, one, n -> n.withLocal(Mat4.times(Mat4.trs(v, Quat.IDENTITY, v), n.local())));
                default -> now.node(one.get(0)).parent() >= 0 ? SceneEdits.delete(now, one) : now;
            };
        }
        double[] place = Mat4.trs(new Vec3(1, 2, 3), Quat.about(Vec3.Y, 1), new Vec3(1, 1, 1));
        for (ParametricShape.Sort sort : ParametricShape.Sort.values()) {
            now = SceneEdits.add(now, ParametricShape.usual(sort, 1), place).scene();
        }
        now = SceneEdits.add(now, new Light("spot", new Vec3(1, 1, 0), 10, 4, 0.1, 0.4), place)
                .scene();
        now = SceneEdits.add(now, new SceneCamera(false, 0, 3, 0), place).scene();
        return SceneEdits.add(now, new SceneCamera(true, 0.7, 0, 0), place).scene();
    }

    @TestFactory
    Stream<DynamicTest> theValidatorFindsNothingWrongWithADemoSceneThatWasChanged() {
        return DemoScenes.all().entrySet().stream()
                .filter(e -> !e.getKey().equals("Long Pier"))
                .map(ExportTest::valid);
    }

    private static DynamicTest valid(Map.Entry<String, Supplier<byte[]>> scene) {
        return DynamicTest.dynamicTest(scene.getKey(), () -> {
            ImportedScene kept = demo(scene.getKey());
            Scene s = NormalReader.read(kept);
            assertThat(Tool.run("tools/validate.mjs", Exported.of(kept, s, null)))
                    .isEqualTo("[]");
            assertThat(Tool.run("tools/validate.mjs", Exported.of(kept, changed(s), null)))
                    .isEqualTo("[]");
        });
    }

    @Test
    void theLoaderComputesTheSameProjectionsAndPlacesAsTheCore() throws Exception {
        ImportedScene kept = demo(DemoScenes.BOATYARD);
        Scene s = NormalReader.read(kept);
        Random r = new Random(11);
        List<Optics> lenses = new ArrayList<>();
        for (int k = 0; k < 40; k++) {
            double near = 0.01 + r.nextDouble();
            Optics o = new Optics(
                    new FilmBack(10 + 30 * r.nextDouble(), 10 + 20 * r.nextDouble()),
                    GateFit.values()[k % 4],
                    4,
                    0.03,
                    null,
                    near,
                    near + 1 + 100 * r.nextDouble());
            lenses.add(o);
            double[] place = Mat4.trs(
                    new Vec3(r.nextGaussian() * 9, r.nextGaussian() * 9, r.nextGaussian() * 9),
                    Quat.about(new Vec3(r.nextDouble(), r.nextDouble(), 1).unit(), r.nextDouble() * 6),
                    new Vec3(1, 1, 1));
            double aspect = k % 5 == 0 ? 0 : 0.5 + 2 * r.nextDouble();
            SceneCamera c = k % 3 == 0
                    ? new SceneCamera(false, 0, 0.5 + 5 * r.nextDouble(), aspect, o)
                    : new SceneCamera(true, 0.1 + 2 * r.nextDouble(), 0, aspect, o);
            s = SceneEdits.add(s, c, place).scene();
        }
        Set<String> cameras = new HashSet<>();
        for (int i : s.cameras()) {
            cameras.add(s.node(i).id());
        }
        Map<?, ?> theirs = JsonMapper.builder()
                .build()
                .readValue(Tool.run("tools/cameras.mjs", Exported.of(kept, s, cameras)), Map.class);
        int compared = 0;
        for (int i : s.cameras()) {
            SceneCamera c = s.camera(i);
            if (c.optics().near() == null) {
                continue;
            }
            Map<?, ?> read = (Map<?, ?>) theirs.get(s.node(i).name());
            double[] ours = new double[16];
            Projection p =
                    c.perspective() ? new Projection.Perspective(c.fovY()) : new Projection.Orthographic(c.extent());
            Matrices.projection(
                    p, c.aspect(), new ClipRange(c.optics().near(), c.optics().far()), ours, 0);
            near(read.get("projection"), ours);
            near(read.get("world"), s.world(i));
            compared++;
        }
        assertThat(compared).isEqualTo(lenses.size());
    }

    @TestFactory
    Stream<DynamicTest> theLoadersReadTheOrreryInEveryFormatWithTheSameTrianglesBoundsAndNames() {
        ImportedScene kept = demo("Tidal Orrery");
        Scene s = NormalReader.read(kept);
        return Stream.of(SceneExport.Format.values())
                .map(f -> DynamicTest.dynamicTest(f.word(), () -> {
                    SceneExport e = Exported.as(kept, s, new SceneExport.Wanted(f, null, null, null, false));
                    String ending = e.fileName().substring(e.fileName().lastIndexOf('.') + 1);
                    Map<?, ?> read = JsonMapper.builder()
                            .build()
                            .readValue(Tool.run("tools/loaded.mjs", Exported.bytes(e), ending), Map.class);
                    assertThat(((Number) read.get("triangles")).longValue()).isEqualTo(e.triangles());
                    double[] low = {9e9, 9e9, 9e9};
                    double[] high = {-9e9, -9e9, -9e9};
                    for (int i = 0; i < s.count(); i++) {
                        for (int m : s.shown(i) ? s.node(i).meshes() : List.<Integer>of()) {
                            Mesh mesh = s.meshes().get(m);
                            for (int v = 0; v < mesh.positions().length; v += 3) {
                                float[] p = mesh.positions();
                                Vec3 at =
                                        Mat4.point(s.world(i), mesh.origin().plus(new Vec3(p[v], p[v + 1], p[v + 2])));
                                for (int k = 0; k < 3; k++) {
                                    low[k] = Math.min(low[k], at.get(k));
                                    high[k] = Math.max(high[k], at.get(k));
                                }
                            }
                        }
                    }
                    boolean tree = f == SceneExport.Format.GLB || f == SceneExport.Format.GLTF;
                    // The orrery has Z upwards, and glTF has Y.
                    near(read.get("min"), tree ? new double[] {low[0], low[2], -high[1]} : low);
                    near(read.get("max"), tree ? new double[] {high[0], high[2], -low[1]} : high);
                    if (tree) {
                        assertThat(((Number) read.get("cameras")).intValue())
                                .isEqualTo(s.cameras().size());
                        assertThat(((Number) read.get("lights")).intValue()).isPositive();
                    }
                    if (f == SceneExport.Format.OBJ) {
                        assertThat((List<?>) read.get("paints")).hasSizeGreaterThan(2);
                        assertThat((List<?>) read.get("names")).hasSize(e.objects());
                    }
                }));
    }

    /** Within 1e-6 of the largest number, since a matrix may hold great ones. */
    private static void near(Object read, double[] ours) {
        double size = 1;
        for (double d : ours) {
            size = Math.max(size, Math.abs(d));
        }
        double[] theirs = ((List<?>) read)
                .stream().mapToDouble(n -> ((Number) n).doubleValue()).toArray();
        assertThat(theirs).containsExactly(ours, within(size * 1e-6));
    }
}
