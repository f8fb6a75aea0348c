package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.SceneEdits;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.NumberText;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.CameraMatching;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Projection;

/** Pictures behind views: bringing, placing and marking them, and finding the camera that took them. */
final class PictureArea {
    private static final String WHERE = say("picture-area.a-picture-lies-behind-an");
    /** Largest pixels a picture can have on a side; what the server takes is less. */
    private static final int MOST = 16384;

    private final StageContext ground;
    private final SubjectParts subject;

    private PictureArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    static CommandArea<PictureArea> area() {
        return new CommandArea<>(p -> new PictureArea(p.ground(), p.subject()), PictureArea::declare);
    }

    private static void declare(CommandDeclarations<PictureArea> d) {
        d.group(say("group.pictures"));
        d.action("picture.bring").does((a, c) -> a.bring(c.view()));
        d.action("picture.add")
                .waits()
                .needs("image")
                .whole("width", "height")
                .text("name")
                .does(PictureArea::add);
        d.action("picture.set")
                .typed("size", "x", "y", "opacity")
                .truth("front")
                .text("seen")
                .does(PictureArea::set);
        d.action("picture.fit").does((a, c) -> a.fit());
        d.action("picture.mark").needs("what", "x", "y", "z", "point", "span").does(PictureArea::mark);
        d.action("picture.unmark").needs("mark").does(PictureArea::unmark);
        d.action("picture.turn").needs("mark").does(PictureArea::turn);
        d.action("picture.point")
                .text("of")
                .typed("x", "y", "z")
                .choice("to", "pivot")
                .does(PictureArea::point);
        d.action("picture.scale").text("of").typed("distance").does(PictureArea::scale);
        d.action("camera.match").does((a, c) -> a.match(c.view()));
    }

    // ---- bringing --------------------------------------------------------------------------------------------------

    /** Where a picture would be seen in a viewport: a direction's word, or a camera; null where it cannot be. */
    private String seen(Viewport v) {
        if (v.camera != null) {
            return PicturePlane.CAMERA;
        }
        AxisDirection d = v.pose.projection().flat()
                ? AxisDirection.of(v.pose.orientation(), ground.scene().up())
                : null;
        return d == null ? null : d.word();
    }

    private void bring(Viewport v) {
        if (seen(v) == null) {
            ground.changes().notice(v.id, WHERE, null, null, Map.of());
        } else {
            ground.changes().application("picture.bring", PlainData.map("view", v.id));
        }
    }

    private void add(CommandCall c) {
        Viewport v = c.view();
        int w = c.whole("width", 0);
        int h = c.whole("height", 0);
        String seen = seen(v);
        if (w < 1 || h < 1 || w > MOST || h > MOST) {
            ground.changes().notice(say("picture-area.this-is-no-picture-that"), null, null);
            return;
        }
        if (seen == null) {
            ground.changes().notice(v.id, WHERE, null, null, Map.of());
            return;
        }
        Scene s = ground.scene();
        PicturePlane p = PicturePlane.brought(c.text("image"), w, h, seen, v.camera, 1);
        double[] place = Mat4.identity();
        if (seen.equals(PicturePlane.CAMERA)) {
            p = p.placed(PicturePlanes.fitting(p, s.camera(s.indexOf(v.camera)).aspect()), 0, 0);
        } else {
            p = p.placed(filling(v, p), 0, 0);
            place = Mat4.trs(v.pose.focusPoint(), AxisDirection.named(seen).orientation(s.up()), new Vec3(1, 1, 1));
        }
        String name = CommandTargets.clean(c.text("name"));
        SceneEdits.Added a = SceneEdits.add(s, p, name.isEmpty() ? say("picture-area.picture") : name, place);
        subject.editing().apply(say("picture-area.add", name.isEmpty() ? "picture" : name), a.scene());
        subject.selection().only(a.nodes());
        subject.selection().changed();
    }

