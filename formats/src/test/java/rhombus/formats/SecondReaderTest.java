package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Debian's assimp-testmodels, with assimp itself as second reader of the same files. */
class SecondReaderTest {
    private static final Path MODELS = Path.of("/usr/share/assimp/models/glTF2");

    @TempDir
    private Path folder;

    @Test
    void theSecondReaderSeesTheSameBoundsAndTriangles() throws Exception {
        List<String> seen = new ArrayList<>();
        for (Path file : files()) {
            ImportedScene imported;
            try {
                imported = SceneImport.read(upload(file), UploadLimits.DEFAULT, Progress.SILENT);
            } catch (FileProblem e) {
                assertThat(e.getMessage()).as(file.toString()).hasSizeGreaterThan(20);
                continue;
            }
            double[] theirs = bounds(file);
            if (theirs == null) {
                continue;
            }
            Aabb b = tight(NormalReader.read(imported));
            double size = Math.max(1e-3, b.radius());
            double[] ours = {
                b.min().x(),
                b.min().y(),
                b.min().z(),
                b.max().x(),
                b.max().y(),
                b.max().z(),
                imported.triangles()
            };
            assertThat(ours).as(file.toString()).containsExactly(theirs, offset(Math.min(0.4, size * 1e-4)));
            seen.add(file.getFileName().toString());
        }
        assertThat(seen).hasSizeGreaterThan(15);
    }

    /** Which files of glTF are refused, and why: all others come in. */
    @Test
    void filesOfGltfAreRefusedForTheRightReasonAlone() throws Exception {
        Map<String, String> reasons = Map.ofEntries(
                Map.entry("BoxWithInfinites.glb", "is not a finite position"),
                Map.entry("AllIndicesOutOfRange.gltf", "names vertex 65535"),
                Map.entry("IndexOutOfRange.gltf", "names vertex 255"),
                Map.entry("RecursiveNodes.gltf", "not at the top of the tree"),
                Map.entry("sceneWrongType.gltf", "not in the upload"),
                Map.entry("NoScene.gltf", "not one triangle"),
                Map.entry("SceneWithoutNodes.gltf", "not one triangle"),
                Map.entry("badArray.gltf", "must be a list"),
                Map.entry("badObject.gltf", "must be an object"),
                Map.entry("badUint.gltf", "must be a whole number"),
                // One needs the old materials of shaders, the other lacks its data.
                Map.entry("BoxTextured.gltf", "technique_webgl|not in the upload"));
        int taken = 0;
        for (Path file : files()) {
            try {
                SceneImport.read(upload(file), UploadLimits.DEFAULT, Progress.SILENT);
                taken++;
            } catch (FileProblem e) {
                String name = file.getFileName().toString();
                assertThat(reasons).as(e.getMessage()).containsKey(name);
                assertThat(e.getMessage()).containsPattern(reasons.get(name));
            }
        }
        assertThat(taken).isGreaterThanOrEqualTo(34);
    }

    /**
     * OBJ, STL, PLY and 3MF of the same package: what is refused, for which reason; all others have the bounds and triangles that
     * the second reader sees. Units are set aside: it tells of none.
     */
    @Test
    void otherFormatsAreRefusedForTheRightReasonOrSeenAlike() throws Exception {
        Map<String, String> refused = Map.of(
                "number_formats.obj",
                "line 11: \"3.1+e2\" is no finite number",
                "issue623.ply",
                "line 13: ends where \"vertex_indices\" should stand",
                // 70 051 vertices of 31 bytes are 69 more than there are.
                "pond.0.ply",
                "only 2171512 bytes are left");
        int alike = 0;
        for (Path file : other()) {
            String name = file.getFileName().toString();
            Opened ours;
            try {
                ours = Opened.of(upload(file));
            } catch (FileProblem e) {
                assertThat(refused).as(e.getMessage()).containsKey(name);
                assertThat(e.getMessage()).contains(refused.get(name));
                continue;
            }
            assertThat(refused).doesNotContainKey(name);
            double[] theirs = bounds(file);
            if (theirs == null) {
                continue;
            }
            double unit = name.toLowerCase(Locale.ROOT).endsWith("stl") || name.endsWith("3mf") ? 1000 : 1;
            Aabb b = tight(ours.scene());
            double[] mine = {
                b.min().x() * unit,
                b.min().y() * unit,
                b.min().z() * unit,
                b.max().x() * unit,
                b.max().y() * unit,
                b.max().z() * unit,
                ours.imported().triangles()
            };
            assertThat(mine).as(name).containsExactly(theirs, offset(Math.min(0.4, b.radius() * unit * 1e-4)));
            alike++;
        }
        assertThat(alike).isGreaterThan(25);
    }

