package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.commands.AllCommands;

/** What stands in for a button or keys that a device does not have does exactly what those do; switched off, nothing is left of it. */
class InputEmulationTest {
    private static final int LEFT = 1;
    private static final int MIDDLE = 4;
    private static final int BOTH = 3;

    /** Drags that begin with Alt and the left button, or with both buttons, end where those of the middle button end. */
    @Property(tries = 60)
    void aDragOfTheStandInIsADragOfTheMiddleButton(@ForAll long seed) {
        Random r = new Random(seed);
        boolean both = r.nextBoolean();
        double x = 600 + r.nextInt(300);
        double y = 100 + r.nextInt(200);
        double dx = r.nextInt(160) - 80;
        double dy = r.nextInt(160) - 80;
        Hand real = new Hand();
        real.drag(x, y, dx, dy, MIDDLE, 0);
        Hand stand = new Hand();
        stand.habit("keys.middle", both ? "both" : "alt");
        stand.drag(x, y, dx, dy, both ? BOTH : LEFT, both ? 0 : Modifiers.ALT);
        for (int v = 0; v < 4; v++) {
            assertThat(stand.pose(v)).isEqualTo(real.pose(v));
        }
        assertThat(stand.stage.parts.subject.selection().nodes()).isEmpty();
    }

    @Test
    void hintsTellTheStandInAndNotWhatItTakesTheHandFrom() {
        Hand h = new Hand();
        h.stage.use(AllCommands.CATALOGUE.preset(KeymapPresets.MODIFIER_DRAG));
        h.move(700, 150, 0, Modifiers.ALT);
        assertThat(h.hint("Alt+left-drag")).startsWith("orbit");
        h.habit("keys.middle", "alt");
        h.move(701, 150, 0, Modifiers.ALT);
        assertThat(h.hint("Alt+left-drag")).as("it counts as the middle button").isNotEqualTo("orbit");
        h.stage.use(AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));
        h.move(702, 150, 0);
        assertThat(h.hint("Alt+left-drag")).startsWith("pan");
        h.move(703, 150, 0, Modifiers.ALT);
        assertThat(h.hint("Alt+left-drag")).startsWith("pan").doesNotContain("fine");
        h.move(704, 150, 0);
        assertThat(h.hint("middle-drag")).isNull();
        h.habit("keys.middle", "both");
        assertThat(h.hint("left+right-drag")).startsWith("pan");
        h.habit("keys.middle", "none");
        assertThat(h.hint("middle-drag")).startsWith("pan");
    }

    @Test
    void altThatComesInTheMiddleOfALeftDragMakesItNoOtherButton() {
        Hand h = new Hand();
        h.habit("keys.middle", "alt");
        var before = h.pose(1);
        h.move(600, 100, 0);
        h.move(600, 100, LEFT);
        h.move(640, 120, LEFT);
        h.move(660, 130, LEFT, Modifiers.ALT);
        h.move(660, 130, 0, Modifiers.ALT);
        h.rest();
        assertThat(h.pose(1)).isEqualTo(before);
    }

    @Test
    void digitsDoWhatTheNumberPadWouldWhereItHasSomething() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        map = map.with(BindableCommand.of(map, AllCommands.CATALOGUE.command("view.frame-everything"))
                .get(0)
                .with(Trigger.key("Numpad5"), 0));
        Hand h = new Hand();
        h.stage.use(map);
        h.move(700, 150, 0);
        h.drag(700, 150, 90, 40, MIDDLE, 0);
        var moved = h.pose(1);
        h.tap("Digit5", 0);
        assertThat(h.pose(1)).as("off, a digit is a digit").isEqualTo(moved);
        h.habit("keys.number-pad", true);
        h.tap("Digit5", 0);
        assertThat(h.pose(1)).isNotEqualTo(moved);
        // Hints say nothing of what the digit would be; one for which the pad has nothing stays what it is.
        assertThat(h.hint("5")).isNull();
        assertThat(h.hint("4")).isEqualTo("Unlit");
        h.habit("keys.number-pad", false);
        assertThat(h.hint("5")).isEqualTo("Flat shading");
    }

    @Test
    void singleCharactersAreOffInOneSwitchAndHintsSaySo() {
        Hand h = new Hand();
        h.move(700, 150, 0);
        assertThat(h.hint("F")).isNotNull();
        h.habit("keys.letters", false);
        assertThat(h.hint("F")).isNull();
        assertThat(h.hint("hold D")).isNull();
        assertThat(h.hint("right-drag")).isNotNull();
        var before = h.pose(1);
        h.hold("KeyD", 700, 150, 80, 20, 0);
        h.tap("KeyF", 0);
        assertThat(h.pose(1)).isEqualTo(before);
        h.habit("keys.letters", true);
        h.hold("KeyD", 700, 150, 80, 20, 0);
        assertThat(h.pose(1)).isNotEqualTo(before);
        assertThat(h.stage.keymap().own())
                .as("nothing was changed in the keymap")
                .isFalse();
    }
}
