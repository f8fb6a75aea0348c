package rhombus.core.board;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.display.StandardLooks;
import rhombus.core.display.StoredLook;
import rhombus.core.plain.PlainData;
import rhombus.core.view.AxisDirection;

/**
 * How a viewport starts in a scene in which its board has not been used yet.
 *
 * @param from {@value #SCOUT}, {@value #CAMERA} for the scene's first camera, or the word of an axis direction
 * @param look with which it draws
 * @param switched overlays that are hidden, or shown where they usually are not
 */
public record ViewportStart(String from, Look look, Set<Overlay> switched) {
    /** A free perspective view. */
    public static final String SCOUT = "scout";
    /** Through the scene's first camera. */
    public static final String CAMERA = "camera";

    /** Reads the direction. */
    public ViewportStart {
        from = from.equals(CAMERA) || AxisDirection.named(from) != null ? from : SCOUT;
        switched = Set.copyOf(switched);
    }

    /** With the usual overlays. */
    public static ViewportStart of(String from, Look look) {
        return new ViewportStart(from, look, EnumSet.noneOf(Overlay.class));
    }

    /** The axis direction it starts from, or null. */
    public AxisDirection direction() {
        return AxisDirection.named(from);
    }

    /** As plain data; what is switched stands under the name it had when overlays could only be hidden. */
    public Map<String, Object> toPlain() {
        Map<String, Object> m = PlainData.map("from", from, "hidden", Overlay.toPlain(switched));
        StoredLook.put(m, "mode", "look", look);
        return m;
    }

    /** From plain data; what is missing is as usual. */
    public static ViewportStart of(Object plain) {
        Map<String, Object> m = PlainData.map(plain);
        Look look = StoredLook.of(m, "mode", "look");
        return new ViewportStart(
                PlainData.text(m.get("from"), SCOUT),
                look == null ? StandardLooks.SMOOTH_EDGES : look,
                Overlay.of(m.get("hidden")));
    }
}
