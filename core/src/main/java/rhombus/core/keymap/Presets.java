package rhombus.core.keymap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The read-only keymaps to start from; which triggers they hold is said by the commands. */
public final class Presets {
    /** For a mouse with three buttons. */
    public static final String RHOMBUS = "rhombus";
    /** One modifier and three buttons for orbit, pan and dolly (common practice, no source). */
    public static final String MODIFIER_DRAG = "modifier-drag";
    /** Ids of all presets. */
    public static final List<String> ALL = List.of(RHOMBUS, MODIFIER_DRAG);

    private Presets() {}

    /** Ids of all presets with their names. */
    public static Map<String, String> names() {
        Map<String, String> m = new LinkedHashMap<>();
        m.put(RHOMBUS, "Rhombus");
        m.put(MODIFIER_DRAG, "Modifier-drag");
        return m;
    }
}
