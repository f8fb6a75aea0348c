package rhombus.formats.obj;

import de.javagl.obj.FloatTuple;
import de.javagl.obj.Mtl;
import de.javagl.obj.MtlReader;
import java.io.IOException;
import java.io.StringReader;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import rhombus.core.display.Srgb;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.Assembly;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.text.TextWords;
import rhombus.formats.upload.FileProblem;

/**
 * Reads materials. The library understands a statement at a time, so that one which is broken is left out with its line and
 * the others stay; what it cannot read, names of files with blanks, is read here.
 */
final class MtlImport {
    /** Options of a texture, with how many words may follow each. */
    private static final Map<String, Integer> OPTIONS = Map.ofEntries(
            Map.entry("-blendu", 1),
            Map.entry("-blendv", 1),
            Map.entry("-boost", 1),
            Map.entry("-bm", 1),
            Map.entry("-cc", 1),
            Map.entry("-clamp", 1),
            Map.entry("-imfchan", 1),
            Map.entry("-mm", 2),
            Map.entry("-o", 3),
            Map.entry("-s", 3),
            Map.entry("-t", 3),
            Map.entry("-texres", 1),
            Map.entry("-type", 1));

    private static final Set<String> NUMBERS = Set.of("kd", "ke", "d", "tr", "ns", "pr", "pm");
    /** Statements that say how light is computed elsewhere, or are given by others that are read. */
    private static final Set<String> WITHOUT_LOSS = Set.of("ka", "ks", "illum", "ni", "tf", "sharpness");

    private final TextWords words;
    private final ImportNotes notes;
    private final Assembly out;
    private final Map<String, Map<String, Object>> materials = new HashMap<>();
    private String name;
    private final Map<String, String> maps = new HashMap<>();
    private final Map<String, Mtl> values = new HashMap<>();

    MtlImport(byte[] bytes, String file, Assembly out, ImportNotes notes) {
        this.words = new TextWords(bytes, file);
        this.notes = notes;
        this.out = out;
    }

    /** The materials by name; what is wrong in them is noted, for a scene without a colour is better than none. */
    Map<String, Map<String, Object>> read() {
        while (words.line()) {
            if (!words.next()) {
                continue;
            }
            String key = words.word().toLowerCase(Locale.ROOT);
            if (key.equals("newmtl")) {
                end();
                name = words.rest();
            } else if (name == null) {
                notes.add("Statements before the first material are left out.", words.place());
            } else if (NUMBERS.contains(key)) {
                number(key);
            } else if (key.startsWith("map_")
                    || Set.of("bump", "norm", "disp", "decal", "refl").contains(key)) {
                texture(key);
            } else if (!WITHOUT_LOSS.contains(key)) {
                notes.add("The statement \"" + FileProblem.shown(key) + "\" of materials is left out.", words.place());
            }
        }
        end();
        return materials;
    }

    private void number(String key) {
        try {
            List<Mtl> one = MtlReader.read(new StringReader("newmtl m\n" + key + " " + words.rest()));
            values.put(key.equals("tr") ? "d" : key, one.get(0));
        } catch (IOException | RuntimeException e) {
            notes.add("A value of a material that is no number is left out.", words.place());
        }
    }

    private void texture(String key) {
        String rest = words.rest();
        boolean placed = false;
        while (rest.startsWith("-")) {
            String[] w = rest.split("\\s+", 2);
            Integer follow = OPTIONS.get(w[0].toLowerCase(Locale.ROOT));
            if (follow == null || w.length < 2) {
                break;
            }
            placed |= Set.of("-o", "-s", "-t", "-mm").contains(w[0]);
            rest = w[1];
            for (int i = 0; i < follow; i++) {
                String[] next = rest.split("\\s+", 2);
                boolean number = next[0].matches("[-+]?[0-9.]+([eE][-+]?[0-9]+)?");
                // Of up to three numbers the last ones may be left out.
                if (next.length < 2 || i > 0 && !number) {
                    break;
                }
                rest = next[1];
            }
        }
        if (placed) {
            notes.add("Places and scales of textures are left out.", words.place());
        }
        switch (key) {
            case "map_kd", "map_ke", "norm" -> maps.put(key, rest.replace('\\', '/'));
            case "map_d", "map_ka", "map_ks" -> {
                if (!rest.replace('\\', '/').equals(maps.get("map_kd"))) {
                    notes.add("Textures for anything but colour, glow and normals are left out.", words.place());
                }
            }
            default -> notes.add("Textures for anything but colour, glow and normals are left out.", words.place());
        }
    }

    private void end() {
        if (name != null && !materials.containsKey(name)) {
            materials.put(name, material());
        } else if (name != null) {
            notes.add("Materials with a name that another one has are left out.", "\"" + name + "\"");
        }
        maps.clear();
        values.clear();
    }

    private Map<String, Object> material() {
        double[] kd = color("kd", () -> values.get("kd").getKd());
        double[] ke = color("ke", () -> values.get("ke").getKe());
        double opacity = values.containsKey("d") ? part(values.get("d").getD(), 1) : 1;
        boolean image = maps.containsKey("map_kd");
        if (image && kd != null && kd[0] + kd[1] + kd[2] == 0) {
            // Black times any picture is black: programs that write it mean the picture.
            kd = null;
        }
        double[] base = kd == null ? new double[] {1, 1, 1} : kd;
        Map<String, Object> rough = PlainData.map(
                "baseColorFactor",
                PlainData.list(base[0], base[1], base[2], opacity),
                "baseColorTexture",
                texturing("map_kd"),
                "metallicFactor",
                values.containsKey("pm") ? part(values.get("pm").getPm(), 0) : 0,
                "roughnessFactor",
                roughness());
        boolean glows = ke != null && ke[0] + ke[1] + ke[2] > 0 || maps.containsKey("map_ke");
        return PlainData.map(
                "name",
                name,
                "pbrMetallicRoughness",
                rough,
                "normalTexture",
                texturing("norm"),
                "emissiveTexture",
                texturing("map_ke"),
                "emissiveFactor",
                !glows ? null : ke == null || ke[0] + ke[1] + ke[2] == 0 ? PlainData.list(1, 1, 1) : PlainData.list(ke),
                "alphaMode",
                opacity < 1 ? "BLEND" : null);
    }

    private Map<String, Object> texturing(String key) {
        return maps.containsKey(key) ? out.texture(maps.get(key)) : null;
    }

    private double[] color(String key, Supplier<FloatTuple> given) {
        if (!values.containsKey(key) || given.get() == null) {
            return null;
        }
        FloatTuple t = given.get();
        double[] c = new double[3];
        for (int k = 0; k < 3; k++) {
            c[k] = Srgb.linear(part(t.get(Math.min(k, t.getDimensions() - 1)), 0));
        }
        return c;
    }

    private static double part(Float f, double otherwise) {
        return f == null || !Float.isFinite(f) ? otherwise : Math.max(0, Math.min(1, f));
    }

    /**
     * Said as such, or from the exponent of the highlight: a highlight of exponent n is as wide as a rough surface's with
     * alpha² = 2 / (n + 2) (Walter and others, Microfacet Models for Refraction, 2007), and alpha is the roughness squared
     * (glTF 2.0, appendix B).
     */
    private double roughness() {
        if (values.containsKey("pr") && values.get("pr").getPr() != null) {
            return part(values.get("pr").getPr(), 1);
        }
        Float n = values.containsKey("ns") ? values.get("ns").getNs() : null;
        return n == null || !(n > 0) ? 1 : Math.sqrt(Math.sqrt(2 / (Math.min(n, 1e6) + 2)));
    }
}
