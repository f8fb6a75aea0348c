package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.KeymapAnalysis;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Platform;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.keymaps.TaughtRow;
import rhombus.core.stage.keymaps.TeachingState;
import rhombus.core.view.Pose;

/** The hand teaches: whatever it shows, the keymap that comes of it does with this hand what was asked for. */
class KeymapTeachingTest {
    private static final int[] MASKS = {1, 4, 2};

    private final Hand hand = new Hand();
    private final List<String> questions = new ArrayList<>();

    /** A motion of a hand, that can be shown on the pad and done in a viewport. */
    private interface Deed {
        void at(double x, double y);
    }

    private Deed drag(int mask, int mods, double dx, double dy) {
        return (x, y) -> {
            hand.move(x, y, 0, mods);
            hand.move(x, y, mask, mods);
            for (int i = 1; i <= 8; i++) {
                hand.move(x + dx * i / 8, y + dy * i / 8, mask, mods);
            }
            hand.move(x + dx, y + dy, 0, mods);
        };
    }

    private Deed hold(String code, int mods, double dx, double dy) {
        return (x, y) -> {
            hand.move(x, y, 0, mods);
            hand.stage.input().keyDown(code, mods, false, hand.now += 10);
            for (int i = 1; i <= 8; i++) {
                hand.move(x + dx * i / 8, y + dy * i / 8, 0, mods);
            }
            hand.stage.input().keyUp(code, mods, hand.now += 10);
        };
    }

    private Deed wheel(int mods, double delta) {
        return (x, y) -> {
            hand.move(x, y, 0, mods);
            boolean ctrl = (mods & Modifiers.CTRL) != 0;
            if (ctrl) {
                hand.stage.input().keyDown("ControlLeft", mods, false, hand.now += 10);
            }
            for (int i = 0; i < 3; i++) {
                hand.stage.input().wheel(x, y, 0, delta, 0, mods, hand.now += 30);
            }
            if (ctrl) {
                hand.stage.input().keyUp("ControlLeft", 0, hand.now += 10);
            }
        };
    }

    private Deed key(String code, int mods) {
        return (x, y) -> {
            hand.move(x, y, 0, mods);
            hand.stage.input().keyDown(code, mods, false, hand.now += 10);
            hand.stage.input().keyUp(code, mods, hand.now += 10);
        };
    }

    private Deed click(int mask, int mods) {
        return (x, y) -> {
            hand.move(x, y, 0, mods);
            hand.move(x, y, mask, mods);
            hand.move(x, y, 0, mods);
        };
    }

    private TeachingState state() {
        return hand.stage.teaching().state(Map.of());
    }

    /** Shows something on the pad; says why it is asked for again, or null. */
    private String show(Deed d) {
        questions.add(state().asks());
        hand.stage.input().capture(true);
        d.at(300, 300);
        hand.stage.tick(hand.now += 600);
        assertThat(hand.stage.teaching().look(hand.now, Map.of())).isTrue();
        return state().told();
    }

    private Pose after(Deed d) {
        hand.run("view.home", "v2");
        hand.rest();
        d.at(700, 150);
        hand.rest();
        return hand.pose(1);
    }

    private Pose home() {
        hand.run("view.home", "v2");
        hand.rest();
        return hand.pose(1);
    }

    /** A thousand hands that are not there: each is recognised, and what it then does is what it was asked to show. */
    @Property(tries = 1000)
    void whateverAHandShowsItThenDoes(@ForAll long seed) {
        Random r = new Random(seed);
        Hand fresh = hand;
        fresh.stage.teaching().begin();
        // Three motions that differ by button, by key or by modifiers; nearer in any of four directions.
        List<Deed> used = new ArrayList<>();
        List<String> names = new ArrayList<>();
        boolean nearerByWheel = r.nextBoolean();
        double sign = r.nextBoolean() ? 1 : -1;
        while (used.size() < (nearerByWheel ? 2 : 3)) {
            boolean nearer = used.size() == 2;
            boolean up = r.nextBoolean();
            double dx = nearer ? (up ? 0 : sign * 60) : 50;
            double dy = nearer ? (up ? -sign * 60 : 0) : 20;
            int mods = List.of(0, 0, Modifiers.ALT, Modifiers.SHIFT, Modifiers.CTRL, Modifiers.SHIFT | Modifiers.ALT)
                    .get(r.nextInt(6));
            int button = r.nextInt(4);
            String code = "Key" + (char) ('A' + r.nextInt(26));
            String name = button < 3 ? "b" + button + mods : code + mods;
            // What a window manager takes is asked for again, and so is what was shown before.
            Trigger t = button < 3 ? Trigger.drag(button) : Trigger.hold(code);
            if (names.contains(name) || Platform.LINUX.taken(t, mods, Map.of()) != null) {
                continue;
            }
            names.add(name);
            used.add(button < 3 ? drag(MASKS[button], mods, dx, dy) : hold(code, mods, dx, dy));
        }
        if (nearerByWheel) {
            used.add(wheel(r.nextBoolean() ? 0 : Modifiers.SHIFT, -sign * 100));
        }
        for (Deed d : used) {
            assertThat(show(d)).isNull();
        }
        String frameKey = "F" + (5 + r.nextInt(4));
        assertThat(show(key(frameKey, 0))).isNull();
        hand.stage.teaching().skip();
        boolean right = r.nextBoolean();
        assertThat(show(click(right ? 2 : 1, 0))).isNull();
        assertThat(state().asks()).isEmpty();
        assertThat(hand.stage.teaching().tryIt()).isTrue();
        assertThat(hand.stage.keymap().name()).startsWith("My hand");
        assertThat(KeymapAnalysis.clashes(hand.stage.keymap())).isEmpty();
        assertThat(KeymapAnalysis.missing(hand.stage.keymap())).isEmpty();

        Pose home = home();
        Pose orbited = after(used.get(0));
        assertThat(orbited.forward().distance(home.forward()))
                .as("it turns " + names + hand.stage.keymap().toPlain())
                .isGreaterThan(1e-3);
        Pose panned = after(used.get(1));
        assertThat(panned.forward().distance(home.forward())).as("it slides").isLessThan(1e-9);
        assertThat(panned.eye().distance(home.eye())).isGreaterThan(1e-3);
        Pose nearer = after(used.get(2));
        Vec3 way = nearer.eye().minus(home.eye());
        assertThat(nearer.forward().distance(home.forward())).isLessThan(1e-9);
        assertThat(way.dot(home.forward()))
                .as("it comes nearer " + names + nearerByWheel + sign
                        + hand.stage.keymap().toPlain())
                .isGreaterThan(1e-3);
        hand.stage.teaching().discard();
        assertThat(hand.stage.keymap().own()).isFalse();
        assertThat(hand.stage.habits().toPlain().get("values")).isEqualTo(Map.of());
    }

