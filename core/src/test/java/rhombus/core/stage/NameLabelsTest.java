package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.marks.NameLabel;
import rhombus.core.stage.marks.NameLabels;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

class NameLabelsTest {
    private final Hand hand = new Hand();

    private List<NameLabel> names(Viewport v) {
        return NameLabels.of(hand.stage.parts.ground, hand.stage.parts.subject, v);
    }

    /** From anywhere: no name over another or past the edge, each of something that is drawn, and none of a part of what is named as one. */
    @Test
    void namesAreOfWhatIsDrawnAndNeverOverlap() {
        Viewport v = hand.view(1);
        assertThat(names(v)).as("not asked for").isEmpty();
        hand.run("display.overlay", "v2", "overlay", "names");
        Random r = new Random(3);
        Scene s = hand.stage.scene();
        int seen = 0;
        for (int i = 0; i < 400; i++) {
            Quat q = new Quat(r.nextGaussian(), r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).unit();
            double far = Math.pow(10, r.nextDouble() * 2.5);
            Vec3 eye = s.bounds().center().plus(q.back(), far);
            v.set(new Pose(
                    eye, q, far, r.nextBoolean() ? new Projection.Perspective(0.8) : new Projection.Orthographic(far)));
            Set<Integer> named = new HashSet<>();
            for (NameLabel a : names(v)) {
                seen++;
                int n = s.indexOf(a.object());
                assertThat(a.text()).isEqualTo(hand.stage.parts.ground.nameOf(n));
                assertThat(a.x() - a.width() / 2).isNotNegative();
                assertThat(a.x() + a.width() / 2).isLessThanOrEqualTo(v.width);
                assertThat(a.y()).isBetween(9.0, v.height);
                for (int up = s.node(n).parent(); up >= 0; up = s.node(up).parent()) {
                    assertThat(named).doesNotContain(up);
                }
                named.add(n);
                for (NameLabel b : names(v)) {
                    boolean apart = a.object().equals(b.object())
                            || Math.abs(a.x() - b.x()) >= (a.width() + b.width()) / 2
                            || Math.abs(a.y() - b.y()) >= 16;
                    assertThat(apart).as("%s and %s", a, b).isTrue();
                }
            }
        }
        assertThat(seen).isGreaterThan(400);
    }

    @Test
    void whatIsHiddenOrLeftOutHasNoName() {
        Viewport v = hand.view(1);
        hand.run("display.overlay", "v2", "overlay", "names");
        String box = hand.stage.scene().node(4).id();
        assertThat(names(v)).extracting(NameLabel::object).contains(box);
        hand.run("object.hide", null, "objects", List.of(box));
        assertThat(names(v)).extracting(NameLabel::object).doesNotContain(box);
        hand.run("edit.undo", null);
        assertThat(names(v)).extracting(NameLabel::object).contains(box);
        hand.run("display.overlay", "v2", "overlay", "meshes");
        assertThat(names(v)).extracting(NameLabel::object).doesNotContain(box);
    }
}
