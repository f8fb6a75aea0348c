package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The read-only keymaps to start from, one for each sort of hand; which triggers they hold is said by the commands. */
public final class KeymapPresets {
    /** For a mouse with three buttons. */
    public static final String RHOMBUS = "rhombus";
    /** For a mouse with two buttons and no wheel. */
    public static final String TWO_BUTTONS = "two-buttons";
    /** For two fingers on a trackpad. */
    public static final String TRACKPAD = "trackpad";
    /** For a pen and nothing else. */
    public static final String PEN = "pen";
    /** For fingers on the glass and nothing else. */
    public static final String TOUCH = "touch";
    /** One modifier and three buttons for orbit, pan and dolly (common practice, no source). */
    public static final String MODIFIER_DRAG = "modifier-drag";
    /** For whatever has a single button. */
    public static final String ONE_BUTTON = "one-button";
    /** Ids of all presets. */
    public static final List<String> ALL =
            List.of(RHOMBUS, TWO_BUTTONS, TRACKPAD, PEN, TOUCH, MODIFIER_DRAG, ONE_BUTTON);

    private static final Map<String, String> NAMES = new LinkedHashMap<>();
    private static final Map<String, String> HANDS = new LinkedHashMap<>();

    static {
        add(RHOMBUS, say("presets.rhombus"), say("presets.a-mouse-with-three-buttons"));
        add(TWO_BUTTONS, say("presets.two-buttons"), say("presets.a-mouse-without-a-middle"));
        add(TRACKPAD, say("presets.trackpad"), say("presets.two-fingers-slide-to-orbit"));
        add(PEN, say("presets.pen"), say("presets.the-tip-orbits-the-barrels"));
        add(TOUCH, say("presets.touch"), say("presets.one-finger-orbits-two-pan"));
        add(MODIFIER_DRAG, say("presets.modifier-drag"), say("presets.alt-with-the-left-middle"));
        add(ONE_BUTTON, say("presets.one-button"), say("presets.the-only-button-with-alt"));
    }

    private KeymapPresets() {}

    private static void add(String id, String name, String hand) {
        NAMES.put(id, name);
        HANDS.put(id, hand);
    }

    /** Ids of all presets with their names. */
    public static Map<String, String> names() {
        return NAMES;
    }

    /** For which hand a preset is, in a sentence. */
    public static String hand(String id) {
        return HANDS.get(id);
    }
}
