package rhombus.core.display;

/** Colours as screens show them, by IEC 61966-2-1. */
public final class Srgb {
    private Srgb() {}

    /** The linear part of full light that a part of a screen's signal stands for, both 0 to 1. */
    public static double linear(double c) {
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    /** The part of a screen's signal that stands for a linear part of full light, both 0 to 1. */
    public static double signal(double c) {
        return c <= 0.0031308 ? c * 12.92 : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
    }

    /** How bright linear red, green and blue are together. */
    public static double luminance(double r, double g, double b) {
        return 0.2126 * r + 0.7152 * g + 0.0722 * b;
    }
}
