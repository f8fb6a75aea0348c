package rhombus.core.view;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;

/**
 * One of the 26 standard directions a scene is looked at from: six axis views, twelve two-axis views and eight isometric
 * ones, whose elevation is atan(1/sqrt 2) (ISO 5456-3, isometric axonometry).
 *
 * @param x side: -1 left, 0 neither, 1 right
 * @param y height: -1 bottom, 0 neither, 1 top
 * @param z -1 back, 0 neither, 1 front
 */
public record StandardDirection(int x, int y, int z) {
    /** Below this angle, radians, two directions are the same. */
    private static final double EXACT = 1e-9;

    private static final List<StandardDirection> ALL = all26();

    private static List<StandardDirection> all26() {
        List<StandardDirection> out = new ArrayList<>();
        for (int axes = 1; axes <= 3; axes++) {
            for (int i = 0; i < 27; i++) {
                StandardDirection s = new StandardDirection(i % 3 - 1, 1 - i / 3 % 3, 1 - i / 9);
                if (s.axes() == axes) {
                    out.add(s);
                }
            }
        }
        return List.copyOf(out);
    }

    /** All of them: axis views first, isometric ones last. */
    public static List<StandardDirection> all() {
        return ALL;
    }

    /** On how many axes it looks at once: 1, 2 or 3. */
    public int axes() {
        return Math.abs(x) + Math.abs(y) + Math.abs(z);
    }

    /** The direction with this name, or null. */
    public static StandardDirection named(String name) {
        for (StandardDirection s : ALL) {
            if (s.name().equals(name)) {
                return s;
            }
        }
        return null;
    }

    /** Its name in files and commands, such as {@code front}, {@code front-right} or {@code front-right-top}. */
    public String name() {
        StringBuilder s = new StringBuilder(z > 0 ? "front" : z < 0 ? "back" : "");
        part(s, x > 0 ? "right" : x < 0 ? "left" : "");
        part(s, y > 0 ? "top" : y < 0 ? "bottom" : "");
        return s.toString();
    }

    private static void part(StringBuilder s, String word) {
        if (!word.isEmpty()) {
            s.append(s.isEmpty() ? "" : "-").append(word);
        }
    }

    /** Its name on the screen. */
    public String words() {
        return say("direction." + name());
    }

    /** Unit vector from the scene towards the eye. */
    public Vec3 towardsEye(UpAxis up) {
        return up.right().times(x).plus(up.up(), y).plus(up.front(), z).unit();
    }

    /** Levelled orientation of a camera that looks from there; from straight above, away from the front is up. */
    public Quat orientation(UpAxis up) {
        double yaw = x == 0 && z == 0 ? 0 : Math.atan2(x, z);
        double pitch = -Math.atan2(y, Math.hypot(x, z));
        return new Heading(yaw, pitch, 0).orientation(up);
    }

    /** The direction nearest to where a camera looks from. */
    public static StandardDirection nearest(Quat q, UpAxis up) {
        Vec3 back = q.back();
        StandardDirection best = ALL.get(0);
        double most = Double.NEGATIVE_INFINITY;
        for (StandardDirection s : ALL) {
            double cos = s.towardsEye(up).dot(back);
            if (cos > most) {
                most = cos;
                best = s;
            }
        }
        return best;
    }

    /** The direction a camera looks from, however it is rolled, or null where it is none of these. */
    public static StandardDirection exactly(Quat q, UpAxis up) {
        StandardDirection s = nearest(q, up);
        return s.angleTo(q, up) < EXACT ? s : null;
    }

    /** Angle between where a camera looks from and this direction, radians. */
    public double angleTo(Quat q, UpAxis up) {
        Vec3 to = towardsEye(up);
        Vec3 back = q.back();
        return Math.atan2(to.cross(back).length(), to.dot(back));
    }
}
