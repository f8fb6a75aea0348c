package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.NumberText;
import rhombus.core.pick.ComponentPick;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.VertexPick;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Rulers that lie over all viewports: each between two points that were picked, until it is taken away. */
public final class Rulers {
    /** At most so many. */
    private static final int MOST = 50;
    /** Pixels within which a vertex is meant, and an edge. */
    private static final double VERTEX = 9;

    private static final double EDGE = 6;
    /** Depths that differ by less are told as the same. */
    private static final double ALIKE = 1.02;

    private final StageContext ground;
    private final PointPicking picks;
    private final List<Ruler> list = new ArrayList<>();
    private List<Ruler> away = List.of();
    private Vec3 begun;
    private int count;

    Rulers(StageContext ground, PointPicking picks) {
        this.ground = ground;
        this.picks = picks;
    }

    /** All of them, in the order in which they were made. */
    public List<Ruler> all() {
        return List.copyOf(list);
    }

    /** Starts one at a point of a viewport, or ends the one that is begun there. */
    public void here(Viewport v, double lx, double ly) {
        Vec3 p = point(v, lx, ly);
        if (p == null) {
            ground.changes()
                    .notice(
                            say(begun == null ? "rulers.nothing-to-measure-from" : "rulers.nothing-to-measure-to"),
                            null,
                            null);
        } else if (begun == null && list.size() >= MOST) {
            ground.changes().notice(say("rulers.there-are-rulers-already-take", MOST), null, null);
        } else if (begun == null) {
            begun = p;
        } else if (p.distance(begun) > 0) {
            list.add(new Ruler("r" + ++count, begun, p));
            begun = null;
        }
        changed();
    }

    /** Gives up the one that is begun, or else takes all away. */
    public void clear() {
        if (begun != null) {
            begun = null;
        } else if (!list.isEmpty()) {
            away = List.copyOf(list);
            list.clear();
            String what = away.size() == 1
                    ? say("rulers.the-ruler-is-taken-away")
                    : say("rulers.all-rulers-are-taken-away", away.size());
            ground.changes().notice(what, say("rulers.put-back"), "ruler.put-back");
        }
        changed();
    }

    /** Takes one away: the named one, or the one whose line is nearest to a point of a viewport. */
    public void remove(String id, Viewport v, double lx, double ly) {
        Ruler best = null;
        double nearest = Double.POSITIVE_INFINITY;
        for (Ruler r : list) {
            double d = r.id().equals(id) ? 0 : id.isEmpty() ? distance(r, v, lx, ly) : Double.POSITIVE_INFINITY;
            if (d < nearest) {
                nearest = d;
                best = r;
            }
        }
        if (best == null) {
            ground.changes().notice(say("rulers.there-is-no-ruler-to"), null, null);
            return;
        }
        away = List.of(best);
        list.remove(best);
        ground.changes().notice(say("rulers.the-ruler-is-taken-away"), say("rulers.put-back"), "ruler.put-back");
        changed();
    }

    /** Puts back what was taken away last. */
    public void putBack() {
        away.stream().filter(r -> !list.contains(r)).forEach(list::add);
        away = List.of();
        changed();
    }

    private void changed() {
        ground.changes().marks();
        ground.changes().add(ChangeTopic.READOUT, ChangeTopic.KEEP);
    }

    private static double distance(Ruler r, Viewport v, double x, double y) {
        if (Double.isNaN(r.pixels(v))) {
            return Double.POSITIVE_INFINITY;
        }
        Vec3 at = along(v.screen().project(r.a()), v.screen().project(r.b()), x, y);
        return Math.hypot(at.x() - x, at.y() - y);
    }

    /** The point of a line on the screen that is nearest to another; its z tells how far along it is, 0 to 1. */
    private static Vec3 along(Vec3 p, Vec3 q, double x, double y) {
        double dx = q.x() - p.x();
        double dy = q.y() - p.y();
        double l = dx * dx + dy * dy;
        double t = l == 0 ? 0 : Math.max(0, Math.min(1, ((x - p.x()) * dx + (y - p.y()) * dy) / l));
        return new Vec3(p.x() + t * dx, p.y() + t * dy, t);
    }

