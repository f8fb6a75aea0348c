package rhombus.formats.model;

import java.util.Locale;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;

/** What the numbers of a file are in. The inch is 25.4 mm and the foot 12 inches, exactly (international yard and pound agreement, 1959). */
public enum LengthUnit {
    M(1),
    CM(0.01),
    MM(0.001),
    MICRON(1e-6),
    IN(0.0254),
    FT(0.3048);

    private final double metres;

    LengthUnit(double metres) {
        this.metres = metres;
    }

    /** How long one is, metres. */
    public double metres() {
        return metres;
    }

    /** Its sign, in small letters. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The unit of a sign, or null. */
    public static LengthUnit of(String words) {
        for (LengthUnit u : values()) {
            if (u.words().equals(words)) {
                return u;
            }
        }
        return null;
    }

    /** Scales a node of glTF with all that is below it, about the origin of what it stands in. */
    public static void scale(Map<String, Object> node, double factor) {
        if (factor == 1) {
            return;
        }
        double[] matrix = PlainData.numbers(node.get("matrix"), 16);
        if (matrix != null) {
            node.put(
                    "matrix",
                    PlainData.list(
                            Mat4.times(Mat4.trs(Vec3.ZERO, Quat.IDENTITY, new Vec3(factor, factor, factor)), matrix)));
            return;
        }
        double[] t = PlainData.numbers(node.get("translation"), 3);
        double[] s = PlainData.numbers(node.get("scale"), 3);
        if (t != null) {
            node.put("translation", PlainData.list(t[0] * factor, t[1] * factor, t[2] * factor));
        }
        node.put(
                "scale",
                s == null
                        ? PlainData.list(factor, factor, factor)
                        : PlainData.list(s[0] * factor, s[1] * factor, s[2] * factor));
    }
}
