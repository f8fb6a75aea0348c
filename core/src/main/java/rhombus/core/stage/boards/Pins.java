package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.Arrangement;
import rhombus.core.board.StoredBoard;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.Viewport;

/** Stored viewpoints of a scene, single ones and whole boards, in the order the user gave them. */
public final class Pins {
    private static final int MOST = 200;
    /** Longest picture, characters of a data URL. */
    private static final int LARGEST = 60_000;

    private static final Set<String> FORMATS =
            Set.of("data:image/jpeg;base64,", "data:image/png;base64,", "data:image/webp;base64,");

    /**
     * A Pin.
     *
     * @param id names it
     * @param name shown with it
     * @param board whether it holds a whole board
     * @param look what is stored, as plain data
     * @param picture data URL of a small picture, or null
     */
    public record Pin(String id, String name, boolean board, Map<String, Object> look, String picture) {
        Map<String, Object> toPlain() {
            return PlainData.map("id", id, "name", name, board ? "board" : "view", look, "picture", picture);
        }

        static Pin of(Object plain) {
            Map<String, Object> m = PlainData.map(plain);
            boolean board = m.containsKey("board");
            Map<String, Object> look = PlainData.map(m.get(board ? "board" : "view"));
            if (board) {
                Arrangement.of(look.get("parts"));
            } else if (StoredView.pose(look.get("pose")) == null) {
                throw new IllegalArgumentException(say("pins.a-pin-holds-no-view"));
            }
            return new Pin(
                    PlainData.text(m.get("id"), ""),
                    StoredBoard.tidy(PlainData.text(m.get("name"), "")),
                    board,
                    look,
                    picture(m.get("picture")));
        }

        /** Only a picture that is its own data is ever shown: {@code data:image/…;base64,} and nothing but base64. */
        private static String picture(Object o) {
            String s = PlainData.text(o, "");
            int data = s.indexOf(',') + 1;
            String head = s.substring(0, data);
            if (s.length() > LARGEST || data == s.length() || !FORMATS.contains(head)) {
                return null;
            }
            // A loop: a browser's stack is too short for a regular expression over tens of thousands of characters.
            for (int i = data; i < s.length(); i++) {
                char c = s.charAt(i);
                boolean known = c >= 'A' && c <= 'Z'
                        || c >= 'a' && c <= 'z'
                        || c >= '0' && c <= '9'
                        || c == '+'
                        || c == '/'
                        || c == '=';
                if (!known) {
                    return null;
                }
            }
            return s;
        }
    }

    private final StageContext ground;
    private final Boards boards;
    private List<Pin> list = new ArrayList<>();
    /** The list before the last deletion, or null. */
    private List<Pin> before;

    public Pins(StageContext ground, Boards boards) {
        this.ground = ground;
        this.boards = boards;
    }

    public List<Pin> list() {
        return list;
    }

    public Pin named(String id) {
        return list.stream().filter(p -> p.id.equals(id)).findFirst().orElse(null);
    }

    public Map<String, Object> toPlain() {
        return plain(list);
    }

    /** One Pin as a document of its own. */
    public Map<String, Object> plain(String id) {
        Pin p = named(id);
        return p == null ? null : plain(List.of(p));
    }

    private static Map<String, Object> plain(List<Pin> pins) {
        List<Object> out = new ArrayList<>();
        pins.forEach(p -> out.add(p.toPlain()));
        return PlainData.map("format", "rhombus-pins", "version", 1, "pins", out);
    }

    /**
     * Checks a document.
     *
     * @throws IllegalArgumentException with what is wrong with it
     */
    public static void check(Map<String, Object> document) {
        read(document);
    }

    private static List<Pin> read(Map<String, Object> m) {
        if (!"rhombus-pins".equals(m.get("format")) || PlainData.whole(m.get("version"), 0) != 1) {
            throw new IllegalArgumentException(say("pins.it-is-not-a-rhombus"));
        }
        List<Object> pins = PlainData.list(m.get("pins"));
        if (pins.size() > MOST) {
            throw new IllegalArgumentException(say("pins.it-holds-more-than-pins", MOST));
        }
        return new ArrayList<>(pins.stream().map(Pin::of).toList());
    }

