package rhombus.core.drill;

import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.views.ViewportDetail;
import rhombus.core.view.Pose;

/** What can be seen on a stage at a moment, for who judges whether a task is done. */
final class ObservedStage {
    /** An object that is nearer to the edge than this, pixels, counts as out of sight. */
    private static final double EDGE = 2;

    private final Stage stage;
    private final List<ViewportDetail> views;

    ObservedStage(Stage stage) {
        this.stage = stage;
        this.views = stage.views().all();
    }

    Scene scene() {
        return stage.scene();
    }

    List<ViewportDetail> shown() {
        return views.stream().filter(ViewportDetail::shown).toList();
    }

    ViewportDetail active() {
        return views.stream().filter(ViewportDetail::active).findFirst().orElseThrow();
    }

    /** The pose of the active viewport. */
    Pose pose() {
        return stage.pose(active().id());
    }

    /** Number of the first node with a name, or -1. */
    static int named(Scene s, String name) {
        for (int i = 0; i < s.count(); i++) {
            if (name.equals(s.node(i).name())) {
                return i;
            }
        }
        return -1;
    }

    private Aabb box(String object) {
        int n = named(scene(), object);
        return n < 0 ? new Aabb(Vec3.ZERO, Vec3.ZERO) : scene().boundsBelow(n);
    }

    /** Where the middle of an object is in a viewport, pixels from its left and top; null behind the eye or outside. */
    Vec3 at(ViewportDetail v, String object) {
        Aabb b = box(object);
        Vec3 p = stage.project(v.id(), b.min().mix(b.max(), 0.5));
        if (p == null || v.projection().equals("perspective") && p.z() <= 0) {
            return null;
        }
        double x = p.x() - v.rect().x();
        double y = p.y() - v.rect().y();
        boolean inside = x > EDGE
                && y > EDGE
                && x < v.rect().width() - EDGE
                && y < v.rect().height() - EDGE;
        return inside ? new Vec3(x, y, p.z()) : null;
    }

    /** How large an object is in a viewport, pixels across its bounding sphere; 0 where it is not in the picture. */
    double size(ViewportDetail v, String object) {
        Vec3 p = at(v, object);
        if (p == null) {
            return 0;
        }
        double height = v.extent() != null ? v.extent() : 2 * p.z() * Math.tan(Math.toRadians(v.fovY()) / 2);
        return 2 * box(object).radius() / height * v.rect().height();
    }

    /** Whether nothing lies before the middle of an object: a click there would take it. */
    boolean open(ViewportDetail v, String object) {
        Vec3 p = at(v, object);
        return p != null
                && object.equals(stage.help()
                        .at(v.rect().x() + p.x(), v.rect().y() + p.y())
                        .name());
    }
}
