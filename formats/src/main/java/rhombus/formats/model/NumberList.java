package rhombus.formats.model;

import java.util.Arrays;

/** A list of numbers that grows. */
public final class NumberList {
    private double[] v = new double[64];
    private int size;

    /** Appends a number. */
    public void add(double d) {
        if (size == v.length) {
            v = Arrays.copyOf(v, size * 2);
        }
        v[size++] = d;
    }

    /** The number at a place. */
    public double get(int i) {
        return v[i];
    }

    /** Puts another number at a place. */
    public void set(int i, double d) {
        v[i] = d;
    }

    /** How many there are. */
    public int size() {
        return size;
    }

    /** All of them. */
    public double[] all() {
        return Arrays.copyOf(v, size);
    }

    /** All of them, rounded. */
    public float[] floats() {
        float[] out = new float[size];
        for (int i = 0; i < size; i++) {
            out[i] = (float) v[i];
        }
        return out;
    }
}
