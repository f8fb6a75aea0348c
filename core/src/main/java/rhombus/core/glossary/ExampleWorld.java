package rhombus.core.glossary;

import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.AimAt;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Pose;

/** What the pictures show: a house, a post and a stone on a piece of ground, metres, Y up. */
final class ExampleWorld {
    static final ConvexSolid HOUSE = ConvexSolid.house(2, 1.2, 2, 2.4);
    static final ConvexSolid POST = ConvexSolid.box(2.6, 0, -1.6, 0.3, 2.2, 0.3);
    static final ConvexSolid STONE = ConvexSolid.stone(-2.1, 0.45, 1.6, 0.45);
    static final List<ConvexSolid> ALL = List.of(HOUSE, POST, STONE);
    static final Vec3 MIDDLE = new Vec3(0, 0.8, 0);
    static final Vec3 POST_TOP = new Vec3(2.6, 2.2, -1.6);
    static final int GROUND = 4;

    private ExampleWorld() {}

    /** A perspective view from one point to another, level. */
    static Pose view(Vec3 eye, Vec3 to, double degrees) {
        return AimAt.level(eye, to, UpAxis.Y, Math.toRadians(degrees));
    }

    /** From where every picture begins. */
    static Pose start() {
        return view(new Vec3(3.6, 2.4, 6.2), MIDDLE, 38);
    }

    /** From where the eye itself is seen. */
    static Pose outside() {
        return view(new Vec3(11.5, 8.6, 9.5), new Vec3(1, 0.4, 2.2), 36);
    }
}
