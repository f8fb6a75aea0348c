package rhombus.core.stage.area;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.keymap.Command.Sort;

/**
 * Collects the commands that an area declares.
 *
 * @param <A> the area
 */
final class Declare<A> {
    private final List<Entry<A>> entries = new ArrayList<>();
    private String group = "";

    /** The heading under which the next ones are listed. */
    void group(String name) {
        group = name;
    }

    /** Done at once. */
    Entry<A> action(String id, String words) {
        return add(id, words, Sort.ACTION);
    }

    /** Follows the pointer. */
    Entry<A> motion(String id, String words) {
        return add(id, words, Sort.MOTION);
    }

    /** Comes in steps of any size. */
    Entry<A> steps(String id, String words) {
        return add(id, words, Sort.STEPS);
    }

    /** Lasts as long as a key is down. */
    Entry<A> held(String id, String words) {
        return add(id, words, Sort.HELD);
    }

    /** Goes on as long as an axis is out of its middle. */
    Entry<A> axis(String id, String words) {
        return add(id, words, Sort.AXIS);
    }

    private Entry<A> add(String id, String words, Sort sort) {
        Entry<A> e = new Entry<>(id, words, group, sort);
        entries.add(e);
        return e;
    }

    List<Entry<A>> entries() {
        return entries;
    }
}
