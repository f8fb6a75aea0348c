package rhombus.formats.out;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes binary STL: triangles with their normals, nothing else. */
public final class StlExport {
    private static final int HEADER = 84;
    private static final int FACET = 50;

    private final ExportedSelection taken;

    /** What is to be written. */
    public StlExport(ExportedSelection taken) {
        this.taken = taken;
    }

    /** Length of the file, bytes. */
    public long length() {
        return HEADER + FACET * taken.triangles();
    }

    /** Writes the file. */
    public void write(OutputStream to) throws IOException {
        ByteBuffer b = ByteBuffer.allocate(FACET * 1024).order(ByteOrder.LITTLE_ENDIAN);
        byte[] header = new byte[80];
        byte[] words = "Triangles by Rhombus".getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(words, 0, header, 0, words.length);
        b.put(header).putInt((int) taken.triangles());
        to.write(b.array(), 0, b.position());
        b.clear();
        double[] p = new double[9];
        for (ExportedSelection.Thing t : taken.things()) {
            VertexPlacement place = new VertexPlacement(t.matrix());
            for (ExportSurface s : taken.surfaces(t)) {
                if (!s.isFaces()) {
                    continue;
                }
                int[] tri = s.triangles();
                for (int i = 0; i < tri.length; i += 3) {
                    for (int k = 0; k < 3; k++) {
                        place.point(s, tri[i + (place.mirrored ? 2 - k : k)]);
                        System.arraycopy(place.out, 0, p, k * 3, 3);
                    }
                    facet(b, p);
                    if (b.remaining() < FACET) {
                        to.write(b.array(), 0, b.position());
                        b.clear();
                    }
                }
            }
        }
        to.write(b.array(), 0, b.position());
    }

    private static void facet(ByteBuffer b, double[] p) {
        double ux = p[3] - p[0];
        double uy = p[4] - p[1];
        double uz = p[5] - p[2];
        double vx = p[6] - p[0];
        double vy = p[7] - p[1];
        double vz = p[8] - p[2];
        double x = uy * vz - uz * vy;
        double y = uz * vx - ux * vz;
        double z = ux * vy - uy * vx;
        double length = Math.sqrt(x * x + y * y + z * z);
        double k = length > 0 ? 1 / length : 0;
        b.putFloat((float) (x * k)).putFloat((float) (y * k)).putFloat((float) (z * k));
        for (double d : p) {
            b.putFloat((float) d);
        }
        b.putShort((short) 0);
    }
}
