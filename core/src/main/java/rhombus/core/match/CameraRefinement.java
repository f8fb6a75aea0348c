package rhombus.core.match;

/**
 * The camera with the smallest sum of squared errors near a start: Levenberg 1944, Marquardt 1963, with derivatives by central
 * differences.
 */
final class CameraRefinement {
    private static final double STEP = 1e-6;
    private static final double SMALLEST = 1e-28;
    private static final double LARGEST_DAMPING = 1e12;

    private final Residuals misfit;
    private final int count;
    private final double scale;

    /**
     * A descent.
     *
     * @param count how many numbers of the state may change
     * @param scale metres that a step of a place counts as one
     */
    CameraRefinement(Residuals misfit, int count, double scale) {
        this.misfit = misfit;
        this.count = count;
        this.scale = scale;
    }

    /** The best state near a start, after so many steps at most. */
    CameraEstimate from(CameraEstimate start, int steps) {
        CameraEstimate best = start;
        double[] r = misfit.of(best);
        double cost = Residuals.squares(r);
        double damping = 1e-3;
        for (int k = 0; k < steps && damping < LARGEST_DAMPING && cost > SMALLEST; k++) {
            double[][] j = jacobian(best);
            double[][] a = normal(j);
            double[] g = new double[count];
            for (int i = 0; i < count; i++) {
                g[i] = -product(j[i], r);
            }
            boolean better = false;
            while (!better && damping < LARGEST_DAMPING) {
                double[][] damped = new double[count][];
                for (int i = 0; i < count; i++) {
                    damped[i] = a[i].clone();
                    damped[i][i] += damping * Math.max(a[i][i], 1e-12);
                }
                double[] step = LinearSystems.solve(damped, g);
                CameraEstimate next = step == null ? null : best.plus(step, scale);
                double[] there = next == null ? null : misfit.of(next);
                double costs = there == null ? Double.NaN : Residuals.squares(there);
                better = costs < cost;
                if (better) {
                    boolean little = cost - costs < 1e-15 * cost;
                    best = next;
                    r = there;
                    cost = costs;
                    damping = Math.max(1e-12, damping / 8);
                    if (little) {
                        return best;
                    }
                } else {
                    damping *= 6;
                }
            }
        }
        return best;
    }

    private double[][] jacobian(CameraEstimate s) {
        double[][] j = new double[count][];
        for (int i = 0; i < count; i++) {
            double[] step = new double[count];
            step[i] = STEP;
            double[] up = misfit.of(s.plus(step, scale));
            step[i] = -STEP;
            double[] down = misfit.of(s.plus(step, scale));
            for (int m = 0; m < up.length; m++) {
                up[m] = (up[m] - down[m]) / (2 * STEP);
            }
            j[i] = up;
        }
        return j;
    }

    /** The matrix of the normal equations: each derivative times each other. */
    private double[][] normal(double[][] j) {
        double[][] a = new double[count][count];
        for (int i = 0; i < count; i++) {
            for (int l = 0; l < count; l++) {
                a[i][l] = product(j[i], j[l]);
            }
        }
        return a;
    }

    private static double product(double[] a, double[] b) {
        double sum = 0;
        for (int m = 0; m < a.length; m++) {
            sum += a[m] * b[m];
        }
        return sum;
    }

    /**
     * By which part the focal length changes, as a standard deviation, where everything marked is a pixel off; infinite where
     * it does not follow from what was marked.
     */
    double lensDoubt(CameraEstimate s) {
        double[][] a = normal(jacobian(s));
        double[] first = new double[count];
        first[0] = 1;
        double[] x = LinearSystems.solve(a, first);
        return x == null || !(x[0] > 0) ? Double.POSITIVE_INFINITY : Math.sqrt(x[0]);
    }
}
