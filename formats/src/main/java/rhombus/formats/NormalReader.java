package rhombus.formats;

import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;

/** Reads a kept scene back on the JVM, as the browser does there. */
public final class NormalReader {
    private NormalReader() {}

    /** The scene with edges, coarser triangles and hierarchies attached. */
    public static Scene read(ImportedScene i) {
        return read(i.glb(), i.edges(), i.levels(), i.hierarchies());
    }

    /** The same of its files. */
    public static Scene read(byte[] glb, byte[] edges, byte[] levels, byte[] hierarchies) {
        Scene scene = KeptScene.of(glb).scene(glb);
        NormalForm.attachEdges(scene, new ByteArrays(edges, 0));
        NormalForm.attachLevels(scene, new ByteArrays(levels, 0));
        NormalForm.attachHierarchies(scene, new ByteArrays(hierarchies, 0));
        return scene;
    }
}
