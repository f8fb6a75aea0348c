package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.core.display.Look;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.stage.show.views.LookState;
import rhombus.core.stage.show.views.PickResult;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.ViewportRestoring;
import rhombus.core.view.Pose;

class CustomLooksTest {
    private final Hand hand = new Hand();

    @BeforeEach
    void over() {
        hand.move(700, 150, 0);
    }

    private Look look() {
        return hand.view(1).look;
    }

    private void kept(String name) {
        hand.run("display.part", "v2", "part", "opacity", "to", "40%");
        hand.run("display.keep-look", "v2", "name", name);
    }

    private ViewSource choice(Hand h, String id) {
        return h.stage.looks().all("v2", Map.of()).stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElse(null);
    }

    @Test
    void aPartIsChangedInOneViewportAndTheUsualLookIsThereAsBefore() {
        Look before = look();
        Look other = hand.view(0).look;
        hand.run("display.part", "v2", "part", "edges", "to", "all");
        assertThat(look().edges()).isEqualTo(Look.Edges.ALL);
        assertThat(look().label()).isEqualTo(before.label() + ", changed");
        assertThat(hand.view(0).look).isEqualTo(other);
        assertThat(choice(hand, "changed").on()).isTrue();
        hand.run("display.part", "v2", "part", "edges", "to", "modelled");
        assertThat(look()).as("as it was, it is the one with the name again").isEqualTo(before);
        assertThat(choice(hand, "changed")).isNull();
        hand.notices();
        hand.run("display.part", "v2", "part", "opacity", "to", "lots");
        assertThat(hand.notices()).containsExactly("Opacity is from 1% to 100%, not “lots”.");
        assertThat(look()).isEqualTo(before);
    }

    @Test
    void aLookIsKeptUnderANameChosenAgainAndChangedWhereverItIsUsed() {
        kept("Glass");
        assertThat(look().id()).isEqualTo("own:Glass");
        hand.tap("Digit6", 0);
        assertThat(look()).isEqualTo(StandardLooks.SMOOTH);
        hand.tap("Digit0", 0);
        assertThat(look().opacity()).isEqualTo(0.4);
        hand.run("display.set", "v1", "look", "own:Glass");
        assertThat(hand.view(0).look).isEqualTo(look());
        hand.run("display.part", "v2", "part", "opacity", "to", "80%");
        assertThat(hand.view(0).look.opacity()).as("not kept yet").isEqualTo(0.4);
        hand.run("display.keep-look", "v2", "name", "Glass");
        assertThat(hand.view(0).look.opacity()).isEqualTo(0.8);
        hand.notices();
        hand.run("display.set", "v2", "look", "own:Cellar");
        hand.run("display.keep-look", "v2", "name", " ");
        assertThat(hand.notices()).containsExactly("No look of yours is called “Cellar”.", "A look needs a name.");
    }

    @Test
    void aDigitChoosesItAndTheUsualOneComesBackWhenItIsRemoved() {
        kept("Glass");
        hand.run("display.look-digit", null, "look", "own:Glass", "digit", "1");
        assertThat(choice(hand, "own:Glass").note()).isEqualTo("1");
        assertThat(choice(hand, "wire").note()).isNull();
        hand.tap("Digit6", 0);
        hand.tap("Digit1", 0);
        assertThat(look().id()).isEqualTo("own:Glass");
        hand.run("display.look-digit", null, "look", "own:Glass", "digit", "2");
        assertThat(choice(hand, "wire").note()).isEqualTo("1");
        assertThat(choice(hand, "hidden-line").note()).isNull();
        hand.run("display.remove-look", null, "look", "own:Glass");
        assertThat(choice(hand, "hidden-line").note()).isEqualTo("2");
        assertThat(look().opacity()).as("what is drawn with it goes on").isEqualTo(0.4);
        assertThat(look().id()).isEqualTo("changed");
        assertThat(hand.stage.keymaps().keymap().toPlain())
                .as("no trace of it in the keymap")
                .isEqualTo(new Hand().stage.keymaps().keymap().toPlain());
        hand.notices();
        hand.run("display.remove-look", null, "look", "own:Glass");
        assertThat(hand.notices()).containsExactly("No look is called “Glass” here.");
    }

