package rhombus.formats;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import rhombus.formats.upload.FileProblem;

/** The formats that are read, told by what a file begins with, and by the ending of its name where that says nothing. */
enum FileFormat {
    GLTF,
    OBJ,
    STL,
    PLY,
    THREE_MF;

    static FileFormat of(String name, byte[] bytes) {
        String head = new String(bytes, 0, Math.min(bytes.length, 64), StandardCharsets.ISO_8859_1);
        if (head.startsWith("glTF")) {
            return GLTF;
        }
        if (head.startsWith("ply\n") || head.startsWith("ply\r")) {
            return PLY;
        }
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return switch (ending) {
            case "glb", "gltf" -> GLTF;
            case "obj" -> OBJ;
            case "stl" -> STL;
            case "ply" -> PLY;
            case "3mf" -> THREE_MF;
            default -> byContent(name, head);
        };
    }

    private static FileFormat byContent(String name, String head) {
        String start = head.replaceFirst("^\u00EF\u00BB\u00BF", "").stripLeading();
        if (start.startsWith("{")) {
            return GLTF;
        }
        if (start.startsWith("solid")) {
            return STL;
        }
        throw new FileProblem(
                name,
                "is of no format that is read here. Upload a .glb, .gltf, .obj, .stl, .ply or .3mf, or a zip with one and its files");
    }
}
