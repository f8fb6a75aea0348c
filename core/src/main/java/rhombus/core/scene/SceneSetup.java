package rhombus.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.optics.PictureFormat;
import rhombus.core.plain.PlainData;

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
public record SceneSetup(
        List<Layer> layers,
        PictureFormat picture,
        List<Double> down,
        List<Double> across,
        String active,
        List<String> order,
        InitialView home) {
    /** Of a scene about which nothing was said. */
    public static final SceneSetup USUAL =
            new SceneSetup(List.of(), PictureFormat.USUAL, List.of(), List.of(), null, List.of(), null);

    public SceneSetup withLayers(List<Layer> other) {
        return new SceneSetup(List.copyOf(other), picture, down, across, active, order, home);
    }

    public SceneSetup withPicture(PictureFormat other) {
        return new SceneSetup(layers, other, down, across, active, order, home);
    }

    public SceneSetup withGuides(List<Double> newDown, List<Double> newAcross) {
        return new SceneSetup(layers, picture, List.copyOf(newDown), List.copyOf(newAcross), active, order, home);
    }

    public SceneSetup withActive(String camera) {
        return new SceneSetup(layers, picture, down, across, camera, order, home);
    }

    public SceneSetup withOrder(List<String> cameras) {
        return new SceneSetup(layers, picture, down, across, active, List.copyOf(cameras), home);
    }

    /** Whether there are guides. */
    public boolean guided() {
        return !down.isEmpty() || !across.isEmpty();
    }

    /** What differs from the usual, layers aside, as plain data. */
    public Map<String, Object> toPlain() {
        Map<String, Object> m = picturePlain();
        m.putAll(PlainData.map("active", active, "order", order.isEmpty() ? null : order));
        return m;
    }

    /** The same without what is told of cameras. */
    public Map<String, Object> picturePlain() {
        return PlainData.map(
                "picture",
                picture.equals(PictureFormat.USUAL) ? null : PlainData.list(picture.width(), picture.height()),
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
    public static SceneSetup of(Object plain, List<Layer> layers) {
        Map<String, Object> m = PlainData.map(plain);
        double[] p = PlainData.numbers(m.get("picture"), 2);
        List<String> order = new ArrayList<>();
        for (Object o : PlainData.list(m.get("order"))) {
            order.add(PlainData.text(o, ""));
        }
        return new SceneSetup(
                List.copyOf(layers),
                p == null ? PictureFormat.USUAL : new PictureFormat((int) p[0], (int) p[1]),
                parts(m.get("down")),
                parts(m.get("across")),
                PlainData.text(m.get("active"), null),
                List.copyOf(order),
                InitialView.of(m.get("home")));
    }

    private static List<Double> parts(Object plain) {
        List<Double> out = new ArrayList<>();
        for (Object o : PlainData.list(plain)) {
            double d = PlainData.number(o, -1);
            if (d >= 0 && d <= 1) {
                out.add(d);
            }
        }
        return List.copyOf(out);
    }
}
