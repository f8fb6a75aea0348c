package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.pick.Marquee;
import rhombus.core.plain.Plain;

/** A rectangle drawn over a viewport; what it takes is shown while it is drawn, and coming back to its start takes nothing. */
final class MarqueeMotion implements Motion {
    /** A drag shorter than this on both sides takes nothing, pixels. */
    private static final double LEAST = 4;

    private final Stage stage;
    private final ViewState view;
    private final String how;
    private final List<Integer> before;
    private final double x0;
    private final double y0;
    private double x1;
    private double y1;

    MarqueeMotion(Stage stage, ViewState view, String how, double x, double y) {
        this.stage = stage;
        this.view = view;
        this.how = how;
        this.before = stage.selection().nodes();
        x0 = x1 = x;
        y0 = y1 = y;
    }

    ViewState view() {
        return view;
    }

    private boolean inside() {
        return stage.habits().is(AllHabits.MARQUEE, "inside") || stage.habits().is(AllHabits.MARQUEE, "direction") && x1 >= x0;
    }

    @Override
    public void drag(double lx, double ly) {
        x1 = lx;
        y1 = ly;
        Selection s = stage.selection();
        if (!how.equals("pick")) {
            s.only(before);
        }
        if (Math.abs(x1 - x0) >= LEAST || Math.abs(y1 - y0) >= LEAST) {
            take(Marquee.marks(stage.scene(), stage.surfaces(), view.screen(), x0, y0, x1, y1, inside()));
        } else {
            takeBack();
        }
    }

    private void take(boolean[] marks) {
        Selection s = stage.selection();
        if (how.equals("pick")) {
            s.only(marks);
            stage.selectionChanged();
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
        stage.selectionChanged();
    }

    /** As it was before. */
    void takeBack() {
        stage.selection().only(before);
        stage.selectionChanged();
    }

    Map<String, Object> mark() {
        return Plain.map("x", Math.min(x0, x1), "y", Math.min(y0, y1), "width", Math.abs(x1 - x0), "height", Math.abs(y1 - y0),
                "inside", inside(), "words", (inside() ? "inside" : "touching") + " · " + stage.selection().count());
    }
}
