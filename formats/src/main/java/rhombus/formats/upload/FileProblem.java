package rhombus.formats.upload;

/** Something in a file that keeps it from being read; the message names the place and says what to do. */
public final class FileProblem extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String place;

    /**
     * A problem.
     *
     * @param place where in the file, for example {@code accessors[3].count}
     * @param detail what is wrong there, in words a person can act on
     */
    public FileProblem(String place, String detail) {
        super(place.isEmpty() ? detail : place + ": " + detail);
        this.place = place;
    }

    /** Where in the file. */
    public String place() {
        return place;
    }

    /** Text of the file as part of a message: one line, not endless. */
    public static String shown(Object o) {
        String s = String.valueOf(o).replaceAll("\\p{Cntrl}", " ");
        return s.length() > 80 ? s.substring(0, 77) + "…" : s;
    }
}
