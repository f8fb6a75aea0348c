package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/**
 * Invented triangles, written in each format by hand from its own description.
 *
 * @param corners nine numbers a triangle, each one that a float holds
 */
record Solids(float[] corners) {
    static Arbitrary<Solids> any() {
        Arbitrary<Float> number = Arbitraries.integers().between(-4000, 4000).map(i -> i / 8f);
        return Combinators.combine(Arbitraries.integers().between(1, 30), Arbitraries.longs())
                .flatAs((n, s) -> number.array(float[].class).ofSize(n * 9))
                .map(Solids::new)
                .filter(Solids::solid);
    }

    private boolean solid() {
        for (int i = 0; i < corners.length; i += 9) {
            boolean same = true;
            for (int k = 0; k < 3; k++) {
                same &= corners[i + k] == corners[i + 3 + k] && corners[i + k] == corners[i + 6 + k];
            }
            if (same) {
                return false;
            }
        }
        return true;
    }

    int count() {
        return corners.length / 9;
    }

    byte[] obj() {
        StringBuilder s = new StringBuilder("# invented\no Thing\n");
        for (int i = 0; i < corners.length; i += 3) {
            s.append("v ")
                    .append(corners[i])
                    .append(' ')
                    .append(corners[i + 1])
                    .append(' ')
                    .append(corners[i + 2])
                    .append('\n');
        }
        for (int t = 0; t < count(); t++) {
            s.append("f ")
                    .append(t * 3 + 1)
                    .append(' ')
                    .append(t * 3 + 2)
                    .append(' ')
                    .append(t * 3 + 3)
                    .append("\r\n");
        }
        return bytes(s);
    }

    byte[] stlText() {
        StringBuilder s = new StringBuilder("solid Thing\n");
        for (int t = 0; t < count(); t++) {
            s.append(" facet normal 0 0 0\n  outer loop\n");
            for (int k = 0; k < 9; k += 3) {
                int i = t * 9 + k;
                s.append(
                        String.format(Locale.ROOT, "   vertex %e %e %e%n", corners[i], corners[i + 1], corners[i + 2]));
            }
            s.append("  endloop\n endfacet\n");
        }
        return bytes(s.append("endsolid Thing\n"));
    }

    byte[] stlBinary() {
        ByteBuffer b = ByteBuffer.allocate(84 + 50 * count()).order(ByteOrder.LITTLE_ENDIAN);
        b.put("solid, although binary".getBytes(StandardCharsets.US_ASCII));
        b.position(80);
        b.putInt(count());
        for (int t = 0; t < count(); t++) {
            b.putFloat(0).putFloat(0).putFloat(1);
            for (int k = 0; k < 9; k++) {
                b.putFloat(corners[t * 9 + k]);
            }
            b.putShort((short) 0);
        }
        return b.array();
    }

    byte[] ply(ByteOrder order) {
        String header = "ply\nformat "
                + (order == null
                        ? "ascii"
                        : order == ByteOrder.BIG_ENDIAN ? "binary_big_endian" : "binary_little_endian")
                + " 1.0\ncomment invented\nelement vertex " + count() * 3
                + "\nproperty float x\nproperty float y\nproperty float z\nproperty uchar red\nproperty uchar green\nproperty uchar blue\n"
                + "element face " + count() + "\nproperty list uchar int vertex_indices\nend_header\n";
        if (order == null) {
            StringBuilder s = new StringBuilder(header);
            for (int i = 0; i < corners.length; i += 3) {
                s.append(corners[i])
                        .append(' ')
                        .append(corners[i + 1])
                        .append(' ')
                        .append(corners[i + 2])
                        .append(" 255 0 51\n");
            }
            for (int t = 0; t < count(); t++) {
                s.append("3 ")
                        .append(t * 3)
                        .append(' ')
                        .append(t * 3 + 1)
                        .append(' ')
                        .append(t * 3 + 2)
                        .append('\n');
            }
            return bytes(s);
        }
        ByteBuffer b = ByteBuffer.allocate(header.length() + corners.length * 5 + count() * 13)
                .order(order);
        b.put(header.getBytes(StandardCharsets.US_ASCII));
        for (int i = 0; i < corners.length; i += 3) {
            b.putFloat(corners[i])
                    .putFloat(corners[i + 1])
                    .putFloat(corners[i + 2])
                    .put((byte) 255)
                    .put((byte) 0)
                    .put((byte) 51);
        }
        for (int t = 0; t < count(); t++) {
            b.put((byte) 3).putInt(t * 3).putInt(t * 3 + 1).putInt(t * 3 + 2);
        }
        return b.array();
    }

    byte[] threeMf() {
        StringBuilder s = new StringBuilder(
                "<?xml version='1.0'?><model unit='meter'><resources><object id='1' name='Thing' type='model'><mesh><vertices>");
        for (int i = 0; i < corners.length; i += 3) {
            s.append("<vertex x='" + corners[i] + "' y='" + corners[i + 1] + "' z='" + corners[i + 2] + "'/>");
        }
        s.append("</vertices><triangles>");
        for (int t = 0; t < count(); t++) {
            s.append("<triangle v1='" + t * 3 + "' v2='" + (t * 3 + 1) + "' v3='" + (t * 3 + 2) + "'/>");
        }
        return Opened.package3mf(
                s + "</triangles></mesh></object></resources><build><item objectid='1'/></build></model>");
    }

    private static byte[] bytes(StringBuilder s) {
        return s.toString().getBytes(StandardCharsets.UTF_8);
    }
}
