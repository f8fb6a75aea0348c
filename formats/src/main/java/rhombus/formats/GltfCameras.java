package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.OpticsForm;
import rhombus.formats.upload.FileProblem;

/** The cameras of a document (glTF 2.0, 3.10), checked and reduced to what is used. */
final class GltfCameras {
    private final List<Object> cameras = new ArrayList<>();

    GltfCameras(Map<String, Object> gltf) {
        List<Object> listed = JsonReader.list(gltf, "cameras", "");
        for (int i = 0; i < listed.size(); i++) {
            String place = "cameras[" + i + "]";
            cameras.add(camera(JsonReader.map(listed.get(i), place), place));
        }
    }

    private static Map<String, Object> camera(Map<String, Object> c, String place) {
        String type = PlainData.text(c.get("type"), "");
        Map<String, Object> of =
                JsonReader.mapIn(c, type.equals("orthographic") ? "orthographic" : "perspective", place);
        Map<String, Object> out = PlainData.map(
                "type", type, "name", c.get("name") instanceof String s ? s : null, "extras", extras(c, place));
        switch (type) {
            case "orthographic" -> {
                String at = place + ".orthographic";
                out.put(
                        "orthographic",
                        PlainData.map(
                                "xmag",
                                needed(of, "xmag", at),
                                "ymag",
                                needed(of, "ymag", at),
                                "znear",
                                JsonReader.positive(of, "znear", at, true),
                                "zfar",
                                JsonReader.positive(of, "zfar", at, false)));
            }
            case "perspective" -> {
                String at = place + ".perspective";
                double fovY = needed(of, "yfov", at);
                if (fovY >= Math.PI) {
                    throw new FileProblem(at + ".yfov", "is " + fovY + "; it is an angle in radians under pi");
                }
                out.put(
                        "perspective",
                        PlainData.map(
                                "yfov",
                                fovY,
                                "aspectRatio",
                                JsonReader.positive(of, "aspectRatio", at, false),
                                "znear",
                                JsonReader.positive(of, "znear", at, false),
                                "zfar",
                                JsonReader.positive(of, "zfar", at, false)));
            }
            default ->
                throw new FileProblem(
                        place + ".type", "\"" + FileProblem.shown(type) + "\" is neither perspective nor orthographic");
        }
        return out;
    }

    /** What a file says of a camera besides is kept as it is; of what is ours, only what a camera can have. */
    private static Object extras(Map<String, Object> c, String place) {
        try {
            OpticsForm.of(PlainData.map(PlainData.map(c.get("extras")).get("rhombus")));
        } catch (IllegalArgumentException e) {
            throw new FileProblem(place + ".extras.rhombus", "cannot be used. " + e.getMessage());
        }
        return c.get("extras");
    }

    private static double needed(Map<String, Object> in, String key, String place) {
        Double d = JsonReader.positive(in, key, place, false);
        if (d == null) {
            throw new FileProblem(place + "." + key, "is missing");
        }
        return d;
    }

    int size() {
        return cameras.size();
    }

    List<Object> normal() {
        return cameras;
    }
}
