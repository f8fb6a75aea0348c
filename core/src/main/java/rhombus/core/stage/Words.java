package rhombus.core.stage;

import java.util.Map;
import java.util.Set;
import rhombus.core.view.Standard;

/**
 * What the motions are called: dolly moves the camera, zoom changes the lens, pan slides the camera sideways, look turns it
 * on the spot. The film set's words for the same stand beside them (common practice, no source).
 */
final class Words {
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("navigate.orbit", "orbit"),
            Map.entry("facet.turn", "orbit"),
            Map.entry("navigate.pan", "pan"),
            Map.entry("navigate.dolly", "dolly"),
            Map.entry("navigate.dolly-all", "dolly everywhere"),
            Map.entry("navigate.look", "look"),
            Map.entry("navigate.roll", "roll"),
            Map.entry("navigate.zoom", "zoom"),
            Map.entry("navigate.dolly-zoom", "dolly-zoom"),
            Map.entry("navigate.crop", "crop"),
            Map.entry("navigate.drive", "drive"));
    private static final Map<String, String> DOES = Map.ofEntries(
            Map.entry("navigate.pan", "camera slides: track, pedestal"),
            Map.entry("navigate.dolly", "camera moves"),
            Map.entry("navigate.look", "camera turns: pan, tilt"),
            Map.entry("navigate.zoom", "lens only"),
            Map.entry("navigate.dolly-zoom", "subject keeps its size"),
            Map.entry("navigate.crop", "picture only"));

    private static final Map<String, String> DEEDS = Map.ofEntries(
            Map.entry("view.centre-here", "centre"),
            Map.entry("view.frame-selection", "frame"),
            Map.entry("view.frame-all", "frame all"),
            Map.entry("view.frame-everything", "frame everything"),
            Map.entry("view.aim", "aim"),
            Map.entry("view.set", "typed"),
            Map.entry("view.home", "home"),
            Map.entry("view.opposite", "opposite"),
            Map.entry("view.quarter-roll", "quarter roll"),
            Map.entry("view.toggle-projection", "perspective or flat"),
            Map.entry("view.level", "level"),
            Map.entry("view.scout", "scout"),
            Map.entry("view.free-flat", "free flat"),
            Map.entry("facet.go", "direction"));

    /** What only scales the picture in a flat view. */
    private static final Set<String> SCALES = Set.of("navigate.dolly", "navigate.dolly-all", "navigate.zoom");

    private Words() {}

    /** The name of a motion; a flat view has no eye to move and no lens, so there it scales. */
    static String of(String command, boolean flat) {
        if (flat && scales(command)) {
            return command.contains("all") ? "scale everywhere" : "scale";
        }
        return NAMES.getOrDefault(drag(command), "");
    }

    /** What comes in steps is called like the drag that does the same. */
    private static String drag(String command) {
        return command.endsWith("-steps") ? command.substring(0, command.length() - 6) : command;
    }

    /** What a command did to a view, as its entry in the Trail is called; {@code to} is where it led, or empty. */
    static String deed(String command, String to) {
        Standard direction = Standard.named(to);
        if (command.equals("view.direction") && direction != null) {
            return "from the " + direction.words().toLowerCase();
        }
        String step = command.replace("navigate.step-", "navigate.");
        String motion = NAMES.getOrDefault(step, "");
        if (!step.equals(command) && !motion.isEmpty()) {
            return motion + " " + to;
        }
        return DEEDS.getOrDefault(command, "");
    }

    /** What it does, in the words of the film set where they differ; empty where the name says all. */
    static String does(String command, boolean flat) {
        return flat ? "" : DOES.getOrDefault(drag(command), "");
    }

    /** Words with a capital letter before them, as they begin a sentence. */
    static String capital(String words) {
        return words.substring(0, 1).toUpperCase() + words.substring(1);
    }

    private static boolean scales(String command) {
        return SCALES.contains(drag(command));
    }
}
