package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.keymaps.CapturedTrigger;
import rhombus.core.stage.keymaps.ImportedKeymap;
import rhombus.core.stage.keymaps.TeachingState;
import rhombus.core.stage.show.HabitRow;
import rhombus.core.stage.show.KeyBinding;
import rhombus.core.stage.show.KeysPage;
import rhombus.core.stage.show.KeysPicture;
import rhombus.core.stage.show.KeysSheet;
import rhombus.core.stage.show.PreviewFrame;
import rhombus.core.stage.show.TriggerTarget;

/** Keymap and settings, with the pages on which they are changed. */
public interface KeysApi extends JSObject {
    /** What the user's own layout prints on each key. */
    void layout(@Gives(Map.class) JSObject names);

    @Gives(Map.class)
    JSObject keymap();

    /** All keymaps of the user, as they are kept. */
    @Gives(Map.class)
    JSObject keptKeymaps();

    /** Uses kept keymaps; gives what is wrong with them, or null. */
    @OrNothing
    String useKeymaps(@Gives(Map.class) JSObject stored);

    /** The triggers of a command as things are, in words: none where the settings switch them off. */
    @Gives(value = String.class, list = true)
    JSObject triggersOf(String command);

    void chooseKeymap(String name);

    void copyKeymap(String name);

    /** Gives what is wrong with the name, or null. */
    @OrNothing
    String renameKeymap(String name);

    void deleteKeymap();

    /** The keymap for the other hand. */
    void mirrorKeymap();

    /** The Keys page, as far as is looked for: {@code search}, {@code device}, {@code place}, {@code changed}. */
    @Gives(KeysPage.class)
    JSObject keysPage(@Gives(Map.class) JSObject wish);

    /** The keymap as a picture, with these modifiers in a place: the id of a context, or empty for a plain perspective view. */
    @Gives(KeysPicture.class)
    JSObject keysPicture(int modifiers, String place);

    /** The keymap as a sheet to print. */
    @Gives(KeysSheet.class)
    JSObject keysSheet();

    /** What the user's own layout prints on each key, as far as it is known. */
    @Gives(Map.class)
    JSObject printed();

    /** What a key, a button or a part of another device does is looked for; pressing it is not needed. */
    void lookAt(String trigger, int modifiers);

    /** What stands against giving that trigger to the binding that was taken. */
    @Gives(value = CapturedTrigger.class, orNull = true)
    JSObject offered();

    /** What that trigger can be given to, as far as words mean it, the best first. */
    @Gives(value = TriggerTarget.class, list = true)
    JSObject bindable(String words);

    /** Begins the teaching by hand. */
    void teach();

    /** How far it has come. */
    @Gives(TeachingState.class)
    JSObject teaching();

    /** Looks at what the hand has done while it was watched; says whether it is over, be it taken or asked for again. */
    boolean taught(double timeMs);

    void skipLesson();

    void lessonBefore();

    /** Puts what was taught on trial. */
    boolean tryTaught();

    boolean onTrial();

    void keepTaught();

    void discardTaught();

    /** A key was typed: what it printed is what the user's own layout has there. */
    void typed(String code, String printed, int modifiers);

    /** The system the browser runs on, in its own words. */
    void platform(String told);

    /** What the hand did while it was watched is what is looked for; whether that is decided. */
    boolean lookByDoing();

    void forgetDone();

    /** Looks at a keymap file; nothing changes yet. */
    @Gives(ImportedKeymap.class)
    JSObject bringKeymap(@Gives(Map.class) JSObject file);

    /** A keymap came with an address: the page's notices tell of it. */
    void keymapCame(@Gives(Map.class) JSObject keymap);

    /** Uses what can be used of it. */
    void useBrought();

    boolean redoKeymap();

    void resetGroup(String group);

    void capture(boolean on);

    /**
     * The binding whose trigger is looked for from now on: one that is there by its id, or one that a command gets besides, by
     * the command's id and its place among what the page says that one more trigger can do.
     */
    @Gives(value = KeyBinding.class, orNull = true)
    JSObject takeBinding(String id, int which);

    @Gives(value = CapturedTrigger.class, orNull = true)
    JSObject captured();

    void rebind(String how, boolean sure);

    void resetBinding(String binding);

    void usePreset(String preset);

    boolean undoKeymap();

    @Gives(Map.class)
    JSObject habits();

    void useHabits(@Gives(Map.class) JSObject stored);

    /** Whether the colours of X, Y and Z are those for eyes to which red and green look alike. */
    boolean clearAxisColours();

    /** The theme of every machine, or null where each has its own. */
    @OrNothing
    String theme();

    /** Keymaps and settings in one file. */
    @Gives(Map.class)
    JSObject handFile();

    /** Uses such a file; gives what is to be told of it, or null where all of it is in use. */
    @OrNothing
    String useHandFile(@Gives(Map.class) JSObject file);

    /** Settings that are meant by words, or all. */
    @Gives(value = HabitRow.class, list = true)
    JSObject habitsPage(String search);

    /** A moment of the preview of a setting with the values that are set; null where there is none. */
    @Gives(value = PreviewFrame.class, orNull = true)
    JSObject habitPreview(String id, double timeMs);

    /** Sets a setting; an absent value puts it back. */
    void setHabit(@Gives(Map.class) JSObject change);
}
