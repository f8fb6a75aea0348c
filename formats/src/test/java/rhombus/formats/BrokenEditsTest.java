package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.Effort;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.OpenedEdits;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Documents of edits with something wrong in them: a scene that can be used comes of them, or a reason why not. */
class BrokenEditsTest {
    private static final Scene BASE = crowded();

    /** So many objects that steps are kept as what they do and states are kept together. */
    private static Scene crowded() {
        Scene s = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("seed.glb", Mutants.seed()),
                UploadLimits.DEFAULT,
                Progress.SILENT));
        List<Node> nodes = new ArrayList<>(s.nodes());
        for (int i = 0; i < 80; i++) {
            nodes.add(s.node(1).withId("m" + i).withParent(-1, s.node(1).local()));
        }
        return new Scene(nodes, s.meshes(), s.up());
    }

    private static Map<String, Object> good() {
        EditHistory history = new EditHistory();
        List<Integer> all = new ArrayList<>();
        for (int i = 5; i < BASE.count(); i++) {
            all.add(i);
        }
        Scene s = SceneEdits.each(BASE, all.subList(0, 70), n -> n.withLocal(moved(n.local())));
        for (EditOperation o : List.of(
                new EditOperation.Move(all, Vec3.X),
                new EditOperation.Turn(all, Vec3.Y, Quat.about(Vec3.Z, 1)),
                new EditOperation.Scale(all, null, Quat.IDENTITY, new Vec3(1, 2, 1)))) {
            Scene next = o.of(s);
            history.add(Edit.between("Did", s, next).by(o));
            s = next;
        }
        Scene copied = SceneEdits.duplicate(s, all).scene();
        history.add(Edit.between("Duplicate", s, copied).by(EditOperation.Duplicate.between(all, s, copied)));
        Scene layered = SceneEdits.addLayer(copied, "Rigging");
        history.add(Edit.between("Add layer", copied, layered));
        Scene hidden = SceneEdits.each(layered, all, n -> n.withHidden(true));
        history.add(Edit.between("Hide", layered, hidden));
        return EditDocument.of(BASE, hidden, history);
    }

    private static double[] moved(double[] local) {
        double[] m = local.clone();
        m[12] += 0.1;
        return m;
    }

    @Test
    void documentsAreReadOrRefusedInWords() {
        Mutants mutants = new Mutants(Effort.seed("documents"));
        int all = Effort.times(1500);
        Map<String, Object> good = good();
        assertThat(EditDocument.read(BASE, good).scene().count()).isEqualTo(2 * BASE.count() - 5);
        int read = 0;
        for (int i = 0; i < all; i++) {
            Map<String, Object> wrong = PlainData.map(mutants.value(good));
            Throwable t = catchThrowable(() -> open(wrong));
            assertThat(t == null || t instanceof IllegalArgumentException && t.getMessage() != null)
                    .as(() -> t + " "
                            + (t == null ? "" : List.of(t.getStackTrace()).subList(0, 4)) + " of " + cut(wrong))
                    .isTrue();
            read += t == null ? 1 : 0;
        }
        assertThat(read).as("that can still be used").isBetween(all / 40, all - all / 40);
    }

    private static void open(Map<String, Object> document) {
        OpenedEdits o = EditDocument.read(BASE, document);
        assertThat(o.scene().bounds()).isNotNull();
        Scene s = o.scene();
        for (Edit e = o.history().undo(); e != null; e = o.history().undo()) {
            s = e.undone(s);
        }
        for (Edit e = o.history().redo(); e != null; e = o.history().redo()) {
            s = e.done(s);
        }
    }

    private static String cut(Object o) {
        String s = String.valueOf(o);
        return s.substring(0, Math.min(600, s.length()));
    }
}
