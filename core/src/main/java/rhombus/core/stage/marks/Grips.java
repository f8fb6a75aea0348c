package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Catalogue;
import rhombus.core.keymap.Command;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** Lozenges to drag: three at the edge of each viewport, and the nine of the Pad around the pointer. */
public final class Grips {
    /** Half the width of a lozenge of the Pad, pixels. */
    public static final double HALF_WIDTH = 38;
    /** Half its height. */
    public static final double HALF_HEIGHT = 30;
    /** Half the diagonal of a lozenge at the edge: together with the room around it 24 pixels and more (WCAG 2.2, 2.5.8). */
    public static final double EDGE_HALF = 15;

    private static final double GAP = 3;
    private static final double EDGE_STEP = 30;
    private static final double LOW = 240;
    private static final String[] EDGE = {"navigate.dolly", "navigate.pan", "navigate.orbit"};
    /** From the top of the big rhombus row by row down its diagonals. */
    private static final String[] PAD = {
        "navigate.dolly", "navigate.look", "navigate.pan",
        "navigate.zoom", "navigate.orbit", "navigate.drive",
        "navigate.roll", "navigate.dolly-zoom", "navigate.crop"
    };

    private final Ground ground;
    private final Catalogue catalogue;
    private ViewState padView;
    private double padX;
    private double padY;
    private double anchorX;
    private double anchorY;
    private boolean held;
    private boolean used;

    /** Lozenges for some of the commands there are. */
    public Grips(Ground ground, Catalogue catalogue) {
        this.ground = ground;
        this.catalogue = catalogue;
    }

    /**
     * A lozenge.
     *
     * @param view viewport it acts on
     * @param command motion it makes
     * @param x its middle, pixels of the viewport
     * @param y its middle
     * @param anchorX point of the viewport on which its motion takes hold
     * @param anchorY point of the viewport on which its motion takes hold
     */
    public record Grip(
            ViewState view, Command command, double x, double y, double anchorX, double anchorY, boolean pad) {}

    public boolean padOpen() {
        return padView != null;
    }

    public ViewState padView() {
        return padView;
    }

    /** Opens the Pad around a point of a viewport; NaN for its middle. */
    public void openPad(ViewState v, double lx, double ly, boolean byKey) {
        if (padView != null && !byKey) {
            closePad();
            return;
        }
        // A second tap of the key means to close what the first one left open.
        used = padView != null;
        padView = v;
        held = byKey;
        anchorX = Double.isNaN(lx) ? v.width / 2 : lx;
        anchorY = Double.isNaN(ly) ? v.height / 2 : ly;
        double w = 3 * (HALF_WIDTH + GAP);
        double h = 3 * (HALF_HEIGHT + GAP);
        padX = within(anchorX, w, v.width - w);
        padY = within(anchorY, h, v.height - h);
        ground.changes().view(v.number);
    }

    /** In the middle where there is no room to choose from. */
    private static double within(double v, double lo, double hi) {
        return lo > hi ? (lo + hi) / 2 : Math.max(lo, Math.min(hi, v));
    }

    /** The key was let go: after a tap the Pad stays until it has been used. */
    public void letGo(boolean tap) {
        held = false;
        if ((!tap || used) && !ground.pointer().moving()) {
            closePad();
        }
    }

    /** Somebody clicked or dragged beside the Pad while no key holds it open: it closes. */
    public boolean dismissed(ViewState v, double lx, double ly) {
        if (padView == null || held || at(v, lx, ly) != null) {
            return false;
        }
        closePad();
        return true;
    }

    /** A motion from the Pad has ended. */
    public void used() {
        used = true;
        if (!held) {
            closePad();
        }
    }

    public void closePad() {
        if (padView != null) {
            ground.changes().view(padView.number);
            padView = null;
        }
    }

    private List<Grip> ofPad() {
        List<Grip> out = new ArrayList<>();
        for (int i = 0; i < PAD.length; i++) {
            int a = i / 3 - 1;
            int b = i % 3 - 1;
            double x = padX + (a - b) * (HALF_WIDTH + GAP);
            double y = padY + (a + b) * (HALF_HEIGHT + GAP);
            out.add(new Grip(padView, catalogue.command(PAD[i]), x, y, anchorX, anchorY, true));
        }
        return out;
    }

    private List<Grip> atEdge(ViewState v) {
        List<Grip> out = new ArrayList<>();
        // Only where the hand is: in the others they would be in the way.
        if (ground.board().active() != v
                || ground.walks().view() == v
                || !ground.habits().on(AllHabits.LOZENGES)
                || !v.shows(Overlay.LOZENGES)
                || v.height < LOW
                || v.width < LOW) {
            return out;
        }
        double x = v.width - 23;
        FacetMark facet = FacetMark.of(v);
        double y = facet.y() - facet.ring() - 34;
        for (int i = 0; i < EDGE.length; i++) {
            out.add(new Grip(v, catalogue.command(EDGE[i]), x, y - i * EDGE_STEP, v.width / 2, v.height / 2, false));
        }
        return out;
    }

    /** The lozenge under a point of a viewport, or null. */
    public Grip at(ViewState v, double lx, double ly) {
        if (padView == v) {
            for (Grip g : ofPad()) {
                if (Math.abs(lx - g.x) / HALF_WIDTH + Math.abs(ly - g.y) / HALF_HEIGHT <= 1) {
                    return g;
                }
            }
            return null;
        }
        for (Grip g : atEdge(v)) {
            if (Math.abs(lx - g.x) + Math.abs(ly - g.y) <= EDGE_HALF) {
                return g;
            }
        }
        return null;
    }

    /** The lozenges to show in a viewport, in its own pixels. */
    public List<GripMark> marks(ViewState v) {
        List<GripMark> out = new ArrayList<>();
        boolean moving = ground.pointer().moving();
        if (moving) {
            return out;
        }
        Grip under = v.holds(ground.pointer().x(), ground.pointer().y())
                ? at(v, ground.pointer().x() - v.x, ground.pointer().y() - v.y)
                : null;
        for (Grip g : padView == v ? ofPad() : atEdge(v)) {
            out.add(new GripMark(
                    g.command.spoken().name(),
                    g.command.spoken().name(v.pose.projection().flat()),
                    g.x,
                    g.y,
                    g.pad ? HALF_WIDTH : EDGE_HALF,
                    g.pad ? HALF_HEIGHT : EDGE_HALF,
                    g.equals(under),
                    g.pad));
        }
        return out;
    }
}
