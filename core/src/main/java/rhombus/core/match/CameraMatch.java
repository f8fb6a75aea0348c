package rhombus.core.match;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * Finds the camera that took a picture: from lines along two or three of the scene's axes, from four or more points whose
 * places are known (the perspective-n-point problem with an unknown focal length), or from both. The lens has its axis in the
 * middle of the picture and pixels are square. The result has the smallest sum of squared errors in pixels.
 */
public final class CameraMatch {
    /** Turnings tried where there are points alone. */
    private static final int TURNINGS = 240;
    /** Focal lengths tried there, in widths of the picture. */
    private static final double[] FOCALS = {0.6, 1.2, 2.5, 6};
    /** Of these so many best ones are followed. */
    private static final int FOLLOWED = 24;

    private static final int STEPS = 120;
    /** A lens that a pixel of error changes by more than this part is not known. */
    private static final double DOUBT = 0.3;
    /** An error that is larger than this part of the width fits nothing. */
    private static final double MISFIT = 0.05;

    /** Focal lengths beyond these, in widths of the picture, are none. */
    private static final double SHORTEST = 0.05;

    private static final double LONGEST = 200;
    private static final String NO_LENS = say("match.the-lens-does-not-follow");

    private final MatchConstraints evidence;
    private final double scale;

    private CameraMatch(MatchConstraints evidence, double scale) {
        this.evidence = evidence;
        this.scale = scale;
    }

    /**
     * Finds the camera.
     *
     * @param scale size of the scene, metres; how far away things are where nothing tells
     * @throws IllegalArgumentException with words to show where there is too little, or what there is contradicts itself
     */
    public static MatchResult of(MatchConstraints evidence, double scale) {
        return new CameraMatch(evidence, scale).best();
    }

    /**
     * The same near a camera that was found before, as in a drag.
     *
     * @throws IllegalArgumentException with words to show where it does not fit any more
     */
    public static MatchResult near(MatchConstraints evidence, double scale, MatchResult was) {
        CameraMatch m = new CameraMatch(evidence, scale);
        return m.refined(new CameraEstimate(was.focal(), was.orientation(), was.eye()));
    }

    private MatchResult best() {
        enough();
        CameraEstimate s = evidence.axes() >= 2 ? byLines() : byPoints();
        MatchResult found = refined(s);
        told(found);
        return found;
    }

    private void enough() {
        if (evidence.axes() >= 2 || evidence.points().size() >= 4) {
            return;
        }
        List<String> lines = new ArrayList<>();
        for (int k = 0; k < 3; k++) {
            if (evidence.along(k) > 0) {
                lines.add(say("match.along", evidence.along(k), "XYZ".charAt(k)));
            }
        }
        throw new IllegalArgumentException(say(
                "match.draw-two-lines-or-more",
                lines.isEmpty() ? say("match.no-lines") : say("match.lines", String.join(", ", lines)),
                evidence.points().size()));
    }

    private boolean placed() {
        return evidence.axes() >= 2 ? evidence.points().size() >= 2 : true;
    }

    private CameraEstimate byLines() {
        CameraRefinement descent = new CameraRefinement(new Residuals(evidence, false), CameraEstimate.TURNED, 1);
        Residuals misfit = new Residuals(evidence, false);
        Residuals all = new Residuals(evidence, placed());
        CameraRefinement last = new CameraRefinement(all, placed() ? CameraEstimate.ALL : CameraEstimate.TURNED, far());
        CameraEstimate best = null;
        double least = Double.POSITIVE_INFINITY;
        boolean endless = false;
        VanishingPoints vanishing = new VanishingPoints(evidence);
        for (CameraEstimate guess : vanishing.guesses()) {
            CameraEstimate turned = descent.from(guess, STEPS);
            // A camera that sees an axis the wrong way round misses no line, but it is another camera.
            if (!misfit.directed(turned)) {
                continue;
            }
            if (turned.focal() < evidence.width() * SHORTEST || turned.focal() > evidence.width() * LONGEST) {
                endless = true;
                continue;
            }
            CameraEstimate s = last.from(placedAt(turned), STEPS);
            double cost = Residuals.squares(all.of(s));
            if (cost < least) {
                least = cost;
                best = s;
            }
        }
        if (best == null) {
            throw new IllegalArgumentException(
                    endless
                            ? NO_LENS
                            : vanishing.complaint() != null
                                    ? vanishing.complaint()
                                    : say("match.no-lens-makes-the-lines"));
        }
        return best;
    }

    /** Where the camera stands, once lens and turning are known. */
    private CameraEstimate placedAt(CameraEstimate s) {
        if (evidence.points().size() >= 2) {
            Vec3 eye = stand(s.focal(), s.turned());
            if (eye != null) {
                return new CameraEstimate(s.focal(), s.turned(), eye);
            }
        }
        // As far away as the scene is large, the one point, or the origin, where it is seen.
        boolean one = !evidence.points().isEmpty();
        double x = one ? evidence.points().get(0).x() : evidence.width() / 2;
        double y = one ? evidence.points().get(0).y() : evidence.height() / 2;
        Vec3 at = one ? evidence.points().get(0).at() : Vec3.ZERO;
        Vec3 ray = s.turned().rotate(new Vec3(x - evidence.width() / 2, evidence.height() / 2 - y, -s.focal()).unit());
        return new CameraEstimate(s.focal(), s.turned(), at.plus(ray, -2 * scale));
    }

