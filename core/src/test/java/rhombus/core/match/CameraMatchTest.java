package rhombus.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.math3.fitting.leastsquares.LeastSquaresBuilder;
import org.apache.commons.math3.fitting.leastsquares.LevenbergMarquardtOptimizer;
import org.apache.commons.math3.fitting.leastsquares.MultivariateJacobianFunction;
import org.apache.commons.math3.geometry.euclidean.threed.Rotation;
import org.apache.commons.math3.geometry.euclidean.threed.RotationConvention;
import org.apache.commons.math3.geometry.euclidean.threed.Vector3D;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.RealVector;
import org.apache.commons.math3.util.Pair;
import org.junit.jupiter.api.Test;
import rhombus.core.Effort;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/** Cameras found from pictures that other cameras took. */
class CameraMatchTest {
    private static final double W = 1600;
    private static final double H = 1000;

    /** A camera, and what it sees; written out here again, so that nothing of what is tested takes part. */
    private record Taken(double focal, Quat turned, Vec3 eye) {
        double[] see(Vec3 p) {
            Vec3 d = p.minus(eye);
            double x = d.dot(turned.right());
            double y = d.dot(turned.up());
            double z = d.dot(turned.forward());
            return new double[] {W / 2 + focal * x / z, H / 2 - focal * y / z, z};
        }

        boolean sees(Vec3 p) {
            double[] s = see(p);
            return s[2] > 0.3 && s[0] > 0 && s[0] < W && s[1] > 0 && s[1] < H;
        }
    }

    private static Taken camera(Random r) {
        Quat q = new Quat(r.nextGaussian(), r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).unit();
        Vec3 about = new Vec3(r.nextGaussian() * 3, r.nextGaussian() * 3, r.nextGaussian() * 3);
        return new Taken(
                W * Math.exp(r.nextDouble() * 2.2 - 0.7), q, about.plus(q.forward(), -(4 + 10 * r.nextDouble())));
    }

    /** A point that the camera sees. */
    private static Vec3 seen(Taken c, Random r) {
        while (true) {
            double z = 2 + 14 * r.nextDouble();
            Vec3 p = c.eye.plus(c.turned.forward(), z)
                    .plus(c.turned.right(), (r.nextDouble() - 0.5) * z * W / c.focal)
                    .plus(c.turned.up(), (r.nextDouble() - 0.5) * z * H / c.focal);
            if (c.sees(p)) {
                return p;
            }
        }
    }

    private static MatchConstraints.Line line(Taken c, int axis, Random r, double noise) {
        Vec3 way = axis == 0 ? Vec3.X : axis == 1 ? Vec3.Y : Vec3.Z;
        while (true) {
            Vec3 a = seen(c, r);
            Vec3 b = a.plus(way, 0.5 + 3 * r.nextDouble());
            double[] s = c.see(a);
            double[] t = c.see(b);
            if (c.sees(b) && Math.hypot(s[0] - t[0], s[1] - t[1]) > 60) {
                return new MatchConstraints.Line(
                        axis, off(s[0], r, noise), off(s[1], r, noise), off(t[0], r, noise), off(t[1], r, noise));
            }
        }
    }

    private static double off(double v, Random r, double noise) {
        return noise == 0 ? v : v + r.nextGaussian() * noise;
    }

