package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import rhombus.formats.upload.FileProblem;

/**
 * Unpacks buffer views that are packed for short files (EXT_meshopt_compression, and what KHR_meshopt_compression adds to it). Written
 * after the specification's description of the bit streams.
 */
final class MeshoptBuffers {
    static final String NAME = "EXT_meshopt_compression";
    static final String LATER = "KHR_meshopt_compression";

    private static final int GROUP = 16;
    private static final int[][] BITS = {{0, 2, 4, 8}, {0, 1, 2, 4}, {1, 2, 4, 8}};

    private final byte[] in;
    private final int count;
    private final int stride;
    private int at = 1;

    private MeshoptBuffers(byte[] in, int count, int stride) {
        this.in = in;
        this.count = count;
        this.stride = stride;
    }

    /**
     * Unpacks a view.
     *
     * @param mode ATTRIBUTES, TRIANGLES or INDICES
     * @param filter NONE, OCTAHEDRAL, QUATERNION, EXPONENTIAL or COLOR
     * @throws FileProblem if it is broken
     */
    static byte[] unpacked(byte[] in, int count, int stride, String mode, String filter, String place) {
        MeshoptBuffers m = new MeshoptBuffers(in, count, stride);
        try {
            return switch (mode) {
                case "ATTRIBUTES" -> filtered(m.attributes(place), filter, count, stride, place);
                case "TRIANGLES" -> m.triangles(place);
                case "INDICES" -> m.indices(place);
                default ->
                    throw new FileProblem(
                            place + ".mode",
                            "\"" + FileProblem.shown(mode) + "\" is none of ATTRIBUTES, TRIANGLES and INDICES");
            };
        } catch (ArrayIndexOutOfBoundsException e) {
            throw new FileProblem(
                    place, "ends before all of it could be unpacked. The file is broken; export it again");
        }
    }

    private int u8() {
        return in[at++] & 0xFF;
    }

    private static FileProblem wrong(String place, String what) {
        return new FileProblem(place, what + ". The file is broken; export it again");
    }

    private static int unzigzag(int v) {
        return (v & 1) != 0 ? ~(v >>> 1) : v >>> 1;
    }

    // ---- attributes ------------------------------------------------------------------------------------------------

    private byte[] attributes(String place) {
        int version = in[0] & 0x0F;
        if ((in[0] & 0xF0) != 0xA0 || version > 1 || stride % 4 != 0 || stride < 4 || stride > 256) {
            throw wrong(place, "holds no packed attributes");
        }
        int most = Math.min(0x2000 / stride & ~0x0F, 0x100);
        int tail = version == 0 ? stride : stride + stride / 4;
        int tailAt = in.length - tail;
        if (tailAt < 1) {
            throw wrong(place, "is too short");
        }
        byte[] last = Arrays.copyOfRange(in, tailAt, tailAt + stride);
        byte[] channels = version == 0 ? new byte[stride / 4] : Arrays.copyOfRange(in, tailAt + stride, in.length);
        byte[] out = new byte[count * stride];
        byte[] deltas = new byte[(most + GROUP) * stride];
        for (int first = 0; first < count; first += most) {
            int n = Math.min(count - first, most);
            Arrays.fill(deltas, (byte) 0);
            int control = at;
            at += version == 0 ? 0 : stride / 4;
            for (int k = 0; k < stride; k++) {
                int mode = version == 0 ? 0 : (in[control + (k >>> 2)] & 0xFF) >>> ((k & 3) << 1) & 3;
                column(deltas, k * (most + GROUP), n, mode, version);
            }
            for (int e = 0; e < n; e++) {
                for (int k = 0; k < stride; k += 4) {
                    four(deltas, most + GROUP, e, k, channels[k / 4] & 0xFF, last, place);
                }
                System.arraycopy(last, 0, out, (first + e) * stride, stride);
            }
        }
        if (at != in.length - Math.max(tail, version == 0 ? 32 : 24)) {
            throw wrong(place, "has another length than what it holds");
        }
        return out;
    }

    /** The differences of one byte of each element of a block. */
    private void column(byte[] deltas, int to, int n, int mode, int version) {
        if (mode == 2) {
            return;
        }
        if (mode == 3) {
            System.arraycopy(in, at, deltas, to, n);
            at += n;
            return;
        }
        int groups = (n + GROUP - 1) / GROUP;
        int header = at;
        at += (groups + 3) / 4;
        for (int g = 0; g < groups; g++) {
            int bits = BITS[version == 0 ? 0 : mode + 1][(in[header + (g >>> 2)] & 0xFF) >>> ((g & 3) << 1) & 3];
            group(deltas, to + g * GROUP, bits);
        }
    }

