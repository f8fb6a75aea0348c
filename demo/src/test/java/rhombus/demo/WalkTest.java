package rhombus.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rhombus.core.Effort;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Stage;
import rhombus.formats.NormalReader;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Walking at adaptive speed among everything that stands in the boatyard. */
class WalkTest {
    private static final int WALKS = Effort.times(2000);
    private static final String[] WAYS = {"KeyW", "KeyW", "KeyW", "KeyA", "KeyS", "KeyD", "KeyQ", "KeyE"};

    private final double[] m = new double[32];

    private Vec3 eye(Stage stage) {
        stage.offscreen().matrices(1, m);
        double[] e = new double[3];
        for (int i = 0; i < 3; i++) {
            e[i] = -(m[i * 4] * m[12] + m[i * 4 + 1] * m[13] + m[i * 4 + 2] * m[14]);
        }
        return new Vec3(e[0], e[1], e[2]);
    }

    private static Map<String, Object> standing(Random r, double speed) {
        double[] q = new double[4];
        for (int i = 0; i < 4; i++) {
            q[i] = r.nextGaussian();
        }
        Quat turn = new Quat(q[0], q[1], q[2], q[3]).unit();
        Map<String, Object> pose = PlainData.map(
                "eye",
                PlainData.list(r.nextDouble() * 60 - 30, r.nextDouble() * 14 - 1, r.nextDouble() * 50 - 25),
                "orientation",
                PlainData.list(turn.x(), turn.y(), turn.z(), turn.w()),
                "focus",
                10.0,
                "fovY",
                0.8);
        return PlainData.map(
                "format",
                "rhombus-workspace",
                "version",
                1,
                "active",
                1,
                "walkSpeed",
                speed,
                "views",
                List.of(Map.of(), PlainData.map("pose", pose)));
    }

    @Test
    void randomWalksPassThroughNothing() {
        Scene scene = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("yard.glb", Boatyard.glb()),
                UploadLimits.DEFAULT,
                Progress.SILENT));
        Soup soup = new Soup(scene);
        assertThat(soup.size()).isGreaterThan(120_000);
        Stage stage = new Stage();
        stage.resize(1000, 800);
        stage.open(scene, "Yard");
        Random r = Effort.random("walks");
        double now = 0;
        int steps = 0;
        int stopped = 0;
        double way = 0;
        for (int walk = 0; walk < WALKS; walk++) {
            stage.documents().restore(standing(r, Math.pow(10, r.nextDouble() * 2)));
            stage.input().pointer(700, 200, 0, 0, now += 10);
            stage.command(r.nextBoolean() ? "walk.start" : "walk.fly", Map.of(), "v2", now += 10);
            Vec3 at = eye(stage);
            for (int leg = 0; leg < 3; leg++) {
                String key = WAYS[r.nextInt(WAYS.length)];
                int run = r.nextInt(4) == 0 ? 1 : 0;
                stage.input().keyDown(key, run, false, now += 1);
                double dt = new double[] {1000.0 / 144, 1000.0 / 60, 1000.0 / 30, 300}[r.nextInt(4)];
                Vec3 before = at;
                for (int i = 0; i < 7; i++) {
                    if (i < 6) {
                        stage.tick(now += dt);
                    } else {
                        // Letting go takes a moment as well, in which one goes on.
                        stage.input().keyUp(key, 0, now += 1);
                    }
                    Vec3 next = eye(stage);
                    steps++;
                    way += next.distance(at);
                    if (soup.crosses(at, next)) {
                        throw new AssertionError(
                                "walk " + walk + " passed through a surface between " + at + " and " + next);
                    }
                    at = next;
                }
                stopped += before.distance(at) < 0.02 ? 1 : 0;
            }
            stage.command("walk.leave", Map.of(), "v2", now += 1);
        }
        assertThat(steps).isEqualTo(WALKS * 21);
        assertThat(way / WALKS).as("metres a walk").isGreaterThan(3);
        assertThat(stopped).as("legs that ended before a surface").isGreaterThan(WALKS / 100);
    }

    /** The check itself finds what a fixed speed does. */
    @Test
    void atFixedSpeedOneDoesPassThrough() {
        Scene scene = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("yard.glb", Boatyard.glb()),
                UploadLimits.DEFAULT,
                Progress.SILENT));
        Soup soup = new Soup(scene);
        Stage stage = new Stage();
        stage.resize(1000, 800);
        stage.open(scene, "Yard");
        stage.habit("walk.speed", "fixed");
        Random r = new Random(7);
        double now = 0;
        int crossed = 0;
        for (int walk = 0; walk < 300; walk++) {
            stage.documents().restore(standing(r, 20));
            stage.command("walk.start", Map.of(), "v2", now += 10);
            Vec3 at = eye(stage);
            stage.input().keyDown("KeyW", 0, false, now += 1);
            for (int i = 0; i < 20; i++) {
                stage.tick(now += 50);
                Vec3 next = eye(stage);
                crossed += soup.crosses(at, next) ? 1 : 0;
                at = next;
            }
            stage.input().keyUp("KeyW", 0, now += 1);
            stage.command("walk.leave", Map.of(), "v2", now += 1);
        }
        assertThat(crossed).isGreaterThan(20);
    }
}
