package rhombus.formats.out;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.GlbExport;
import rhombus.formats.ImageFile;
import rhombus.formats.KeptScene;
import rhombus.formats.SceneOrientation;
import rhombus.formats.model.LengthUnit;

/** A scene, or a part of it, as a file for other programs; what the format cannot hold is told before it is made. */
public final class SceneExport {
    /** The formats that are written. */
    public enum Format {
        GLB,
        GLTF,
        OBJ,
        STL,
        PLY;

        /** The format with this name in small letters, or null. */
        public static Format of(String name) {
            for (Format f : values()) {
                if (f.word().equals(name)) {
                    return f;
                }
            }
            return null;
        }

        /** Its name in small letters. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What is wanted.
     *
     * @param only ids of objects that alone are taken, with all below them; null for all
     * @param up the axis that points upwards, or null for that of the scene; glTF has its own
     * @param unit what the numbers are in, or null for what the scene came in; glTF has metres
     * @param modelled whether faces are joined to the polygons that they were modelled as
     */
    public record Wanted(Format format, Set<String> only, UpAxis up, LengthUnit unit, boolean modelled) {}

    /**
     * A kept scene.
     *
     * @param document its document
     * @param scene made of it, with its changes
     * @param geometry its geometry file
     * @param lines its file of edges
     */
    public record Source(KeptScene document, Scene scene, FileBytes geometry, FileBytes lines) {}

    private final Wanted wanted;
    private final Source source;
    private final String title;
    private final ExportedSelection taken;
    private final MtlExport paints;
    private final GlbExport glb;

    /** @param title what the files are called, without an ending */
    public SceneExport(Wanted wanted, Source source, String title) {
        this.wanted = wanted;
        this.source = source;
        this.title = title;
        LengthUnit came = SceneOrientation.of(source.document.gltf()).unit();
        LengthUnit unit = wanted.unit != null ? wanted.unit : came != null ? came : LengthUnit.M;
        UpAxis up = wanted.up == null ? source.scene.up() : wanted.up;
        taken = new ExportedSelection(
                source.document,
                source.scene,
                wanted.only,
                up,
                unit,
                source.geometry,
                wanted.modelled ? source.lines : null);
        paints = wanted.format == Format.OBJ ? new MtlExport(source.document.gltf(), taken.materials()) : null;
        boolean apart = wanted.format == Format.GLTF;
        glb = apart || wanted.format == Format.GLB
                ? new GlbExport(source.document.gltf(), source.scene, wanted.only, apart)
                : null;
    }

    private boolean isPlainObj() {
        return taken.materials().isEmpty();
    }

    /** Name of the file, with its ending. */
    public String fileName() {
        return title
                + switch (wanted.format) {
                    case GLB -> ".glb";
                    case GLTF -> " - gltf.zip";
                    case OBJ -> isPlainObj() ? ".obj" : " - obj.zip";
                    case STL -> ".stl";
                    case PLY -> ".ply";
                };
    }

    /** Its media type (IANA's registry). */
    public String type() {
        return switch (wanted.format) {
            case GLB -> "model/gltf-binary";
            case GLTF -> "application/zip";
            case OBJ -> isPlainObj() ? "model/obj" : "application/zip";
            case STL -> "model/stl";
            case PLY -> "application/octet-stream";
        };
    }

    /** Length of the file, bytes, or -1 where it is known only once it is written. */
    public long length() {
        return switch (wanted.format) {
            case GLB -> glb.length();
            case STL -> new StlExport(taken).length();
            case PLY -> wanted.modelled ? -1 : new PlyExport(taken, false).most();
            default -> -1;
        };
    }

    /** About how long the file is, bytes; exact where {@link #length} is. */
    public long about() {
        return switch (wanted.format) {
            case GLB -> glb.length();
            case GLTF -> glb.about();
            case OBJ ->
                new ObjExport(taken, wanted.modelled, null, m -> "").about()
                        + paints.images().stream().mapToLong(ImageFile::length).sum();
            case STL -> new StlExport(taken).length();
            case PLY -> new PlyExport(taken, wanted.modelled).most();
        };
    }

    /** How many objects are written. */
    public int objects() {
        return taken.objects();
    }

    /** How many triangles are written, before any are joined. */
    public long triangles() {
        return taken.triangles();
    }

    /** What the format cannot hold of what is there, in sentences. */
    public List<String> losses() {
        return FormatLosses.of(wanted.format, taken, source.scene, source.document.gltf());
    }

    /** Writes the file. */
    public void write(OutputStream to) throws IOException {
        switch (wanted.format) {
            case GLB -> glb.write(to, this::copy);
            case GLTF -> {
                ZipOutputStream zip = quick(to);
                glb.zip(zip, title + ".gltf", this::copy);
                zip.finish();
            }
            case OBJ -> obj(to);
            case STL -> new StlExport(taken).write(to);
            case PLY -> new PlyExport(taken, wanted.modelled).write(to);
        }
    }

    private void copy(long from, long length, OutputStream to) throws IOException {
        source.geometry.copy(source.document.binStart() + from, length, to);
    }

    /** Text hardly gets smaller by trying harder, it takes five times as long. */
    private static ZipOutputStream quick(OutputStream to) {
        ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
        zip.setLevel(Deflater.BEST_SPEED);
        return zip;
    }

    private void obj(OutputStream to) throws IOException {
        if (isPlainObj()) {
            new ObjExport(taken, wanted.modelled, null, m -> "").write(to);
            return;
        }
        ZipOutputStream zip = quick(to);
        zip.putNextEntry(new ZipEntry(title + ".obj"));
        new ObjExport(taken, wanted.modelled, "materials.mtl", paints::name).write(zip);
        zip.putNextEntry(new ZipEntry("materials.mtl"));
        zip.write(paints.mtl());
        zip.closeEntry();
        zip.setLevel(Deflater.NO_COMPRESSION);
        for (ImageFile i : paints.images()) {
            zip.putNextEntry(new ZipEntry(i.name()));
            copy(i.from(), i.length(), zip);
        }
        zip.finish();
    }
}
