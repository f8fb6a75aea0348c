package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.PivotLadder.Choice;
import rhombus.core.navigate.PivotLadder.Offer;

class PivotLadderTest {
    /** Whatever the order and whatever is silent: the first rung that has something is taken, and all above say why not. */
    @Property(tries = 1000)
    void theFirstRungThatYieldsAPointIsTakenAndSaysWhyNotTheOnesAbove(
            @ForAll @Size(max = 7) List<PivotRung> wanted, @ForAll Set<PivotRung> silent) {
        List<PivotRung> order = new ArrayList<>(new java.util.LinkedHashSet<>(wanted));
        Choice c = PivotLadder.choose(
                order,
                Vec3.ZERO,
                rung -> silent.contains(rung)
                        ? Offer.none("Nothing from " + rung + ".")
                        : Offer.of(new Vec3(rung.ordinal() + 1, 0, 0), "thing of " + rung));
        PivotRung expected =
                order.stream().filter(r -> !silent.contains(r)).findFirst().orElse(PivotRung.ORIGIN);
        assertThat(c.rung()).isEqualTo(expected);
        assertThat(c.reason()).startsWith("The " + expected.words()).contains(" away.");
        for (PivotRung r : EnumSet.allOf(PivotRung.class)) {
            boolean above = order.contains(r)
                    && silent.contains(r)
                    && (!order.contains(expected)
                            || silent.contains(expected)
                            || order.indexOf(r) < order.indexOf(expected));
            assertThat(c.reason().contains("Nothing from " + r + "."))
                    .as("%s in %s", r, c.reason())
                    .isEqualTo(above);
        }
    }
}
