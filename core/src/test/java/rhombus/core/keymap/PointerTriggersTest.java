package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.stage.commands.AllCommands;

/** Two buttons together, the wheel with a button, sliding fingers, the parts of a pen, taps: what they run and how they end. */
class PointerTriggersTest {
    private static final int LEFT = 1;
    private static final int RIGHT = 2;
    private static final int MIDDLE = 4;
    private static final int ERASER = 32;

    private final Log log = new Log();

    private InputResolver with(String preset) {
        return new InputResolver(log, AllCommands.CATALOGUE.preset(preset));
    }

    private static Keymap plus(String preset, String command, Trigger t, int mods) {
        Keymap map = AllCommands.CATALOGUE.preset(preset);
        Binding b =
                BindableCommand.of(map, AllCommands.CATALOGUE.command(command)).get(0);
        return map.with(b.with(t, mods));
    }

    private List<String> said() {
        List<String> out = new ArrayList<>(log.said);
        log.said.clear();
        return out;
    }

    @Test
    void twoButtonsTogetherAreOneMotionWhicheverIsPressedFirst() {
        for (int first : new int[] {LEFT, RIGHT}) {
            InputResolver r = with(KeymapPresets.TWO_BUTTONS);
            r.pointer(10, 0, first, 0, 0);
            r.pointer(10, 0, LEFT | RIGHT, 0, 10);
            r.pointer(30, 0, LEFT | RIGHT, 0, 20);
            // Hands never let two buttons go at once: what the other would do alone does not begin.
            r.pointer(30, 0, first, 0, 30);
            r.pointer(60, 0, first, 0, 40);
            r.pointer(60, 0, 0, 0, 50);
            assertThat(said()).containsExactly("begin pan-drag 10", "drag 10", "drag 30", "release");
            r.pointer(60, 0, RIGHT, 0, 100);
            r.pointer(70, 0, RIGHT, 0, 110);
            r.pointer(70, 0, 0, 0, 120);
            assertThat(said()).containsExactly("begin orbit-drag 60", "drag 70", "release");
        }
    }

    @Test
    void withoutABindingForBothTheNewerButtonGoesOnAsBefore() {
        InputResolver r = with(KeymapPresets.RHOMBUS);
        r.pointer(0, 0, RIGHT, 0, 0);
        r.pointer(10, 0, RIGHT, 0, 10);
        r.pointer(10, 0, RIGHT | MIDDLE, 0, 20);
        r.pointer(20, 0, RIGHT, 0, 30);
        assertThat(said())
                .containsExactly(
                        "begin orbit-drag 0",
                        "drag 10",
                        "begin pan-drag 10",
                        "drag 10",
                        "begin orbit-drag 20",
                        "drag 20");
    }

    @Test
    void theWheelWithAButtonRunsItsOwnAndTheButtonDoesNotClick() {
        InputResolver r =
                new InputResolver(log, plus(KeymapPresets.RHOMBUS, "navigate.zoom-steps", Trigger.wheelWith(2), 0));
        r.pointer(5, 5, RIGHT, 0, 0);
        r.wheel(5, 5, WheelInput.notches(1), 0, 10);
        r.pointer(5, 5, 0, 0, 20);
        assertThat(said()).hasSize(1).allMatch(s -> s.contains("own-1"));
        // In the middle of a drag the wheel ends it, and the drag that follows begins anew.
        r.pointer(5, 5, RIGHT, 0, 100);
        r.pointer(25, 5, RIGHT, 0, 110);
        r.wheel(25, 5, WheelInput.notches(1), 0, 120);
        r.pointer(45, 5, RIGHT, 0, 130);
        r.pointer(45, 5, 0, 0, 140);
        List<String> said = said();
        assertThat(said.get(2)).isEqualTo("release");
        assertThat(said.get(3)).contains("own-1");
        assertThat(said.subList(4, said.size())).containsExactly("begin orbit-drag 25", "drag 45", "release");
        r.wheel(5, 5, WheelInput.notches(1), 0, 200);
        assertThat(said()).hasSize(1).allMatch(s -> s.contains("dolly-wheel"));
    }

