package rhombus.formats.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import javax.imageio.ImageIO;
import rhombus.core.display.Srgb;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Framing;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/**
 * A picture of a whole scene from the front, the right and above, standing on a floor: what a person needs to see which scene
 * it is, and whether it stands or lies.
 */
public final class Thumbnail {
    /** Size of the picture, points. */
    public static final int WIDTH = 320;

    /** Size of the picture, points. */
    public static final int HEIGHT = 200;

    private static final int FINER = 2;
    /** From so many triangles on, the coarsest ones of each mesh are drawn. */
    private static final int MANY = 150_000;

    private static final double YAW = Math.toRadians(32);
    private static final double PITCH = Math.toRadians(-22);
    private static final double FOV = Math.toRadians(30);
    private static final int FLOOR = 0x38808890;

    /** So much of all objects lies near, whatever the others do. */
    private static final double MOST = 0.8;

    private static final double FAR_OFF = 4;

    private final Scene scene;
    private final Aabb within;
    private final TriangleRaster raster = new TriangleRaster(WIDTH * FINER, HEIGHT * FINER);
    private final Pose pose;
    private final Screen screen;
    private final double[] corners = new double[9];

    private Thumbnail(Scene scene, UpAxis up) {
        this.scene = scene;
        within = near();
        Vec3 middle = within.isEmpty() ? Vec3.ZERO : within.center();
        Pose from = new Pose(middle, new Heading(YAW, PITCH, 0).orientation(up), 1, new Projection.Perspective(FOV));
        Framing f = new Framing(from, (double) WIDTH / HEIGHT, middle);
        for (int i = 0; i < scene.count(); i++) {
            if (!shown(i).isEmpty() && isNear(bounds(i))) {
                for (int m : shown(i)) {
                    f.add(scene.meshes().get(m), scene.world(i));
                }
            }
        }
        pose = f.isEmpty() ? from : f.fit(Math.max(within.radius() * 1e-3, 1e-9));
        screen = new Screen(pose, WIDTH * FINER, HEIGHT * FINER);
    }

