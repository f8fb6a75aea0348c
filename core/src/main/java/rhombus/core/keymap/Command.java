package rhombus.core.keymap;

import java.util.Locale;

/**
 * Something a trigger can do.
 *
 * @param id {@code area.verb}
 * @param area what it has to do with
 * @param words what it is called on the screen
 * @param group heading under which it is listed
 * @param sort what kind of trigger fits
 * @param repeats whether a key held down does it again and again
 * @param essential whether a keymap without it would leave the user stuck
 */
public record Command(String id, Area area, String words, String group, Sort sort, boolean repeats, boolean essential) {
    /** What commands have to do with. */
    public enum Area {
        ADD, APP, BOARD, CAMERA, DISPLAY, EDIT, FACET, GESTURE, GRIP, LAYER, NAVIGATE, OBJECT, PAD, PIN, PIVOT, SELECT, TOOL, TRAIL, VIEW, WALK;

        /**
         * The area of an id, which is {@code area.verb}.
         *
         * @throws IllegalArgumentException if there is none of this name
         */
        static Area of(String id) {
            return valueOf(id.substring(0, id.indexOf('.')).toUpperCase(Locale.ROOT));
        }
    }

    /** What kind of trigger fits. */
    public enum Sort {
        /** Done at once: keys and clicks. */
        ACTION("a key or a click"),
        /** Follows the pointer: drags and hold-and-move. */
        MOTION("a drag, or a key held while the pointer moves"),
        /** Comes in steps of any size: the wheel. */
        STEPS("the wheel or a pinch"),
        /** Lasts as long as a key is down. */
        HELD("a key");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        /** What to tell somebody who used another kind. */
        public String words() {
            return words;
        }
    }

    /** Whether a trigger of this kind can run the command. */
    public boolean fits(Trigger.Kind kind) {
        return switch (kind) {
            case KEY -> sort == Sort.ACTION || sort == Sort.HELD;
            case CLICK, DOUBLE -> sort == Sort.ACTION;
            case HOLD, DRAG, TOUCH, PEN -> sort == Sort.MOTION;
            case WHEEL, PINCH, TWIST -> sort == Sort.STEPS;
        };
    }
}
