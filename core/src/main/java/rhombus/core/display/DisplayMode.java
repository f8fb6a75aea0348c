package rhombus.core.display;

/** How a viewport draws the scene. */
public enum DisplayMode {
    /** Modelled edges only; what lies inside shows. */
    WIRE("wire", "Wire", 1, Shade.NONE, Edging.LINES),
    /** Modelled edges and silhouettes; what lies behind surfaces is left out. */
    HIDDEN_LINE("hidden-line", "Hidden line", 2, Shade.PAPER, Edging.VISIBLE),
    /** Colours and textures as the file has them, without any light: the term of glTF's KHR_materials_unlit. */
    UNLIT("unlit", "Unlit", 4, Shade.UNLIT, Edging.NONE),
    /** Surfaces with one shade a face. */
    FLAT("flat-shading", "Flat shading", 5, Shade.FLAT, Edging.NONE),
    /** Shaded surfaces. */
    SMOOTH("smooth", "Smooth", 6, Shade.SMOOTH, Edging.NONE),
    /** Shaded surfaces with modelled edges on them. */
    SMOOTH_EDGES("smooth-edges", "Smooth + edges", 7, Shade.SMOOTH, Edging.ON_SURFACE);

    /** How edges are drawn. */
    public enum Edging {
        /** Not at all. */
        NONE,
        /** As lines, seen through everything. */
        LINES,
        /** As lines, where no surface is before them. */
        VISIBLE,
        /** Within the surface's own pass. */
        ON_SURFACE;

        /** Whether they are drawn as lines. */
        public boolean lines() {
            return this == LINES || this == VISIBLE;
        }
    }

    /** How light falls on surfaces. */
    public enum Shade {
        /** There are no surfaces. */
        NONE,
        /** By the normals of vertices. */
        SMOOTH,
        /** By the plane of each face. */
        FLAT,
        /** Not at all. */
        UNLIT,
        /** Not at all, and surfaces are as the ground behind them: they only hide. */
        PAPER
    }

    private final String id;
    private final String label;
    private final int digit;
    private final Shade shade;
    private final Edging edging;

    DisplayMode(String id, String label, int digit, Shade shade, Edging edging) {
        this.id = id;
        this.label = label;
        this.digit = digit;
        this.shade = shade;
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
        return shade != Shade.NONE;
    }

    /** How light falls on them. */
    public Shade shade() {
        return shade;
    }

    /** How edges are drawn. */
    public Edging edging() {
        return edging;
    }

    /** The mode that a digit chooses, or null. */
    public static DisplayMode on(int digit) {
        for (DisplayMode m : values()) {
            if (m.digit == digit) {
                return m;
            }
        }
        return null;
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
