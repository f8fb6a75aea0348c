package rhombus.formats.ply;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import rhombus.formats.text.TextWords;
import rhombus.formats.upload.FileProblem;

/** The numbers behind a PLY header, entry by entry. */
final class PlyEntries {
    private static final int LONGEST_LIST = 1 << 20;

    private final String file;
    private final TextWords words;
    private final ByteBuffer bytes;
    private final int size;
    /** The single numbers of the entry by property, and the lists. */
    private double[] values = {};

    private double[][] lists = {};
    private int[] lengths = {};

    PlyEntries(PlyHeader h, byte[] all, String file) {
        this.file = file;
        size = all.length;
        words = h.text() ? h.words() : null;
        int start = h.at();
        bytes = h.text()
                ? null
                : ByteBuffer.wrap(all, Math.min(start, all.length), all.length - Math.min(start, all.length))
                        .order(h.bigEndian() ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
    }

    /**
     * Begins with the entries of an element.
     *
     * @throws FileProblem if the file is too short for them
     */
    void begin(PlyHeader.Element e) {
        long least = 0;
        for (PlyHeader.Property p : e.properties()) {
            least += words != null
                    ? 2
                    : p.counted() != null ? p.counted().bytes() : p.type().bytes();
        }
        long left = words != null ? size - words.offset() + 1L : bytes.remaining();
        if (least * e.count() > left) {
            throw new FileProblem(
                    file,
                    "says that it has " + e.count() + " of \"" + FileProblem.shown(e.name()) + "\", but only " + left
                            + " bytes are left for them. The file is cut off; upload it again");
        }
        int n = e.properties().size();
        values = new double[n];
        lists = new double[n][4];
        lengths = new int[n];
    }

    /** Reads the next entry. */
    void read(PlyHeader.Element e) {
        if (words != null) {
            do {
                if (!words.line()) {
                    throw words.wrong("is the last, but more of \"" + FileProblem.shown(e.name())
                            + "\" should follow. The file is cut off; upload it again");
                }
            } while (!words.next());
            words.back();
        }
        for (int i = 0; i < values.length; i++) {
            PlyHeader.Property p = e.properties().get(i);
            if (p.counted() == null) {
                values[i] = number(p.type(), p.name());
                continue;
            }
            double n = number(p.counted(), p.name());
            if (!(n >= 0) || n > LONGEST_LIST || n != Math.rint(n)) {
                throw new FileProblem(place(), "has a list of " + n + " numbers. The file is broken; export it again");
            }
            lengths[i] = (int) n;
            if (lists[i].length < lengths[i]) {
                long left = words != null ? size - words.offset() : bytes.remaining();
                if (lengths[i] > left) {
                    throw new FileProblem(
                            place(), "has a list of " + lengths[i] + " numbers, but the file ends before them");
                }
                lists[i] = Arrays.copyOf(lists[i], lengths[i]);
            }
            for (int k = 0; k < lengths[i]; k++) {
                lists[i][k] = number(p.type(), p.name());
            }
        }
    }

    private double number(PlyHeader.Type t, String name) {
        if (words != null) {
            if (!words.next()) {
                throw words.wrong("ends where \"" + FileProblem.shown(name) + "\" should stand. Export the file again");
            }
            double d = words.realOrNaN();
            if (Double.isNaN(d) && !words.is("nan") && !words.is("-nan")) {
                throw words.wrong("\"" + FileProblem.shown(words.word()) + "\" is no number. Export the file again");
            }
            return d;
        }
        if (bytes.remaining() < t.bytes()) {
            throw new FileProblem(place(), "is the end of the file, in the middle of a number. Upload it again");
        }
        return switch (t) {
            case CHAR -> bytes.get();
            case UCHAR -> bytes.get() & 0xFF;
            case SHORT -> bytes.getShort();
            case USHORT -> bytes.getShort() & 0xFFFF;
            case INT -> bytes.getInt();
            case UINT -> bytes.getInt() & 0xFFFFFFFFL;
            case FLOAT -> bytes.getFloat();
            case DOUBLE -> bytes.getDouble();
        };
    }

    /** The single number of a property. */
    double value(int property) {
        return values[property];
    }

    /** The list of a property, longer than it is. */
    double[] list(int property) {
        return lists[property];
    }

    int length(int property) {
        return lengths[property];
    }

    /** Where in the file the entry is. */
    String place() {
        return words != null ? words.place() : file + " byte " + bytes.position();
    }

    double part() {
        return words != null ? words.part() : (double) bytes.position() / size;
    }
}
