package rhombus.core.stage;

import java.util.List;
import rhombus.core.display.DisplayMode;

/** Four viewports, two by two: top and scout above, front and right below. One of them can fill the board. */
final class Board {
    /** Pixels between viewports. */
    static final double GAP = 3;

    final List<ViewState> views = List.of(
            new ViewState(0, DisplayMode.WIRE),
            new ViewState(1, DisplayMode.SMOOTH_EDGES),
            new ViewState(2, DisplayMode.WIRE),
            new ViewState(3, DisplayMode.WIRE));
    int active = 1;
    /** Number of the viewport that fills the board, or -1. */
    int solo = -1;
    /** Whether everything but the viewports is hidden. */
    boolean clearDeck;
    private double width = 1;
    private double height = 1;

    ViewState active() {
        return views.get(active);
    }

    void resize(double w, double h) {
        width = Math.max(1, w);
        height = Math.max(1, h);
        layOut();
    }

    void layOut() {
        double w = Math.max(1, Math.floor((width - GAP) / 2));
        double h = Math.max(1, Math.floor((height - GAP) / 2));
        for (ViewState v : views) {
            v.shown = solo < 0 || solo == v.number;
            boolean right = v.number % 2 == 1;
            boolean low = v.number >= 2;
            v.x = solo >= 0 || !right ? 0 : w + GAP;
            v.y = solo >= 0 || !low ? 0 : h + GAP;
            v.width = solo >= 0 ? width : right ? Math.max(1, width - w - GAP) : w;
            v.height = solo >= 0 ? height : low ? Math.max(1, height - h - GAP) : h;
        }
    }

    ViewState at(double x, double y) {
        for (ViewState v : views) {
            if (v.holds(x, y)) {
                return v;
            }
        }
        return null;
    }

    ViewState named(String id) {
        for (ViewState v : views) {
            if (v.id.equals(id)) {
                return v;
            }
        }
        return null;
    }
}
