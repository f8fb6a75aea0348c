package rhombus.formats;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Coarser;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.scene.NormalForm;
import tools.jackson.databind.json.JsonMapper;

/** What lies beside the geometry of a scene so that it can be drawn: the edges of its meshes, and their coarser triangles. */
public final class Beside {
    private final ByteArrayOutputStream edges = new ByteArrayOutputStream();
    private final ByteArrayOutputStream levels = new ByteArrayOutputStream();

    Beside() {}

    /** Of a kept scene that has none of it yet. */
    @SuppressWarnings("unchecked")
    public static Beside of(byte[] glb) {
        ByteBuffer b = ByteBuffer.wrap(glb).order(ByteOrder.LITTLE_ENDIAN);
        int json = b.getInt(12);
        Map<String, Object> gltf =
                JsonMapper.builder().build().readValue(Arrays.copyOfRange(glb, 20, 20 + json), Map.class);
        Beside out = new Beside();
        for (Mesh m : NormalForm.read(gltf, new ByteArrays(glb, 28 + json)).meshes()) {
            out.add(m.positions(), m.triangles(), null);
        }
        return out;
    }

    /** The next mesh; {@link NormalForm} tells how it is written. */
    void add(float[] positions, int[] triangles, byte[] sides) {
        MeshEdges e = MeshEdges.of(positions, triangles, sides);
        put(edges, Bytes.of(e.edges().length, e.strong()));
        put(edges, Bytes.of(e.edges()));
        byte[] marks = e.marks();
        put(edges, Arrays.copyOf(marks, (int) Bytes.padded(marks.length)));
        List<Mesh.Level> coarser = Coarser.levels(positions, triangles, e);
        put(levels, Bytes.of(coarser.size()));
        for (Mesh.Level l : coarser) {
            put(levels, Bytes.of(new float[] {l.bound()}));
            put(levels, Bytes.of(l.triangles().length / 3));
            put(levels, Bytes.of(l.triangles()));
        }
    }

    private static void put(ByteArrayOutputStream out, byte[] b) {
        out.write(b, 0, b.length);
    }

    /** Modelled edges, and the marks of the sides of triangles, of all meshes. */
    public byte[] edges() {
        return edges.toByteArray();
    }

    /** Coarser triangles of all meshes. */
    public byte[] levels() {
        return levels.toByteArray();
    }
}
