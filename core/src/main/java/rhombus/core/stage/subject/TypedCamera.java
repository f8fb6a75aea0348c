package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.edit.SceneEdits;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.AimAt;
import rhombus.core.navigate.LookAround;
import rhombus.core.navigate.NumberText;
import rhombus.core.optics.FilmBack;
import rhombus.core.optics.GateFit;
import rhombus.core.optics.Optics;
import rhombus.core.optics.PictureFormat;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.SentenceWords;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.TypedNumbers;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** A camera with some of its numbers typed. What cannot be is told in a sentence, and the old numbers stay. */
public final class TypedCamera {
    /** What stands in a field whose number follows the scene. */
    public static final String AUTO = "auto";
    /** What stands in the field of a picture's shape where it is that of the scene's. */
    public static final String SCENES = "scene";

    private static final String ANGLES = say("camera-numbers.an-angle-of-view-is");

    private final StageContext ground;
    private final TypedNumbers typed;
    private final Map<String, Object> args;

    private TypedCamera(StageContext ground, Map<String, Object> args) {
        this.ground = ground;
        this.typed = ground.typed();
        this.args = args;
    }

    /** The scene with a camera changed as it was typed; the scene as it is where that cannot be, which is told. */
    public static Scene with(StageContext ground, Viewport v, int node, Map<String, Object> args) {
        Scene s = ground.scene();
        try {
            return new TypedCamera(ground, args).of(s, node, aimed(ground, v, node));
        } catch (IllegalArgumentException e) {
            ground.changes().notice(say("camera-numbers.the-old-numbers-stay", e.getMessage()), null, null);
            return s;
        }
    }

    /** Where a camera stands and what it focuses: a distance that was set, or that of what is in its middle. */
    public static Pose aimed(StageContext ground, Viewport v, int node) {
        Pose p = CameraViews.pose(ground, v, node);
        Double focus = ground.scene().node(node).camera().optics().focus();
        return focus == null ? p : new Pose(p.eye(), p.orientation(), focus, p.projection());
    }

    private Scene of(Scene s, int node, Pose is) {
        SceneCamera kept = s.node(node).camera();
        boolean follows = follows(kept);
        double scenes = s.setup().picture().aspect();
        SceneCamera made = lens(kind(s.camera(node), is.focus()), is.focus(), follows ? scenes : 0);
        SceneCamera c =
                follows ? new SceneCamera(made.perspective(), made.fovY(), made.extent(), 0, made.optics()) : made;
        Pose p = place(is);
        double[] local = Transforms.standing(s, node, p.eye(), p.orientation());
        return SceneEdits.each(s, List.of(node), n -> {
            Node seen = c.equals(n.camera()) ? n : n.withCamera(c);
            return local == n.local() ? seen : seen.withLocal(local);
        });
    }

    // ---- what it is made of ----------------------------------------------------------------------------------------

    /** Made perspective or orthographic: what lies at the focus keeps its size. */
    private SceneCamera kind(SceneCamera c, double focus) {
        boolean perspective = PlainData.truth(args.get("perspective"), c.perspective());
        if (perspective == c.perspective()) {
            return c;
        }
        double fov = perspective ? 2 * Math.atan(c.extent() / (2 * focus)) : c.fovY();
        fov = Math.max(SceneCamera.NARROWEST, Math.min(SceneCamera.WIDEST, fov));
        double extent = perspective ? c.extent() : 2 * focus * Math.tan(fov / 2);
        return new SceneCamera(perspective, fov, extent, c.aspect(), c.optics());
    }

    /** Whether a camera takes the shape of the scene's picture once the numbers are typed. */
    private boolean follows(SceneCamera is) {
        Object arg = args.get("aspect");
        if (arg == null) {
            return is.aspect() == 0;
        }
        String s = arg instanceof String t ? t.strip().toLowerCase() : "";
        return s.equals(SCENES) || s.equals(AUTO) || typed.number(arg, 0) == 0;
    }

    /** @param shape that the picture takes from the scene, or 0 where its own is typed */
    private SceneCamera lens(SceneCamera is, double focus, double scenes) {
        SceneCamera c = is.with(optics(is.optics(), focus));
        double aspect = scenes != 0 ? scenes : typed.number(args.get("aspect"), c.aspect());
        if (aspect != c.aspect()) {
            check(
                    aspect >= 1 / PictureFormat.FLATTEST && aspect <= PictureFormat.FLATTEST,
                    say("camera-numbers.a-picture-is-between-a"));
            c = c.withAspect(aspect);
        }
        double extent = typed.length(args.get("extent"), c.extent());
        if (extent != c.extent()) {
            check(extent > 0 && extent <= 1e9, say("camera-numbers.the-height-of-what-is"));
            c = new SceneCamera(c.perspective(), c.fovY(), extent, c.aspect(), c.optics());
        }
        if (args.get("focalLength") != null) {
            c = focal(c);
        }
        double shape = c.shape();
        c = angle(c, "angle", c.fovY(), 1);
        c = angle(c, "angleAcross", c.fovX(), shape);
        return angle(c, "angleDiagonal", c.fovDiagonal(), Math.hypot(1, shape));
    }