    /** Height in metres at which a picture fills four fifths of a flat view. */
    private static double filling(Viewport v, PicturePlane p) {
        double extent = ((Projection.Orthographic) v.pose.projection()).extent();
        return 0.8 * extent * Math.min(1, v.aspect() / p.aspect());
    }

    // ---- placing ---------------------------------------------------------------------------------------------------

    /** The picture that is selected, or -1, which is told. */
    private int selected() {
        int n = subject.picture();
        if (n < 0) {
            ground.changes().notice(say("picture-area.select-a-picture-first"), null, null);
        } else if (ground.scene().locked(n)) {
            ground.changes().notice(say("picture-area.is-locked-unlock-it-in", ground.nameOf(n)), null, null);
            return -1;
        }
        return n;
    }

    private void change(String deed, int n, PicturePlane to) {
        subject.editing().apply(say(deed, ground.nameOf(n)), PictureSketch.change(ground.scene(), n, p -> to));
    }

    private void set(CommandCall c) {
        int n = selected();
        if (n < 0) {
            return;
        }
        PicturePlane p = ground.scene().node(n).picture();
        if (c.args().get("seen") != null) {
            subject.editing().apply(say("picture-area.move", ground.nameOf(n)), elsewhere(c, n, p));
            return;
        }
        double size = p.throughCamera()
                ? part(c, "size", p.size(), 1e-3, 1e3)
                : ground.typed().length(c.args().get("size"), p.size());
        if (!(size > 0 && size <= 1e9)) {
            ground.changes().notice(say("picture-area.a-pictures-height-is-more"), null, null);
            return;
        }
        change(
                "picture-area.set",
                n,
                p.placed(size, part(c, "x", p.x(), -1e3, 1e3), part(c, "y", p.y(), -1e3, 1e3))
                        .drawn(part(c, "opacity", p.opacity(), 0, 1), c.truth("front", p.front())));
    }

    /** A part of a whole that is typed in percent. */
    private double part(CommandCall c, String key, double is, double least, double most) {
        Object typed = c.args().get(key);
        if (typed == null) {
            return is;
        }
        if (typed instanceof Map<?, ?>) {
            return Math.max(least, Math.min(most, ground.typed().number(typed, is * 10) / 10));
        }
        Object number = typed instanceof String s ? s.replace("%", "") : typed;
        double v = ground.typed().number(number, is * 100) / 100;
        if (v < least || v > most) {
            ground.changes()
                    .notice(
                            say(
                                    "picture-area.that-is-between-and-the",
                                    Math.round(least * 100),
                                    Math.round(most * 100)),
                            null,
                            null);
            return is;
        }
        return v;
    }

    /** The picture behind another view: of a side in the middle of the scene, through a camera as large as fits. */
    private Scene elsewhere(CommandCall c, int n, PicturePlane p) {
        Scene s = ground.scene();
        String to = c.text("seen");
        String camera =
                to.startsWith(PicturePlane.CAMERA + ":") ? to.substring(PicturePlane.CAMERA.length() + 1) : null;
        int node = camera == null ? -1 : s.indexOf(camera);
        if (node >= 0 && s.node(node).camera() != null) {
            double fit = PicturePlanes.fitting(p, s.camera(node).aspect());
            return PictureSketch.change(s, n, x -> x.seen(PicturePlane.CAMERA, camera, fit));
        }
        AxisDirection d = AxisDirection.named(to);
        if (d == null) {
            ground.changes().notice(say("picture-area.a-picture-cannot-be-seen"), null, null);
            return s;
        }
        double size = p.throughCamera() ? 2 * s.radius() : p.size();
        Vec3 at = p.throughCamera()
                ? s.bounds().isEmpty() ? Vec3.ZERO : s.bounds().center()
                : Mat4.origin(s.world(n));
        double[] local = Transforms.standing(s, n, at, d.orientation(s.up()));
        return SceneEdits.each(
                s, List.of(n), x -> x.withLocal(local).withPicture(x.picture().seen(d.word(), null, size)));
    }

