package rhombus.core.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.stage.show.views.ViewportDetail;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** What is asked for in drills. */
final class DrillJudges {
    /** So far from the eye of a view is as good as there, in parts of its focus distance or its height. */
    private static final double AWAY = 0.05;
    /** So far turned is as good as straight, radians. */
    private static final double ANGLE = Math.toRadians(3);
    /** So much larger or smaller is as good as the same, as a natural logarithm. */
    private static final double SCALE = 0.1;

    private DrillJudges() {}

    private static double part(double is, double wanted) {
        return Math.max(0, Math.min(1, is / wanted));
    }

    /** An object is to be seen in the active viewport, so many pixels large and with nothing before it. */
    static DrillJudge seen(String object, double pixels) {
        return s -> {
            ViewportDetail v = s.active();
            double size = part(s.size(v, object), pixels);
            return s.open(v, object) ? size : Math.min(0.9, size * 0.9);
        };
    }

    /** One object is to be brought close in the active viewport, and never to leave its picture. */
    static DrillJudge close(String object, double pixels) {
        return new DrillJudge() {
            private int lost;
            private boolean was;

            @Override
            public double sees(ObservedStage s) {
                double size = s.size(s.active(), object);
                if (size == 0 && was) {
                    lost++;
                }
                was = size > 0;
                return part(size, pixels);
            }

            @Override
            public int lost() {
                return lost;
            }
        };
    }

    /** One thing after the other. */
    static DrillJudge then(List<DrillJudge> steps) {
        return new DrillJudge() {
            private int at;

            @Override
            public double sees(ObservedStage s) {
                double part = steps.get(at).sees(s);
                if (part >= 1 && at < steps.size() - 1) {
                    at++;
                    part = 0;
                }
                return (at + part) / steps.size();
            }
        };
    }

    /** The active viewport stands where it stood, and looks the same way; distances count in parts of that to its focus. */
    static DrillJudge back(Vec3 eye, Vec3 forward, double focus) {
        return s -> {
            ViewportDetail v = s.active();
            double away = v.eye().distance(eye) / focus;
            return away < 0.02 && v.forward().dot(forward) > 0.9998 ? 1 : Math.max(0, 0.9 - away);
        };
    }

    /** The active viewport shows a view. */
    static DrillJudge view(Pose goal) {
        return s -> alike(s.pose(), goal);
    }

    /** How much of the way to a view a view is, 0 to 1; 1 where a hand that aims by eye cannot be asked for more (the numbers are ours). */
    static double alike(Pose is, Pose goal) {
        boolean flat = goal.projection().flat();
        Vec3 off = is.eye().minus(goal.eye());
        Vec3 ahead = goal.orientation().forward();
        // A flat view is the same wherever along its line of sight it stands.
        double away = flat ? off.minus(ahead.times(off.dot(ahead))).length() : off.length();
        double size = flat ? ((Projection.Orthographic) goal.projection()).extent() : goal.focus();
        double part = Math.min(
                part(AWAY * size, Math.max(AWAY * size, away)),
                part(ANGLE, Math.max(ANGLE, is.orientation().angleTo(goal.orientation()))));
        if (flat != is.projection().flat()) {
            return Math.min(0.5, part);
        }
        if (flat) {
            double scale = Math.abs(Math.log(((Projection.Orthographic) is.projection()).extent() / size));
            part = Math.min(part, part(SCALE, Math.max(SCALE, scale)));
        }
        return part;
    }

    /** Each of the viewports fills the board once, and then all are there again. */
    static DrillJudge round(int count) {
        return new DrillJudge() {
            private final Set<String> seen = new HashSet<>();

            @Override
            public double sees(ObservedStage s) {
                List<ViewportDetail> shown = s.shown();
                if (shown.size() == 1) {
                    seen.add(shown.get(0).id());
                }
                boolean all = seen.size() >= count && shown.size() >= count;
                return all ? 1 : 0.9 * part(seen.size(), count);
            }
        };
    }

