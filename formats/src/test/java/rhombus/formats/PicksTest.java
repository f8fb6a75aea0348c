package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.joml.Intersectiond;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.ComponentPick;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;

/** Picks in Debian's assimp-testmodels against every triangle in turn, intersected by JOML. */
class PicksTest {
    private static final int RAYS = 300;
    /** Larger models take too long one triangle at a time. */
    private static final int MOST = 20_000;

    @Test
    void theNearestHitIsTheOneThatLookingAtEveryTriangleFinds() throws Exception {
        List<String> seen = new ArrayList<>();
        for (Path file : SecondReaderTest.files()) {
            Scene scene;
            try {
                scene = NormalReader.read(
                        SceneImport.read(SecondReaderTest.upload(file), UploadLimits.DEFAULT, Progress.SILENT));
            } catch (FileProblem e) {
                continue;
            }
            if (scene.triangles() > 0
                    && scene.triangles() < MOST
                    && scene.bounds().radius() > 0) {
                compare(scene, file.toString());
                seen.add(file.getFileName().toString());
            }
        }
        assertThat(seen).hasSizeGreaterThan(8);
    }

    private static void compare(Scene scene, String name) {
        Random r = new Random(5);
        Aabb b = scene.bounds();
        SurfacePicking surfaces = new SurfacePicking(scene);
        int hits = 0;
        for (int i = 0; i < RAYS; i++) {
            Vec3 from = b.center()
                    .plus(new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).unit(), b.radius() * 2);
            Vec3 to = b.center().plus(new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian()), b.radius() * 0.3);
            Ray ray = new Ray(from, to.minus(from).unit());
            double nearest = nearest(scene, ray);
            RayHit hit = surfaces.closest(ray, true);
            if (Double.isInfinite(nearest)) {
                assertThat(hit).as(name).isNull();
            } else {
                assertThat(hit).as(name).isNotNull();
                assertThat(hit.distance()).as(name).isCloseTo(nearest, within(1e-6 * b.radius()));
                hits++;
            }
        }
        assertThat(hits).as(name).isPositive();
    }

    private static double nearest(Scene s, Ray ray) {
        Vec3 o = ray.origin();
        Vec3 d = ray.direction();
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < s.count(); i++) {
            for (int m : s.node(i).meshes()) {
                for (int t = 0; t < s.meshes().get(m).triangleCount(); t++) {
                    Vec3 a = Mat4.point(
                            s.world(i), ComponentPick.corner(s.meshes().get(m), t, 0));
                    Vec3 b = Mat4.point(
                            s.world(i), ComponentPick.corner(s.meshes().get(m), t, 1));
                    Vec3 c = Mat4.point(
                            s.world(i), ComponentPick.corner(s.meshes().get(m), t, 2));
                    double hit = Intersectiond.intersectRayTriangle(
                            o.x(), o.y(), o.z(), d.x(), d.y(), d.z(), a.x(), a.y(), a.z(), b.x(), b.y(), b.z(), c.x(),
                            c.y(), c.z(), 0);
                    best = hit >= 0 ? Math.min(best, hit) : best;
                }
            }
        }
        return best;
    }
}
