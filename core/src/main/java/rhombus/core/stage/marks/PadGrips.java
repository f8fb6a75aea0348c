package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Lozenges to drag: the nine of the Pad around the pointer, and two at corners of each Rose. */
public final class PadGrips {
    /** Half the width of a lozenge of the Pad, pixels. */
    public static final double HALF_WIDTH = 38;
    /** Half its height. */
    public static final double HALF_HEIGHT = 30;

    private static final double GAP = 3;
    /** From the top of the big rhombus row by row down its diagonals. */
    private static final String[] PAD = {
        "navigate.dolly", "navigate.look", "navigate.pan",
        "navigate.zoom", "navigate.orbit", "navigate.drive",
        "navigate.roll", "navigate.dolly-zoom", "navigate.crop"
    };

    private final StageContext ground;
    private final CommandCatalogue catalogue;
    private Viewport padView;
    private double padX;
    private double padY;
    private double anchorX;
    private double anchorY;
    private boolean held;
    private boolean used;

    /** Lozenges for some of the commands there are. */
    public PadGrips(StageContext ground, CommandCatalogue catalogue) {
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
            Viewport view, Command command, double x, double y, double anchorX, double anchorY, boolean pad) {}

    public boolean padOpen() {
        return padView != null;
    }

    public Viewport padView() {
        return padView;
    }

    /** Opens the Pad around a point of a viewport; NaN for its middle. */
    public void openPad(Viewport v, double lx, double ly, boolean byKey) {
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
    public boolean dismissed(Viewport v, double lx, double ly) {
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

    /** The lozenge at a corner of a viewport's Rose, or null; its motion takes hold of the middle of the view. */
    private Grip atCorner(Viewport v, double lx, double ly) {
        String part = ground.walks().view() == v ? null : RoseMark.at(ground, v, lx, ly);
        String motion =
                RoseMark.PAN.equals(part) ? "navigate.pan" : RoseMark.DOLLY.equals(part) ? "navigate.dolly" : null;
        return motion == null ? null : new Grip(v, catalogue.command(motion), lx, ly, v.width / 2, v.height / 2, false);
    }

    /** The lozenge under a point of a viewport, or null. */
    public Grip at(Viewport v, double lx, double ly) {
        if (padView == v) {
            for (Grip g : ofPad()) {
                if (Math.abs(lx - g.x) / HALF_WIDTH + Math.abs(ly - g.y) / HALF_HEIGHT <= 1) {
                    return g;
                }
            }
            return null;
        }
        return atCorner(v, lx, ly);
    }

    /** The lozenges of the Pad to show in a viewport, in its own pixels. */
    public List<PadGripMark> marks(Viewport v) {
        List<PadGripMark> out = new ArrayList<>();
        if (ground.pointer().moving() || padView != v) {
            return out;
        }
        Grip under = v.holds(ground.pointer().x(), ground.pointer().y())
                ? at(v, ground.pointer().x() - v.x, ground.pointer().y() - v.y)
                : null;
        for (Grip g : ofPad()) {
            out.add(new PadGripMark(
                    g.command.spoken().name(),
                    g.command.spoken().name(v.pose.projection().flat()),
                    g.x,
                    g.y,
                    HALF_WIDTH,
                    HALF_HEIGHT,
                    g.equals(under)));
        }
        return out;
    }
}
