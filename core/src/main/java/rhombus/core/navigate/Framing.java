package rhombus.core.navigate;

import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * The exact fit of points into a view of given direction.
 *
 * <p>In the camera's frame (x right, y up, looking along -z) a point is inside the right border when
 * {@code x - ex <= (ez - z)·tx}. So the largest {@code x + z·tx} over all points, and likewise for the other three
 * borders, decide where the eye must be. Derivation: similar triangles; no approximation is involved.
 */
public final class Framing {
    /** Part of the viewport's width or height that stays free on each side. */
    public static final double MARGIN = 0.05;

    /** Meshes with more triangles are searched by their hierarchy. */
    private static final int MANY = 64;

    private final Pose pose;
    private final double tx;
    private final double ty;
    private final double aspect;
    private final Quat toCamera;
    private final Vec3 reference;
    private double right = Double.NEGATIVE_INFINITY;
    private double left = Double.NEGATIVE_INFINITY;
    private double top = Double.NEGATIVE_INFINITY;
    private double bottom = Double.NEGATIVE_INFINITY;
    private double nearest = Double.NEGATIVE_INFINITY;
    private double farthest = Double.POSITIVE_INFINITY;
    private double minX = Double.POSITIVE_INFINITY;
    private double maxX = Double.NEGATIVE_INFINITY;
    private double minY = Double.POSITIVE_INFINITY;
    private double maxY = Double.NEGATIVE_INFINITY;

    /**
     * Starts a fit.
     *
     * @param pose whose direction and projection are kept
     * @param aspect width over height of the viewport
     * @param reference a point near what will be framed; far from the origin it keeps the digits
     */
    public Framing(Pose pose, double aspect, Vec3 reference) {
        this.pose = pose;
        this.aspect = aspect;
        this.reference = reference;
        this.toCamera = pose.orientation().inverse();
        double inner = 1 - 2 * MARGIN;
        if (pose.projection() instanceof Projection.Perspective p) {
            ty = Math.tan(p.fovY() / 2) * inner;
            tx = ty * aspect;
        } else {
            tx = ty = 0;
        }
    }

    /** Takes in one world point. */
    public void add(Vec3 p) {
        Vec3 v = toCamera.rotate(p.minus(reference));
        add(v.x(), v.y(), v.z());
    }

    /** Takes in every vertex of a mesh under a world matrix. */
    public void add(Mesh mesh, double[] world) {
        Vec3 r = toCamera.rotate(column(world, 0));
        Vec3 u = toCamera.rotate(column(world, 4));
        Vec3 b = toCamera.rotate(column(world, 8));
        Vec3 o = mesh.origin();
        Vec3 origin = column(world, 12).minus(reference);
        Vec3 t = toCamera.rotate(origin).plus(r, o.x()).plus(u, o.y()).plus(b, o.z());
        if (mesh.bvh() != null && mesh.triangleCount() > MANY) {
            farthest(mesh, r, u, b, t);
            return;
        }
        every(mesh.positions(), r, u, b, t);
    }

    /** Looks at every vertex; numbers stand by themselves here, since there may be a million and four views wait for them. */
    private void every(float[] p, Vec3 r, Vec3 u, Vec3 b, Vec3 t) {
        double rx = r.x(), ry = r.y(), rz = r.z();
        double ux = u.x(), uy = u.y(), uz = u.z();
        double bx = b.x(), by = b.y(), bz = b.z();
        double ox = t.x(), oy = t.y(), oz = t.z();
        double kx = tx, ky = ty;
        double toRight = right, toLeft = left, toTop = top, toBottom = bottom;
        double near = nearest, far = farthest;
        double lowX = minX, highX = maxX, lowY = minY, highY = maxY;
        for (int i = 0; i + 2 < p.length; i += 3) {
            double vx = p[i];
            double vy = p[i + 1];
            double vz = p[i + 2];
            double x = rx * vx + ux * vy + bx * vz + ox;
            double y = ry * vx + uy * vy + by * vz + oy;
            double z = rz * vx + uz * vy + bz * vz + oz;
            double zx = z * kx;
            double zy = z * ky;
            if (x + zx > toRight) toRight = x + zx;
            if (zx - x > toLeft) toLeft = zx - x;
            if (y + zy > toTop) toTop = y + zy;
            if (zy - y > toBottom) toBottom = zy - y;
            if (z > near) near = z;
            if (z < far) far = z;
            if (x < lowX) lowX = x;
            if (x > highX) highX = x;
            if (y < lowY) lowY = y;
            if (y > highY) highY = y;
        }
        right = toRight;
        left = toLeft;
        top = toTop;
        bottom = toBottom;
        nearest = near;
        farthest = far;
        minX = lowX;
        maxX = highX;
        minY = lowY;
        maxY = highY;
    }

