package rhombus.formats.out;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;

/** What a format cannot hold of a scene, told before a file is made. */
final class FormatLosses {
    private FormatLosses() {}

    static List<String> of(SceneExport.Format format, ExportedSelection taken, Scene scene, Map<String, Object> gltf) {
        boolean tree = format == SceneExport.Format.GLB || format == SceneExport.Format.GLTF;
        List<String> out = new ArrayList<>();
        Map<String, Object> left = PlainData.map(
                PlainData.map(PlainData.map(PlainData.map(gltf.get("asset")).get("extras"))
                                .get("rhombus"))
                        .get("left"));
        add(out, PlainData.whole(left.get("clips"), 0), "animation clip is left out", "animation clips are left out");
        add(
                out,
                PlainData.whole(left.get("skins"), 0),
                "skin is left out, its mesh in the rest pose is not",
                "skins are left out, their meshes in the rest pose are not");
        add(
                out,
                PlainData.whole(left.get("morphs"), 0),
                "mesh loses its morph targets",
                "meshes lose their morph targets");
        if (tree) {
            long pictures = scene.nodes().stream()
                    .filter(n -> !n.gone() && n.picture() != null)
                    .count();
            add(out, pictures, "picture behind views has no place in it", "pictures behind views have no place in it");
            add(
                    out,
                    scene.layers().size(),
                    "layer is left out, its objects are not",
                    "layers are left out, their objects are not");
            return out;
        }
        add(out, taken.hidden(), "hidden object is left out", "hidden objects are left out");
        add(
                out,
                taken.cameras(),
                "camera is left out; save the cameras as a table",
                "cameras are left out; save them as a table");
        add(out, taken.lights(), "light is left out", "lights are left out");
        boolean nested = scene.nodes().stream().anyMatch(n -> !n.gone() && n.parent() >= 0);
        if (format == SceneExport.Format.OBJ) {
            if (nested) {
                out.add("The tree of objects is left out: each stands by itself, where it is.");
            }
            if (anyTexture(gltf, "pbrMetallicRoughness", "metallicRoughnessTexture")
                    || anyTexture(gltf, "occlusionTexture")) {
                out.add("Textures for roughness, metal and shadow in corners are left out.");
            }
            if (anySecond(gltf, "normalTexture") || anySecond(gltf, "emissiveTexture")) {
                out.add("Textures that lie otherwise than the first of their material are left out.");
            }
            if (!PlainData.list(gltf.get("samplers")).isEmpty()) {
                out.add("How textures go on beyond their edges and between their dots is left out.");
            }
        } else {
            if (taken.objects() > 1) {
                out.add("All objects become one, without their names.");
            }
            if (!taken.materials().isEmpty()) {
                out.add("Materials and textures are left out.");
            }
        }
        if (format == SceneExport.Format.STL) {
            add(out, taken.count(Mesh.Kind.LINES), "line is left out", "lines are left out");
            add(out, taken.count(Mesh.Kind.POINTS), "point is left out", "points are left out");
            if (taken.any("COLOR_0")) {
                out.add("Colours of vertices are left out.");
            }
            if (taken.any("NORMAL")) {
                out.add("Smooth surfaces become flat faces.");
            }
        }
        if (format == SceneExport.Format.PLY && taken.triangles() + taken.count(Mesh.Kind.LINES) > 0) {
            add(
                    out,
                    taken.count(Mesh.Kind.POINTS),
                    "point becomes a vertex that nothing tells from those of faces and lines",
                    "points become vertices that nothing tells from those of faces and lines");
        }
        return out;
    }

    private static void add(List<String> out, long n, String one, String many) {
        if (n > 0) {
            out.add(n + " " + (n == 1 ? one : many) + ".");
        }
    }

    private static boolean anySecond(Map<String, Object> gltf, String key) {
        return PlainData.list(gltf.get("materials")).stream()
                .anyMatch(m -> MtlExport.isSecond(PlainData.map(PlainData.map(m).get(key))));
    }

    private static boolean anyTexture(Map<String, Object> gltf, String... path) {
        return PlainData.list(gltf.get("materials")).stream().anyMatch(m -> {
            Object at = m;
            for (String key : path) {
                at = PlainData.map(at).get(key);
            }
            return at != null;
        });
    }
}
