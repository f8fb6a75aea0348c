package rhombus.formats.out;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.scene.UpAxis;
import rhombus.formats.KeptScene;
import rhombus.formats.model.LengthUnit;

/**
 * What of a scene is taken home in a format that holds surfaces alone: the objects that are shown, each surface where its
 * object stands, in the axes and the unit that are asked for.
 */
public final class ExportedSelection {
    /**
     * An object.
     *
     * @param node number in the scene
     * @param matrix from its frame into the file's, column-major
     */
    record Thing(int node, double[] matrix) {}

    private final Scene scene;
    private final ExportSurfaces surfaces;
    private final List<Thing> things = new ArrayList<>();
    private final Map<ParametricShape, Mesh> shapes = new HashMap<>();
    private final long[] elements = new long[Mesh.Kind.values().length];
    private long vertices;
    /** Of triangles without normals: how many more vertices there are where each triangle has three of its own. */
    private long apart;

    private int hidden;
    private int cameras;
    private int lights;

    /**
     * Looks at what there is.
     *
     * @param kept the scene's document
     * @param scene the scene made of it, with its changes
     * @param only ids of objects that alone are taken, with all below them; null for all
     * @param up the axis that points upwards in the file
     * @param unit what the file's numbers are in
     * @param geometry the scene's geometry file
     * @param lines its file of edges, or null for triangles
     */
    public ExportedSelection(
            KeptScene kept,
            Scene scene,
            Set<String> only,
            UpAxis up,
            LengthUnit unit,
            FileBytes geometry,
            FileBytes lines) {
        this.scene = scene;
        this.surfaces = new ExportSurfaces(kept.gltf(), kept.binStart(), geometry, lines);
        double[] into = Mat4.times(
                Mat4.trs(Vec3.ZERO, Quat.IDENTITY, new Vec3(1, 1, 1).times(1 / unit.metres())), turned(scene.up(), up));
        for (int i = 0; i < scene.count(); i++) {
            Node n = scene.node(i);
            if (n.gone() || only != null && !isBelow(i, only)) {
                continue;
            }
            boolean solid = n.shape() != null || !n.meshes().isEmpty();
            if (!scene.shown(i)) {
                hidden += solid ? 1 : 0;
                continue;
            }
            cameras += n.camera() != null ? 1 : 0;
            lights += n.light() != null ? 1 : 0;
            if (solid) {
                things.add(new Thing(i, Mat4.times(into, scene.world(i))));
                count(n);
            }
        }
    }

    private void count(Node n) {
        if (n.shape() != null) {
            Mesh solid = shapes.computeIfAbsent(n.shape(), s -> ShapeMesh.of(s).mesh());
            elements[Mesh.Kind.TRIANGLES.ordinal()] += solid.triangleCount();
            vertices += solid.positions().length / 3;
            return;
        }
        for (int m : n.meshes()) {
            elements[surfaces.kind(m).ordinal()] += surfaces.count(m);
            if (surfaces.kind(m) == Mesh.Kind.TRIANGLES && !surfaces.has(m, "NORMAL")) {
                apart += 3L * surfaces.count(m) - surfaces.vertices(m);
            }
            vertices += surfaces.vertices(m);
        }
    }

    private boolean isBelow(int node, Set<String> only) {
        for (int i = node; i >= 0; i = scene.node(i).parent()) {
            if (only.contains(scene.node(i).id())) {
                return true;
            }
        }
        return false;
    }

    /** The rotation that lays one axis where the other was, keeping X. */
    private static double[] turned(UpAxis from, UpAxis to) {
        if (from == to) {
            return Mat4.identity();
        }
        double turn = to == UpAxis.Z ? Math.PI / 2 : -Math.PI / 2;
        double[] m = Mat4.trs(Vec3.ZERO, Quat.about(Vec3.X, turn), new Vec3(1, 1, 1));
        for (int i = 0; i < 16; i++) {
            // A quarter turn is exact: what rounding leaves would be in every number of the file.
            m[i] = Math.rint(m[i]);
        }
        return m;
    }

    List<Thing> things() {
        return things;
    }

    String name(Thing t) {
        return scene.node(t.node).name();
    }

    /** How many objects are written. */
    public int objects() {
        return things.size();
    }

    /** How many objects are left out since they are hidden. */
    public int hidden() {
        return hidden;
    }

    /** How many cameras there are, none of which is written. */
    public int cameras() {
        return cameras;
    }

    /** How many lights there are, none of which is written. */
    public int lights() {
        return lights;
    }

    /** Whether any surface that is written has such an attribute. */
    public boolean any(String attribute) {
        return things.stream()
                .map(t -> scene.node(t.node))
                .filter(n -> n.shape() == null)
                .anyMatch(n -> n.meshes().stream().anyMatch(m -> surfaces.has(m, attribute)));
    }

    /** Numbers of the materials that are used. */
    public Set<Integer> materials() {
        Set<Integer> out = new TreeSet<>();
        for (Thing t : things) {
            Node n = scene.node(t.node);
            if (n.shape() == null) {
                n.meshes().forEach(m -> out.add(surfaces.material(m)));
            }
        }
        out.remove(-1);
        return out;
    }

    /** How many triangles there are. */
    public long triangles() {
        return count(Mesh.Kind.TRIANGLES);
    }

    /** How many triangles, lines or points there are. */
    public long count(Mesh.Kind kind) {
        return elements[kind.ordinal()];
    }

    /** How many more vertices there are where each triangle without normals has three of its own. */
    long apart() {
        return apart;
    }

    /** How many vertices there are. */
    public long vertices() {
        return vertices;
    }

    /** The surfaces of an object. */
    List<ExportSurface> surfaces(Thing t) throws IOException {
        Node n = scene.node(t.node);
        if (n.shape() != null) {
            return List.of(ExportSurfaces.of(n.shape()));
        }
        List<ExportSurface> out = new ArrayList<>();
        for (int m : n.meshes()) {
            out.add(surfaces.read(m));
        }
        return out;
    }
}