    @Test
    void whatIsUnclearIsAskedAgain() {
        hand.stage.teaching().begin();
        assertThat(show(key("KeyQ", 0))).contains("it takes a drag");
        assertThat(show(drag(4, 0, 50, 0))).isNull();
        assertThat(show(drag(4, 0, 50, 0))).contains("already").contains("orbit");
        assertThat(show(drag(2, 0, 50, 0))).isNull();
        assertThat(show(drag(1, Modifiers.CTRL, 6, 0))).contains("too short");
        assertThat(show(drag(1, Modifiers.CTRL, 50, 50))).contains("neither up or right");
        assertThat(show(drag(1, Modifiers.ALT, 50, 0))).contains("window managers");
        assertThat(show(drag(1, Modifiers.CTRL, -70, 0))).isNull();
        assertThat(show(drag(1, 0, 50, 0))).contains("it takes a key, a button, a click or a tap");
        hand.stage.teaching().again();
        assertThat(state().asks()).contains("nearer");
        assertThat(state().rows()).extracting(TaughtRow::motion).containsExactly("orbit", "pan");
    }

    /** Lessons use the standard keys: they still do what they did where the hand did not take them. */
    @Test
    void theRestOfThePresetStaysAndWhatLostItsTriggerGetsAFreeOneNearIt() {
        hand.stage.teaching().begin();
        show(drag(1, 0, 50, 10));
        for (int k = 0; k < 5; k++) {
            hand.stage.teaching().skip();
        }
        TeachingState end = state();
        assertThat(end.notes()).anyMatch(n -> n.startsWith("“marquee” is "));
        hand.stage.teaching().tryIt();
        Binding marquee = hand.stage.keymap().binding("marquee");
        assertThat(marquee.trigger()).isNotNull();
        assertThat(hand.stage.keymap().binding("orbit-hold")).isEqualTo(standard("orbit-hold"));
        assertThat(hand.stage.keymap().binding("frame")).isEqualTo(standard("frame"));
        Pose before = hand.pose(1);
        drag(2, 0, 60, 0).at(700, 150);
        hand.rest();
        assertThat(hand.pose(1)).as("the right button still orbits").isNotEqualTo(before);
        hand.stage.teaching().keep();
        assertThat(hand.stage.keymaps().undo()).isTrue();
        assertThat(hand.stage.keymap().own()).isFalse();
    }

    private static Binding standard(String id) {
        return rhombus.core.stage.commands.AllCommands.CATALOGUE
                .preset("rhombus")
                .binding(id);
    }

    @Test
    void whatIsKeptStaysBesideTheKeymapsThatWereThere() {
        hand.stage.keymaps().copy("Bench");
        hand.stage.teaching().begin();
        show(drag(4, 0, 50, 10));
        for (int k = 0; k < 5; k++) {
            hand.stage.teaching().skip();
        }
        state();
        hand.stage.teaching().tryIt();
        assertThat(hand.stage.teaching().onTrial()).isTrue();
        hand.stage.teaching().keep();
        assertThat(hand.stage.teaching().onTrial()).isFalse();
        assertThat(hand.stage.keymaps().all().others()).hasSize(1);
        assertThat(hand.stage.keymap().name()).isEqualTo("My hand");
        // Asked once more, the new hand stands beside the first.
        hand.stage.teaching().begin();
        show(drag(2, 0, 50, 10));
        for (int k = 0; k < 5; k++) {
            hand.stage.teaching().skip();
        }
        state();
        hand.stage.teaching().tryIt();
        assertThat(hand.stage.keymaps().all().others()).hasSize(2);
        assertThat(hand.stage.keymap().name()).isEqualTo("My hand 2");
    }

    @Test
    void eachQuestionIsAskedOnceAndTellsWhatTheHandIsToDo() {
        hand.stage.teaching().begin();
        show(drag(2, 0, 60, 0));
        show(drag(4, 0, 60, 0));
        show(wheel(0, -100));
        show(key("KeyF", 0));
        show(key("Backspace", 0));
        show(click(1, 0));
        assertThat(questions).doesNotHaveDuplicates().hasSize(6).allMatch(q -> q.startsWith("Show how your hand "));
        TeachingState end = state();
        assertThat(end.step()).isEqualTo(end.steps());
        assertThat(end.notes()).isEmpty();
        hand.stage.teaching().tryIt();
        assertThat(hand.stage.keymap().differing())
                .as("the standard hand needs nothing new")
                .isZero();
    }
}
