package rhombus.core.pick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;
import rhombus.core.Any;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Scenes;

@Domain(Any.class)
@Domain(DomainContext.Global.class)
class ThroughTest {
    /** One after the other, each isolated, gives the same hits as all at once. */
    @Property(tries = 1000)
    void everyObjectOnTheLineIsListedNearToFar(@ForAll Quat q) {
        Scene s = Scenes.boxes();
        Ray sight = new Ray(s.bounds(4).center().plus(q.back(), 30), q.forward());
        List<RayHit> hits = new SurfacePicking(s).through(sight, 0);
        assertThat(hits).isSortedAccordingTo(java.util.Comparator.comparingDouble(RayHit::distance));
        for (int n : List.of(0, 2, 3, 4)) {
            RayHit alone = new SurfacePicking(s.withIsolated(Set.of(n))).closest(sight, false);
            assertThat(hits.stream()
                            .filter(h -> h.node() == n)
                            .map(RayHit::distance)
                            .toList())
                    .isEqualTo(alone == null ? List.of() : List.of(alone.distance()));
        }
        assertThat(hits).extracting(RayHit::node).contains(4).doesNotContain(0);
    }

    /** A closed box is met from outside at its front and from inside not at all, mirrored or not; with backs it is met in both. */
    @Property(tries = 1000)
    void onlyFrontsAreMetWhereBacksAreLeftOut(@ForAll Quat q, @ForAll boolean mirrored) {
        Scene boxes = Scenes.boxes();
        double[] place = boxes.node(4).local().clone();
        if (mirrored) {
            for (int i = 0; i < 3; i++) {
                place[i] = -place[i];
            }
        }
        Scene s = boxes.withLocals(Map.of(4, place)).withIsolated(Set.of(4));
        Vec3 middle = s.bounds(4).center();
        SurfacePicking surfaces = new SurfacePicking(s);
        Ray outside = new Ray(middle.plus(q.back(), 30), q.forward());
        RayHit first = surfaces.closest(outside, 0, false);
        // A line exactly through an edge may pass between its triangles.
        Assume.that(first != null && first.distance() < 30);
        RayHit front = surfaces.closest(outside, 0, false, false);
        assertThat(front).isEqualTo(first);
        assertThat(surfaces.through(outside, 0, false))
                .extracting(RayHit::distance)
                .containsExactly(front.distance());
        Ray inside = new Ray(middle, q.forward());
        Assume.that(surfaces.closest(inside, 0, false) != null);
        assertThat(surfaces.closest(inside, 0, false, false)).isNull();
        assertThat(surfaces.through(inside, 0, false)).isEmpty();
    }

    @Example
    void aPointOnATriangleMeansItsNearestCornerEdgeAndFace() {
        Mesh box = Scenes.box();
        for (int t = 0; t < 12; t++) {
            assertThat(ComponentPick.face(box, t))
                    .as("two triangles make a side")
                    .hasSize(6);
            Vec3 c = ComponentPick.corner(box, t, 1);
            assertThat(ComponentPick.vertex(box, t, c.times(0.99))).isEqualTo(c);
            List<Vec3> edge = ComponentPick.edge(box, t, c);
            assertThat(edge.get(0).distance(edge.get(1)))
                    .as("a side, never the diagonal")
                    .isCloseTo(1, within(1e-9));
        }
    }
}
