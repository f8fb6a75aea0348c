package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;
import rhombus.formats.out.SceneExport;
import rhombus.formats.upload.FileProblem;

/** Extensions of glTF that are read. */
class ExtensionsTest {
    private static Opened open(Sample s) {
        return Opened.of("a.glb", s.glb());
    }

    private static Sample textured(String transform, String normal) {
        Sample s = Sample.triangle();
        s.floats("VEC2", 0, 0, 1, 0, 0, 1);
        s.primitive = "{\"attributes\":{\"POSITION\":0,\"TEXCOORD_0\":2},\"indices\":1,\"material\":0}";
        int png = s.view(
                Base64.getDecoder()
                        .decode(
                                "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=="));
        s.more = ",\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0" + transform + "}}"
                + normal + "}],\"textures\":[{\"source\":0}],\"images\":[{\"bufferView\":" + png
                + ",\"mimeType\":\"image/png\"}]";
        return s;
    }

    private static String transform(String inner) {
        return ",\"extensions\":{\"KHR_texture_transform\":{" + inner + "}}";
    }

    @Test
    void texturesLieWhereTheirTransformSays() {
        // Scaled by 2 and 4, turned a quarter against the clock as seen with v downwards, moved by 10 and 20.
        float[] uv = open(textured(transform("\"offset\":[10,20],\"rotation\":1.5707963267948966,\"scale\":[2,4]"), ""))
                .attribute("TEXCOORD_0");
        double[] expected = {10, 20, 10, 18, 14, 20};
        for (int i = 0; i < 6; i++) {
            assertThat((double) uv[i]).isCloseTo(expected[i], within(1e-5));
        }
        assertThat(open(textured("", "")).attribute("TEXCOORD_0")).containsExactly(0, 0, 1, 0, 0, 1);
    }

    @Test
    void aTextureOfAMaterialMayLieElsewhereThanTheFirst() {
        Opened o = open(textured(transform("\"scale\":[2,2]"), ",\"normalTexture\":{\"index\":0}"));
        assertThat(o.imported().notes()).isEmpty();
        assertThat(o.attribute("TEXCOORD_0")).containsExactly(0, 0, 2, 0, 0, 2);
        assertThat(o.attribute("TEXCOORD_1")).containsExactly(0, 0, 1, 0, 0, 1);
        Opened same = open(textured(
                transform("\"scale\":[2,2]"), ",\"normalTexture\":{\"index\":0" + transform("\"scale\":[2,2]") + "}"));
        assertThat(same.imported().notes()).isEmpty();
        assertThatThrownBy(() -> open(textured(transform("\"scale\":[2]"), "")))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("must be 2 finite numbers");
    }

    @Test
    void instancesAreObjectsThatShareTheirMesh() {
        Sample s = Sample.triangle();
        int t = s.floats("VEC3", 1, 0, 0, 2, 0, 0, 3, 0, 0);
        int r = s.floats("VEC4", 0, 0, 0, 1, 0, 0, 1, 0, 0, 0, 0, 1);
        s.nodes =
                "[{\"name\":\"Reed\",\"mesh\":0,\"translation\":[0,5,0],\"extensions\":{\"EXT_mesh_gpu_instancing\":{\"attributes\":{\"TRANSLATION\":"
                        + t + ",\"ROTATION\":" + r + "}}}}]";
        s.more =
                ",\"extensionsUsed\":[\"EXT_mesh_gpu_instancing\"],\"extensionsRequired\":[\"EXT_mesh_gpu_instancing\"]";
        Opened o = open(s);
        assertThat(o.names()).containsExactly("Reed", "Reed 1", "Reed 2", "Reed 3");
        assertThat(o.scene().meshes()).hasSize(1);
        assertThat(o.imported().triangles()).isEqualTo(3);
        // The second is turned by half a turn about Z and stands at (2, 5, 0): its corner (1, 0, 0) is at (1, 5, 0).
        double[] second = o.triangles().get(1);
        assertThat(second[3]).isCloseTo(1, within(1e-12));
        assertThat(second[4]).isCloseTo(5, within(1e-12));
        s.nodes = s.nodes.replace("\"ROTATION\":" + r, "\"ROTATION\":0");
        assertThatThrownBy(() -> open(s)).isInstanceOf(FileProblem.class);
    }

    @Test
    void webpIsKeptAndSaidToBeNeededInTheExport() {
        Sample s = Sample.triangle();
        s.floats("VEC2", 0, 0, 1, 0, 0, 1);
        s.primitive = "{\"attributes\":{\"POSITION\":0,\"TEXCOORD_0\":2},\"indices\":1,\"material\":0}";
        int webp = s.view(HexFormat.of()
                .parseHex("52494646240000005745425056503820180000003001009d012a0100010002003425a400037000fefb940000"));
        s.more =
                ",\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0}}}],\"textures\":[{\"extensions\":{\"EXT_texture_webp\":{\"source\":0}}}],"
                        + "\"images\":[{\"bufferView\":" + webp
                        + ",\"mimeType\":\"image/webp\"}],\"extensionsUsed\":[\"EXT_texture_webp\"],\"extensionsRequired\":[\"EXT_texture_webp\"]";
        Opened o = open(s);
        assertThat(new String(o.imported().glb(), StandardCharsets.ISO_8859_1)).contains("image/webp");
        SceneExport e = Exported.as(
                o.imported(), o.scene(), new SceneExport.Wanted(SceneExport.Format.GLB, null, null, null, false));
        byte[] out = Exported.bytes(e);
        assertThat(new String(out, StandardCharsets.ISO_8859_1))
                .contains("\"extensionsRequired\":[\"EXT_texture_webp\"]", "{\"EXT_texture_webp\":{\"source\":0}}");
        assertThat(Opened.of("b.glb", out).imported().notes()).isEmpty();
    }

    @Test
    void packedViewsAreUnpackedWhereTheyAreRead() {
        // Indices 0, 1, 2 as the library writes a sequence: each the difference to the one before, its sign and its row
        // in the two lowest bits.
        Sample s = Sample.triangle();
        byte[] packed = HexFormat.of().parseHex("d1000404" + "00000000");
        int view = s.view(packed);
        s.editView(
                1,
                "{",
                "{\"extensions\":{\"EXT_meshopt_compression\":{\"buffer\":0,\"byteOffset\":" + s.offset(view)
                        + ",\"byteLength\":8,\"byteStride\":2,\"count\":3,\"mode\":\"INDICES\"}},");
        s.more =
                ",\"extensionsUsed\":[\"EXT_meshopt_compression\"],\"extensionsRequired\":[\"EXT_meshopt_compression\"]";
        assertThat(open(s).imported().triangles()).isEqualTo(1);
    }
}
