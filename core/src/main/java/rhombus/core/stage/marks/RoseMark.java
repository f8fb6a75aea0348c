package rhombus.core.stage.marks;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Rose;
import rhombus.core.view.StandardDirection;

/**
 * Where the Rose stands in a viewport and what a point of it means.
 *
 * @param x its middle, pixels of the viewport
 * @param y its middle
 * @param half from the middle to the middle of its corners
 * @param radius of the chart; a drag as long as this is a right angle
 * @param corner half the diagonal of a corner's lozenge
 * @param scale of the directions' lozenges
 */
public record RoseMark(double x, double y, double half, double radius, double corner, double scale) {
    /** What its upper corner means. */
    public static final String HOME = "home";
    /** What its lower corner means. */
    public static final String OPPOSITE = "opposite";
    /** What its left corner means. */
    public static final String PAN = "pan";
    /** What its right corner means. */
    public static final String DOLLY = "dolly";
    /** What its edge means. */
    public static final String RIM = "rim";
    /** What it means where nothing else is. */
    public static final String CHART = "chart";

    /** Half the side of the square around a corner's middle that means the corner (WCAG 2.2, 2.5.8: 24 pixels). */
    private static final double CORNER_REACH = 12;
    /** How near to a direction the pointer has to be. */
    private static final double REACH = 12;
    /** Part of the radius at which the rim begins. */
    private static final double RIM_BEGINS = 0.86;

    private static final double AXIS = 9;
    private static final double TWO_AXIS = 3.4;
    private static final double ISOMETRIC = 2.6;
    private static final double BEHIND = 0.8;

    private static final double SMALLEST_VIEW = 150;
    /** A viewport with a side below this has the small one. */
    private static final double SMALL_VIEW = 300;
    /** The small one stands back until the pointer is as near as this. */
    private static final double NEAR = 40;
    /** Below this width, pixels, the Rose stands above the Plate instead of beside it. */
    private static final double BESIDE_PLATE = 400;
    /** Height of the Plate with a little room, pixels. */
    private static final double PLATE = 32;

    private static final double EDGE = 8;
    /** The longest piece of a curve, pixels. */
    private static final double PIECE = 5;

    /** The place of a viewport's Rose. */
    public static RoseMark of(Viewport v) {
        boolean small = small(v);
        double half = small ? 34 : 54;
        double corner = small ? 8 : 12;
        double out = half + corner;
        double low = v.width < BESIDE_PLATE ? PLATE : EDGE;
        return new RoseMark(v.width - out - EDGE, v.height - out - low, half, small ? 20 : 36, corner, small ? 0.7 : 1);
    }

    private static boolean small(Viewport v) {
        return Math.min(v.width, v.height) < SMALL_VIEW;
    }

    /** Whether a viewport has one. */
    public static boolean shown(StageContext ground, Viewport v) {
        return ground.habits().on(AllHabits.ROSE)
                && v.shows(Overlay.ROSE)
                && Math.min(v.width, v.height) >= SMALLEST_VIEW;
    }

    /** What a point of the viewport means on its Rose: a direction's name or one of the parts above; null beside it. */
    public static String at(StageContext ground, Viewport v, double lx, double ly) {
        return shown(ground, v) && !Double.isNaN(lx) ? of(v).part(rose(ground, v), lx, ly) : null;
    }

    private String part(Rose rose, double lx, double ly) {
        String at = cornerAt(lx, ly);
        if (at != null) {
            return at;
        }
        double dx = lx - x;
        double dy = ly - y;
        if (Math.abs(dx) + Math.abs(dy) > half) {
            return null;
        }
        StandardDirection s = rose.at(dx / radius, dy / radius, REACH / radius);
        return s != null ? s.name() : onRim(lx, ly) ? RIM : CHART;
    }

    private String cornerAt(double lx, double ly) {
        double dx = Math.abs(lx - x);
        double dy = Math.abs(ly - y);
        if (dx <= CORNER_REACH && Math.abs(dy - half) <= CORNER_REACH) {
            return ly < y ? HOME : OPPOSITE;
        }
        if (dy <= CORNER_REACH && Math.abs(dx - half) <= CORNER_REACH) {
            return lx < x ? PAN : DOLLY;
        }
        return null;
    }

