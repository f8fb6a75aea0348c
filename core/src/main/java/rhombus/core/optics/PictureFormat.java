package rhombus.core.optics;

import static rhombus.core.words.Messages.say;

import java.util.List;

/**
 * The size of the final picture, pixels; they are square.
 *
 * @param width across
 * @param height down
 */
public record PictureFormat(int width, int height) {
    private static final int MOST = 32768;
    /** Most and least a picture is wider than high. */
    public static final double FLATTEST = 20;

    /** A size by its name. */
    public record Named(String name, PictureFormat format) {
        /** What it is called on the screen; commands take its name. */
        public String words() {
            return FormatNames.words("picture-format.", name);
        }
    }

    /** Sizes of the trade (common practice, no source; the numbers are from memory). */
    public static final List<Named> TRADE = List.of(
            new Named("HD", new PictureFormat(1920, 1080)),
            new Named("HD, half", new PictureFormat(1280, 720)),
            new Named("UHD", new PictureFormat(3840, 2160)),
            new Named("2K", new PictureFormat(2048, 1080)),
            new Named("4K", new PictureFormat(4096, 2160)),
            new Named("2K, 1.85", new PictureFormat(1998, 1080)),
            new Named("2K, 2.39", new PictureFormat(2048, 858)),
            new Named("4 : 3", new PictureFormat(1440, 1080)),
            new Named("Square", new PictureFormat(1080, 1080)),
            new Named("Upright", new PictureFormat(1080, 1920)));

    /** What a scene starts with. */
    public static final PictureFormat USUAL = TRADE.get(0).format;

    /**
     * Nothing but sizes that a picture can have.
     *
     * @throws IllegalArgumentException in words
     */
    public PictureFormat {
        if (width < 1 || height < 1 || width > MOST || height > MOST) {
            throw new IllegalArgumentException(say("picture-format.a-picture-has-between-1"));
        }
        if (width > FLATTEST * height || height > FLATTEST * width) {
            throw new IllegalArgumentException(say("picture-format.a-picture-is-between-a"));
        }
    }

    /** Width over height. */
    public double aspect() {
        return (double) width / height;
    }

    /** Its name in the trade, or null. */
    public String name() {
        return TRADE.stream()
                .filter(n -> n.format.equals(this))
                .map(Named::name)
                .findFirst()
                .orElse(null);
    }

    /** The size of a name, or null. */
    public static PictureFormat named(String name) {
        return TRADE.stream()
                .filter(n -> n.name.equals(name))
                .map(Named::format)
                .findFirst()
                .orElse(null);
    }
}
