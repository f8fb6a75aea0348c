package rhombus.core.plain;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Names that kept documents may still hold and that are others now. Keymaps, habits, boards, workspaces and addresses are
 * read through it, so that what somebody has set long ago still holds.
 */
public final class RenamedKeys {
    private static final String CHART = "facet";

    private static final String LOOK_COMMAND = "display.set";

    private RenamedKeys() {}

    /** Arguments of a command by the names they have today. */
    public static Map<String, Object> arguments(String command, Map<String, Object> given) {
        if (!command.equals(LOOK_COMMAND) || !given.containsKey("mode")) {
            return given;
        }
        Map<String, Object> out = new LinkedHashMap<>(given);
        out.putIfAbsent("look", out.remove("mode"));
        return out;
    }

    /** What is called so today; the same name where it has not changed. */
    public static String now(String name) {
        boolean chart = name.equals(CHART)
                || name.startsWith(CHART + "-")
                || name.startsWith(CHART + ".")
                || name.endsWith("." + CHART);
        return chart ? name.replace(CHART, "rose") : name;
    }
}
