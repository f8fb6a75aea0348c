package rhombus.core.stage.area;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * An area of work: what it declares, and how it is made for a stage.
 *
 * @param <A> its class
 */
final class Area<A> {
    private final Function<Work, A> make;
    private final List<Entry<A>> entries;

    /** An area with what it declares. */
    Area(Function<Work, A> make, Consumer<Declare<A>> declares) {
        Declare<A> d = new Declare<>();
        declares.accept(d);
        this.make = make;
        this.entries = d.entries();
    }

    /** The commands as declared, whatever the stage. */
    List<Entry<A>> entries() {
        return entries;
    }

    /** The commands on a stage. */
    List<Deed> on(Work work) {
        A area = make.apply(work);
        return entries.stream().map(e -> e.on(area)).toList();
    }
}
