package rhombus.core.stage.show.paint;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Grid;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.light.Lighting;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.subject.IconMark;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.SceneIcons;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.Porthole;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.submit.DrawSubmission;
import rhombus.core.view.Screen;

/** What is drawn in each viewport of the board in use, which is named by its number. */
public final class ViewportPaint {
    private final StageContext ground;
    private final SubjectParts subject;
    private final MarkReader marks;
    private final LightingState lighting;

    /** Reads what the painter needs of a stage. */
    public ViewportPaint(StageContext ground, SubjectParts subject, MarkReader marks) {
        this.ground = ground;
        this.subject = subject;
        this.marks = marks;
        lighting = new LightingState(ground);
    }

    private Viewport view(int number) {
        return ground.board().views.get(number);
    }

    private Look look(Viewport v, String id) {
        Look named =
                id.equals(PortholeRect.OTHER) ? v.otherLook : ground.looks().named(id);
        return named == null ? v.look : named;
    }

    /** What a viewport wants drawn of the meshes, with another look where one is named. */
    public DrawSubmission.Wish wish(int view, String look) {
        return wish(view(view), look(view(view), look));
    }

    private static DrawSubmission.Wish wish(Viewport v, Look look) {
        return v.shows(Overlay.MESHES)
                ? DrawSubmission.Wish.of(look, v.shows(Overlay.OUTLINE), v.shows(Overlay.WAYS), v.shows(Overlay.GHOSTS))
                : DrawSubmission.Wish.NOTHING;
    }

    /** What is drawn in a viewport, with another look where one is named. */
    @PageCall
    public DrawPlan plan(int view, String look) {
        return plan(view(view), look(view(view), look));
    }

    private DrawPlan plan(Viewport v, Look look) {
        DrawSubmission.Wish wish = wish(v, look);
        return new DrawPlan(
                v.shown,
                wish.surfaces() || wish.edging().onSurface(),
                String.join(" ", look.shading()),
                wish.surfaces() && look.lit(),
                look.backs(),
                wish.through(),
                look.opacity(),
                wish.edging().lines()
                        || wish.edging().faint()
                        || wish.edging().onSurface() && !wish.surfaces()
                        || wish.ways() && ground.scene().anyWay()
                        || wish.anything() && ground.scene().anyStrokes(),
                wish.edging().lines() ? wish.edging().hides() : wish.surfaces() && !wish.boxes(),
                wish.boxes(),
                v.pose.projection().flat(),
                v.shows(Overlay.GRID) || v.shows(Overlay.AXES),
                wish.outline(),
                OffscreenViews.field(v),
                v.background.kind(),
                v.background.color(),
                v.background.light(),
                hole(v));
    }

    private PortholeRect hole(Viewport v) {
        Porthole p = ground.porthole();
        if (!p.on(v)) {
            return null;
        }
        double left = Math.max(0, Math.floor(p.x() - p.half()));
        double top = Math.max(0, Math.floor(p.y() - p.half()));
        double width = Math.min(v.width, Math.ceil(p.x() + p.half())) - left;
        double height = Math.min(v.height, Math.ceil(p.y() + p.half())) - top;
        return width < 1 || height < 1
                ? null
                : new PortholeRect(PortholeRect.OTHER, p.x(), p.y(), p.half(), left, top, width, height);
    }

    /** A viewport's pose, in a picture of another height. */
    public Screen screen(int view, double height) {
        Screen s = view(view).screen();
        return new Screen(s.pose(), s.width() * height / s.height(), height, s.crop());
    }

    /** The grid of a viewport. */
    public Grid grid(int view) {
        Viewport v = view(view);
        return Grid.of(v.screen(), ground.scene().up()).showing(v.shows(Overlay.GRID), v.shows(Overlay.AXES));
    }

    /** The grid of a viewport in twenty numbers, in the order that {@link Grid#numbers} tells. */
    @PageCall
    public float[] gridNumbers(int view) {
        return grid(view).numbers();
    }

    /** The pictures that a viewport draws behind the scene and before it, in the order in which they are drawn. */
    @PageCall
    public List<PictureLook> pictures(int view) {
        List<PictureLook> out = new ArrayList<>();
        for (PicturePlanes.Plane p : PicturePlanes.of(ground, view(view))) {
            double[] corners = new double[12];
            for (int k = 0; k < 4; k++) {
                corners[3 * k] = p.corners()[k].x();
                corners[3 * k + 1] = p.corners()[k].y();
                corners[3 * k + 2] = p.corners()[k].z();
            }
            String id = ground.scene().node(p.node()).id();
            out.add(new PictureLook(
                    id,
                    p.picture().image(),
                    corners,
                    p.picture().opacity(),
                    p.picture().front()));
        }
        return out;
    }

    /** The marks of the lights and cameras that a viewport shows. */
    public List<IconMark> icons(int view) {
        return SceneIcons.marks(ground, subject.selection(), view(view));
    }

    /**
     * The same marks, four numbers each: pixels from the viewport's upper left corner, 1 for a camera or 0 for a light, and the sum of
     * 1 where it is selected, 2 where it is locked and 4 where it is driven.
     */
    @PageCall
    public float[] iconNumbers(int view) {
        List<IconMark> all = icons(view);
        float[] out = new float[all.size() * 4];
        for (int i = 0; i < all.size(); i++) {
            IconMark m = all.get(i);
            out[i * 4] = (float) m.x();
            out[i * 4 + 1] = (float) m.y();
            out[i * 4 + 2] = m.kind().equals("camera") ? 1 : 0;
            out[i * 4 + 3] = (m.selected() ? 1 : 0) + (m.locked() ? 2 : 0) + (m.driven() ? 4 : 0);
        }
        return out;
    }

    /** What lies over a viewport, in its own pixels. */
    @PageCall(patches = true)
    public ViewportMarks marks(int view) {
        return marks.of(view(view));
    }

    /** The light of a viewport in rows of four numbers, in the frame of a view matrix; see {@link Lighting#numbers}. */
    @PageCall
    public float[] lights(int view, String look, double[] matrices) {
        Viewport v = view(view);
        return lighting.numbers(v, look(v, look), matrices);
    }

    /** What the light of a viewport sees that casts shadows: a view and a projection matrix; null where none does. */
    @PageCall
    @OrNull
    public double[] shadowMatrices(int view, String look) {
        return lighting.shadow(view(view), look(view(view), look));
    }

    /** Width and height of the shadow map, texels. */
    @PageCall
    public int shadowSize() {
        return Lighting.shadowSize();
    }

    /** Another number whenever shadows may have changed. */
    @PageCall
    public int shadowVersion() {
        return lighting.now();
    }
}
