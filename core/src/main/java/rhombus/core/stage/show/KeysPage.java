package rhombus.core.stage.show;

import java.util.List;
import rhombus.core.stage.view.Labelled;

/**
 * Everything the Keys page lists.
 *
 * @param name of the keymap
 * @param preset it stands on
 * @param presets to choose
 * @param changed how many bindings differ
 * @param missing essential commands without a trigger
 * @param canUndo whether a change can be taken back
 * @param bindings in the order of the commands
 */
public record KeysPage(
        String name,
        String preset,
        List<Labelled> presets,
        int changed,
        List<String> missing,
        boolean canUndo,
        List<KeyBinding> bindings) {}