    @Test
    void aSlideIsOneMotionUntilTheFingersRest() {
        InputResolver r = with(KeymapPresets.TRACKPAD);
        r.pointer(100, 50, 0, 0, 0);
        r.wheel(100, 50, new WheelInput(0, 0, 6, 3), 0, 10);
        r.wheel(100, 50, new WheelInput(0, 0, 4, 3), 0, 60);
        r.tick(180);
        assertThat(r.moving()).isTrue();
        r.tick(400);
        assertThat(r.moving()).isFalse();
        assertThat(said()).containsExactly("begin orbit-slide 100", "drag 106", "drag 110", "release");
        // Alt pans; taken up in the middle it goes on from where the fingers are.
        r.wheel(100, 50, new WheelInput(0, 0, 10, 0), 0, 500);
        r.keyDown("AltLeft", Modifiers.ALT, false, 510);
        r.wheel(100, 50, new WheelInput(0, 0, 10, 0), Modifiers.ALT, 520);
        r.pointer(104, 50, 0, Modifiers.ALT, 530);
        assertThat(said())
                .containsExactly("begin orbit-slide 100", "drag 110", "begin pan-slide 110", "drag 120", "release");
    }

    @Test
    void aSlideThatWasTakenBackStaysSoWhileTheTrackpadRunsOut() {
        InputResolver r = with(KeymapPresets.TRACKPAD);
        r.pointer(100, 50, 0, 0, 0);
        r.wheel(100, 50, new WheelInput(0, 0, 6, 3), 0, 10);
        r.cancel();
        for (int t = 20; t < 600; t += 20) {
            assertThat(r.wheel(100, 50, new WheelInput(0, 0, 6, 3), 0, t)).isTrue();
        }
        assertThat(said()).containsExactly("begin orbit-slide 100", "drag 106", "cancel");
        r.tick(1000);
        r.wheel(100, 50, new WheelInput(0, 0, 6, 3), 0, 1010);
        assertThat(said()).containsExactly("begin orbit-slide 100", "drag 106");
    }

    @Test
    void aPinchOnATrackpadEndsASlideAndDollies() {
        InputResolver r = with(KeymapPresets.TRACKPAD);
        r.wheel(100, 50, new WheelInput(0, 0, 6, 3), 0, 10);
        r.wheel(100, 50, new WheelInput(0, 0.5, 0, 0), Modifiers.CTRL, 20);
        List<String> said = said();
        assertThat(said.get(2)).isEqualTo("release");
        assertThat(said.get(3)).contains("touch-pinch");
    }

    @Test
    void thePartsOfAPenHaveTriggersOfTheirOwn() {
        InputResolver r = with(KeymapPresets.PEN);
        pen(r, LEFT, 0, 30);
        assertThat(said()).containsExactly("begin pen 0", "drag 30", "release");
        pen(r, RIGHT, 0, 30);
        assertThat(said()).containsExactly("begin pen-barrel 0", "drag 30", "release");
        pen(r, ERASER, 0, 30);
        assertThat(said()).containsExactly("begin pen-eraser 0", "drag 30", "release");
        pen(r, ERASER, 0, 0);
        assertThat(said()).containsExactly("run pen-eraser-tap");
        // Nothing of its own is bound to a click of the barrel: it is the right button's.
        pen(r, RIGHT, 0, 0);
        assertThat(said()).containsExactly("run select-through");
    }

    private double now = 1000;

    private void pen(InputResolver r, int buttons, double from, double to) {
        r.pointer(from, 0, buttons, 0, true, now += 1000);
        r.pointer(to, 0, buttons, 0, true, now += 10);
        r.pointer(to, 0, 0, 0, true, now += 10);
    }

    @Test
    void fingersTapTogetherAndOneRests() {
        InputResolver r = with(KeymapPresets.TOUCH);
        FingerTracker f = new FingerTracker(r);
        f.down(1, 100, 100, 0);
        f.down(2, 160, 100, 20);
        f.up(1, 100, 100, 90);
        f.up(2, 160, 100, 110);
        assertThat(said()).endsWith("run touch-tap-two");
        f.down(1, 100, 100, 1000);
        f.down(2, 160, 100, 1020);
        f.down(3, 200, 100, 1030);
        f.up(1, 100, 100, 1090);
        f.up(2, 160, 100, 1100);
        f.up(3, 200, 100, 1110);
        assertThat(said()).endsWith("run touch-tap-three");
        // Fingers that have moved tapped nothing.
        f.down(1, 100, 100, 2000);
        f.down(2, 160, 100, 2020);
        f.move(1, 120, 100);
        f.up(1, 120, 100, 2090);
        f.up(2, 160, 100, 2110);
        assertThat(said()).noneMatch(s -> s.startsWith("run"));
        f.down(1, 100, 100, 3000);
        f.tick(3010);
        f.tick(3400);
        assertThat(f.waits()).isTrue();
        assertThat(said()).isEmpty();
        f.tick(3600);
        assertThat(said()).containsExactly("run touch-rest");
        f.move(1, 150, 100);
        f.up(1, 150, 100, 3700);
        assertThat(said()).doesNotContain("run select").noneMatch(s -> s.startsWith("begin"));
    }

