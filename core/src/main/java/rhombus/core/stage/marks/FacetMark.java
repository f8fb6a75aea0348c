package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.habits.AllHabits;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Facet;
import rhombus.core.view.Heading;
import rhombus.core.view.Standard;

/**
 * Where the Facet stands in a viewport and what a point of it means.
 *
 * @param x its middle, pixels of the viewport
 * @param y its middle
 * @param radius of the solid, pixels
 * @param ring outer radius of the ring, pixels
 */
public record FacetMark(double x, double y, double radius, double ring) {
    /** What its middle means. */
    public static final String HOME = "home";
    /** What the left half of the ring means. */
    public static final String ROLL_LEFT = "roll-left";
    /** What the right half of the ring means. */
    public static final String ROLL_RIGHT = "roll-right";

    private static final double MIDDLE = 6.5;
    /** Room around the ring for its mark of the horizon, pixels. */
    private static final double EDGE = 4;

    private static final double SMALLEST_VIEW = 150;
    /** Below this width, pixels, the Facet stands above the Plate instead of beside it. */
    private static final double BESIDE_PLATE = 400;
    /** Height of the Plate with a little room, pixels. */
    private static final double PLATE = 32;

    /** The place of a viewport's Facet. */
    public static FacetMark of(ViewState v) {
        boolean small = Math.min(v.width, v.height) < 420;
        double ring = small ? 42 : 52;
        double low = v.width < BESIDE_PLATE ? PLATE : 8;
        return new FacetMark(v.width - ring - 8, v.height - ring - low, small ? 30 : 38, ring);
    }

    public static boolean shown(Ground ground, ViewState v) {
        return ground.habits().on(AllHabits.FACET)
                && v.shows(Overlay.FACET)
                && Math.min(v.width, v.height) >= SMALLEST_VIEW;
    }

    /** What a point of the viewport means on its Facet: a direction's name, home, a roll; null beside it. */
    public static String at(Ground ground, ViewState v, double lx, double ly) {
        if (!shown(ground, v) || Double.isNaN(lx)) {
            return null;
        }
        FacetMark f = of(v);
        double d = Math.hypot(lx - f.x, ly - f.y);
        if (d > f.ring) {
            return null;
        }
        if (d <= MIDDLE) {
            return HOME;
        }
        Standard s = facet(ground, v).at((lx - f.x) / f.radius, (ly - f.y) / f.radius);
        if (s != null) {
            return s.name();
        }
        return d < f.radius * 0.9 ? null : lx < f.x ? ROLL_LEFT : ROLL_RIGHT;
    }

    private static Facet facet(Ground ground, ViewState v) {
        return new Facet(v.pose.orientation(), ground.scene().up());
    }

    /** What it says when a part of it is lit. */
    public static String words(String part) {
        return switch (part) {
            case HOME -> "Home";
            case ROLL_LEFT -> "Quarter roll left";
            case ROLL_RIGHT -> "Quarter roll right";
            default -> Standard.named(part).words();
        };
    }

    /** Everything to draw, in pixels from the corner of the square that holds it; {@code quiet} where the pointer means something else. */
    public static FacetPicture picture(Ground ground, ViewState v, boolean quiet) {
        if (!shown(ground, v)) {
            return null;
        }
        FacetMark place = of(v);
        double half = place.ring + EDGE;
        FacetMark f = new FacetMark(half, half, place.radius, place.ring);
        UpAxis up = ground.scene().up();
        String lit = lit(ground, v, quiet);
        Facet solid = facet(ground, v);
        List<FaceMark> faces = new ArrayList<>();
        for (Facet.Face face : solid.faces()) {
            faces.add(new FaceMark(
                    face.direction().name(),
                    scaled(face.points(), f),
                    face.facing(),
                    face.direction().name().equals(lit)));
        }
        List<CornerMark> corners = new ArrayList<>();
        for (Facet.Corner c : solid.corners()) {
            Standard s = c.direction();
            corners.add(new CornerMark(
                    s.name(),
                    f.x + c.x() * f.radius,
                    f.y + c.y() * f.radius,
                    s.axes() == 1 ? axis(s, up) : null,
                    s.axes() == 1 && positive(s, up),
                    s.name().equals(lit)));
        }
        double roll = Math.toDegrees(Heading.of(v.pose.orientation(), up).roll());
        return new FacetPicture(
                place.x - half,
                place.y - half,
                2 * half,
                f.x,
                f.y,
                f.radius,
                f.ring,
                faces,
                corners,
                roll,
                HOME.equals(lit) || middleIsFree(solid, f),
                lit,
                lit == null ? null : words(lit),
                Standard.nearest(v.pose.orientation(), up).name());
    }

    /** Whether the middle is free: with a corner there, as in every axis view, its letter counts for more than the mark. */
    private static boolean middleIsFree(Facet solid, FacetMark f) {
        for (Facet.Corner c : solid.corners()) {
            if (c.depth() > 0 && Math.hypot(c.x(), c.y()) * f.radius < 2 * MIDDLE) {
                return false;
            }
        }
        return true;
    }

    /** What the pointer is over, or what the keyboard has chosen. */
    private static String lit(Ground ground, ViewState v, boolean quiet) {
        if (v.facetAim != null) {
            return v.facetAim;
        }
        boolean here = !quiet
                && !ground.pointer().moving()
                && v.holds(ground.pointer().x(), ground.pointer().y());
        return here ? at(ground, v, ground.pointer().x() - v.x, ground.pointer().y() - v.y) : null;
    }

    private static double[] scaled(double[] p, FacetMark f) {
        double[] out = new double[p.length];
        for (int i = 0; i < p.length; i += 2) {
            out[i] = Math.rint((f.x + p[i] * f.radius) * 10) / 10;
            out[i + 1] = Math.rint((f.y + p[i + 1] * f.radius) * 10) / 10;
        }
        return out;
    }

    /** World axis on which an axis view looks. */
    private static String axis(Standard s, UpAxis up) {
        var w = s.towardsEye(up);
        return w.x() != 0 ? "x" : Math.abs(w.y()) > 0.5 ? "y" : "z";
    }

    private static boolean positive(Standard s, UpAxis up) {
        var w = s.towardsEye(up);
        return w.x() + w.y() + w.z() > 0;
    }
}
