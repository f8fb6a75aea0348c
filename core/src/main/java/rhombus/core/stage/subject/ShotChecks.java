package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.NumberText;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/**
 * What can be said of a camera's picture without looking at it: what the selection fills of it, and what is probably not
 * wanted. The picture is probed by a grid of lines of sight, so that what is smaller than a cell may be missed.
 */
public final class ShotChecks {
    /** Lines of sight across and down. */
    private static final int GRID = 16;
    /** Of so many vertices at most is looked at which lie in the picture; of more, evenly spread ones. */
    private static final int MOST = 100_000;
    /** A roll that is smaller than this is not seen, radians. */
    private static final double LEVEL = Math.toRadians(0.05);

    private final StageContext ground;
    private final SubjectParts subject;
    private final Scene scene;
    private final SceneCamera camera;
    private final int node;
    private final Screen screen;
    private final Spread spread;

    /** Looks at the camera of a node, which stands where a viewport that looks through it would. */
    public ShotChecks(StageContext ground, SubjectParts subject, Viewport v, int node) {
        this.ground = ground;
        this.subject = subject;
        this.scene = ground.scene();
        this.node = node;
        this.camera = scene.camera(node);
        Pose p = TypedCamera.aimed(ground, v, node);
        Projection lens = camera.perspective()
                ? new Projection.Perspective(camera.fovY())
                : new Projection.Orthographic(camera.extent());
        this.screen = new Screen(new Pose(p.eye(), p.orientation(), p.focus(), lens), GRID * camera.aspect(), GRID);
        this.spread = spread();
    }

    // ---- the subject -----------------------------------------------------------------------------------------------

    /** Where the vertices of the selection lie. */
    private final class Spread {
        private double left = Double.POSITIVE_INFINITY;
        private double right = Double.NEGATIVE_INFINITY;
        private double top = Double.POSITIVE_INFINITY;
        private double bottom = Double.NEGATIVE_INFINITY;
        private int inside;
        private int outside;

        void add(Vec3 p) {
            Vec3 s = screen.project(p);
            boolean in = (s.z() > 0 || !camera.perspective())
                    && s.x() >= 0
                    && s.y() >= 0
                    && s.x() <= screen.width()
                    && s.y() <= screen.height();
            inside += in ? 1 : 0;
            outside += in ? 0 : 1;
            if (s.z() > 0 || !camera.perspective()) {
                left = Math.min(left, Math.max(0, Math.min(screen.width(), s.x())));
                right = Math.max(right, Math.max(0, Math.min(screen.width(), s.x())));
                top = Math.min(top, Math.max(0, Math.min(screen.height(), s.y())));
                bottom = Math.max(bottom, Math.max(0, Math.min(screen.height(), s.y())));
            }
        }

        /** The part of the picture that the rectangle around them covers. */
        double part() {
            double area = Math.max(0, right - left) * Math.max(0, bottom - top);
            return area / (screen.width() * screen.height());
        }
    }

    private Spread spread() {
        Spread out = new Spread();
        List<Integer> nodes = new ArrayList<>();
        long vertices = 0;
        for (int root : subject.selection().roots(scene)) {
            for (int n : scene.subtree(root)) {
                if (n != node && scene.shown(n) && !scene.node(n).meshes().isEmpty()) {
                    nodes.add(n);
                    for (int m : scene.node(n).meshes()) {
                        vertices += scene.meshes().get(m).positions().length / 3;
                    }
                }
            }
        }
        int step = (int) Math.max(1, vertices / MOST);
        for (int n : nodes) {
            for (int m : scene.node(n).meshes()) {
                add(out, scene.meshes().get(m), scene.world(n), step);
            }
        }
        return out;
    }

    private static void add(Spread to, Mesh mesh, double[] world, int step) {
        float[] p = mesh.positions();
        Vec3 o = mesh.origin();
        for (int i = 0; i + 2 < p.length; i += 3 * step) {
            to.add(Mat4.point(world, new Vec3(p[i] + o.x(), p[i + 1] + o.y(), p[i + 2] + o.z())));
        }
    }

    /** The part of the picture that the selection fills, 0 to 1, by the rectangle around it; null where nothing is selected. */
    public Double fill() {
        return spread.inside + spread.outside == 0 ? null : Double.valueOf(spread.part());
    }

    // ---- warnings --------------------------------------------------------------------------------------------------

    /** What is probably not wanted, each a few words. */
    public List<String> warnings() {
        List<String> out = new ArrayList<>();
        inside(out);
        seen(out);
        if (spread.inside > 0 && spread.outside > 0) {
            out.add(say("shot-checks.the-gate-cuts", subject.names()));
        } else if (spread.outside > 0) {
            out.add(say("shot-checks.is-not-in-the-picture", subject.names()));
        }
        double roll = Heading.roll(screen.pose().orientation(), scene.up());
        double steep = Math.abs(screen.pose().forward().dot(scene.up().up()));
        // Straight up or down there is no horizon.
        if (steep < 0.999 && Math.abs(roll) > LEVEL) {
            out.add(say("shot-checks.the-horizon-is-tilted-by", NumberText.fixed(Math.toDegrees(roll), 1)));
        }
        return out;
    }

    /** A camera is inside of something if lines of sight along all three axes, both ways, end in it. */
    private void inside(List<String> out) {
        SurfacePicking surfaces = ground.model().surfaces();
        int in = -1;
        for (Vec3 way : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            for (int k = -1; k <= 1; k += 2) {
                RayHit hit = surfaces.closest(new Ray(screen.pose().eye(), way.times(k)), true);
                if (hit == null || in >= 0 && hit.node() != in) {
                    return;
                }
                in = hit.node();
            }
        }
        out.add(say("shot-checks.stands-inside", ground.nameOf(in)));
    }

    private void seen(List<String> out) {
        Double near = camera.optics().near();
        double start = camera.perspective()
                ? 0
                : -(scene.bounds().center().distance(screen.pose().eye()) + scene.radius() * 2);
        boolean any = false;
        int cut = -1;
        for (int i = 0; i < GRID; i++) {
            for (int j = 0; j < GRID; j++) {
                Ray sight = screen.ray((i + 0.5) / GRID * screen.width(), (j + 0.5) / GRID * screen.height());
                RayHit hit = ground.model().surfaces().closest(sight, start, true);
                if (hit != null) {
                    any = true;
                    cut = near != null && screen.pose().depth(hit.point()) < near ? hit.node() : cut;
                }
            }
        }
        if (!any && !anyMiddle()) {
            out.add(say("shot-checks.nothing-is-in-the-picture"));
        }
        if (cut >= 0) {
            out.add(say("shot-checks.reaches-through-the-near-plane", ground.nameOf(cut)));
        }
    }

    /** Things that no line of sight meets may still be there: whether the middle of any is in the picture. */
    private boolean anyMiddle() {
        Spread s = new Spread();
        for (int i = 0; i < scene.count(); i++) {
            if (scene.shown(i) && !scene.node(i).meshes().isEmpty()) {
                s.add(scene.bounds(i).center());
            }
        }
        return s.inside > 0;
    }
}
