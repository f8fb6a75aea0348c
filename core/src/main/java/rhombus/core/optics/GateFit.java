package rhombus.core.optics;

import static rhombus.core.words.Messages.say;

/** How a picture of one shape lies on a film back of another: which part of the back is the picture. */
public enum GateFit {
    FILL(say("gate-fit.fill"), say("gate-fit.the-picture-lies-inside-the")),
    OVERSCAN(say("gate-fit.overscan"), say("gate-fit.the-back-lies-inside-the")),
    HORIZONTAL(say("gate-fit.horizontal"), say("gate-fit.as-wide-as-the-back")),
    VERTICAL(say("gate-fit.vertical"), say("gate-fit.as-high-as-the-back"));

    private final String label;
    private final String does;

    GateFit(String label, String does) {
        this.label = label;
        this.does = does;
    }

    public String id() {
        return name().toLowerCase();
    }

    public String label() {
        return label;
    }

    /** What it does, in words. */
    public String does() {
        return does;
    }

    /** The fit of an id, or null. */
    public static GateFit named(String id) {
        for (GateFit f : values()) {
            if (f.id().equals(id)) {
                return f;
            }
        }
        return null;
    }

    /**
     * Height of the picture on the back.
     *
     * @param aspect width over height of the picture; 0 stands for that of the back
     * @return millimetres
     */
    public double height(FilmBack back, double aspect) {
        if (aspect == 0) {
            return back.height();
        }
        boolean wider = aspect > back.aspect();
        boolean byWidth =
                switch (this) {
                    case FILL -> wider;
                    case OVERSCAN -> !wider;
                    case HORIZONTAL -> true;
                    case VERTICAL -> false;
                };
        return byWidth ? back.width() / aspect : back.height();
    }
}
