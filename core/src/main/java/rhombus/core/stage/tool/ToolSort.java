package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

/** What a tool does. */
public enum ToolSort {
    /** Moves. */
    MOVE("move", say("sort.move"), "tools.move-along"),
    /** Turns. */
    ROTATE("rotate", say("sort.rotate"), "tools.turn-about"),
    /** Makes larger and smaller. */
    SCALE("scale", say("sort.scale"), "tools.scale-along");

    private final String id;
    private final String words;
    private final String deed;

    ToolSort(String id, String words, String deed) {
        this.id = id;
        this.words = words;
        this.deed = deed;
    }

    /** The message of what it does to things along or about something. */
    String deed() {
        return deed;
    }

    public String id() {
        return id;
    }

    public String words() {
        return words;
    }
}
