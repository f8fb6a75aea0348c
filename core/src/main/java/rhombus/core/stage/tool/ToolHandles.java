package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.edit.TransformAxes;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Screen;

/** The handles of a tool: a constant size on the screen, none for what is seen end on or edge on. */
public final class ToolHandles {
    /** Length of an arm, pixels. */
    public static final double LENGTH = 84;
    /** Where an arm begins. */
    private static final double INNER = 18;
    /** How far from a handle a press still takes it. */
    private static final double REACH = 9;
    /** An arm that looks shorter than this is left out. */
    private static final double SHORTEST = 18;
    /** Middle of a plane's lozenge, from the origin along both axes, as a part of an arm. */
    private static final double PLANE_AT = 0.4;
    /** Half a plane's lozenge, as a part of an arm. */
    private static final double PLANE_HALF = 0.13;
    /** A plane's lozenge that looks smaller than this many square pixels is left out. */
    private static final double SMALLEST = 40;
    /** Half the lozenge in the middle, pixels. */
    private static final double CENTRE = 11;
    /** Radius of the ring about the line of sight, as a part of an arm. */
    private static final double VIEW_RING = 1.18;

    private static final int SEGMENTS = 48;
    /** How much of a ring is drawn to each side of its point nearest to the eye, radians. */
    private static final double HALF_ARC = Math.toRadians(80);
    /** A ring seen more squarely than this (cosine) is drawn whole. */
    private static final double FACING = 0.95;
    /** A ring seen flatter than this (cosine) is seen edge on. */
    private static final double EDGE_ON = 0.2;

    private final Screen screen;
    private final Vec3 origin;
    private final TransformAxes axes;
    private final double metres;
    private final double[] middle;
    private final List<ToolHandle> list = new ArrayList<>();

    private ToolHandles(Screen screen, Vec3 origin, TransformAxes axes) {
        this.screen = screen;
        this.origin = origin;
        this.axes = axes;
        Vec3 m = screen.project(origin);
        boolean seen = screen.pose().projection().flat() || m.z() > 0;
        metres = seen ? screen.metresPerPixel(m.z()) * LENGTH : Double.NaN;
        middle = new double[] {m.x(), m.y()};
    }

    /** The handles of a tool in a viewport, the ones that win where several are hit first. */
    static List<ToolHandle> of(ToolSort tool, Screen screen, Vec3 origin, TransformAxes axes) {
        ToolHandles h = new ToolHandles(screen, origin, axes);
        if (Double.isNaN(h.metres)) {
            return List.of();
        }
        switch (tool) {
            case MOVE -> {
                h.centre("view");
                h.planes();
                h.arms();
            }
            case SCALE -> {
                h.centre("all");
                h.planes();
                h.arms();
            }
            case ROTATE -> h.rings();
        }
        return h.list;
    }

    /** The handle at a point, or null. */
    public static ToolHandle at(List<ToolHandle> handles, double x, double y) {
        ToolHandle best = null;
        double nearest = REACH;
        for (ToolHandle h : handles) {
            double d = h.distance(x, y);
            if (d < nearest) {
                nearest = d;
                best = h;
            }
        }
        return best;
    }

    private void put(double[] out, int at, Vec3 p) {
        Vec3 s = screen.project(p);
        out[at] = s.x();
        out[at + 1] = s.y();
    }

    private boolean behind(Vec3 p) {
        return !screen.pose().projection().flat() && screen.project(p).z() <= 0;
    }

    private void centre(String id) {
        double x = middle[0];
        double y = middle[1];
        list.add(new ToolHandle(
                id, ToolHandle.Sort.CENTRE, -1, new double[] {x, y - CENTRE, x + CENTRE, y, x, y + CENTRE, x - CENTRE, y
                }));
    }

    private void arms() {
        for (int i = 0; i < 3; i++) {
            Vec3 end = origin.plus(axes.axis(i), metres);
            if (behind(end)) {
                continue;
            }
            double[] p = new double[4];
            put(p, 2, end);
            double dx = p[2] - middle[0];
            double dy = p[3] - middle[1];
            if (Math.hypot(dx, dy) >= SHORTEST) {
                p[0] = middle[0] + dx * INNER / LENGTH;
                p[1] = middle[1] + dy * INNER / LENGTH;
                list.add(new ToolHandle("xyz".substring(i, i + 1), ToolHandle.Sort.ARM, i, p));
            }
        }
    }

