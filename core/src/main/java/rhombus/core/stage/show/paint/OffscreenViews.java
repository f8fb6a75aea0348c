package rhombus.core.stage.show.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.board.ContactSheet;
import rhombus.core.board.StageRect;
import rhombus.core.display.AntialiasingFrames;
import rhombus.core.display.Overlay;
import rhombus.core.optics.Aperture;
import rhombus.core.optics.Optics;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.show.scene.ShotList;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Crop;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Pictures of other shapes than the viewport's, and of views that no viewport shows right now. */
public final class OffscreenViews {
    /** Height of a caption that lies within its picture, CSS pixels. */
    private static final double WITHIN = 26;

    private final StageContext ground;
    private final double[] shared = new double[32];

    /** Pictures of what stands on the ground. */
    public OffscreenViews(StageContext ground) {
        this.ground = ground;
    }

    /** Writes the view matrix and the projection matrix of a viewport, 16 numbers each. */
    public void matrices(int view, double[] out) {
        Viewport v = ground.board().views.get(view);
        Matrices.view(v.pose, out, 0);
        Matrices.projection(v.pose.projection(), v.aspect(), ground.clip(v), out, 16);
        Matrices.crop(v.crop, v.aspect(), out, 16);
    }

    /** The same of a rectangle of a viewport alone, pixels from its upper left corner. */
    public void part(int view, double left, double top, double width, double height, double[] out) {
        matrices(view, out);
        Viewport v = ground.board().views.get(view);
        double sx = v.width / width;
        double sy = v.height / height;
        double x = (left + width / 2) / v.width * 2 - 1;
        double y = 1 - (top + height / 2) / v.height * 2;
        for (int c = 16; c < 32; c += 4) {
            out[c] = sx * (out[c] - x * out[c + 3]);
            out[c + 1] = sy * (out[c + 1] - y * out[c + 3]);
        }
    }

    /**
     * The same of one of the frames of which a picture with smooth edges is made, in a viewport of so many pixels' height; where depth of
     * field shows, it is seen from a place in the lens.
     */
    public void smoothed(int view, int frame, double pixels, double[] out) {
        matrices(view, out);
        Viewport v = ground.board().views.get(view);
        if (field(v)) {
            int node = ground.scene().indexOf(v.camera);
            SceneCamera c = ground.scene().camera(node);
            double focus = TypedCamera.aimed(ground, v, node).focus();
            Aperture.of(c.focalLength(), c.optics().fNumber(), focus).look(frame, frames(view), out);
        }
        Matrices.crop(
                AntialiasingFrames.shift(frame, pixels),
                ground.board().views.get(view).aspect(),
                out,
                16);
    }

    /** How many frames such a picture is made of. */
    @PageCall
    public int frames(int view) {
        return field(ground.board().views.get(view)) ? AntialiasingFrames.LENS_FRAMES : AntialiasingFrames.FRAMES;
    }

    /** Whether a viewport shows what the lens of its camera does not draw sharply. */
    static boolean field(Viewport v) {
        return v.camera != null
                && v.shows(Overlay.FIELD)
                && v.look.surfaces()
                && !v.pose.projection().flat();
    }

    /**
     * Writes the view and projection matrix of a picture of some aspect that holds all a viewport shows.
     *
     * @param aspect width by height of the picture
     */
    public void whole(int view, double aspect, double[] out) {
        Viewport v = ground.board().views.get(view);
        write(v, around(v.pose, v.aspect(), aspect), v.crop, aspect, out);
    }

    /** A pose that shows, in a picture of one aspect, everything it shows in one of another. */
    public static Pose around(Pose p, double aspect, double other) {
        double more = Math.max(1, aspect / other);
        return p.withProjection(
                p.projection() instanceof Projection.Perspective q
                        ? new Projection.Perspective(2 * Math.atan(Math.tan(q.fovY() / 2) * more))
                        : new Projection.Orthographic(((Projection.Orthographic) p.projection()).extent() * more));
    }

    /** The same of a view that a choice, an entry of the Trail or a Pin stands for; gives false if there is none. */
    public boolean of(String viewId, String choice, int trail, double aspect, double[] out) {
        Viewport v = ground.board().named(viewId);
        if (v == null) {
            return false;
        }
        Pose p = trail >= 0
                ? trail < v.trail.length() ? v.trail.poses().get(trail) : null
                : ViewSources.pose(ground, v, choice);
        if (p != null) {
            write(v, around(p, v.aspect(), aspect), Crop.NONE, aspect, out);
        }
        return p != null;
    }

