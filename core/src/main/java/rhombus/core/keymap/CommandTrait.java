package rhombus.core.keymap;

/** What others have to know of a command to treat it as its kind wants. */
public enum CommandTrait {
    /** Turns the view about a pivot: off where axis views are held, and the pivot shows while it runs. */
    TURNS,
    /** Goes in steps with the snap modifier. */
    SNAPS,
    /** Leaves the view where it is. */
    STAYS,
    /** Leaves a camera that is looked through as it is. */
    KEEPS_CAMERA,
    /** Needs an eye: a perspective view. */
    NEEDS_EYE,
    /** The picture goes with the hand; a device that holds the camera moves it the other way. */
    WITH_SCENE,
    /** The camera goes with the hand; a device that holds the scene moves it the other way. */
    WITH_CAMERA,
    /** Slides the view; the drag of two fingers that pinches and twists may go along with. */
    PANS,
    /** Goes nearer and farther by steps. */
    DOLLIES,
    /** Rolls the view by steps. */
    ROLLS,
    /** Is about what is selected: a first click that only activates a viewport leaves it alone. */
    SELECTS,
    /** Lists what lies under the pointer instead of taking it. */
    LISTS,
    /** One of several ways that several keys lead; hints tell the keys as one. */
    WAYS,
    /** Drags a handle of the tool. */
    HANDLE,
    /** Drags the selected object where it is under the pen. */
    OBJECT,
    /** Does what the lozenge under the pointer says. */
    LOZENGE,
    /** Moves, looks, selects or shows and nothing more: a recording may run it, whoever made that. */
    REPLAYS,
    /** Finds, undoes or leaves: a keymap in which nothing runs it would leave the user stuck. */
    INDISPENSABLE,
    /** Does nothing unless it is told something that only the page knows: no trigger runs it by itself. */
    TOLD,
    /** One of many changes that a sweep over a list makes: it does not end the sweep. */
    SWEPT
}
