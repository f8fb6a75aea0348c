package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** A newer file lies under the work on the older one. */
class NewerFileMergeTest {
    private static SceneImport.Update newer(Opened old, String name, byte[] file) {
        return SceneImport.newer(
                old.imported().glb(),
                new UploadedFiles(UploadLimits.DEFAULT).add(name, file),
                new SceneImport.Answers(
                        old.imported().standing().up(),
                        old.imported().standing().unit()),
                UploadLimits.DEFAULT,
                Progress.SILENT);
    }

    private static List<ObjectMatching.Item> random(Random r, int most) {
        List<ObjectMatching.Item> out = new ArrayList<>();
        int n = r.nextInt(most);
        for (int i = 0; i < n; i++) {
            out.add(new ObjectMatching.Item(
                    r.nextInt(5) == 0 ? "" : "" + (char) ('a' + r.nextInt(6)),
                    r.nextInt(i + 1) - 1,
                    r.nextBoolean() ? "shape " + r.nextInt(8) : null));
        }
        return out;
    }

    @Property
    void noObjectIsTwoAndTheSameFileIsItself(@ForAll long seed) {
        Random r = new Random(seed);
        List<ObjectMatching.Item> old = random(r, 30);
        int[] of = ObjectMatching.of(old, random(r, 30));
        Set<Integer> seen = new HashSet<>();
        for (int o : of) {
            assertThat(o < 0 || seen.add(o)).isTrue();
        }
        int[] itself = ObjectMatching.of(old, old);
        for (int i = 0; i < itself.length; i++) {
            assertThat(itself[i]).isEqualTo(i);
        }
    }