    /** The walker stands within so many metres of a point, by foot all the way. */
    static DrillJudge walked(Vec3 to, double within) {
        return new DrillJudge() {
            private double first = Double.NaN;
            private int lost;
            private boolean flies;

            @Override
            public double sees(ObservedStage s) {
                ViewportDetail v = s.active();
                double d = Math.hypot(v.eye().x() - to.x(), v.eye().z() - to.z());
                first = Double.isNaN(first) ? d : first;
                boolean walks = "walk".equals(v.walking());
                if ("fly".equals(v.walking()) && !flies) {
                    lost++;
                }
                flies = "fly".equals(v.walking());
                return d <= within && walks && lost == 0 ? 1 : Math.min(0.95, part(first - d, first - within));
            }

            @Override
            public int lost() {
                return lost;
            }
        };
    }

    /** An object stands in the middle of two flat viewports, so many pixels large. */
    static DrillJudge linedUp(String object, double off, double pixels) {
        return s -> {
            List<Double> best = new ArrayList<>();
            for (ViewportDetail v : s.shown()) {
                Vec3 p = v.projection().equals("orthographic") ? s.at(v, object) : null;
                if (p != null) {
                    double d = Math.hypot(
                            p.x() - v.rect().width() / 2, p.y() - v.rect().height() / 2);
                    double size = part(s.size(v, object), pixels);
                    best.add(
                            d <= off
                                    ? size
                                    : Math.min(0.9, size)
                                            * Math.max(0.2, 1 - d / v.rect().height()));
                }
            }
            best.sort((a, b) -> Double.compare(b, a));
            return best.size() < 2 ? 0 : (best.get(0) + best.get(1)) / 2;
        };
    }

    /** The horizon is level, and an object is in the picture. */
    static DrillJudge level(String object) {
        return s -> {
            ViewportDetail v = s.active();
            Vec3 right = v.forward().cross(v.up());
            double roll = Math.abs(
                    Math.asin(Math.max(-1, Math.min(1, s.scene().up().up().dot(right.unit())))));
            boolean there = s.at(v, object) != null;
            return roll < 1e-4 && there ? 1 : Math.max(0, 0.95 - roll);
        };
    }

    /** A viewport that looks through no camera stands where a camera stands. */
    static DrillJudge stands(String camera, double within, double degrees) {
        return s -> {
            int n = ObservedStage.named(s.scene(), camera);
            ViewportDetail v = s.active();
            if (n < 0 || v.camera() != null) {
                return 0;
            }
            double[] w = s.scene().world(n);
            double away = v.eye().distance(new Vec3(w[12], w[13], w[14]));
            double angle = Math.toDegrees(
                    Math.acos(Math.max(-1, Math.min(1, v.forward().dot(new Vec3(-w[8], -w[9], -w[10]).unit())))));
            return Math.min(part(within, Math.max(within, away)), part(degrees, Math.max(degrees, angle)));
        };
    }

    /** One camera has gone at least so far from where it was, and no other has moved at all. */
    static DrillJudge drives(String camera, double metres) {
        return new DrillJudge() {
            private final List<double[]> before = new ArrayList<>();

            @Override
            public double sees(ObservedStage s) {
                boolean first = before.isEmpty();
                double gone = 0;
                int k = 0;
                for (int i = 0; i < s.scene().count(); i++) {
                    Node node = s.scene().node(i);
                    if (node.camera() == null || k >= before.size() && !first) {
                        continue;
                    }
                    double[] w = s.scene().world(i);
                    if (first) {
                        before.add(w.clone());
                    } else {
                        double[] was = before.get(k);
                        double d = Math.hypot(Math.hypot(w[12] - was[12], w[13] - was[13]), w[14] - was[14]);
                        if (node.name().equals(camera)) {
                            gone = d;
                        } else if (d > 1e-9) {
                            // Undo brings it back, and the run goes on.
                            return 0;
                        }
                    }
                    k++;
                }
                return part(gone, metres);
            }
        };
    }
}