    @Test
    void aUsualLookCanHaveAnotherDigitToo() {
        hand.run("display.look-digit", null, "look", "ink", "digit", "3");
        hand.tap("Digit3", 0);
        assertThat(look()).isEqualTo(StandardLooks.INK);
        hand.run("display.look-digit", null, "look", "wire", "digit", "3");
        assertThat(choice(hand, "wire").note()).isEqualTo("3");
        hand.tap("Digit1", 0);
        assertThat(look()).as("nothing is on it any more").isEqualTo(StandardLooks.INK);
    }

    /** A view that is given to somebody who does not have the look draws as it did; whoever has it draws with theirs. */
    @Test
    void aViewTakesItsLookWithIt() {
        kept("Glass");
        Map<String, Object> view = StoredView.look(hand.view(1));
        Hand elsewhere = new Hand();
        ViewportRestoring.look(elsewhere.stage.parts.ground, elsewhere.view(1), view);
        assertThat(elsewhere.view(1).look).isEqualTo(look());
        assertThat(choice(elsewhere, "own:Glass").on()).isTrue();
        elsewhere.move(700, 150, 0);
        elsewhere.run("display.part", "v2", "part", "opacity", "to", "80%");
        elsewhere.run("display.keep-look", "v2", "name", "Glass");
        ViewportRestoring.look(elsewhere.stage.parts.ground, elsewhere.view(1), view);
        assertThat(elsewhere.view(1).look.opacity()).isEqualTo(0.8);
    }

    @Test
    void theFileOfAHandBringsLooksToThoseThatAreThere() {
        kept("Glass");
        hand.run("display.look-digit", null, "look", "own:Glass", "digit", "4");
        Hand other = new Hand();
        other.move(700, 150, 0);
        other.run("display.part", "v2", "part", "backs", "to", "left-out");
        other.run("display.keep-look", "v2", "name", "Fronts");
        assertThat(other.stage.settingsFile().use(hand.stage.settingsFile().toPlain()))
                .isEmpty();
        assertThat(choice(other, "own:Fronts")).isNotNull();
        assertThat(choice(other, "own:Glass").note()).isEqualTo("4");
        other.tap("Digit4", 0);
        assertThat(other.view(1).look.id()).isEqualTo("own:Glass");
    }

    @Test
    void whatLightsAViewportIsPartOfTheLookThatIsKept() {
        hand.tap("Digit9", 0);
        hand.run("display.light", "v2", "light", "none");
        hand.run("display.keep-look", "v2", "name", "Dull day");
        hand.tap("Digit6", 0);
        hand.run("display.set", "v2", "look", "own:Dull day");
        assertThat(hand.view(1).light()).isEqualTo(Look.Light.NONE);
        LookState state = hand.stage.looks().of("v2");
        assertThat(state.own()).isEqualTo("Dull day");
        List<String> on = state.parts().stream()
                .filter(p -> p.id().equals("light"))
                .flatMap(p -> p.choices().stream().filter(ViewSource::on).map(ViewSource::id))
                .toList();
        assertThat(on).containsExactly("none");
    }

    /** From within the box its walls are backs: without them what lies outside is taken. */
    @Test
    void whatIsNotDrawnFromBehindIsNotTakenEither() {
        Viewport v = hand.view(1);
        Vec3 box = Mat4.origin(hand.stage.scene().world(2));
        v.set(new Pose(box, v.pose.orientation(), 5, v.pose.projection()));
        assertThat(hand.stage
                        .viewport()
                        .pick("v2", v.x + v.width / 2, v.y + v.height / 2)
                        .object())
                .isEqualTo(hand.stage.scene().node(2).id());
        hand.run("display.part", "v2", "part", "backs", "to", "left-out");
        assertThat(hand.stage.paint().plan(1, "").backs()).isFalse();
        PickResult taken = hand.stage.viewport().pick("v2", v.x + v.width / 2, v.y + v.height / 2);
        String id = taken == null ? "" : taken.object();
        assertThat(id).isNotEqualTo(hand.stage.scene().node(2).id());
    }
}
