package rhombus.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** A file of any format, imported and opened, for tests. */
record Opened(ImportedScene imported, Scene scene) {
    static Opened of(String name, byte[] bytes) {
        return of(new UploadedFiles(UploadLimits.DEFAULT).add(name, bytes));
    }

    static Opened of(String name, String text) {
        return of(name, text.getBytes(StandardCharsets.UTF_8));
    }

    static Opened of(UploadedFiles upload) {
        ImportedScene i = SceneImport.read(upload, UploadLimits.DEFAULT, Progress.SILENT);
        return new Opened(i, NormalReader.read(i));
    }

    /** Corners of all triangles in the world in their order, nine numbers each. */
    List<double[]> triangles() {
        List<double[]> out = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            out.addAll(triangles(scene, i));
        }
        return out;
    }

    /** Those of one object. */
    static List<double[]> triangles(Scene scene, int i) {
        List<double[]> out = new ArrayList<>();
        for (int m : scene.node(i).meshes()) {
            Mesh mesh = scene.meshes().get(m);
            float[] p = mesh.positions();
            int[] t = mesh.triangles();
            for (int k = 0; k < t.length; k += 3) {
                double[] corners = new double[9];
                for (int c = 0; c < 3; c++) {
                    int v = t[k + c] * 3;
                    Vec3 at = Mat4.point(scene.world(i), mesh.origin().plus(new Vec3(p[v], p[v + 1], p[v + 2])));
                    corners[c * 3] = at.x();
                    corners[c * 3 + 1] = at.y();
                    corners[c * 3 + 2] = at.z();
                }
                out.add(corners);
            }
        }
        return out;
    }

    List<String> names() {
        return scene.nodes().stream().map(Node::name).toList();
    }

    /** The numbers of an attribute of the first part. */
    float[] attribute(String name) {
        try {
            KeptScene kept = KeptScene.read(new ByteArrayInputStream(imported.glb()));
            Map<String, Object> mesh =
                    PlainData.map(PlainData.list(kept.gltf().get("meshes")).get(0));
            Map<String, Object> part =
                    PlainData.map(PlainData.list(mesh.get("primitives")).get(0));
            int accessor = PlainData.whole(PlainData.map(part.get("attributes")).get(name), -1);
            int width = name.equals("COLOR_0") ? 4 : name.startsWith("TEXCOORD_") ? 2 : 3;
            return new ByteArrays(imported.glb(), (int) kept.binStart())
                    .floats(NormalForm.offset(kept.gltf(), accessor), NormalForm.count(kept.gltf(), accessor) * width);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A zip of files. */
    static byte[] zip(Map<String, byte[]> files) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream z = new ZipOutputStream(out)) {
            for (var f : files.entrySet()) {
                z.putNextEntry(new ZipEntry(f.getKey()));
                z.write(f.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** A 3MF package around a model. */
    static byte[] package3mf(String model) {
        String relations =
                "<?xml version='1.0' encoding='UTF-8'?><Relationships><Relationship Target='/3D/3dmodel.model' Id='r0' "
                        + "Type='https://example.org/3dmodel'/></Relationships>";
        return zip(Map.of(
                "_rels/.rels",
                relations.getBytes(StandardCharsets.UTF_8),
                "3D/3dmodel.model",
                model.getBytes(StandardCharsets.UTF_8)));
    }
}
