package rhombus.core.pick;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;
import rhombus.core.Any;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Scenes;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(DomainContext.Global.class)
class MarqueePickTest {
    private static final double W = 800;
    private static final double H = 600;
    /** Square pixels that the reference's arithmetic may be off. */
    private static final double SLACK = 0.05;

    private static Screen around(Quat q, double distance, boolean flat) {
        Pose p = new Pose(
                q.back().times(distance),
                q,
                distance,
                flat ? new Projection.Orthographic(distance) : new Projection.Perspective(0.9));
        return new Screen(p, W, H);
    }

    /** Against java.awt.geom: the overlap of each projected triangle with the rectangle, by its area. */
    private static double overlap(Scene s, int node, Screen screen, Rectangle2D r) {
        double most = 0;
        for (int m : s.node(node).meshes()) {
            Mesh mesh = s.meshes().get(m);
            for (int t = 0; t < mesh.triangleCount(); t++) {
                Path2D path = new Path2D.Double();
                for (int k = 0; k < 3; k++) {
                    Vec3 p = screen.project(Mat4.point(s.world(node), ComponentPick.corner(mesh, t, k)));
                    if (k == 0) {
                        path.moveTo(p.x(), p.y());
                    } else {
                        path.lineTo(p.x(), p.y());
                    }
                }
                path.closePath();
                Area a = new Area(path);
                a.intersect(new Area(r));
                Rectangle2D b = a.getBounds2D();
                most = Math.max(most, b.getWidth() * b.getHeight());
            }
        }
        return most;
    }

    @Property(tries = 1000)
    void takesWhatItTouchesAndWhatLiesInside(
            @ForAll Quat q,
            @ForAll @DoubleRange(min = 26, max = 60) double distance,
            @ForAll boolean flat,
            @ForAll @DoubleRange(min = 0, max = W) double x0,
            @ForAll @DoubleRange(min = 0, max = W) double x1,
            @ForAll @DoubleRange(min = 0, max = H) double y0,
            @ForAll @DoubleRange(min = 0, max = H) double y1) {
        Scene s = Scenes.boxes();
        Screen screen = around(q, distance, flat);
        Rectangle2D r =
                new Rectangle2D.Double(Math.min(x0, x1), Math.min(y0, y1), Math.abs(x1 - x0), Math.abs(y1 - y0));
        Rectangle2D wider = new Rectangle2D.Double(r.getX() - 1, r.getY() - 1, r.getWidth() + 2, r.getHeight() + 2);
        List<Integer> touching = MarqueePick.nodes(s, new SurfacePicking(s), screen, x0, y0, x1, y1, false);
        List<Integer> inside = MarqueePick.nodes(s, new SurfacePicking(s), screen, x0, y0, x1, y1, true);
        assertThat(touching).containsAll(inside);
        assertThat(touching).as("the locked slab").doesNotContain(0);
        for (int n : List.of(2, 3, 4)) {
            double overlap = overlap(s, n, screen, r);
            if (overlap > SLACK) {
                assertThat(touching).contains(n);
            } else if (overlap(s, n, screen, wider) == 0) {
                assertThat(touching).doesNotContain(n);
            }
            boolean all = true;
            boolean clear = true;
            for (int t = 0; t < 12; t++) {
                for (int k = 0; k < 3; k++) {
                    Vec3 p = screen.project(Mat4.point(
                            s.world(n), ComponentPick.corner(s.meshes().get(0), t, k)));
                    double in = Math.min(
                            Math.min(p.x() - r.getMinX(), r.getMaxX() - p.x()),
                            Math.min(p.y() - r.getMinY(), r.getMaxY() - p.y()));
                    all &= in >= 0;
                    clear &= Math.abs(in) > 1e-6;
                }
            }
            if (clear) {
                assertThat(inside.contains(n)).isEqualTo(all);
            }
        }
    }

    @Example
    void whatIsBehindTheEyeHiddenOrLockedIsNotTaken() {
        Scene s = Scenes.boxes();
        Screen close =
                new Screen(new Pose(new Vec3(-4, 1, -1), Quat.IDENTITY, 5, new Projection.Perspective(0.9)), W, H);
        assertThat(MarqueePick.nodes(s, new SurfacePicking(s), close, 0, 0, W, H, false))
                .contains(4)
                .doesNotContain(2, 3);
        Screen all = around(Quat.IDENTITY, 40, true);
        assertThat(MarqueePick.nodes(s, new SurfacePicking(s), all, 0, 0, W, H, false))
                .contains(2, 3, 4, 5);
        Scene hidden = s.withIsolated(java.util.Set.of(4));
        assertThat(MarqueePick.nodes(hidden, new SurfacePicking(hidden), all, 0, 0, W, H, false))
                .containsExactly(4);
    }
}
