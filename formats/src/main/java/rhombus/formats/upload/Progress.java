package rhombus.formats.upload;

/** Told how far long work has come; may end it. */
@FunctionalInterface
public interface Progress {
    /** Nobody listens. */
    Progress SILENT = (words, part) -> {};

    /**
     * Work goes on.
     *
     * @param words what is being done
     * @param part how much of everything is done, 0 to 1
     * @throws Cancelled if the work is no longer wanted
     */
    void at(String words, double part);

    /** The work is no longer wanted. */
    final class Cancelled extends RuntimeException {
        private static final long serialVersionUID = 1;

        /** Cancelled by the user. */
        public Cancelled() {
            super("cancelled");
        }
    }
}
