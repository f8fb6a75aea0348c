package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.scene.UpAxis;

/** Small scenes of boxes for tests here and in the browser build. */
public final class Scenes {
    private Scenes() {}

    /** A row of boxes, a group with two of them, and a camera. */
    public static Scene boxes() {
        Mesh box = box();
        List<Node> nodes = new ArrayList<>();
        nodes.add(node("Slab", -1, Mat4.trs(new Vec3(0, -0.5, 0), Quat.IDENTITY, new Vec3(20, 1, 20)), true, true));
        nodes.add(node("Pair", -1, Mat4.translation(new Vec3(3, 1, 0)), false, false));
        nodes.add(node("Left box", 1, Mat4.translation(new Vec3(-1.5, 0, 0)), true, false));
        nodes.add(node(
                "Right box",
                1,
                Mat4.trs(new Vec3(1.5, 0.5, 0), Quat.about(Vec3.Y, 0.4), new Vec3(1, 2, 1)),
                true,
                false));
        nodes.add(node("Far box", -1, Mat4.translation(new Vec3(-4, 1, -3)), true, false));
        nodes.add(new Node(
                "n5",
                "Shot",
                -1,
                Mat4.trs(new Vec3(6, 4, 8), Quat.about(Vec3.Y, 0.6), new Vec3(1, 1, 1)),
                List.of(),
                new SceneCamera(true, 0.7, 0, 1.5),
                null,
                false));
        return new Scene(nodes, List.of(box), UpAxis.Y);
    }

    private static Node node(String name, int parent, double[] local, boolean mesh, boolean locked) {
        int i = List.of("Slab", "Pair", "Left box", "Right box", "Far box").indexOf(name);
        return new Node("n" + i, name, parent, local, mesh ? List.of(0) : List.of(), null, null, locked);
    }

    /** A unit cube about the origin with edges and hierarchy. */
    public static Mesh box() {
        float[] p = new float[24];
        for (int i = 0; i < 8; i++) {
            p[i * 3] = (i & 1) - 0.5f;
            p[i * 3 + 1] = (i >> 1 & 1) - 0.5f;
            p[i * 3 + 2] = (i >> 2) - 0.5f;
        }
        int[] quads = {0, 2, 3, 1, 4, 5, 7, 6, 0, 1, 5, 4, 2, 6, 7, 3, 0, 4, 6, 2, 1, 3, 7, 5};
        int[] t = new int[36];
        int[] of = {0, 1, 2, 0, 2, 3};
        for (int i = 0; i < 36; i++) {
            t[i] = quads[i / 6 * 4 + of[i % 6]];
        }
        Mesh m = new Mesh(Vec3.ZERO, p, t);
        MeshEdges e = MeshEdges.of(p, t);
        m.attachEdges(e.edges(), e.strong());
        m.attach(BvhBuilder.of(p, t));
        return m;
    }
}
