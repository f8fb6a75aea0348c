package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.geometry.Coarser;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Nearness;
import rhombus.core.geometry.Vec3;

/**
 * Coarser triangles of the Stanford bunny and the Utah teapot, as npm has them: no farther from the full surface than the clustering
 * of vertices promises, nor it from them, and none has turned its back.
 */
class OpenModelsTest {
    private static double[] numbers(String text, String name) {
        Matcher m = Pattern.compile("exports\\." + name + "\\s*=\\s*(\\[\\[.*?\\]\\])", Pattern.DOTALL)
                .matcher(text);
        assertThat(m.find()).isTrue();
        return Pattern.compile("[^0-9eE.+-]+")
                .splitAsStream(m.group(1))
                .filter(s -> !s.isEmpty())
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"bunny/index.js", "teapot/teapot.js"})
    void coarserTrianglesStayNearTheSurfaceAndKeepTheirFronts(String file) throws IOException {
        String text = Files.readString(Path.of("../web/node_modules", file));
        double[] xyz = numbers(text, "positions");
        double[] cells = numbers(text, "cells");
        float[] p = new float[xyz.length];
        for (int i = 0; i < p.length; i++) {
            p[i] = (float) xyz[i];
        }
        int[] t = new int[cells.length];
        for (int i = 0; i < t.length; i++) {
            t[i] = (int) cells[i];
        }
        MeshEdges edges = MeshEdges.of(p, t);
        List<Mesh.Level> levels = Coarser.levels(p, t, edges);
        assertThat(levels).hasSizeBetween(2, 3);
        for (Mesh.Level l : levels) {
            assertThat(l.triangles().length).isLessThan(t.length / 2);
            double there = Nearness.farthest(p, l.triangles(), t);
            double back = Nearness.farthest(p, t, l.triangles());
            assertThat(Math.max(there, back)).isPositive().isLessThanOrEqualTo(l.bound());
            Coarser c = Coarser.of(p, t, edges, l.bound() / Math.sqrt(3));
            int[] now = c.triangles();
            for (int i = 0; i < now.length; i += 3) {
                int was = c.from()[i / 3] * 3;
                assertThat(normal(p, now, i).dot(normal(p, t, was))).isGreaterThanOrEqualTo(0);
            }
        }
    }

    private static Vec3 normal(float[] p, int[] t, int i) {
        Vec3 a = Nearness.at(p, t[i]);
        return Nearness.at(p, t[i + 1]).minus(a).cross(Nearness.at(p, t[i + 2]).minus(a));
    }
}
