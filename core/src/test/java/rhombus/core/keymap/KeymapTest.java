package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.commands.AllCommands;

class KeymapTest {
    static Stream<String> presets() {
        return KeymapPresets.names().keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("presets")
    void presetsHaveNoClashAndReachEveryEssentialCommand(String preset) {
        Keymap map = AllCommands.CATALOGUE.preset(preset);
        assertThat(KeymapAnalysis.clashes(map)).isEmpty();
        assertThat(KeymapAnalysis.missing(map)).isEmpty();
        assertThat(map.bindings()).extracting(Binding::id).doesNotHaveDuplicates();
        assertThat(map.bindings()).allSatisfy(b -> {
            assertThat(b.command()).as(b.id()).isNotNull();
            assertThat(b.command().fits(b.trigger().kind())).as(b.id()).isTrue();
        });
    }

    /** What each device can make by itself, for those presets that are for a hand with nothing else. */
    private static final Map<String, List<String>> BARE_HANDS = Map.of(
            KeymapPresets.TOUCH, List.of("touch", "tap", "press", "pinch", "twist", "left-click", "left-double"),
            KeymapPresets.PEN, List.of("pen", "pen-tap", "left-click", "left-double"));

    @Test
    void aHandWithNothingButItsDeviceReachesEveryEssentialCommand() {
        BARE_HANDS.forEach((preset, made) -> {
            Keymap map = AllCommands.CATALOGUE.preset(preset);
            for (Command c : AllCommands.CATALOGUE.commands().values()) {
                // Dollying is one thing, whether by a drag or by steps.
                String also = c.id().equals("navigate.dolly-steps") ? "navigate.dolly" : c.id();
                assertThat(map.bindings())
                        .as(preset + " " + c.id())
                        .matches(l -> !c.essential()
                                || l.stream()
                                        .anyMatch(b -> (b.command() == c
                                                        || b.command().id().equals(also))
                                                && b.context() == BindingContext.STAGE
                                                && (b.modifiers() == 0)
                                                && made.contains(sort(b.trigger()))));
            }
        });
    }

    private static String sort(Trigger t) {
        boolean click = t.kind() == Trigger.Kind.CLICK || t.kind() == Trigger.Kind.DOUBLE;
        return (click ? (t.button() == 0 ? "left-" : "other-") : "") + t.kind().id();
    }

    @Test
    void aCommandGetsMoreTriggersAndTheyComeBackTheSame() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        List<Binding> orbit = BindableCommand.of(map, AllCommands.CATALOGUE.command("navigate.orbit"));
        assertThat(orbit).hasSize(1);
        Keymap more = map.with(orbit.get(0).with(Trigger.both(0, 1), Modifiers.SHIFT));
        assertThat(more.added()).hasSize(1);
        assertThat(more.find(Trigger.both(1, 0), Modifiers.SHIFT, List.of(BindingContext.STAGE))
                        .command()
                        .id())
                .isEqualTo("navigate.orbit");
        Binding second = BindableCommand.of(more, AllCommands.CATALOGUE.command("view.frame-everything"))
                .get(0);
        more = more.with(second.with(Trigger.key("F7"), 0));
        assertThat(more.differing()).isEqualTo(2);
        Keymap again = AllCommands.CATALOGUE.keymap(more.toPlain());
        assertThat(again.bindings()).isEqualTo(more.bindings());
        assertThat(again.toPlain()).isEqualTo(more.toPlain());
        assertThat(again.reset("own-1").reset("own-2").bindings()).isEqualTo(map.bindings());
        assertThat(again.with("own-2", null, 0).added()).extracting(Binding::id).containsExactly("own-1");
    }

