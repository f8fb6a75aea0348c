package rhombus.formats;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.ImageSource;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.picture.ImageCheck;
import rhombus.formats.upload.ByteBudget;

/** The textures that materials of a document name, numbered anew: one for each image that is used, and each way of reading it. */
final class RenumberedTextures {
    /** Images as WebP. */
    static final String WEBP = "EXT_texture_webp";

    /**
     * An image file.
     *
     * @param type media type
     * @param bytes the file
     */
    record Image(String type, byte[] bytes) {}

    private final Map<String, Object> gltf;
    private final ImageSource source;
    private final ByteBudget budget;
    private final ImportNotes notes;
    private final TextureSamplers samplers;
    private final List<Image> images = new ArrayList<>();
    private final Map<Integer, Integer> sources = new HashMap<>();
    private final Map<Map<String, Object>, Integer> textures = new LinkedHashMap<>();

    RenumberedTextures(Map<String, Object> gltf, ImageSource source, ByteBudget budget, ImportNotes notes) {
        this.gltf = gltf;
        this.source = source;
        this.budget = budget;
        this.notes = notes;
        samplers = new TextureSamplers(gltf, notes);
    }

    List<Image> images() {
        return images;
    }

    /** The textures that are used, as a document lists them. */
    List<Object> list() {
        return new ArrayList<>(textures.keySet());
    }

    /** Their samplers. */
    List<Object> samplers() {
        return samplers.kept();
    }

    /**
     * A texture under its new number; null for none, and for one that cannot be shown.
     *
     * @param kept the coordinates that the material's meshes are kept with
     * @param factor name of a number that goes with it and is kept, or null
     */
    Map<String, Object> of(
            Map<String, Object> owner, String key, List<TextureCoordinates> kept, String factor, String at) {
        if (owner.get(key) == null) {
            return null;
        }
        String place = at + "." + key;
        Map<String, Object> info = JsonReader.map(owner.get(key), place);
        int texture = texture(info, place);
        if (texture < 0) {
            return null;
        }
        int coordinates = kept.indexOf(TextureCoordinates.of(info));
        if (coordinates < 0) {
            notes.add(
                    "Of the textures of one material those are left out that lie in a third way; two can be shown.",
                    place);
            return null;
        }
        Double number = factor == null ? null : JsonReader.positive(info, factor, place, true);
        Map<String, Object> out = PlainData.map("index", texture, "texCoord", coordinates == 0 ? null : coordinates);
        if (number != null) {
            out.put(factor, number);
        }
        return out;
    }

    private int texture(Map<String, Object> info, String p) {
        List<Object> given = JsonReader.list(gltf, "textures", "");
        int number = JsonReader.index(info, "index", given.size(), p);
        String place = "textures[" + number + "]";
        Map<String, Object> from = number < 0 ? Map.of() : JsonReader.map(given.get(number), place);
        int image = image(from, place, p);
        if (image < 0) {
            return -1;
        }
        int sampler = samplers.of(from, place);
        Map<String, Object> texture = PlainData.map("source", image, "sampler", sampler < 0 ? null : sampler);
        return textures.computeIfAbsent(texture, t -> textures.size());
    }

    private int image(Map<String, Object> texture, String place, String user) {
        List<Object> all = JsonReader.list(gltf, "images", "");
        int image = source(texture, all, place);
        if (image < 0) {
            notes.add("A texture without a PNG, JPEG or WebP image is left out.", user);
            return -1;
        }
        if (!sources.containsKey(image)) {
            Image read = read(JsonReader.map(all.get(image), "images[" + image + "]"), "images[" + image + "]");
            if (read != null && !opens(read)) {
                notes.add("An image that cannot be opened is left out.", "images[" + image + "]");
                return -1;
            }
            if (read == null) {
                notes.add("An image that is neither PNG, JPEG nor WebP is left out.", "images[" + image + "]");
                return -1;
            }
            sources.put(image, images.size());
            images.add(read);
        }
        return sources.get(image);
    }

    /** The image of a texture: as the extension for WebP names it, or as glTF itself does. */
    private static int source(Map<String, Object> texture, List<Object> all, String place) {
        Object webp = PlainData.map(texture.get("extensions")).get(WEBP);
        String at = place + ".extensions." + WEBP;
        return webp == null
                ? JsonReader.index(texture, "source", all.size(), place)
                : JsonReader.index(JsonReader.map(webp, at), "source", all.size(), at);
    }

    private static boolean opens(Image image) {
        return image.type.equals("image/webp") ? ImageCheck.isWebp(image.bytes) : ImageCheck.is(image.bytes);
    }

    private Image read(Map<String, Object> image, String place) {
        byte[] b = source.of(image, place);
        budget.take(b.length, place);
        boolean png = b.length > 8 && (b[0] & 0xFF) == 0x89 && b[1] == 'P' && b[2] == 'N' && b[3] == 'G';
        boolean jpeg = b.length > 3 && (b[0] & 0xFF) == 0xFF && (b[1] & 0xFF) == 0xD8;
        boolean webp =
                b.length > 12 && b[0] == 'R' && b[1] == 'I' && b[2] == 'F' && b[3] == 'F' && b[8] == 'W' && b[9] == 'E';
        if (webp) {
            return new Image("image/webp", b);
        }
        return png ? new Image("image/png", b) : jpeg ? new Image("image/jpeg", b) : null;
    }
}
