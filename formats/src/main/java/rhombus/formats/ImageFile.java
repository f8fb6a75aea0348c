package rhombus.formats;

import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * An image of a kept file that becomes a file of its own.
 *
 * @param name of the file
 * @param from where in the kept file's binary chunk its bytes start
 * @param length how many there are
 */
public record ImageFile(String name, long from, long length) {
    /**
     * Of an image of a document in normal form.
     *
     * @param stem name without the ending that says what it is
     */
    public static ImageFile of(Map<String, Object> gltf, Map<String, Object> image, String stem) {
        Map<String, Object> view =
                PlainData.map(PlainData.list(gltf.get("bufferViews")).get(PlainData.whole(image.get("bufferView"), 0)));
        String type = PlainData.text(image.get("mimeType"), "image/png");
        return new ImageFile(
                stem + "." + type.substring(type.indexOf('/') + 1).replace("jpeg", "jpg"),
                PlainData.whole(view.get("byteOffset"), 0),
                PlainData.whole(view.get("byteLength"), 0));
    }
}
