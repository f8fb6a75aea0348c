package rhombus.core.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.threed.rotation.QuaternionRotation;
import rhombus.core.Any;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;

/** The chart of directions. */
@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class RoseTest {
    /** A direction by latitude and longitude on a globe whose north pole is up, seen from longitude 0 in front. */
    private static Vec3 globe(double latitude, double longitude) {
        double p = Math.toRadians(latitude);
        double l = Math.toRadians(longitude);
        return new Vec3(Math.cos(p) * Math.sin(l), Math.sin(p), Math.cos(p) * Math.cos(l));
    }

    /**
     * Snyder, Map Projections: A Working Manual (U.S. Geological Survey Professional Paper 1395, 1987), numerical example of
     * the Lambert azimuthal equal-area projection of the sphere (values from memory, recomputed): radius 3, centre 40° N
     * 100° W, point 20° S 100° E, k' = 4.3912175, x = -4.2339303, y = 4.0257775.
     */
    @Example
    void agreesWithAWorkedExampleOfTheManual() {
        Quat camera = new Heading(Math.toRadians(-100), Math.toRadians(-40), 0).orientation(UpAxis.Y);
        assertThat(camera.back().distance(globe(40, -100))).isLessThan(1e-12);
        Rose rose = new Rose(camera, UpAxis.Y);
        double[] p = rose.place(globe(-20, 100));
        // The chart is half as large: radius 1 where the manual's sphere of radius 1 has 2.
        assertThat(p[0] * 6).isCloseTo(-4.2339303, within(5e-8));
        assertThat(-p[1] * 6).isCloseTo(4.0257775, within(5e-8));
        assertThat(rose.direction(-4.2339303 / 6, -4.0257775 / 6).distance(globe(-20, 100)))
                .isLessThan(1e-7);
    }

    /** Equal areas: a cap around the middle covers the part of the chart that it covers of the sphere. */
    @Property(tries = 1000)
    void aCapCoversItsPartOfTheChart(@ForAll Quat q, @ForAll Vec3 any) {
        if (any.length() < 1e-3) {
            return;
        }
        Vec3 v = any.unit();
        double[] p = new Rose(q, UpAxis.Y).place(v);
        // A cap of angle t has the area 2 pi (1 - cos t) of 4 pi.
        assertThat(p[0] * p[0] + p[1] * p[1]).isCloseTo((1 - v.dot(q.back())) / 2, within(1e-12));
    }

    @Property(tries = 1000)
    void placeAndDirectionInvertEachOtherButAtThePointBehind(@ForAll Quat q, @ForAll Vec3 any) {
        if (any.length() < 1e-3) {
            return;
        }
        Vec3 v = any.unit();
        Rose rose = new Rose(q, UpAxis.Z);
        double[] p = rose.place(v);
        // Near the rim a place has half its digits left to tell directions apart.
        double near = v.dot(q.back()) > -0.9 ? 1e-12 : 1e-7;
        assertThat(rose.direction(p[0], p[1]).distance(v)).isLessThan(near);
        // Straight behind, all places of the rim are one direction.
        if (v.dot(q.back()) > -1 + 1e-9) {
            double[] again = rose.place(rose.direction(p[0], p[1]));
            assertThat(Math.hypot(again[0] - p[0], again[1] - p[1])).isLessThan(1e-7);
        }
        assertThat(rose.place(q.back().negated())).satisfies(low -> {
            assertThat(Math.hypot(low[0], low[1])).isCloseTo(1, within(1e-12));
        });
    }

    /** The direction on a ray through the chart's middle is that ray turned about the eye: by another library's rotation. */
    @Property(tries = 1000)
    void directionsAgreeWithAnotherLibrarysRotation(@ForAll Quat q, @ForAll Vec3 any) {
        if (any.length() < 1e-3) {
            return;
        }
        double bearing = Math.atan2(any.y(), any.x());
        double radius = Math.abs(any.z()) / 501;
        Vec3 ours = new Rose(q, UpAxis.Y).direction(radius * Math.cos(bearing), -radius * Math.sin(bearing));
        Vector3D back = Vector3D.Unit.PLUS_Z;
        Vector3D axis = Vector3D.of(-Math.sin(bearing), Math.cos(bearing), 0);
        QuaternionRotation tilt = QuaternionRotation.fromAxisAngle(axis, 2 * Math.asin(radius));
        QuaternionRotation camera = QuaternionRotation.of(q.w(), q.x(), q.y(), q.z());
        Vector3D theirs = camera.apply(tilt.apply(back));
        assertThat(ours.distance(new Vec3(theirs.getX(), theirs.getY(), theirs.getZ())))
                .isLessThan(1e-12);
    }

    @Property(tries = 1000)
    void everyDirectionIsOnTheChartAndIsHitWhereItStands(@ForAll Quat q, @ForAll UpAxis up) {
        Rose rose = new Rose(q, up);
        assertThat(rose.spots()).hasSize(26);
        double before = -2;
        for (Rose.Spot s : rose.spots()) {
            assertThat(Math.hypot(s.x(), s.y())).isLessThanOrEqualTo(1 + 1e-12);
            assertThat(rose.at(s.x(), s.y(), 0.3)).isEqualTo(s.direction());
            assertThat(s.depth()).isGreaterThanOrEqualTo(before);
            before = s.depth();
        }
        assertThat(rose.at(1.2, 0.9, 0.3)).isNull();
    }

    @Example
    void lookingFromADirectionItIsInTheMiddleAndItsOppositeAtTheRim() {
        for (UpAxis up : UpAxis.values()) {
            for (StandardDirection s : StandardDirection.all()) {
                Rose rose = new Rose(s.orientation(up), up);
                assertThat(rose.at(0, 0, 0.3)).as(s.name()).isEqualTo(s);
                Rose.Spot behind = rose.spots().get(0);
                assertThat(behind.direction()).isEqualTo(new StandardDirection(-s.x(), -s.y(), -s.z()));
                assertThat(Math.hypot(behind.x(), behind.y())).isCloseTo(1, within(1e-7));
            }
        }
        // Exactly behind is the rim's lowest point.
        assertThat(new Rose(Quat.IDENTITY, UpAxis.Y).place(Vec3.Z.negated())).containsExactly(0, 1);
    }

    @Property(tries = 1000)
    void aGreatCircleIsAtRightAnglesToItsAxisAndWithoutLongPieces(@ForAll Quat q, @ForAll UpAxis up) {
        Rose rose = new Rose(q, up);
        double[] line = rose.circle(up.up(), 0.15);
        for (int i = 0; i < line.length; i += 2) {
            assertThat(rose.direction(line[i], line[i + 1]).dot(up.up())).isCloseTo(0, within(1e-7));
            if (i > 0) {
                assertThat(Math.hypot(line[i] - line[i - 2], line[i + 1] - line[i - 1]))
                        .isLessThan(0.2);
            }
        }
        assertThat(line.length / 2).isLessThan(120);
    }
}
