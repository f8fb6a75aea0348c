package rhombus.core;

import java.util.Random;

/**
 * How much a test does that could go on for ever. Usually that is as much as one waits for, each time with other random numbers;
 * {@code bin/test-long} asks for many times that.
 */
public final class Effort {
    private static final int FACTOR = Integer.getInteger("effort", 1);

    /** What the random numbers of this JVM come from; {@code -Dseed=…} repeats a run. */
    private static final long SEED = Long.getLong("seed", new Random().nextInt(1_000_000_000));

    static {
        System.out.println("Random tests of this run: -Dseed=" + SEED);
    }

    private Effort() {}

    /** How many times, where this many are usual. */
    public static int times(int usual) {
        return usual * FACTOR;
    }

    /** Other numbers in each run; the same for the same name within one. */
    public static Random random(String name) {
        return new Random(seed(name));
    }

    /** The seed of {@link #random}. */
    public static long seed(String name) {
        return SEED * 1_000_003 + name.hashCode();
    }
}
