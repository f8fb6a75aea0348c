package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Map;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import tools.jackson.databind.json.JsonMapper;

/** Reads a kept scene back on the JVM, as the browser does there. */
public final class NormalReader {
    private NormalReader() {}

    /** The scene with edges, coarser triangles and hierarchies attached. */
    @SuppressWarnings("unchecked")
    public static Scene read(Imported i) {
        ByteBuffer b = ByteBuffer.wrap(i.glb()).order(ByteOrder.LITTLE_ENDIAN);
        int json = b.getInt(12);
        byte[] text = new byte[json];
        b.get(20, text);
        Map<String, Object> gltf = JsonMapper.builder().build().readValue(text, Map.class);
        Scene scene = NormalForm.read(gltf, new ByteArrays(i.glb(), 28 + json));
        NormalForm.attachEdges(scene, new ByteArrays(i.edges(), 0));
        NormalForm.attachLevels(scene, new ByteArrays(i.levels(), 0));
        NormalForm.attachHierarchies(scene, new ByteArrays(i.hierarchies(), 0));
        return scene;
    }
}
