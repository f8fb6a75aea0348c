package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Captions;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Porthole;
import rhombus.core.stage.view.Rect;
import rhombus.core.stage.view.ViewState;
import rhombus.core.submit.Submission;
import rhombus.core.view.Clip;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Viewports as panels and the painter read them. */
final class Views {
    private final Ground ground;

    Views(Ground ground) {
        this.ground = ground;
    }

    List<View> all() {
        List<View> out = new ArrayList<>();
        for (ViewState v : ground.board().views) {
            out.add(view(v));
        }
        return out;
    }

    List<Frame> frames() {
        List<Frame> out = new ArrayList<>();
        for (ViewState v : ground.board().views) {
            out.add(new Frame(
                    v.id,
                    v.number,
                    Captions.title(ground, v),
                    Captions.lens(ground, v),
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
                    Cameras.state(ground, v),
                    crop(v),
                    walking(v)));
        }
        return out;
    }

    private static Rect rect(ViewState v) {
        return new Rect(v.x, v.y, v.width, v.height);
    }

    private static CropState crop(ViewState v) {
        return v.crop.none() ? null : new CropState(v.crop.scale(), v.crop.x(), v.crop.y());
    }

    Glance glance() {
        List<Object> parts = new ArrayList<>();
        for (ViewState v : ground.board().views) {
            parts.add(v.pose);
            parts.add(v.crop);
            parts.add(v.camera);
            parts.add(walking(v));
        }
        parts.add(ground.board().active);
        parts.add(ground.board().solo);
        return new Glance(ground.scene(), parts);
    }

    private String walking(ViewState v) {
        return ground.walks().view() != v ? null : ground.walks().flying() ? "fly" : "walk";
    }

    private View view(ViewState v) {
        Pose p = v.pose;
        boolean flat = p.projection().flat();
        Clip clip = ground.clip(v);
        String title = Captions.title(ground, v);
        String lens = Captions.lens(ground, v);
        return new View(
                v.id,
                v.number,
                title,
                lens,
                Captions.direction(v, ground.scene().up()),
                flat ? "orthographic" : "perspective",
                ground.board().id + "/" + v.serial,
                Captions.caption(title, lens, v),
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

    private static List<OverlayState> overlays(ViewState v) {
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
    static Submission.Wish wish(ViewState v, Look look) {
        return v.shows(Overlay.MESHES)
                ? Submission.Wish.of(look, v.shows(Overlay.OUTLINE), v.shows(Overlay.WAYS), v.shows(Overlay.GHOSTS))
                : Submission.Wish.NOTHING;
    }

    Plan plan(ViewState v, Look look) {
        Submission.Wish wish = wish(v, look);
        return new Plan(
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
                Shots.field(v),
                v.background.kind(),
                v.background.color(),
                v.background.light(),
                hole(v));
    }

    private Hole hole(ViewState v) {
        Porthole p = ground.porthole();
        if (!p.on(v)) {
            return null;
        }
        double left = Math.max(0, Math.floor(p.x() - p.half()));
        double top = Math.max(0, Math.floor(p.y() - p.half()));
        double width = Math.min(v.width, Math.ceil(p.x() + p.half())) - left;
        double height = Math.min(v.height, Math.ceil(p.y() + p.half())) - top;
        return width < 1 || height < 1 ? null : new Hole(Hole.OTHER, p.x(), p.y(), p.half(), left, top, width, height);
    }
}