    private static List<Path> other() throws IOException {
        List<Path> out = new ArrayList<>();
        for (String folder : List.of("OBJ", "STL", "PLY", "3MF")) {
            try (Stream<Path> s = Files.walk(MODELS.resolveSibling(folder))) {
                s.filter(p -> p.toString().matches("(?i).*\\.(obj|stl|ply|3mf)"))
                        .sorted()
                        .forEach(out::add);
            }
        }
        return out;
    }

    /** Of every vertex where the tree of transforms puts it. */
    static Aabb tight(Scene scene) {
        Aabb b = Aabb.EMPTY;
        for (int i = 0; i < scene.nodes().size(); i++) {
            for (int m : scene.node(i).meshes()) {
                Mesh mesh = scene.meshes().get(m);
                float[] p = mesh.positions();
                for (int k = 0; k < p.length; k += 3) {
                    Vec3 v = mesh.origin().plus(new Vec3(p[k], p[k + 1], p[k + 2]));
                    b = b.union(Aabb.of(Mat4.point(scene.world(i), v)));
                }
            }
        }
        return b;
    }

    static List<Path> files() throws IOException {
        try (Stream<Path> s = Files.walk(MODELS)) {
            return s.filter(p -> p.toString().matches(".*\\.(glb|gltf)"))
                    .sorted()
                    .toList();
        }
    }

    static UploadedFiles upload(Path file) throws IOException {
        UploadedFiles u =
                new UploadedFiles(UploadLimits.DEFAULT).add(file.getFileName().toString(), Files.readAllBytes(file));
        try (Stream<Path> s = Files.walk(file.getParent())) {
            for (Path p : s.filter(Files::isRegularFile)
                    .filter(p -> p.toString().matches("(?i).*\\.(bin|mtl|png|jpe?g)"))
                    .toList()) {
                u.add(file.getParent().relativize(p).toString(), Files.readAllBytes(p));
            }
        }
        return u;
    }

    /** Bounds of the world positions that the other reader writes, and its triangles; null where it has no triangles alone. */
    private double[] bounds(Path file) throws Exception {
        // Its own summary multiplies nested transforms in the wrong order, so its export is read instead.
        Path obj = folder.resolve("out.obj");
        Files.deleteIfExists(obj);
        Process p = new ProcessBuilder("assimp", "export", file.toString(), obj.toString())
                .redirectErrorStream(true)
                .start();
        p.getInputStream().readAllBytes();
        if (p.waitFor() != 0 || !Files.exists(obj)) {
            return null;
        }
        double[] d = {1e9, 1e9, 1e9, -1e9, -1e9, -1e9, 0};
        for (String line : Files.readAllLines(obj, StandardCharsets.ISO_8859_1)) {
            String[] w = line.trim().split("\\s+");
            if (w[0].equals("l") || w[0].equals("p")) {
                return null;
            }
            for (int k = 0; k < 3 && w[0].equals("v"); k++) {
                d[k] = Math.min(d[k], Double.parseDouble(w[k + 1]));
                d[k + 3] = Math.max(d[k + 3], Double.parseDouble(w[k + 1]));
            }
            if (w[0].equals("f")) {
                d[6] += w.length - 3;
            }
        }
        return d[6] == 0 ? null : d;
    }
}
