package rhombus.core.optics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

class ApertureTest {
    private static final int FRAMES = 64;

    /** Where a point before the eye is in the picture of a frame, in heights of the picture. */
    private static double[] seen(Pose p, Aperture a, int frame, Vec3 point) {
        double[] m = new double[32];
        Matrices.view(p, m, 0);
        Matrices.projection(p.projection(), 1.5, new ClipRange(0.01, 1000), m, 16);
        a.look(frame, FRAMES, m);
        double[] eye = new double[4];
        double[] clip = new double[4];
        for (int r = 0; r < 4; r++) {
            eye[r] = m[r] * point.x() + m[4 + r] * point.y() + m[8 + r] * point.z() + m[12 + r];
        }
        for (int r = 0; r < 4; r++) {
            for (int c = 0; c < 4; c++) {
                clip[r] += m[16 + c * 4 + r] * eye[c];
            }
        }
        return new double[] {clip[0] / clip[3] * 1.5 / 2, clip[1] / clip[3] / 2};
    }

    /**
     * The disc of a point is as wide as the circle of confusion where the handbook's formula says that it just is, at the near and the far
     * limit of what is sharp; at the focused distance it is a point. The film is at the image distance of the thin lens.
     */
    @Test
    void discsAreAsWideAsTheHandbookSays() {
        Random r = new Random(5);
        for (int i = 0; i < 200; i++) {
            double focal = 20 + r.nextDouble() * 180;
            double fNumber = 1.2 + r.nextDouble() * 10;
            double confusion = 0.005 + r.nextDouble() * 0.05;
            double focus = 0.5 + r.nextDouble() * 20;
            double filmHeight = 24;
            double image = focal * focus * 1000 / (focus * 1000 - focal);
            double fovY = 2 * Math.atan(filmHeight / 2 / image);
            Quat q = new Quat(r.nextGaussian(), r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).unit();
            Pose p = new Pose(new Vec3(1, 2, 3), q, focus, new Projection.Perspective(fovY));
            Aperture a = Aperture.of(focal, fNumber, focus);
            DepthOfField d = DepthOfField.of(focal, fNumber, confusion, focus);
            assertThat(width(p, a, focus)).isCloseTo(0, within(1e-9));
            // The widest of many places in the opening is as good as at its rim.
            assertThat(width(p, a, d.near()) * filmHeight).isCloseTo(confusion, within(confusion * 0.02));
            if (!Double.isInfinite(d.far()) && d.far() < 1e4) {
                assertThat(width(p, a, d.far()) * filmHeight).isCloseTo(confusion, within(confusion * 0.02));
            }
        }
    }

    /** How wide the disc of a point at a distance is, in heights of the picture. */
    private static double width(Pose p, Aperture a, double distance) {
        Vec3 at = p.eye().plus(p.forward(), distance).plus(p.orientation().right(), distance * 0.1);
        double[] middle = new double[2];
        for (int k = 0; k < FRAMES; k++) {
            double[] s = seen(p, a, k, at);
            middle[0] += s[0] / FRAMES;
            middle[1] += s[1] / FRAMES;
        }
        double most = 0;
        for (int k = 0; k < FRAMES; k++) {
            double[] s = seen(p, a, k, at);
            most = Math.max(most, Math.hypot(s[0] - middle[0], s[1] - middle[1]));
        }
        return 2 * most;
    }
}
