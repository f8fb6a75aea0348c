package rhombus.core.scene;

import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Vec3;

/** Makes the triangles of a {@link ParametricShape}, counter-clockwise seen from outside, with a normal for each vertex. */
public final class ShapeMesh {
    private final float[] positions;
    private final float[] normals;
    private final int[] triangles;
    private int vertices;
    private int corners;

    private ShapeMesh(int vertexCount, int triangleCount) {
        positions = new float[vertexCount * 3];
        normals = new float[vertexCount * 3];
        triangles = new int[triangleCount * 3];
    }

    /** The triangles of a shape. */
    public static ShapeMesh of(ParametricShape s) {
        return switch (s.sort()) {
            case BOX -> box(s.value(0) / 2, s.value(1), s.value(2) / 2);
            case SPHERE -> sphere(s.value(0), (int) s.value(1), (int) s.value(2));
            case CYLINDER -> round(s.value(0), s.value(0), s.value(1), (int) s.value(2));
            case CONE -> round(s.value(0), 0, s.value(1), (int) s.value(2));
            case TORUS -> torus(s.value(0), s.value(1), (int) s.value(2), (int) s.value(3));
            case PLANE -> plane(s.value(0) / 2, s.value(1) / 2);
        };
    }

    /** The mesh with its edges and hierarchy. */
    public Mesh mesh() {
        Mesh m = new Mesh(Vec3.ZERO, positions, triangles);
        MeshEdges e = MeshEdges.of(positions, triangles);
        m.attachEdges(e.edges(), e.strong());
        m.attach(BvhBuilder.of(positions, triangles));
        return m;
    }

    /** Three numbers a vertex, of length 1. */
    public float[] normals() {
        return normals;
    }

    /** Strength of each triangle's sides, as {@link MeshEdges} gives it. */
    public byte[] marks() {
        return MeshEdges.of(positions, triangles).marks();
    }

    private int vertex(double x, double y, double z, double nx, double ny, double nz) {
        int at = vertices * 3;
        positions[at] = (float) x;
        positions[at + 1] = (float) y;
        positions[at + 2] = (float) z;
        double l = Math.sqrt(nx * nx + ny * ny + nz * nz);
        normals[at] = (float) (nx / l);
        normals[at + 1] = (float) (ny / l);
        normals[at + 2] = (float) (nz / l);
        return vertices++;
    }

    private void triangle(int a, int b, int c) {
        triangles[corners++] = a;
        triangles[corners++] = b;
        triangles[corners++] = c;
    }

    private void quad(int a, int b, int c, int d) {
        triangle(a, b, c);
        triangle(a, c, d);
    }

    private static ShapeMesh plane(double x, double z) {
        ShapeMesh m = new ShapeMesh(4, 2);
        m.quad(
                m.vertex(-x, 0, z, 0, 1, 0),
                m.vertex(x, 0, z, 0, 1, 0),
                m.vertex(x, 0, -z, 0, 1, 0),
                m.vertex(-x, 0, -z, 0, 1, 0));
        return m;
    }

    private static ShapeMesh box(double x, double h, double z) {
        ShapeMesh m = new ShapeMesh(24, 12);
        // For each face its outward axis n and two axes u, v with u × v = n.
        int[][] faces = {{0, 1, 2}, {1, 2, 0}, {2, 0, 1}};
        double[] half = {x, h / 2, z};
        for (int[] f : faces) {
            for (int side = -1; side <= 1; side += 2) {
                int[] v = new int[4];
                for (int k = 0; k < 4; k++) {
                    double[] p = new double[3];
                    p[f[0]] = side * half[f[0]];
                    p[f[1]] = (k == 1 || k == 2 ? 1 : -1) * half[f[1]];
                    p[f[2]] = (k >= 2 ? 1 : -1) * half[f[2]];
                    v[k] = m.vertex(
                            p[0], p[1] + h / 2, p[2], f[0] == 0 ? side : 0, f[0] == 1 ? side : 0, f[0] == 2 ? side : 0);
                }
                if (side > 0) {
                    m.quad(v[0], v[1], v[2], v[3]);
                } else {
                    m.quad(v[0], v[3], v[2], v[1]);
                }
            }
        }
        return m;
    }

