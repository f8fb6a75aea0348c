package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Light;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.out.SceneExport;

/** In, out and in again: what a format holds is the same. */
class HomeAndBackTest {
    private static SceneExport.Wanted wanted(SceneExport.Format f) {
        return new SceneExport.Wanted(f, null, null, null, false);
    }

    /** Scenes of solids that are moved, turned, scaled unevenly, mirrored, hidden and put below one another. */
    private record Made(Opened base, Scene scene) {}

    @Provide
    Arbitrary<Made> scenes() {
        return Arbitraries.longs().map(HomeAndBackTest::made);
    }

    private static Made made(long seed) {
        Random r = new Random(seed);
        Opened base = Opened.of("a.glb", r.nextBoolean() ? Mutants.seed() : zUp(Mutants.seed()));
        Scene s = base.scene();
        int first = s.count();
        for (int i = r.nextInt(4); i >= 0; i--) {
            ParametricShape shape = ParametricShape.usual(
                    ParametricShape.Sort.values()[r.nextInt(ParametricShape.Sort.values().length)], 1 + r.nextInt(3));
            double[] place = Mat4.trs(
                    new Vec3(r.nextGaussian() * 5, r.nextGaussian() * 5, r.nextGaussian() * 5),
                    Quat.about(new Vec3(r.nextDouble(), r.nextDouble(), 1).unit(), r.nextDouble() * 6),
                    new Vec3(r.nextBoolean() ? -1 : 1, 0.5 + r.nextDouble(), 0.5 + r.nextDouble()));
            s = SceneEdits.add(s, shape, place).scene();
        }
        if (r.nextBoolean()) {
            s = SceneEdits.each(s, List.of(first), n -> n.withHidden(true));
        }
        s = SceneEdits.add(s, new Light("point", new Vec3(1, 1, 1), 9, 0, 0, 0), Mat4.translation(new Vec3(1, 2, 3)))
                .scene();
        s = SceneEdits.add(s, new SceneCamera(true, 0.7, 0, 1.5), Mat4.translation(new Vec3(4, 5, 6)))
                .scene();
        return new Made(base, s);
    }

    private static byte[] zUp(byte[] glb) {
        int json = ByteBuffer.wrap(glb).order(ByteOrder.LITTLE_ENDIAN).getInt(12);
        String text = new String(glb, 20, json, StandardCharsets.UTF_8)
                .replace("{\"version\":\"2.0\"}", "{\"version\":\"2.0\",\"extras\":{\"rhombus\":{\"upAxis\":\"Z\"}}}");
        return NormalWriter.container(
                text.getBytes(StandardCharsets.UTF_8), Arrays.copyOfRange(glb, 28 + json, glb.length));
    }

