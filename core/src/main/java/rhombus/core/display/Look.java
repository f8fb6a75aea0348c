package rhombus.core.display;

/**
 * How a viewport draws the scene: a description of its parts, which becomes passes. None of them is a case of its own in what draws.
 *
 * @param id name in files and commands
 * @param label name on the screen
 * @param digit key that chooses it, 0 for none
 * @param surface how surfaces are filled
 * @param light what lights them
 * @param opacity of surfaces, above 0 to 1
 * @param edges which edges are drawn
 * @param hidden what becomes of edges that lie behind surfaces
 * @param strokes whether it is drawn as with a pen
 */
public record Look(
        String id,
        String label,
        int digit,
        Surface surface,
        Light light,
        double opacity,
        Edges edges,
        Hidden hidden,
        Strokes strokes) {

    /** How surfaces are filled. */
    public enum Surface {
        /** Not at all. */
        NONE,
        /** A box stands for each object, as tight as its mesh's own axes allow. */
        BOXES,
        /** Colours and textures as the file has them. */
        UNLIT,
        /** One shade a face. */
        FLAT,
        /** By the normals of vertices. */
        SMOOTH,
        /** As the materials of the file say: the metallic-roughness model of glTF 2.0. */
        MATERIALS
    }

    /** What lights surfaces. */
    public enum Light {
        /** A light at the eye. */
        HEADLIGHT,
        /** Three soft lights fixed to the view. */
        STUDIO,
        /** The lights of the scene. */
        SCENE,
        /** The same, of which one casts shadows. */
        SHADOWS,
        /** None but that from all around. */
        NONE;

        /** Name in files and commands. */
        public String id() {
            return name().toLowerCase();
        }

        /** Name on the screen. */
        public String words() {
            return switch (this) {
                case HEADLIGHT -> "Headlight";
                case STUDIO -> "Studio lights";
                case SCENE -> "The scene's lights";
                case SHADOWS -> "The scene's lights and shadows";
                case NONE -> "No lights";
            };
        }

        /** Whether it is the scene's own lights. */
        public boolean own() {
            return this == SCENE || this == SHADOWS;
        }

        /** The one with this id, or null. */
        public static Light named(String id) {
            for (Light l : values()) {
                if (l.id().equals(id)) {
                    return l;
                }
            }
            return null;
        }
    }

    /** Which edges are drawn. */
    public enum Edges {
        /** None. */
        NONE,
        /** Those that are modelled: not the diagonals of flat faces. */
        MODELLED
    }

    /** What becomes of edges that lie behind surfaces. */
    public enum Hidden {
        /** They are left out. */
        LEFT_OUT,
        /** They are drawn like the others. */
        SHOWN
    }

    /** Whether it is drawn as with a pen. */
    public enum Strokes {
        /** It is not. */
        NONE,
        /** Darker tones are hatched. */
        HATCHED
    }

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

    /** What the programs that draw surfaces differ by. */
    public enum Shade {
        /** There are no surfaces. */
        NONE,
        /** By the normals of vertices, lit from the eye. */
        SMOOTH,
        /** By the plane of each face, lit from the eye. */
        FLAT,
        /** Not at all. */
        UNLIT,
        /** Not at all, and surfaces are as the ground behind them: they only hide. */
        PAPER,
        /** Like paper, with hatching where it is dark. */
        INK,
        /** One colour in three soft lights. */
        MATTE,
        /** As materials and the scene's lights say. */
        MATERIAL
    }

    /** Checks the opacity. */
    public Look {
        if (!(opacity > 0 && opacity <= 1)) {
            throw new IllegalArgumentException("A look's opacity is above 0 and at most 1, not " + opacity + ".");
        }
    }

    /** Whether surfaces are filled. */
    public boolean surfaces() {
        return shade() != Shade.NONE;
    }

    /** Whether a box stands for each object. */
    public boolean boxes() {
        return surface == Surface.BOXES;
    }

    /** Whether one sees, and takes, what lies inside: through surfaces or where there are none. */
    public boolean inside() {
        return through() || !surfaces();
    }

    /** Whether lights can be chosen for it: materials take any. */
    public boolean lit() {
        return surface == Surface.MATERIALS;
    }

    /** Whether surfaces let through what lies behind them. */
    public boolean through() {
        return opacity < 1 && surfaces();
    }

    /** How surfaces are drawn. */
    public Shade shade() {
        return switch (surface) {
            case BOXES -> Shade.NONE;
            case NONE -> hidden == Hidden.SHOWN ? Shade.NONE : strokes == Strokes.HATCHED ? Shade.INK : Shade.PAPER;
            case UNLIT -> Shade.UNLIT;
            case FLAT -> Shade.FLAT;
            case SMOOTH -> light == Light.STUDIO ? Shade.MATTE : Shade.SMOOTH;
            case MATERIALS -> Shade.MATERIAL;
        };
    }

    /** How edges are drawn. */
    public Edging edging() {
        if (edges == Edges.NONE || boxes()) {
            return Edging.NONE;
        }
        if (surface != Surface.NONE) {
            return Edging.ON_SURFACE;
        }
        return hidden == Hidden.SHOWN ? Edging.LINES : Edging.VISIBLE;
    }
}