    private void group(byte[] deltas, int to, int bits) {
        if (bits == 0) {
            return;
        }
        if (bits == 8) {
            System.arraycopy(in, at, deltas, to, GROUP);
            at += GROUP;
            return;
        }
        int from = at;
        at += bits * 2;
        int all = (1 << bits) - 1;
        int each = 8 / bits;
        for (int i = 0; i < GROUP; i++) {
            // One bit is told from the lowest up, several from the highest down.
            int place = bits == 1 ? i % 8 : 8 - bits - i % each * bits;
            int v = (in[from + i / each] & 0xFF) >>> place & all;
            deltas[to + i] = v == all ? (byte) u8() : (byte) v;
        }
    }

    private static void four(byte[] deltas, int column, int e, int k, int channel, byte[] last, String place) {
        switch (channel & 3) {
            case 0 -> {
                for (int b = k; b < k + 4; b++) {
                    last[b] += (byte) unzigzag(deltas[b * column + e] & 0xFF);
                }
            }
            case 1 -> {
                for (int b = k; b < k + 4; b += 2) {
                    int d = deltas[b * column + e] & 0xFF | (deltas[(b + 1) * column + e] & 0xFF) << 8;
                    int v = (last[b] & 0xFF | (last[b + 1] & 0xFF) << 8) + unzigzag(d);
                    last[b] = (byte) v;
                    last[b + 1] = (byte) (v >>> 8);
                }
            }
            case 2 -> {
                int d = 0;
                int v = 0;
                for (int b = 3; b >= 0; b--) {
                    d = d << 8 | deltas[(k + b) * column + e] & 0xFF;
                    v = v << 8 | last[k + b] & 0xFF;
                }
                v ^= Integer.rotateRight(d, channel >>> 4);
                for (int b = 0; b < 4; b++) {
                    last[k + b] = (byte) (v >>> 8 * b);
                }
            }
            default -> throw wrong(place, "has a channel of a sort that is not known");
        }
    }

    // ---- filters ---------------------------------------------------------------------------------------------------

    private static byte[] filtered(byte[] v, String filter, int count, int stride, String place) {
        ByteBuffer b = ByteBuffer.wrap(v).order(ByteOrder.LITTLE_ENDIAN);
        boolean fits = stride == 8 || stride == 4 && !filter.equals("QUATERNION");
        switch (filter) {
            case "NONE" -> {}
            case "EXPONENTIAL" -> {
                for (int i = 0; i + 4 <= v.length; i += 4) {
                    int w = b.getInt(i);
                    b.putFloat(i, (float) Math.scalb((double) (w << 8 >> 8), w >> 24));
                }
            }
            case "OCTAHEDRAL", "QUATERNION", "COLOR" -> {
                if (!fits) {
                    throw new FileProblem(place + ".byteStride", "is " + stride + ", which the filter is not for");
                }
                for (int i = 0; i < count; i++) {
                    if (filter.equals("OCTAHEDRAL")) {
                        octahedral(b, i * stride, stride);
                    } else if (filter.equals("QUATERNION")) {
                        quaternion(b, i * stride);
                    } else {
                        color(b, i * stride, stride);
                    }
                }
            }
            default -> throw new FileProblem(place + ".filter", "\"" + FileProblem.shown(filter) + "\" is no filter");
        }
        return v;
    }

    private static int get(ByteBuffer b, int at, int stride, int k) {
        return stride == 4 ? b.get(at + k) : b.getShort(at + k * 2);
    }

    private static void put(ByteBuffer b, int at, int stride, int k, double v) {
        if (stride == 4) {
            b.put(at + k, (byte) Math.round(v));
        } else {
            b.putShort(at + k * 2, (short) Math.round(v));
        }
    }

    private static void octahedral(ByteBuffer b, int at, int stride) {
        double one = get(b, at, stride, 2);
        double x = get(b, at, stride, 0) / one;
        double y = get(b, at, stride, 1) / one;
        double z = 1 - Math.abs(x) - Math.abs(y);
        double t = Math.max(-z, 0);
        x -= x >= 0 ? t : -t;
        y -= y >= 0 ? t : -t;
        double h = (stride == 4 ? 127 : 32767) / Math.sqrt(x * x + y * y + z * z);
        put(b, at, stride, 0, x * h);
        put(b, at, stride, 1, y * h);
        put(b, at, stride, 2, z * h);
    }

    private static void quaternion(ByteBuffer b, int at) {
        int told = b.getShort(at + 6);
        double s = Math.sqrt(0.5) / (told | 3);
        double x = b.getShort(at) * s;
        double y = b.getShort(at + 2) * s;
        double z = b.getShort(at + 4) * s;
        double w = Math.sqrt(Math.max(0, 1 - x * x - y * y - z * z));
        double[] v = {w, x, y, z};
        for (int k = 0; k < 4; k++) {
            put(b, at, 8, ((told & 3) + k) % 4, v[k] * 32767);
        }
    }

