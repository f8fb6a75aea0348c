package rhombus.formats.ply;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.text.TextWords;
import rhombus.formats.upload.FileProblem;

/**
 * What a PLY file says of itself at its start.
 *
 * @param text whether its numbers are text
 * @param bigEndian whether its binary numbers have their upper bytes first
 * @param elements what follows, in order
 * @param words the text behind the header
 * @param at where what follows starts
 */
record PlyHeader(boolean text, boolean bigEndian, List<Element> elements, TextWords words, int at) {
    private static final int MOST = 256;

    /** A sort of number. */
    enum Type {
        CHAR(1),
        UCHAR(1),
        SHORT(2),
        USHORT(2),
        INT(4),
        UINT(4),
        FLOAT(4),
        DOUBLE(8);

        private final int bytes;

        Type(int bytes) {
            this.bytes = bytes;
        }

        int bytes() {
            return bytes;
        }

        boolean whole() {
            return this != FLOAT && this != DOUBLE;
        }

        /** What full light is written as in a colour of this sort. */
        double full() {
            return switch (this) {
                case UCHAR, CHAR -> 255;
                case USHORT, SHORT -> 65535;
                case INT, UINT -> 4294967295.0;
                default -> 1;
            };
        }
    }

    /**
     * A number, or a list of numbers, that each entry has.
     *
     * @param name in small letters
     * @param type of the numbers
     * @param counted type of a list's length, or null for a single number
     */
    record Property(String name, Type type, Type counted) {}

    /** Entries of a kind, so many. */
    record Element(String name, int count, List<Property> properties) {
        int index(String... names) {
            for (int i = 0; i < properties.size(); i++) {
                for (String name : names) {
                    if (properties.get(i).name().equals(name)) {
                        return i;
                    }
                }
            }
            return -1;
        }
    }

    static PlyHeader read(byte[] bytes, String file, ImportNotes notes) {
        TextWords w = new TextWords(bytes, file);
        if (!w.line() || !w.next() || !w.is("ply")) {
            throw new FileProblem(file, "does not begin with \"ply\"; it is no PLY file");
        }
        Boolean text = null;
        boolean big = false;
        List<Element> elements = new ArrayList<>();
        while (w.line()) {
            if (!w.next() || w.is("comment") || w.is("obj_info")) {
                continue;
            }
            if (w.is("end_header")) {
                if (text == null) {
                    throw w.wrong("ends a header that names no format. Export the file again");
                }
                return new PlyHeader(text, big, elements, w, w.afterLine());
            }
            if (w.is("format")) {
                if (!w.next() || !(w.is("ascii") || w.is("binary_little_endian") || w.is("binary_big_endian"))) {
                    throw w.wrong("names no format of PLY: ascii, binary_little_endian or binary_big_endian");
                }
                text = w.is("ascii");
                big = w.is("binary_big_endian");
            } else if (w.is("element")) {
                elements.add(element(w, elements.size()));
            } else if (w.is("property")) {
                if (elements.isEmpty()) {
                    throw w.wrong("stands before any element. Export the file again");
                }
                List<Property> of = elements.get(elements.size() - 1).properties();
                if (of.size() >= MOST) {
                    throw w.wrong("is one property too many; at most " + MOST + " are read");
                }
                of.add(property(w));
            } else {
                // Some programs forget to write that a line is a comment.
                notes.add("Lines of the header that are none of PLY are left out.", w.place());
            }
        }
        throw w.wrong("is the last, but the header has no end. The file is cut off; upload it again");
    }

    private static Element element(TextWords w, int before) {
        if (before >= MOST) {
            throw w.wrong("is one element too many; at most " + MOST + " are read");
        }
        String name = w.next() ? w.word().toLowerCase(Locale.ROOT) : "";
        if (!w.next()) {
            throw w.wrong("does not say how many there are. Export the file again");
        }
        int count = w.whole();
        if (count < 0) {
            throw w.wrong("says there are " + count + ". Export the file again");
        }
        return new Element(name, count, new ArrayList<>());
    }

    private static Property property(TextWords w) {
        Type type = w.next() && !w.is("list") ? type(w) : null;
        Type counted = null;
        if (type == null) {
            counted = w.next() ? type(w) : null;
            type = counted != null && w.next() ? type(w) : null;
            if (type == null || !counted.whole()) {
                throw w.wrong("is no list of a whole number and a type. Export the file again");
            }
        }
        return new Property(w.next() ? w.word().toLowerCase(Locale.ROOT) : "", type, counted);
    }

    private static Type type(TextWords w) {
        String s = w.word().toLowerCase(Locale.ROOT);
        return switch (s) {
            case "char", "int8" -> Type.CHAR;
            case "uchar", "uint8" -> Type.UCHAR;
            case "short", "int16" -> Type.SHORT;
            case "ushort", "uint16" -> Type.USHORT;
            case "int", "int32" -> Type.INT;
            case "uint", "uint32" -> Type.UINT;
            case "float", "float32" -> Type.FLOAT;
            case "double", "float64" -> Type.DOUBLE;
            default -> throw w.wrong("\"" + FileProblem.shown(s) + "\" is no type of PLY");
        };
    }
}
