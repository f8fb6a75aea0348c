package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;
import rhombus.core.Any;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(DomainContext.Global.class)
class AimAtTest {
    @Property(tries = 1000)
    void thePointComesToTheMiddleAndNothingElseChanges(@ForAll Screen screen, @ForAll Vec3 point, @ForAll UpAxis up) {
        Pose p = screen.pose();
        Assume.that(point.distance(p.eye()) > 1e-3);
        Pose a = AimAt.at(p, point, up);
        Vec3 s = screen.with(a).project(point);
        assertThat(s.x()).isCloseTo(screen.width() / 2, within(0.01));
        assertThat(s.y()).isCloseTo(screen.height() / 2, within(0.01));
        assertThat(a.projection()).isEqualTo(p.projection());
        if (p.projection().flat()) {
            assertThat(a.orientation()).isEqualTo(p.orientation());
            assertThat(a.focus()).isEqualTo(p.focus());
            return;
        }
        assertThat(a.eye()).isEqualTo(p.eye());
        assertThat(s.z()).isCloseTo(a.focus(), within(1e-6 * a.focus()));
        Heading was = Heading.of(p.orientation(), up);
        Heading is = Heading.of(a.orientation(), up);
        boolean steep = Math.abs(is.pitch()) > 1.57 || Math.abs(was.pitch()) > 1.57;
        double roll = Math.abs(is.roll() - was.roll());
        assertThat(steep ? 0 : Math.min(roll, 2 * Math.PI - roll)).isLessThan(1e-6);
    }
}
