package rhombus.core.stage.show.keys;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.view.NamedOption;

/**
 * Everything the Keys page shows.
 *
 * @param name of the keymap
 * @param preset it stands on
 * @param own whether it is more than a preset as it comes
 * @param others names of the user's other keymaps
 * @param presets to choose
 * @param hand for which hand its preset is, in a sentence
 * @param elsewhere name of the keymap of other scenes, where this scene has one of its own
 * @param find what opens the list in which every command is found, in words
 * @param lettersOff whether single-character shortcuts are switched off
 * @param changed how many bindings differ
 * @param missing essential commands without a trigger
 * @param canUndo whether a change can be taken back
 * @param canRedo whether one that was taken back can be made again
 * @param groups headings that have a row
 * @param devices to choose from
 * @param places contexts to choose from
 * @param rows commands, in the order of the headings
 * @param done what the hand did to look for, in words
 * @param answers what that does, place by place, the one that is asked first before the others
 */
public record KeysPage(
        String name,
        String preset,
        boolean own,
        List<String> others,
        List<NamedOption> presets,
        String hand,
        @Maybe String elsewhere,
        @Maybe String find,
        boolean lettersOff,
        int changed,
        List<String> missing,
        boolean canUndo,
        boolean canRedo,
        List<String> groups,
        List<NamedOption> devices,
        List<NamedOption> places,
        List<KeyRow> rows,
        @Maybe String done,
        List<KeyAnswer> answers) {}
