package rhombus.core.stage.motion;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/**
 * A dolly of any length from one start: towards a target, and once through it towards the next one behind. Where the legs
 * begin depends only on the way, so going back along it comes by the same poses.
 */
public final class DollyPath {
    private static final int MOST_LEGS = 64;

    private record Leg(Pose start, DollyTarget target, double from, double to) {}

    private final StageContext ground;
    private final SubjectParts subject;
    private final Viewport view;
    private final double lx;
    private final double ly;
    private final List<Leg> legs = new ArrayList<>();

    public DollyPath(StageContext ground, SubjectParts subject, Viewport view, Pose start, double lx, double ly) {
        this.ground = ground;
        this.subject = subject;
        this.view = view;
        this.lx = lx;
        this.ly = ly;
        add(start, 0);
    }

    private void add(Pose start, double from) {
        DollyTarget t = DollyTarget.at(ground, subject, view, start, lx, ly);
        legs.add(new Leg(start, t, from, from + t.notchesThrough(start)));
    }

    /** The pose after so many notches since the start. */
    public Pose at(double notches) {
        Leg last = legs.get(legs.size() - 1);
        while (notches > last.to && legs.size() < MOST_LEGS) {
            add(last.target.dolly(last.start, last.to - last.from), last.to);
            last = legs.get(legs.size() - 1);
        }
        for (int i = legs.size() - 1; i > 0; i--) {
            Leg leg = legs.get(i);
            if (notches >= leg.from) {
                return leg.target.dolly(leg.start, notches - leg.from);
            }
        }
        Leg first = legs.get(0);
        return first.target.dolly(first.start, notches);
    }

    /** Distance to what it went towards first, metres. */
    public double distance() {
        return legs.get(0).target.distance();
    }

    /** Line of sight it goes along. */
    public rhombus.core.geometry.Ray line() {
        return legs.get(0).target.line();
    }
}
