package rhombus.core.pick;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.ConvexRegion;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.view.Screen;

/** Whether an eye finds anything in a picture: what is smaller than a speck counts only in numbers. */
public final class VisibilityTest {
    /** What is smaller than this, pixels, is a speck. */
    private static final double SPECK = 3;
    /** Specks that cover this much together, square pixels, are seen. */
    private static final double COVER = 20;

    private final Scene scene;
    private final Screen screen;
    private final ConvexRegion wedge;
    private boolean large;
    private double area;
    private double left = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double high = Double.POSITIVE_INFINITY;
    private double low = Double.NEGATIVE_INFINITY;

    private VisibilityTest(Scene scene, Screen screen, ConvexRegion wedge) {
        this.scene = scene;
        this.screen = screen;
        this.wedge = wedge;
    }

    /** Whether something that is shown can be seen in a wedge of a picture, as far as boxes tell. */
    public static boolean anything(SurfacePicking surfaces, Scene scene, Screen screen, ConvexRegion wedge) {
        VisibilityTest s = new VisibilityTest(scene, screen, wedge);
        // What is seen stays seen whatever comes: of a hundred thousand objects the first few answer.
        surfaces.in(wedge, (node, where) -> {
            s.at(node, where);
            return !s.enough();
        });
        return s.enough();
    }

    private boolean enough() {
        return large || area >= COVER && (right - left >= SPECK || low - high >= SPECK);
    }

    private void at(int node, int where) {
        Aabb b = scene.coarseBounds(node);
        if (!scene.shown(node) || where != ConvexRegion.INSIDE && wedge.box(b) == ConvexRegion.OUTSIDE) {
            return;
        }
        double radius = b.radius();
        double depth = screen.pose().depth(b.center());
        if (!screen.pose().projection().flat() && depth <= radius) {
            large = true;
            return;
        }
        double half = radius / screen.metresPerPixel(depth);
        large = 2 * half >= SPECK;
        area += Math.PI * half * half;
        Vec3 p = screen.project(b.center());
        left = Math.min(left, p.x() - half);
        right = Math.max(right, p.x() + half);
        high = Math.min(high, p.y() - half);
        low = Math.max(low, p.y() + half);
    }
}
