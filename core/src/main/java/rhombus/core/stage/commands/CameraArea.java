package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.optics.GateFit;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.CameraChange;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Cameras of the scene: making them, looking through them, guarding and driving them. */
final class CameraArea {
    private static final List<String> GATE_FITS =
            Arrays.stream(GateFit.values()).map(GateFit::id).toList();

    private final StageContext ground;
    private final SubjectParts subject;

    private CameraArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    static CommandArea<CameraArea> area() {
        return new CommandArea<>(p -> new CameraArea(p.ground(), p.subject()), CameraArea::declare);
    }

    private static void declare(CommandDeclarations<CameraArea> d) {
        d.group(say("group.cameras"));
        d.replays(true);
        d.action("camera.look-through")
                .text("camera")
                .key("camera", "KeyC", 0, say("hint.look-through-the-camera"))
                .told((a, c) -> a.back(c.view()) ? say("camera-area.back-from-the-camera") : null)
                .does(CameraArea::through);
        d.action("camera.leave").does((a, c) -> CameraViews.leave(a.ground, c.view()));
        d.action("camera.drive")
                .truth("on")
                .key("drive", "KeyC", SHIFT, say("hint.drive-the-camera"))
                .told((a, c) -> c.view().driven ? say("camera-area.guard-the-camera") : null)
                .does(CameraArea::drive);
        d.replays(false);
        d.action("camera.from-view")
                .key("camera-from-view", "KeyC", ALT, say("hint.camera-from-this-view"))
                .does((a, c) -> a.fromView(c.view()));
        d.action("camera.set")
                .text("camera")
                .typed(
                        "focalLength",
                        "angle",
                        "angleAcross",
                        "angleDiagonal",
                        "extent",
                        "aspect",
                        "backWidth",
                        "backHeight")
                .typed("fNumber", "confusion", "focus", "near", "far")
                .typed("x", "y", "z", "aimX", "aimY", "aimZ", "roll")
                .text("filmBack")
                .choice("gateFit", GATE_FITS)
                .truth("perspective")
                .does(CameraArea::set);
        d.action("camera.focus-here")
                .key("camera-focus", "KeyC", CTRL | ALT, say("hint.focus-the-camera-here"))
                .does((a, c) ->
                        a.here(c, say("camera-area.focus"), (change, p, pose) -> change.focused(pose.depth(p))));
        d.action("camera.aim-here")
                .key("camera-aim", "KeyC", CTRL | ALT | SHIFT, say("hint.aim-the-camera-here"))
                .does((a, c) -> a.here(c, say("camera-area.aim"), (change, p, pose) -> change.aimed(p)));
        d.action("camera.select")
                .traits(CommandTrait.REPLAYS)
                .key("select-camera", "KeyC", ALT | SHIFT, say("hint.select-the-camera"))
                .does((a, c) -> a.select(c.view()));
    }

    /** Whether the key without a name leads back to the view from before. */
    private boolean back(Viewport v) {
        return v.camera != null && v.camera.equals(CameraViews.usual(ground, v));
    }

    private void through(CommandCall c) {
        Viewport v = c.view();
        boolean named = c.args().get("camera") != null;
        if (!named && back(v)) {
            CameraViews.leave(ground, v);
            return;
        }
        String camera = named ? c.text("camera") : CameraViews.usual(ground, v);
        if (camera == null) {
            ground.changes()
                    .notice(
                            v.id,
                            say("camera-area.this-scene-has-no-camera"),
                            say("camera-area.make-one-from-this-view"),
                            "camera.from-view",
                            Map.of());
        } else if (!CameraViews.through(ground, v, camera)) {
            ground.changes().notice(say("camera-area.this-scene-has-no-such"), null, null);
        }
    }

    private void drive(CommandCall c) {
        Viewport v = c.view();
        boolean on = c.truth("on", !v.driven);
        if (v.driven && !on) {
            // A walk or a glide with the camera ends as a step of its own before the camera is let go.
            ground.walks().leaveIn(v);
            subject.driving().settle();
        }
        CameraViews.drive(ground, v, on);
    }

    private void fromView(Viewport v) {
        ground.walks().leaveIn(v);
        ground.navigator().land(v);
        Pose p = v.pose;
        SceneCamera follows = new SceneCamera(true, v.lens, 0, 0);
        SceneCamera lens = CameraViews.lens(
                        follows.in(ground.scene().setup().picture().aspect()), p.projection(), v.aspect())
                .withShapeOf(follows);
        SceneEdits.Added a =
                SceneEdits.add(ground.scene(), lens, Mat4.trs(p.eye(), p.orientation(), new Vec3(1, 1, 1)));
        int node = a.nodes().get(0);
        subject.editing().apply(say("camera-area.add", a.scene().node(node).name()), a.scene());
        subject.selection().only(a.nodes());
        subject.selection().changed();
        CameraViews.made(ground, v, ground.scene().node(node).id());
        ground.changes()
                .notice(
                        v.id,
                        say("camera-area.stands-where-this-viewport-looks", ground.nameOf(node)),
                        say("camera-area.drive-it"),
                        "camera.drive",
                        Map.of("on", true));
    }

    private void set(CommandCall c) {
        String id = c.text("camera");
        int node = id.isEmpty() ? subject.camera(c.view()) : ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).camera() == null) {
            ground.changes().notice(say("camera-area.select-a-camera-or-look"), null, null);
        } else if (ground.scene().locked(node)) {
            ground.changes().notice(say("camera-area.is-locked-unlock-it-in", ground.nameOf(node)), null, null);
        } else {
            subject.driving().settle();
            subject.editing()
                    .apply(
                            say("camera-area.set", ground.nameOf(node)),
                            TypedCamera.with(ground, c.view(), node, c.args()));
        }
    }

    private interface Here {
        Scene at(CameraChange change, Vec3 point, Pose pose);
    }

    /** Something is done to a camera with the point under the pointer, or in the middle of the viewport. */
    private void here(CommandCall c, String deed, Here how) {
        Viewport v = c.view();
        int node = subject.camera(v);
        if (node < 0) {
            ground.changes().notice(say("camera-area.select-a-camera-or-look-2"), null, null);
            return;
        }
        String name = ground.nameOf(node);
        RayHit hit = subject.picks().pick(v, c.xOrMiddle(), c.yOrMiddle());
        Pose p = TypedCamera.aimed(ground, v, node);
        if (ground.scene().locked(node)) {
            ground.changes().notice(say("camera-area.is-locked-unlock-it-in", name), null, null);
        } else if (hit == null || hit.point().distance(p.eye()) == 0) {
            ground.changes().notice(say("camera-area.there-is-nothing-under-the", name), null, null);
        } else if (deed.equals(say("camera-area.focus")) && p.depth(hit.point()) <= 0) {
            ground.changes().notice(say("camera-area.that-lies-behind-which-cannot", name), null, null);
        } else {
            subject.driving().settle();
            subject.editing()
                    .apply(deed + " " + name, how.at(new CameraChange(ground.scene(), node, p), hit.point(), p));
        }
    }

    private void select(Viewport v) {
        int node = v.camera == null ? -1 : ground.scene().indexOf(v.camera);
        if (node < 0) {
            ground.changes().notice(say("camera-area.this-viewport-looks-through-no"), null, null);
            return;
        }
        subject.selection().only(List.of(node));
        subject.selection().changed();
    }
}
