package rhombus.core.navigate;

/** Where the point that orbit turns about may come from. */
public enum Rung {
    /** A point the user pinned. */
    PINNED("pinned point"),
    /** What lies under the pointer. */
    SURFACE("surface under the pointer"),
    /** Middle of the selected vertices, edges and faces. */
    COMPONENTS("selected components"),
    /** Middle of the selected objects. */
    SELECTION("selected objects"),
    /** The pivot of the gesture before. */
    LAST("last pivot"),
    /** The view's focus. */
    FOCUS("view focus"),
    /** Middle of the scene. */
    SCENE("scene centre"),
    /** The world's origin. */
    ORIGIN("world origin");

    private final String words;

    Rung(String words) {
        this.words = words;
    }

    /** Its name on the screen. */
    public String words() {
        return words;
    }

    /** Its name in files. */
    public String id() {
        return name().toLowerCase();
    }

    /** The rung with this id, or null. */
    public static Rung named(String id) {
        for (Rung r : values()) {
            if (r.id().equals(id)) {
                return r;
            }
        }
        return null;
    }
}