    /** A sheet of all cameras, each in the shape of its picture. */
    private List<SnapshotPlace> cameras(double width, double height) {
        Scene s = ground.scene();
        List<Integer> all = s.cameras();
        ContactSheet sheet = ContactSheet.of(all.size(), width, height);
        List<SnapshotPlace> out = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            StageRect box = sheet.boxes().get(i);
            SceneCamera c = s.camera(all.get(i));
            double w = Math.max(1, Math.rint(Math.min(box.width(), box.height() * c.aspect())));
            double h = Math.max(1, Math.rint(Math.min(box.height(), box.width() / c.aspect())));
            out.add(new SnapshotPlace(
                    -1,
                    s.node(all.get(i)).id(),
                    ground.nameOf(all.get(i)) + " · " + ShotList.lens(c),
                    Math.rint(box.x() + (box.width() - w) / 2),
                    Math.rint(box.y() + box.height() - h),
                    w,
                    h,
                    true,
                    sheet.line(),
                    1));
        }
        return out;
    }

    /** Writes the view and projection matrix of a camera's own picture; gives false if there is no such camera. */
    public boolean camera(String id, double[] out) {
        int node = ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).camera() == null) {
            return false;
        }
        Viewport v = ground.board().active();
        SceneCamera c = ground.scene().camera(node);
        Pose p = CameraViews.pose(ground, v, node)
                .withProjection(
                        c.perspective()
                                ? new Projection.Perspective(c.fovY())
                                : new Projection.Orthographic(c.extent()));
        Optics o = c.optics();
        double room = p.projection().flat() ? 0 : ClipRange.roomThatCounts(p) * 0.1;
        ClipRange clip = ClipRange.of(p, ground.scene().bounds(), room).within(o.near(), o.far());
        Matrices.view(p, out, 0);
        Matrices.projection(p.projection(), c.aspect(), clip, out, 16);
        return true;
    }

    private void write(Viewport v, Pose p, Crop crop, double aspect, double[] out) {
        ClipRange clip =
                ClipRange.of(p, ground.scene().bounds(), p.projection().flat() ? 0 : ClipRange.roomThatCounts(p) * 0.1);
        if (p.eye().equals(v.pose.eye())) {
            clip = ground.clip(v);
        }
        Matrices.view(p, out, 0);
        Matrices.projection(p.projection(), aspect, clip, out, 16);
        Matrices.crop(crop, aspect, out, 16);
    }

    /**
     * What a snapshot is made of: for each viewport its number, place, caption with the height of its line, whether the
     * line lies below the picture, and pixels for a CSS pixel.
     *
     * @param sort {@code view} for the active viewport, {@code board}, {@code sheet} for all viewports, or {@code cameras}
     * @param width of the whole picture, pixels
     * @param height of the whole picture, pixels
     */
    @PageCall
    public List<SnapshotPlace> places(String sort, double width, double height) {
        if (sort.equals("cameras")) {
            return cameras(width, height);
        }
        ActiveBoard b = ground.board();
        List<Viewport> views =
                sort.equals("view") || sort.equals("board") && b.solo >= 0 ? List.of(b.active()) : b.views;
        ContactSheet sheet = sort.equals("sheet") ? ContactSheet.of(views.size(), width, height) : null;
        Map<String, StageRect> boxes = b.arrangement.boxes(width, height);
        List<SnapshotPlace> out = new ArrayList<>();
        for (int i = 0; i < views.size(); i++) {
            Viewport v = views.get(i);
            StageRect box = sheet != null
                    ? sheet.boxes().get(i)
                    : views.size() == 1 ? new StageRect(0, 0, width, height) : boxes.get(v.id);
            double ratio = Math.max(0.5, Math.min(box.width() / v.width, box.height() / v.height));
            out.add(new SnapshotPlace(
                    v.number,
                    "",
                    PlateCaptions.caption(PlateCaptions.title(ground, v), PlateCaptions.lens(ground, v), v),
                    box.x(),
                    box.y(),
                    box.width(),
                    box.height(),
                    sheet != null,
                    sheet != null ? sheet.line() : Math.rint(WITHIN * ratio),
                    ratio));
        }
        return out;
    }

    /** The view matrix and the projection matrix of a viewport; the same array with every call. */
    @PageCall
    public double[] matrices(int view) {
        matrices(view, shared);
        return shared;
    }

    /** The same of one of the frames of which a picture with smooth edges is made, of so many pixels' height. */
    @PageCall
    public double[] smoothMatrices(int view, int frame, double pixels) {
        smoothed(view, frame, pixels, shared);
        return shared;
    }

    /** The same of a rectangle of a viewport alone, pixels from its upper left corner. */
    @PageCall
    public double[] partMatrices(int view, double left, double top, double width, double height) {
        part(view, left, top, width, height, shared);
        return shared;
    }

    /** The same of a picture of some aspect that holds all a viewport shows. */
    @PageCall
    public double[] wholeMatrices(int view, double aspect) {
        whole(view, aspect, shared);
        return shared;
    }

    /** The same of what a choice, or an entry of the Trail, would show; null if there is no such. */
    @PageCall
    @OrNull
    public double[] pictureMatrices(String viewId, String choice, int trail, double aspect) {
        return of(viewId, choice, trail, aspect, shared) ? shared : null;
    }

    /** The same of a camera's own picture; null if there is no such camera. */
    @PageCall
    @OrNull
    public double[] cameraMatrices(String id) {
        return camera(id, shared) ? shared : null;
    }
}
