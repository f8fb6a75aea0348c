package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.MergeResult;

/** The documents that are kept for the user; see {@link rhombus.core.stage.boards.UserDocuments}. What takes one gives what is wrong with it, or null. */
public interface KeptApi extends JSObject {
    @Gives(Map.class)
    JSObject workspace();

    void restore(@Gives(Map.class) JSObject stored);

    @Gives(Map.class)
    JSObject boards();

    @OrNothing
    String useBoards(@Gives(Map.class) JSObject stored);

    @Gives(Map.class)
    JSObject pins();

    @Gives(value = Map.class, orNull = true)
    JSObject pin(String pin);

    @OrNothing
    String usePins(@Gives(Map.class) JSObject stored);

    @OrNothing
    String bringPins(@Gives(Map.class) JSObject file);

    void pinPicture(String pin, String dataUrl);

    @Gives(Map.class)
    JSObject edits();

    @OrNothing
    String useEdits(@Gives(Map.class) JSObject stored);

    @OrNothing
    String bringBack(String title, @Gives(Map.class) JSObject stored);

    /** Brings together what this window and another changed in {@code boards}, {@code pins}, {@code keymap} or {@code habits}. */
    @Gives(MergeResult.class)
    JSObject merge(String what, @Gives(Map.class) JSObject base, @Gives(Map.class) JSObject theirs, String prefers);

    @Gives(Map.class)
    JSObject address();

    @OrNothing
    String openAddress(@Gives(Map.class) JSObject address);
}
