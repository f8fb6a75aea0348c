package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** What is kept of materials, as the glTF 2.0 specification and two of its extensions name it. */
class GltfMaterialsTest {
    /** A PNG file of one pixel. */
    static final byte[] PNG = java.util.Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    private static Sample with(String materials) {
        Sample s = Sample.triangle();
        int uv = s.floats("VEC2", 0, 0, 1, 0, 0, 1);
        int other = s.floats("VEC2", 0, 0, 0.5, 0, 0, 0.5);
        s.primitive = "{\"attributes\":{\"POSITION\":0,\"TEXCOORD_0\":" + uv + ",\"TEXCOORD_1\":" + other
                + "},\"indices\":1,\"material\":0}";
        int[] views = {s.view(PNG), s.view(PNG)};
        s.more = ",\"materials\":" + materials + ",\"textures\":[{\"source\":0},{\"source\":1}],\"images\":["
                + "{\"bufferView\":" + views[0] + ",\"mimeType\":\"image/png\"},{\"bufferView\":" + views[1]
                + ",\"mimeType\":\"image/png\"}]";
        return s;
    }

    private static ImportedScene read(byte[] file) {
        return SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("sample.glb", file), UploadLimits.DEFAULT, Progress.SILENT);
    }

    private static Map<String, Object> document(byte[] glb) {
        try {
            return KeptScene.read(new ByteArrayInputStream(glb)).gltf();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static byte[] exported(ImportedScene in) {
        return Exported.of(in, NormalReader.read(in), null);
    }

    private static Map<String, Object> first(Map<String, Object> gltf) {
        return PlainData.map(PlainData.list(gltf.get("materials")).get(0));
    }

    @Test
    void factorsTexturesAndExtensionsAreKeptAndComeOutAgain() {
        String given =
                """
                [{"pbrMetallicRoughness":{"metallicFactor":0.25,"roughnessFactor":0.5,"metallicRoughnessTexture":{"index":1}},
                "normalTexture":{"index":0,"scale":0.7},"occlusionTexture":{"index":1,"strength":0.4},
                "emissiveTexture":{"index":0},"emissiveFactor":[1,0.5,0],
                "extensions":{"KHR_materials_emissive_strength":{"emissiveStrength":6},"KHR_materials_unlit":{}}}]""";
        ImportedScene in = read(with(given).glb());
        assertThat(in.notes()).isEmpty();
        Map<String, Object> kept = document(in.glb());
        for (Map<String, Object> gltf : List.of(kept, document(read(in.glb()).glb()), document(exported(in)))) {
            Map<String, Object> m = first(gltf);
            Map<String, Object> base = PlainData.map(m.get("pbrMetallicRoughness"));
            assertThat(base.get("metallicFactor")).isEqualTo(0.25);
            assertThat(base.get("roughnessFactor")).isEqualTo(0.5);
            int metal = texture(base, "metallicRoughnessTexture");
            assertThat(texture(m, "occlusionTexture")).isEqualTo(metal);
            assertThat(texture(m, "emissiveTexture"))
                    .isEqualTo(texture(m, "normalTexture"))
                    .isNotEqualTo(metal);
            assertThat(PlainData.map(m.get("normalTexture")).get("scale")).isEqualTo(0.7);
            assertThat(PlainData.map(m.get("occlusionTexture")).get("strength")).isEqualTo(0.4);
            assertThat(PlainData.numbers(m.get("emissiveFactor"), 3)).containsExactly(1, 0.5, 0);
            Map<String, Object> extensions = PlainData.map(m.get("extensions"));
            assertThat(PlainData.number(
                            PlainData.map(extensions.get(GltfMaterials.STRENGTH))
                                    .get("emissiveStrength"),
                            0))
                    .isEqualTo(6);
            assertThat(extensions).containsKey(GltfMaterials.UNLIT);
            assertThat(PlainData.list(gltf.get("extensionsUsed")))
                    .contains(GltfMaterials.STRENGTH, GltfMaterials.UNLIT);
        }
    }

    private static int texture(Map<String, Object> owner, String key) {
        assertThat(owner).containsKey(key);
        return PlainData.whole(PlainData.map(owner.get(key)).get("index"), -1);
    }

    /** The specification's default of both is 1; it is written, so that a kept file says so itself. */
    @Test
    void factorsThatAreLeftOutAreThoseOfTheSpecification() {
        Map<String, Object> base =
                PlainData.map(first(document(read(with("[{}]").glb()).glb())).get("pbrMetallicRoughness"));
        assertThat(base).containsEntry("metallicFactor", 1.0).containsEntry("roughnessFactor", 1.0);
    }

    @Test
    void twoSetsOfCoordinatesAreKeptTheFirstTextureHasTheFirst() {
        ImportedScene in = read(
                with("[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0,\"texCoord\":1}},\"normalTexture\":{\"index\":1}}]")
                        .glb());
        assertThat(in.notes()).isEmpty();
        for (byte[] glb : List.of(in.glb(), read(in.glb()).glb(), exported(in))) {
            Map<String, Object> m = first(document(glb));
            Map<String, Object> color =
                    PlainData.map(PlainData.map(m.get("pbrMetallicRoughness")).get("baseColorTexture"));
            assertThat(PlainData.whole(color.get("texCoord"), 0)).isZero();
            assertThat(PlainData.map(m.get("normalTexture")).get("texCoord")).isEqualTo(1);
            Opened o = Opened.of("a.glb", glb);
            assertThat(o.attribute("TEXCOORD_0")).containsExactly(0, 0, 0.5f, 0, 0, 0.5f);
            assertThat(o.attribute("TEXCOORD_1")).containsExactly(0, 0, 1, 0, 0, 1);
        }
    }

    @Test
    void aMeshWithoutTheFirstCoordinatesKeepsTheSecond() {
        ImportedScene in = read(
                with("[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0,\"texCoord\":5}},\"normalTexture\":{\"index\":1}}]")
                        .glb());
        Opened o = Opened.of("a.glb", in.glb());
        assertThat(o.attribute("TEXCOORD_0")).containsOnly(0);
        assertThat(o.attribute("TEXCOORD_1")).containsExactly(0, 0, 1, 0, 0, 1);
    }

    @Test
    void aTextureThatLiesInAThirdWayIsLeftOutAndThatIsTold() {
        String third = "{\"index\":1,\"extensions\":{\"KHR_texture_transform\":{\"scale\":[2,2]}}}";
        ImportedScene in = read(
                with("[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0,\"texCoord\":1}},\"normalTexture\":{\"index\":1},\"emissiveTexture\":"
                                + third + ",\"occlusionTexture\":{\"index\":1,\"texCoord\":1}}]")
                        .glb());
        assertThat(in.notes())
                .singleElement()
                .asString()
                .contains("a third way")
                .contains("emissiveTexture");
        assertThat(first(document(in.glb())))
                .doesNotContainKey("emissiveTexture")
                .containsKeys("normalTexture", "occlusionTexture");
    }

    @Test
    void samplersAreKeptAsTheSpecificationNumbersThem() {
        Sample s = with(
                "[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0}},\"normalTexture\":{\"index\":1},\"emissiveTexture\":{\"index\":2}}]");
        s.more = s.more.replace(
                "\"textures\":[{\"source\":0},{\"source\":1}]",
                "\"textures\":[{\"source\":0,\"sampler\":1},{\"source\":0},{\"source\":0,\"sampler\":0}],\"samplers\":[{\"wrapS\":10497,\"magFilter\":17},"
                        + "{\"wrapS\":33071,\"wrapT\":33648,\"magFilter\":9728,\"minFilter\":9987,\"name\":\"S\"}]");
        ImportedScene in = read(s.glb());
        assertThat(in.notes())
                .singleElement()
                .asString()
                .contains("does not know")
                .contains("samplers[0].magFilter");
        for (byte[] glb : List.of(in.glb(), read(in.glb()).glb(), exported(in))) {
            Map<String, Object> gltf = document(glb);
            assertThat(PlainData.list(gltf.get("samplers")))
                    .containsExactly(Map.of("wrapS", 33071, "wrapT", 33648, "magFilter", 9728, "minFilter", 9987));
            // One image, read in two ways; the usual sampler is none.
            assertThat(PlainData.list(gltf.get("textures")))
                    .containsExactly(Map.of("source", 0, "sampler", 0), Map.of("source", 0));
            assertThat(PlainData.list(gltf.get("images"))).hasSize(1);
        }
    }

    @Test
    void factorsOutOfTheirRangeAreRefusedWithTheirPlace() {
        for (String wrong : List.of("1.5", "-0.1", "\"much\"")) {
            assertThatThrownBy(() -> read(with("[{\"pbrMetallicRoughness\":{\"roughnessFactor\":" + wrong + "}}]")
                            .glb()))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("roughnessFactor");
        }
    }

    @org.junit.jupiter.api.Test
    void anImageThatCannotBeOpenedIsLeftOutAndTold() throws java.io.IOException {
        assertThat(rhombus.formats.picture.ImageCheck.is(PNG)).isTrue();
        java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
        java.awt.image.BufferedImage big =
                new java.awt.image.BufferedImage(300, 200, java.awt.image.BufferedImage.TYPE_INT_RGB);
        java.util.Random r = new java.util.Random(1);
        for (int x = 0; x < 300; x++) {
            for (int y = 0; y < 200; y++) {
                big.setRGB(x, y, r.nextInt());
            }
        }
        for (String format : java.util.List.of("png", "jpg")) {
            out.reset();
            javax.imageio.ImageIO.write(big, format, out);
            byte[] whole = out.toByteArray();
            assertThat(rhombus.formats.picture.ImageCheck.is(whole)).as(format).isTrue();
            byte[] cut = java.util.Arrays.copyOf(whole, whole.length / 2);
            assertThat(rhombus.formats.picture.ImageCheck.is(cut))
                    .as(format + " cut off")
                    .isFalse();
        }
        Sample s = new Sample();
        s.floats("VEC3", 0, 0, 0, 1, 0, 0, 0, 1, 0);
        s.floats("VEC2", 0, 0, 1, 0, 0, 1);
        int view = s.view(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0});
        s.primitive = "{\"attributes\":{\"POSITION\":0,\"TEXCOORD_0\":1},\"material\":0}";
        s.more =
                ",\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0}}}],\"textures\":[{\"source\":0}],"
                        + "\"images\":[{\"bufferView\":" + view + ",\"mimeType\":\"image/png\"}]";
        Opened o = Opened.of("a.glb", s.glb());
        assertThat(o.imported().notes()).anyMatch(n -> n.contains("cannot be opened is left out"));
    }
}
