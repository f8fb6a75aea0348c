package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.display.Grid;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.CameraChange;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.TypedNumbers;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Steps of a camera's handles by keys: a grid line, a millimetre, a degree, a twentieth; with Shift ten times as far, with Alt a tenth. */
final class CameraNudges {
    private static final double PART = 1.05;

    private CameraNudges() {}

    static void step(StageContext ground, SubjectParts subject, Viewport v, CameraHandle h, Map<String, Object> args) {
        String to = PlainData.text(args.get("to"), "");
        boolean aside = to.equals("left") || to.equals("right");
        double steps = (to.equals("left") || to.equals("down") ? -1 : 1) * TypedNumbers.stride(args);
        Scene s = ground.scene();
        SceneCamera c = s.camera(h.node());
        Pose p = TypedCamera.aimed(ground, v, h.node());
        CameraChange change = new CameraChange(s, h.node(), p);
        double grid = Grid.spacing(v.screen(), s.up());
        Vec3 way = (aside ? v.pose.orientation().right() : v.pose.orientation().up()).times(steps * grid);
        Scene next =
                switch (h.part()) {
                    case PLACE -> change.moved(way);
                    case AIM -> change.aimed(h.at().plus(way));
                    case LENS ->
                        c.perspective() ? change.focal(c.focalLength() + steps) : change.wider(Math.pow(PART, steps));
                    case FOCUS -> change.focused(p.focus() * Math.pow(PART, steps));
                    case ROLL -> change.rolled(Math.toRadians(steps));
                    case NEAR -> change.near(c.optics().near() * Math.pow(PART, steps));
                    case FAR -> change.far(c.optics().far() * Math.pow(PART, steps));
                };
        subject.editing().apply(say(h.part().deed(), ground.nameOf(h.node())), next);
    }
}
