package rhombus.core.stage.area;

import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import rhombus.core.keymap.Command;
import rhombus.core.stage.motion.Grab;
import rhombus.core.stage.motion.Motion;

/** What an area has declared, bound to the area of one stage. */
record Bound<A>(
        A area,
        Command command,
        boolean anytime,
        BiPredicate<A, Call> does,
        BiFunction<A, Grab, Motion> starts,
        Entry.Steps<A> stepped,
        Entry.Lasts<A> lasts,
        BiFunction<A, Call, String> says)
        implements Deed {
    @Override
    public boolean run(Call call) {
        return does != null && does.test(area, call);
    }

    @Override
    public Motion start(Grab g) {
        return starts == null ? null : starts.apply(area, g);
    }

    @Override
    public void steps(Call call, double by) {
        if (stepped != null) {
            stepped.by(area, call, by);
        }
    }

    @Override
    public void held(Call call, boolean down, boolean tap) {
        if (lasts != null) {
            lasts.until(area, call, down, tap);
        }
    }

    @Override
    public String told(Call call) {
        return says.apply(area, call);
    }
}
