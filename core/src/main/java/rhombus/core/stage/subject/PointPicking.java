package rhombus.core.stage.subject;

import rhombus.core.display.Overlay;
import rhombus.core.pick.EdgePick;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** What lies under a point of a viewport for a hand that takes it. */
public final class PointPicking {
    /** A line that lies on a surface is in front of it, whatever rounding says; part of the distance. */
    private static final double ON_IT = 1e-3;

    private final StageContext ground;
    private final Selection selection;

    PointPicking(StageContext ground, Selection selection) {
        this.ground = ground;
        this.selection = selection;
    }

    /** What a click takes: in wireframe an edge in reach first, then the nearest surface; never a locked object. */
    public RayHit pick(Viewport v, double lx, double ly) {
        RayHit first = markOrEdge(v, v.pose, lx, ly);
        return first != null ? first : strokeOrSurface(v, v.pose, lx, ly, false);
    }

    /** A line or point in reach that no surface hides, else the surface. */
    private RayHit strokeOrSurface(Viewport v, Pose p, double lx, double ly, boolean locked) {
        RayHit surface = ground.model().surfaceAt(v, p, lx, ly, locked);
        RayHit stroke = v.shows(Overlay.MESHES)
                ? EdgePick.strokes(
                        ground.scene(), v.screen().with(p), ground.model().drawn(v), lx, ly)
                : null;
        if (stroke == null || surface == null) {
            return stroke == null ? surface : stroke;
        }
        return p.depth(stroke.point()) <= p.depth(surface.point()) * (1 + ON_IT) ? stroke : surface;
    }

    /** What is taken before any surface: the mark of a light or camera, in wireframe an edge in reach; null for none. */
    private RayHit markOrEdge(Viewport v, Pose p, double lx, double ly) {
        Screen screen = v.screen().with(p);
        RayHit icon = markAt(v, p, lx, ly);
        return icon != null || !ground.porthole().at(v, lx, ly).inside() || !v.shows(Overlay.MESHES)
                ? icon
                : EdgePick.closest(ground.scene(), screen, ground.model().drawn(v), lx, ly);
    }

    /** The light or camera whose mark lies under a point, as seen from a pose; null for none. */
    public RayHit markAt(Viewport v, Pose p, double lx, double ly) {
        return SceneIcons.at(ground, selection, v, v.screen().with(p), lx, ly);
    }

    /**
     * What the hand holds at a point of a viewport: what a click would take there, so the mark of a light or camera and, in
     * a wireframe, an edge in reach come before the surface behind them; locked surfaces are held too. Null in the open.
     */
    public RayHit heldAt(Viewport v, Pose p, double lx, double ly) {
        RayHit first = markOrEdge(v, p, lx, ly);
        return first != null ? first : strokeOrSurface(v, p, lx, ly, true);
    }
}
