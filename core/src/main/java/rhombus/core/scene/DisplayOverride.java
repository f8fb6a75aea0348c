package rhombus.core.scene;

import static rhombus.core.words.Messages.say;

import java.util.Arrays;

/** How an object is drawn whatever the look of a viewport, where that would draw it in more detail. */
public enum DisplayOverride {
    /** As the viewport's look says. */
    USUAL("usual", say("way.as-the-look-says")),
    /** As the box round it. */
    BOX("box", say("way.as-a-box")),
    /** As its edges. */
    WIRE("wire", say("way.as-edges")),
    /** So that what lies behind it shows through. */
    TRANSLUCENT("translucent", say("way.translucent")),
    /** As the box round it while it is not selected. */
    BOX_UNSELECTED("box-unselected", say("way.as-a-box-unless-selected"));

    private final String id;
    private final String words;

    DisplayOverride(String id, String words) {
        this.id = id;
        this.words = words;
    }

    /** Name in files and commands. */
    public String id() {
        return id;
    }

    /** Name on the screen. */
    public String words() {
        return words;
    }

    /** The way with this id; the usual one for what is unknown. */
    public static DisplayOverride named(String id) {
        return Arrays.stream(values()).filter(w -> w.id.equals(id)).findFirst().orElse(USUAL);
    }

    /** What it comes to for an object that is selected, or not. */
    public DisplayOverride now(boolean selected) {
        return this != BOX_UNSELECTED ? this : selected ? USUAL : BOX;
    }
}
