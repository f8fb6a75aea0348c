package rhombus.core.stage;

import java.util.Map;

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
            Map.entry("navigate.dolly-steps", "dolly"),
            Map.entry("navigate.dolly-all", "dolly everywhere"),
            Map.entry("navigate.dolly-all-steps", "dolly everywhere"),
            Map.entry("navigate.look", "look"),
            Map.entry("navigate.roll", "roll"),
            Map.entry("navigate.zoom", "zoom"),
            Map.entry("navigate.zoom-steps", "zoom"),
            Map.entry("navigate.dolly-zoom", "dolly-zoom"),
            Map.entry("navigate.crop", "crop"),
            Map.entry("navigate.crop-steps", "crop"),
            Map.entry("navigate.drive", "drive"));
    private static final Map<String, String> DOES = Map.ofEntries(
            Map.entry("navigate.orbit", "round the pivot"),
            Map.entry("facet.turn", "round the pivot"),
            Map.entry("navigate.pan", "camera slides sideways: track, pedestal"),
            Map.entry("navigate.dolly", "camera moves in or out"),
            Map.entry("navigate.dolly-steps", "camera moves in or out"),
            Map.entry("navigate.look", "camera turns on the spot: pan, tilt"),
            Map.entry("navigate.roll", "about the line of sight"),
            Map.entry("navigate.zoom", "lens only, camera stays"),
            Map.entry("navigate.zoom-steps", "lens only, camera stays"),
            Map.entry("navigate.dolly-zoom", "subject keeps its size"),
            Map.entry("navigate.crop", "slides the picture, camera stays"),
            Map.entry("navigate.crop-steps", "enlarges the picture, camera stays"),
            Map.entry("navigate.drive", "up goes, sideways steers"));

    private Words() {}

    /** The name of a motion; a flat view has no eye to move and no lens, so there it scales. */
    static String of(String command, boolean flat) {
        if (flat && scales(command)) {
            return command.contains("all") ? "scale everywhere" : "scale";
        }
        return NAMES.getOrDefault(command, "");
    }

    /** What it does, in the words of the film set where they differ; empty where the name says all. */
    static String does(String command, boolean flat) {
        if (flat) {
            return scales(command) ? "the flat view, larger or smaller"
                    : command.equals("navigate.pan") ? "slides the view sideways" : "";
        }
        return DOES.getOrDefault(command, "");
    }

    private static boolean scales(String command) {
        return command.startsWith("navigate.dolly") && !command.equals("navigate.dolly-zoom")
                || command.startsWith("navigate.zoom");
    }
}
