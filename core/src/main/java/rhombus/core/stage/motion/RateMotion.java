package rhombus.core.stage.motion;

import java.util.function.DoubleConsumer;

/** A motion that keeps going while the hand holds still, faster the farther it is from the press, and rests back at it. */
public final class RateMotion implements Motion {
    private final double lx;
    private final double ly;
    private final DoubleConsumer apply;
    private double pull;
    private double total;
    private double last = Double.NaN;

    /** Gives the pixels of pull, summed over the seconds they lasted, to {@code apply}. */
    public RateMotion(double lx, double ly, DoubleConsumer apply) {
        this.lx = lx;
        this.ly = ly;
        this.apply = apply;
    }

    @Override
    public void drag(double x, double y) {
        pull = x - lx + ly - y;
    }

    @Override
    public void tick(double nowMs) {
        if (!Double.isNaN(last) && pull != 0) {
            total += pull * (nowMs - last) / 1000;
            apply.accept(total);
        }
        last = nowMs;
    }

    @Override
    public boolean running() {
        return true;
    }
}