    private void fit() {
        int n = selected();
        if (n < 0) {
            return;
        }
        PicturePlane p = ground.scene().node(n).picture();
        int camera = p.camera() == null ? -1 : ground.scene().indexOf(p.camera());
        if (p.throughCamera()) {
            double size = camera < 0
                    ? 1
                    : PicturePlanes.fitting(p, ground.scene().camera(camera).aspect());
            change("picture-area.fit", n, p.placed(size, 0, 0));
            return;
        }
        for (Viewport v : ground.board().views) {
            if (v.shown && PicturePlanes.in(ground, v, n) != null) {
                Scene s = ground.scene();
                double[] local = Transforms.standing(
                        s, n, v.pose.focusPoint(), AxisDirection.named(p.seen()).orientation(s.up()));
                subject.editing()
                        .apply(
                                say("picture-area.fit-2", ground.nameOf(n)),
                                SceneEdits.each(s, List.of(n), x -> x.withLocal(local)
                                        .withPicture(x.picture().placed(filling(v, p), 0, 0))));
                return;
            }
        }
        ground.changes().notice(say("picture-area.no-viewport-shows-this-picture"), null, null);
    }

    // ---- marking ---------------------------------------------------------------------------------------------------

    private void mark(CommandCall c) {
        int n = selected();
        if (n < 0) {
            return;
        }
        PicturePlane p = ground.scene().node(n).picture();
        String what = c.text("what");
        int axis = "xyz".indexOf(what);
        if (p.lines().size() + p.points().size() >= PicturePlane.MARKS) {
            ground.changes().notice(say("picture-area.there-are-100-marks-on"), null, null);
            return;
        }
        PicturePlane to = what.equals("point")
                ? PictureSketch.withPoint(p, somewhere())
                : what.equals("span") ? PictureSketch.withSpan(p) : PictureSketch.withLine(p, axis);
        change("picture-area.mark", n, to);
        if (ground.board().views.stream().noneMatch(v -> v.shown && PicturePlanes.in(ground, v, n) != null)) {
            ground.changes().notice(say("picture-area.no-viewport-shows-this-picture-2"), null, null);
        }
    }

    /** The pinned pivot, else the origin. */
    private Vec3 somewhere() {
        Vec3 pinned = subject.pivot().pinned();
        return pinned == null ? Vec3.ZERO : pinned;
    }

    /** The end that a command names, or null, which is told. */
    private PictureSketch.End end(CommandCall c, String key, int n) {
        PictureSketch.End e = PictureSketch.End.of(c.text(key));
        boolean there =
                n >= 0 && e != null && PictureSketch.at(ground.scene().node(n).picture(), e) != null;
        if (n >= 0 && !there) {
            ground.changes().notice(say("picture-area.there-is-no-such-mark"), null, null);
        }
        return there ? e : null;
    }

    private void marked(String deed, int n, PicturePlane to) {
        Scene s = PictureSketch.change(ground.scene(), n, p -> to);
        subject.editing().apply(say(deed, ground.nameOf(n)), subject.matching().follow(s, n));
    }

    private void unmark(CommandCall c) {
        int n = selected();
        PictureSketch.End e = end(c, "mark", n);
        if (e != null) {
            marked(
                    "picture-area.take-a-mark-off",
                    n,
                    PictureSketch.without(ground.scene().node(n).picture(), e));
        }
    }

    private void turn(CommandCall c) {
        int n = selected();
        PictureSketch.End e = end(c, "mark", n);
        if (e != null && e.sort().equals("line")) {
            marked(
                    "picture-area.turn-a-line-on",
                    n,
                    PictureSketch.turned(ground.scene().node(n).picture(), e));
        }
    }