    private SceneCamera focal(SceneCamera c) {
        double least = c.withFovY(SceneCamera.WIDEST).focalLength();
        double most = c.withFovY(SceneCamera.NARROWEST).focalLength();
        double mm = 1000 * typed.lengthIn("mm", args.get("focalLength"), c.focalLength() / 1000);
        check(
                mm >= least && mm <= most,
                say("camera-numbers.on-this-film-back-a", NumberText.digits(least), NumberText.digits(most)));
        return mm == c.focalLength() ? c : c.withFocalLength(mm);
    }

    /** An angle of view, of which the tangent of the half is so many times that of the vertical one. */
    private SceneCamera angle(SceneCamera c, String key, double is, double times) {
        double angle = typed.angle(args.get(key), is);
        if (angle == is) {
            return c;
        }
        check(angle > 0 && angle < Math.PI, ANGLES);
        double fov = 2 * Math.atan(Math.tan(angle / 2) / times);
        check(fov >= SceneCamera.NARROWEST && fov <= SceneCamera.WIDEST, ANGLES);
        return c.withFovY(fov);
    }

    private Optics optics(Optics o, double focus) {
        FilmBack named = FilmBack.named(PlainData.text(args.get("filmBack"), ""));
        FilmBack back = named != null ? named : o.back();
        double width = 1000 * typed.lengthIn("mm", args.get("backWidth"), back.width() / 1000);
        double height = 1000 * typed.lengthIn("mm", args.get("backHeight"), back.height() / 1000);
        GateFit fit = GateFit.named(PlainData.text(args.get("gateFit"), ""));
        return new Optics(
                Math.abs(width - back.width()) < 1e-12 && Math.abs(height - back.height()) < 1e-12
                        ? back
                        : new FilmBack(width, height),
                fit == null ? o.fit() : fit,
                typed.number(args.get("fNumber"), o.fNumber()),
                confusion(o.confusion()),
                distance("focus", o.focus(), focus),
                distance("near", o.near(), focus / 100),
                distance("far", o.far(), focus * 100));
    }

    private double confusion(double is) {
        return args.get("confusion") == null ? is : 1000 * typed.lengthIn("mm", args.get("confusion"), is / 1000);
    }

    /** A distance in metres, or null where it follows the scene. */
    private Double distance(String key, Double is, double shown) {
        Object arg = args.get(key);
        if (arg == null || arg instanceof String s && s.strip().equalsIgnoreCase(AUTO)) {
            return arg == null ? is : null;
        }
        double otherwise = is == null ? shown : is;
        double to = typed.length(arg, otherwise);
        return to == otherwise ? is : Double.valueOf(to);
    }

    private static void check(boolean holds, String words) {
        if (!holds) {
            throw new IllegalArgumentException(words);
        }
    }

    // ---- where it stands -------------------------------------------------------------------------------------------

    private Pose place(Pose is) {
        // An orthographic camera turns on the spot too when it is aimed.
        Pose p = new Pose(point("", is.eye()), is.orientation(), is.focus(), new Projection.Perspective(1));
        Vec3 aim = point("aim", is.focusPoint());
        if (!aim.equals(is.focusPoint())) {
            check(aim.distance(p.eye()) > 0, say("camera-numbers.a-camera-cannot-aim-at"));
            p = AimAt.at(p, aim, ground.scene().up());
        }
        if (args.get("roll") == null) {
            return p;
        }
        double roll = Heading.roll(p.orientation(), ground.scene().up());
        double to = typed.angle(args.get("roll"), roll);
        return to == roll ? p : LookAround.roll(p, to - roll);
    }

    private Vec3 point(String key, Vec3 is) {
        Vec3 to = new Vec3(
                typed.length(args.get(SentenceWords.axis(key, 0)), is.x()),
                typed.length(args.get(SentenceWords.axis(key, 1)), is.y()),
                typed.length(args.get(SentenceWords.axis(key, 2)), is.z()));
        check(to.finite() && to.length() <= 1e9, say("camera-numbers.a-place-is-at-most"));
        return to;
    }
}