    /** What lies under a point: a vertex or an edge within reach, or else the surface itself; null for nothing. */
    private Vec3 point(Viewport v, double lx, double ly) {
        RayHit hit = picks.heldAt(v, v.pose, lx, ly);
        boolean inside = ground.porthole().at(v, lx, ly).inside();
        if (hit == null || hit.mesh() < 0) {
            Vec3 corner = inside ? VertexPick.nearest(ground.scene(), v.screen(), lx, ly, List.of()) : null;
            boolean meant = corner != null && pixels(v, corner, lx, ly) <= VERTEX;
            return meant ? corner : hit == null ? null : hit.point();
        }
        Mesh mesh = ground.scene().meshes().get(hit.mesh());
        double[] w = ground.scene().world(hit.node());
        Vec3 near = Mat4.point(Mat4.inverseAffine(w), hit.point());
        Vec3 vertex = Mat4.point(w, ComponentPick.vertex(mesh, hit.triangle(), near));
        if (pixels(v, vertex, lx, ly) <= VERTEX) {
            return vertex;
        }
        List<Vec3> edge = ComponentPick.edge(mesh, hit.triangle(), near);
        Vec3 a = Mat4.point(w, edge.get(0));
        Vec3 b = Mat4.point(w, edge.get(1));
        Vec3 way = b.minus(a);
        double t = way.dot(way) == 0 ? 0 : hit.point().minus(a).dot(way) / way.dot(way);
        Vec3 on = a.plus(way, Math.max(0, Math.min(1, t)));
        return pixels(v, on, lx, ly) <= EDGE ? on : hit.point();
    }

    private static double pixels(Viewport v, Vec3 p, double lx, double ly) {
        Vec3 s = v.screen().project(p);
        return Math.hypot(s.x() - lx, s.y() - ly);
    }

    /** All of them in a viewport, and the one that is begun as far as the pointer. */
    public List<RulerMark> marks(Viewport v) {
        List<RulerMark> out = new ArrayList<>();
        for (Ruler r : list) {
            mark(r, v, false, out);
        }
        double px = ground.pointer().x();
        double py = ground.pointer().y();
        if (begun != null) {
            Vec3 to = v.holds(px, py) && !ground.pointer().moving() ? point(v, px - v.x, py - v.y) : null;
            mark(new Ruler("begun", begun, to == null ? begun : to), v, true, out);
        }
        return out;
    }

    private static void mark(Ruler r, Viewport v, boolean open, List<RulerMark> out) {
        double pixels = r.pixels(v);
        if (Double.isNaN(pixels)) {
            return;
        }
        Vec3 p = v.screen().project(r.a());
        Vec3 q = v.screen().project(r.b());
        out.add(new RulerMark(r.id(), p.x(), p.y(), q.x(), q.y(), open && r.length() == 0 ? "" : words(r, v), open));
    }

    private static String words(Ruler r, Viewport v) {
        double shortening = r.shortening(v);
        return NumberText.words(r.length()) + " · " + NumberText.fixed(r.pixels(v), 0) + " px"
                + (shortening > ALIKE ? " · " + say("rulers.depths-1", NumberText.fixed(shortening, 2)) : "");
    }

    /** As kept with the scene; null for none. */
    public List<Object> toPlain() {
        List<Object> out = new ArrayList<>();
        for (Ruler r : list) {
            out.add(PlainData.list(r.a().x(), r.a().y(), r.a().z(), r.b().x(), r.b().y(), r.b().z()));
        }
        return out.isEmpty() ? null : out;
    }

    /** Takes over what was kept. */
    public void read(Object plain) {
        list.clear();
        away = List.of();
        begun = null;
        for (Object o : PlainData.list(plain)) {
            double[] d = PlainData.numbers(o, 6);
            if (d != null && list.size() < MOST) {
                list.add(new Ruler("r" + ++count, new Vec3(d[0], d[1], d[2]), new Vec3(d[3], d[4], d[5])));
            }
        }
    }
}
