package rhombus.core.glossary;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;

/** The eye as it is seen from outside: a small body, what it takes in, and its line of sight. */
final class EyeSymbol {
    private static final double BODY = 0.28;
    private static final double ASPECT = LineDrawing.WIDTH / LineDrawing.HEIGHT;

    private EyeSymbol() {}

    /** Draws what the eye takes in up to a depth, metres. */
    static void draw(LineDrawing p, Pose eye, double depth) {
        Vec3[] far = window(eye, depth);
        Vec3[] near = window(eye, 0);
        for (int k = 0; k < 4; k++) {
            p.line("eye", near[k], far[k]);
            p.line("eye", far[k], far[(k + 1) % 4]);
        }
        if (eye.projection().flat()) {
            for (int k = 0; k < 4; k++) {
                p.line("eye", near[k], near[(k + 1) % 4]);
            }
        }
        p.line("eye", eye.eye(), eye.eye().plus(eye.forward(), eye.focus()));
        Quat q = eye.orientation();
        Vec3 top = eye.eye().plus(q.back(), BODY).plus(q.up(), BODY * 0.8);
        Vec3 low = eye.eye().plus(q.back(), BODY).plus(q.up(), -BODY * 0.8);
        Vec3 back = eye.eye().plus(q.back(), 2 * BODY);
        p.line("eye", eye.eye(), top);
        p.line("eye", top, back);
        p.line("eye", back, low);
        p.line("eye", low, eye.eye());
    }

    /** The corners of what is seen at a depth. */
    static Vec3[] window(Pose eye, double depth) {
        double h = eye.projection().heightAt(depth) / 2;
        Quat q = eye.orientation();
        Vec3 middle = eye.eye().plus(q.forward(), depth);
        Vec3[] out = new Vec3[4];
        for (int k = 0; k < 4; k++) {
            double x = k == 1 || k == 2 ? 1 : -1;
            double y = k < 2 ? 1 : -1;
            out[k] = middle.plus(q.right(), x * h * ASPECT).plus(q.up(), y * h);
        }
        return out;
    }
}
