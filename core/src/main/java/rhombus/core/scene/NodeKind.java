package rhombus.core.scene;

/** What a node is to the user. */
public enum NodeKind {
    /** Has triangles. */
    MESH,
    /** Only holds other nodes. */
    GROUP,
    /** A camera. */
    CAMERA,
    /** A light. */
    LIGHT,
    /** A picture behind a view or before it. */
    PICTURE;

    /** The word used in files and in the browser. */
    public String word() {
        return name().toLowerCase();
    }
}
