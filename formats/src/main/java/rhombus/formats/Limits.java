package rhombus.formats;

/**
 * How much a file may ask for.
 *
 * @param unpackedBytes of a zip altogether
 * @param zipEntries in a zip
 * @param elements in one accessor
 * @param triangles in all meshes together
 * @param nodes in the scene
 */
public record Limits(long unpackedBytes, int zipEntries, int elements, int triangles, int nodes) {
    /** What a server with some gigabytes of memory can bear. */
    public static final Limits DEFAULT = new Limits(512L << 20, 2000, 30_000_000, 10_000_000, 500_000);
}
