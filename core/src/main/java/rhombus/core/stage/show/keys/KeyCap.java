package rhombus.core.stage.show.keys;

import rhombus.core.plain.Maybe;

/**
 * A key in the picture of the keymap.
 *
 * @param code W3C {@code KeyboardEvent.code}
 * @param label what the user's own layout prints on it
 * @param x of its left side, widths of a letter's key
 * @param y of its top
 * @param width of it
 * @param height of it
 * @param family place among the families of what it does, or -1
 * @param does what it does, pressed
 * @param holds what it does, held while the pointer moves
 * @param modifier its bit, where it is a modifier key; else 0
 * @param down whether that modifier is down
 */
public record KeyCap(
        String code,
        String label,
        double x,
        double y,
        double width,
        double height,
        int family,
        @Maybe String does,
        @Maybe String holds,
        int modifier,
        boolean down) {}
