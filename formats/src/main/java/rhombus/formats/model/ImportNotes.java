package rhombus.formats.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.formats.upload.FileProblem;

/** What of a file is kept but not shown, left out or changed: sentences, with how often and where first. */
public final class ImportNotes {
    /** A file may give reasons for more sentences than anybody reads. */
    private static final int MOST = 200;

    private record Note(String place, int times) {}

    private final Map<String, Note> notes = new LinkedHashMap<>();

    /** Something that holds for the file as a whole. */
    public void add(String sentence) {
        add(sentence, "");
    }

    /**
     * Something that holds at a place of the file.
     *
     * @param sentence the same words for the same sort of thing, with a full stop
     * @param place where, for example {@code meshes[3]} or {@code line 12}; empty for the file as a whole
     */
    public void add(String sentence, String place) {
        if (notes.containsKey(sentence) || notes.size() < MOST) {
            notes.merge(sentence, new Note(place, 1), (a, b) -> new Note(a.place, a.times + 1));
        }
    }

    /** All sentences in the order in which they first came up. */
    public List<String> sentences() {
        List<String> out = new ArrayList<>();
        notes.forEach((sentence, n) -> {
            if (n.place.isEmpty()) {
                out.add(sentence);
            } else {
                String where = FileProblem.shown(n.place);
                out.add(sentence
                        + (n.times == 1 ? " (" + where + ")" : " (" + n.times + " times, first at " + where + ")"));
            }
        });
        return out;
    }
}