    private static List<double[]> shown(Scene s) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (s.shown(i)) {
                // What is mirrored shows the other side of its triangles.
                boolean mirrored = Mat4.determinant(s.world(i)) < 0;
                for (double[] t : Opened.triangles(s, i)) {
                    all.add(mirrored ? new double[] {t[6], t[7], t[8], t[3], t[4], t[5], t[0], t[1], t[2]} : t);
                }
            }
        }
        return all;
    }

    /** In an order that does not depend on the file's. */
    private static List<double[]> sorted(List<double[]> triangles) {
        List<double[]> out = new ArrayList<>();
        for (double[] t : triangles) {
            double[] best = t;
            for (int turn = 1; turn < 3; turn++) {
                double[] turned = new double[9];
                for (int k = 0; k < 9; k++) {
                    turned[k] = t[(k + turn * 3) % 9];
                }
                best = Arrays.compare(rounded(turned), rounded(best)) < 0 ? turned : best;
            }
            out.add(best);
        }
        out.sort(Comparator.comparing(HomeAndBackTest::rounded, Arrays::compare));
        return out;
    }

    private static double[] rounded(double[] t) {
        return Arrays.stream(t).map(d -> Math.rint(d * 1e3) / 1e3).toArray();
    }

    private static void alike(List<double[]> a, List<double[]> b, String what) {
        List<double[]> x = sorted(a);
        List<double[]> y = sorted(b);
        assertThat(y).as(what).hasSameSizeAs(x);
        boolean[] found = new boolean[y.size()];
        for (int k = 0; k < x.size(); k++) {
            if (!anyNear(x.get(k), y, k, found)) {
                throw new AssertionError(what + ": no triangle at " + Arrays.toString(x.get(k)));
            }
        }
    }

    /** Whether one that is not taken yet is near; it mostly stands at the same place or not far from there. */
    private static boolean anyNear(double[] t, List<double[]> all, int place, boolean[] taken) {
        for (int far = 0; far < all.size(); far++) {
            for (int i : new int[] {place - far, place + far}) {
                if (i >= 0 && i < all.size() && !taken[i] && near(t, all.get(i))) {
                    taken[i] = true;
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean near(double[] a, double[] b) {
        for (int turn = 0; turn < 3; turn++) {
            boolean same = true;
            for (int k = 0; k < 9; k++) {
                same &= Math.abs(a[k] - b[(k + turn * 3) % 9]) < 1e-5;
            }
            if (same) {
                return true;
            }
        }
        return false;
    }

    @Property
    void theTrianglesThatAreShownComeBackFromEveryFormat(@ForAll("scenes") Made m) {
        for (SceneExport.Format f : SceneExport.Format.values()) {
            SceneExport e = Exported.as(m.base.imported(), m.scene, wanted(f));
            Opened back = Opened.of(e.fileName(), Exported.bytes(e));
            List<double[]> triangles = shown(back.scene());
            if (f == SceneExport.Format.STL) {
                // Read as millimetres, since the format does not say; written in metres, as asked.
                triangles = triangles.stream()
                        .map(t -> Arrays.stream(t).map(d -> d * 1000).toArray())
                        .toList();
            }
            alike(shown(m.scene), triangles, f.word());
            if (f == SceneExport.Format.GLB || f == SceneExport.Format.GLTF) {
                assertThat(back.scene().up()).isEqualTo(m.scene.up());
                assertThat(back.names()).containsAll(names(m.scene));
                assertThat(back.scene().cameras()).hasSameSizeAs(m.scene.cameras());
            }
        }
    }

    private static List<String> names(Scene s) {
        return s.nodes().stream().map(n -> n.name()).toList();
    }

    @Property(tries = 40)
    void polygonsComeBackAsTheTrianglesTheyWereJoinedFrom(@ForAll("scenes") Made m) {
        double[] area = new double[2];
        for (SceneExport.Format f : List.of(SceneExport.Format.OBJ, SceneExport.Format.PLY)) {
            SceneExport e = Exported.as(m.base.imported(), m.scene, new SceneExport.Wanted(f, null, null, null, true));
            Opened back = Opened.of(e.fileName(), Exported.bytes(e));
            List<double[]> before = shown(m.scene);
            List<double[]> after = shown(back.scene());
            // Cut again along other diagonals perhaps, so that counts and areas are what stays.
            assertThat(after).as(f.word()).hasSameSizeAs(before);
            area[0] = before.stream().mapToDouble(HomeAndBackTest::area).sum();
            area[1] = after.stream().mapToDouble(HomeAndBackTest::area).sum();
            assertThat(area[1]).as(f.word()).isCloseTo(area[0], within(area[0] * 1e-4));
        }
    }

    private static double area(double[] t) {
        Vec3 a = new Vec3(t[0], t[1], t[2]);
        Vec3 b = new Vec3(t[3], t[4], t[5]);
        Vec3 c = new Vec3(t[6], t[7], t[8]);
        return b.minus(a).cross(c.minus(a)).length() / 2;
    }

    @Test
    void aBoxIsSixFacesAsItWasModelled() {
        Opened base = Opened.of("a.glb", Mutants.seed());
        Scene s = SceneEdits.add(base.scene(), ParametricShape.usual(ParametricShape.Sort.BOX, 1), Mat4.identity())
                .scene();
        String id = s.node(s.count() - 1).id();
        byte[] out = Exported.bytes(Exported.as(
                base.imported(), s, new SceneExport.Wanted(SceneExport.Format.OBJ, Set.of(id), null, null, true)));
        String text = new String(out, StandardCharsets.UTF_8);
        assertThat(text.lines().filter(l -> l.startsWith("f "))).hasSize(6).allMatch(l -> l.split(" ").length == 5);
    }

    @Test
    void axesAndUnitsAreThoseThatAreAskedFor() {
        Opened base = Opened.of("a.obj", "v 1 2 3\nv 2 2 3\nv 1 4 3\nf 1 2 3");
        SceneExport e = Exported.as(
                base.imported(),
                base.scene(),
                new SceneExport.Wanted(SceneExport.Format.OBJ, null, UpAxis.Z, LengthUnit.CM, false));
        // What pointed along Y points along Z, and what came towards the eye from Z comes from -Y.
        assertThat(new String(Exported.bytes(e), StandardCharsets.UTF_8)).contains("v 100.0 -300.0 200.0\n");
        assertThat(e.losses()).isEmpty();
    }

    @Test
    void whatAFormatCannotHoldIsTold() {
        Made m = made(3);
        List<String> stl = Exported.as(m.base.imported(), m.scene, wanted(SceneExport.Format.STL))
                .losses();
        assertThat(stl)
                .contains("All objects become one, without their names.", "Materials and textures are left out.")
                .anyMatch(l -> l.contains("camera"))
                .anyMatch(l -> l.contains("light"));
        assertThat(Exported.as(m.base.imported(), m.scene, wanted(SceneExport.Format.GLB))
                        .losses())
                .isEmpty();
    }

    @Test
    void pointsBesideFacesAreToldOfWhereNothingWouldTellThemApart() {
        String cloud = "v 0 0 0\nv 1 0 0\nv 0 1 0\nv 5 5 5\nv 6 6 6\no Dust\np 4\np 5\n";
        assertThat(plyLosses(cloud)).as("points alone are points again").isEmpty();
        assertThat(plyLosses(cloud + "o Face\nf 1 2 3\n"))
                .contains("2 points become vertices that nothing tells from those of faces and lines.");
    }

    private static List<String> plyLosses(String obj) {
        Opened base = Opened.of("a.obj", obj);
        return Exported.as(base.imported(), base.scene(), wanted(SceneExport.Format.PLY))
                .losses();
    }

    /** How many triangles each material has, over all objects; what has none counts as "none". */
    private static Map<String, Integer> painted(ImportedScene imported) {
        Map<String, Object> gltf;
        try {
            gltf = KeptScene.read(new ByteArrayInputStream(imported.glb())).gltf();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<Object> materials = PlainData.list(gltf.get("materials"));
        Map<String, Integer> out = new TreeMap<>();
        for (Object n : PlainData.list(gltf.get("nodes"))) {
            int mesh = PlainData.whole(PlainData.map(n).get("mesh"), -1);
            if (mesh < 0) {
                continue;
            }
            for (Object o : PlainData.list(
                    PlainData.map(PlainData.list(gltf.get("meshes")).get(mesh)).get("primitives"))) {
                int material = PlainData.whole(PlainData.map(o).get("material"), -1);
                String name = material < 0
                        ? "none"
                        : PlainData.text(PlainData.map(materials.get(material)).get("name"), "?");
                int corners = PlainData.whole(
                        PlainData.map(PlainData.list(gltf.get("accessors"))
                                        .get(PlainData.whole(PlainData.map(o).get("indices"), 0)))
                                .get("count"),
                        0);
                out.merge(name.equals("No material") ? "none" : name, corners / 3, Integer::sum);
            }
        }
        return out;
    }

    /** An object with a material, then one without: OBJ has no word that ends a material. */
    @Test
    void anObjectWithoutAMaterialDoesNotTakeTheOneBefore() {
        Opened base = Opened.of("a.glb", Mutants.seed());
        Scene s = SceneEdits.add(base.scene(), ParametricShape.usual(ParametricShape.Sort.BOX, 1), Mat4.identity())
                .scene();
        SceneExport e = Exported.as(base.imported(), s, wanted(SceneExport.Format.OBJ));
        Opened back = Opened.of(e.fileName(), Exported.bytes(e));
        assertThat(painted(back.imported()))
                .as("the box alone has none")
                .containsEntry("none", 12)
                .containsEntry("Paint", painted(base.imported()).get("Paint"));
    }

    /** Normals of PLY: none is nothing, flat faces have their own, smooth ones what they had. */
    @Property(tries = 40)
    void everyNormalOfPlyHasALengthOfOneAndPointsAsItsFaceDoes(@ForAll("scenes") Made m) {
        for (boolean modelled : new boolean[] {false, true}) {
            SceneExport e = Exported.as(
                    m.base.imported(),
                    m.scene,
                    new SceneExport.Wanted(SceneExport.Format.PLY, null, null, null, modelled));
            Opened back = Opened.of(e.fileName(), Exported.bytes(e));
            float[] normals = back.attribute("NORMAL");
            for (int v = 0; v < normals.length; v += 3) {
                double l = Math.sqrt(
                        normals[v] * normals[v] + normals[v + 1] * normals[v + 1] + normals[v + 2] * normals[v + 2]);
                assertThat(l).isCloseTo(1, within(1e-3));
            }
        }
    }

    @Test
    void theFacesOfAFlatSolidBesideASmoothOneStayFlat() {
        Opened base = Opened.of("a.glb", Mutants.seed());
        Scene s = SceneEdits.add(
                        base.scene(),
                        ParametricShape.usual(ParametricShape.Sort.BOX, 1),
                        Mat4.translation(new Vec3(50, 0, 0)))
                .scene();
        SceneExport e = Exported.as(base.imported(), s, wanted(SceneExport.Format.PLY));
        byte[] bytes = Exported.bytes(e);
        assertThat((long) bytes.length).as("the length that was told bounds it").isLessThanOrEqualTo(e.length());
        Opened back = Opened.of("a.ply", bytes);
        float[] normals = back.attribute("NORMAL");
        int axes = 0;
        for (int v = 0; v < normals.length; v += 3) {
            double most = Math.max(Math.abs(normals[v]), Math.max(Math.abs(normals[v + 1]), Math.abs(normals[v + 2])));
            axes += most > 0.9999 ? 1 : 0;
        }
        assertThat(axes).as("the corners of the box").isGreaterThanOrEqualTo(24);
    }

    /** The tree, cameras and lights come back from the formats that hold them, whatever stands below what. */
    @Property(tries = 40)
    void hierarchyCamerasAndLightsComeBack(@ForAll("scenes") Made m) {
        for (SceneExport.Format f : List.of(SceneExport.Format.GLB, SceneExport.Format.GLTF)) {
            SceneExport e = Exported.as(m.base.imported(), m.scene, wanted(f));
            Opened back = Opened.of(e.fileName(), Exported.bytes(e));
            assertThat(tree(back.scene())).isEqualTo(tree(m.scene));
            assertThat(painted(back.imported()))
                    .as("materials")
                    .containsEntry("Paint", painted(m.base.imported()).get("Paint"));
            for (int c = 0; c < m.scene.cameras().size(); c++) {
                int a = m.scene.cameras().get(c);
                int b = back.scene().indexOf(m.scene.node(a).id());
                b = b < 0 ? back.scene().cameras().get(c) : b;
                assertThat(back.scene().camera(b).fovY())
                        .isCloseTo(m.scene.camera(a).fovY(), within(1e-6));
            }
        }
    }

    /** Light values come back as they were, for each kind of light (KHR_lights_punctual). */
    @Property(tries = 40)
    void lightsComeBackWithAllTheirNumbers(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Opened base = Opened.of("a.glb", Mutants.seed());
        Scene s = base.scene();
        for (String type : List.of("point", "spot", "directional")) {
            boolean spot = type.equals("spot");
            boolean sun = type.equals("directional");
            double outer = spot ? 0.1 + r.nextDouble() * 1.4 : Light.USUAL_OUTER;
            Light light = new Light(
                    type,
                    new Vec3(r.nextDouble(), r.nextDouble(), r.nextDouble()),
                    r.nextDouble() * 1000,
                    sun || r.nextBoolean() ? 0 : 1 + r.nextDouble() * 50,
                    spot ? outer * r.nextDouble() : 0,
                    outer);
            s = SceneEdits.add(s, light, Mat4.translation(new Vec3(r.nextGaussian(), 2, 3)))
                    .scene();
        }
        for (SceneExport.Format f : List.of(SceneExport.Format.GLB, SceneExport.Format.GLTF)) {
            SceneExport e = Exported.as(base.imported(), s, wanted(f));
            List<Light> back = lights(Opened.of(e.fileName(), Exported.bytes(e)).scene());
            List<Light> there = lights(s);
            assertThat(back).hasSameSizeAs(there);
            for (int i = 0; i < there.size(); i++) {
                assertThat(back.get(i))
                        .usingRecursiveComparison()
                        .withComparatorForType(
                                (a, b) -> Math.abs(a - b) <= 1e-6 * (1 + Math.abs(a)) ? 0 : Double.compare(a, b),
                                Double.class)
                        .isEqualTo(there.get(i));
            }
        }
    }

    private static List<Light> lights(Scene s) {
        return s.nodes().stream()
                .map(n -> n.light())
                .filter(l -> l != null)
                .sorted(Comparator.comparing(Light::type))
                .toList();
    }

    /** Where on a picture each corner of a triangle lies. */
    private static List<String> places(Opened o) {
        Scene s = o.scene();
        int node = 0;
        while (s.node(node).meshes().isEmpty()) {
            node++;
        }
        Mesh mesh = s.meshes().get(s.node(node).meshes().get(0));
        float[] p = mesh.positions();
        float[] uv = o.attribute("TEXCOORD_0");
        List<String> out = new ArrayList<>();
        for (int v : mesh.triangles()) {
            Vec3 at = Mat4.point(s.world(node), mesh.origin().plus(new Vec3(p[v * 3], p[v * 3 + 1], p[v * 3 + 2])));
            out.add(String.format(
                    Locale.ROOT,
                    "%.4f %.4f %.4f at %.5f %.5f",
                    at.x() + 0.0,
                    at.y() + 0.0,
                    at.z() + 0.0,
                    uv[v * 2],
                    uv[v * 2 + 1]));
        }
        out.sort(Comparator.naturalOrder());
        return out;
    }

    @Test
    void everyCornerComesBackWithItsPlaceOnThePicture() {
        Opened base = Opened.of("a.glb", Mutants.seed());
        for (SceneExport.Format f : List.of(SceneExport.Format.GLB, SceneExport.Format.GLTF, SceneExport.Format.OBJ)) {
            SceneExport e = Exported.as(base.imported(), base.scene(), wanted(f));
            assertThat(places(Opened.of(e.fileName(), Exported.bytes(e))))
                    .as(f.word())
                    .isEqualTo(places(base));
        }
    }

    /** Each object with the names above it, in an order that does not depend on the file's. */
    private static List<String> tree(Scene s) {
        List<String> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (s.node(i).gone()) {
                continue;
            }
            StringBuilder path = new StringBuilder();
            for (int k = i; k >= 0; k = s.node(k).parent()) {
                path.insert(0, "/" + s.node(k).name());
            }
            out.add(path + " " + s.node(i).kind());
        }
        out.sort(Comparator.naturalOrder());
        return out;
    }

    @Test
    void clipsSkinsAndMorphTargetsThatAreNotKeptAreTold() {
        Sample s = new Sample();
        s.floats("VEC3", 0, 0, 0, 1, 0, 0, 0, 1, 0);
        s.floats("VEC3", 0, 0, 1, 0, 0, 1, 0, 0, 1);
        s.primitive = "{\"attributes\":{\"POSITION\":0},\"targets\":[{\"POSITION\":1}]}";
        s.nodes = "[{\"name\":\"Thing\",\"mesh\":0,\"skin\":0}]";
        s.more =
                ",\"skins\":[{\"joints\":[0]}],\"animations\":[{\"channels\":[],\"samplers\":[]},{\"channels\":[],\"samplers\":[]}]";
        Opened o = Opened.of("a.glb", s.glb());
        for (SceneExport.Format f : SceneExport.Format.values()) {
            List<String> losses =
                    Exported.as(o.imported(), o.scene(), wanted(f)).losses();
            assertThat(losses)
                    .as(f.word())
                    .contains(
                            "2 animation clips are left out.",
                            "1 skin is left out, its mesh in the rest pose is not.",
                            "1 mesh loses its morph targets.");
        }
        SceneExport e = Exported.as(o.imported(), o.scene(), wanted(SceneExport.Format.GLB));
        Opened again = Opened.of("b.glb", Exported.bytes(e));
        assertThat(Exported.as(again.imported(), again.scene(), wanted(SceneExport.Format.GLB))
                        .losses())
                .as("what is not there any more is not told again")
                .isEmpty();
    }
}