    /** Every trigger that can be made has a file form of its own and comes back from it. */
    @Test
    void everyTriggerComesBackFromItsFileForm() {
        Set<Object> forms = new HashSet<>();
        int made = 0;
        for (Trigger.Kind k : Trigger.Kind.values()) {
            int from = k.leastFingers() > 0 ? k.leastFingers() : k.needsButton() ? 0 : -1;
            int to = k.leastFingers() > 0 ? Trigger.MOST_FINGERS : k.buttons().size() - 1;
            for (int part = from; part <= Math.max(from, to); part++) {
                Trigger t = k.ofKey() ? new Trigger(k, "KeyP", -1) : new Trigger(k, "", part);
                assertThat(Trigger.of(t.toPlain())).isEqualTo(t);
                assertThat(t.words(0, Map.of())).isNotBlank();
                forms.add(t.toPlain());
                forms.add(t.words(0, Map.of()));
                made++;
            }
        }
        assertThat(forms).hasSize(2 * made);
        for (Map<String, Object> wrong : List.<Map<String, Object>>of(
                Map.of("kind", "both", "button", "left+left"),
                Map.of("kind", "both"),
                Map.of("kind", "wheel", "button", "sixth"),
                Map.of("kind", "tap", "fingers", 1),
                Map.of("kind", "tap", "fingers", 4),
                Map.of("kind", "pen-tap"),
                Map.of("kind", "pen", "button", "left"))) {
            assertThatThrownBy(() -> Trigger.of(wrong))
                    .as(wrong.toString())
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    /** Looks were chosen by an argument of another name once. */
    @Test
    void anAddedBindingWithTheOldNameOfALookStillChoosesIt() {
        Map<String, Object> m = new LinkedHashMap<>(
                AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS).toPlain());
        Map<String, Object> old = PlainData.map(
                "id",
                "own-1",
                "command",
                "display.set",
                "args",
                Map.of("mode", "unlit"),
                "context",
                "stage",
                "trigger",
                Map.of("kind", "key", "code", "F7"));
        m.put("added", List.of(old));
        KeymapFile.Read r = AllCommands.CATALOGUE.read(m);
        assertThat(r.problems()).isEmpty();
        assertThat(r.keymap().added()).hasSize(1);
        assertThat(r.keymap().added().get(0).args()).isEqualTo(Map.of("look", "unlit"));
    }

    @Test
    void addedBindingsOfAFileThatCannotBeUsedAreToldWithTheirPlace() {
        Map<String, Object> key = Map.of("kind", "key", "code", "F7");
        Map<String, Object> m = new LinkedHashMap<>(
                AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS).toPlain());
        m.put(
                "added",
                List.of(
                        PlainData.map("id", "own-1", "command", "view.home", "context", "stage", "trigger", key),
                        PlainData.map("id", "own-1", "command", "view.home", "context", "stage", "trigger", key),
                        PlainData.map("id", "frame", "command", "view.home", "context", "stage", "trigger", key),
                        PlainData.map("id", "own-2", "command", "no.such", "context", "stage", "trigger", key),
                        PlainData.map("id", "own-3", "command", "view.home", "context", "nowhere", "trigger", key),
                        PlainData.map("id", "own-4", "command", "view.home", "context", "stage"),
                        PlainData.map("id", "own-5", "command", "navigate.orbit", "context", "stage", "trigger", key),
                        PlainData.map(
                                "id",
                                "own-6",
                                "command",
                                "view.home",
                                "args",
                                Map.of("sideways", 1),
                                "context",
                                "stage",
                                "trigger",
                                key),
                        "nonsense"));
        KeymapFile.Read r = AllCommands.CATALOGUE.read(m);
        assertThat(r.keymap().added()).extracting(Binding::id).containsExactly("own-1");
        for (int k = 1; k < 9; k++) {
            String place = "added[" + k + "]";
            assertThat(r.problems()).anyMatch(p -> p.startsWith(place));
        }
        assertThat(r.problems()).hasSize(8);
        m.put("added", Collections.nCopies(KeymapFile.LONGEST_LIST + 1, "x"));
        assertThatThrownBy(() -> AllCommands.CATALOGUE.read(m)).hasMessageContaining("at most 2000");
    }

    /** The code values of W3C UI Events KeyboardEvent code Values, section 3 (the writing system keys and those beside them). */
    @Test
    void codesAreThoseOfTheStandard() {
        for (String code : List.of(
                "KeyA",
                "KeyZ",
                "Digit0",
                "Digit9",
                "Backspace",
                "Escape",
                "Slash",
                "Equal",
                "Minus",
                "ArrowLeft",
                "IntlBackslash",
                "Numpad5",
                "NumpadAdd",
                "F12",
                "Space",
                "Tab",
                "Home",
                "PageUp",
                "BracketLeft",
                "Quote")) {
            assertThat(KeyNames.known(code)).as(code).isTrue();
        }
        for (String code : List.of("", "a", "keyA", "Key1", "Left", "Esc", "Unidentified")) {
            assertThat(KeyNames.known(code)).as(code).isFalse();
        }
    }

