package rhombus.core.stage.show.readout;

import static rhombus.core.words.Messages.say;

import rhombus.core.navigate.NumberText;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.StandardDirection;
import rhombus.core.words.Messages;

/** What a motion did, in words for somebody who does not see it. */
final class MotionAnnouncement {
    private MotionAnnouncement() {}

    /** The active view, how it came to be as it is, where it looks and how far, and what is selected. */
    static String of(StageContext ground, SubjectParts subject) {
        Viewport v = ground.board().active();
        StringBuilder out = new StringBuilder(PlateCaptions.title(ground, v));
        int at = v.trail.index();
        if (at >= 0
                && !v.trail.deed(at).isEmpty()
                && v.pose.equals(v.trail.poses().get(at))) {
            // The same motion once more is told once more: it has another number.
            out.append(", ").append(say("aloud.view", at + 1, v.trail.deed(at)));
        }
        out.append(". ").append(looks(v.pose, ground.scene().up())).append(". ");
        int count = subject.selection().nodes().size();
        if (count == 0) {
            out.append(say("aloud.nothing-is-selected"));
        } else if (count == 1) {
            out.append(
                    say("aloud.is-selected", ground.nameOf(subject.selection().last())));
        } else {
            out.append(say("aloud.objects-are-selected", count));
        }
        return out.toString();
    }

    private static String looks(Pose p, UpAxis up) {
        String far = p.projection() instanceof Projection.Orthographic o
                ? say("aloud.high", NumberText.words(o.extent()))
                : say("aloud.focus-away", NumberText.words(p.focus()));
        StandardDirection s = StandardDirection.exactly(p.orientation(), up);
        if (s != null) {
            return say("aloud.looks-from-the", Messages.within(s.words()), far);
        }
        Heading h = Heading.of(p.orientation(), up);
        double pitch = Math.toDegrees(h.pitch());
        double roll = Math.toDegrees(Heading.roll(p.orientation(), up));
        String tilt = Math.abs(roll) < 0.5 ? "" : ", " + say("aloud.tilted-by", NumberText.fixed(roll, 0));
        return say(
                pitch < 0 ? "aloud.looks-round-and-down" : "aloud.looks-round-and-up",
                NumberText.fixed(Math.toDegrees(h.yaw()), 0),
                NumberText.fixed(Math.abs(pitch), 0),
                tilt,
                far);
    }
}
