package rhombus.core.stage.commands;

import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import rhombus.core.keymap.Command;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.Motion;

/** What an area has declared, bound to the area of one stage. */
record BoundArea<A>(
        A area,
        Command command,
        boolean anytime,
        BiPredicate<A, CommandCall> does,
        BiFunction<A, GrabPoint, Motion> starts,
        Steps<A> stepped,
        Lasts<A> lasts,
        BiFunction<A, CommandCall, String> says)
        implements CommandHandler {
    /** Does something that comes in steps. */
    interface Steps<A> {
        void by(A area, CommandCall call, double steps);
    }

    /** Does something that lasts as long as a key is down. */
    interface Lasts<A> {
        void until(A area, CommandCall call, boolean down, boolean tap);
    }

    @Override
    public boolean run(CommandCall call) {
        return does != null && does.test(area, call);
    }

    @Override
    public Motion start(GrabPoint g) {
        return starts == null ? null : starts.apply(area, g);
    }

    @Override
    public void steps(CommandCall call, double by) {
        if (stepped != null) {
            stepped.by(area, call, by);
        }
    }

    @Override
    public void held(CommandCall call, boolean down, boolean tap) {
        if (lasts != null) {
            lasts.until(area, call, down, tap);
        }
    }

    @Override
    public String told(CommandCall call) {
        return says.apply(area, call);
    }
}
