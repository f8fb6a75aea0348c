package rhombus.core.stage.subject;

import java.util.List;
import rhombus.core.edit.SceneEdits;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.CameraMatch;
import rhombus.core.match.MatchResult;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;

/** Cameras made from pictures, and kept fitting while what is marked on them is dragged. */
public final class CameraMatching {
    /** An error that has grown by more than this since the mark was somewhere else is looked at from the beginning. */
    private static final double TRUSTED = 2;

    private static final double PIXELS = 3;

    /** The picture that was looked at last, and what was found; looking takes some time, and marks are drawn often. */
    private PicturePlane lastPicture;

    private MatchResult lastFound;
    private String why = "";

    /**
     * What was made.
     *
     * @param camera number of the camera
     * @param found how well it fits
     */
    public record Made(Scene scene, int camera, MatchResult found) {}

    /** What a picture tells of the camera that took it; null where it tells too little or contradicts itself. */
    public MatchResult look(Scene s, PicturePlane p) {
        if (p != lastPicture) {
            boolean same = lastPicture != null && lastPicture.image().equals(p.image());
            lastFound = found(s, p, same ? lastFound : null);
            lastPicture = p;
        }
        return lastFound;
    }

    /** What was found before is nearly right in the middle of a drag, and much quicker to start from. */
    private MatchResult found(Scene s, PicturePlane p, MatchResult was) {
        try {
            boolean alike = was != null
                    && was.lines().size() == p.lines().size()
                    && was.points().size() == p.points().size();
            MatchResult near = alike ? CameraMatch.near(p.evidence(), s.radius(), was) : null;
            return near != null && near.error() <= TRUSTED * was.error() + PIXELS
                    ? near
                    : CameraMatch.of(p.evidence(), s.radius());
        } catch (IllegalArgumentException e) {
            why = e.getMessage();
            return null;
        }
    }

    /** Why the picture that was looked at last tells of no camera, in words. */
    public String why() {
        return why;
    }

    /**
     * A scene with the camera that took a picture, which fills that camera's view. Where one was made
     * from it before, that one is put there.
     *
     * @throws IllegalArgumentException with words to show where there is none
     */
    public static Made make(Scene s, int node, String name) {
        PicturePlane p = s.node(node).picture();
        MatchResult found = CameraMatch.of(p.evidence(), s.radius());
        int own = own(s, node);
        if (own >= 0) {
            return new Made(fitted(s, node, own, found), own, found);
        }
        SceneCamera lens = new SceneCamera(true, angle(p, found), 0, p.aspect());
        SceneEdits.Added a = SceneEdits.add(s, lens, Mat4.trs(found.eye(), found.orientation(), new Vec3(1, 1, 1)));
        int camera = a.nodes().get(0);
        Scene named = SceneEdits.each(a.scene(), List.of(camera), n -> n.withName(name));
        Scene filled = PictureSketch.change(
                named, node, x -> x.taken(named.node(camera).id()));
        return new Made(filled, camera, found);
    }

    /** The camera that a match made for a picture: it is seen through it, fills its view and has its shape; or -1. */
    public static int own(Scene s, int node) {
        PicturePlane p = s.node(node).picture();
        int camera = p.matched() && p.throughCamera() && p.camera() != null ? s.indexOf(p.camera()) : -1;
        SceneCamera c = camera < 0 ? null : s.node(camera).camera();
        boolean fills = p.size() == 1 && p.x() == 0 && p.y() == 0;
        return c != null && c.perspective() && fills && c.aspect() == p.aspect() ? camera : -1;
    }

    private static double angle(PicturePlane p, MatchResult found) {
        double fov = found.fovY(p.height());
        return Math.max(SceneCamera.NARROWEST, Math.min(SceneCamera.WIDEST, fov));
    }

    private static Scene fitted(Scene s, int node, int camera, MatchResult found) {
        PicturePlane p = s.node(node).picture();
        double[] local = Transforms.standing(s, camera, found.eye(), found.orientation());
        return SceneEdits.each(s, List.of(camera), n -> n.withLocal(local)
                .withCamera(n.camera().withFovY(angle(p, found))));
    }

    /** After a mark of a picture has moved: its own camera goes along, as far as what is marked still tells one. */
    public Scene follow(Scene s, int node) {
        int camera = own(s, node);
        if (camera < 0 || s.locked(camera)) {
            return s;
        }
        MatchResult found = look(s, s.node(node).picture());
        return found == null ? s : fitted(s, node, camera, found);
    }
}
