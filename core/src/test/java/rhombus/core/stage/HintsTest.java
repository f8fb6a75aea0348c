package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import rhombus.core.Performed;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.view.PointingDevice;
import rhombus.core.stage.view.Viewport;

/** What the hints say is what happens: each of them, wherever the hand is and whatever is held, is done and compared. */
class HintsTest {
    /** Performs a trigger on a resolver of its own with the same keymap, and says which binding answered. */
    private static String perform(Stage stage, Trigger t, int mods) {
        double x = stage.parts.ground.pointer().x();
        double y = stage.parts.ground.pointer().y();
        return Performed.at(
                stage.keymap(),
                stage.parts.press.contextsAt(x, y),
                stage.parts.press.whileMoving(),
                t,
                mods,
                Double.isNaN(x) ? 0 : x,
                Double.isNaN(y) ? 0 : y);
    }

    /** Fingers come without modifiers. */
    private static int held(Stage stage) {
        return stage.parts.ground.pointer().device() == PointingDevice.FINGERS ? 0 : stage.parts.resolver.modifiers();
    }

    @Property(tries = 400)
    void eachHintDoesWhatItSays(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Hand hand = new Hand();
        Stage stage = hand.stage;
        stage.use(AllCommands.CATALOGUE.preset(KeymapPresets.ALL.get(r.nextInt(KeymapPresets.ALL.size()))));
        if (r.nextBoolean()) {
            hand.run("select.set", null, "objects", List.of("n" + r.nextInt(6)));
        }
        if (r.nextInt(3) == 0) {
            hand.run(List.of("tool.move", "tool.rotate", "tool.scale").get(r.nextInt(3)), null);
        }
        if (r.nextInt(4) == 0) {
            hand.habit("select.button", "right");
        }
        if (r.nextInt(4) == 0) {
            hand.habit("click.first", "activates");
        }
        double[] at = place(hand, r);
        hand.move(at[0], at[1], 0);
        if (r.nextInt(5) == 0) {
            hand.run(List.of("walk.start", "walk.fly").get(r.nextInt(2)), null, "key", r.nextBoolean());
        }
        if (r.nextInt(4) == 0) {
            stage.input().pointerLeft();
        }
        int mods = List.of(0, Modifiers.SHIFT, Modifiers.ALT, Modifiers.CTRL, Modifiers.SHIFT | Modifiers.CTRL)
                .get(r.nextInt(5));
        if (!Double.isNaN(stage.parts.ground.pointer().x())) {
            hand.move(at[0], at[1], 0, mods);
        } else {
            stage.input().keyDown("ShiftLeft", mods, false, hand.now += 10);
        }
        stage.parts.ground.pointer().by(PointingDevice.values()[r.nextInt(PointingDevice.values().length)]);
        List<Object> hints = new Seen(stage).hints(Map.of());
        // No button of a gamepad is bound together with keys.
        if (stage.parts.ground.pointer().device() != PointingDevice.GAMEPAD || held(stage) == 0) {
            assertThat(hints).isNotEmpty();
        }
        List<String> told = new ArrayList<>();
        for (Object o : hints) {
            for (Object id : PlainData.list(PlainData.map(o).get("bindings"))) {
                Binding b = stage.keymap().binding(id.toString());
                assertThat(perform(stage, b.trigger(), held(stage)))
                        .as("%s of %s", id, PlainData.map(o))
                        .isEqualTo(id);
                told.add(b.trigger().kind() + " " + b.trigger());
            }
        }
        assertThat(told).as("each trigger is told once").doesNotHaveDuplicates();
    }

    /** Anywhere, and now and then where something of the viewport's own lies. */
    private static double[] place(Hand hand, Random r) {
        Viewport v = hand.view(r.nextInt(4));
        RoseMark f = RoseMark.of(v);
        double a = r.nextDouble() * 7;
        return r.nextInt(3) == 0
                ? new double[] {
                    v.x + f.x() + f.half() * Math.cos(a) * r.nextDouble(),
                    v.y + f.y() + f.half() * Math.sin(a) * r.nextDouble()
                }
                : new double[] {v.x + r.nextDouble() * v.width, v.y + r.nextDouble() * v.height};
    }

    @Example
    void elsewhereTheHintsAreThoseOfTheViewportAndNotOfItsRose() {
        Hand hand = new Hand();
        assertThat(hand.hint("right-drag")).startsWith("orbit");
        hand.move(600, 200, 0);
        hand.stage.input().pointerLeft();
        assertThat(hand.hint("left-click")).isEqualTo("select");
        hand.run("walk.start", null);
        assertThat(hand.hint("Esc")).isEqualTo("leave and stay");
        assertThat(new Seen(hand.stage).hints(Map.of()).toString()).doesNotContain("rose");
    }

    @Example
    void theButtonThatSelectsIsTheOneThatIsToldTo() {
        Hand hand = new Hand();
        hand.move(600, 200, 0);
        assertThat(hand.hint("left-click")).isEqualTo("select");
        hand.habit("select.button", "right");
        assertThat(hand.hint("left-click")).isEqualTo("list what lies under the pointer");
        assertThat(hand.hint("right-click")).isEqualTo("select");
    }

    @Example
    void everyCommandThatAKeyRunsIsOne() {
        for (Binding b : new Hand().stage.keymap().bindings()) {
            Command c = b.command();
            assertThat(c).as(b.id()).isNotNull();
            assertThat(b.trigger() == null || c.fits(b.trigger().kind()))
                    .as(b.id())
                    .isTrue();
        }
    }

    @Example
    void whileAFieldHasTheKeyboardNoKeyIsToldForTheViewports() {
        Hand h = new Hand();
        h.move(700, 200, 0);
        assertThat(h.hint("hold D")).isNotNull();
        h.stage.input().typing(true);
        assertThat(h.hint("hold D")).isNull();
        assertThat(h.hint("right-drag")).as("the pointer does what it did").isNotNull();
        assertThat(h.hint("Esc")).isEqualTo("back to the viewports");
        h.stage.input().typing(false);
        assertThat(h.hint("hold D")).isNotNull();
    }
}
