package rhombus.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.scene.Scene;
import rhombus.formats.out.FileBytes;
import rhombus.formats.out.SceneExport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** A scene on its way through the export, as the server does it: from the kept file and the document of its changes. */
public final class Exported {
    private Exported() {}

    private record InMemory(byte[] bytes) implements FileBytes {
        @Override
        public byte[] read(long from, int length) {
            return Arrays.copyOfRange(bytes, (int) from, (int) from + length);
        }

        @Override
        public void copy(long from, long length, OutputStream to) throws IOException {
            to.write(bytes, (int) from, (int) length);
        }
    }

    /** The export of a kept scene with its changes. */
    public static SceneExport as(ImportedScene kept, Scene scene, SceneExport.Wanted wanted) {
        try {
            KeptScene document = KeptScene.read(new ByteArrayInputStream(kept.glb()));
            return new SceneExport(
                    wanted,
                    new SceneExport.Source(document, scene, new InMemory(kept.glb()), new InMemory(kept.edges())),
                    "out");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The file of an export, which is as long as it was told to be. */
    public static byte[] bytes(SceneExport e) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            e.write(out);
            if (e.length() >= 0 && e.length() != out.size()) {
                throw new IOException("told " + e.length() + " bytes and wrote " + out.size());
            }
            return out.toByteArray();
        } catch (IOException x) {
            throw new UncheckedIOException(x);
        }
    }

    /** An import of a file by itself. */
    public static ImportedScene imported(byte[] file) {
        return SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("scene.glb", file), UploadLimits.DEFAULT, Progress.SILENT);
    }

    /** The export of a kept scene that was changed into another. */
    public static byte[] of(ImportedScene kept, Scene changed, Set<String> only) {
        Scene base = NormalReader.read(kept);
        EditHistory history = new EditHistory();
        Edit e = Edit.between("Change", base, changed);
        if (e != null) {
            history.add(e);
        }
        return of(kept, EditDocument.of(base, changed, history), only);
    }

    private static byte[] of(ImportedScene kept, Map<String, Object> edits, Set<String> only) {
        try {
            KeptScene read = KeptScene.read(new ByteArrayInputStream(kept.glb()));
            Scene scene = EditDocument.read(read.scene(), edits).scene();
            GlbExport export = new GlbExport(read.gltf(), scene, only);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            long[] at = {0};
            export.write(out, (from, length, to) -> {
                if (from < at[0]) {
                    throw new IOException("the source was read backwards");
                }
                at[0] = from + length;
                to.write(kept.glb(), (int) (read.binStart() + from), (int) length);
            });
            if (out.size() != export.length()) {
                throw new IOException("told " + export.length() + " bytes and wrote " + out.size());
            }
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
