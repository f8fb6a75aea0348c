package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.MeshSimplifier;
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
        List<Mesh.Level> levels = MeshSimplifier.levels(p, t, edges);
        assertThat(levels).hasSizeBetween(2, 3);
        for (Mesh.Level l : levels) {
            assertThat(l.triangles().length).isLessThan(t.length / 2);
            double there = Nearness.farthest(p, l.triangles(), t);
            double back = Nearness.farthest(p, t, l.triangles());
            assertThat(Math.max(there, back)).isPositive().isLessThanOrEqualTo(l.bound());
            MeshSimplifier c = MeshSimplifier.of(p, t, edges, l.bound() / Math.sqrt(3));
            int[] now = c.triangles();
            for (int i = 0; i < now.length; i += 3) {
                int was = c.from()[i / 3] * 3;
                assertThat(normal(p, now, i).dot(normal(p, t, was))).isGreaterThanOrEqualTo(0);
            }
        }
    }

    /** Modelled edges of the Stanford bunny, counted anew: sides that two triangles share, by their places, and the angle between these. */
    @Test
    void modelledEdgesAreThoseOfASecondCount() throws IOException {
        String text = Files.readString(Path.of("../web/node_modules/bunny/index.js"));
        double[] xyz = numbers(text, "positions");
        int[] t = Arrays.stream(numbers(text, "cells")).mapToInt(d -> (int) d).toArray();
        float[] p = new float[xyz.length];
        for (int i = 0; i < p.length; i++) {
            p[i] = (float) xyz[i];
        }
        Map<String, List<Vec3>> sides = new HashMap<>();
        for (int i = 0; i < t.length; i += 3) {
            for (int k = 0; k < 3; k++) {
                String a = Nearness.at(p, t[i + k]).toString();
                String b = Nearness.at(p, t[i + (k + 1) % 3]).toString();
                sides.computeIfAbsent(a.compareTo(b) < 0 ? a + b : b + a, x -> new ArrayList<>())
                        .add(normal(p, t, i));
            }
        }
        int modelled = 0;
        int strong = 0;
        int unclear = 0;
        for (List<Vec3> n : sides.values()) {
            double angle = n.size() != 2
                    ? 180
                    : Math.toDegrees(Math.atan2(
                            n.get(0).cross(n.get(1)).length(), n.get(0).dot(n.get(1))));
            modelled += angle >= 1 ? 1 : 0;
            strong += angle > 30 ? 1 : 0;
            unclear += Math.abs(angle - 1) < 1e-4 || Math.abs(angle - 30) < 1e-4 ? 1 : 0;
        }
        MeshEdges edges = MeshEdges.of(p, t);
        assertThat(modelled).isGreaterThan(4_000);
        assertThat(edges.edges().length).isCloseTo(modelled, within(unclear));
        assertThat(edges.strong()).isCloseTo(strong, within(unclear));
    }

    private static Vec3 normal(float[] p, int[] t, int i) {
        Vec3 a = Nearness.at(p, t[i]);
        return Nearness.at(p, t[i + 1]).minus(a).cross(Nearness.at(p, t[i + 2]).minus(a));
    }
}
