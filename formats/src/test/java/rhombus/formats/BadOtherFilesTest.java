package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import rhombus.core.Effort;
import rhombus.formats.upload.FileProblem;

/** Broken and hostile OBJ, STL, PLY and 3MF: refused in words that name the line or the byte. */
class BadOtherFilesTest {
    private static final Solids GOOD = new Solids(new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0});

    private record Bad(String name, byte[] bytes, String says) {
        Bad(String name, String text, String says) {
            this(name, text.getBytes(StandardCharsets.UTF_8), says);
        }
    }

    private static String ply(String header, String body) {
        return "ply\nformat ascii 1.0\n" + header + "\nend_header\n" + body;
    }

    private static Bad threeMf(String inside, String says) {
        return new Bad("a.3mf", Opened.package3mf("<?xml version='1.0'?>" + inside), says);
    }

    @TestFactory
    List<DynamicTest> eachFaultIsNamedWithItsPlace() {
        String v = "v 0 0 0\nv 1 0 0\nv 0 1 0\n";
        String vertex = "element vertex 3\nproperty float x\nproperty float y\nproperty float z\n";
        byte[] claims = Arrays.copyOf(GOOD.stlBinary(), 134);
        ByteBuffer.wrap(claims).order(ByteOrder.LITTLE_ENDIAN).putInt(80, Integer.MAX_VALUE);
        byte[] nan = GOOD.stlBinary();
        ByteBuffer.wrap(nan).order(ByteOrder.LITTLE_ENDIAN).putFloat(84 + 12 + 4, Float.NaN);
        String mesh = "<model><resources><object id='1'><mesh><vertices><vertex x='0' y='0' z='0'/></vertices>";
        List<Bad> all = List.of(
                new Bad("a.obj", v + "f 1 2 4", "a.obj line 4: names vertex 4"),
                new Bad("a.obj", v + "f -4 1 2", "line 4: names vertex -4"),
                new Bad("a.obj", v + "f 1 2 0", "line 4: names vertex 0"),
                new Bad("a.obj", v + "f 1/1 2/1 3/1", "line 4: names texture coordinate 1"),
                new Bad("a.obj", v + "f 1//1 2//1 3//1", "line 4: names normal 1"),
                new Bad("a.obj", v + "f 1 2 3.5", "line 4: \"3.5\" is no whole number"),
                new Bad("a.obj", "\n\nv 0 nan 0", "line 3: \"nan\" is no finite number"),
                new Bad("a.obj", "v 0 0", "line 1: ends where a coordinate should stand"),
                new Bad("a.obj", "v 0 1e300 0", "line 1: \"1e300\" is too large"),
                new Bad("a.obj", v + "f" + " 1 2 3".repeat(50_000), "line 4: is a face of more than 100000 corners"),
                new Bad("a.obj", "", "not one triangle"),
                new Bad("a.stl", claims, "says at byte 80 that it has 2147483647 triangles, but there are only 1"),
                new Bad("a.stl", nan, "byte 96: triangle 0 has a corner that is no place"),
                new Bad("a.stl", new byte[40], "ends after 40 bytes"),
                new Bad(
                        "a.stl",
                        "solid a\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 1 0 0\nendloop",
                        "line 6: ends a triangle with 2 corners"),
                new Bad("a.stl", "solid a\nvertex 0 0 0\nvertex 1 x 0", "line 3: \"x\" is no finite number"),
                new Bad(
                        "a.stl",
                        "solid a\nvertex 0 0 0\nvertex 1 0 0\nvertex 1 1 0\nvertex 2 2 2",
                        "line 5: is a fourth corner"),
                new Bad("a.stl", "solid a\nhello", "line 2: \"hello\" is no word of STL"),
                new Bad("a.ply", "ply\nelement vertex 1\nend_header\n", "line 3: ends a header that names no format"),
                new Bad("a.ply", "ply\nformat ascii 1.0\nelement vertex 5", "header has no end"),
                new Bad(
                        "a.ply",
                        "ply\nformat ascii 1.0\nproperty float x\nend_header\n",
                        "line 3: stands before any element"),
                new Bad(
                        "a.ply",
                        ply("element vertex 2000000000\nproperty float x\nproperty float y\nproperty float z", "0 0 0"),
                        "says that it has 2000000000"),
                new Bad(
                        "a.ply",
                        ply(
                                vertex + "element face 1\nproperty list uchar int vertex_indices",
                                "0 0 0\n1 0 0\n0 1 0\n3 0 1 7"),
                        "line 13: names vertex 7"),
                new Bad(
                        "a.ply",
                        ply(
                                vertex + "element face 1\nproperty list uchar int vertex_indices",
                                "0 0 0\n1 0 0\n0 inf 0\n3 0 1 2"),
                        "line 12: vertex 2 has no finite place"),
                new Bad(
                        "a.ply",
                        ply(
                                vertex + "element face 1\nproperty list uchar int vertex_indices",
                                "0 0 0\n1 0 0\n0 1 0\n3 0 1"),
                        "line 13: ends where"),
                new Bad(
                        "a.ply",
                        ply(
                                vertex + "element face 1\nproperty list int int vertex_indices",
                                "0 0 0\n1 0 0\n0 1 0\n900000 0 1"),
                        "has a list of 900000 numbers, but the file ends"),
                new Bad("a.ply", ply("element vertex 1\nproperty float x", "0"), "without x, y and z"),
                new Bad("a.3mf", "no zip", "is no zip file"),
                new Bad("a.3mf", Opened.zip(Map.of("a.txt", new byte[3])), "holds no model"),
                threeMf("<!DOCTYPE m [<!ENTITY a 'aaaa'>]><model>&a;</model>", "document type or entities"),
                threeMf("<model><resources>", "is not readable as XML"),
                threeMf("<model unit='cubit'/>", "\"cubit\" is no unit of 3MF"),
                threeMf(
                        "<model><resources><object id='1'><components><component objectid='1'/></components></object></resources></model>",
                        "names object 1, which does not come before it"),
                threeMf(
                        mesh
                                + "<triangles><triangle v1='0' v2='0' v3='1'/></triangles></mesh></object></resources></model>",
                        "names vertex 1, but the mesh has only 1"),
                threeMf(
                        mesh.replace("x='0'", "x='NaN'") + "</mesh></object></resources></model>",
                        "\"NaN\" is no finite number"),
                new Bad("a.xyz", "hello", "of no format that is read here"));
        List<DynamicTest> out = new ArrayList<>();
        for (Bad b : all) {
            out.add(DynamicTest.dynamicTest(b.says, () -> assertThatThrownBy(() -> Opened.of(b.name, b.bytes))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining(b.says)));
        }
        return out;
    }

    @Test
    void componentsThatDoubleAtEachStepAreRefusedBeforeTheyGrow() {
        StringBuilder s = new StringBuilder("<?xml version='1.0'?><model><resources><object id='0'><mesh><vertices>"
                + "<vertex x='0' y='0' z='0'/><vertex x='1' y='0' z='0'/><vertex x='0' y='1' z='0'/></vertices>"
                + "<triangles><triangle v1='0' v2='1' v3='2'/></triangles></mesh></object>");
        for (int i = 1; i <= 60; i++) {
            s.append("<object id='")
                    .append(i)
                    .append("'><components>")
                    .append(("<component objectid='" + (i - 1) + "'/>").repeat(2))
                    .append("</components></object>");
        }
        byte[] file = Opened.package3mf(s + "</resources><build><item objectid='60'/></build></model>");
        assertThatThrownBy(() -> Opened.of("a.3mf", file)).hasMessageContaining("has more than 300000 objects");
    }

    @Test
    void aPackageThatUnpacksWithoutEndIsRefused() {
        byte[] file = Opened.zip(Map.of("3D/3dmodel.model", new byte[100 << 20]));
        assertThat(file.length).isLessThan(1 << 20);
        assertThatThrownBy(() -> Opened.of("a.3mf", file)).hasMessageContaining("unpacks to more than");
    }

    @Test
    void mutantsAreRefusedInWordsOrOpen() {
        Map<String, byte[]> seeds = new LinkedHashMap<>();
        seeds.put(
                "a.obj",
                ("mtllib a.mtl\no A\ng b\nusemtl c\ns 1\nvt 0 0\nvn 0 0 1\n"
                                + new String(GOOD.obj(), StandardCharsets.UTF_8)
                                + "f 1/1/1 2/1/1 3/1/1 5/1/1\nl 1 2 3\np 1\n")
                        .getBytes(StandardCharsets.UTF_8));
        seeds.put("text.stl", GOOD.stlText());
        seeds.put("binary.stl", GOOD.stlBinary());
        seeds.put("text.ply", GOOD.ply(null));
        seeds.put("binary.ply", GOOD.ply(ByteOrder.BIG_ENDIAN));
        seeds.put("a.3mf", null);
        String model =
                "<?xml version='1.0'?><model unit='inch'><resources><basematerials id='9'><base name='Red' displaycolor='#FF0000'/></basematerials>"
                        + "<object id='1' pid='9' pindex='0'><mesh><vertices><vertex x='0' y='0' z='0'/><vertex x='1' y='0' z='0'/><vertex x='0' y='1' z='0'/></vertices>"
                        + "<triangles><triangle v1='0' v2='1' v3='2' p1='0'/></triangles></mesh></object>"
                        + "<object id='2'><components><component objectid='1' transform='0 1 0 -1 0 0 0 0 1 10 0 0'/></components></object>"
                        + "</resources><build><item objectid='2'/></build></model>";
        Random r = Effort.random("files");
        int mutants = Effort.times(500);
        seeds.forEach((name, seed) -> {
            int taken = 0;
            for (int i = 0; i < mutants; i++) {
                byte[] b = seed == null
                        ? Opened.package3mf(
                                new String(mutant(model.getBytes(StandardCharsets.UTF_8), r), StandardCharsets.UTF_8))
                        : mutant(seed, r);
                try {
                    assertThat(Opened.of(name, b).scene().bounds().radius()).isFinite();
                    taken++;
                } catch (FileProblem p) {
                    assertThat(p.getMessage()).hasSizeGreaterThan(20);
                }
            }
            assertThat(taken).as(name + ": mutants that are still scenes").isGreaterThan(mutants / 60);
        });
    }

    /** One to four places changed: another byte, a number out of the way, a piece twice, a piece left out, an end too early. */
    private static byte[] mutant(byte[] good, Random r) {
        byte[] b = good;
        for (int i = r.nextInt(4); i >= 0 && b.length > 1; i--) {
            int at = r.nextInt(b.length);
            int to = Math.min(b.length, at + 1 + r.nextInt(12));
            String[] odd = {
                "-1",
                "0",
                "4294967296",
                "1e39",
                "nan",
                "inf",
                "99999999999",
                " ",
                "\n",
                "/",
                "\\\n",
                "#",
                "<",
                "&lt;",
                "\0"
            };
            b = switch (r.nextInt(6)) {
                case 0 -> {
                    byte[] c = b.clone();
                    c[at] = (byte) r.nextInt(256);
                    yield c;
                }
                case 1 ->
                    join(
                            Arrays.copyOf(b, at),
                            odd[r.nextInt(odd.length)].getBytes(StandardCharsets.UTF_8),
                            Arrays.copyOfRange(b, to, b.length));
                case 2 -> join(Arrays.copyOf(b, to), Arrays.copyOfRange(b, at, b.length));
                case 3 -> join(Arrays.copyOf(b, at), Arrays.copyOfRange(b, to, b.length));
                case 4 -> r.nextInt(5) == 0 ? Arrays.copyOf(b, at) : b;
                default -> {
                    byte[] c = b.clone();
                    ByteBuffer.wrap(c).put(at, (byte) (c[at] ^ 1 << r.nextInt(8)));
                    yield c;
                }
            };
        }
        return b;
    }

    private static byte[] join(byte[]... parts) {
        int n = 0;
        for (byte[] p : parts) {
            n += p.length;
        }
        ByteBuffer out = ByteBuffer.allocate(n);
        for (byte[] p : parts) {
            out.put(p);
        }
        return out.array();
    }
}