    /** The place from which points are seen best by a known lens that is turned in a known way; null where none is told. */
    private Vec3 stand(double focal, Quat turned) {
        double[][] a = new double[3][3];
        double[] b = new double[3];
        Quat inverse = turned.inverse();
        for (MatchConstraints.Point p : evidence.points()) {
            Vec3 y = inverse.rotate(p.at());
            double u = p.x() - evidence.width() / 2;
            double v = evidence.height() / 2 - p.y();
            add(a, b, new double[] {focal, 0, u}, focal * y.x() + u * y.z());
            add(a, b, new double[] {0, focal, v}, focal * y.y() + v * y.z());
        }
        double[] t = LinearSystems.solve(a, b);
        return t == null ? null : turned.rotate(new Vec3(t[0], t[1], t[2]));
    }

    private static void add(double[][] a, double[] b, double[] row, double value) {
        for (int i = 0; i < 3; i++) {
            b[i] += row[i] * value;
            for (int k = 0; k < 3; k++) {
                a[i][k] += row[i] * row[k];
            }
        }
    }

    private CameraEstimate byPoints() {
        Residuals misfit = new Residuals(evidence, true);
        record Tried(CameraEstimate state, double cost) {}
        List<Tried> tried = new ArrayList<>();
        for (int k = 0; k < TURNINGS; k++) {
            Quat q = spread(k);
            for (double f : FOCALS) {
                Vec3 eye = stand(f * evidence.width(), q);
                if (eye != null) {
                    CameraEstimate s = new CameraEstimate(f * evidence.width(), q, eye);
                    tried.add(new Tried(s, Residuals.squares(misfit.of(s))));
                }
            }
        }
        tried.sort(Comparator.comparingDouble(Tried::cost));
        CameraRefinement descent = new CameraRefinement(misfit, CameraEstimate.ALL, far());
        CameraEstimate best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Tried t : tried.subList(0, Math.min(FOLLOWED, tried.size()))) {
            CameraEstimate s = descent.from(t.state, STEPS);
            double cost = Residuals.squares(misfit.of(s));
            if (cost < least) {
                least = cost;
                best = s;
            }
        }
        if (best == null) {
            throw new IllegalArgumentException(say("match.the-points-lie-on-one"));
        }
        return best;
    }

    /** Turnings that lie evenly among all there are (super-Fibonacci spirals; Alexa 2022). */
    private static Quat spread(int k) {
        double s = k + 0.5;
        double t = s / TURNINGS;
        double r = Math.sqrt(t);
        double rest = Math.sqrt(1 - t);
        double a = 2 * Math.PI * s / Math.sqrt(2);
        double b = 2 * Math.PI * s / 1.533751168755204288118041413;
        return new Quat(r * Math.sin(a), r * Math.cos(a), rest * Math.sin(b), rest * Math.cos(b)).unit();
    }

    /** How large the points' own space is, metres. */
    private double far() {
        double most = 1e-9;
        for (MatchConstraints.Point p : evidence.points()) {
            most = Math.max(most, p.at().distance(evidence.points().get(0).at()));
        }
        return evidence.points().isEmpty() ? scale : most;
    }

    private MatchResult refined(CameraEstimate start) {
        boolean placed = placed();
        Residuals misfit = new Residuals(evidence, placed);
        int count = placed ? CameraEstimate.ALL : CameraEstimate.TURNED;
        CameraRefinement descent = new CameraRefinement(misfit, count, far());
        CameraEstimate s = descent.from(start, STEPS);
        if (!placed) {
            s = placedAt(s);
        }
        if (descent.lensDoubt(s) > DOUBT) {
            throw new IllegalArgumentException(NO_LENS);
        }
        double[] r = misfit.of(s);
        List<Double> lines = new ArrayList<>();
        List<Double> points = new ArrayList<>();
        int n = evidence.lines().size();
        for (int k = 0; k < n; k++) {
            lines.add(Math.abs(r[k]));
        }
        for (int k = 0; k < evidence.points().size(); k++) {
            points.add(placed ? Math.hypot(r[n + 2 * k], r[n + 2 * k + 1]) : 0);
        }
        return new MatchResult(s.focal(), s.turned(), s.eye(), placed, lines, points);
    }

    private void told(MatchResult m) {
        if (m.error() <= MISFIT * evidence.width()) {
            return;
        }
        String worst = "";
        double most = -1;
        for (int k = 0; k < m.lines().size(); k++) {
            if (m.lines().get(k) > most) {
                most = m.lines().get(k);
                worst = say("match.line", k + 1);
            }
        }
        for (int k = 0; k < m.points().size(); k++) {
            if (m.points().get(k) > most) {
                most = m.points().get(k);
                worst = say("match.point-2", k + 1);
            }
        }
        throw new IllegalArgumentException(say("match.this-contradicts-itself-the-best", worst, Math.round(most)));
    }
}
