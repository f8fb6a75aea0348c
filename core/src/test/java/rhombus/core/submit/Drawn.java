package rhombus.core.submit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.BoxEdges;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;

/** What a graphics card would draw of a submission, read from the buffers as it would read them. */
final class Drawn {
    /** A triangle in the world, with the node it belongs to (-1 where that is not told), and what it was drawn as. */
    record Triangle(int node, int form, Vec3 a, Vec3 b, Vec3 c, boolean merged, int marks) {
        Vec3 normal() {
            return b.minus(a).cross(c.minus(a));
        }
    }

    final List<Triangle> triangles = new ArrayList<>();
    /** Both ends of each line. */
    final List<Vec3[]> lines = new ArrayList<>();

    /** Nodes of what is drawn as a square. */
    final List<Integer> points = new ArrayList<>();

    /** Both ends of each line of the box of each node. */
    final Map<Integer, List<Vec3[]>> boxes = new HashMap<>();

    int ranges;

    Drawn(DrawBatches batches, DrawSubmission s, Scene scene) {
        int[] runs = s.runs();
        for (int i = 0; i < runs.length; i += DrawSubmission.RUN) {
            DrawBatch b = batches.list().get(runs[i]);
            for (int r = runs[i + 3]; r < runs[i + 3] + runs[i + 4]; r++) {
                ranges++;
                range(batches, b, runs[i + 1], runs[i + 2], s.starts()[r], s.counts()[r], scene);
            }
        }
    }

    private void range(DrawBatches batches, DrawBatch b, int form, int level, int start, int count, Scene scene) {
        if (form == DrawSubmission.POINTS) {
            for (int k = start; k < start + count; k++) {
                points.add(b.node(k));
            }
            return;
        }
        if (form == DrawSubmission.BOXES || form == DrawSubmission.PICKED_BOXES) {
            boxes(batches, b, start, count, scene);
            return;
        }
        if (form == DrawSubmission.LINES || form == DrawSubmission.PICKED) {
            lines(batches, b, start, count, scene);
            return;
        }
        if (b.sort == DrawBatch.Sort.MERGED) {
            boolean edged = form == DrawSubmission.EDGED;
            float[] p = batches.floats(b.number, edged ? "corner-positions" : "positions");
            short[] x = batches.shorts(b.number, edged ? "corner-extras" : "extras");
            int[] index = edged ? null : batches.indices(b.number, level);
            for (int k = 0; k < count; k += 3) {
                int[] v = new int[3];
                for (int c = 0; c < 3; c++) {
                    v[c] = edged ? start + k + c : index[start / 4 + k + c];
                }
                int slot = x[v[0] * 4 + 3];
                triangles.add(new Triangle(
                        b.node(slot),
                        form,
                        at(b, p, v[0]),
                        at(b, p, v[1]),
                        at(b, p, v[2]),
                        true,
                        edged ? batches.marks(b.number)[v[0]] : 0));
            }
            return;
        }
        for (BatchPart part : of(b, form, start, scene)) {
            if (!part.gone && (scene.shown(part.node) || form == DrawSubmission.GHOST)) {
                int[] t = level == 0 ? part.shape.triangles() : part.level(level);
                for (int k = 0; k < count; k += 3) {
                    triangles.add(new Triangle(
                            part.node,
                            form,
                            world(scene, part, t[k]),
                            world(scene, part, t[Mat4.determinant(scene.world(part.node)) < 0 ? k + 2 : k + 1]),
                            world(scene, part, t[Mat4.determinant(scene.world(part.node)) < 0 ? k + 1 : k + 2]),
                            false,
                            0));
                }
            }
        }
    }

    private void lines(DrawBatches batches, DrawBatch b, int start, int count, Scene scene) {
        if (b.sort == DrawBatch.Sort.MERGED) {
            float[] ends = batches.floats(b.number, "ends");
            int[] index = batches.indices(b.number, -1);
            for (int k = 0; k < count; k += 6) {
                int v = index[start / 4 + k];
                lines.add(new Vec3[] {at(b, ends, v * 2), at(b, ends, v * 2 + 1)});
            }
            return;
        }
        for (BatchPart part : of(b, DrawSubmission.LINES, start, scene)) {
            if (!part.gone && scene.shown(part.node)) {
                for (int e = 0; e < count / 6; e++) {
                    lines.add(new Vec3[] {
                        world(scene, part, part.shape.edgeStart(e)), world(scene, part, part.shape.edgeEnd(e))
                    });
                }
            }
        }
    }

    private void boxes(DrawBatches batches, DrawBatch b, int start, int count, Scene scene) {
        if (b.sort == DrawBatch.Sort.MERGED) {
            float[] ends = batches.floats(b.number, "box-ends");
            short[] corners = batches.shorts(b.number, "box-corners");
            int[] index = batches.indices(b.number, -2);
            for (int k = 0; k < count; k += 6) {
                int v = index[start / 4 + k];
                box(b.node(corners[v * 4 + 3]), at(b, ends, v * 2), at(b, ends, v * 2 + 1));
            }
            return;
        }
        for (BatchPart part : of(b, DrawSubmission.BOXES, start, scene)) {
            if (!part.gone && scene.shown(part.node)) {
                float[] ends = BoxEdges.ends(part.shape.bounds(), Vec3.ZERO);
                for (int e = 0; e < count / 6; e++) {
                    double[] world = scene.world(part.node);
                    box(part.node, Mat4.point(world, vec(ends, e * 2)), Mat4.point(world, vec(ends, e * 2 + 1)));
                }
            }
        }
    }

    private void box(int node, Vec3 from, Vec3 to) {
        boxes.computeIfAbsent(node, n -> new ArrayList<>()).add(new Vec3[] {from, to});
    }

    private static Vec3 vec(float[] p, int v) {
        return new Vec3(p[v * 3], p[v * 3 + 1], p[v * 3 + 2]);
    }

    private static List<BatchPart> of(DrawBatch b, int form, int start, Scene scene) {
        if (b.sort != DrawBatch.Sort.CROWD) {
            return b.parts;
        }
        if (form == DrawSubmission.GHOST) {
            return b.parts.stream().filter(p -> scene.dimmed(p.node)).toList();
        }
        return form == DrawSubmission.MASK
                ? b.parts.stream().filter(p -> p.selected).toList()
                : b.parts.subList(b.chunks[start].from, b.chunks[start].to);
    }

    private static Vec3 at(DrawBatch b, float[] p, int v) {
        return b.origin.plus(vec(p, v));
    }

    static Vec3 world(Scene scene, BatchPart p, int v) {
        float[] xyz = p.shape.positions();
        return Mat4.point(
                scene.world(p.node), p.shape.origin().plus(new Vec3(xyz[v * 3], xyz[v * 3 + 1], xyz[v * 3 + 2])));
    }
}
