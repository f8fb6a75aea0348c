package rhombus.core.stage.show.keys;

import java.util.List;
import rhombus.core.stage.view.NamedOption;

/**
 * The keymap as a picture of the keyboard and of what else the hand holds, for the modifiers that are down and one place.
 *
 * @param width of the keyboard, widths of a letter's key
 * @param height of it
 * @param keys all keys
 * @param parts what other devices can do
 * @param families what belongs together, in the order in which colours are given
 * @param places where the pointer may be
 */
public record KeysPicture(
        double width,
        double height,
        List<KeyCap> keys,
        List<DevicePart> parts,
        List<String> families,
        List<NamedOption> places) {}
