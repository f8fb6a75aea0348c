package rhombus.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.Scenes;

/** What a scene with very many objects is kept as: small where little was done, and the same to the last bit. */
class EditDocumentTest {
    private static Scene many(int n) {
        Random r = new Random(3);
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double[] at = Mat4.trs(
                    new Vec3(r.nextGaussian(), r.nextGaussian(), i),
                    Quat.about(Vec3.Y, r.nextDouble()),
                    new Vec3(1, 2, 1));
            nodes.add(new Node("n" + i, "Plank", i % 100 == 0 ? -1 : i - i % 100, at, List.of(), null, null, false));
        }
        return new Scene(nodes, List.of(), UpAxis.Y);
    }

    private static List<Integer> all(Scene s) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            out.add(i);
        }
        return out;
    }

    private static int size(Object o) {
        return o instanceof Map<?, ?> m
                ? m.entrySet().stream()
                        .mapToInt(e -> 4 + e.getKey().toString().length() + size(e.getValue()))
                        .sum()
                : o instanceof List<?> l
                        ? 2 + l.stream().mapToInt(x -> 1 + size(x)).sum()
                        : String.valueOf(o).length() + 2;
    }

    private static Edit did(Scene before, EditOperation how) {
        return Edit.between("Did", before, how.of(before)).by(how);
    }

    @Example
    void movingAHundredThousandObjectsIsKeptInAFewHundredLetters() {
        Scene base = many(100_000);
        EditHistory history = new EditHistory();
        Scene s = base;
        List<Integer> nodes = all(base);
        List<EditOperation> steps = List.of(
                new EditOperation.Move(nodes, new Vec3(0.1, 0.2, 0.3)),
                new EditOperation.Turn(nodes, new Vec3(1, 2, 3), Quat.about(new Vec3(1, 1, 0).unit(), 0.7)),
                new EditOperation.Scale(nodes, null, Quat.IDENTITY, new Vec3(1.1, 1, 1)),
                EditOperation.Duplicate.between(
                        nodes.subList(0, 1000),
                        s,
                        SceneEdits.duplicate(s, nodes.subList(0, 1000)).scene()));
        for (EditOperation o : steps) {
            history.add(did(s, o));
            s = o.of(s);
        }
        Map<String, Object> kept = EditDocument.of(base, s, history);
        assertThat(size(kept)).isLessThan(2_000);
        EditDocument.check(kept);
        OpenedEdits o = EditDocument.read(base, kept);
        assertThat(o.scene().count()).isEqualTo(s.count());
        for (int i = 0; i < s.count(); i++) {
            assertThat(o.scene().node(i).local()).containsExactly(s.node(i).local());
        }
        Scene back = o.scene();
        for (Edit e = o.history().undo(); e != null; e = o.history().undo()) {
            back = e.undone(back);
        }
        for (int i = 0; i < base.count(); i++) {
            assertThat(back.node(i).local()).containsExactly(base.node(i).local());
        }
    }

    @Example
    void hidingAHundredThousandObjectsIsKeptInAFewHundredLetters() {
        Scene base = many(100_000);
        Scene hidden = SceneEdits.each(base, all(base), n -> n.withHidden(true));
        EditHistory history = new EditHistory();
        history.add(Edit.between("Hide", base, hidden));
        Map<String, Object> kept = EditDocument.of(base, hidden, history);
        assertThat(size(kept)).isLessThan(1_000);
        assertThat(EditDocument.read(base, kept).scene().nodes()).allMatch(Node::hidden);
    }

    /** Where no operation is known, places are packed: eight bytes for each number that is another. */
    @Property(tries = 60)
    void placesOfManyObjectsComeBackBitForBit(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Random r = new Random(seed);
        Scene base = many(300);
        Map<Integer, double[]> locals = new LinkedHashMap<>();
        for (int i = 0; i < 300; i++) {
            double[] m = base.node(i).local().clone();
            m[12] = Double.longBitsToDouble(r.nextLong() & 0x7FEFFFFFFFFFFFFFL);
            m[13] = -0.0;
            m[r.nextInt(12)] += r.nextInt(2);
            locals.put(i, m);
        }
        Scene moved = base.withLocals(locals);
        Map<String, Object> kept = EditDocument.of(base, moved, new EditHistory());
        Scene back = EditDocument.read(base, kept).scene();
        for (int i = 0; i < 300; i++) {
            assertThat(back.node(i).local()).containsExactly(moved.node(i).local());
            assertThat(1 / back.node(i).local()[13]).isEqualTo(1 / moved.node(i).local()[13]);
        }
    }

    @Property(tries = 300)
    void packedNumbersAreTheNumbers(@ForAll double[] any) {
        double[] finite = java.util.Arrays.stream(any).filter(Double::isFinite).toArray();
        String text = PackedNumbers.text(finite);
        assertThat(PackedNumbers.numbers(text, finite.length)).containsExactly(finite);
        java.nio.ByteBuffer bytes = java.nio.ByteBuffer.wrap(
                        java.util.Base64.getDecoder().decode(text))
                .order(java.nio.ByteOrder.LITTLE_ENDIAN);
        for (double d : finite) {
            assertThat(bytes.getDouble()).isEqualTo(d);
        }
        assertThatThrownBy(() -> PackedNumbers.numbers(text, finite.length + 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Example
    void runsOfIdsAreReadBackAndNameNothingElse() {
        List<String> ids = List.of("n1", "n2", "n3", "a3", "n9", "lost", "n07", "n8");
        assertThat(IdRuns.of(ids)).containsExactly("n1-n3", "a3", "n9", "lost", "n07", "n8");
        assertThat(IdRuns.read(IdRuns.of(ids), ids.size())).isEqualTo(ids);
        assertThatThrownBy(() -> IdRuns.read(IdRuns.of(ids), ids.size() - 1))
                .hasMessageContaining("more objects than there are");
        assertThatThrownBy(() -> IdRuns.read(List.of("n0-n99999999"), 1000))
                .hasMessageContaining("more objects than there are");
        assertThatThrownBy(() -> IdRuns.read(List.of("n0-n999999"), Map.of("n0", 0)))
                .hasMessageContaining("more objects than there are");
        assertThatThrownBy(() -> IdRuns.read(List.of("n0-n1"), Map.of("n0", 0, "n2", 1)))
                .hasMessageContaining("not there");
    }

    @Example
    void documentsOfTheFirstVersionAreStillRead() {
        Scene base = Scenes.boxes();
        Map<String, Object> first = Map.of(
                "format",
                "rhombus-edits",
                "version",
                1,
                "done",
                1,
                "layers",
                List.of(),
                "nodes",
                List.of(Map.of("id", "n1", "name", "Other")),
                "edits",
                List.of(Map.of(
                        "name",
                        "Rename",
                        "nodes",
                        Map.of("n1", List.of(Map.of("name", base.node(1).name()), Map.of("name", "Other"))))));
        OpenedEdits o = EditDocument.read(base, first);
        assertThat(o.scene().node(1).name()).isEqualTo("Other");
        Map<String, Object> second = EditDocument.of(base, o.scene(), o.history());
        assertThat(second).containsEntry("version", 2);
        OpenedEdits again = EditDocument.read(base, second);
        assertThat(again.scene().node(1).name()).isEqualTo("Other");
        assertThat(again.history().undo().undone(again.scene()).node(1).name())
                .isEqualTo(base.node(1).name());
    }

    /** Steps before and after another file came are what they were, and where it came can be told without the scene. */
    @Example
    void aStepAtWhichAnotherFileCameIsKeptInItsPlace() {
        Scene base = many(8);
        EditHistory history = new EditHistory();
        Edit moved = did(base, new EditOperation.Move(List.of(1, 2), new Vec3(0, 3, 0)));
        history.add(moved);
        history.add(did(moved.done(base), new EditOperation.Move(List.of(3), new Vec3(1, 0, 0))));
        history.undo();
        Map<String, Object> doc = EditDocument.of(base, moved.done(base), history);
        assertThat(EditDocument.otherFile(doc, false)).isNull();
        assertThat(EditDocument.otherFile(doc, true)).isNull();
        assertThat(EditDocument.otherFile(EditDocument.none(), false)).isNull();
        EditOperation.OtherFile file = new EditOperation.OtherFile("aa", "bb");
        Map<String, Object> with = EditDocument.with(base, doc, file);
        EditDocument.check(with);
        assertThat(EditDocument.otherFile(with, false)).isEqualTo(file);
        assertThat(EditDocument.otherFile(with, true)).isNull();
        assertThat(EditDocument.otherFile(EditDocument.at(with, 1), true)).isEqualTo(file);
        OpenedEdits o = EditDocument.read(base, with);
        for (int n : all(base)) {
            assertThat(o.scene().node(n).local())
                    .isEqualTo(moved.done(base).node(n).local());
        }
        assertThat(o.history().edits()).hasSize(2);
        assertThat(o.history().done()).isEqualTo(2);
        assertThat(o.history().undoName()).isEqualTo("Another file under the scene");
        assertThat(o.history().last().how()).isEqualTo(file);
        assertThat(EditDocument.read(base, EditDocument.upTo(EditDocument.at(with, 1), 1))
                        .history()
                        .edits())
                .hasSize(1);
        assertThat(EditDocument.of(base, o.scene(), o.history()))
                .as("read back it is the same document, but for the name")
                .usingRecursiveComparison()
                .ignoringFields("edits")
                .isEqualTo(with);
    }
}
