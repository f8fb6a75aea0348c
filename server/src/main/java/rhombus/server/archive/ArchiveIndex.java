package rhombus.server.archive;

import java.util.List;

/**
 * What an archive holds, its first file.
 *
 * @param format {@link #FORMAT}
 * @param version {@link #VERSION}
 * @param account name of the account that it came from
 * @param scenes in the order in which their files follow
 */
record ArchiveIndex(String format, int version, String account, List<Kept> scenes) {
    ArchiveIndex {
        scenes = all(scenes);
    }

    static final String FORMAT = "rhombus-account";
    static final int VERSION = 1;
    /** Name of this file in the archive. */
    static final String FILE = "rhombus-account.json";

    /**
     * A scene.
     *
     * @param folder its files are in it
     * @param name of the scene
     * @param upAxis Y or Z
     * @param unit what its file's numbers are in, or null
     * @param asked whether that is still to be asked
     * @param notes what of its file is not shown
     * @param pictures behind its views
     * @param versions of its changes, the oldest first
     */
    record Kept(
            String folder,
            String name,
            String upAxis,
            String unit,
            boolean asked,
            List<String> notes,
            List<Picture> pictures,
            List<Version> versions) {
        Kept {
            there(folder);
            there(name);
            notes = all(notes);
            pictures = all(pictures);
            versions = all(versions);
        }
    }

    /**
     * A picture.
     *
     * @param id by which the scene's documents know it, and name of its file
     * @param name as its file was called
     */
    record Picture(String id, String name) {
        Picture {
            there(id);
            there(name);
        }
    }

    /**
     * A version of the changes.
     *
     * @param number name of its file
     * @param name as the user calls it
     * @param automatic whether it was kept by itself
     */
    record Version(int number, String name, boolean automatic) {
        Version {
            there(name);
        }
    }

    /** A list without holes; none is an empty one. */
    private static <T> List<T> all(List<T> given) {
        if (given != null) {
            given.forEach(ArchiveIndex::there);
        }
        return given == null ? List.of() : List.copyOf(given);
    }

    private static void there(Object o) {
        if (o == null) {
            throw new IllegalArgumentException("something is missing in the list of an archive");
        }
    }
}
