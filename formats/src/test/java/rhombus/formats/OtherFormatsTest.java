package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Mesh;
import rhombus.core.scene.UpAxis;
import rhombus.formats.out.SceneExport;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** OBJ, STL, PLY and 3MF: the same triangles come out of each, and what each says besides is kept. */
class OtherFormatsTest {
    @Provide
    Arbitrary<Solids> solids() {
        return Solids.any();
    }

    @Property(tries = 100)
    void theSameTrianglesComeOutOfEveryFormat(@ForAll("solids") Solids s) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("a.obj", s.obj());
        files.put("text.stl", s.stlText());
        files.put("binary.stl", s.stlBinary());
        files.put("text.ply", s.ply(null));
        files.put("little.ply", s.ply(ByteOrder.LITTLE_ENDIAN));
        files.put("big.ply", s.ply(ByteOrder.BIG_ENDIAN));
        files.put("a.3mf", s.threeMf());
        files.forEach((name, bytes) -> {
            double unit = name.endsWith("stl") ? 0.001 : 1;
            List<double[]> read = Opened.of(name, bytes).triangles();
            assertThat(read).as(name).hasSize(s.count());
            double worst = 0;
            for (int t = 0; t < s.count(); t++) {
                for (int k = 0; k < 9; k++) {
                    worst = Math.max(worst, Math.abs(read.get(t)[k] - s.corners()[t * 9 + k] * unit));
                }
            }
            assertThat(worst).as(name).isLessThan(1e-9);
        });
    }

    @Test
    void polygonsKeepTheirSidesAsEdgesHoweverFlat() {
        String grid = "v 0 0 0\nv 1 0 0\nv 2 0 0\nv 0 1 0\nv 1 1 0\nv 2 1 0\n";
        Mesh quads = Opened.of("a.obj", grid + "f 1 2 5 4\nf 2 3 6 5\n")
                .scene()
                .meshes()
                .get(0);
        Mesh triangles = Opened.of("a.obj", grid + "f 1 2 5\nf 1 5 4\nf 2 3 6\nf 2 6 5\n")
                .scene()
                .meshes()
                .get(0);
        assertThat(quads.triangleCount()).isEqualTo(4);
        // Six on the border and the one between the quads; the two diagonals are none.
        assertThat(quads.edgeCount()).isEqualTo(7);
        assertThat(triangles.edgeCount()).as("where only the angle tells").isEqualTo(6);
    }

    @Test
    void aHollowPolygonIsFilledInside() {
        // An L: area 3, which a fan from the first corner would miss.
        Opened o = Opened.of(
                "l.ply",
                "ply\nformat ascii 1.0\nelement vertex 6\nproperty float x\nproperty float y\nproperty float z\n"
                        + "element face 1\nproperty list uchar int vertex_index\nend_header\n2 1 0\n1 1 0\n1 2 0\n0 2 0\n0 0 0\n2 0 0\n6 0 1 2 3 4 5\n");
        double area = 0;
        for (double[] t : o.triangles()) {
            double twice = (t[3] - t[0]) * (t[7] - t[1]) - (t[6] - t[0]) * (t[4] - t[1]);
            assertThat(twice).as("none is turned over").isPositive();
            area += twice / 2;
        }
        assertThat(area).isCloseTo(3, within(1e-12));
    }

    @Test
    void groupsObjectsAndMaterialsOfObjAreKept() {
        String obj = "mtllib my paints.mtl\no Boat\ng hull\nusemtl red paint\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf -3 -2 -1\n"
                + "g mast\nusemtl wood\nf 1/1 2/1 3/1\nvt 0.25 0.75\n";
        String mtl =
                "newmtl red paint\nKd 1 0 0\nd 0.5\nPr 0.25\nnewmtl wood\nmap_Kd -s 2 2 -o 0 0 grain of wood.png\nKd 0 0 0\n";
        obj = obj.replace("f 1/1 2/1 3/1\nvt 0.25 0.75\n", "vt 0.25 0.75\nf 1/1 2/1 3/1\n");
        Opened o = Opened.of(new UploadedFiles(UploadLimits.DEFAULT)
                .add("boat.obj", bytes(obj))
                .add("my paints.mtl", bytes(mtl))
                .add("grain of wood.png", PNG));
        assertThat(o.names()).containsExactly("Boat", "hull", "mast");
        assertThat(o.scene().node(1).parent()).isZero();
        String json = new String(o.imported().glb(), StandardCharsets.ISO_8859_1);
        assertThat(json)
                .contains(
                        "\"red paint\"",
                        "\"baseColorFactor\":[1.0,0.0,0.0,0.5]",
                        "\"roughnessFactor\":0.25",
                        "\"BLEND\"")
                .contains("\"baseColorFactor\":[1.0,1.0,1.0,1.0],\"baseColorTexture\":{\"index\":0}", "image/png");
        assertThat(o.imported().notes())
                .containsExactly("Places and scales of textures are left out. (my paints.mtl line 6)");
    }

    private static final byte[] PNG = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    @Test
    void smoothingWithoutNormalsIsWeighedByArea() {
        // Two faces at a right angle, one four times as large: worked out by hand, normal (0, 4, 1) / sqrt(17) along
        // their edge.
        String obj = "v 0 0 0\nv 1 0 0\nv 1 0 -4\nv 0 0 -4\nv 1 -1 0\nv 0 -1 0\ns 1\nf 1 2 3 4\nf 2 1 6 5\n";
        String json = new String(Opened.of("a.obj", obj).imported().glb(), StandardCharsets.ISO_8859_1);
        assertThat(json).contains("\"NORMAL\"");
        float[] n = Opened.of("a.obj", obj).attribute("NORMAL");
        assertThat(n[1]).isCloseTo((float) (4 / Math.sqrt(17)), within(1e-6f));
        assertThat(n[2]).isCloseTo((float) (1 / Math.sqrt(17)), within(1e-6f));
        assertThat(new String(
                        Opened.of("a.obj", obj.replace("s 1", "s off"))
                                .imported()
                                .glb(),
                        StandardCharsets.ISO_8859_1))
                .doesNotContain("\"NORMAL\"");
    }

    @Test
    void textComesInTheLettersAndLinesThatProgramsWrite() {
        String obj = "o M\u00f6we\nv 0 0 0\nv 1 0 0 \\\n# no more\nv 0 1 0\nf 1 2 \\\n 3\n";
        for (var letters : List.of(
                StandardCharsets.UTF_8,
                StandardCharsets.ISO_8859_1,
                StandardCharsets.UTF_16,
                StandardCharsets.UTF_16LE)) {
            Opened o = Opened.of("a.obj", obj.getBytes(letters));
            assertThat(o.names()).as(letters.name()).containsExactly("M\u00f6we");
            assertThat(o.triangles()).hasSize(1);
        }
        assertThat(Opened.of("a.obj", "\uFEFF" + obj.replace("\n", "\r")).names())
                .containsExactly("M\u00f6we");
    }

    @Test
    void colorsOfVerticesAreLightNotSignal() {
        // 51 of 255 is 0.2; by IEC 61966-2-1 that is a linear 0.0331.
        float[] c = Opened.of("a.ply", new Solids(new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0}).ply(null))
                .attribute("COLOR_0");
        assertThat(c[0]).isEqualTo(1);
        assertThat(c[1]).isZero();
        assertThat(c[2]).isCloseTo(0.0331f, within(1e-4f));
        assertThat(c[3]).isEqualTo(1);
    }

    @Test
    void componentsOf3mfStandWhereTheirTransformsSay() {
        String model =
                "<?xml version='1.0'?><model unit='inch'><resources><basematerials id='9'><base name='Red' displaycolor='#FF0000'/></basematerials>"
                        + "<object id='1' pid='9' pindex='0'><mesh><vertices><vertex x='0' y='0' z='0'/><vertex x='1' y='0' z='0'/><vertex x='0' y='1' z='0'/></vertices>"
                        + "<triangles><triangle v1='0' v2='1' v3='2'/></triangles></mesh></object>"
                        + "<object id='2' name='Pair'><components><component objectid='1'/><component objectid='1' transform='0 1 0 -1 0 0 0 0 1 10 0 0'/></components></object>"
                        + "</resources><build><item objectid='2' transform='1 0 0 0 1 0 0 0 1 0 0 100'/></build></model>";
        Opened o = Opened.of("pair.3mf", Opened.package3mf(model));
        assertThat(o.scene().up()).isEqualTo(UpAxis.Z);
        assertThat(o.names()).containsExactly("Pair", "Object 1", "Object 1");
        assertThat(o.scene().meshes()).as("one mesh, twice").hasSize(1);
        double in = 0.0254;
        // Turned a quarter about Z, then moved along X, worked out by hand: (1, 0, 0) goes to (10, 1, 100).
        assertThat(o.triangles().get(1))
                .containsExactly(
                        new double[] {10 * in, 0, 100 * in, 10 * in, in, 100 * in, 9 * in, 0, 100 * in}, within(1e-12));
    }

    @Test
    void whatTheFormatDoesNotSayIsTakenAndMarkedAsAsked() {
        assertThat(Opened.of("a.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3")
                        .scene()
                        .up())
                .isEqualTo(UpAxis.Y);
        assertThat(Opened.of("a.stl", new Solids(new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0}).stlBinary())
                        .scene()
                        .up())
                .isEqualTo(UpAxis.Z);
    }

    @Test
    void linesAndPointsComeAsSuchAndGoHomeAgain() {
        Opened o = Opened.of("a.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0 1 0 0\nl 1 2 3\np 3\np 1\n");
        assertThat(o.imported().triangles()).isZero();
        assertThat(o.scene().strokes(0, Mesh.Kind.LINES)).isEqualTo(2);
        assertThat(o.scene().strokes(0, Mesh.Kind.POINTS)).isEqualTo(2);
        for (SceneExport.Format f : List.of(SceneExport.Format.OBJ, SceneExport.Format.GLB, SceneExport.Format.GLTF)) {
            SceneExport e = Exported.as(o.imported(), o.scene(), new SceneExport.Wanted(f, null, null, null, false));
            Opened back = Opened.of(e.fileName(), Exported.bytes(e));
            assertThat(back.scene().strokes(0, Mesh.Kind.LINES)).as(f.word()).isEqualTo(2);
            assertThat(back.scene().strokes(0, Mesh.Kind.POINTS)).as(f.word()).isEqualTo(2);
            assertThat(back.scene().bounds()).isEqualTo(o.scene().bounds());
        }
        Opened ply = Opened.of(
                "points.ply",
                "ply\nformat ascii 1.0\nelement vertex 2\nproperty float x\nproperty float y\nproperty float z\nend_header\n0 0 0\n1 2 3\n");
        assertThat(ply.scene().strokes(0, Mesh.Kind.POINTS)).isEqualTo(2);
    }

    @Test
    void loopsAndStripsOfGltfAreLinesInItsOrder() {
        int[] o = {4, 5, 6, 7};
        assertThat(MeshPrimitives.strokes(o, 0)).containsExactly(4, 5, 6, 7);
        assertThat(MeshPrimitives.strokes(o, 1)).containsExactly(4, 5, 6, 7);
        assertThat(MeshPrimitives.strokes(o, 2)).containsExactly(4, 5, 5, 6, 6, 7, 7, 4);
        assertThat(MeshPrimitives.strokes(o, 3)).containsExactly(4, 5, 5, 6, 6, 7);
        assertThat(MeshPrimitives.strokes(new int[] {1}, 3)).isEmpty();
        assertThat(MeshPrimitives.strokes(new int[] {1, 2, 3}, 1)).containsExactly(1, 2);
    }

    private static byte[] bytes(String s) {
        return s.getBytes(StandardCharsets.UTF_8);
    }

    /** Some writers leave blanks at the ends of lines; the numbers begin with the next line. */
    @Test
    void aBlankAfterTheHeaderOfABinaryPlyIsNoNumber() {
        String header = "ply\nformat binary_little_endian 1.0\nelement vertex 3\nproperty float x\nproperty float y\n"
                + "property float z\nelement face 1\nproperty list uchar int vertex_indices\nend_header";
        java.nio.ByteBuffer b = java.nio.ByteBuffer.allocate(36 + 13).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        for (float f : new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0}) {
            b.putFloat(f);
        }
        b.put((byte) 3).putInt(0).putInt(1).putInt(2);
        for (String end : List.of("\n", " \n", "\t \r\n")) {
            byte[] start = (header + end).getBytes(StandardCharsets.US_ASCII);
            byte[] all = java.util.Arrays.copyOf(start, start.length + b.capacity());
            System.arraycopy(b.array(), 0, all, start.length, b.capacity());
            assertThat(Opened.of("a.ply", all).triangles().get(0)).containsExactly(0, 0, 0, 1, 0, 0, 0, 1, 0);
        }
    }

    /** 3MF Core Specification 1.3, 4.1.4: a triangle without a pid takes that of its object. */
    @Test
    void aTriangleThatNamesAMaterialOfItsObjectsGroupHasIt() {
        String model = "<model unit='meter'><resources><basematerials id='1'><base name='Red' displaycolor='#FF0000'/>"
                + "<base name='Blue' displaycolor='#0000FF'/></basematerials><object id='2' pid='1' pindex='0'><mesh><vertices>"
                + "<vertex x='0' y='0' z='0'/><vertex x='1' y='0' z='0'/><vertex x='0' y='1' z='0'/></vertices><triangles>"
                + "<triangle v1='0' v2='1' v3='2'/><triangle v1='0' v2='2' v3='1' p1='1'/></triangles></mesh></object></resources>"
                + "<build><item objectid='2'/></build></model>";
        Opened o = Opened.of("a.3mf", Opened.package3mf(model));
        assertThat(o.scene().meshes()).as("a mesh for each material").hasSize(2);
    }
}
