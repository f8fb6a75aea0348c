package rhombus.core.stage.show.views;

import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.pick.RayHit;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.show.boards.BoardReader;
import rhombus.core.stage.show.boards.TrailEntry;
import rhombus.core.stage.show.boards.TrailState;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.ClipRange;

/** Questions about one viewport of the board in use, which is named by its id. */
public final class ViewportQueries {
    private final StageContext ground;
    private final SubjectParts subject;
    private final Gesture gesture;

    /** Asks about the viewports of a stage. */
    public ViewportQueries(StageContext ground, SubjectParts subject, Gesture gesture) {
        this.ground = ground;
        this.subject = subject;
        this.gesture = gesture;
    }

    /** What a viewport turns, or would turn, about; null for an unknown one or before a scene is open. */
    @PageCall
    @OrNull
    public PivotReading pivot(String viewId) {
        Viewport v = ground.board().named(viewId);
        if (v == null || !ground.model().opened()) {
            return null;
        }
        PivotLadder.Choice c = gesture.orbiting() == v.number ? subject.pivot().used() : candidate(v);
        return new PivotReading(c.point(), c.rung().id(), c.reason());
    }

    private PivotLadder.Choice candidate(Viewport v) {
        boolean inside = v.holds(ground.pointer().x(), ground.pointer().y());
        return subject.pivot()
                .choose(
                        v,
                        inside ? ground.pointer().x() - v.x : Double.NaN,
                        inside ? ground.pointer().y() - v.y : Double.NaN);
    }

    /** Place in a viewport's Trail and its length, or null. */
    @PageCall
    @OrNull
    public TrailState trail(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? null : BoardReader.trail(v);
    }

    /** The Trail of a viewport, oldest first. */
    @PageCall
    public List<TrailEntry> trailEntries(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? List.of() : BoardReader.entries(v, ground.scene());
    }

    /** What a viewport can be made to look from. */
    @PageCall
    public List<ViewSource> choices(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? List.of() : ViewSources.of(ground, v);
    }

    /** What a click at a point of the stage would take in a viewport, or null. */
    @PageCall
    @OrNull
    public PickResult pick(String viewId, double x, double y) {
        Viewport v = ground.board().named(viewId);
        RayHit h = v == null ? null : subject.picks().pick(v, x - v.x, y - v.y);
        return h == null
                ? null
                : new PickResult(
                        ground.scene().node(h.node()).id(),
                        ground.scene().node(h.node()).name(),
                        h.point(),
                        h.distance());
    }

    /** Where a point of the world is on the stage, and how deep; null for an unknown viewport. */
    public Vec3 project(String viewId, Vec3 p) {
        Viewport v = ground.board().named(viewId);
        if (v == null) {
            return null;
        }
        Vec3 s = v.screen().project(p);
        return new Vec3(s.x() + v.x, s.y() + v.y, s.z());
    }

    /** The same, with whether it can be seen there; null for an unknown viewport or no point. */
    @PageCall
    @OrNull
    public ScreenPoint onScreen(String viewId, Vec3 point) {
        Vec3 at = point == null ? null : project(viewId, point);
        if (at == null) {
            return null;
        }
        Viewport v = ground.board().named(viewId);
        ClipRange clip = ground.clip(v);
        boolean visible = v.shown && v.holds(at.x(), at.y()) && at.z() >= clip.near() && at.z() <= clip.far();
        return new ScreenPoint(at.x(), at.y(), at.z(), visible);
    }
}
