package rhombus.core.optics;

/**
 * What is sharp in front of a lens: everything whose image of a point is no wider than the circle of confusion. Thin lens, as
 * in handbooks of photography: H = f²/(N·c) + f, near = s(H - f)/(H + s - 2f), far = s(H - f)/(H - s).
 *
 * @param hyperfocal focused there, everything from half of it to infinity is sharp; metres
 * @param near nearest sharp distance, metres
 * @param far farthest sharp distance, metres; infinite from the hyperfocal distance on
 */
public record DepthOfField(double hyperfocal, double near, double far) {
    /**
     * The depth of field of a lens.
     *
     * @param focal focal length, millimetres
     * @param fNumber focal length over the width of the pupil
     * @param confusion diameter of the circle of confusion, millimetres
     * @param focus distance that is focused, metres; more than the focal length
     */
    public static DepthOfField of(double focal, double fNumber, double confusion, double focus) {
        double f = focal / 1000;
        double c = confusion / 1000;
        double h = f * f / (fNumber * c) + f;
        double s = Math.max(focus, f * 1.000001);
        double near = s * (h - f) / (h + s - 2 * f);
        double far = s >= h ? Double.POSITIVE_INFINITY : s * (h - f) / (h - s);
        return new DepthOfField(h, near, far);
    }
}
