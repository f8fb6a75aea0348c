package rhombus.core.display;

/** How a viewport draws the scene. */
public enum DisplayMode {
    /** Modelled edges only; what lies inside shows. */
    WIRE("wire", "Wire", 1, false, Edging.LINES),
    /** Shaded surfaces. */
    SMOOTH("smooth", "Smooth", 6, true, Edging.NONE),
    /** Shaded surfaces with modelled edges on them. */
    SMOOTH_EDGES("smooth-edges", "Smooth + edges", 7, true, Edging.ON_SURFACE);

    /** How edges are drawn. */
    public enum Edging {
        /** Not at all. */
        NONE,
        /** As lines, seen through everything. */
        LINES,
        /** Within the surface's own pass. */
        ON_SURFACE
    }

    private final String id;
    private final String label;
    private final int digit;
    private final boolean surfaces;
    private final Edging edging;

    DisplayMode(String id, String label, int digit, boolean surfaces, Edging edging) {
        this.id = id;
        this.label = label;
        this.digit = digit;
        this.surfaces = surfaces;
        this.edging = edging;
    }

    /** Name in files and commands. */
    public String id() {
        return id;
    }

    /** Name on the screen. */
    public String label() {
        return label;
    }

    /** The digit key that chooses it. */
    public int digit() {
        return digit;
    }

    /** Whether surfaces are filled. */
    public boolean surfaces() {
        return surfaces;
    }

    /** How edges are drawn. */
    public Edging edging() {
        return edging;
    }

    /** The mode with this id, or null. */
    public static DisplayMode named(String id) {
        for (DisplayMode m : values()) {
            if (m.id.equals(id)) {
                return m;
            }
        }
        return null;
    }
}