    /** Whether a drag from a point of the viewport rolls the view; directions may lie there too and are clicked. */
    public static boolean rim(StageContext ground, Viewport v, double lx, double ly) {
        if (!shown(ground, v) || Double.isNaN(lx)) {
            return false;
        }
        RoseMark m = of(v);
        return m.cornerAt(lx, ly) == null && Math.abs(lx - m.x) + Math.abs(ly - m.y) <= m.half && m.onRim(lx, ly);
    }

    private boolean onRim(double lx, double ly) {
        return Math.hypot(lx - x, ly - y) >= RIM_BEGINS * radius;
    }

    private static Rose rose(StageContext ground, Viewport v) {
        return new Rose(v.pose.orientation(), ground.scene().up());
    }

    /** What it says when a part of it is lit; a flat view has no eye to move, there the dolly scales. */
    public static String words(String part, boolean flat) {
        return switch (part) {
            case HOME -> say("rose-mark.home");
            case OPPOSITE -> say("rose-mark.opposite-side");
            case PAN -> say("rose-mark.pan-drag");
            case DOLLY -> flat ? say("rose-mark.scale-drag") : say("rose-mark.dolly-drag");
            case RIM -> say("rose-mark.roll-drag");
            case CHART -> say("rose-mark.orbit-drag");
            default -> StandardDirection.named(part).words();
        };
    }

    /** Everything to draw; {@code quiet} where the pointer means something else. */
    public static RosePicture picture(StageContext ground, Viewport v, boolean quiet) {
        if (!shown(ground, v)) {
            return null;
        }
        RoseMark m = of(v);
        double out = m.half + m.corner;
        UpAxis up = ground.scene().up();
        Rose rose = rose(ground, v);
        String lit = lit(ground, v, quiet);
        List<RoseCurve> curves = new ArrayList<>(3);
        for (Vec3 axis : List.of(up.front(), up.right(), up.up())) {
            curves.add(new RoseCurve(m.scaled(rose.circle(axis, PIECE / m.radius)), axis == up.up()));
        }
        List<RoseLozenge> lozenges = new ArrayList<>(26);
        for (Rose.Spot s : rose.spots()) {
            lozenges.add(m.lozenge(s, up));
        }
        return new RosePicture(
                m.x - out,
                m.y - out,
                2 * out,
                m.half,
                m.radius,
                m.corner,
                small(v) ? 8 : 11,
                m.faded(ground, v),
                curves,
                lozenges,
                lit,
                lit == null ? null : words(lit, v.pose.projection().flat()),
                StandardDirection.nearest(v.pose.orientation(), up).name());
    }

    private boolean faded(StageContext ground, Viewport v) {
        double dx = Math.abs(ground.pointer().x() - v.x - x);
        double dy = Math.abs(ground.pointer().y() - v.y - y);
        boolean near = v.holds(ground.pointer().x(), ground.pointer().y())
                && Math.max(dx, dy) <= half + corner + NEAR
                && !ground.pointer().moving();
        return small(v) && !near && v.roseAim == null;
    }

    private RoseLozenge lozenge(Rose.Spot s, UpAxis up) {
        StandardDirection d = s.direction();
        boolean behind = s.depth() < -1e-9;
        double size = d.axes() == 1 ? AXIS : d.axes() == 2 ? TWO_AXIS : ISOMETRIC;
        Vec3 w = d.towardsEye(up);
        String axis = d.axes() > 1 ? null : Math.abs(w.x()) > 0.5 ? "x" : Math.abs(w.y()) > 0.5 ? "y" : "z";
        return new RoseLozenge(
                d.name(),
                tenth(s.x() * radius),
                tenth(s.y() * radius),
                size * scale * (behind ? BEHIND : 1),
                axis,
                w.x() + w.y() + w.z() > 0,
                behind);
    }

    /** What the pointer is over, or what the keyboard has chosen. */
    private static String lit(StageContext ground, Viewport v, boolean quiet) {
        if (v.roseAim != null) {
            return v.roseAim;
        }
        boolean here = !quiet
                && !ground.pointer().moving()
                && v.holds(ground.pointer().x(), ground.pointer().y());
        return here ? at(ground, v, ground.pointer().x() - v.x, ground.pointer().y() - v.y) : null;
    }

    private double[] scaled(double[] p) {
        for (int i = 0; i < p.length; i++) {
            p[i] = tenth(p[i] * radius);
        }
        return p;
    }

    private static double tenth(double pixels) {
        return Math.rint(pixels * 10) / 10;
    }
}
