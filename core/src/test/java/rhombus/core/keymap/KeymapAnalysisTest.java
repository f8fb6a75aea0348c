package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.Performed;
import rhombus.core.stage.commands.AllCommands;

/** What is said of a keymap, against what its resolver does. */
class KeymapAnalysisTest {
    private static Keymap random(Random r) {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.ALL.get(r.nextInt(KeymapPresets.ALL.size())));
        List<Binding> all = map.bindings();
        for (int k = r.nextInt(40); k > 0; k--) {
            Binding b = all.get(r.nextInt(all.size()));
            Binding other = all.get(r.nextInt(all.size()));
            // Triggers that are used already: so that much hides something else.
            if (other.trigger() != null && b.command().fits(other.trigger().kind())) {
                List<Binding> more = BindableCommand.of(map, b.command());
                Binding wanted = r.nextInt(4) > 0 || more.isEmpty() ? b : more.get(r.nextInt(more.size()));
                Keymap next = map.with(wanted.with(other.trigger(), other.modifiers()));
                map = KeymapAnalysis.clashes(next).isEmpty() ? next : map;
            }
        }
        return map;
    }

    /** What the resolver runs for a key in every situation, by brute force. */
    private static Map<List<BindingContext>, String> runs(Keymap map, String code, int modifiers) {
        Map<List<BindingContext>, String> out = new HashMap<>();
        Pressed hand = new Pressed();
        double now = 0;
        for (List<BindingContext> situation : TriggerOverlap.situations()) {
            InputResolver resolver = new InputResolver(hand, map);
            hand.where = situation;
            hand.did = null;
            resolver.keyDown(code, modifiers, false, now += 1000);
            resolver.keyUp(code, modifiers, now += 10);
            out.put(situation, hand.did);
        }
        return out;
    }

    /** What a new trigger takes from others, for all bindings, is what the resolver shows before and after. */
    @Property
    void whatAChangeHidesIsWhatTheResolverNoLongerRuns(@ForAll long seed) {
        Random r = new Random(seed);
        Keymap map = random(r);
        List<Binding> keys = map.bindings().stream()
                .filter(b -> b.trigger() != null && b.trigger().kind() == Trigger.Kind.KEY)
                .toList();
        Binding b = keys.get(r.nextInt(keys.size()));
        Binding taken = keys.get(r.nextInt(keys.size()));
        Keymap after = map.with(b.with(taken.trigger(), taken.modifiers()));
        if (b.id().equals(taken.id()) || !KeymapAnalysis.clashes(after).isEmpty()) {
            return;
        }
        Set<String> hidden = new HashSet<>();
        Set<String> gone = new HashSet<>();
        for (Binding o : map.bindings()) {
            if (o.trigger() == null
                    || o.trigger().kind() != Trigger.Kind.KEY
                    || o.id().equals(b.id())
                    || o.context() == BindingContext.GESTURE) {
                continue;
            }
            Map<List<BindingContext>, String> before = runs(map, o.trigger().code(), o.modifiers());
            Map<List<BindingContext>, String> then = runs(after, o.trigger().code(), o.modifiers());
            boolean had = before.containsValue(o.id());
            boolean lost = before.entrySet().stream()
                    .anyMatch(e -> o.id().equals(e.getValue())
                            && e.getKey().contains(o.context())
                            && !o.id().equals(then.get(e.getKey())));
            if (lost) {
                hidden.add(o.id());
            }
            if (had && !then.containsValue(o.id())) {
                gone.add(o.id());
            }
        }
        List<String> covered = TriggerOverlap.covered(map, after, after.binding(b.id())).stream()
                .filter(o -> o.trigger().kind() == Trigger.Kind.KEY && o.context() != BindingContext.GESTURE)
                .map(Binding::id)
                .toList();
        assertThat(covered).containsExactlyInAnyOrderElementsOf(hidden);
        List<String> said = KeymapAnalysis.hides(map, after, after.binding(b.id()), null, Map.of());
        assertThat(said.stream().filter(x -> x.contains("not reached any more")).count())
                .isGreaterThanOrEqualTo(gone.size());
    }

    @Test
    void undoTheListAndTheGuideAreNotLostWithoutAYes() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        KeymapAnalysis.Verdict undo =
                KeymapAnalysis.check(map, "home", Trigger.key("KeyZ"), Modifiers.CTRL, Map.of(), Platform.LINUX);
        assertThat(undo.loses()).containsExactly("Undo");
        assertThat(undo.notes()).anyMatch(n -> n.contains("Undo") || n.contains("undo"));
        assertThat(undo.free()).isNotNull();
        KeymapAnalysis.Verdict guide =
                KeymapAnalysis.check(map, "home", Trigger.key("F1"), 0, Map.of(), Platform.LINUX);
        assertThat(guide.loses()).containsExactly("Open the guide");
        KeymapAnalysis.Verdict find =
                KeymapAnalysis.check(map, "home", Trigger.key("Slash"), 0, Map.of(), Platform.LINUX);
        assertThat(find.loses()).as("Ctrl+/ still opens the list").isEmpty();
        assertThat(find.notes()).isNotEmpty();
        Keymap lost = map.with("home", Trigger.key("F1"), 0);
        assertThat(KeymapAnalysis.missing(lost))
                .as("what is covered everywhere is missing")
                .contains("app.guide");
    }

    @Test
    void placesThatHoldTogetherAreTold() {
        assertThat(TriggerOverlap.situations())
                .anyMatch(s -> s.contains(BindingContext.HANDLE) && s.contains(BindingContext.TOOL))
                .anyMatch(s -> s.contains(BindingContext.WALK) && s.contains(BindingContext.ROSE))
                .noneMatch(s -> s.contains(BindingContext.ROSE) && s.contains(BindingContext.HANDLE));
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        Binding nudge = map.bindings().stream()
                .filter(b -> b.command().id().equals("tool.nudge"))
                .findFirst()
                .orElseThrow();
        Binding step = map.bindings().stream()
                .filter(b -> b.command().id().equals("navigate.step-look") && b.context() == BindingContext.WALK)
                .findFirst()
                .orElseThrow();
        Keymap same = map.with(nudge.id(), step.trigger(), step.modifiers());
        assertThat(TriggerOverlap.before(same, same.binding(nudge.id())))
                .extracting(Binding::id)
                .contains(step.id());
    }

    @Test
    void aMacTellsWhatItKeepsWithTwoModifiers() {
        for (String key : List.of("KeyT", "KeyN", "KeyW")) {
            assertThat(Platform.MAC.taken(Trigger.key(key), Modifiers.META | Modifiers.SHIFT, Map.of()))
                    .as(key)
                    .isNotNull();
        }
    }

    /** By brute force: each key with its modifiers pressed in each situation runs exactly what is said to answer there. */
    @Property
    void whatTheResolverDoesIsWhatIsSaid(@ForAll long seed) {
        Random r = new Random(seed);
        Keymap map = random(r);
        Set<String> ran = new HashSet<>();
        Map<String, Boolean> hides = new HashMap<>();
        Pressed hand = new Pressed();
        InputResolver resolver = new InputResolver(hand, map);
        double now = 0;
        for (List<BindingContext> situation : TriggerOverlap.situations()) {
            hand.where = situation;
            for (Binding key : map.bindings()) {
                if (key.trigger() == null || key.trigger().kind() != Trigger.Kind.KEY) {
                    continue;
                }
                hand.did = null;
                resolver.keyDown(key.trigger().code(), key.modifiers(), false, now += 1000);
                resolver.keyUp(key.trigger().code(), key.modifiers(), now += 10);
                Binding found = TriggerOverlap.answer(map, key.trigger(), key.modifiers(), situation);
                assertThat(hand.did).as(key.id() + " " + situation).isEqualTo(found == null ? null : found.id());
                if (hand.did != null) {
                    ran.add(hand.did);
                    if (situation.contains(key.context()) && !hand.did.equals(key.id())) {
                        hides.put(key.id(), true);
                    }
                }
            }
        }
        for (Binding b : map.bindings()) {
            boolean key = b.trigger() != null
                    && b.trigger().kind() == Trigger.Kind.KEY
                    && b.context() != BindingContext.GESTURE;
            if (key) {
                assertThat(TriggerOverlap.reached(map, b)).as(b.id()).isEqualTo(ran.contains(b.id()));
                boolean hidden = hides.getOrDefault(b.id(), false);
                List<String> said = BindingWarnings.of(map, b, Platform.MAC, Map.of());
                assertThat(said.stream().anyMatch(s -> s.startsWith("Hidden") || s.startsWith("Never reached")))
                        .isEqualTo(hidden || !ran.contains(b.id()));
            }
        }
    }

    /** The same for whatever else a hand can do, each motion in some of the situations in which a hand can be. */
    @Property
    void whateverAHandDoesIsAnsweredAsIsSaid(@ForAll long seed) {
        Random r = new Random(seed);
        Keymap map = random(r);
        List<List<BindingContext>> situations = TriggerOverlap.situations().stream()
                .filter(s -> !s.contains(BindingContext.GESTURE))
                .toList();
        for (Binding b : map.bindings()) {
            Trigger t = b.trigger();
            // Two fingers that spread or turn pan as well: which of it is meant is said by the hand, not by the keymap.
            boolean together = t != null && (t.kind() == Trigger.Kind.PINCH || t.kind() == Trigger.Kind.TWIST);
            if (t == null
                    || together
                    || t.kind() == Trigger.Kind.KEY
                    || OF_GLASS.contains(t.kind()) && b.modifiers() != 0) {
                continue;
            }
            List<BindingContext> situation = situations.get(r.nextInt(situations.size()));
            Binding found = TriggerOverlap.answer(map, t, b.modifiers(), situation);
            String did = Performed.at(map, situation, List.of(BindingContext.GESTURE), t, b.modifiers(), 100, 100);
            if (t.kind() == Trigger.Kind.DOUBLE && found == null) {
                // A second click that means nothing by itself is a click.
                found = TriggerOverlap.answer(map, Trigger.click(t.button()), b.modifiers(), situation);
            }
            List<String> said = new ArrayList<>(List.of(found == null ? "" : found.id()));
            if (t.kind() == Trigger.Kind.TAP && found == null) {
                // Where no tap is waited for, fingers that come down begin their motion, and end it where it began.
                Binding motion = TriggerOverlap.answer(map, Trigger.touch(t.button()), 0, situation);
                said.add(motion == null ? "" : motion.id());
            }
            assertThat(did).as("%s with %d in %s", t, b.modifiers(), situation).isIn(said);
        }
    }

    /** What a hand does with buttons and the wheel, one after the other, so that one kind never stands for another. */
    private static final List<Trigger.Kind> BUTTONS =
            List.of(Trigger.Kind.DRAG, Trigger.Kind.CLICK, Trigger.Kind.BOTH, Trigger.Kind.WHEEL, Trigger.Kind.PEN);

    private static Map<List<BindingContext>, String> performs(Keymap map, Binding b) {
        Map<List<BindingContext>, String> out = new HashMap<>();
        for (List<BindingContext> situation : TriggerOverlap.situations()) {
            if (!situation.contains(BindingContext.GESTURE)) {
                String did = Performed.at(
                        map, situation, List.of(BindingContext.GESTURE), b.trigger(), b.modifiers(), 100, 100);
                out.put(situation, did);
            }
        }
        return out;
    }

    /** What a new trigger of a button, the wheel or a pen takes from others is what the hand finds before and after. */
    @Property(tries = 150)
    void whatAChangeOfAButtonHides(@ForAll long seed) {
        Random r = new Random(seed);
        Keymap map = random(r);
        Trigger.Kind kind = BUTTONS.get(r.nextInt(BUTTONS.size()));
        List<Binding> same = map.bindings().stream()
                .filter(b -> b.trigger() != null && b.trigger().kind() == kind && b.context() != BindingContext.GESTURE)
                .toList();
        if (same.size() < 2) {
            return;
        }
        Binding b = same.get(r.nextInt(same.size()));
        Binding taken = same.get(r.nextInt(same.size()));
        Keymap after = map.with(b.with(taken.trigger(), taken.modifiers()));
        if (b.id().equals(taken.id()) || !KeymapAnalysis.clashes(after).isEmpty()) {
            return;
        }
        Set<String> hidden = new HashSet<>();
        for (Binding o : same) {
            if (o.id().equals(b.id())) {
                continue;
            }
            Map<List<BindingContext>, String> before = performs(map, o);
            Map<List<BindingContext>, String> then = performs(after, o);
            if (before.entrySet().stream()
                    .anyMatch(e -> o.id().equals(e.getValue())
                            && e.getKey().contains(o.context())
                            && !o.id().equals(then.get(e.getKey())))) {
                hidden.add(o.id());
            }
        }
        List<String> covered = TriggerOverlap.covered(map, after, after.binding(b.id())).stream()
                .filter(o -> o.trigger().kind() == kind && o.context() != BindingContext.GESTURE)
                .map(Binding::id)
                .toList();
        assertThat(covered).as(kind + " " + b.id()).containsExactlyInAnyOrderElementsOf(hidden);
    }

    /** Fingers come without modifiers. */
    private static final Set<Trigger.Kind> OF_GLASS = Set.of(Trigger.Kind.TOUCH, Trigger.Kind.TAP, Trigger.Kind.PRESS);

    /** Notes what a key runs. */
    private static final class Pressed implements ResolverActions {
        private List<BindingContext> where = List.of();
        private String did;

        @Override
        public List<BindingContext> contextsAt(double x, double y) {
            return where;
        }

        @Override
        public List<BindingContext> whileMoving() {
            return List.of(BindingContext.GESTURE);
        }

        @Override
        public void run(Binding b, double x, double y) {
            did = b.id();
        }

        @Override
        public void held(Binding b, boolean down, boolean tap, double x, double y) {
            did = b.id();
        }

        @Override
        public void begin(Binding b, double x, double y, boolean fine, boolean snap) {}

        @Override
        public void beginFingers(Binding b, double x, double y, boolean pinch, boolean twist) {}

        @Override
        public void dragFingers(double x, double y, double spread, double angle) {}

        @Override
        public void drag(double x, double y) {}

        @Override
        public void steer(List<Steer> some) {}

        @Override
        public void release() {}

        @Override
        public void cancel() {}

        @Override
        public void steps(Binding b, double x, double y, double steps, boolean fine) {}
    }

    @Test
    void aKeyThatEverySortOfViewportAnswersBeforeIsNeverReached() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        for (Binding b : map.bindings()) {
            if (b.trigger() != null) {
                assertThat(TriggerOverlap.reached(map, b))
                        .as("in the preset " + b.id())
                        .isTrue();
            }
        }
        // What holds in the whole application gives way to what holds in any viewport.
        Binding find = map.binding("find");
        Keymap taken = map.with("find", Trigger.key("KeyF"), 0);
        assertThat(BindingWarnings.of(taken, taken.binding("find"), Platform.LINUX, Map.of()))
                .containsExactly("Never reached: something else answers before it everywhere.");
        assertThat(find.context()).isEqualTo(BindingContext.APPLICATION);
    }

    /** The way out that is offered is one: it fits, nothing else answers to it, and nothing is said against it. */
    @Property
    void theFreeTriggerThatIsOfferedIsFree(@ForAll long seed) {
        Random r = new Random(seed);
        Keymap map = random(r);
        List<Binding> all = map.bindings();
        Binding b = all.get(r.nextInt(all.size()));
        Binding other = all.get(r.nextInt(all.size()));
        Platform platform = Platform.values()[r.nextInt(3)];
        if (other.trigger() == null) {
            return;
        }
        KeymapAnalysis.Verdict v =
                KeymapAnalysis.check(map, b.id(), other.trigger(), other.modifiers(), Map.of(), platform);
        if (v.free() == null) {
            return;
        }
        assertThat(b.command().fits(v.free().kind())).isTrue();
        KeymapAnalysis.Verdict again =
                KeymapAnalysis.check(map, b.id(), v.free(), v.freeModifiers(), Map.of(), platform);
        assertThat(again.refused()).isNull();
        assertThat(again.clash()).isNull();
        assertThat(again.notes()).isEmpty();
        Keymap next = map.with(b.id(), v.free(), v.freeModifiers());
        assertThat(KeymapAnalysis.clashes(next)).isEqualTo(KeymapAnalysis.clashes(map));
    }

    @Test
    void whatBrowsersAndSystemsKeepIsToldByPlatform() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        List<String> notes = new ArrayList<>();
        for (Platform p : Platform.values()) {
            notes.add(String.join(
                    " ",
                    KeymapAnalysis.check(map, "frame", Trigger.key("KeyW"), Modifiers.CTRL, Map.of(), p)
                            .notes()));
        }
        assertThat(notes.get(Platform.WINDOWS.ordinal())).contains("closes the tab");
        assertThat(notes.get(Platform.MAC.ordinal())).doesNotContain("closes the tab");
        KeymapAnalysis.Verdict v =
                KeymapAnalysis.check(map, "orbit-drag", Trigger.drag(0), Modifiers.ALT, Map.of(), Platform.LINUX);
        assertThat(v.notes()).anyMatch(n -> n.contains("window managers"));
        assertThat(v.free()).isNotNull();
        assertThat(Platform.of("MacIntel")).isEqualTo(Platform.MAC);
        assertThat(Platform.of("Win32")).isEqualTo(Platform.WINDOWS);
        assertThat(Platform.of("")).isEqualTo(Platform.LINUX);
    }

    /** AZERTY prints W where QWERTY has Z, and A where it has Q: the browser goes by what is printed. */
    @Test
    void whatABrowserKeepsGoesByWhatTheLayoutPrints() {
        Map<String, String> azerty = Map.of("KeyZ", "w", "KeyW", "z", "KeyA", "q", "KeyQ", "a", "Semicolon", "m");
        assertThat(Platform.WINDOWS.taken(Trigger.key("KeyW"), Modifiers.CTRL, Map.of()))
                .contains("closes the tab");
        assertThat(Platform.WINDOWS.taken(Trigger.key("KeyW"), Modifiers.CTRL, azerty))
                .isNull();
        assertThat(Platform.WINDOWS.taken(Trigger.key("KeyZ"), Modifiers.CTRL, azerty))
                .contains("closes the tab");
        assertThat(Platform.WINDOWS.taken(Trigger.key("F4"), Modifiers.ALT, azerty))
                .contains("ends the browser");
        Map<String, String> dvorak = Map.of("KeyW", ",", "Comma", "w");
        assertThat(Platform.LINUX.taken(Trigger.key("Comma"), Modifiers.CTRL, dvorak))
                .contains("closes the tab");
        assertThat(Platform.LINUX.taken(Trigger.key("KeyW"), Modifiers.CTRL, dvorak))
                .isNull();
    }

    /** W3C UI Events KeyboardEvent code Values: some of each table, and what is none. */
    @Test
    void everyCodeOfTheSpecificationIsTakenAndNoOther() {
        for (String code : List.of(
                "KeyA",
                "KeyZ",
                "Digit0",
                "Backquote",
                "IntlYen",
                "Lang2",
                "Convert",
                "F1",
                "F12",
                "NumpadParenLeft",
                "Numpad9",
                "NumpadHash",
                "BrowserBack",
                "MediaTrackNext",
                "AudioVolumeUp",
                "ContextMenu",
                "Help",
                "Pause",
                "ArrowUp")) {
            assertThat(KeyNames.known(code)).as(code).isTrue();
        }
        for (String code : List.of(
                "",
                "Key",
                "Keya",
                "KeyAA",
                "Digit10",
                "F0",
                "F01",
                "F25",
                "F99",
                "Numpad",
                "Numpad10",
                "NumpadX",
                "ShiftLeft",
                "MetaRight",
                "Fn",
                "Unidentified",
                "a",
                "Enter ",
                "enter")) {
            assertThat(KeyNames.known(code)).as(code).isFalse();
        }
    }
}
