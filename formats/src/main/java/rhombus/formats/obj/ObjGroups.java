package rhombus.formats.obj;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.Assembly;
import rhombus.formats.model.IndexedCorners;
import rhombus.formats.model.ModelPart;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadLimits;

/** The objects of a file, the groups in them, and what each has of every material. */
final class ObjGroups {
    /** What belongs together in a part. */
    private record Key(Mesh.Kind kind, int material, boolean flat) {}

    private record Place(String object, String group) {}

    private final Map<Place, Map<Key, IndexedCorners>> places = new LinkedHashMap<>();
    private final UploadLimits limits;
    private Place now = new Place(null, null);
    private Map<Key, IndexedCorners> here;
    private Key lastKey;
    private IndexedCorners last;

    ObjGroups(UploadLimits limits) {
        this.limits = limits;
    }

    void object(String name) {
        go(new Place(name, null));
    }

    void group(String name) {
        go(new Place(now.object, name.isEmpty() ? null : name));
    }

    private void go(Place to) {
        if (!to.equals(now)) {
            now = to;
            here = null;
            last = null;
        }
    }

    /** Where the next elements of a sort are gathered. */
    IndexedCorners of(Mesh.Kind kind, int material, boolean flat) {
        if (last != null && lastKey.kind == kind && lastKey.material == material && lastKey.flat == flat) {
            return last;
        }
        if (here == null) {
            if (places.size() >= limits.nodes()) {
                throw new FileProblem(
                        "", "The file has more than " + limits.nodes() + " groups. Join some and export it again");
            }
            here = places.computeIfAbsent(now, p -> new LinkedHashMap<>());
        }
        lastKey = new Key(kind, material, flat);
        last = here.computeIfAbsent(lastKey, k -> new IndexedCorners(kind));
        return last;
    }

    /** Whether nothing was gathered. */
    boolean isEmpty() {
        return places.isEmpty();
    }

    /** Gives a part of what was gathered for a material. */
    interface Finish {
        ModelPart part(IndexedCorners c, int material);
    }

    /** Writes objects and groups as nodes, with meshes where something was gathered. */
    void into(Assembly out, String title, Finish finish) {
        Map<String, Integer> objects = new LinkedHashMap<>();
        places.forEach((place, parts) -> {
            List<ModelPart> made = new ArrayList<>();
            parts.forEach((key, c) -> {
                if (c.count() > 0) {
                    made.add(finish.part(c, key.material));
                }
            });
            Integer mesh = made.isEmpty() ? null : out.mesh(made);
            int parent = -1;
            if (place.object != null) {
                boolean itself = place.group == null;
                Integer known = objects.get(place.object);
                if (known == null) {
                    known = out.node(-1, PlainData.map("name", place.object, "mesh", itself ? mesh : null));
                    objects.put(place.object, known);
                    if (itself) {
                        return;
                    }
                } else if (itself && !out.node(known).containsKey("mesh") && mesh != null) {
                    out.node(known).put("mesh", mesh);
                    return;
                }
                parent = known;
            }
            String name = place.group != null ? place.group : place.object != null ? place.object : title;
            out.node(parent, PlainData.map("name", name, "mesh", mesh));
        });
    }
}