    @Property
    void whatHasANameOfItsOwnIsFoundWhereverItWentTo(@ForAll long seed) {
        Random r = new Random(seed);
        List<ObjectMatching.Item> old = new ArrayList<>();
        List<Integer> order = new ArrayList<>();
        int n = 1 + r.nextInt(20);
        for (int i = 0; i < n; i++) {
            old.add(new ObjectMatching.Item("thing " + i, r.nextInt(i + 1) - 1, "shape"));
            order.add(i);
        }
        Collections.shuffle(order, r);
        List<ObjectMatching.Item> fresh = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            fresh.add(new ObjectMatching.Item("thing " + order.get(k), r.nextInt(k + 1) - 1, "other shape"));
        }
        int[] of = ObjectMatching.of(old, fresh);
        for (int k = 0; k < n; k++) {
            assertThat(of[k]).isEqualTo(order.get(k));
        }
    }

    @Test
    void aRenamedMeshIsFoundByItsShapeAlone() {
        List<ObjectMatching.Item> old =
                List.of(new ObjectMatching.Item("Bow", -1, "1"), new ObjectMatching.Item("Stern", -1, "2"));
        List<ObjectMatching.Item> fresh =
                List.of(new ObjectMatching.Item("Hull.001", -1, "2"), new ObjectMatching.Item("Hull.002", -1, "3"));
        assertThat(ObjectMatching.of(old, fresh)).containsExactly(1, -1);
    }

    private static final String BOAT =
            "o Hull\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\no Mast\nv 0 0 5\nv 1 0 5\nv 0 9 5\nf 4 5 6\n";

    /** The hull is larger and comes second now, the mast is gone, a rudder is new. */
    private static final String BETTER =
            "o Rudder\nv 0 0 -1\nv 1 0 -1\nv 0 1 -1\nf 1 2 3\no Hull\nv 0 0 0\nv 2 0 0\nv 2 2 0\nv 0 2 0\nf 4 5 6 7\n";

    @Test
    void whatWasTakenForSomethingOfAnotherNameIsTold() {
        SceneImport.Update u = newer(
                Opened.of("boat.obj", BOAT),
                "boat.obj",
                BOAT.replace("Mast", "Pole").getBytes(StandardCharsets.UTF_8));
        assertThat(u.report().matched()).isEqualTo(2);
        assertThat(u.report().renamed()).containsExactly(new NewerFileMerge.Renamed("Mast", "Pole"));
        assertThat(u.report().fresh()).isEmpty();
        assertThat(u.report().missing()).isEmpty();
    }

    @Test
    void editsStayWithTheObjectsTheyBelongToAndTheMissingIsKeptAside() {
        Opened old = Opened.of("boat.obj", BOAT);
        Scene base = old.scene();
        int hull = base.indexOf("n0");
        int mast = base.indexOf("n1");
        Scene now =
                SceneEdits.each(base, List.of(hull), n -> n.withName("My hull").withLocked(true));
        now = SceneEdits.each(now, List.of(mast), n -> n.withLocal(Mat4.translation(new Vec3(0, 0, 7))));
        now = SceneEdits.duplicate(now, List.of(mast)).scene();
        now = SceneEdits.add(now, ParametricShape.usual(ParametricShape.Sort.BOX, 1), Mat4.identity())
                .scene();
        EditHistory history = new EditHistory();
        history.add(Edit.between("Work", base, now));
        Map<String, Object> edits = EditDocument.of(base, now, history);

        SceneImport.Update u = newer(old, "boat.obj", BETTER.getBytes(StandardCharsets.UTF_8));
        assertThat(u.report().matched()).isEqualTo(1);
        assertThat(u.report().reshaped()).isEqualTo(1);
        assertThat(u.report().fresh()).containsExactly("Rudder");
        assertThat(u.report().missing()).containsExactly("Mast");

        Scene again = EditDocument.read(NormalReader.read(u.imported()), edits).scene();
        int newHull = again.indexOf("n0");
        assertThat(again.node(newHull).name()).isEqualTo("My hull");
        assertThat(again.node(newHull).locked()).isTrue();
        assertThat(again.triangles(newHull)).as("the better hull").isEqualTo(2);
        int aside = again.indexOf("n1");
        assertThat(again.shown(aside)).as("kept aside, not shown").isFalse();
        assertThat(again.triangles(aside)).isEqualTo(1);
        assertThat(again.node(again.node(aside).parent()).name()).isEqualTo("Kept aside");
        assertThat(again.node(aside).local()[14]).as("as it was moved").isEqualTo(7);
        // What was made of the mast is there as it was, and so is what was added.
        long copies = again.nodes().stream().filter(n -> n.id().startsWith("a")).count();
        assertThat(copies).isEqualTo(2);
        assertThat(again.nodes().stream().map(n -> n.id())).doesNotHaveDuplicates();
        assertThat(again.indexOf("n2")).as("a new object has an id of its own").isNotNegative();
    }

    @Test
    void aFileThatIsTheSameChangesNothing() {
        Opened old = Opened.of("a.glb", Mutants.seed());
        SceneImport.Update u = newer(old, "a.glb", Mutants.seed());
        assertThat(u.report().matched()).isEqualTo(old.scene().count());
        assertThat(u.report().reshaped()).isZero();
        assertThat(u.report().renamed()).isEmpty();
        assertThat(u.report().fresh()).isEmpty();
        assertThat(u.report().missing()).isEmpty();
        Scene again = NormalReader.read(u.imported());
        for (int i = 0; i < again.count(); i++) {
            assertThat(again.node(i).id()).isEqualTo(old.scene().node(i).id());
        }
    }

    @Test
    void camerasLightsMaterialsAndImagesOfTheMissingComeAlong() {
        Opened old = Opened.of("a.glb", Mutants.seed());
        SceneImport.Update u = newer(old, "boat.obj", BOAT.getBytes(StandardCharsets.UTF_8));
        assertThat(u.report().missing()).hasSize(old.scene().count());
        Scene again = NormalReader.read(u.imported());
        assertThat(again.cameras()).hasSameSizeAs(old.scene().cameras());
        assertThat(again.nodes().stream().filter(n -> n.light() != null)).hasSize(1);
        String glb = new String(u.imported().glb(), StandardCharsets.ISO_8859_1);
        assertThat(glb).contains("\"Paint\"", "image/png", "Kept aside");
        // And once more: what was kept aside is not lost by the next file.
        Opened second = new Opened(u.imported(), again);
        SceneImport.Update v = newer(second, "a.glb", Mutants.seed());
        assertThat(v.report().missing()).contains("Hull", "Mast");
        assertThat(NormalReader.read(v.imported()).indexOf("n0")).isNotNegative();
    }

    /** How far a corner of an object is from the origin of the world, metres. */
    private static double farthest(ImportedScene i, String id) {
        Scene s = NormalReader.read(i);
        return Opened.triangles(s, s.indexOf(id)).stream()
                .mapToDouble(t -> farthest(t))
                .max()
                .orElseThrow();
    }

    private static double farthest(double[] corners) {
        double most = 0;
        for (int k = 0; k < corners.length; k += 3) {
            most = Math.max(most, new Vec3(corners[k], corners[k + 1], corners[k + 2]).length());
        }
        return most;
    }

    @Test
    void whatIsKeptAsideIsToldOnceAndStandsInOneGroup() {
        Opened old = Opened.of("boat.obj", BOAT);
        ImportedScene first =
                newer(old, "boat.obj", BETTER.getBytes(StandardCharsets.UTF_8)).imported();
        SceneImport.Update again =
                newer(new Opened(first, NormalReader.read(first)), "boat.obj", BETTER.getBytes(StandardCharsets.UTF_8));
        assertThat(again.report().missing()).isEmpty();
        assertThat(again.imported().glb())
                .as("nothing is added that is there already")
                .hasSameSizeAs(first.glb());
        Scene scene = NormalReader.read(again.imported());
        assertThat(scene.nodes().stream().filter(n -> n.name().equals("Kept aside")))
                .hasSize(1);
        assertThat(scene.shown(scene.indexOf("n1"))).isFalse();
        // One more goes missing; and what was kept aside comes back as itself.
        String rudder = "o Rudder\nv 0 0 -1\nv 1 0 -1\nv 0 1 -1\nf 1 2 3\no Mast\nv 0 0 5\nv 1 0 5\nv 0 9 5\nf 4 5 6\n";
        SceneImport.Update third =
                newer(new Opened(again.imported(), scene), "boat.obj", rudder.getBytes(StandardCharsets.UTF_8));
        assertThat(third.report().missing()).containsExactly("Hull");
        scene = NormalReader.read(third.imported());
        assertThat(scene.shown(scene.indexOf("n1"))).as("the mast").isTrue();
        assertThat(scene.node(scene.node(scene.indexOf("n0")).parent()).name()).isEqualTo("Kept aside");
        assertThat(scene.nodes().stream().filter(n -> n.name().equals("Kept aside")))
                .hasSize(1);
    }

    @Test
    void whatIsKeptAsideIsAsLargeAsItWasInEveryUnit() {
        SceneImport.Answers feet = new SceneImport.Answers(null, LengthUnit.FT);
        ImportedScene old = SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("boat.obj", BOAT.getBytes(StandardCharsets.UTF_8)),
                feet,
                UploadLimits.DEFAULT,
                Progress.SILENT);
        double feetFar = farthest(old, "n1");
        assertThat(feetFar).isCloseTo(Math.sqrt(81 + 25) * 0.3048, within(1e-6));
        ImportedScene first = newer(new Opened(old, null), "boat.obj", BETTER.getBytes(StandardCharsets.UTF_8))
                .imported();
        assertThat(farthest(first, "n1")).isCloseTo(feetFar, within(1e-6));
        // The whole scene is said to be in inches after all, and then the hull goes missing too.
        byte[] inches = ReorientedScene.standing(
                first.glb(), new SceneOrientation(first.standing().up(), LengthUnit.IN));
        SceneImport.Update u = SceneImport.newer(
                inches,
                new UploadedFiles(UploadLimits.DEFAULT)
                        .add(
                                "boat.obj",
                                "o Keel\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n".getBytes(StandardCharsets.UTF_8)),
                new SceneImport.Answers(null, LengthUnit.IN),
                UploadLimits.DEFAULT,
                Progress.SILENT);
        assertThat(farthest(u.imported(), "n1")).isCloseTo(feetFar / 12, within(1e-6));
        assertThat(farthest(u.imported(), "n0")).isCloseTo(Math.sqrt(8) * 0.0254, within(1e-6));
    }

    @Test
    void onlyTheMaterialsOfTheMissingComeAlong() {
        Opened old = Opened.of("a.glb", Mutants.seed());
        ImportedScene first =
                newer(old, "boat.obj", BOAT.getBytes(StandardCharsets.UTF_8)).imported();
        SceneImport.Update back = newer(new Opened(first, NormalReader.read(first)), "a.glb", Mutants.seed());
        String text = new String(back.imported().glb(), StandardCharsets.ISO_8859_1);
        assertThat(text.split("\"Paint\"", -1)).as("the newer file's own, once").hasSize(2);
    }

    @Test
    void aFileCannotGiveItselfIds() {
        byte[] forged = Sample.triangle().glb();
        String json =
                Sample.triangle().json().replace("\"name\":\"Thing\"", "\"name\":\"Thing\",\"rhombus id\":\"a1\"");
        byte[] bin = Arrays.copyOfRange(forged, (int) KeptScene.of(forged).binStart(), forged.length);
        Opened o = Opened.of("a.glb", NormalWriter.container(json.getBytes(StandardCharsets.UTF_8), bin));
        assertThat(o.scene().node(0).id()).isEqualTo("n0");
    }
}
