package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;

/**
 * How a viewport draws the scene: a description of its parts, which becomes passes. None of them is a case of its own in what draws.
 *
 * @param id name in files and commands
 * @param label name on the screen
 * @param digit key that chooses it at first, 0 for none
 * @param surface how surfaces are filled
 * @param colour whose colours they have
 * @param light what lights them
 * @param opacity of surfaces, above 0 to 1
 * @param edges which edges are drawn
 * @param hidden what becomes of edges that lie behind surfaces
 * @param backs whether surfaces are drawn where one sees them from behind
 * @param strokes whether it is drawn as with a pen
 */
public record Look(
        String id,
        String label,
        int digit,
        Surface surface,
        Colour colour,
        Light light,
        double opacity,
        Edges edges,
        Hidden hidden,
        boolean backs,
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

    /** Whose colours surfaces have. */
    public enum Colour {
        /** Those of the file. */
        SCENE,
        /** One for all: form without colour. */
        NEUTRAL,
        /** Each object has another, so that one tells them apart. */
        OBJECT,
        /** Each layer has another. */
        LAYER
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
                case HEADLIGHT -> say("look.headlight");
                case STUDIO -> say("look.studio-lights");
                case SCENE -> say("look.the-scenes-lights");
                case SHADOWS -> say("look.the-scenes-lights-and-shadows");
                case NONE -> say("look.no-lights");
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
        MODELLED,
        /** The sides of all triangles. */
        ALL
    }

    /** What becomes of edges that lie behind surfaces. */
    public enum Hidden {
        /** They are left out. */
        LEFT_OUT,
        /** They are drawn faintly. */
        FAINT,
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

    /**
     * How edges are drawn; several ways can be wanted at once.
     *
     * @param onSurface within the surface's own pass
     * @param lines as lines
     * @param hides whether lines are left out where a surface is before them
     * @param faint as faint lines, seen through everything
     */
    public record Edging(boolean onSurface, boolean lines, boolean hides, boolean faint) {
        /** Not at all. */
        public static final Edging NONE = new Edging(false, false, false, false);
    }

    /** Checks the opacity. */
    public Look {
        if (!(opacity > 0 && opacity <= 1)) {
            throw new IllegalArgumentException(say("look.a-looks-opacity-is-above", opacity));
        }
    }

    /** The same under another name and with no key of its own. */
    public Look named(String otherId, String otherLabel) {
        return new Look(otherId, otherLabel, 0, surface, colour, light, opacity, edges, hidden, backs, strokes);
    }

    /** Whether both draw the same, whatever they are called. */
    public boolean drawsAs(Look o) {
        return named("", "").equals(o.named("", ""));
    }

    /** Whether surfaces are filled: with the ground's own colour where they only hide what lies behind them. */
    public boolean surfaces() {
        return !boxes() && (surface != Surface.NONE || hidden != Hidden.SHOWN);
    }

    /** Whether a box stands for each object. */
    public boolean boxes() {
        return surface == Surface.BOXES;
    }

    /** Whether one sees, and takes, what lies inside: through surfaces or where there are none. */
    public boolean inside() {
        return through() || !surfaces();
    }

    /** Whether lights can be chosen for each viewport: materials take any, and what is lit by the scene's takes others too. */
    public boolean lit() {
        return surface == Surface.MATERIALS || shaded() && light != Light.HEADLIGHT && light != Light.STUDIO;
    }

    /** Whether light falls on surfaces as they are, not as their materials say. */
    private boolean shaded() {
        return surface == Surface.FLAT || surface == Surface.SMOOTH;
    }

    /** Whether surfaces let through what lies behind them. */
    public boolean through() {
        return opacity < 1 && surface != Surface.NONE && !boxes();
    }

    /** How surfaces are drawn, word by word: how light falls on them, what lights them, whose colours they have, and strokes. */
    public List<String> shading() {
        List<String> out = new ArrayList<>();
        out.add(
                switch (surface) {
                    case BOXES -> "none";
                    case NONE -> surfaces() ? "paper" : edges == Edges.ALL ? "wire" : "none";
                    case UNLIT -> "unlit";
                    case FLAT -> "flat";
                    case SMOOTH -> "smooth";
                    case MATERIALS -> "material";
                });
        if (lit()) {
            out.add("lamps");
        } else if (shaded() && light == Light.STUDIO) {
            out.add("studio");
        }
        if (surface != Surface.NONE && !boxes() && colour != Colour.SCENE) {
            out.add(colour.name().toLowerCase());
        }
        if (edges == Edges.ALL && !boxes()) {
            out.add("all");
        }
        if (strokes == Strokes.HATCHED && surfaces()) {
            out.add("hatched");
        }
        return out;
    }

    /** How edges are drawn. */
    public Edging edging() {
        if (edges == Edges.NONE || boxes()) {
            return Edging.NONE;
        }
        boolean all = edges == Edges.ALL;
        boolean over = hidden == Hidden.SHOWN && surface != Surface.NONE && !through();
        boolean onSurface = all || surface != Surface.NONE && !over;
        boolean lines = over || !all && surface == Surface.NONE;
        return new Edging(onSurface, lines, lines && hidden != Hidden.SHOWN, hidden == Hidden.FAINT && !through());
    }
}
