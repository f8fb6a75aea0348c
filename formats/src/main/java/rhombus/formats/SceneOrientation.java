package rhombus.formats;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.NumberText;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.LengthUnit;

/**
 * Which way is up in a scene and what its numbers are in, where its file says neither: kept in the document's own notes, and
 * as the scale of what stands at the top.
 *
 * @param up the axis that points upwards
 * @param unit what the file's numbers are in; null where the format says it
 */
public record SceneOrientation(UpAxis up, LengthUnit unit) {
    /** What a document in normal form says. */
    public static SceneOrientation of(Map<String, Object> gltf) {
        Map<String, Object> own = own(gltf);
        return new SceneOrientation(
                "Z".equals(own.get("upAxis")) ? UpAxis.Z : UpAxis.Y,
                LengthUnit.of(PlainData.text(own.get("unit"), "")));
    }

    /**
     * How large a kept scene would be if its numbers were in a unit: along X, Y and Z, in words.
     *
     * @return null where the format says how large it is
     */
    public static String size(KeptScene kept, LengthUnit unit) {
        SceneOrientation is = of(kept.gltf());
        if (is.unit == null) {
            return null;
        }
        Vec3 size = kept.scene().bounds().size().times(unit.metres() / is.unit.metres());
        return NumberText.words(size.x()) + " × " + NumberText.words(size.y()) + " × " + NumberText.words(size.z());
    }

    private static Map<String, Object> own(Map<String, Object> gltf) {
        return PlainData.map(
                PlainData.map(PlainData.map(gltf.get("asset")).get("extras")).get("rhombus"));
    }

    /**
     * Changes a document, so that it stands like this.
     *
     * @throws IllegalStateException if its format says so much itself that there is nothing to choose
     */
    public void into(Map<String, Object> gltf) {
        SceneOrientation was = of(gltf);
        if (was.unit == null || unit == null) {
            throw new IllegalStateException("the format says which way is up and how large things are");
        }
        List<Object> scenes = PlainData.list(gltf.get("scenes"));
        for (Object root : PlainData.list(PlainData.map(scenes.get(0)).get("nodes"))) {
            Map<String, Object> node =
                    PlainData.map(PlainData.list(gltf.get("nodes")).get(PlainData.whole(root, 0)));
            LengthUnit.scale(node, unit.metres() / was.unit.metres());
        }
        Map<String, Object> own = new LinkedHashMap<>(own(gltf));
        own.put("upAxis", up.name());
        own.put("unit", unit.words());
        PlainData.map(gltf.get("asset")).put("extras", PlainData.map("rhombus", own));
    }
}
