package rhombus.formats.upload;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Tells which of many files are one scene each, and which others go with them. */
public final class FileBundles {
    /** Scenes that name other files; the other formats hold all of theirs. */
    private static final Pattern OPEN = Pattern.compile("(?i).*\\.(gltf|obj)");

    private static final Pattern WHOLE = Pattern.compile("(?i).*\\.(glb|stl|ply|3mf|zip)");

    private FileBundles() {}

    /**
     * Files of one upload.
     *
     * @param name what to call it while it is on its way
     * @param files numbers of the files, the scene first
     */
    public record Bundle(String name, List<Integer> files) {}

    /**
     * Sorts files by the scenes they belong to. A scene that names other files takes along all that are no scenes and lie in
     * its folder or below; those that lie nowhere near any scene go with each. Without any scene all go together, so that
     * the reader can say what it misses.
     *
     * @param names of the files, with folders where there are any
     */
    public static List<Bundle> of(List<String> names) {
        List<Integer> others = new ArrayList<>();
        List<Integer> scenes = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            if (UploadedFiles.isDropping(names.get(i))) {
                continue;
            }
            (isScene(names.get(i)) ? scenes : others).add(i);
        }
        List<Bundle> out = new ArrayList<>();
        for (int s : scenes) {
            String name = names.get(s);
            List<Integer> files = new ArrayList<>(List.of(s));
            if (OPEN.matcher(name).matches()) {
                others.stream().filter(o -> belongs(names, scenes, s, o)).forEach(files::add);
            }
            out.add(new Bundle(name.substring(name.lastIndexOf('/') + 1), files));
        }
        if (scenes.isEmpty() && !others.isEmpty()) {
            String first = names.get(others.get(0));
            out.add(new Bundle(first.substring(first.lastIndexOf('/') + 1), others));
        }
        return out;
    }

    private static boolean isScene(String name) {
        return OPEN.matcher(name).matches() || WHOLE.matcher(name).matches();
    }

    private static boolean belongs(List<String> names, List<Integer> scenes, int scene, int other) {
        String folder = folder(names.get(scene));
        if (names.get(other).startsWith(folder)) {
            // The innermost folder that holds both counts: a scene further down is none of this one's business.
            return scenes.stream()
                    .map(s -> folder(names.get(s)))
                    .noneMatch(f ->
                            f.length() > folder.length() && names.get(other).startsWith(f));
        }
        return scenes.stream().noneMatch(s -> names.get(other).startsWith(folder(names.get(s))));
    }

    private static String folder(String name) {
        return name.substring(0, name.lastIndexOf('/') + 1);
    }
}