    private static ShapeMesh sphere(double r, int around, int rings) {
        ShapeMesh m = new ShapeMesh((around + 1) * (rings + 1), around * (rings - 1) * 2);
        for (int j = 0; j <= rings; j++) {
            double polar = Math.PI * j / rings;
            // The poles exactly, so that all their vertices are one point.
            double ring = j == 0 || j == rings ? 0 : Math.sin(polar);
            for (int i = 0; i <= around; i++) {
                double a = 2 * Math.PI * (i % around) / around;
                double nx = ring * Math.sin(a);
                double ny = Math.cos(polar);
                double nz = ring * Math.cos(a);
                m.vertex(r * nx, r + r * ny, r * nz, nx, ny, nz);
            }
        }
        for (int j = 0; j < rings; j++) {
            for (int i = 0; i < around; i++) {
                int a = j * (around + 1) + i;
                int b = a + around + 1;
                if (j < rings - 1) {
                    m.triangle(a, b, b + 1);
                }
                if (j > 0) {
                    m.triangle(a, b + 1, a + 1);
                }
            }
        }
        return m;
    }

    /** A cylinder, or a cone where the upper radius is 0. */
    private static ShapeMesh round(double low, double high, double h, int around) {
        boolean pointed = high == 0;
        ShapeMesh m = new ShapeMesh((around + 1) * 2 + (around + 1) * (pointed ? 1 : 2), around * (pointed ? 2 : 4));
        double slope = low - high;
        for (int i = 0; i <= around; i++) {
            double a = 2 * Math.PI * (i % around) / around;
            double x = Math.sin(a);
            double z = Math.cos(a);
            double mid = 2 * Math.PI * (i + 0.5) / around;
            m.vertex(low * x, 0, low * z, x * h, slope, z * h);
            m.vertex(
                    high * x,
                    h,
                    high * z,
                    pointed ? Math.sin(mid) * h : x * h,
                    slope,
                    pointed ? Math.cos(mid) * h : z * h);
        }
        for (int i = 0; i < around; i++) {
            int a = i * 2;
            m.triangle(a, a + 2, a + 1);
            if (!pointed) {
                m.triangle(a + 1, a + 2, a + 3);
            }
        }
        m.disc(low, 0, -1, around);
        if (!pointed) {
            m.disc(high, h, 1, around);
        }
        return m;
    }

    private void disc(double r, double y, int side, int around) {
        int middle = vertex(0, y, 0, 0, side, 0);
        for (int i = 0; i < around; i++) {
            double a = 2 * Math.PI * i / around;
            vertex(r * Math.sin(a), y, r * Math.cos(a), 0, side, 0);
        }
        for (int i = 0; i < around; i++) {
            int a = middle + 1 + i;
            int b = middle + 1 + (i + 1) % around;
            triangle(middle, side > 0 ? a : b, side > 0 ? b : a);
        }
    }

    private static ShapeMesh torus(double r, double tube, int around, int section) {
        ShapeMesh m = new ShapeMesh((around + 1) * (section + 1), around * section * 2);
        for (int i = 0; i <= around; i++) {
            double a = 2 * Math.PI * (i % around) / around;
            for (int j = 0; j <= section; j++) {
                double b = 2 * Math.PI * (j % section) / section;
                double nx = Math.cos(b) * Math.sin(a);
                double nz = Math.cos(b) * Math.cos(a);
                double ny = Math.sin(b);
                m.vertex(r * Math.sin(a) + tube * nx, tube + tube * ny, r * Math.cos(a) + tube * nz, nx, ny, nz);
            }
        }
        for (int i = 0; i < around; i++) {
            for (int j = 0; j < section; j++) {
                int a = i * (section + 1) + j;
                int b = a + section + 1;
                m.quad(a, b, b + 1, a + 1);
            }
        }
        return m;
    }
}
