package rhombus.core.stage.view;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Ray;
import rhombus.core.optics.Optics;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.Scene;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** The scene as it is now, and what an eye meets in it. */
public final class SceneModel {
    private final Porthole porthole;
    private Scene scene = Scene.EMPTY;
    private SurfacePicking surfaces = new SurfacePicking(scene);
    private String name = "";
    private boolean opened;
    private int version;

    /** @param porthole where a viewport is drawn with its other look */
    SceneModel(Porthole porthole) {
        this.porthole = porthole;
    }

    /** The scene as it is now. */
    public Scene scene() {
        return scene;
    }

    /** Its surfaces, for lines of sight. */
    public SurfacePicking surfaces() {
        return surfaces;
    }

    /** Its name. */
    public String name() {
        return name;
    }

    /** Whether a scene has been opened. */
    public boolean opened() {
        return opened;
    }

    /** Another scene, as its file has it. */
    public void open(Scene s, String title) {
        scene = s;
        name = title;
        surfaces = new SurfacePicking(s);
        opened = true;
        version++;
    }

    /** Another number whenever surfaces may be elsewhere. */
    int version() {
        return version;
    }

    /** Edges or hierarchies have been attached to the scene's meshes. */
    public void geometryCame() {
        version++;
    }

    /** Another state of the same scene; only the one that edits it asks for this. */
    public void show(Scene next, Collection<Integer> moved) {
        scene = next;
        surfaces = surfaces.after(scene, moved);
        version++;
    }

    /** Another state of the scene in which no surface has moved, but cameras or lights. */
    public void showUnseen(Scene next) {
        scene = next;
        surfaces = surfaces.after(scene, Set.of());
    }

    /** The name of a node; one that has none is called after its kind. */
    public String nameOf(int node) {
        String n = scene.node(node).name();
        return n.isEmpty()
                ? scene.node(node).kind().word() + " " + scene.node(node).id()
                : n;
    }

    /**
     * The first surface an eye meets under a point of a viewport, or null.
     *
     * @param p where the viewport would stand
     * @param lx pixels from the viewport's left
     * @param ly pixels from the viewport's top
     * @param locked whether locked objects count
     */
    public RayHit surfaceAt(Viewport v, Pose p, double lx, double ly, boolean locked) {
        if (!v.shows(Overlay.MESHES)) {
            return null;
        }
        Ray sight = v.screen().with(p).ray(lx, ly);
        Optics own = planes(v);
        RayHit hit = surfaces.closest(sight, startOf(sight, p, own), locked, backs(v, lx, ly));
        return hit != null && beyond(hit, p, own) ? null : hit;
    }

    /** Everything an eye meets under a point of a viewport, near to far; locked objects are passed over. */
    public List<RayHit> hitsAt(Viewport v, double lx, double ly) {
        if (!v.shows(Overlay.MESHES)) {
            return List.of();
        }
        Screen screen = v.screen();
        Ray sight = screen.ray(lx, ly);
        Optics own = planes(v);
        return surfaces.through(sight, startOf(sight, v.pose, own), backs(v, lx, ly)).stream()
                .filter(h -> !beyond(h, v.pose, own))
                .toList();
    }

    /** Whether backs of surfaces are drawn at a point of a viewport: what is not drawn is not met. */
    private boolean backs(Viewport v, double lx, double ly) {
        return porthole.at(v, lx, ly).backs();
    }

    /** What the camera that is looked through is made of; null without one. What its planes cut away is not there for a hand. */
    private Optics planes(Viewport v) {
        int node = v.camera == null ? -1 : scene.indexOf(v.camera);
        return node < 0 || scene.node(node).camera() == null
                ? null
                : scene.node(node).camera().optics();
    }

    /** Depths between which the camera that a viewport looks through shows anything; null where no plane of it cuts anything off. */
    public ClipRange drawn(Viewport v) {
        Optics own = planes(v);
        return own == null || own.near() == null && own.far() == null
                ? null
                : new ClipRange(
                        own.near() == null ? Double.NEGATIVE_INFINITY : own.near(),
                        own.far() == null ? Double.POSITIVE_INFINITY : own.far());
    }

    /** In a flat view nothing is behind the eye: a line of sight starts before the whole scene, or at a camera's own plane. */
    private double startOf(Ray sight, Pose p, Optics own) {
        if (own != null && own.near() != null) {
            return own.near() / sight.direction().dot(p.forward());
        }
        return p.projection().flat() ? -(scene.bounds().center().distance(p.eye()) + scene.radius() * 2) : 0;
    }

    private static boolean beyond(RayHit hit, Pose p, Optics own) {
        return own != null && own.far() != null && p.depth(hit.point()) > own.far();
    }
}
