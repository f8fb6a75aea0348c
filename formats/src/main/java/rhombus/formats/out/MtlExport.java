package rhombus.formats.out;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.display.Srgb;
import rhombus.core.plain.PlainData;
import rhombus.formats.ImageFile;

/** The materials of a scene as MTL, and the images that they name. */
final class MtlExport {
    private static final String NONE = "No material";

    private final Map<String, Object> gltf;
    private final Map<Integer, String> names = new LinkedHashMap<>();
    private final Map<Integer, ImageFile> images = new LinkedHashMap<>();
    private final StringBuilder s = new StringBuilder("# by Rhombus\n");

    MtlExport(Map<String, Object> gltf, Set<Integer> used) {
        this.gltf = gltf;
        Set<String> taken = new HashSet<>();
        List<Object> all = PlainData.list(gltf.get("materials"));
        for (int m : used) {
            Map<String, Object> material = PlainData.map(all.get(m));
            String name = ObjExport.line(PlainData.text(material.get("name"), "Material " + m));
            names.put(m, taken.add(name) ? name : name + " " + m);
            write(names.get(m), material);
        }
    }

    /** The name under which a material is written, or for -1 that of one which stands for none. */
    String name(int material) {
        return material >= 0 ? names.get(material) : names.computeIfAbsent(material, m -> none());
    }

    /** OBJ has no word that ends a material: what has none is written with a plain white one. */
    private String none() {
        String name = NONE;
        while (names.containsValue(name)) {
            name += " " + names.size();
        }
        s.append("newmtl ").append(name).append("\nKd 1 1 1\nPr 1\nPm 0\n");
        return name;
    }

    byte[] mtl() {
        return s.toString().getBytes(StandardCharsets.UTF_8);
    }

    List<ImageFile> images() {
        return new ArrayList<>(images.values());
    }

    private void write(String name, Map<String, Object> m) {
        Map<String, Object> base = PlainData.map(m.get("pbrMetallicRoughness"));
        double[] c = PlainData.numbers(base.get("baseColorFactor"), 4);
        double[] color = c == null ? new double[] {1, 1, 1, 1} : c;
        double rough = PlainData.number(base.get("roughnessFactor"), 1);
        s.append("newmtl ").append(name).append('\n');
        color("Kd", color);
        // The exponent of a highlight as wide as that of a rough surface: 2 / alpha² - 2 (Walter and others, 2007).
        double alpha = Math.max(0.03, rough * rough);
        s.append("Ns ")
                .append((float) Math.min(1000, Math.max(0, 2 / (alpha * alpha) - 2)))
                .append('\n');
        s.append("Pr ").append((float) rough).append('\n');
        s.append("Pm ")
                .append((float) PlainData.number(base.get("metallicFactor"), 1))
                .append('\n');
        if (!"OPAQUE".equals(PlainData.text(m.get("alphaMode"), "OPAQUE"))) {
            s.append("d ").append((float) color[3]).append('\n');
        }
        double[] emits = PlainData.numbers(m.get("emissiveFactor"), 3);
        if (emits != null && emits[0] + emits[1] + emits[2] > 0) {
            color("Ke", emits);
        }
        texture("map_Kd", base.get("baseColorTexture"));
        texture("norm", m.get("normalTexture"));
        texture("map_Ke", m.get("emissiveTexture"));
    }

    private void color(String word, double[] linear) {
        s.append(word);
        for (int k = 0; k < 3; k++) {
            s.append(' ').append((float) Srgb.signal(Math.max(0, Math.min(1, linear[k]))));
        }
        s.append('\n');
    }

    /** Whether a texture lies by the second coordinates of its meshes, of which the format has one. */
    static boolean isSecond(Map<String, Object> info) {
        return PlainData.whole(info.get("texCoord"), 0) > 0;
    }

    private void texture(String word, Object info) {
        if (info == null || isSecond(PlainData.map(info))) {
            return;
        }
        int texture = PlainData.whole(PlainData.map(info).get("index"), 0);
        int image = PlainData.whole(
                PlainData.map(PlainData.list(gltf.get("textures")).get(texture)).get("source"), 0);
        s.append(word)
                .append(' ')
                .append(images.computeIfAbsent(image, this::image).name())
                .append('\n');
    }

    private ImageFile image(int number) {
        // Without blanks: many readers of MTL take a name to end there.
        return ImageFile.of(
                gltf, PlainData.map(PlainData.list(gltf.get("images")).get(number)), "image-" + (number + 1));
    }
}
