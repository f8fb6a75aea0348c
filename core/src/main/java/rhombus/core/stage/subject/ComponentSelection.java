package rhombus.core.stage.subject;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.ComponentPick;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Selected corners, edges and faces of meshes: what can be framed and turned about, smaller than an object. */
public final class ComponentSelection {
    /** What can be selected. */
    public static final List<String> MODES = List.of("object", "vertex", "edge", "face");
    /** Marks drawn in a viewport at most. */
    private static final int MOST = 400;

    /** A selected part: its points in its node's own frame, so that it goes along when that moves. */
    private record Part(int node, String sort, List<Vec3> points) {}

    private final StageContext ground;
    private final Selection selection;
    private final List<Part> list = new ArrayList<>();
    private String mode = "object";

    public ComponentSelection(StageContext ground, Selection selection) {
        this.ground = ground;
        this.selection = selection;
    }

    public String mode() {
        return mode;
    }

    public void mode(String to) {
        mode = MODES.contains(to) ? to : mode;
        list.clear();
        ground.changes().views();
    }

    public boolean isEmpty() {
        return list.isEmpty();
    }

    public void clear() {
        list.clear();
        ground.changes().views();
    }

    /** Parts of what is gone are gone. */
    public void keep() {
        list.removeIf(p ->
                p.node >= ground.scene().count() || ground.scene().node(p.node).gone());
    }

    /** Selects the part under a point, where parts are what is selected; says whether they are. */
    public boolean pick(String how, Viewport v, double lx, double ly) {
        if (mode.equals("object")) {
            return false;
        }
        if (how.equals("pick")) {
            list.clear();
        }
        RayHit hit = ground.model().surfaceAt(v, v.pose, lx, ly, false);
        if (hit != null && hit.mesh() >= 0) {
            Part part = part(hit);
            boolean had = list.remove(part);
            if (!had || !how.equals("toggle")) {
                list.add(part);
            }
            if (how.equals("pick")) {
                selection.only(hit.node());
            } else {
                selection.add(hit.node());
            }
            selection.changed();
        }
        ground.changes().views();
        return true;
    }

    private Part part(RayHit hit) {
        Mesh mesh = ground.scene().meshes().get(hit.mesh());
        double[] inverse = Mat4.inverseAffine(ground.scene().world(hit.node()));
        Vec3 near = Mat4.point(inverse, hit.point());
        List<Vec3> points =
                switch (mode) {
                    case "vertex" -> List.of(ComponentPick.vertex(mesh, hit.triangle(), near));
                    case "edge" -> ComponentPick.edge(mesh, hit.triangle(), near);
                    default -> ComponentPick.face(mesh, hit.triangle());
                };
        return new Part(hit.node(), mode, points);
    }

    /** All points of what is selected, in the world. */
    public List<Vec3> points() {
        List<Vec3> out = new ArrayList<>();
        for (Part p : list) {
            double[] w = ground.scene().world(p.node);
            p.points.forEach(q -> out.add(Mat4.point(w, q)));
        }
        return out;
    }

    /** The box around what is selected. */
    public Aabb bounds() {
        Aabb b = Aabb.EMPTY;
        for (Vec3 p : points()) {
            b = b.union(Aabb.of(p));
        }
        return b;
    }

    /** What is selected, in words. */
    public String words() {
        return list.size() + " "
                + (list.size() == 1 ? list.get(0).sort : mode.equals("vertex") ? "vertices" : mode + "s");
    }

    /** The parts on the screen: points, lines and triangles, x and y in turn. */
    public List<ComponentMark> marks(Viewport v) {
        List<ComponentMark> out = new ArrayList<>();
        for (Part p : list) {
            double[] w = ground.scene().world(p.node);
            int step = p.sort.equals("face") ? 3 : p.points.size();
            for (int i = 0; i + step <= p.points.size() && out.size() < MOST; i += step) {
                double[] xy = new double[2 * step];
                boolean seen = true;
                for (int k = i; k < i + step; k++) {
                    Vec3 s = v.screen().project(Mat4.point(w, p.points.get(k)));
                    seen &= s.z() > 0 || v.pose.projection().flat();
                    xy[2 * (k - i)] = s.x();
                    xy[2 * (k - i) + 1] = s.y();
                }
                if (seen) {
                    out.add(new ComponentMark(p.sort, xy));
                }
            }
        }
        return out;
    }
}
