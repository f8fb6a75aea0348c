package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import rhombus.core.display.Look.Colour;
import rhombus.core.display.Look.Edges;
import rhombus.core.display.Look.Hidden;
import rhombus.core.display.Look.Light;
import rhombus.core.display.Look.Strokes;
import rhombus.core.display.Look.Surface;

/** A part of a look that can be changed by itself: what it is called, what it can be, and whether it makes a difference. */
public enum LookPart {
    SURFACE(
            say("look-part.surfaces"),
            "none",
            say("look-part.none"),
            "boxes",
            say("look-part.boxes"),
            "unlit",
            say("look-part.unlit"),
            "flat",
            say("look-part.flat"),
            "smooth",
            say("look-part.smooth"),
            "materials",
            say("look-part.materials")),
    COLOUR(
            say("look-part.colours"),
            "scene",
            say("look-part.the-scenes"),
            "neutral",
            say("look-part.one-for-all"),
            "object",
            say("look-part.one-an-object"),
            "layer",
            say("look-part.one-a-layer")),
    LIGHT(
            say("look-part.lit-by"),
            "headlight",
            say("look-part.headlight"),
            "studio",
            say("look-part.studio-lights"),
            "scene",
            say("look-part.the-scenes-lights"),
            "shadows",
            say("look-part.with-shadows"),
            "none",
            say("look-part.no-lights")),
    OPACITY(
            say("look-part.opacity"),
            "10%",
            "10%",
            "22%",
            "22%",
            "40%",
            "40%",
            "60%",
            "60%",
            "80%",
            "80%",
            "100%",
            "100%"),
    EDGES(
            say("look-part.edges"),
            "none",
            say("look-part.none"),
            "modelled",
            say("look-part.modelled"),
            "all",
            say("look-part.all-triangles")),
    HIDDEN(
            say("look-part.hidden-edges"),
            "left-out",
            say("look-part.left-out"),
            "faint",
            say("look-part.faint"),
            "shown",
            say("look-part.shown")),
    BACKS(say("look-part.backs-of-faces"), "shown", say("look-part.shown"), "left-out", say("look-part.left-out")),
    STROKES(say("look-part.strokes"), "none", say("look-part.none"), "hatched", say("look-part.hatched"));

    private final String words;
    private final List<String> choices = new ArrayList<>();
    private final List<String> labels = new ArrayList<>();

    LookPart(String words, String... choices) {
        this.words = words;
        for (int i = 0; i < choices.length; i += 2) {
            this.choices.add(choices[i]);
            labels.add(choices[i + 1]);
        }
    }

    /** Name in files and commands. */
    public String id() {
        return name().toLowerCase();
    }

    /** Name on the screen. */
    public String words() {
        return words;
    }

    /** What it can be, as files and commands say it; of the opacity these are some of many. */
    public List<String> choices() {
        return choices;
    }

    /** What a choice is called on the screen. */
    public String label(String choice) {
        int n = choices.indexOf(choice);
        return n < 0 ? choice : labels.get(n);
    }

    /** The part with this id, or null. */
    public static LookPart named(String id) {
        return Arrays.stream(values())
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElse(null);
    }

    /** What it is in a look. */
    public String of(Look l) {
        return switch (this) {
            case SURFACE -> word(l.surface());
            case COLOUR -> word(l.colour());
            case LIGHT -> word(l.light());
            case OPACITY -> Math.round(l.opacity() * 100) + "%";
            case EDGES -> word(l.edges());
            case HIDDEN -> word(l.hidden());
            case BACKS -> l.backs() ? "shown" : "left-out";
            case STROKES -> word(l.strokes());
        };
    }

    /**
     * The look with this part changed.
     *
     * @throws IllegalArgumentException saying what it can be
     */
    public Look in(Look l, String to) {
        if (this != OPACITY && !choices.contains(to)) {
            throw new IllegalArgumentException(say("look-part.can-be-not", words, String.join(", ", choices), to));
        }
        return new Look(
                l.id(),
                l.label(),
                l.digit(),
                this == SURFACE ? value(Surface.values(), to) : l.surface(),
                this == COLOUR ? value(Colour.values(), to) : l.colour(),
                this == LIGHT ? value(Light.values(), to) : l.light(),
                this == OPACITY ? opacity(to) : l.opacity(),
                this == EDGES ? value(Edges.values(), to) : l.edges(),
                this == HIDDEN ? value(Hidden.values(), to) : l.hidden(),
                this == BACKS ? to.equals("shown") : l.backs(),
                this == STROKES ? value(Strokes.values(), to) : l.strokes());
    }

    /** Whether a look is drawn otherwise when this part changes, so that it is worth asking for. */
    public boolean matters(Look l) {
        boolean filled = l.surface() != Surface.NONE && !l.boxes();
        return switch (this) {
            case SURFACE -> true;
            case COLOUR, OPACITY -> filled;
            case LIGHT -> filled && l.surface() != Surface.UNLIT;
            case EDGES -> !l.boxes();
            case HIDDEN -> !l.boxes() && !l.through() && (l.edges() != Edges.NONE || !filled);
            case BACKS, STROKES -> l.surfaces();
        };
    }

    private static double opacity(String text) {
        int end = text.endsWith("%") ? text.length() - 1 : text.length();
        double percent = Double.NaN;
        try {
            percent = Double.parseDouble(text.substring(0, end).strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            // Told below.
        }
        if (!(percent >= 1 && percent <= 100)) {
            throw new IllegalArgumentException(say("look-part.opacity-is-from-1-to", text));
        }
        return Math.round(percent) / 100.0;
    }

    private static String word(Enum<?> e) {
        return e.name().toLowerCase().replace('_', '-');
    }

    private static <E extends Enum<E>> E value(E[] all, String word) {
        return Arrays.stream(all).filter(e -> word(e).equals(word)).findFirst().orElseThrow();
    }
}
