package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import java.util.List;
import rhombus.core.display.Look.Colour;
import rhombus.core.display.Look.Edges;
import rhombus.core.display.Look.Hidden;
import rhombus.core.display.Look.Light;
import rhombus.core.display.Look.Strokes;
import rhombus.core.display.Look.Surface;
import rhombus.core.words.Messages;

/** A part of a look that can be changed by itself: what it is called, what it can be, and whether it makes a difference. */
public enum LookPart {
    SURFACE("none", "boxes", "unlit", "flat", "smooth", "materials"),
    COLOUR("scene", "neutral", "object", "layer"),
    LIGHT("headlight", "studio", "scene", "shadows", "none"),
    OPACITY("10%", "22%", "40%", "60%", "80%", "100%"),
    EDGES("none", "modelled", "all"),
    HIDDEN("left-out", "faint", "shown"),
    BACKS("shown", "left-out"),
    STROKES("none", "hatched");

    private final List<String> choices;

    LookPart(String... choices) {
        this.choices = List.of(choices);
    }

    /** Name in files and commands. */
    public String id() {
        return name().toLowerCase();
    }

    /** Name on the screen. */
    public String words() {
        return say("look-part." + id());
    }

    /** What it can be, as files and commands say it; of the opacity these are some of many. */
    public List<String> choices() {
        return choices;
    }

    /** What a choice is called on the screen. */
    public String label(String choice) {
        String message = "look-part." + id() + "." + choice;
        return Messages.has(message) ? say(message) : choice;
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
            throw new IllegalArgumentException(say("look-part.can-be-not", words(), String.join(", ", choices), to));
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
