package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.habits.AllHabits;
import rhombus.core.pick.MarqueePick;
import rhombus.core.stage.subject.Selection;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** A rectangle drawn over a viewport; what it takes is shown while it is drawn, and coming back to its start takes nothing. */
public final class MarqueeMotion implements Motion {
    /** A drag shorter than this on both sides takes nothing, pixels. */
    private static final double LEAST = 4;

    private final StageContext ground;
    private final SubjectParts subject;
    private final Viewport view;
    private final String how;
    private final List<Integer> before;
    private final double x0;
    private final double y0;
    private double x1;
    private double y1;

    public MarqueeMotion(StageContext ground, SubjectParts subject, Viewport view, String how, double x, double y) {
        this.ground = ground;
        this.subject = subject;
        this.view = view;
        this.how = how;
        this.before = subject.selection().nodes();
        x0 = x1 = x;
        y0 = y1 = y;
    }

    public Viewport view() {
        return view;
    }

    /** What the viewport does not show is not taken. */
    private void leaveOut(boolean[] marks) {
        for (int i = 0; i < marks.length; i++) {
            marks[i] &= switch (ground.scene().node(i).kind()) {
                case LIGHT -> view.shows(Overlay.LIGHTS);
                case CAMERA -> view.shows(Overlay.CAMERAS);
                default -> view.shows(Overlay.MESHES);
            };
        }
    }

    private boolean inside() {
        return ground.habits().is(AllHabits.MARQUEE, "inside")
                || ground.habits().is(AllHabits.MARQUEE, "direction") && x1 >= x0;
    }

    @Override
    public void drag(double lx, double ly) {
        x1 = lx;
        y1 = ly;
        Selection s = subject.selection();
        if (!how.equals("pick")) {
            s.only(before);
        }
        if (Math.abs(x1 - x0) >= LEAST || Math.abs(y1 - y0) >= LEAST) {
            take(MarqueePick.marks(ground.scene(), ground.model().surfaces(), view.screen(), x0, y0, x1, y1, inside()));
        } else {
            takeBack();
        }
    }

    private void take(boolean[] marks) {
        leaveOut(marks);
        Selection s = subject.selection();
        if (how.equals("pick")) {
            s.only(marks);
            subject.selection().changed();
            return;
        }
        boolean toggle = how.equals("toggle");
        for (int i = 0; i < marks.length; i++) {
            if (marks[i]) {
                if (toggle) {
                    s.toggle(i);
                } else {
                    s.add(i);
                }
            }
        }
        subject.selection().changed();
    }

    /** As it was before. */
    public void takeBack() {
        subject.selection().only(before);
        subject.selection().changed();
    }

    /** The rectangle as it is drawn. */
    public MarqueeMark mark() {
        return new MarqueeMark(
                Math.min(x0, x1),
                Math.min(y0, y1),
                Math.abs(x1 - x0),
                Math.abs(y1 - y0),
                inside(),
                (inside() ? say("marquee-motion.inside") : say("marquee-motion.touching")) + " · "
                        + subject.selection().count());
    }
}
