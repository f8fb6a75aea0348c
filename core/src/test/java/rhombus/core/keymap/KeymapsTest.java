package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.stage.commands.AllCommands;

/** The user's keymaps under their names, the keymap for the other hand, and single characters switched off. */
class KeymapsTest {
    static List<String> presets() {
        return KeymapPresets.ALL;
    }

    private static Keymaps first() {
        return new Keymaps(AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS), List.of());
    }

    /** What the user's own keymaps hold, whatever they are called. */
    private static Set<Object> contents(List<Keymap> some) {
        Set<Object> out = new HashSet<>();
        some.stream().filter(m -> m.differing() > 0).forEach(m -> out.add(List.of(m.preset(), m.changes(), m.added())));
        return out;
    }

    private static List<Keymap> all(Keymaps k) {
        List<Keymap> out = new ArrayList<>(k.others());
        out.add(k.active());
        return out;
    }

    /** Whatever is done with keymaps, each keeps a name of its own and its triggers, and only what is deleted goes. */
    @Property(tries = 300)
    void nothingIsLostButWhatIsDeleted(@ForAll long seed) {
        Random r = new Random(seed);
        Keymaps k = first();
        for (int step = 0; step < 20; step++) {
            int deed = r.nextInt(6);
            Set<Object> kept = contents(deed == 0 || deed == 4 ? k.others() : all(k));
            switch (deed) {
                case 0 -> k = k.with(k.active().with("home", Trigger.key("F" + (1 + r.nextInt(12))), 0));
                case 1 -> k = k.copy(r.nextBoolean() ? "Bench" : "");
                case 2 -> k = k.usePreset(KeymapPresets.ALL.get(r.nextInt(KeymapPresets.ALL.size())));
                case 3 -> k = k.next();
                case 4 -> k = r.nextInt(3) > 0 ? k : k.delete();
                default ->
                    k = k.others().isEmpty() ? k : k.use(k.others().get(0).name());
            }
            List<String> names = all(k).stream().map(Keymap::name).toList();
            assertThat(names).doesNotHaveDuplicates();
            assertThat(k.others()).allMatch(Keymap::own);
            Keymaps again = AllCommands.CATALOGUE.keymaps(k.toPlain());
            assertThat(again.toPlain()).isEqualTo(k.toPlain());
            assertThat(contents(all(k))).containsAll(kept);
        }
        // Going round comes by every one of them.
        Set<String> seen = new HashSet<>();
        for (int i = 0; i <= all(k).size(); i++) {
            k = k.next();
            seen.add(k.active().name());
        }
        assertThat(seen)
                .containsAll(
                        all(k).stream().filter(Keymap::own).map(Keymap::name).toList());
    }

    @Test
    void aSwitcherGoesBetweenTheOwnKeymapAndTheStandardOneWithOneStep() {
        Keymaps k = first().with(first().active().with("home", Trigger.key("F7"), 0));
        assertThat(k.active().name()).isEqualTo("My Rhombus");
        Keymaps standard = k.next();
        assertThat(standard.active().own()).isFalse();
        assertThat(standard.next().active().toPlain()).isEqualTo(k.active().toPlain());
    }

    @Test
    void namesAreCheckedAndACopyGetsOneOfItsOwn() {
        Keymaps k = first().copy("Bench").copy("Bench");
        assertThat(all(k)).extracting(Keymap::name).containsExactlyInAnyOrder("Bench", "Bench 2");
        assertThat(k.copy("Rhombus").active().name()).isEqualTo("Rhombus 2");
        for (String bad : List.of("", "  ", "x".repeat(61), "Bench", "Trackpad")) {
            assertThatThrownBy(() -> k.rename(bad)).as(bad).isInstanceOf(IllegalArgumentException.class);
        }
        assertThat(k.rename(" <b>Mine</b> ").active().name()).isEqualTo("<b>Mine</b>");
    }

    @Test
    void whatIsKeptIsRefusedWithThePlaceWhereSomethingIsWrong() {
        Map<String, Object> kept =
                new HashMap<>(first().copy("Bench").copy("Other").toPlain());
        Map<String, Object> broken = new HashMap<>(kept);
        broken.put("others", List.of(Map.of("format", "poem")));
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymaps(broken)).hasMessageStartingWith("others[0]: ");
        Map<String, Object> gone = new HashMap<>(kept);
        gone.put("preset", "no-longer");
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymaps(gone))
                .hasMessageContaining("no-longer")
                .hasMessageContaining("trackpad");
    }

    @ParameterizedTest
    @MethodSource("presets")
    void theKeymapForTheOtherHandHasNoClashAndMirroredTwiceIsWhatItWas(String preset) {
        Keymap map = AllCommands.CATALOGUE.preset(preset);
        Keymap other = MirroredKeymap.of(map);
        assertThat(KeymapAnalysis.clashes(other)).isEmpty();
        assertThat(KeymapAnalysis.missing(other)).isEmpty();
        assertThat(MirroredKeymap.of(other).bindings()).isEqualTo(map.bindings());
        // D lies under the left hand's middle finger, K under the right one's.
        assertThat(other.binding("orbit-hold").trigger()).isEqualTo(Trigger.hold("KeyK"));
        assertThat(other.binding("undo")).isEqualTo(map.binding("undo"));
        for (Binding b : other.bindings()) {
            assertThat(TriggerOverlap.reached(other, b)).as(b.id()).isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("presets")
    void withoutSingleCharactersNoneRunsAnythingAndEveryCommandIsStillFound(String preset) {
        Keymap map = AllCommands.CATALOGUE.preset(preset);
        Keymap quiet = map.without(CharacterShortcuts::single);
        Log log = new Log();
        InputResolver r = new InputResolver(log, quiet);
        double now = 0;
        for (String code : KeyNames.all()) {
            boolean character = code.matches(
                    "Key.|Digit.|Slash|Comma|Period|Minus|Equal|Quote|Semicolon|Back(slash|quote)|Bracket.*");
            for (int mods : new int[] {0, Modifiers.SHIFT}) {
                r.pointer(0, 0, 0, mods, now += 500);
                r.keyDown(code, mods, false, now += 10);
                if (character) {
                    r.pointer(20, 0, 0, mods, now += 10);
                }
                r.keyUp(code, mods, now += 10);
                if (character) {
                    assertThat(log.said).as(code).isEmpty();
                }
                log.said.clear();
            }
        }
        assertThat(quiet.bindings())
                .as("the list of all commands has a trigger that stays")
                .anyMatch(b -> b.command().id().equals("app.find") && b.trigger() != null);
        assertThat(KeymapAnalysis.missing(quiet)).isEmpty();
        assertThat(quiet.toPlain()).as("nothing of it is kept as a change").isEqualTo(map.toPlain());
    }
}
