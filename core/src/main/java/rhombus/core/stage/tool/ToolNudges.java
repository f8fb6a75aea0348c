package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.display.Grid;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.TransformAxes;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.TypedNumbers;
import rhombus.core.stage.view.Viewport;

/** Steps of a tool by keys: a grid line, the set angle, a tenth; with Shift ten times as far, with Alt a tenth. */
public final class ToolNudges {
    private static final double SCALE_STEP = 0.1;

    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final Viewport view;
    private final List<Integer> roots;
    private final TransformAxes axes;

    public ToolNudges(StageContext ground, SubjectParts subject, ActiveTool tools, Viewport view) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.view = view;
        roots = tools.roots();
        axes = tools.axes(view);
    }

    /** An arrow key over a viewport: along the axis that lies that way in the picture. */
    public void key(Map<String, Object> args) {
        if (tools.sort() == null) {
            return;
        }
        String to = PlainData.text(args.get("to"), "");
        boolean aside = aside(to);
        double sign = sign(to);
        Vec3 right = view.pose.orientation().right();
        Vec3 up = view.pose.orientation().up();
        int across = nearest(right, -1);
        int axis = aside ? across : nearest(up, across);
        boolean against = axes.axis(axis).dot(aside ? right : up) < 0;
        switch (tools.sort()) {
            case MOVE -> move(axes.axis(axis), (against ? -sign : sign) * TypedNumbers.stride(args));
            // Turned about the axis that points at the eye, right is clockwise, as on a clock.
            case ROTATE -> turn(towardsEye(), (aside ? -sign : sign) * TypedNumbers.stride(args));
            case SCALE -> scale(new Vec3(1, 1, 1), sign * TypedNumbers.stride(args));
        }
    }

    private static boolean aside(String to) {
        return to.equals("left") || to.equals("right");
    }

    private static double sign(String to) {
        return to.equals("left") || to.equals("down") ? -1 : 1;
    }

    /** An arrow key on a handle that has the keyboard: along what it moves, turns or scales; across it where it has two ways. */
    public void handle(String id, Map<String, Object> args) {
        String to = PlainData.text(args.get("to"), "");
        double steps = sign(to) * TypedNumbers.stride(args);
        boolean second = !aside(to);
        CameraHandle camera = tools.cameraHandle(view, id);
        if (camera != null) {
            CameraNudges.step(ground, subject, view, camera, args);
            return;
        }
        PictureSketch.End end = PictureSketch.End.of(id);
        if (end != null) {
            sketch(end, (second ? 0 : 1) * steps, (second ? -1 : 0) * steps);
            return;
        }
        if (tools.sort() == null || id.startsWith(CameraHandle.BEFORE)) {
            return;
        }
        int axis = "xyz".indexOf(id);
        int plane = List.of("yz", "zx", "xy").indexOf(id);
        if (plane >= 0) {
            axis = (plane + (second ? 2 : 1)) % 3;
        }
        switch (tools.sort()) {
            case MOVE ->
                move(
                        axis >= 0
                                ? axes.axis(axis)
                                : second
                                        ? view.pose.orientation().up()
                                        : view.pose.orientation().right(),
                        steps);
            case ROTATE ->
                turn(axis >= 0 ? axes.axis(axis) : view.pose.orientation().back(), steps);
            case SCALE ->
                scale(
                        id.equals("all") || axis < 0
                                ? new Vec3(1, 1, 1)
                                : new Vec3(grows(id, "x"), grows(id, "y"), grows(id, "z")),
                        steps);
        }
    }

    /** An end of a mark on a picture, by pixels of the picture. */
    private void sketch(PictureSketch.End end, double dx, double dy) {
        int n = subject.picture();
        double[] at = n < 0 ? null : PictureSketch.at(ground.scene().node(n).picture(), end);
        if (at != null) {
            Scene marked =
                    PictureSketch.change(ground.scene(), n, p -> PictureSketch.moved(p, end, at[0] + dx, at[1] + dy));
            subject.editing()
                    .apply(
                            say("nudges.move-a-mark-on", ground.nameOf(n)),
                            subject.matching().follow(marked, n));
        }
    }

    private static double grows(String id, String axis) {
        return id.contains(axis) ? 1 : 0;
    }

    /** Number of the axis nearest to a direction, other than {@code not}. */
    private int nearest(Vec3 way, int not) {
        int best = not == 0 ? 1 : 0;
        for (int i = 0; i < 3; i++) {
            if (i != not
                    && Math.abs(axes.axis(i).dot(way))
                            > Math.abs(axes.axis(best).dot(way)) + 1e-12) {
                best = i;
            }
        }
        return best;
    }

    private Vec3 towardsEye() {
        Vec3 back = view.pose.orientation().back();
        Vec3 axis = axes.axis(nearest(back, -1));
        return axis.dot(back) < 0 ? axis.negated() : axis;
    }

    private void move(Vec3 way, double steps) {
        double grid = Grid.spacing(view.screen(), ground.scene().up());
        done("nudges.move", new EditOperation.Move(roots, way.times(steps * grid)));
    }

    private void turn(Vec3 axis, double steps) {
        double by = steps * Math.toRadians(ground.habits().number(AllHabits.STEP));
        done("nudges.rotate", new EditOperation.Turn(roots, tools.about(), Quat.about(axis, by)));
    }

    private void scale(Vec3 which, double steps) {
        double k = Math.pow(1 + SCALE_STEP, steps);
        done(
                "nudges.scale",
                new EditOperation.Scale(
                        roots,
                        tools.about(),
                        axes.orientation(),
                        new Vec3(which.x() == 0 ? 1 : k, which.y() == 0 ? 1 : k, which.z() == 0 ? 1 : k)));
    }

    private void done(String what, EditOperation how) {
        if (roots.isEmpty()) {
            ground.changes().notice(say("nudges.select-something-to-move-it"), null, null);
            return;
        }
        subject.editing().apply(say(what, subject.names()), how);
    }
}