    private static List<MatchConstraints.Point> points(Taken c, int count, Random r, double noise) {
        List<MatchConstraints.Point> out = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            Vec3 p = seen(c, r);
            double[] s = c.see(p);
            out.add(new MatchConstraints.Point(off(s[0], r, noise), off(s[1], r, noise), p));
        }
        return out;
    }

    private static boolean shows(Taken c, int axis) {
        // Lines that point nearly at the eye are too short in the picture to be drawn.
        Vec3 way = axis == 0 ? Vec3.X : axis == 1 ? Vec3.Y : Vec3.Z;
        return Math.abs(way.dot(c.turned.forward())) < 0.93;
    }

    private static MatchConstraints lines(Taken c, int axes, Random r, double noise, int points) {
        List<MatchConstraints.Line> lines = new ArrayList<>();
        int drawn = 0;
        for (int axis = 0; axis < 3 && drawn < axes; axis++) {
            if (shows(c, axis)) {
                drawn++;
                for (int k = 2 + r.nextInt(2); k > 0; k--) {
                    lines.add(line(c, axis, r, noise));
                }
            }
        }
        return new MatchConstraints(W, H, lines, points(c, points, r, noise));
    }

    private static void same(MatchResult m, Taken c, boolean placed) {
        assertThat(m.focal()).isCloseTo(c.focal, within(c.focal * 1e-6));
        assertThat(m.orientation().angleTo(c.turned)).isLessThan(2e-6);
        if (placed) {
            assertThat(m.eye().distance(c.eye)).isLessThan(1e-6 * 16);
        }
        assertThat(m.error()).isLessThan(1e-5);
    }

    @Test
    void camerasAreFoundFromExactLines() {
        Random r = Effort.random("lines");
        int cameras = Effort.times(250);
        int untold = 0;
        for (int k = 0; k < cameras; k++) {
            Taken c = camera(r);
            MatchConstraints e = lines(c, 2 + k % 2, r, 0, 2 + k % 3);
            try {
                same(CameraMatch.of(e, 5), c, true);
            } catch (IllegalArgumentException cannot) {
                // Lines along two axes that both run across the picture tell no lens; that is said, and nothing else.
                assertThat(cannot.getMessage()).startsWith("The lens does not follow");
                untold++;
            }
        }
        assertThat(untold).isLessThan(cameras / 10);
    }

    @Test
    void camerasAreFoundFromExactPointsAlone() {
        Random r = Effort.random("points");
        int cameras = Effort.times(250);
        int untold = 0;
        for (int k = 0; k < cameras; k++) {
            Taken c = camera(r);
            try {
                same(CameraMatch.of(new MatchConstraints(W, H, List.of(), points(c, 6 + k % 7, r, 0)), 5), c, true);
            } catch (IllegalArgumentException cannot) {
                assertThat(cannot.getMessage()).startsWith("The lens does not follow");
                untold++;
            }
        }
        assertThat(untold).isLessThan(cameras / 25);
    }

    /** Four points tell a camera, but seldom one alone: what is found sees them where they are. */
    @Test
    void fourPointsAreSeenWhereTheyAre() {
        Random r = new Random(3);
        int found = 0;
        for (int k = 0; k < 200; k++) {
            Taken c = camera(r);
            try {
                if (CameraMatch.of(new MatchConstraints(W, H, List.of(), points(c, 4, r, 0)), 5)
                                .error()
                        < 0.01) {
                    found++;
                }
            } catch (IllegalArgumentException cannot) {
                assertThat(cannot.getMessage()).isNotBlank();
            }
        }
        assertThat(found).isGreaterThan(160);
    }

    // ---- against Apache Commons Math -------------------------------------------------------------------------------

    /** The same errors, minimized by its optimizer from the camera that took the picture; rotations are its own. */
    private static double theirs(MatchConstraints e, Taken c) {
        double[] start = {Math.log(c.focal), 0, 0, 0, c.eye.x(), c.eye.y(), c.eye.z()};
        MultivariateJacobianFunction model = point -> {
            double[] p = point.toArray();
            double[] r = errors(e, c, p);
            double[][] j = new double[r.length][p.length];
            for (int i = 0; i < p.length; i++) {
                double h = 1e-6;
                double[] up = p.clone();
                double[] down = p.clone();
                up[i] += h;
                down[i] -= h;
                double[] a = errors(e, c, up);
                double[] b = errors(e, c, down);
                for (int m = 0; m < r.length; m++) {
                    j[m][i] = (a[m] - b[m]) / (2 * h);
                }
            }
            return new Pair<RealVector, org.apache.commons.math3.linear.RealMatrix>(
                    new ArrayRealVector(r), new Array2DRowRealMatrix(j));
        };
        int size = errors(e, c, start).length;
        var fit = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .target(new double[size])
                        .model(model)
                        .maxEvaluations(2000)
                        .maxIterations(2000)
                        .build());
        return fit.getCost() * fit.getCost();
    }

    private static Vector3D v(Vec3 p) {
        return new Vector3D(p.x(), p.y(), p.z());
    }

    private static double[] errors(MatchConstraints e, Taken c, double[] p) {
        double f = Math.exp(p[0]);
        Vector3D axis = new Vector3D(p[1], p[2], p[3]);
        Rotation by = axis.getNorm() == 0
                ? Rotation.IDENTITY
                : new Rotation(axis, axis.getNorm(), RotationConvention.VECTOR_OPERATOR);
        Vector3D right = by.applyTo(v(c.turned.right()));
        Vector3D up = by.applyTo(v(c.turned.up()));
        Vector3D back = by.applyTo(v(c.turned.back()));
        List<Double> out = new ArrayList<>();
        for (MatchConstraints.Line l : e.lines()) {
            Vector3D d = v(l.axis() == 0 ? Vec3.X : l.axis() == 1 ? Vec3.Y : Vec3.Z);
            Vector3D vanishing = new Vector3D(f * d.dotProduct(right), f * d.dotProduct(up), -d.dotProduct(back));
            Vector3D middle = new Vector3D((l.x1() + l.x2()) / 2 - W / 2, H / 2 - (l.y1() + l.y2()) / 2, 1);
            Vector3D through = middle.crossProduct(vanishing);
            out.add(through.dotProduct(new Vector3D(l.x2() - W / 2, H / 2 - l.y2(), 1))
                    / Math.hypot(through.getX(), through.getY()));
        }
        for (MatchConstraints.Point q : e.points()) {
            Vector3D d = v(q.at()).subtract(new Vector3D(p[4], p[5], p[6]));
            double z = -d.dotProduct(back);
            out.add(W / 2 + f * d.dotProduct(right) / z - q.x());
            out.add(H / 2 - f * d.dotProduct(up) / z - q.y());
        }
        return out.stream().mapToDouble(Double::doubleValue).toArray();
    }

    @Test
    void withHalfAPixelOfNoiseItIsNoWorseThanAnIndependentFit() {
        Random r = new Random(4);
        int compared = 0;
        for (int k = 0; k < 200; k++) {
            Taken c = camera(r);
            MatchConstraints e =
                    k % 2 == 0 ? lines(c, 3, r, 0.5, 4) : new MatchConstraints(W, H, List.of(), points(c, 8, r, 0.5));
            try {
                MatchResult m = CameraMatch.of(e, 5);
                double ours = 0;
                for (double d : m.lines()) {
                    ours += d * d;
                }
                for (double d : m.points()) {
                    ours += d * d;
                }
                // 5% of the distance is 10% of its square.
                assertThat(ours).isLessThanOrEqualTo(theirs(e, c) * 1.1025 + 1e-9);
                compared++;
            } catch (IllegalArgumentException cannot) {
                assertThat(cannot.getMessage()).startsWith("The lens does not follow");
            }
        }
        assertThat(compared).isGreaterThan(150);
    }

    // ---- what cannot be found --------------------------------------------------------------------------------------

    private static void told(MatchConstraints e, String words) {
        assertThatThrownBy(() -> CameraMatch.of(e, 5))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(words);
    }

    private static MatchConstraints.Line l(int axis, double... d) {
        return new MatchConstraints.Line(axis, d[0], d[1], d[2], d[3]);
    }

    @Test
    void tooLittleIsToldWithWhatThereIs() {
        told(new MatchConstraints(W, H, List.of(), List.of()), "So far there are no lines and 0 points");
        MatchConstraints.Line one = l(0, 0, 0, 100, 10);
        told(
                new MatchConstraints(
                        W, H, List.of(one, one, l(1, 0, 0, 0, 90)), List.of(new MatchConstraints.Point(1, 1, Vec3.X))),
                "So far there are lines 2 along X, 1 along Y and 1 point");
    }

    @Test
    void parallelLinesTellNoLens() {
        // A picture taken squarely: lines along X are level, those along Y upright.
        told(
                new MatchConstraints(
                        W,
                        H,
                        List.of(
                                l(0, 100, 200, 900, 200),
                                l(0, 100, 700, 900, 700),
                                l(1, 300, 800, 300, 100),
                                l(1, 900, 800, 900, 100)),
                        List.of()),
                "The lens does not follow");
    }

    @Test
    void linesThatPointBothWaysAndFramesOfTheLeftHandAreTold() {
        Random r = new Random(6);
        Taken c = new Taken(1500, Quat.about(new Vec3(0.3, 1, 0.1).unit(), 0.7), new Vec3(3, 2, 8));
        MatchConstraints good = lines(c, 3, r, 0, 2);
        assertThat(CameraMatch.of(good, 5).focal()).isCloseTo(1500, within(1e-3));
        List<MatchConstraints.Line> turned = new ArrayList<>(good.lines());
        MatchConstraints.Line first = turned.get(0);
        turned.set(0, l(first.axis(), first.x2(), first.y2(), first.x1(), first.y1()));
        told(new MatchConstraints(W, H, turned, good.points()), "point both ways");
        List<MatchConstraints.Line> left = good.lines().stream()
                .map(k -> k.axis() == first.axis() ? l(k.axis(), k.x2(), k.y2(), k.x1(), k.y1()) : k)
                .toList();
        told(new MatchConstraints(W, H, left, good.points()), "no three axes have");
    }

    @Test
    void pointsThatContradictEachOtherAreTold() {
        Random r = new Random(8);
        List<MatchConstraints.Point> nonsense = new ArrayList<>();
        for (int k = 0; k < 9; k++) {
            nonsense.add(new MatchConstraints.Point(
                    r.nextDouble() * W,
                    r.nextDouble() * H,
                    new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian())));
        }
        assertThatThrownBy(() -> CameraMatch.of(new MatchConstraints(W, H, List.of(), nonsense), 5))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching("(This contradicts itself.*point \\d.*|The lens does not follow.*)");
        List<MatchConstraints.Point> one = new ArrayList<>();
        for (int k = 0; k < 5; k++) {
            one.add(new MatchConstraints.Point(100 + k * 200, 500, new Vec3(k, 0, 0)));
        }
        assertThatThrownBy(() -> CameraMatch.of(new MatchConstraints(W, H, List.of(), one), 5))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void withoutPointsTheDirectionIsFoundAndThePlaceIsAGuess() {
        Random r = new Random(9);
        Taken c = new Taken(1200, Quat.about(new Vec3(0.2, 1, 0).unit(), 0.6), new Vec3(3, 2, 8));
        MatchResult m = CameraMatch.of(lines(c, 3, r, 0, 0), 5);
        assertThat(m.placed()).isFalse();
        assertThat(m.focal()).isCloseTo(1200, within(1e-3));
        assertThat(m.orientation().angleTo(c.turned)).isLessThan(1e-5);
        // The origin is in the middle of the picture, twice as far away as the scene is large.
        assertThat(m.eye().plus(m.orientation().forward(), 10).length()).isLessThan(1e-9);
    }
}
