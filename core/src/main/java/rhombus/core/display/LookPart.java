package rhombus.core.display;

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
            "Surfaces",
            "none",
            "None",
            "boxes",
            "Boxes",
            "unlit",
            "Unlit",
            "flat",
            "Flat",
            "smooth",
            "Smooth",
            "materials",
            "Materials"),
    COLOUR(
            "Colours",
            "scene",
            "The scene's",
            "neutral",
            "One for all",
            "object",
            "One an object",
            "layer",
            "One a layer"),
    LIGHT(
            "Lit by",
            "headlight",
            "Headlight",
            "studio",
            "Studio lights",
            "scene",
            "The scene's lights",
            "shadows",
            "With shadows",
            "none",
            "No lights"),
    OPACITY("Opacity", "10%", "10%", "22%", "22%", "40%", "40%", "60%", "60%", "80%", "80%", "100%", "100%"),
    EDGES("Edges", "none", "None", "modelled", "Modelled", "all", "All triangles"),
    HIDDEN("Hidden edges", "left-out", "Left out", "faint", "Faint", "shown", "Shown"),
    BACKS("Backs of faces", "shown", "Shown", "left-out", "Left out"),
    STROKES("Strokes", "none", "None", "hatched", "Hatched");

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
            throw new IllegalArgumentException(words + " can be " + String.join(", ", choices) + ", not “" + to + "”");
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
            percent = Double.parseDouble(text.substring(0, end));
        } catch (NumberFormatException e) {
            // Told below.
        }
        if (!(percent >= 1 && percent <= 100)) {
            throw new IllegalArgumentException("Opacity is from 1% to 100%, not “" + text + "”");
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