    /** Takes over a document; gives what is wrong with it, or null. */
    public String use(Map<String, Object> m) {
        try {
            list = new ArrayList<>();
            addAll(read(m));
            ground.changes().add(ChangeTopic.PINS);
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** Adds the Pins of a document to those there are; gives what is wrong with it, or null. */
    public String bring(Map<String, Object> m) {
        try {
            List<Pin> read = read(m);
            if (list.size() + read.size() > MOST) {
                return say("pins.there-would-be-more-than", MOST);
            }
            addAll(read);
            changed();
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    private void addAll(List<Pin> read) {
        for (Pin p : read) {
            boolean free = p.id.matches("[A-Za-z0-9-]{1,20}") && named(p.id) == null;
            list.add(free ? p : new Pin(freeId(), p.name, p.board, p.look, p.picture));
        }
    }

    private String freeId() {
        Set<String> taken = new HashSet<>();
        list.forEach(p -> taken.add(p.id));
        int n = list.size() + 1;
        while (taken.contains("p" + n)) {
            n++;
        }
        return "p" + n;
    }

    private void changed() {
        ground.changes().add(ChangeTopic.PINS, ChangeTopic.KEEP_PINS);
    }

    // ---- what a person does ----------------------------------------------------------------------------------------

    /** Pins what a viewport shows, or the whole board; without a name it is called after that. */
    public void add(Viewport v, boolean board, String name) {
        if (list.size() >= MOST) {
            ground.changes().notice(say("pins.there-are-pins-already-delete", MOST), null, null);
            return;
        }
        String words = name.isBlank()
                ? unused(board ? ground.board().name : PlateCaptions.title(ground, v))
                : StoredBoard.tidy(name);
        String id = freeId();
        list.add(new Pin(id, words, board, look(v, board), null));
        ground.changes().notice(say("pins.pinned", words), null, null);
        picture(id, board, v);
    }

    /** Puts what is shown now in a Pin's place. */
    public void update(Pin pin, Viewport v) {
        list.set(list.indexOf(pin), new Pin(pin.id, pin.name, pin.board, look(v, pin.board), null));
        picture(pin.id, pin.board, v);
    }

    /** Another name for a Pin; null leaves it. */
    public void rename(Pin pin, String name) {
        list.set(
                list.indexOf(pin),
                new Pin(pin.id, StoredBoard.tidy(name == null ? pin.name : name), pin.board, pin.look, pin.picture));
        changed();
    }

    /** Puts a Pin at another place of the list. */
    public void move(Pin pin, int to) {
        list.remove(pin);
        list.add(Math.max(0, Math.min(list.size(), to)), pin);
        changed();
    }

    /** Deletes a Pin; the last one deleted can be brought back. */
    public void delete(Pin pin) {
        before = new ArrayList<>(list);
        list.remove(pin);
        ground.changes().notice(say("pins.is-deleted", pin.name), say("pins.bring-it-back"), "pin.restore");
        changed();
    }

    /** Brings the last deleted Pin back. */
    public void restore() {
        if (before != null) {
            list = before;
            before = null;
            changed();
        }
    }

    private String unused(String word) {
        Set<String> taken = new HashSet<>();
        list.forEach(p -> taken.add(p.name));
        int n = 2;
        String s = word;
        while (taken.contains(s)) {
            s = word + " " + n++;
        }
        return s;
    }

    private Map<String, Object> look(Viewport v, boolean board) {
        return board ? BoardAddress.of(boards.current()) : StoredView.look(v);
    }

    /** Whoever paints is asked for a picture; see {@link #picture(String, String)}. */
    private void picture(String id, boolean board, Viewport v) {
        ground.changes().application("pin.picture", PlainData.map("pin", id, "view", board ? null : v.id));
        changed();
    }

    /** Gives a Pin its picture. */
    public void picture(String id, String dataUrl) {
        Pin p = named(id);
        if (p != null) {
            list.set(list.indexOf(p), new Pin(p.id, p.name, p.board, p.look, Pin.picture(dataUrl)));
            changed();
        }
    }
}
