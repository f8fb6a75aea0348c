package rhombus.core.keymap;

/**
 * What a command is called while it is done: dolly moves the camera, zoom changes the lens, pan slides the camera sideways,
 * look turns it on the spot. The film set's words for the same stand beside them (common practice, no source).
 *
 * @param name of a motion, in a word; empty for what is none
 * @param flat name in a flat view, which has no eye to move and no lens: there some motions only scale
 * @param does what it does, in the words of the film set where they differ; empty where the name says all
 * @param trail what its entry in the Trail is called, where <code>{}</code> stands for where it led; empty for none
 * @param ways what several keys of it do together, where they lead several ways; empty where their own words say it
 */
public record CommandPhrase(String name, String flat, String does, String trail, String ways) {
    /** Nothing is said of it. */
    public static final CommandPhrase NOTHING = new CommandPhrase("", "", "", "", "");

    /** Whether a view is another one afterwards: it is a motion, or has an entry of its own in the Trail. */
    public boolean moves() {
        return !name.isEmpty() || !trail.isEmpty();
    }

    /** The name of a motion in a view. */
    public String name(boolean inFlat) {
        return inFlat ? flat : name;
    }

    /** What a motion does in a view, in the words of the film set. */
    public String does(boolean inFlat) {
        return inFlat ? "" : does;
    }

    /** What an entry of the Trail is called. */
    public String trail(String to) {
        return trail.replace("{}", to);
    }
}
