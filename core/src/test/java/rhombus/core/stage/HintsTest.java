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
import rhombus.core.keymap.Actions;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Context;
import rhombus.core.keymap.Fingers;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Resolver;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.Wheel;
import rhombus.core.plain.Plain;
import rhombus.core.stage.area.AllCommands;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.view.Device;
import rhombus.core.stage.view.ViewState;

/** What the hints say is what happens: each of them, wherever the hand is and whatever is held, is done and compared. */
class HintsTest {
    /** Does nothing itself and remembers what a trigger came to. */
    private static final class Spy implements Actions {
        private final Actions real;
        private final List<Context> contexts;
        String did = "";
        /** Whether the two fingers spread, or turn, while they pan. */
        private boolean pinching;

        private boolean twisting;
        private boolean dragging;
        private Keymap keymap;

        Spy(Actions real, List<Context> contexts) {
            this.real = real;
            this.contexts = contexts;
        }

        @Override
        public List<Context> contextsAt(double x, double y) {
            return contexts;
        }

        @Override
        public List<Context> whileMoving() {
            return real.whileMoving();
        }

        @Override
        public void run(Binding b, double x, double y) {
            did = b.id();
        }

        @Override
        public void held(Binding b, boolean down, boolean tap, double x, double y) {
            did = down ? b.id() : did;
        }

        @Override
        public void begin(Binding b, double x, double y, boolean fine, boolean snap) {
            did = b.id();
        }

        @Override
        public void drag(double x, double y) {}

        @Override
        public void beginFingers(Binding b, double x, double y, boolean pinch, boolean twist) {
            did = pinching && pinch
                    ? keymap.find(Trigger.pinch(), 0, contexts).id()
                    : twisting && twist
                            ? keymap.find(Trigger.twist(), 0, contexts).id()
                            : b.id();
        }

        @Override
        public void dragFingers(double x, double y, double spread, double angle) {}

        @Override
        public void release() {}

        @Override
        public void cancel() {}

        @Override
        public void steps(Binding b, double x, double y, double steps, boolean fine) {
            // Fingers that pan one after the other spread a little as well.
            did = dragging ? did : b.id();
        }
    }

    /** Performs a trigger on a resolver of its own with the same keymap, and says which binding answered. */
    private static String perform(Stage stage, Trigger t, int mods) {
        double x = Double.isNaN(stage.rooms.ground.pointer().x())
                ? 0
                : stage.rooms.ground.pointer().x();
        double y = Double.isNaN(stage.rooms.ground.pointer().y())
                ? 0
                : stage.rooms.ground.pointer().y();
        Spy spy = new Spy(
                stage.rooms.press,
                stage.rooms.press.contextsAt(
                        stage.rooms.ground.pointer().x(),
                        stage.rooms.ground.pointer().y()));
        Resolver r = new Resolver(spy, stage.keymap());
        r.pointer(x, y, 0, mods, 0);
        int mask = t.button() == 0 ? 1 : t.button() == 1 ? 4 : t.button() == 2 ? 2 : 1 << t.button();
        switch (t.kind()) {
            case KEY -> {
                r.keyDown(t.code(), mods, false, 10);
                r.keyUp(t.code(), mods, 20);
            }
            case HOLD -> {
                r.keyDown(t.code(), mods, false, 10);
                r.pointer(x + 9, y, 0, mods, 400);
            }
            case DRAG -> {
                r.pointer(x, y, mask, mods, 10);
                r.pointer(x + 9, y, mask, mods, 20);
            }
            case CLICK, DOUBLE -> {
                for (int i = 0; i < (t.kind() == Trigger.Kind.DOUBLE ? 2 : 1); i++) {
                    r.pointer(x, y, mask, mods, 10 + i * 20);
                    r.pointer(x, y, 0, mods, 20 + i * 20);
                }
            }
            case WHEEL -> {
                // The key itself is down, so that this is no pinch.
                r.keyDown("ControlLeft", mods, false, 5);
                if (t.button() >= 0) {
                    r.pointer(x, y, mask, mods, 10);
                }
                r.wheel(x, y, new Wheel(1, 1, 9, 9), mods, 20);
            }
            case SLIDE -> {
                r.keyDown("ControlLeft", mods, false, 5);
                r.wheel(x, y, new Wheel(1, 1, 9, 9), mods, 20);
            }
            case BOTH -> {
                int pair = new int[] {3, 5, 6}[t.button()];
                r.pointer(x, y, Integer.lowestOneBit(pair), mods, 10);
                r.pointer(x, y, pair, mods, 20);
                r.pointer(x + 9, y, pair, mods, 30);
            }
            case PEN -> {
                int part = t.button() == Trigger.BARREL ? 2 : t.button() == Trigger.ERASER ? 32 : 1;
                r.pointer(x, y, part, mods, true, 10);
                r.pointer(x + 9, y, part, mods, true, 20);
            }
            case PEN_TAP -> {
                int part = t.button() == Trigger.BARREL ? 2 : 32;
                r.pointer(x, y, part, mods, true, 10);
                r.pointer(x, y, 0, mods, true, 20);
            }
            case TOUCH, TAP, PRESS, PINCH, TWIST -> fingers(r, spy, t, x, y);
            default -> throw new AssertionError("hints tell no " + t.kind());
        }
        return spy.did;
    }