    /** Where most objects are: a few that were left far away would make all others a dot. */
    private Aabb near() {
        List<Aabb> all = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            if (!shown(i).isEmpty()) {
                all.add(bounds(i));
            }
        }
        if (all.isEmpty()) {
            return Aabb.EMPTY;
        }
        Vec3 middle = new Vec3(median(all, Vec3::x), median(all, Vec3::y), median(all, Vec3::z));
        double[] reach = all.stream()
                .mapToDouble(b -> b.center().distance(middle) + b.radius())
                .sorted()
                .toArray();
        double most = FAR_OFF * reach[(int) (MOST * (reach.length - 1))];
        Aabb out = Aabb.EMPTY;
        for (Aabb b : all) {
            out = b.center().distance(middle) - b.radius() <= most ? out.union(b) : out;
        }
        return out;
    }

    private static double median(List<Aabb> of, ToDoubleFunction<Vec3> axis) {
        double[] v = of.stream().map(Aabb::center).mapToDouble(axis).sorted().toArray();
        return v[v.length / 2];
    }

    private boolean isNear(Aabb b) {
        return b.union(within).equals(within);
    }

    private Aabb bounds(int node) {
        Aabb out = Aabb.EMPTY;
        for (int m : shown(node)) {
            Mesh mesh = scene.meshes().get(m);
            Vec3 lo = mesh.bounds().min();
            Vec3 hi = mesh.bounds().max();
            for (int c = 0; c < 8; c++) {
                Vec3 corner = new Vec3(
                        (c & 1) == 0 ? lo.x() : hi.x(), (c & 2) == 0 ? lo.y() : hi.y(), (c & 4) == 0 ? lo.z() : hi.z());
                out = out.union(Aabb.of(Mat4.point(scene.world(node), corner)));
            }
        }
        return out;
    }

    /**
     * Draws a scene.
     *
     * @param up which way is taken for up, whatever the scene says
     * @param colors red, green and blue of each mesh, linear, 0 to 1
     * @return a PNG file
     */
    public static byte[] of(Scene scene, UpAxis up, List<float[]> colors) {
        Thumbnail t = new Thumbnail(scene, up);
        t.draw(colors);
        t.floor(up);
        return t.png();
    }

    private List<Integer> shown(int node) {
        for (int i = node; i >= 0; i = scene.node(i).parent()) {
            if (scene.node(i).hidden() || scene.node(i).gone()) {
                return List.of();
            }
        }
        return scene.node(node).meshes();
    }

    private void draw(List<float[]> colors) {
        boolean many = scene.triangles() > MANY;
        for (int i = 0; i < scene.count(); i++) {
            for (int m : shown(i)) {
                Mesh mesh = scene.meshes().get(m);
                List<Mesh.Level> levels = mesh.levels();
                int[] triangles = many && !levels.isEmpty()
                        ? levels.get(levels.size() - 1).triangles()
                        : mesh.triangles();
                mesh(mesh, triangles, scene.world(i), colors.get(m));
            }
        }
    }

    private void mesh(Mesh mesh, int[] triangles, double[] world, float[] color) {
        float[] p = mesh.positions();
        Vec3 o = mesh.origin();
        Vec3[] at = new Vec3[3];
        for (int t = 0; t < triangles.length; t += 3) {
            for (int c = 0; c < 3; c++) {
                int v = triangles[t + c] * 3;
                at[c] = Mat4.point(world, new Vec3(o.x() + p[v], o.y() + p[v + 1], o.z() + p[v + 2]));
            }
            Vec3 normal = at[1].minus(at[0]).cross(at[2].minus(at[0]));
            double length = normal.length();
            if (length > 0) {
                Vec3 n = pose.orientation().inverse().rotate(normal.times(1 / length));
                fill(at, shade(color, n.z() < 0 ? n.times(-1) : n));
            }
        }
    }

    /** Light from the upper left of the eye, some from everywhere. */
    private static int shade(float[] color, Vec3 n) {
        double light = 0.3 + 0.75 * Math.max(0, -0.36 * n.x() + 0.52 * n.y() + 0.78 * n.z());
        return 0xFF000000 | signal(color[0] * light) << 16 | signal(color[1] * light) << 8 | signal(color[2] * light);
    }

    private static int signal(double linear) {
        return (int) Math.round(255 * Srgb.signal(Math.min(1, linear)));
    }

    private void fill(Vec3[] at, int color) {
        for (int c = 0; c < 3; c++) {
            Vec3 s = screen.project(at[c]);
            corners[c * 3] = s.x();
            corners[c * 3 + 1] = s.y();
            // The inverse of the depth is what runs evenly over a picture.
            corners[c * 3 + 2] = -1 / s.z();
            if (!(s.z() > 0)) {
                return;
            }
        }
        raster.fill(corners, color);
    }

    private void floor(UpAxis up) {
        Aabb b = within;
        if (b.isEmpty()) {
            return;
        }
        Vec3 c = b.center();
        double low = b.min().dot(up.up());
        double reach = b.radius();
        Vec3 middle = c.plus(up.up(), low - c.dot(up.up()) - b.radius() * 1e-3);
        Vec3 right = up.right().times(reach);
        Vec3 front = up.front().times(reach);
        Vec3[] corner = {
            middle.plus(right, -1).plus(front, -1),
            middle.plus(right, 1).plus(front, -1),
            middle.plus(right, 1).plus(front, 1),
            middle.plus(right, -1).plus(front, 1)
        };
        fill(new Vec3[] {corner[0], corner[1], corner[2]}, FLOOR);
        fill(new Vec3[] {corner[0], corner[2], corner[3]}, FLOOR);
    }

    private byte[] png() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, WIDTH, HEIGHT, raster.smaller(FINER), 0, WIDTH);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
