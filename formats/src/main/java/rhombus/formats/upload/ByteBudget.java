package rhombus.formats.upload;

/** Bytes that may still be made of an upload. */
public final class ByteBudget {
    /** Bytes that a triangle comes to with its corners, edges and place in the picking hierarchy. */
    public static final int PER_TRIANGLE = 72;

    private final long sent;
    private long left;

    ByteBudget(long bytes, long sent) {
        this.left = bytes;
        this.sent = sent;
    }

    /**
     * Takes {@code bytes}, before they are allocated.
     *
     * @throws FileProblem if the file claims far more than it brings
     */
    public void take(long bytes, String place) {
        left -= bytes;
        if (left < 0) {
            throw new FileProblem(
                    place,
                    "claims far more data than the upload of " + size(sent)
                            + " brings. Let each mesh bring its own data, or upload fewer meshes that share one buffer");
        }
    }

    private static String size(long bytes) {
        return bytes < 10_000 ? bytes + " bytes" : bytes < 10_000_000 ? bytes / 1000 + " kB" : (bytes >> 20) + " MB";
    }
}
