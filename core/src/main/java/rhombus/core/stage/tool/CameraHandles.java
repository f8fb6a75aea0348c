package rhombus.core.stage.tool;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.NumberText;
import rhombus.core.optics.Optics;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.CameraFrustum;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** The handles of the camera that was selected last, in the viewports that do not look through it. */
public final class CameraHandles {
    /** Half a lozenge, pixels. */
    private static final double HALF = 8;
    /** Handles nearer to each other than this, pixels, would hide one another: the later one is left out. */
    private static final double APART = 12;

    private final StageContext ground;
    private final Screen screen;
    private final Viewport view;
    private final int node;
    private final List<CameraHandle> list = new ArrayList<>();

    private CameraHandles(StageContext ground, Viewport view, int node) {
        this.ground = ground;
        this.view = view;
        this.screen = view.screen();
        this.node = node;
    }

    /** The handles in a viewport; none of a camera that is locked, hidden, or looked through there. */
    public static List<CameraHandle> of(StageContext ground, SubjectParts subject, boolean toolOn, Viewport v) {
        Scene s = ground.scene();
        int n = subject.selection().last();
        if (n < 0
                || s.node(n).camera() == null
                || s.locked(n)
                || !s.shown(n)
                || s.node(n).id().equals(v.camera)
                || !v.shows(Overlay.CAMERAS)) {
            return List.of();
        }
        CameraHandles h = new CameraHandles(ground, v, n);
        h.place(!toolOn);
        return h.list;
    }

    private void place(boolean body) {
        SceneCamera c = ground.scene().camera(node);
        Pose p = TypedCamera.aimed(ground, view, node);
        CameraFrustum f = new CameraFrustum(c, p);
        Vec3[] end = f.corners(p.focus());
        Optics o = c.optics();
        add(CameraHandle.Part.AIM, p.focusPoint());
        add(CameraHandle.Part.LENS, end[1]);
        add(CameraHandle.Part.FOCUS, end[1].mix(end[2], 0.5));
        add(CameraHandle.Part.ROLL, f.tip(end));
        clip(CameraHandle.Part.NEAR, f, o.near());
        clip(CameraHandle.Part.FAR, f, o.far());
        if (body) {
            // The tool's own handles stand there.
            add(CameraHandle.Part.PLACE, p.eye());
        }
    }

    private void clip(CameraHandle.Part part, CameraFrustum f, Double distance) {
        if (distance != null) {
            Vec3[] c = f.corners(distance);
            add(part, c[0].mix(c[3], 0.5));
        }
    }

    private void add(CameraHandle.Part part, Vec3 at) {
        Vec3 s = screen.project(at);
        boolean before = screen.pose().projection().flat() || s.z() > 0;
        boolean inside = s.x() > -HALF && s.y() > -HALF && s.x() < view.width + HALF && s.y() < view.height + HALF;
        boolean free = list.stream()
                .noneMatch(h ->
                        Math.hypot(h.handle().points()[0] - s.x(), h.handle().points()[1] + HALF - s.y()) < APART);
        if (before && inside && free) {
            double[] p = {s.x(), s.y() - HALF, s.x() + HALF, s.y(), s.x(), s.y() + HALF, s.x() - HALF, s.y()};
            list.add(new CameraHandle(
                    part, node, at, new ToolHandle(CameraHandle.BEFORE + part.id(), ToolHandle.Sort.CENTRE, -1, p)));
        }
    }

    /** The lozenges alone, for finding the one at a point. */
    static List<ToolHandle> lozenges(List<CameraHandle> all) {
        return all.stream().map(CameraHandle::handle).toList();
    }

    /**
     * The handles as marks.
     *
     * @param lit the one the pointer is on, or null
     * @param held whether it is dragged: what is aimed by hand stays under the hand
     */
    static List<CameraHandleMark> marks(
            StageContext ground, Viewport v, List<CameraHandle> all, String lit, boolean held) {
        List<CameraHandleMark> out = new ArrayList<>();
        for (CameraHandle h : all) {
            boolean on = h.handle().id().equals(lit);
            boolean under = on && held && h.part() == CameraHandle.Part.AIM;
            out.add(new CameraHandleMark(
                    h.handle().id(),
                    h.part().id(),
                    ground.scene().node(h.node()).id(),
                    under ? ground.pointer().x() - v.x : h.handle().points()[0],
                    under ? ground.pointer().y() - v.y : h.handle().points()[1] + HALF,
                    on,
                    h.part().words(),
                    on ? value(ground, v, h) : null));
        }
        return out;
    }

    /** The number of a part, as it is now. */
    private static String value(StageContext ground, Viewport v, CameraHandle h) {
        SceneCamera c = ground.scene().camera(h.node());
        Pose p = TypedCamera.aimed(ground, v, h.node());
        return switch (h.part()) {
            case PLACE ->
                NumberText.words(p.eye().x()) + ", " + NumberText.words(p.eye().y()) + ", "
                        + NumberText.words(p.eye().z());
            case AIM, FOCUS -> NumberText.words(p.focus());
            case LENS ->
                c.perspective()
                        ? NumberText.fixed(c.focalLength(), 1) + " mm, " + NumberText.fixed(Math.toDegrees(c.fovY()), 1)
                                + "°"
                        : NumberText.words(c.extent());
            case ROLL ->
                NumberText.fixed(
                                Math.toDegrees(Heading.roll(
                                        p.orientation(), ground.scene().up())),
                                1)
                        + "°";
            case NEAR -> NumberText.words(c.optics().near());
            case FAR -> NumberText.words(c.optics().far());
        };
    }
}
