package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.hand.BroughtKeys;
import rhombus.core.stage.hand.Captured;
import rhombus.core.stage.show.HabitRow;
import rhombus.core.stage.show.KeysPage;

/** Keymap and settings, with the pages on which they are changed. */
public interface KeysApi extends JSObject {
    /** What the user's own layout prints on each key. */
    void layout(@Gives(Map.class) JSObject names);

    @Gives(Map.class)
    JSObject keymap();

    /** Uses a stored keymap; gives what is wrong with it, or null. */
    @OrNothing
    String useKeymap(@Gives(Map.class) JSObject stored);

    /** The Keys page, as far as is looked for: {@code search}, {@code device}, {@code place}, {@code changed}. */
    @Gives(KeysPage.class)
    JSObject keysPage(@Gives(Map.class) JSObject wish);

    /** The system the browser runs on, in its own words. */
    void platform(String told);

    /** What the hand did while it was watched is what is looked for; whether that is decided. */
    boolean lookByDoing();

    void forgetDone();

    /** Looks at a keymap file; nothing changes yet. */
    @Gives(BroughtKeys.class)
    JSObject bringKeymap(@Gives(Map.class) JSObject file);

    /** Uses what can be used of it. */
    void useBrought();

    boolean redoKeymap();

    void resetGroup(String group);

    void capture(boolean on);

    @Gives(value = Captured.class, orNull = true)
    JSObject captured(String binding);

    void rebind(String how);

    void resetBinding(String binding);

    void usePreset(String preset);

    boolean undoKeymap();

    @Gives(Map.class)
    JSObject habits();

    void useHabits(@Gives(Map.class) JSObject stored);

    /** Whether the colours of X, Y and Z are those for eyes to which red and green look alike. */
    boolean clearAxisColours();

    @Gives(value = HabitRow.class, list = true)
    JSObject habitsPage();

    /** Sets a setting; an absent value puts it back. */
    void setHabit(@Gives(Map.class) JSObject change);
}