    /** Fingers come without modifiers. */
    private static int held(Stage stage) {
        return stage.rooms.ground.pointer().device() == Device.FINGERS ? 0 : stage.rooms.resolver.modifiers();
    }

    private static void fingers(Resolver r, Spy spy, Trigger t, double x, double y) {
        spy.did = "";
        spy.keymap = r.keymap();
        spy.pinching = t.kind() == Trigger.Kind.PINCH;
        spy.twisting = t.kind() == Trigger.Kind.TWIST;
        spy.dragging = t.kind() == Trigger.Kind.TOUCH || t.kind() == Trigger.Kind.TWIST;
        Fingers f = new Fingers(r);
        int count = t.kind() == Trigger.Kind.PRESS ? 1 : t.button() > 0 ? t.button() : 2;
        for (int i = 0; i < count; i++) {
            f.down(i, x + i * 40, y, 10);
        }
        if (t.kind() == Trigger.Kind.PRESS) {
            f.tick(900);
            return;
        }
        if (t.kind() != Trigger.Kind.TAP) {
            for (int i = 0; i < count; i++) {
                f.move(i, x + i * 60 + 20, y);
            }
        }
        for (int i = 0; i < count; i++) {
            f.up(i, x + i * 40, y, 100);
        }
    }

    @Property(tries = 400)
    void eachHintDoesWhatItSays(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Hand hand = new Hand();
        Stage stage = hand.stage;
        stage.use(AllCommands.CATALOGUE.preset(Presets.ALL.get(r.nextInt(Presets.ALL.size()))));
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
        if (!Double.isNaN(stage.rooms.ground.pointer().x())) {
            hand.move(at[0], at[1], 0, mods);
        } else {
            stage.input().keyDown("ShiftLeft", mods, false, hand.now += 10);
        }
        stage.rooms.ground.pointer().by(Device.values()[r.nextInt(3)]);
        List<Object> hints = new Seen(stage).hints(Map.of());
        assertThat(hints).isNotEmpty();
        List<String> told = new ArrayList<>();
        for (Object o : hints) {
            for (Object id : Plain.list(Plain.map(o).get("bindings"))) {
                Binding b = stage.keymap().binding(id.toString());
                assertThat(perform(stage, b.trigger(), held(stage)))
                        .as("%s of %s", id, Plain.map(o))
                        .isEqualTo(id);
                told.add(b.trigger().kind() + " " + b.trigger());
            }
        }
        assertThat(told).as("each trigger is told once").doesNotHaveDuplicates();
    }

    /** Anywhere, and now and then where something of the viewport's own lies. */
    private static double[] place(Hand hand, Random r) {
        ViewState v = hand.view(r.nextInt(4));
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
}
