package rhombus.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Set;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.Limits;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.Upload;

/** A scene on its way through the export, as the server does it: from the kept file and the document of its changes. */
public final class Exported {
    private Exported() {}

    /** An import of a file by itself. */
    public static Imported imported(byte[] file) {
        return Import.read(new Upload(Limits.DEFAULT).add("scene.glb", file), Limits.DEFAULT, Progress.SILENT);
    }

    /** The export of a kept scene that was changed into another. */
    public static byte[] of(Imported kept, Scene changed, Set<String> only) {
        Scene base = NormalReader.read(kept);
        EditHistory history = new EditHistory();
        Edit e = Edit.between("Change", base, changed);
        if (e != null) {
            history.add(e);
        }
        return of(kept, EditDocument.of(base, changed, history), only);
    }

    private static byte[] of(Imported kept, Map<String, Object> edits, Set<String> only) {
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
