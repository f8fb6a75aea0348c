package rhombus.core.submit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Framing;
import rhombus.core.pick.EdgePick;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** Lines and points are drawn, framed and picked as surfaces are. */
class StrokesTest {
    private static final double WIDTH = 800;
    private static final double HEIGHT = 600;

    private static Mesh strokes(Random r, Mesh.Kind kind, int count) {
        // Each vertex is used, as in what an import keeps.
        float[] p = new float[(kind == Mesh.Kind.LINES ? count + 1 : count) * 3];
        for (int i = 0; i < p.length; i++) {
            p[i] = (float) r.nextGaussian() * 3;
        }
        int[] indices = new int[kind == Mesh.Kind.LINES ? count * 2 : count];
        for (int i = 0; i < indices.length; i++) {
            indices[i] = kind == Mesh.Kind.LINES ? (i + 1) / 2 : i;
        }
        int[] t = Mesh.asTriangles(kind, indices);
        Mesh m = new Mesh(kind, new Vec3(r.nextInt(3), 0, 0), p, t, Aabb.of(p));
        int[] edges = new int[count];
        for (int i = 0; i < count; i++) {
            edges[i] = i * 3;
        }
        m.attachEdges(edges, count);
        m.attach(BvhBuilder.of(p, t));
        return m;
    }

    private static Scene scene(Mesh m, double[] place) {
        return new Scene(List.of(new Node("n0", "", -1, place, List.of(0), null, null, false)), List.of(m), UpAxis.Y);
    }

