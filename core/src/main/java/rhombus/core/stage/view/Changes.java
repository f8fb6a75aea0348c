package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import rhombus.core.plain.Plain;

/** What has changed since it was last asked. */
public final class Changes {
    /** Bits 0 to 15: the viewport with that number must be drawn again. */
    public static final int VIEWS = 0xFFFF;
    /** Rectangles of viewports: everything must be drawn again. */
    public static final int LAYOUT = 1 << 16;
    /** The selection. */
    public static final int SELECTION = 1 << 17;
    /** Places of objects. */
    public static final int SCENE = 1 << 18;
    /** Numbers and hints that follow the pointer. */
    public static final int READOUT = 1 << 19;
    /** There are notices to show. */
    public static final int NOTICE = 1 << 20;
    /** Something that is kept for the user. */
    public static final int KEEP = 1 << 21;
    /** The keymap. */
    public static final int KEYMAP = 1 << 22;
    /** There are commands for the front end. */
    public static final int APPLICATION = 1 << 23;
    /** Which viewport is active, what it is called, and what it looks through. */
    public static final int CAPTION = 1 << 24;
    /** The preferences. */
    public static final int HABITS = 1 << 25;
    /** The user's boards. */
    public static final int BOARDS = 1 << 26;
    /** The Pins of the scene. */
    public static final int PINS = 1 << 27;
    /** The Pins must be saved. */
    public static final int KEEP_PINS = 1 << 28;
    /** Which objects there are, what they are called, where in the tree they hang, and which of them are drawn. */
    public static final int STRUCTURE = 1 << 29;
    /** What was changed in the scene must be saved. */
    public static final int KEEP_EDITS = 1 << 30;

    /** All that is shown, and nothing that is kept. */
    public static final int EVERYTHING = ~(KEEP | BOARDS | KEEP_PINS | KEEP_EDITS);

    private int bits;
    private final Set<Integer> moved = new TreeSet<>();
    private final List<Object> notices = new ArrayList<>();
    private final List<Object> application = new ArrayList<>();

    public void add(int what) {
        bits |= what;
    }

    public void view(int number) {
        bits |= 1 << number | READOUT;
    }

    public void moved(Set<Integer> nodes) {
        moved.addAll(nodes);
        bits |= SCENE | VIEWS | READOUT;
    }

    /** Tells the user something, with an optional command to follow it up. */
    public void notice(String text, String label, String command) {
        notices.add(Plain.map("text", text, "label", label, "command", command));
        bits |= NOTICE;
    }

    public void application(String command, Map<String, Object> args) {
        application.add(Plain.map("command", command, "args", args));
        bits |= APPLICATION;
    }

    /** The bits so far; they start again from none. */
    public int take() {
        int b = bits;
        bits = 0;
        return b;
    }

    /** Numbers of the nodes that moved. */
    public List<Integer> takeMoved() {
        List<Integer> l = List.copyOf(moved);
        moved.clear();
        return l;
    }

    /** Notices as plain data. */
    public List<Object> takeNotices() {
        List<Object> l = List.copyOf(notices);
        notices.clear();
        return l;
    }

    /** Commands for the front end as plain data. */
    public List<Object> takeApplication() {
        List<Object> l = List.copyOf(application);
        application.clear();
        return l;
    }
}
