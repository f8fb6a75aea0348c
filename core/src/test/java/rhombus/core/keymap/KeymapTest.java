package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.plain.Plain;
import rhombus.core.stage.area.AllCommands;

class KeymapTest {
    static Stream<String> presets() {
        return Presets.names().keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("presets")
    void presetsHaveNoClashAndReachEveryEssentialCommand(String preset) {
        Keymap map = AllCommands.CATALOGUE.preset(preset);
        assertThat(Analysis.clashes(map)).isEmpty();
        assertThat(Analysis.missing(map)).isEmpty();
        assertThat(map.bindings()).extracting(Binding::id).doesNotHaveDuplicates();
        assertThat(map.bindings()).allSatisfy(b -> {
            assertThat(b.command()).as(b.id()).isNotNull();
            assertThat(b.command().fits(b.trigger().kind())).as(b.id()).isTrue();
        });
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
                .preset(Presets.RHOMBUS)
                .with("frame", Trigger.key("KeyG"), Modifiers.CTRL)
                .with("orbit-drag", Trigger.drag(3), 0)
                .with("home", null, 0);
        Map<String, Object> stored = changed.toPlain();
        assertThat(Plain.list(stored.get("changes"))).hasSize(3);
        Keymap again = AllCommands.CATALOGUE.keymap(stored);
        assertThat(again.toPlain()).isEqualTo(stored);
        assertThat(again.bindings()).isEqualTo(changed.bindings());
        assertThat(again.name()).isEqualTo("My Rhombus");
        assertThat(again.reset("frame").reset("home").reset("orbit-drag").bindings())
                .isEqualTo(AllCommands.CATALOGUE.preset(Presets.RHOMBUS).bindings());
    }

    @Test
    void spoiltKeymapsAreRefusedInWords() {
        Map<String, Object> good = AllCommands.CATALOGUE
                .preset(Presets.RHOMBUS)
                .with("frame", Trigger.key("KeyG"), 0)
                .toPlain();
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymap(Map.of())).isInstanceOf(IllegalArgumentException.class);
        for (Map<String, Object> wrong : List.of(
                Plain.map("id", "frame", "trigger", Plain.map("kind", "key", "code", "KeyÄ"), "modifiers", List.of()),
                Plain.map("id", "frame", "trigger", Plain.map("kind", "shout"), "modifiers", List.of()),
                Plain.map(
                        "id", "frame", "trigger", Plain.map("kind", "drag", "button", "sixth"), "modifiers", List.of()),
                Plain.map(
                        "id",
                        "frame",
                        "trigger",
                        Plain.map("kind", "key", "code", "KeyG"),
                        "modifiers",
                        List.of("Hyper")))) {
            Map<String, Object> m = new java.util.LinkedHashMap<>(good);
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
        Keymap map = AllCommands.CATALOGUE.preset(Presets.RHOMBUS);
        assertThat(Analysis.check(map, "frame", Trigger.key("KeyW"), Modifiers.CTRL, Map.of(), Platform.LINUX)
                        .notes())
                .anyMatch(n -> n.contains("closes the tab"));
        assertThat(Analysis.check(map, "frame", Trigger.wheel(), 0, Map.of(), Platform.LINUX)
                        .refused())
                .contains("needs a key or a click");
        assertThat(Analysis.check(map, "orbit-drag", Trigger.key("KeyD"), 0, Map.of(), Platform.LINUX)
                        .refused())
                .isNotNull();
        assertThat(Analysis.check(map, "frame", Trigger.key("KeyH"), 0, Map.of(), Platform.LINUX)
                        .clash())
                .isEqualTo("home");
        assertThat(Analysis.check(map, "frame", Trigger.key("KeyJ"), Modifiers.CTRL, Map.of(), Platform.LINUX)
                        .clash())
                .isNull();
    }
}
