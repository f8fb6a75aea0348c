package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.show.help.CommandDescription;
import rhombus.core.stage.show.help.HitInfo;
import rhombus.core.stage.view.Viewport;

/** What is told of things is what a click would find there. */
class HelpAnswersTest {
    private final Hand h = new Hand();

    @Property(tries = 60)
    void whatIsToldOfAPlaceIsWhatAClickTakes(@ForAll Random r) {
        Hand hand = new Hand();
        for (int i = 0; i < 30; i++) {
            double x = r.nextDouble() * 1003;
            double y = r.nextDouble() * 803;
            HitInfo t = hand.stage.help().at(x, y);
            assertThat(t.thing())
                    .isIn("grip", "rim", "rose", "handle", "object", "camera", "light", "nothing", "locked");
            hand.run("select.none", null);
            hand.move(x, y, 0);
            hand.stage
                    .parts
                    .ground
                    .attention()
                    .activate(hand.stage.parts.ground.board().at(x, y));
            if (List.of("object", "camera", "light", "nothing", "locked").contains(t.thing())) {
                hand.drag(x, y, 0, 0, 1, 0);
                List<String> names = hand.stage.parts.subject.selection().nodes().stream()
                        .map(n -> hand.stage.parts.ground.nameOf(n))
                        .toList();
                assertThat(names)
                        .isEqualTo(List.of("nothing", "locked").contains(t.thing()) ? List.of() : List.of(t.name()));
            }
        }
    }

    @Test
    void theRoseAndItsLozengesAreTold() {
        Viewport v = h.view(1);
        RoseMark square = RoseMark.of(v);
        HitInfo t = h.stage.help().at(v.x + square.x(), v.y + square.y());
        assertThat(t.thing()).isEqualTo("rose");
    }

    @Test
    void commandsAreToldWithTheirTriggersInTheKeymapInUse() {
        assertThat(h.stage.help().about("view.home", Map.of()))
                .isEqualTo(new CommandDescription("Go home", List.of("H", "gamepad right cluster top")));
        assertThat(h.stage.help().about("navigate.orbit", Map.of()).triggers()).contains("right-drag");
        h.stage.use(AllCommands.CATALOGUE.preset(KeymapPresets.TRACKPAD));
        assertThat(h.stage.help().about("navigate.orbit", Map.of()).triggers()).contains("two-finger slide");
        // What the user's own keyboard prints.
        assertThat(h.stage.help().about("view.home", Map.of("KeyH", "Д")).triggers())
                .contains("Д");
        assertThat(h.stage.help().about("app.no-such-thing", Map.of())).isNull();
    }
}
