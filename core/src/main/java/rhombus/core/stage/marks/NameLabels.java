package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rhombus.core.display.EdgeThinning;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Screen;

/**
 * Names of what a viewport shows, none over another: large things first. A group that is small in the picture is named as one, a
 * larger one by what it is made of; what is hidden behind something else is not named. All sizes are ours.
 */
public final class NameLabels {
    /** A group smaller than this is named as one, pixels. */
    private static final double TOGETHER = 90;
    /** What is smaller is not named, pixels. */
    private static final double SMALLEST = 9;
    /** Names of a viewport at most, and objects that are looked at for them. */
    private static final int MOST = 60;

    private static final int LOOKED_AT = 4000;
    /** Of a letter, of the room beside them all, and of the whole at most, pixels. */
    private static final double LETTER = 6.8;

    private static final double ROOM = 10;
    private static final double WIDEST = 170;
    /** Height of a label with room about it, pixels. */
    static final double HEIGHT = 18;
    /** Free at the bottom for the Plate, pixels. */
    private static final double PLATE = 44;
    /** How far below the mark of a light or camera its name is, pixels. */
    private static final double BELOW = 19;

    private record Candidate(int node, Aabb box, Vec3 at, double size) {}

    private final StageContext ground;
    private final SubjectParts subject;
    private final Viewport view;
    private final Scene scene;
    private final Screen screen;
    private final List<Candidate> found = new ArrayList<>();
    private int looked;

    private NameLabels(StageContext ground, SubjectParts subject, Viewport view) {
        this.ground = ground;
        this.subject = subject;
        this.view = view;
        scene = ground.scene();
        screen = view.screen();
    }

    /** The names in a viewport; none where it does not show them. */
    public static List<NameLabel> of(StageContext ground, SubjectParts subject, Viewport v) {
        return v.shows(Overlay.NAMES) && v.shown && ground.model().opened()
                ? new NameLabels(ground, subject, v).all()
                : List.of();
    }

    private List<NameLabel> all() {
        scene.children(-1).forEach(this::look);
        found.sort(Comparator.comparing((Candidate c) -> !picked(c.node))
                .thenComparing(c -> -c.size)
                .thenComparing(c -> c.node));
        List<NameLabel> out = new ArrayList<>();
        for (Candidate c : found) {
            if (out.size() == MOST) {
                break;
            }
            NameLabel m = mark(c);
            if (inside(m) && out.stream().noneMatch(o -> overlap(o, m)) && !covered(c)) {
                out.add(m);
            }
        }
        return out;
    }

    private boolean picked(int node) {
        return subject.selection().nodes().contains(node);
    }

    private void look(int i) {
        Node n = scene.node(i);
        if (n.gone() || looked++ > LOOKED_AT) {
            return;
        }
        if (n.camera() != null || n.light() != null) {
            if (scene.shown(i) && view.shows(n.camera() != null ? Overlay.CAMERAS : Overlay.LIGHTS)) {
                Vec3 at = screen.project(Mat4.origin(scene.world(i)));
                add(i, Aabb.EMPTY, new Vec3(at.x(), at.y() + BELOW, at.z()), SMALLEST);
            }
        } else if (view.shows(Overlay.MESHES)) {
            solid(i, n);
        }
    }

    private void solid(int i, Node n) {
        Aabb box = scene.boundsBelow(i);
        double size = box.isEmpty() ? 0 : Math.sqrt(EdgeThinning.area(screen, box));
        boolean group = !scene.children(i).isEmpty();
        if (group && (size >= TOGETHER || box.isEmpty())) {
            scene.children(i).forEach(this::look);
        } else if (size >= SMALLEST && shown(i, n)) {
            add(i, box, screen.project(box.center()), size);
        }
    }

    /** Whether anything is drawn of a node, or of what hangs below it. */
    private boolean shown(int i, Node n) {
        return scene.shown(i) && !n.meshes().isEmpty()
                || scene.children(i).stream().anyMatch(c -> shown(c, scene.node(c)));
    }

    private void add(int node, Aabb box, Vec3 at, double size) {
        if (at.z() > 0 || view.pose.projection().flat()) {
            found.add(new Candidate(node, box, at, size));
        }
    }

    private NameLabel mark(Candidate c) {
        String text = ground.nameOf(c.node);
        // A name beside what is small does not hide it.
        double below = c.box.isEmpty() || c.size >= TOGETHER ? 0 : c.size / 2 + HEIGHT / 2;
        double width = Math.min(WIDEST, Math.rint(text.length() * LETTER + ROOM));
        return new NameLabel(
                scene.node(c.node).id(), text, Math.rint(c.at.x()), Math.rint(c.at.y() + below), width, picked(c.node));
    }

    private boolean inside(NameLabel m) {
        return m.x() - m.width() / 2 >= 0
                && m.x() + m.width() / 2 <= view.width
                && m.y() - HEIGHT / 2 >= 0
                && m.y() + HEIGHT / 2 <= view.height - PLATE;
    }

    static boolean overlap(NameLabel a, NameLabel b) {
        return Math.abs(a.x() - b.x()) < (a.width() + b.width()) / 2 && Math.abs(a.y() - b.y()) < HEIGHT;
    }

    /** Whether something else hides the middle of what is named. */
    private boolean covered(Candidate c) {
        if (view.look.inside() || c.box.isEmpty()) {
            return false;
        }
        RayHit hit = ground.model().surfaceAt(view, view.pose, c.at.x(), c.at.y(), true);
        double there = c.box.center().distance(screen.ray(c.at.x(), c.at.y()).origin());
        return hit != null && !scene.within(hit.node(), c.node) && hit.distance() < there - c.box.radius();
    }
}