    /** Where two fingers do something else than pan, spreading and turning them still do what they are bound to. */
    @Test
    void aTwistWorksBesideADragThatDoesNotPan() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.TOUCH);
        map = map.with("touch-two", null, 0).with("touch-one", Trigger.touch(2), 0);
        FingerTracker f = new FingerTracker(new InputResolver(log, map));
        f.down(1, 100, 100, 0);
        f.down(2, 200, 100, 10);
        for (int k = 1; k <= 6; k++) {
            double a = Math.toRadians(5 * k);
            f.move(1, 150 - 50 * Math.cos(a), 100 - 50 * Math.sin(a));
            f.move(2, 150 + 50 * Math.cos(a), 100 + 50 * Math.sin(a));
        }
        double turned = log.said.stream()
                .filter(s -> s.startsWith("steps touch-twist "))
                .mapToDouble(s -> Double.parseDouble(s.split(" ")[2]))
                .sum();
        assertThat(turned).isCloseTo(2, within(1e-9));
        assertThat(log.said).contains("begin touch-one 150");
    }

    /** Whatever is made is watched as that trigger, in any order of events that a hand can make. */
    @Property(tries = 300)
    void whatTheHandDoesIsWhatIsWatched(@ForAll long seed) {
        Random rnd = new Random(seed);
        TriggerCapture c = new TriggerCapture();
        int mods = rnd.nextInt(4);
        int button = rnd.nextInt(3);
        int mask = button == 1 ? MIDDLE : button == 2 ? RIGHT : LEFT;
        double x = rnd.nextInt(500);
        double to = x + 5 + rnd.nextInt(200);
        Trigger made;
        int with = mods;
        c.pointer(x, 0, 0, mods, false, 0);
        switch (rnd.nextInt(8)) {
            case 0 -> {
                made = Trigger.drag(button);
                c.pointer(x, 0, mask, mods, false, 10);
                c.pointer(to, 0, mask, mods, false, 20);
            }
            case 1 -> {
                int other = (button + 1 + rnd.nextInt(2)) % 3;
                made = Trigger.both(button, other);
                c.pointer(x, 0, mask, mods, false, 10);
                int both = mask | (other == 1 ? MIDDLE : other == 2 ? RIGHT : LEFT);
                c.pointer(x, 0, both, mods, false, 20);
                c.pointer(to, 0, both, mods, false, 30);
            }
            case 2 -> {
                made = Trigger.wheelWith(button);
                // The key itself is down, so that this is no pinch.
                c.keyDown("ControlLeft", mods);
                c.pointer(x, 0, mask, mods, false, 10);
                c.wheel(0, 120, mods, 20);
            }
            case 3 -> {
                made = Trigger.click(button);
                c.pointer(x, 0, mask, mods, false, 10);
                c.pointer(x, 0, 0, mods, false, 20);
                c.tick(400);
            }
            case 4 -> {
                made = Trigger.pinch();
                with = 0;
                c.wheel(0, -4, Modifiers.CTRL, 20);
            }
            case 5 -> {
                made = Trigger.slide();
                with = 0;
                c.wheel(5 + rnd.nextInt(9), 3, 0, 20);
            }
            case 6 -> {
                int part = rnd.nextInt(3);
                made = part == 2 ? Trigger.pen() : Trigger.pen(part);
                int down = part == 2 ? LEFT : part == Trigger.BARREL ? RIGHT | LEFT : ERASER;
                c.pointer(x, 0, down, mods, true, 10);
                c.pointer(to, 0, down, mods, true, 20);
            }
            default -> {
                made = Trigger.hold("KeyT");
                c.keyDown("KeyT", mods);
                c.pointer(to, 0, 0, mods, false, 20);
            }
        }
        assertThat(c.trigger()).isEqualTo(made);
        assertThat(c.modifiers()).isEqualTo(with);
    }

    /** What a page that is stuck for a second does with two quick taps once it goes on: a double tap, and no rest. */
    @Test
    void aStuckPageMakesNoFingerRest() {
        TriggerCapture c = new TriggerCapture();
        FingerTracker f = new FingerTracker(with(KeymapPresets.RHOMBUS));
        for (int tap = 0; tap < 2; tap++) {
            double at = 100 + tap * 100;
            c.fingers().down(1, 50, 50, at);
            f.down(1, 50, 50, at);
            c.tick(at + 1000);
            f.tick(at + 1000);
            assertThat(c.trigger()).isNull();
            c.fingers().up(1, at + 50);
            f.up(1, 50, 50, at + 50);
            c.tick(at + 1010);
        }
        assertThat(said()).hasSize(2).noneMatch(s -> s.contains("rest"));
        assertThat(c.trigger()).isEqualTo(Trigger.doubleClick(0));
    }

    @Test
    void fingersAreWatchedForWhatTheyDo() {
        assertThat(watched(1, 30, 0, 0)).isEqualTo(Trigger.touch(1));
        assertThat(watched(2, 40, 0, 0)).isEqualTo(Trigger.touch(2));
        assertThat(watched(3, 40, 0, 0)).isEqualTo(Trigger.touch(3));
        assertThat(watched(2, 0, 40, 0)).isEqualTo(Trigger.pinch());
        assertThat(watched(2, 0, 0, 0.5)).isEqualTo(Trigger.twist());
        assertThat(watched(1, 0, 0, 0)).isEqualTo(Trigger.click(0));
        assertThat(watched(2, 0, 0, 0)).isEqualTo(Trigger.tap(2));
        assertThat(watched(3, 0, 0, 0)).isEqualTo(Trigger.tap(3));
        TriggerCapture rests = new TriggerCapture();
        rests.fingers().down(1, 50, 50, 0);
        rests.tick(20);
        rests.tick(600);
        assertThat(rests.trigger()).isEqualTo(Trigger.press());
    }

    /** What some fingers are taken for that go to the right, spread or turn, in small steps. */
    private static Trigger watched(int count, double right, double spread, double turn) {
        TriggerCapture c = new TriggerCapture();
        for (int i = 0; i < count; i++) {
            c.fingers().down(i, x(count, i, 0, 0, 0), y(count, i, 0, 0), i * 10);
        }
        for (int k = 1; k <= 20 && right + spread + turn > 0; k++) {
            for (int i = 0; i < count; i++) {
                double part = k / 20.0;
                c.fingers()
                        .move(
                                i,
                                x(count, i, right * part, spread * part, turn * part),
                                y(count, i, spread * part, turn * part));
            }
        }
        for (int i = 0; i < count; i++) {
            c.fingers().up(i, 200 + i);
        }
        c.tick(210);
        c.tick(900);
        return c.trigger();
    }

    private static double x(int count, int i, double right, double spread, double turn) {
        return 200 + right + (60 + spread) * Math.cos(turn + 2 * Math.PI * i / count);
    }

    private static double y(int count, int i, double spread, double turn) {
        return 200 + (60 + spread) * Math.sin(turn + 2 * Math.PI * i / count);
    }

    /** What is said to answer a pointer's trigger is what the resolver runs, for any keymap. */
    @Property(tries = 400)
    void whatIsSaidToAnswerAnswers(@ForAll long seed) {
        Random rnd = new Random(seed);
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.ALL.get(rnd.nextInt(KeymapPresets.ALL.size())));
        List<Binding> all = map.bindings();
        List<Trigger> triggers = List.of(
                Trigger.slide(),
                Trigger.wheel(),
                Trigger.wheelWith(rnd.nextInt(3)),
                Trigger.both(0, 2),
                Trigger.both(0, 1));
        for (int k = 0; k < 6; k++) {
            Trigger t = triggers.get(rnd.nextInt(triggers.size()));
            Binding b = all.get(rnd.nextInt(all.size()));
            if (b.command().fits(t.kind())) {
                map = map.with(b.with(t, rnd.nextInt(8)));
            }
        }
        for (Trigger t : triggers) {
            int mods = rnd.nextInt(8);
            InputResolver r = new InputResolver(log, map);
            log.said.clear();
            r.pointer(0, 0, 0, mods, 0);
            r.keyDown("ControlLeft", mods, false, 5);
            int mask = t.button() == 1 ? MIDDLE : t.button() == 2 ? RIGHT : LEFT;
            boolean turned = t.kind() == Trigger.Kind.WHEEL || t.kind() == Trigger.Kind.SLIDE;
            if (turned) {
                if (t.button() >= 0) {
                    r.pointer(0, 0, mask, mods, 10);
                }
                r.wheel(0, 0, new WheelInput(1, 1, 9, 9), mods, 20);
            } else {
                int pair = t.equals(Trigger.both(0, 2)) ? LEFT | RIGHT : LEFT | MIDDLE;
                r.pointer(0, 0, pair, mods, 10);
            }
            Binding found = TriggerOverlap.answer(map, t, mods, log.contextsAt(0, 0));
            String did = log.said.isEmpty() ? null : log.said.get(0).split(" ")[1];
            if (turned || found != null) {
                assertThat(did).as(t + " " + mods).isEqualTo(found == null ? null : found.id());
            }
        }
    }
}