    private void planes() {
        String[] names = {"yz", "zx", "xy"};
        for (int i = 0; i < 3; i++) {
            Vec3 u = axes.axis((i + 1) % 3).times(metres);
            Vec3 w = axes.axis((i + 2) % 3).times(metres);
            Vec3 m = origin.plus(u, PLANE_AT).plus(w, PLANE_AT);
            double[] p = new double[8];
            put(p, 0, m.plus(u, PLANE_HALF));
            put(p, 2, m.plus(w, PLANE_HALF));
            put(p, 4, m.plus(u, -PLANE_HALF));
            put(p, 6, m.plus(w, -PLANE_HALF));
            double area = Math.abs((p[0] - p[4]) * (p[3] - p[7]) - (p[1] - p[5]) * (p[2] - p[6])) / 2;
            if (!behind(m) && area >= SMALLEST) {
                list.add(new ToolHandle(names[i], ToolHandle.Sort.PLANE, i, p));
            }
        }
    }

    private void rings() {
        Vec3 towards = screen.pose().projection().flat()
                ? screen.pose().orientation().back()
                : screen.pose().eye().minus(origin).unit();
        for (int i = 0; i < 3; i++) {
            Vec3 u = axes.axis((i + 1) % 3);
            Vec3 w = axes.axis((i + 2) % 3);
            double across = Math.abs(axes.axis(i).dot(towards));
            double near = Math.atan2(w.dot(towards), u.dot(towards));
            if (across > FACING) {
                ring("xyz".substring(i, i + 1), i, u, w, 1, Math.PI / 4, Math.PI, 0);
            } else {
                // Edge on, the nearest point is in the middle: there the lozenge would hide the others'.
                ring("xyz".substring(i, i + 1), i, u, w, 1, near, HALF_ARC, across < EDGE_ON ? HALF_ARC * 0.6 : 0);
            }
        }
        ring(
                "view",
                -1,
                screen.pose().orientation().right(),
                screen.pose().orientation().up(),
                VIEW_RING,
                Math.PI * 0.75,
                Math.PI,
                0);
    }

    /** A circle from one side of an angle to the other, with its lozenge beside that angle. */
    private void ring(String id, int axis, Vec3 u, Vec3 w, double size, double at, double half, double beside) {
        double[] p = new double[(SEGMENTS + 2) * 2];
        for (int k = 0; k <= SEGMENTS + 1; k++) {
            double a = k > SEGMENTS ? at + beside : at - half + 2 * half * k / SEGMENTS;
            Vec3 q = origin.plus(u, Math.cos(a) * metres * size).plus(w, Math.sin(a) * metres * size);
            if (behind(q)) {
                return;
            }
            put(p, k * 2, q);
        }
        list.add(new ToolHandle(id, ToolHandle.Sort.RING, axis, p));
    }

    /** What a handle acts along or about. */
    private static String words(String id) {
        return switch (id) {
            case "yz" -> say("handles.y-and-z");
            case "zx" -> say("handles.z-and-x");
            case "xy" -> say("handles.x-and-y");
            case "view" -> say("handles.the-picture");
            case "all" -> say("handles.all-axes");
            default -> id.toUpperCase();
        };
    }

    /** The handles as marks; the one the pointer is on, or that is dragged, is lit. */
    static List<ToolHandleMark> marks(List<ToolHandle> handles, String lit, ToolSort tool) {
        List<ToolHandleMark> out = new ArrayList<>();
        for (ToolHandle h : handles) {
            out.add(new ToolHandleMark(
                    h.id(),
                    h.sort().name().toLowerCase(),
                    h.axis() < 0 ? null : "xyz".substring(h.axis(), h.axis() + 1),
                    h.points(),
                    h.id().equals(lit),
                    say(tool.deed(), words(h.id()))));
        }
        return out;
    }
}
