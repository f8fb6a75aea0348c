package rhombus.core.optics;

import static rhombus.core.words.Messages.say;

import java.util.List;

/**
 * The area behind a lens that takes the picture.
 *
 * @param width millimetres
 * @param height millimetres
 */
public record FilmBack(double width, double height) {
    /** Smallest and largest side, millimetres. */
    public static final double SMALLEST = 0.1;

    public static final double LARGEST = 1000;
    /** The one focal lengths are usually told for. */
    public static final FilmBack FULL_FRAME = new FilmBack(36, 24);

    /** A back by its name. */
    public record Named(String name, FilmBack back) {
        /** What it is called on the screen; commands and tables have its name. */
        public String words() {
            return back.words();
        }
    }

    /** Sizes of the trade, from small to large (common practice, no source; the numbers are from memory). */
    public static final List<Named> TRADE = List.of(
            new Named("2/3 inch", new FilmBack(8.8, 6.6)),
            new Named("16 mm", new FilmBack(10.26, 7.49)),
            new Named("Super 16", new FilmBack(12.52, 7.41)),
            new Named("1 inch", new FilmBack(13.2, 8.8)),
            new Named("4/3 inch", new FilmBack(17.3, 13)),
            new Named("35 mm Academy", new FilmBack(21.95, 16)),
            new Named("Super 35", new FilmBack(24.89, 18.66)),
            new Named("Full frame", FULL_FRAME),
            new Named("65 mm, five perforations", new FilmBack(52.63, 23.01)),
            new Named("6 × 4.5 cm", new FilmBack(56, 41.5)),
            new Named("6 × 6 cm", new FilmBack(56, 56)),
            new Named("4 × 5 inch", new FilmBack(120, 95)));

    /**
     * Nothing but sizes that a picture can have.
     *
     * @throws IllegalArgumentException in words
     */
    public FilmBack {
        if (!(width >= SMALLEST && width <= LARGEST && height >= SMALLEST && height <= LARGEST)) {
            throw new IllegalArgumentException(say("film-back.is-between"));
        }
    }

    /** Width over height. */
    public double aspect() {
        return width / height;
    }

    /** Its name in the trade, or null. */
    public String name() {
        return TRADE.stream()
                .filter(n -> n.back.equals(this))
                .map(Named::name)
                .findFirst()
                .orElse(null);
    }

    /** What its size is called on the screen, or null. */
    public String words() {
        String name = name();
        return name == null ? null : FormatNames.words("film-back.", name);
    }

    /** The back of a name, or null. */
    public static FilmBack named(String name) {
        return TRADE.stream()
                .filter(n -> n.name.equals(name))
                .map(Named::back)
                .findFirst()
                .orElse(null);
    }
}
