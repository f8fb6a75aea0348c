package rhombus.formats.stl;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.Assembly;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.model.IndexedCorners;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.model.ReadModel;
import rhombus.formats.model.VertexWeld;
import rhombus.formats.text.TextWords;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadedFiles;

/**
 * Reads STL. Corners at one place become one vertex, and the order of corners tells the outside, so that the normals of a file,
 * which many programs leave zero, are not needed. The format says neither which way is up nor a unit; it comes from
 * machines that build upwards along Z in millimetres, which is taken until somebody says otherwise (common practice, no
 * source).
 */
public final class StlImport {
    private static final int HEADER = 84;
    private static final int FACET = 50;
    /** So many bytes at the start tell text from numbers. */
    private static final int LOOKED_AT = 512;

    private static final int STEP = 4096;

    private final String file;
    private final String title;
    private final byte[] bytes;
    private final ByteBudget budget;
    private final Progress progress;
    private final Assembly out = new Assembly();
    private final ImportNotes notes = new ImportNotes();

    private StlImport(UploadedFiles upload, String file, ByteBudget budget, Progress progress) {
        this.file = file;
        this.title = UploadedFiles.title(file);
        this.bytes = upload.file(file);
        this.budget = budget;
        this.progress = progress;
    }

    /**
     * Reads a file of an upload.
     *
     * @throws FileProblem if it cannot be read, naming the line or the byte
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static ReadModel read(UploadedFiles upload, String file, ByteBudget budget, Progress progress) {
        StlImport i = new StlImport(upload, file, budget, progress);
        if (isText(i.bytes)) {
            i.text();
        } else {
            i.binary();
        }
        return i.out.model(i.title, UpAxis.Z, LengthUnit.MM, true, (image, place) -> new byte[0], i.notes);
    }

    /** Many binary files begin with the word of the text form: one whose length is right for its count is binary. */
    private static boolean isText(byte[] b) {
        if (b.length >= HEADER && HEADER + (long) FACET * count(b) == b.length) {
            return false;
        }
        TextWords start = new TextWords(Arrays.copyOf(b, Math.min(b.length, LOOKED_AT)), "");
        while (start.line()) {
            if (start.next()) {
                return start.is("solid") && start.isText();
            }
        }
        return false;
    }

    private static long count(byte[] b) {
        return ByteBuffer.wrap(b).order(ByteOrder.LITTLE_ENDIAN).getInt(80) & 0xFFFFFFFFL;
    }

    private void binary() {
        if (bytes.length < HEADER) {
            throw new FileProblem(file, "ends after " + bytes.length + " bytes; an STL file has at least " + HEADER);
        }
        long count = count(bytes);
        if (HEADER + FACET * count > bytes.length) {
            throw new FileProblem(
                    file,
                    "says at byte 80 that it has " + count + " triangles, but there are only "
                            + (bytes.length - HEADER) / FACET + ". The file is cut off or no STL; export it again");
        }
        if (HEADER + FACET * count < bytes.length) {
            notes.add("What follows the last triangle is left out.", "byte " + (HEADER + FACET * count));
        }
        ByteBuffer b = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        VertexWeld weld = new VertexWeld();
        IndexedCorners corners = new IndexedCorners(Mesh.Kind.TRIANGLES);
        for (int t = 0; t < count; t++) {
            if (t % STEP == 0) {
                budget.take((long) ByteBudget.PER_TRIANGLE * Math.min(STEP, count - t), file);
                progress.at("Reading triangles", 0.3 * t / count);
            }
            int at = HEADER + FACET * t;
            for (int k = 12; k < 48; k += 12) {
                float x = b.getFloat(at + k);
                float y = b.getFloat(at + k + 4);
                float z = b.getFloat(at + k + 8);
                if (!Float.isFinite(x) || !Float.isFinite(y) || !Float.isFinite(z)) {
                    throw new FileProblem(
                            file + " byte " + (at + k),
                            "triangle " + t + " has a corner that is no place. Export it again");
                }
                corners.corner(weld.of(x, y, z), IndexedCorners.NONE, IndexedCorners.NONE);
            }
            if (b.getShort(at + 48) != 0) {
                notes.add(
                        "Attributes of triangles, which some programs use for colours, are left out.",
                        "byte " + (at + 48));
            }
        }
        add(title, corners, weld);
    }

    private void add(String name, IndexedCorners corners, VertexWeld weld) {
        Map<String, Object> node = PlainData.map("name", name);
        if (corners.count() > 0) {
            node.put("mesh", out.mesh(List.of(corners.part(weld.positions(), null, null, null, null, -1))));
        }
        out.node(-1, node);
    }

    private void text() {
        TextWords w = new TextWords(bytes, file);
        VertexWeld weld = new VertexWeld();
        IndexedCorners corners = new IndexedCorners(Mesh.Kind.TRIANGLES);
        String name = null;
        int inFacet = 0;
        boolean any = false;
        while (w.line()) {
            if (!w.next()) {
                continue;
            }
            if (w.is("vertex")) {
                if (++inFacet > 3) {
                    throw w.wrong("is a fourth corner; STL has triangles alone. Export the file again");
                }
                if (corners.count() % STEP == 0 && inFacet == 1) {
                    budget.take((long) ByteBudget.PER_TRIANGLE * STEP, w.place());
                    progress.at("Reading triangles", 0.3 * w.part());
                }
                float x = single(w);
                float y = single(w);
                float z = single(w);
                corners.corner(weld.of(x, y, z), IndexedCorners.NONE, IndexedCorners.NONE);
            } else if (w.is("endloop") || w.is("endfacet") || w.is("facet") || w.is("outer")) {
                if (inFacet != 0 && inFacet != 3) {
                    throw w.wrong("ends a triangle with " + inFacet + " corners. Export the file again");
                }
                inFacet = 0;
            } else if (w.is("solid") || w.is("endsolid")) {
                if (inFacet != 0) {
                    throw w.wrong("stands inside a triangle. The file is broken; export it again");
                }
                boolean starts = w.is("solid");
                if (name != null && (corners.count() > 0 || starts)) {
                    add(name.isEmpty() ? title : name, corners, weld);
                    any = true;
                    weld = new VertexWeld();
                    corners = new IndexedCorners(Mesh.Kind.TRIANGLES);
                }
                name = starts ? w.rest() : null;
            } else {
                throw w.wrong("\"" + FileProblem.shown(w.word()) + "\" is no word of STL. Export the file again");
            }
        }
        if (inFacet != 0) {
            throw w.wrong("is the last, inside a triangle. The file is cut off; upload it again");
        }
        if (name != null && corners.count() > 0) {
            notes.add("The file ends without its last word, endsolid.");
            add(name.isEmpty() ? title : name, corners, weld);
        } else if (!any && name != null) {
            add(name.isEmpty() ? title : name, corners, weld);
        }
    }

    private static float single(TextWords w) {
        float f = (float) w.nextReal("a coordinate");
        if (!Float.isFinite(f)) {
            throw w.wrong(
                    "\"" + FileProblem.shown(w.word()) + "\" is too large. Scale the scene down and export it again");
        }
        return f;
    }
}
