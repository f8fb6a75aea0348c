package rhombus.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.optics.PictureFormat;
import rhombus.core.plain.Plain;

/**
 * What belongs to a scene as a whole.
 *
 * @param layers in their order
 * @param picture size of the final picture
 * @param down places of own guides that run down the picture, parts of its width from the left
 * @param across places of own guides that run across it, parts of its height from the top
 * @param active id of the camera marked active, or null
 * @param order ids of cameras in the order in which they are listed; others follow in that of the tree
 * @param home where a free view stands at first, or null for where it sees everything
 */
public record Setup(
        List<Layer> layers,
        PictureFormat picture,
        List<Double> down,
        List<Double> across,
        String active,
        List<String> order,
        Stand home) {
    /** Of a scene about which nothing was said. */
    public static final Setup USUAL =
            new Setup(List.of(), PictureFormat.USUAL, List.of(), List.of(), null, List.of(), null);

    public Setup withLayers(List<Layer> other) {
        return new Setup(List.copyOf(other), picture, down, across, active, order, home);
    }

    public Setup withPicture(PictureFormat other) {
        return new Setup(layers, other, down, across, active, order, home);
    }

    public Setup withGuides(List<Double> newDown, List<Double> newAcross) {
        return new Setup(layers, picture, List.copyOf(newDown), List.copyOf(newAcross), active, order, home);
    }

    public Setup withActive(String camera) {
        return new Setup(layers, picture, down, across, camera, order, home);
    }

    public Setup withOrder(List<String> cameras) {
        return new Setup(layers, picture, down, across, active, List.copyOf(cameras), home);
    }

    /** Whether there are guides. */
    public boolean guided() {
        return !down.isEmpty() || !across.isEmpty();
    }

    /** What differs from the usual, layers aside, as plain data. */
    public Map<String, Object> toPlain() {
        Map<String, Object> m = picturePlain();
        m.putAll(Plain.map("active", active, "order", order.isEmpty() ? null : order));
        return m;
    }

    /** The same without what is told of cameras. */
    public Map<String, Object> picturePlain() {
        return Plain.map(
                "picture",
                picture.equals(PictureFormat.USUAL) ? null : Plain.list(picture.width(), picture.height()),
                "down",
                down.isEmpty() ? null : down,
                "across",
                across.isEmpty() ? null : across,
                "home",
                home == null ? null : home.toPlain());
    }

    /**
     * What plain data describes, with some layers.
     *
     * @throws IllegalArgumentException with words if there is no such picture
     */
    public static Setup of(Object plain, List<Layer> layers) {
        Map<String, Object> m = Plain.map(plain);
        double[] p = Plain.numbers(m.get("picture"), 2);
        List<String> order = new ArrayList<>();
        for (Object o : Plain.list(m.get("order"))) {
            order.add(Plain.text(o, ""));
        }
        return new Setup(
                List.copyOf(layers),
                p == null ? PictureFormat.USUAL : new PictureFormat((int) p[0], (int) p[1]),
                parts(m.get("down")),
                parts(m.get("across")),
                Plain.text(m.get("active"), null),
                List.copyOf(order),
                Stand.of(m.get("home")));
    }

    private static List<Double> parts(Object plain) {
        List<Double> out = new ArrayList<>();
        for (Object o : Plain.list(plain)) {
            double d = Plain.number(o, -1);
            if (d >= 0 && d <= 1) {
                out.add(d);
            }
        }
        return List.copyOf(out);
    }
}