    @Test
    void onlyWhatDiffersIsStoredAndComesBackTheSame() {
        Keymap changed = AllCommands.CATALOGUE
                .preset(KeymapPresets.RHOMBUS)
                .with("frame", Trigger.key("KeyG"), Modifiers.CTRL)
                .with("orbit-drag", Trigger.drag(3), 0)
                .with("home", null, 0);
        Map<String, Object> stored = changed.toPlain();
        assertThat(PlainData.list(stored.get("changes"))).hasSize(3);
        Keymap again = AllCommands.CATALOGUE.keymap(stored);
        assertThat(again.toPlain()).isEqualTo(stored);
        assertThat(again.bindings()).isEqualTo(changed.bindings());
        assertThat(again.name()).isEqualTo("My Rhombus");
        assertThat(again.reset("frame").reset("home").reset("orbit-drag").bindings())
                .isEqualTo(AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS).bindings());
    }

    @Test
    void spoiltKeymapsAreRefusedInWords() {
        Map<String, Object> good = AllCommands.CATALOGUE
                .preset(KeymapPresets.RHOMBUS)
                .with("frame", Trigger.key("KeyG"), 0)
                .toPlain();
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymap(Map.of())).isInstanceOf(IllegalArgumentException.class);
        for (Map<String, Object> wrong : List.of(
                PlainData.map(
                        "id", "frame", "trigger", PlainData.map("kind", "key", "code", "KeyÄ"), "modifiers", List.of()),
                PlainData.map("id", "frame", "trigger", PlainData.map("kind", "shout"), "modifiers", List.of()),
                PlainData.map(
                        "id",
                        "frame",
                        "trigger",
                        PlainData.map("kind", "drag", "button", "sixth"),
                        "modifiers",
                        List.of()),
                PlainData.map(
                        "id",
                        "frame",
                        "trigger",
                        PlainData.map("kind", "key", "code", "KeyG"),
                        "modifiers",
                        List.of("Hyper")))) {
            Map<String, Object> m = new LinkedHashMap<>(good);
            m.put("changes", List.of(wrong));
            assertThatThrownBy(() -> AllCommands.CATALOGUE.keymap(m))
                    .as(wrong.toString())
                    .isInstanceOf(IllegalArgumentException.class)
                    .message()
                    .isNotBlank();
        }
    }

    @Test
    void whatABrowserKeepsIsToldAndWhatDoesNotFitIsRefused() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.key("KeyW"), Modifiers.CTRL, Map.of(), Platform.LINUX)
                        .notes())
                .anyMatch(n -> n.contains("closes the tab"));
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.wheel(), 0, Map.of(), Platform.LINUX)
                        .refused())
                .contains("needs a key, a button, a click");
        assertThat(KeymapAnalysis.check(map, "orbit-drag", Trigger.key("KeyD"), 0, Map.of(), Platform.LINUX)
                        .refused())
                .isNotNull();
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.key("KeyH"), 0, Map.of(), Platform.LINUX)
                        .clash())
                .isEqualTo("home");
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.key("KeyJ"), Modifiers.CTRL, Map.of(), Platform.LINUX)
                        .clash())
                .isNull();
    }

    @Test
    void aKeymapFileWhosePartsAreOfAnotherKindIsRefusedWithItsPlace() {
        Map<String, Object> file = new java.util.LinkedHashMap<>(
                AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS).toPlain());
        file.put("name", 7);
        assertThatThrownBy(() -> AllCommands.CATALOGUE.read(file)).hasMessage("name: this must be text, not 7");
        file.put("name", "Mine");
        file.put("changes", "x");
        assertThatThrownBy(() -> AllCommands.CATALOGUE.read(file))
                .hasMessage("changes: this must be a list, not \"x\"");
        file.put("changes", List.of());
        file.put("version", 99.0);
        assertThatThrownBy(() -> AllCommands.CATALOGUE.read(file)).hasMessageContaining("version 99 is");
        file.put("version", Map.of());
        assertThatThrownBy(() -> AllCommands.CATALOGUE.read(file)).hasMessageContaining("version an object");
    }
}
