package rhombus.core.stage.show.views;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.PixelRect;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Viewports as panels and the painter read them. */
public final class ViewportReader {
    private final StageContext ground;

    /** Reads the viewports of the board in use. */
    public ViewportReader(StageContext ground) {
        this.ground = ground;
    }

    /** All viewports: pose, projection, rectangle, captions. */
    @PageCall
    public List<ViewportDetail> all() {
        List<ViewportDetail> out = new ArrayList<>();
        for (Viewport v : ground.board().views) {
            out.add(view(v));
        }
        return out;
    }

    /** All viewports without the numbers of their poses. */
    @PageCall(keepsEqual = true)
    public List<ViewportSummary> frames() {
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

    /** So little of what is shown that two moments are quickly told apart. */
    public StageSummary glance() {
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
}
