package rhombus.server.archive;

import java.util.HashMap;
import java.util.Map;

/** The files of one scene of an archive, by their names in its folder. */
final class SceneFolder {
    final ArchiveIndex.Kept index;
    private final Map<String, byte[]> files = new HashMap<>();

    SceneFolder(ArchiveIndex.Kept index) {
        this.index = index;
    }

    /** Whether a file belongs to it; it is taken then. */
    boolean takes(ArchiveEntries.File f) {
        String folder = index.folder() + "/";
        if (!f.name().startsWith(folder)) {
            return false;
        }
        files.put(f.name().substring(folder.length()), f.bytes());
        return true;
    }

    /** A file, or null. */
    byte[] file(String name) {
        return files.get(name);
    }

    long size() {
        return files.values().stream().mapToLong(b -> b.length).sum();
    }
}