    private static double[] place(Random r) {
        return Mat4.trs(
                new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian()),
                Quat.about(new Vec3(r.nextDouble(), 1, r.nextDouble()).unit(), r.nextDouble() * 6),
                new Vec3(r.nextBoolean() ? -1 : 1, 2, 0.5));
    }

    private static List<Vec3> ends(Scene s) {
        Mesh m = s.meshes().get(0);
        List<Vec3> out = new ArrayList<>();
        for (int v : m.triangles()) {
            Vec3 p = new Vec3(m.positions()[v * 3], m.positions()[v * 3 + 1], m.positions()[v * 3 + 2]);
            out.add(Mat4.point(s.world(0), m.origin().plus(p)));
        }
        return out;
    }

    private static Pose framed(Scene s, Random r) {
        Quat q = Quat.about(new Vec3(r.nextDouble(), 1, r.nextDouble()).unit(), r.nextDouble() * 6);
        Projection p = r.nextBoolean() ? new Projection.Perspective(0.8) : new Projection.Orthographic(4);
        Framing f = new Framing(
                new Pose(s.bounds().center(), q, 1, p),
                WIDTH / HEIGHT,
                s.bounds().center());
        f.add(s.meshes().get(0), s.world(0));
        return f.fit(1e-3);
    }

    private static Mesh.Kind kind(long seed) {
        return seed % 2 == 0 ? Mesh.Kind.LINES : Mesh.Kind.POINTS;
    }

    @Property(tries = 300)
    void aFrameHoldsEveryEndAndTouchesABorder(@ForAll long seed) {
        Random r = new Random(seed);
        Scene s = scene(strokes(r, kind(seed), 1 + r.nextInt(200)), place(r));
        Screen screen = new Screen(framed(s, r), WIDTH, HEIGHT);
        double room = Double.POSITIVE_INFINITY;
        List<Vec3> ends = ends(s);
        for (Vec3 e : ends) {
            Vec3 at = screen.project(e);
            double x = Math.min(at.x(), WIDTH - at.x()) / WIDTH;
            double y = Math.min(at.y(), HEIGHT - at.y()) / HEIGHT;
            room = Math.min(room, Math.min(x, y));
        }
        assertThat(room).isGreaterThan(Framing.MARGIN - 2e-3);
        // Where they lie along one line of sight there is little to touch a border with: then the eye is as near as it
        // may come.
        Pose pose = screen.pose();
        double nearest = ends.stream().mapToDouble(pose::depth).min().orElseThrow();
        double farthest = ends.stream().mapToDouble(pose::depth).max().orElseThrow();
        boolean closest = !pose.projection().flat() && nearest < 5e-3 * (farthest - nearest);
        if (ends.size() > 24 && !closest) {
            assertThat(room).isCloseTo(Framing.MARGIN, within(2e-3));
        }
    }

    @Property(tries = 300)
    void eachIsTakenWhereItIsSeenAndNothingElsewhere(@ForAll long seed) {
        Random r = new Random(seed);
        Scene s = scene(strokes(r, kind(seed), 1 + r.nextInt(60)), place(r));
        Screen screen = new Screen(framed(s, r), WIDTH, HEIGHT);
        List<Vec3> ends = ends(s);
        for (int k = 0; k < 10; k++) {
            int i = r.nextInt(ends.size() / 3) * 3;
            double t = r.nextDouble();
            // A place on the picture of a line is on the picture of a place of it, if not the same part of its length.
            Vec3 a = screen.project(ends.get(i));
            Vec3 b = screen.project(ends.get(i + 1));
            double x = a.x() + (b.x() - a.x()) * t;
            double y = a.y() + (b.y() - a.y()) * t;
            RayHit hit = EdgePick.strokes(s, screen, null, x + 1, y - 1);
            assertThat(hit).isNotNull();
            assertThat(hit.node()).isZero();
        }
        for (int k = 0; k < 10; k++) {
            double x = r.nextDouble() * WIDTH;
            double y = r.nextDouble() * HEIGHT;
            double nearest = Double.POSITIVE_INFINITY;
            for (int i = 0; i < ends.size(); i += 3) {
                nearest =
                        Math.min(nearest, distance(screen.project(ends.get(i)), screen.project(ends.get(i + 1)), x, y));
            }
            RayHit hit = EdgePick.strokes(s, screen, null, x, y);
            if (Math.abs(nearest - EdgePick.REACH) > 0.1) {
                assertThat(hit != null).as("nearest at " + nearest).isEqualTo(nearest < EdgePick.REACH);
            }
        }
    }

    private static double distance(Vec3 a, Vec3 b, double x, double y) {
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 2000; i++) {
            double t = i / 2000.0;
            best = Math.min(best, Math.hypot(a.x() + (b.x() - a.x()) * t - x, a.y() + (b.y() - a.y()) * t - y));
        }
        return best;
    }

    @Property(tries = 100)
    void allAreDrawnInEveryLookAndNoneAsASurface(@ForAll long seed) {
        Random r = new Random(seed);
        int count = 1 + r.nextInt(100);
        Mesh m = strokes(r, kind(seed), count);
        Scene s = scene(m, place(r));
        float[] colors = new float[m.positions().length / 3 * 4];
        Arrays.fill(colors, 1);
        VertexAttributes skin = new VertexAttributes(
                null,
                null,
                2,
                r.nextBoolean() ? colors : null,
                new double[] {1, 0.5, 0, 1},
                -1,
                0,
                r.nextBoolean(),
                0,
                1,
                "");
        DrawBatches batches = new DrawBatches(k -> skin, k -> new byte[count]);
        batches.sync(s);
        DrawSubmission submission = new DrawSubmission(batches);
        Pose pose = framed(s, r);
        Screen screen = new Screen(pose, WIDTH, HEIGHT);
        double[] matrices = new double[32];
        Matrices.view(pose, matrices, 0);
        Matrices.projection(pose.projection(), WIDTH / HEIGHT, ClipRange.of(pose, s.bounds(), 0.01), matrices, 16);
        for (var look : StandardLooks.ALL) {
            DrawSubmission.Wish wish = DrawSubmission.Wish.of(look, true, true, true);
            submission.plan(s, matrices, screen, HEIGHT, wish, DrawSubmission.Detail.FULL);
            int[] runs = submission.runs();
            int lines = 0;
            for (int k = 0; k < runs.length; k += DrawSubmission.RUN) {
                assertThat(runs[k + 1]).as(look.toString()).isIn(DrawSubmission.LINES, DrawSubmission.BOXES);
                for (int i = 0; i < runs[k + 4]; i++) {
                    lines += submission.counts()[runs[k + 3] + i] / LineQuads.INDICES;
                }
            }
            assertThat(lines).as(look.toString()).isEqualTo(wish.boxes() ? PartBoxes.LINES : count);
            assertThat(submission.complete()).isTrue();
        }
        submission.plan(s, matrices, screen, HEIGHT, DrawSubmission.Wish.NOTHING, DrawSubmission.Detail.FULL);
        assertThat(submission.runs()).isEmpty();
    }

    @Test
    void countsTellWhatThereIs() {
        Random r = new Random(1);
        Scene lines = scene(strokes(r, Mesh.Kind.LINES, 7), Mat4.identity());
        assertThat(lines.triangles()).isZero();
        assertThat(lines.strokes(0, Mesh.Kind.LINES)).isEqualTo(7);
        assertThat(lines.strokes(0, Mesh.Kind.POINTS)).isZero();
        assertThat(lines.anyStrokes()).isTrue();
    }

    @Test
    void coloursAreThoseOfTheFileAsFarAsFiveBitsTell() {
        assertThat(LineQuads.colored(0, 0, 0)).isEqualTo(-1);
        assertThat(LineQuads.colored(1, 1, 1)).isEqualTo(-32768);
        // A linear 0.22 is half of a screen's signal and a little more (IEC 61966-2-1).
        assertThat(-1 - LineQuads.colored(0.22, 0, 0) >> 10).isEqualTo(16);
    }
}
