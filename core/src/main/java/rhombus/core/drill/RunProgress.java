package rhombus.core.drill;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.boards.TrailState;
import rhombus.core.stage.show.views.StageSummary;
import rhombus.core.stage.show.views.ViewportDetail;

/** Follows a run from moment to moment: how much is done, how far the eye went, how often it went back. */
final class RunProgress {
    private final DrillJudge judge;
    private final List<Double> parts = new ArrayList<>();
    private final List<Double> path = new ArrayList<>();
    private double part;
    private double metres;
    private int back;
    private StageSummary last;
    private String view = "";
    private Vec3 eye;
    private Vec3 aim;
    private int index;

    RunProgress(DrillJudge judge) {
        this.judge = judge;
    }

    /** A moment, so many seconds after the first thing the hand did. */
    void moment(Stage stage, double seconds) {
        StageSummary g = stage.views().glance();
        if (!g.same(last)) {
            last = g;
            look(stage);
        }
        while (parts.size() * RunScore.STEP <= seconds) {
            parts.add(part);
            for (Vec3 p : List.of(eye, aim)) {
                path.addAll(List.of(p.x(), p.y(), p.z()));
            }
        }
    }

    private void look(Stage stage) {
        ObservedStage s = new ObservedStage(stage);
        part = judge.sees(s);
        ViewportDetail v = s.active();
        TrailState trail = stage.viewport().trail(v.id());
        int now = trail == null ? 0 : trail.index();
        if (v.id().equals(view)) {
            metres += v.eye().distance(eye);
            back += Math.max(0, index - now);
        }
        view = v.id();
        eye = v.eye();
        aim = eye.plus(v.forward(), v.focusDistance());
        index = now;
    }

    double part() {
        return part;
    }

    boolean done() {
        return part >= 1;
    }

    int lost() {
        return judge.lost();
    }

    RunScore score(double seconds) {
        // An eye that stays where it is goes some 1e-14 m by rounding: what is less than a micrometre is nothing.
        double gone = Math.rint(metres * 1e6) / 1e6;
        return new RunScore(seconds, gone, back, judge.lost(), List.copyOf(parts), List.copyOf(path));
    }
}
