package rhombus.formats.upload;

/**
 * How much a file may ask for. What a file claims without bringing it (zeros of sparse accessors, one buffer read by many
 * meshes, zips) is counted against the bytes that were really sent, so that a small file stays small.
 *
 * @param sentBytes of an upload altogether, as it comes in
 * @param files in an upload, those in a zip counted
 * @param unpackedBytes of a zip altogether
 * @param jsonBytes of a scene's JSON
 * @param jsonTokens in it: braces, brackets, names and values
 * @param elements in one accessor
 * @param triangles in the scene as drawn, each instance counted
 * @param nodes in the scene
 * @param depth of the tree of nodes
 */
public record UploadLimits(
        long sentBytes,
        int files,
        long unpackedBytes,
        int jsonBytes,
        long jsonTokens,
        int elements,
        int triangles,
        int nodes,
        int depth) {
    /** What a server with some gigabytes of memory can bear. */
    public static final UploadLimits DEFAULT =
            new UploadLimits(200L << 20, 1000, 512L << 20, 64 << 20, 12_000_000, 30_000_000, 10_000_000, 300_000, 1000);
    /** A small file may unpack to this much without a reason. */
    private static final long FREE = 32L << 20;

    private static final int UNPACKED_PER_BYTE = 50;
    private static final int READ_PER_BYTE = 100;

    /** How many bytes a zip may unpack to, with so many sent. */
    long unpacked(long sent) {
        return Math.min(unpackedBytes, FREE + UNPACKED_PER_BYTE * sent);
    }

    /** How many bytes may be made of what was sent; quantised strips of triangles, the densest honest case, make about twenty a byte. */
    public ByteBudget budget(long sent) {
        return new ByteBudget(2 * FREE + READ_PER_BYTE * sent, sent);
    }
}
