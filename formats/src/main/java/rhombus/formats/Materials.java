package rhombus.formats;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.Plain;

/** Base colours and textures of a document; everything else of a material is noted. */
final class Materials {
    private static final Set<String> MODES = Set.of("OPAQUE", "MASK", "BLEND");

    private final List<Object> materials;
    private final Map<String, Object> gltf;
    private final Document doc;
    private final Accessors accessors;
    private final Set<String> notes;

    /**
     * An image file.
     *
     * @param type media type
     * @param bytes the file
     */
    record Image(String type, byte[] bytes) {}

    Materials(Map<String, Object> gltf, Document doc, Accessors accessors, Set<String> notes) {
        this.gltf = gltf;
        this.doc = doc;
        this.accessors = accessors;
        this.notes = notes;
        this.materials = Json.list(gltf, "materials", "");
    }

    int size() {
        return materials.size();
    }

    private Map<String, Object> base(int i) {
        String place = "materials[" + i + "]";
        return Json.mapIn(Json.map(materials.get(i), place), "pbrMetallicRoughness", place);
    }

    /** Which set of texture coordinates a material's base colour uses. */
    int textureSet(int material) {
        return material < 0 || material >= materials.size()
                ? 0
                : Plain.whole(Plain.map(base(material).get("baseColorTexture")).get("texCoord"), 0);
    }

    /** The materials with only what is shown; textures are numbered anew as images are added to {@code images}. */
    List<Object> normal(List<Image> images) {
        List<Object> out = new ArrayList<>();
        Map<Integer, Integer> sources = new HashMap<>();
        for (int i = 0; i < materials.size(); i++) {
            String place = "materials[" + i + "]";
            Map<String, Object> m = Json.map(materials.get(i), place);
            note(m, base(i));
            double[] color = Json.numbers(base(i), "baseColorFactor", 4, place);
            int image = image(base(i), place, images, sources);
            out.add(Plain.map(
                    "name", m.get("name") instanceof String s ? s : null,
                    "alphaMode", alphaMode(m, place),
                    "alphaCutoff",
                            "MASK".equals(m.get("alphaMode")) ? Json.positive(m, "alphaCutoff", place, true) : null,
                    "doubleSided", m.get("doubleSided") instanceof Boolean b ? b : null,
                    "pbrMetallicRoughness",
                            Plain.map(
                                    "baseColorFactor", color == null ? null : Plain.list(color),
                                    "baseColorTexture", image < 0 ? null : Plain.map("index", image))));
        }
        return out;
    }

    private static Object alphaMode(Map<String, Object> m, String place) {
        Object given = m.get("alphaMode");
        if (given != null && !MODES.contains(String.valueOf(given))) {
            throw new Problem(place + ".alphaMode", "\"" + Json.shown(given) + "\" is none of OPAQUE, MASK and BLEND");
        }
        return given;
    }

    private void note(Map<String, Object> m, Map<String, Object> base) {
        if (m.get("normalTexture") != null
                || m.get("occlusionTexture") != null
                || m.get("emissiveTexture") != null
                || base.get("metallicRoughnessTexture") != null) {
            notes.add("Of materials the base colour and its texture are shown; other textures are left out.");
        }
    }

    private int image(Map<String, Object> base, String place, List<Image> images, Map<Integer, Integer> sources) {
        if (base.get("baseColorTexture") == null) {
            return -1;
        }
        String p = place + ".pbrMetallicRoughness.baseColorTexture";
        List<Object> textures = Json.list(gltf, "textures", "");
        int texture = Json.index(Json.map(base.get("baseColorTexture"), p), "index", textures.size(), p);
        List<Object> all = Json.list(gltf, "images", "");
        int source = texture < 0
                ? -1
                : Json.index(
                        Json.map(textures.get(texture), "textures[" + texture + "]"),
                        "source",
                        all.size(),
                        "textures[" + texture + "]");
        if (source < 0) {
            notes.add("A texture without a PNG or JPEG image is left out.");
            return -1;
        }
        if (!sources.containsKey(source)) {
            Image read = read(Json.map(all.get(source), "images[" + source + "]"), "images[" + source + "]");
            if (read == null) {
                notes.add("An image that is neither PNG nor JPEG is left out.");
                return -1;
            }
            sources.put(source, images.size());
            images.add(read);
        }
        return sources.get(source);
    }

    private Image read(Map<String, Object> image, String place) {
        byte[] b;
        if (image.get("uri") != null) {
            b = doc.resource(Plain.text(image.get("uri"), ""), place + ".uri");
        } else {
            int view = accessors.viewIndex(image, "bufferView", place);
            if (view < 0) {
                throw new Problem(place, "has neither uri nor bufferView");
            }
            ByteBuffer v = accessors.view(view);
            b = new byte[v.remaining()];
            v.get(b);
        }
        accessors.budget().take(b.length, place);
        boolean png = b.length > 8 && (b[0] & 0xFF) == 0x89 && b[1] == 'P' && b[2] == 'N' && b[3] == 'G';
        boolean jpeg = b.length > 3 && (b[0] & 0xFF) == 0xFF && (b[1] & 0xFF) == 0xD8;
        return png ? new Image("image/png", b) : jpeg ? new Image("image/jpeg", b) : null;
    }
}
