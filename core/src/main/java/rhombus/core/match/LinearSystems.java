package rhombus.core.match;

import rhombus.core.geometry.Vec3;

/** Small systems of linear equations. */
final class LinearSystems {
    private LinearSystems() {}

    /** The solution of a symmetric positive definite system by Cholesky's decomposition; null where it has none to be trusted. */
    static double[] solve(double[][] a, double[] b) {
        int n = b.length;
        double[][] l = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = a[i][j];
                for (int k = 0; k < j; k++) {
                    sum -= l[i][k] * l[j][k];
                }
                if (i == j) {
                    if (!(sum > 1e-14 * Math.max(a[i][i], 1e-300))) {
                        return null;
                    }
                    l[i][i] = Math.sqrt(sum);
                } else {
                    l[i][j] = sum / l[j][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = 0; i < n; i++) {
            double sum = b[i];
            for (int k = 0; k < i; k++) {
                sum -= l[i][k] * x[k];
            }
            x[i] = sum / l[i][i];
        }
        for (int i = n - 1; i >= 0; i--) {
            double sum = x[i];
            for (int k = i + 1; k < n; k++) {
                sum -= l[k][i] * x[k];
            }
            x[i] = sum / l[i][i];
        }
        return x;
    }

    /** The unit vector that is most nearly square to some others: that of the smallest eigenvalue of their sum of squares (Jacobi). */
    static Vec3 square(Iterable<Vec3> others) {
        double[][] m = new double[3][3];
        for (Vec3 o : others) {
            for (int i = 0; i < 3; i++) {
                for (int k = 0; k < 3; k++) {
                    m[i][k] += o.get(i) * o.get(k);
                }
            }
        }
        double[][] v = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
        for (int sweep = 0; sweep < 30; sweep++) {
            for (int p = 0; p < 2; p++) {
                for (int q = p + 1; q < 3; q++) {
                    turn(m, v, p, q);
                }
            }
        }
        int least = m[0][0] < m[1][1] ? 0 : 1;
        least = m[2][2] < m[least][least] ? 2 : least;
        return new Vec3(v[0][least], v[1][least], v[2][least]);
    }

    private static void turn(double[][] m, double[][] v, int p, int q) {
        if (m[p][q] == 0) {
            return;
        }
        double theta = (m[q][q] - m[p][p]) / (2 * m[p][q]);
        double t = (theta < 0 ? -1 : 1) / (Math.abs(theta) + Math.sqrt(theta * theta + 1));
        double c = 1 / Math.sqrt(t * t + 1);
        double s = t * c;
        for (int k = 0; k < 3; k++) {
            double a = m[k][p];
            double b = m[k][q];
            m[k][p] = c * a - s * b;
            m[k][q] = s * a + c * b;
        }
        for (int k = 0; k < 3; k++) {
            double a = m[p][k];
            double b = m[q][k];
            m[p][k] = c * a - s * b;
            m[q][k] = s * a + c * b;
            a = v[k][p];
            b = v[k][q];
            v[k][p] = c * a - s * b;
            v[k][q] = s * a + c * b;
        }
    }
}
