package rhombus.core.stage.show.keys;

import java.util.List;
import java.util.Map;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.keymaps.BindingEditor;

/** The keymap as the page shows it: as a list, as a picture of the devices, and as a sheet to print. */
public final class KeymapReader {
    private final BindingEditor editor;

    /** Reads the keymap that an editor changes. */
    public KeymapReader(BindingEditor editor) {
        this.editor = editor;
    }

    /** The Keys page, as far as is looked for: {@code search}, {@code device}, {@code place}, {@code changed}, {@code compare}. */
    @PageCall
    public KeysPage page(Map<String, Object> wish, Map<String, String> layout) {
        return KeysList.of(editor, wish, layout);
    }

    /** The keymap as a picture, with these modifiers in a place: the id of a context, or empty for a perspective view. */
    @PageCall
    public KeysPicture picture(int modifiers, String place, Map<String, String> layout) {
        return KeysPictureBuilder.of(editor.keymaps().inUse(), layout, modifiers, place);
    }

    /** The keymap as a sheet to print, with the triggers that answer as things are. */
    @PageCall
    public KeysSheet sheet(Map<String, String> layout) {
        return KeysSheet.of(editor.keymaps().inUse(), layout);
    }

    /** What the trigger that is looked for can be given to, as far as words mean it, the best first. */
    @PageCall
    public List<TriggerTarget> bindable(String words) {
        return KeysList.giveable(editor, words);
    }

    /** The binding whose trigger is looked for from now on, see {@link BindingEditor#take}; null where there is none. */
    @PageCall
    @OrNull
    public KeyBinding take(String id, int which, Map<String, String> layout) {
        return KeysList.taken(editor, id, which, layout);
    }
}