    /** Luma and two differences to red, green and blue; the highest bit of the fourth tells how many bits there are. */
    private static void color(ByteBuffer b, int at, int stride) {
        int mask = stride == 4 ? 0xFF : 0xFFFF;
        int y = get(b, at, stride, 0) & mask;
        int co = get(b, at, stride, 1);
        int cg = get(b, at, stride, 2);
        int alpha = get(b, at, stride, 3) & mask;
        int as = (1 << 32 - Integer.numberOfLeadingZeros(alpha)) - 1;
        int a = alpha & as >> 1;
        double k = as == 0 ? 0 : (double) mask / as;
        put(b, at, stride, 0, (y + co - cg) * k);
        put(b, at, stride, 1, (y + cg) * k);
        put(b, at, stride, 2, (y - co - cg) * k);
        put(b, at, stride, 3, (a << 1 | a & 1) * k);
    }

    // ---- indices ---------------------------------------------------------------------------------------------------

    private int varying() {
        int n = 0;
        for (int shift = 0; ; shift += 7) {
            int b = u8();
            n |= (b & 0x7F) << shift;
            if (b < 0x80) {
                return n;
            }
            if (shift > 28) {
                throw new ArrayIndexOutOfBoundsException();
            }
        }
    }

    private byte[] bytes(int[] v, String place) {
        ByteBuffer b = ByteBuffer.allocate(count * stride).order(ByteOrder.LITTLE_ENDIAN);
        for (int i : v) {
            if (stride == 2) {
                b.putShort((short) i);
            } else {
                b.putInt(i);
            }
        }
        return b.array();
    }

    private byte[] indices(String place) {
        if ((in[0] & 0xFF) != 0xD1 || stride != 2 && stride != 4) {
            throw wrong(place, "holds no packed indices");
        }
        int[] last = new int[2];
        int[] out = new int[count];
        for (int i = 0; i < count; i++) {
            int v = varying();
            last[v & 1] += unzigzag(v >>> 1);
            out[i] = last[v & 1];
        }
        return bytes(out, place);
    }

    private final int[] edges = new int[32];
    private final int[] recent = new int[16];
    private int next;
    private int lastIndex;
    private int edgeAt;
    private int recentAt;

    private int edge(int back, int end) {
        return edges[(edgeAt - 1 - back & 15) * 2 + end];
    }

    private void keep(int a, int b) {
        edges[(edgeAt & 15) * 2] = a;
        edges[(edgeAt & 15) * 2 + 1] = b;
        edgeAt++;
    }

    private int recent(int back) {
        return recent[recentAt - 1 - back & 15];
    }

    private int seen(int v) {
        recent[recentAt++ & 15] = v;
        return v;
    }

    private int far() {
        lastIndex += unzigzag(varying());
        return lastIndex;
    }

    private byte[] triangles(String place) {
        if ((in[0] & 0xFF) != 0xE1 || stride != 2 && stride != 4 || count % 3 != 0) {
            throw wrong(place, "holds no packed triangles");
        }
        int n = count / 3;
        int[] out = new int[count];
        int aux = in.length - 16;
        if (aux < 1 + n) {
            throw wrong(place, "is too short");
        }
        at = 1 + n;
        for (int i = 0; i < n; i++) {
            int code = in[1 + i] & 0xFF;
            int high = code >>> 4;
            int low = code & 15;
            int a;
            int b;
            int c;
            if (high < 15) {
                a = edge(high, 0);
                b = edge(high, 1);
                c = switch (low) {
                    case 0 -> seen(next++);
                    case 13 -> seen(--lastIndex);
                    case 14 -> seen(++lastIndex);
                    case 15 -> seen(far());
                    default -> recent(low);
                };
                keep(c, b);
                keep(a, c);
            } else {
                int e = low < 14 ? in[aux + low] & 0xFF : u8();
                if (low >= 14 && e == 0) {
                    next = 0;
                }
                int z = e >>> 4;
                int w = e & 15;
                boolean whole = low >= 14;
                a = low == 15 ? far() : next++;
                b = z == 0 ? next++ : whole && z == 15 ? far() : recent(z - 1);
                c = w == 0 ? next++ : whole && w == 15 ? far() : recent(w - 1);
                seen(a);
                if (z == 0 || whole && z == 15) {
                    seen(b);
                }
                if (w == 0 || whole && w == 15) {
                    seen(c);
                }
                keep(b, a);
                keep(c, b);
                keep(a, c);
            }
            out[i * 3] = a;
            out[i * 3 + 1] = b;
            out[i * 3 + 2] = c;
        }
        return bytes(out, place);
    }
}