    private void point(CommandCall c) {
        int n = selected();
        PictureSketch.End e = end(c, "of", n);
        if (e == null || !e.sort().equals("point")) {
            return;
        }
        PicturePlane p = ground.scene().node(n).picture();
        Vec3 is = p.points().get(e.index()).at();
        Vec3 pinned = subject.pivot().pinned();
        if (c.to().equals("pivot") && pinned == null) {
            ground.changes().notice(say("picture-area.no-pivot-is-pinned-pin"), null, null);
            return;
        }
        Vec3 to = c.to().equals("pivot")
                ? pinned
                : new Vec3(
                        ground.typed().length(c.args().get("x"), is.x()),
                        ground.typed().length(c.args().get("y"), is.y()),
                        ground.typed().length(c.args().get("z"), is.z()));
        if (to.length() > 1e9) {
            ground.changes().notice(say("picture-area.a-place-is-at-most"), null, null);
            return;
        }
        marked("picture-area.place-a-point-on", n, PictureSketch.known(p, e.index(), to));
    }

    private void scale(CommandCall c) {
        int n = selected();
        if (n < 0) {
            return;
        }
        Scene s = ground.scene();
        PicturePlane p = s.node(n).picture();
        PicturePlane.Span span = p.span();
        if (span == null || p.throughCamera()) {
            ground.changes()
                    .notice(
                            p.throughCamera()
                                    ? say("picture-area.behind-a-camera-a-picture")
                                    : say("picture-area.mark-two-points-of-a"),
                            null,
                            null);
            return;
        }
        double pixels = Math.hypot(span.x2() - span.x1(), span.y2() - span.y1());
        double typed = ground.typed().length(c.args().get("distance"), 0);
        if (!(typed > 0) || typed > 1e9 || pixels < 1e-6) {
            ground.changes()
                    .notice(
                            pixels < 1e-6
                                    ? say("picture-area.the-two-points-lie-in")
                                    : say("picture-area.a-distance-is-more-than"),
                            null,
                            null);
            return;
        }
        Vec3[] corners = s.corners(n);
        double is = corners[0].distance(corners[3]) / p.height() * pixels;
        double k = typed / is;
        // The first of the two points stays where it is.
        PicturePlanes.Plane plane = new PicturePlanes.Plane(n, p, corners);
        Vec3 fixed = plane.at(span.x1(), span.y1());
        Vec3 middle = Mat4.origin(s.world(n));
        Vec3 by = fixed.plus(middle.minus(fixed), k).minus(middle);
        Map<Integer, double[]> place = Map.of(n, s.movedLocal(n, by));
        subject.editing()
                .apply(
                        say("picture-area.scale", ground.nameOf(n)),
                        PictureSketch.change(s.withLocals(place), n, x -> x.placed(x.size() * k, 0, 0)));
    }

    // ---- the camera that took it -----------------------------------------------------------------------------------

    private void match(Viewport v) {
        int n = selected();
        if (n < 0) {
            return;
        }
        try {
            String name = ground.nameOf(n);
            CameraMatching.Made m = CameraMatching.make(ground.scene(), n, say("picture-area.camera-of", name));
            ground.walks().leaveIn(v);
            subject.editing().apply(say("picture-area.match", name), m.scene());
            String camera = ground.scene().node(m.camera()).id();
            List<Integer> picture = new ArrayList<>(List.of(n));
            subject.selection().only(picture);
            subject.selection().changed();
            if (!camera.equals(v.camera)) {
                CameraViews.through(ground, v, camera);
            }
            ground.changes()
                    .notice(
                            v.id,
                            say(
                                    m.found().placed()
                                            ? "picture-area.sees-the-picture"
                                            : "picture-area.sees-the-picture-from-a-guess",
                                    ground.nameOf(m.camera()),
                                    NumberText.fixed(m.found().error(), 1)),
                            null,
                            null,
                            Map.of());
        } catch (IllegalArgumentException e) {
            ground.changes().notice(e.getMessage() + ".", null, null);
        }
    }
}
