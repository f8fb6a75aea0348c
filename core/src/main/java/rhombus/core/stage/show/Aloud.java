package rhombus.core.stage.show;

import java.util.Locale;
import rhombus.core.navigate.Lengths;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Captions;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Standard;

/** What a motion did, in words for somebody who does not see it. */
final class Aloud {
    private Aloud() {}

    /** The active view, how it came to be as it is, where it looks and how far, and what is selected. */
    static String of(Ground ground, Subject subject) {
        ViewState v = ground.board().active();
        StringBuilder out = new StringBuilder(Captions.title(ground, v));
        int at = v.trail.index();
        if (at >= 0
                && !v.trail.deed(at).isEmpty()
                && v.pose.equals(v.trail.poses().get(at))) {
            // The same motion once more is told once more: it has another number.
            out.append(", view ").append(at + 1).append(": ").append(v.trail.deed(at));
        }
        out.append(". ").append(looks(v.pose, ground.scene().up())).append(". ");
        int count = subject.selection().nodes().size();
        if (count == 0) {
            out.append("Nothing is selected.");
        } else if (count == 1) {
            out.append(ground.nameOf(subject.selection().last())).append(" is selected.");
        } else {
            out.append(count).append(" objects are selected.");
        }
        return out.toString();
    }

    private static String looks(Pose p, UpAxis up) {
        String far = p.projection() instanceof Projection.Orthographic o
                ? Lengths.words(o.extent()) + " high"
                : "focus " + Lengths.words(p.focus()) + " away";
        Standard s = Standard.exactly(p.orientation(), up);
        if (s != null) {
            return "Looks from the " + s.words().toLowerCase(Locale.ROOT) + ", " + far;
        }
        Heading h = Heading.of(p.orientation(), up);
        double pitch = Math.toDegrees(h.pitch());
        double roll = Math.toDegrees(Heading.roll(p.orientation(), up));
        return "Looks " + Lengths.fixed(Math.toDegrees(h.yaw()), 0) + "° round and "
                + Lengths.fixed(Math.abs(pitch), 0) + "° " + (pitch < 0 ? "down" : "up")
                + (Math.abs(roll) < 0.5 ? "" : ", tilted by " + Lengths.fixed(roll, 0) + "°") + ", " + far;
    }
}
