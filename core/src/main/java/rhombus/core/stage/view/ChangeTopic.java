package rhombus.core.stage.view;

/** What may change, apart from the pictures of viewports. */
public enum ChangeTopic {
    /** Rectangles of viewports: everything must be drawn again. */
    LAYOUT,
    /** The selection. */
    SELECTION,
    /** Places of objects. */
    SCENE,
    /** Numbers and hints that follow the pointer. */
    READOUT,
    /** There are notices to show. */
    NOTICE,
    /** What is kept for the user and the scene. */
    KEEP,
    /** The keymap. */
    KEYMAP,
    /** The page is asked to do something. */
    APPLICATION,
    /** Which viewport is active, what it is called, and what it looks through. */
    CAPTION,
    /** The preferences. */
    HABITS,
    /** The user's boards. */
    BOARDS,
    /** The Pins of the scene. */
    PINS,
    /** The Pins must be saved. */
    KEEP_PINS,
    /** Which objects there are, what they are called, where in the tree they hang, and which of them are drawn. */
    STRUCTURE,
    /** What was changed in the scene must be saved. */
    KEEP_EDITS,
    /** The user's keymaps must be saved. */
    KEEP_KEYMAP,
    /** What was counted of the hand must be saved. */
    KEEP_REPORT;

    /** Its name for the page. */
    public String id() {
        return name().toLowerCase().replace('_', '-');
    }

    /** Whether it says that something must be saved. */
    boolean keeps() {
        return this == KEEP
                || this == BOARDS
                || this == KEEP_PINS
                || this == KEEP_EDITS
                || this == KEEP_KEYMAP
                || this == KEEP_REPORT;
    }
}
