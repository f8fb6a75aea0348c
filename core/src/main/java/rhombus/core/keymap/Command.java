package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Something a trigger can do.
 *
 * @param id names it in keymaps and pages
 * @param words what it is called on the screen
 * @param group heading under which it is listed
 * @param sort what kind of trigger fits
 * @param repeats whether a key held down does it again and again
 * @param essential whether a keymap without it would leave the user stuck
 * @param traits what others have to know of it
 * @param spoken what it is called in hints and in the Trail
 * @param exchange what a click does instead where the user has exchanged the buttons that select and list, or null
 * @param otherwise id of the motion that takes its place where it has nothing to take hold of, or null
 * @param arguments what it can be told
 * @param meanwhile what happens where it comes while something else is under way
 */
public record Command(
        String id,
        String words,
        String group,
        Sort sort,
        boolean repeats,
        boolean essential,
        Set<CommandTrait> traits,
        CommandPhrase spoken,
        Exchange exchange,
        String otherwise,
        List<CommandArgument> arguments,
        InterruptPolicy meanwhile) {

    /**
     * What a click does instead.
     *
     * @param command its id
     * @param args arguments it gets
     * @param words what the hint says
     */
    public record Exchange(String command, Map<String, Object> args, String words) {}

    /** What kind of trigger fits. */
    public enum Sort {
        /** Done at once: keys and clicks. */
        ACTION(say("command.a-key-a-button-a")),
        /** Follows the pointer: drags and hold-and-move. */
        MOTION(say("command.a-drag-or-a-key")),
        /** Comes in steps of any size: the wheel. */
        STEPS(say("command.the-wheel-or-a-pinch")),
        /** Lasts as long as a key is down. */
        HELD(say("command.a-key-or-a-button")),
        /** Goes on as long as an axis is out of its middle. */
        AXIS(say("command.an-axis-of-a-gamepad"));

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
            case KEY, GAMEPAD, MOUSE3D -> sort == Sort.ACTION || sort == Sort.HELD;
            case CLICK, DOUBLE, TAP, PRESS, PEN_TAP -> sort == Sort.ACTION;
            case HOLD, DRAG, BOTH, SLIDE, TOUCH, PEN -> sort == Sort.MOTION;
            case WHEEL, PINCH, TWIST -> sort == Sort.STEPS;
            case GAMEPAD_AXIS, MOUSE3D_AXIS -> sort == Sort.AXIS;
        };
    }

    /** Whether it has a trait. */
    public boolean has(CommandTrait t) {
        return traits.contains(t);
    }

    /** A name for the command with what it is told. */
    public String key(Map<String, Object> args) {
        StringBuilder out = new StringBuilder(id);
        args.forEach((k, v) -> out.append(' ').append(k).append('=').append(v));
        return out.toString();
    }

    /** What is wrong with arguments, or null: a name that it does not know, a value of another type, one that is missing. */
    public String problem(Map<String, Object> args) {
        for (CommandArgument a : arguments) {
            String wrong = a.problem(args.get(a.name()));
            if (wrong != null) {
                return id + ": " + wrong;
            }
        }
        for (Map.Entry<String, Object> e : args.entrySet()) {
            if (e.getValue() != null
                    && arguments.stream().noneMatch(a -> a.name().equals(e.getKey()))) {
                return say("command.is-none-of-its-arguments", id, e.getKey());
            }
        }
        return null;
    }
}
