package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.display.Look.Colour;
import rhombus.core.display.Look.Edges;
import rhombus.core.display.Look.Hidden;
import rhombus.core.display.Look.Light;
import rhombus.core.display.Look.Strokes;
import rhombus.core.display.Look.Surface;

/** The looks that are there for everybody: nine on digits, and two more. */
public final class StandardLooks {
    /** Modelled edges only; what lies inside shows. */
    public static final Look WIRE =
            look("wire", say("usual-looks.wire"), 1, Surface.NONE, Edges.MODELLED, Hidden.SHOWN);
    /** Modelled edges and silhouettes; what lies behind surfaces is left out. */
    public static final Look HIDDEN_LINE =
            look("hidden-line", say("usual-looks.hidden-line"), 2, Surface.NONE, Edges.MODELLED, Hidden.LEFT_OUT);
    /** A box for each object. */
    public static final Look BOXES =
            look("boxes", say("usual-looks.boxes"), 3, Surface.BOXES, Edges.NONE, Hidden.SHOWN);
    /** Colours and textures as the file has them, without any light: the term of glTF's KHR_materials_unlit. */
    public static final Look UNLIT =
            look("unlit", say("usual-looks.unlit"), 4, Surface.UNLIT, Edges.NONE, Hidden.LEFT_OUT);
    /** Surfaces with one shade a face. */
    public static final Look FLAT =
            look("flat-shading", say("usual-looks.flat-shading"), 5, Surface.FLAT, Edges.NONE, Hidden.LEFT_OUT);
    /** Shaded surfaces. */
    public static final Look SMOOTH =
            look("smooth", say("usual-looks.smooth"), 6, Surface.SMOOTH, Edges.NONE, Hidden.LEFT_OUT);
    /** Shaded surfaces with modelled edges on them. */
    public static final Look SMOOTH_EDGES =
            look("smooth-edges", say("usual-looks.smooth-edges"), 7, Surface.SMOOTH, Edges.MODELLED, Hidden.LEFT_OUT);
    /** Surfaces that let through what lies behind them. */
    public static final Look TRANSLUCENT = new Look(
            "translucent",
            say("usual-looks.translucent"),
            8,
            Surface.SMOOTH,
            Colour.SCENE,
            Light.HEADLIGHT,
            0.22,
            Edges.MODELLED,
            Hidden.SHOWN,
            true,
            Strokes.NONE);
    /** Materials and lights as the file has them. */
    public static final Look SCENE_LIGHT = other(
            "scene-light",
            say("usual-looks.scene-light"),
            9,
            Surface.MATERIALS,
            Colour.SCENE,
            Light.SHADOWS,
            Edges.NONE);
    /** Form without colour. */
    public static final Look MATTE =
            other("matte", say("usual-looks.matte"), 0, Surface.SMOOTH, Colour.NEUTRAL, Light.STUDIO, Edges.NONE);
    /** Outlines and hatching, as with a pen. */
    public static final Look INK = new Look(
            "ink",
            say("usual-looks.ink"),
            0,
            Surface.NONE,
            Colour.SCENE,
            Light.HEADLIGHT,
            1,
            Edges.MODELLED,
            Hidden.LEFT_OUT,
            true,
            Strokes.HATCHED);

    /** All of them, those with digits first and in their order. */
    public static final List<Look> ALL =
            List.of(WIRE, HIDDEN_LINE, BOXES, UNLIT, FLAT, SMOOTH, SMOOTH_EDGES, TRANSLUCENT, SCENE_LIGHT, MATTE, INK);

    private StandardLooks() {}

    private static Look look(String id, String label, int digit, Surface surface, Edges edges, Hidden hidden) {
        return new Look(id, label, digit, surface, Colour.SCENE, Light.HEADLIGHT, 1, edges, hidden, true, Strokes.NONE);
    }

    private static Look other(
            String id, String label, int digit, Surface surface, Colour colour, Light light, Edges edges) {
        return new Look(id, label, digit, surface, colour, light, 1, edges, Hidden.LEFT_OUT, true, Strokes.NONE);
    }

    /** The look with this id, or null. */
    public static Look named(String id) {
        return ALL.stream().filter(l -> l.id().equals(id)).findFirst().orElse(null);
    }
}
