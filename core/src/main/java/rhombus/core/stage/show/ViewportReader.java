package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.PixelRect;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.Porthole;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.submit.DrawSubmission;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Viewports as panels and the painter read them. */
final class ViewportReader {
    private final StageContext ground;

    ViewportReader(StageContext ground) {
        this.ground = ground;
    }

    List<ViewportDetail> all() {
        List<ViewportDetail> out = new ArrayList<>();
        for (Viewport v : ground.board().views) {
            out.add(view(v));
        }
        return out;
    }

    List<ViewportSummary> frames() {
        List<ViewportSummary> out = new ArrayList<>();
        for (Viewport v : ground.board().views) {
            out.add(new ViewportSummary(
                    v.id,
                    v.number,
                    PlateCaptions.title(ground, v),
                    PlateCaptions.lens(ground, v),
                    v.pose.projection().flat() ? "orthographic" : "perspective",
                    ground.board().id + "/" + v.serial,
                    v.look.id(),
                    v.look.label(),
                    v.look.lit() ? v.light().id() : null,
                    v.background.text(),
                    overlays(v),
                    rect(v),
                    v.shown,
                    ground.board().active == v.number,
                    ground.board().solo == v.number,
                    v.camera,
                    CameraViews.state(ground, v),
                    crop(v),
                    walking(v)));
        }
        return out;
    }

    private static PixelRect rect(Viewport v) {
        return new PixelRect(v.x, v.y, v.width, v.height);
    }

    private static CropState crop(Viewport v) {
        return v.crop.none() ? null : new CropState(v.crop.scale(), v.crop.x(), v.crop.y());
    }

    StageSummary glance() {
        List<Object> parts = new ArrayList<>();
        for (Viewport v : ground.board().views) {
            parts.add(v.pose);
            parts.add(v.crop);
            parts.add(v.camera);
            parts.add(walking(v));
        }
        parts.add(ground.board().active);
        parts.add(ground.board().solo);
        return new StageSummary(ground.scene(), parts);
    }

    private String walking(Viewport v) {
        return ground.walks().view() != v ? null : ground.walks().flying() ? "fly" : "walk";
    }

    private ViewportDetail view(Viewport v) {
        Pose p = v.pose;
        boolean flat = p.projection().flat();
        ClipRange clip = ground.clip(v);
        String title = PlateCaptions.title(ground, v);
        String lens = PlateCaptions.lens(ground, v);
        return new ViewportDetail(
                v.id,
                v.number,
                title,
                lens,
                PlateCaptions.direction(v, ground.scene().up()),
                flat ? "orthographic" : "perspective",
                ground.board().id + "/" + v.serial,
                PlateCaptions.caption(title, lens, v),
                v.look.id(),
                v.look.label(),
                v.look.lit() ? v.light().id() : null,
                v.background.text(),
                overlays(v),
                p.eye(),
                p.forward(),
                p.orientation().up(),
                p.focus(),
                flat ? null : Math.toDegrees(((Projection.Perspective) p.projection()).fovY()),
                flat ? ((Projection.Orthographic) p.projection()).extent() : null,
                clip.near(),
                clip.far(),
                rect(v),
                v.shown,
                ground.board().active == v.number,
                ground.board().solo == v.number,
                v.camera,
                v.driven,
                v.camera != null && !v.driven,
                crop(v),
                walking(v));
    }

    private static List<OverlayState> overlays(Viewport v) {
        List<OverlayState> out = new ArrayList<>();
        for (Overlay o : Overlay.values()) {
            if (o.ofCameras() && v.camera == null) {
                continue;
            }
            out.add(new OverlayState(o.id(), o.words(), v.shows(o)));
        }
        return out;
    }

    /** What a viewport wants drawn of the meshes. */
    static DrawSubmission.Wish wish(Viewport v, Look look) {
        return v.shows(Overlay.MESHES)
                ? DrawSubmission.Wish.of(look, v.shows(Overlay.OUTLINE), v.shows(Overlay.WAYS), v.shows(Overlay.GHOSTS))
                : DrawSubmission.Wish.NOTHING;
    }

    DrawPlan plan(Viewport v, Look look) {
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
}
