package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Crop;
import rhombus.core.view.Matrices;
import rhombus.core.view.Projection;

class AntialiasingFramesTest {
    /** Where a point is in a picture of 300 by 200 pixels. */
    private static double[] pixel(Projection p, int frame) {
        double[] m = new double[16];
        Matrices.projection(p, 1.5, new ClipRange(0.1, 100), m, 0);
        if (frame >= 0) {
            Matrices.crop(AntialiasingFrames.shift(frame, 200), 1.5, m, 0);
        }
        Vec3 v = Quat.IDENTITY.rotate(new Vec3(0.4, -0.7, -5));
        double w = m[3] * v.x() + m[7] * v.y() + m[11] * v.z() + m[15];
        double x = (m[0] * v.x() + m[4] * v.y() + m[8] * v.z() + m[12]) / w;
        double y = (m[1] * v.x() + m[5] * v.y() + m[9] * v.z() + m[13]) / w;
        return new double[] {x * 150, y * 100};
    }

    /** Each frame moves everything by less than half a pixel, all to other places, and together they stay in the middle. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void framesSpreadOverAPixel(boolean flat) {
        Projection p = flat ? new Projection.Orthographic(4) : new Projection.Perspective(0.8);
        double[] at = pixel(p, -1);
        Set<String> quarters = new HashSet<>();
        double[] sum = new double[2];
        for (int i = 0; i < AntialiasingFrames.FRAMES; i++) {
            double[] moved = pixel(p, i);
            double dx = moved[0] - at[0];
            double dy = moved[1] - at[1];
            assertThat(Math.abs(dx)).isLessThanOrEqualTo(0.5);
            assertThat(Math.abs(dy)).isLessThanOrEqualTo(0.5);
            quarters.add((int) Math.floor(dx * 4) + " " + (int) Math.floor(dy * 3));
            sum[0] += dx;
            sum[1] += dy;
        }
        assertThat(quarters.size()).as("cells of 4 by 3 that are visited").isGreaterThanOrEqualTo(11);
        assertThat(sum[0] / AntialiasingFrames.FRAMES).isCloseTo(0, within(0.06));
        assertThat(sum[1] / AntialiasingFrames.FRAMES).isCloseTo(0, within(0.06));
        assertThat(AntialiasingFrames.shift(0, 200)).isNotEqualTo(Crop.NONE);
    }
}