    /**
     * All that decides is which vertices lie farthest in ten directions: across the four borders, along and against the
     * camera's three axes. The hierarchy finds each without looking at the others.
     */
    private void farthest(Mesh mesh, Vec3 r, Vec3 u, Vec3 b, Vec3 t) {
        double[] v = new double[3];
        for (int i = 0; i < 10; i++) {
            double side = (i & 1) == 0 ? 1 : -1;
            double cx = i < 2 || i == 4 || i == 5 ? side : 0;
            double cy = i == 2 || i == 3 || i == 6 || i == 7 ? side : 0;
            double cz = i < 2 ? tx : i < 4 ? ty : i >= 8 ? side : 0;
            // A row of the matrix to the camera's frame is a direction in the mesh's frame.
            double x = r.x() * cx + r.y() * cy + r.z() * cz;
            double y = u.x() * cx + u.y() * cy + u.z() * cz;
            double z = b.x() * cx + b.y() * cy + b.z() * cz;
            mesh.bvh().farthest(x, y, z, v);
            add(
                    r.x() * v[0] + u.x() * v[1] + b.x() * v[2] + t.x(),
                    r.y() * v[0] + u.y() * v[1] + b.y() * v[2] + t.y(),
                    r.z() * v[0] + u.z() * v[1] + b.z() * v[2] + t.z());
        }
    }

    private static Vec3 column(double[] m, int at) {
        return new Vec3(m[at], m[at + 1], m[at + 2]);
    }

    private void add(double x, double y, double z) {
        if (x + z * tx > right) right = x + z * tx;
        if (-x + z * tx > left) left = -x + z * tx;
        if (y + z * ty > top) top = y + z * ty;
        if (-y + z * ty > bottom) bottom = -y + z * ty;
        if (z > nearest) nearest = z;
        if (z < farthest) farthest = z;
        if (x < minX) minX = x;
        if (x > maxX) maxX = x;
        if (y < minY) minY = y;
        if (y > maxY) maxY = y;
    }

    /** Whether nothing was taken in. */
    public boolean isEmpty() {
        return nearest == Double.NEGATIVE_INFINITY;
    }

    /**
     * The pose that shows everything taken in as large as the margin allows, focus on the middle of its bounds.
     *
     * @param smallest size in metres that a point is given, positive
     */
    public Pose fit(double smallest) {
        double dx = maxX - minX;
        double dy = maxY - minY;
        double dz = nearest - farthest;
        double size = Math.sqrt(dx * dx + dy * dy + dz * dz);
        if (size < smallest * 1e-6) {
            double h = smallest / 2;
            Vec3 p = new Vec3((minX + maxX) / 2, (minY + maxY) / 2, nearest);
            add(p.x() - h, p.y() - h, p.z());
            add(p.x() + h, p.y() + h, p.z());
            size = smallest;
        }
        double middle = (nearest + farthest) / 2;
        double ex = (right - left) / 2;
        double ey = (top - bottom) / 2;
        if (pose.projection().flat()) {
            double inner = 1 - 2 * MARGIN;
            double extent = Math.max((top + bottom) / inner, (right + left) / aspect / inner);
            double focus = Math.max(pose.focus(), size);
            // A line along the line of sight has no extent of its own.
            extent = Math.max(extent, size * 1e-3);
            return at(new Vec3(ex, ey, middle + focus), focus, new Projection.Orthographic(extent));
        }
        double ez = Math.max((right + left) / (2 * tx), (top + bottom) / (2 * ty));
        ez = Math.max(ez, nearest + size * 1e-3);
        return at(new Vec3(ex, ey, ez), ez - middle, pose.projection());
    }

    private Pose at(Vec3 inCamera, double focus, Projection projection) {
        Vec3 eye = reference.plus(pose.orientation().rotate(inCamera));
        return new Pose(eye, pose.orientation(), focus, projection);
    }
}
