package rhombus.core;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Provide;
import net.jqwik.api.domains.DomainContextBase;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** Random poses, viewports and points for properties. */
public class Any extends DomainContextBase {
    @Provide
    Arbitrary<Vec3> points() {
        Arbitrary<Double> c = Arbitraries.doubles().between(-500, 500).ofScale(9);
        return Combinators.combine(c, c, c).as(Vec3::new);
    }

    @Provide
    Arbitrary<Quat> rotations() {
        Arbitrary<Double> c = Arbitraries.doubles().between(-1, 1).ofScale(9);
        return Combinators.combine(c, c, c, c)
                .as(Quat::new)
                .filter(q -> q.x() * q.x() + q.y() * q.y() + q.z() * q.z() + q.w() * q.w() > 0.05)
                .map(Quat::unit);
    }

    @Provide
    Arbitrary<Heading> headings() {
        Arbitrary<Double> turn = Arbitraries.doubles().between(-3.1, 3.1).ofScale(9);
        return Combinators.combine(
                        turn, Arbitraries.doubles().between(-1.5, 1.5).ofScale(9), turn)
                .as(Heading::new);
    }

    @Provide
    Arbitrary<Projection> projections() {
        return Arbitraries.oneOf(
                Arbitraries.doubles().between(0.05, 2.4).ofScale(9).map(Projection.Perspective::new),
                Arbitraries.doubles().between(0.01, 2000).ofScale(9).map(Projection.Orthographic::new));
    }

    @Provide
    Arbitrary<Pose> poses() {
        return Combinators.combine(
                        points(),
                        rotations(),
                        Arbitraries.doubles().between(0.01, 1000).ofScale(9),
                        projections())
                .as(Pose::new);
    }

    @Provide
    Arbitrary<Screen> screens() {
        Arbitrary<Double> size =
                Arbitraries.oneOf(Arbitraries.doubles().between(50, 4000).ofScale(9), Arbitraries.of(50.0, 4000.0));
        return Combinators.combine(poses(), size, size).as(Screen::new);
    }

    @Provide
    Arbitrary<UpAxis> ups() {
        return Arbitraries.of(UpAxis.values());
    }
}
