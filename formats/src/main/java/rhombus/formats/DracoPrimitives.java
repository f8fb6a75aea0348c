package rhombus.formats;

import java.nio.ByteBuffer;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.draco.DracoMesh;
import rhombus.formats.upload.FileProblem;

/** Primitives that are packed with Draco (KHR_draco_mesh_compression): what it brings takes the place of what accessors would. */
final class DracoPrimitives {
    static final String NAME = "KHR_draco_mesh_compression";

    /** Memory of the decoder for each byte that is packed, and at least: the densest honest meshes take some dozens. */
    private static final long PER_BYTE = 250;

    private static final long LEAST = 64L << 20;
    private static final long MOST = 1L << 30;

    private DracoPrimitives() {}

    /** Fills the accessors that a primitive names, if it is packed. */
    static void fill(Map<String, Object> primitive, Accessors accessors, String place) {
        Object own = PlainData.map(primitive.get("extensions")).get(NAME);
        if (own == null) {
            return;
        }
        String at = place + ".extensions." + NAME;
        Map<String, Object> packed = JsonReader.map(own, at);
        int view = accessors.viewIndex(packed, "bufferView", at);
        if (view < 0) {
            throw new FileProblem(at + ".bufferView", "is missing");
        }
        long mode = JsonReader.whole(primitive, "mode", 4, place);
        if (mode != 4) {
            throw new FileProblem(
                    place + ".mode", "is " + mode + "; what is packed with Draco is read as triangles (4) alone");
        }
        ByteBuffer b = accessors.view(view);
        byte[] bytes = new byte[b.remaining()];
        b.get(bytes);
        try {
            DracoMesh mesh = DracoMesh.of(bytes, Math.min(MOST, LEAST + PER_BYTE * bytes.length));
            Map<String, Object> ids = JsonReader.mapIn(packed, "attributes", at);
            Map<String, Object> attributes = JsonReader.mapIn(primitive, "attributes", place);
            for (String name : ids.keySet()) {
                int accessor = JsonReader.index(attributes, name, accessors.size(), place + ".attributes");
                if (accessor >= 0) {
                    int id = (int) Math.min(Integer.MAX_VALUE, JsonReader.whole(ids, name, 0, at + ".attributes"));
                    int type = accessors.componentType(accessor);
                    accessors.fill(accessor, mesh.vertices(), mesh.attribute(id, type, accessors.width(accessor)));
                }
            }
            int indices = JsonReader.index(primitive, "indices", accessors.size(), place);
            if (indices >= 0) {
                accessors.fillIndices(indices, mesh.triangles() * 3, mesh.indices());
            }
        } catch (DracoMesh.Broken e) {
            throw new FileProblem(at, e.getMessage() + ". Export the file again, or without that extension");
        }
    }
}
