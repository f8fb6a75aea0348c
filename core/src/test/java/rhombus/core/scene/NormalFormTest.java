package rhombus.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;

class NormalFormTest {
    private static final float[] CORNERS = {0, 0, 0, 1, 0, 0, 0, 1, 0};
    private static final int[] TRIANGLE = {0, 1, 2};

    /** Counts how often it is asked. */
    private static final class Counting implements BinaryArrays {
        final ByteBuffer b;
        int asked;

        Counting(byte[] bytes) {
            b = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        }

        @Override
        public float[] floats(int at, int count) {
            asked++;
            float[] f = new float[count];
            b.slice(at, count * 4)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .asFloatBuffer()
                    .get(f);
            return f;
        }

        @Override
        public int[] ints(int at, int count) {
            asked++;
            int[] f = new int[count];
            b.slice(at, count * 4).order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().get(f);
            return f;
        }

        @Override
        public byte[] bytes(int at, int count) {
            asked++;
            byte[] f = new byte[count];
            b.get(at, f);
            return f;
        }
    }

    private static Map<String, Object> triangles(int n) {
        List<Object> meshes = new ArrayList<>();
        List<Object> nodes = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            meshes.add(Map.of("primitives", List.of(Map.of("attributes", Map.of("POSITION", 0), "indices", 1))));
            nodes.add(Map.of("name", "T" + i, "mesh", i));
        }
        return PlainData.map(
                "asset",
                Map.of("version", "2.0"),
                "nodes",
                nodes,
                "meshes",
                meshes,
                "accessors",
                List.of(
                        Map.of("bufferView", 0, "count", 3, "min", List.of(0, 0, 0), "max", List.of(1, 1, 0)),
                        Map.of("bufferView", 1, "count", 3)),
                "bufferViews",
                List.of(Map.of("byteOffset", 0), Map.of("byteOffset", 36)));
    }

    private static byte[] geometry() {
        ByteBuffer b = ByteBuffer.allocate(48).order(ByteOrder.LITTLE_ENDIAN);
        for (float f : CORNERS) {
            b.putFloat(f);
        }
        for (int i : TRIANGLE) {
            b.putInt(i);
        }
        return b.array();
    }

    /** As the writer puts them: both counts, the edges, a byte a triangle, padded to four bytes. */
    private static byte[] edges(int n) {
        MeshEdges e = MeshEdges.of(CORNERS, TRIANGLE);
        ByteBuffer b = ByteBuffer.allocate(n * (8 + 12 + 4)).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < n; i++) {
            b.putInt(e.edges().length).putInt(e.strong());
            for (int v : e.edges()) {
                b.putInt(v);
            }
            b.put(java.util.Arrays.copyOf(e.marks(), 4));
        }
        return b.array();
    }

    /** Opening must stay in proportion to what there is: a few reads a mesh, however many there are. */
    @ParameterizedTest
    @ValueSource(ints = {10, 100, 3000})
    void openingReadsEachMeshAFewTimes(int n) {
        Counting geometry = new Counting(geometry());
        Scene s = NormalForm.read(triangles(n), geometry);
        assertThat(s.meshes()).hasSize(n);
        assertThat(geometry.asked).isEqualTo(2 * n);
        Counting edges = new Counting(edges(n));
        NormalForm.attachEdges(s, edges);
        NormalForm.marksOffsets(s);
        assertThat(edges.asked).isLessThanOrEqualTo(4 * n);
    }

    @Test
    void theMarksOfEachMeshAreFoundWhereTheyWereWritten() {
        Scene s = NormalForm.read(triangles(5), new Counting(geometry()));
        byte[] file = edges(5);
        NormalForm.attachEdges(s, new Counting(file));
        int[] at = NormalForm.marksOffsets(s);
        for (int i = 0; i < 5; i++) {
            assertThat(file[at[i]]).isEqualTo(MeshEdges.of(CORNERS, TRIANGLE).marks()[0]);
            assertThat(s.meshes().get(i).edgeCount()).isEqualTo(3);
            assertThat(s.meshes().get(i).strongEdges()).isEqualTo(3);
            assertThat(s.meshes().get(i).edgeEnd(2)).isEqualTo(s.meshes().get(i).edgeStart(0));
        }
        assertThat(s.bounds().max()).isEqualTo(new Vec3(1, 1, 0));
    }
}
