package rhombus.formats.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;

/** Puts together the document of a model that comes in another format than glTF. */
public final class Assembly {
    private final List<Object> nodes = new ArrayList<>();
    private final List<Object> roots = new ArrayList<>();
    private final List<Object> materials = new ArrayList<>();
    private final List<Object> textures = new ArrayList<>();
    private final List<Object> images = new ArrayList<>();
    private final Map<String, Integer> imageNumbers = new HashMap<>();
    private final Map<Integer, List<Object>> children = new HashMap<>();
    private final List<List<ModelPart>> meshes = new ArrayList<>();

    /** Adds a mesh; gives its number. */
    public int mesh(List<ModelPart> parts) {
        meshes.add(parts);
        return meshes.size() - 1;
    }

    /** Adds a node below another one, or at the top for -1; gives its number. */
    public int node(int parent, Map<String, Object> node) {
        nodes.add(node);
        int number = nodes.size() - 1;
        if (parent < 0) {
            roots.add(number);
        } else {
            PlainData.map(nodes.get(parent)).put("children", children.computeIfAbsent(parent, p -> new ArrayList<>()));
            children.get(parent).add(number);
        }
        return number;
    }

    /** The document's entry of a node. */
    public Map<String, Object> node(int number) {
        return PlainData.map(nodes.get(number));
    }

    /** How many nodes there are. */
    public int nodes() {
        return nodes.size();
    }

    /** Adds a material; gives its number. */
    public int material(Map<String, Object> material) {
        materials.add(material);
        return materials.size() - 1;
    }

    /** How many materials there are. */
    public int materials() {
        return materials.size();
    }

    /** A texture of an image file that is named by its address in the upload, as materials name it. */
    public Map<String, Object> texture(String uri) {
        int number = imageNumbers.computeIfAbsent(uri, u -> {
            images.add(PlainData.map("uri", u));
            textures.add(PlainData.map("source", images.size() - 1));
            return textures.size() - 1;
        });
        return PlainData.map("index", number);
    }

    /**
     * The model.
     *
     * @param up which way is up in it
     * @param unit what its numbers are in; what stands at the top is scaled to metres
     * @param asked whether the file says neither of the two itself, so that both can be changed later
     */
    public ReadModel model(
            String title, UpAxis up, LengthUnit unit, boolean asked, ImageSource source, ImportNotes notes) {
        for (Object root : roots) {
            LengthUnit.scale(PlainData.map(nodes.get((Integer) root)), unit.metres());
        }
        Map<String, Object> own = PlainData.map("upAxis", up.name());
        if (asked) {
            own.put("unit", unit.words());
        }
        Map<String, Object> gltf = PlainData.map(
                "asset", PlainData.map("version", "2.0", "extras", PlainData.map("rhombus", own)),
                "scene", 0,
                "scenes", List.of(PlainData.map("nodes", roots)),
                "nodes", nodes,
                "materials", materials,
                "textures", textures,
                "images", images);
        return new ReadModel(title, gltf, meshes, source, notes);
    }
}
