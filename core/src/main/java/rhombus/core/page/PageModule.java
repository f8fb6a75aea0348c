package rhombus.core.page;

import java.util.Arrays;
import java.util.List;
import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Framing;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.view.NamedOption;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.StandardDirection;

/** What the page asks without a scene: what can be chosen from, and a mesh's hierarchy by itself, for measuring. */
public final class PageModule {
    private Bvh bvh;
    private Mesh plain;
    private Mesh searched;

    /** The 26 standard directions. */
    @PageCall
    public List<NamedOption> standardDirections() {
        return StandardDirection.all().stream()
                .map(s -> new NamedOption(s.name(), s.words()))
                .toList();
    }

    /** The solids that can be added. */
    @PageCall
    public List<NamedOption> shapes() {
        return Arrays.stream(ParametricShape.Sort.values())
                .map(s -> new NamedOption(s.id(), s.words()))
                .toList();
    }

    /** Builds the hierarchy of a mesh of its own; the calls below ask it. */
    @PageCall
    public void buildHierarchy(float[] positions, int[] triangles) {
        bvh = BvhBuilder.of(positions, triangles);
        plain = new Mesh(Vec3.ZERO, positions, triangles);
        searched = new Mesh(Vec3.ZERO, positions, triangles);
        searched.attach(bvh);
    }

    /** Frames the mesh by its hierarchy, or by looking at every vertex, and gives the eye. */
    @PageCall
    public Vec3 frameHierarchy(boolean everyVertex, double yaw, double pitch) {
        Pose pose = new Pose(
                Vec3.ZERO, new Heading(yaw, pitch, 0).orientation(UpAxis.Y), 1, new Projection.Perspective(0.8));
        Framing f = new Framing(pose, 1.5, Vec3.ZERO);
        f.add(everyVertex ? plain : searched, Mat4.identity());
        return f.fit(1e-3).eye();
    }

    /** Casts rays of six numbers each; gives distance and triangle of each, both -1 where it meets nothing. */
    @PageCall
    public double[] castRays(double[] rays) {
        double[] out = new double[rays.length / 3];
        double[] ray = new double[7];
        double[] hit = new double[3];
        for (int i = 0; i * 6 < rays.length; i++) {
            System.arraycopy(rays, i * 6, ray, 0, 6);
            ray[6] = Double.POSITIVE_INFINITY;
            int triangle = bvh.closest(ray, hit);
            out[i * 2] = triangle == Bvh.NONE ? -1 : hit[0];
            out[i * 2 + 1] = triangle;
        }
        return out;
    }
}
