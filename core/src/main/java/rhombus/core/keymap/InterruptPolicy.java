package rhombus.core.keymap;

/** What happens where a command comes while something else is under way: a drag, a slide, a device that steers, a sweep. */
public enum InterruptPolicy {
    /** What is under way ends where it is, as if the hand had let go; then the command runs. */
    SETTLES,
    /** The command runs once what is under way is over. */
    WAITS,
    /** The command does not run, and the user is told why. */
    REFUSED,
    /** The command runs beside what is under way: it changes nothing that a drag changes or takes back. */
    JOINS
}
