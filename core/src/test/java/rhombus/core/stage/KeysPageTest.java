package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.show.keys.KeyBinding;
import rhombus.core.stage.show.keys.KeyRow;
import rhombus.core.stage.show.keys.KeysPage;

/** The Keys page: a row for each command, looked for by words, by trigger, by doing and by where it holds. */
class KeysPageTest {
    private final Hand hand = new Hand();

    private KeysPage page(Object... wish) {
        return hand.stage.keys().page(PlainData.map(wish), Map.of());
    }

    private static List<String> commands(KeysPage p) {
        return p.rows().stream().map(KeyRow::command).toList();
    }

    private static List<KeyBinding> triggers(KeysPage p) {
        return p.rows().stream().flatMap(r -> r.triggers().stream()).toList();
    }

    @Test
    void everyCommandHasOneRowWithAllItsTriggers() {
        KeysPage all = page();
        assertThat(commands(all)).doesNotHaveDuplicates();
        assertThat(commands(all)).containsAll(AllCommands.CATALOGUE.commands().keySet());
        Keymap map = hand.stage.keymaps().keymap();
        assertThat(triggers(all).stream().map(KeyBinding::id).collect(Collectors.toSet()))
                .hasSize(map.bindings().size());
        KeyRow orbit = all.rows().stream()
                .filter(r -> r.command().equals("navigate.orbit"))
                .findFirst()
                .orElseThrow();
        assertThat(orbit.triggers().size()).isGreaterThan(2);
        assertThat(all.groups()).doesNotHaveDuplicates();
    }

    @Test
    void itIsLookedForByWordsWithASlipByTriggerByDeviceAndByPlace() {
        assertThat(commands(page("search", "ortbit"))).contains("navigate.orbit");
        assertThat(triggers(page("search", "ctrl+z")))
                .isNotEmpty()
                .allMatch(b -> b.trigger().toLowerCase().contains("ctrl+z"));
        assertThat(triggers(page("device", "mouse"))).isNotEmpty().allMatch(b -> b.trigger()
                .matches(".*(click|drag|wheel).*"));
        assertThat(triggers(page("place", "walk"))).isNotEmpty().allMatch(b -> b.where()
                .equals("while walking"));
        assertThat(page("search", "qqqqq").rows()).isEmpty();
        assertThat(page("changed", true).rows()).isEmpty();
    }

    /** Compared with a preset, exactly what differs is shown, with what the preset has instead. */
    @Test
    void whatDiffersFromAPresetIsShownBesideIt() {
        for (String preset : KeymapPresets.ALL) {
            hand.stage.use(AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));
            Keymap mine = hand.stage.keymap();
            Keymap other = AllCommands.CATALOGUE.preset(preset);
            List<String> differ = AllCommands.CATALOGUE.commands().values().stream()
                    .filter(c -> !used(mine, c).equals(used(other, c)))
                    .map(Command::id)
                    .toList();
            KeysPage p = page("compare", preset);
            assertThat(commands(p)).containsExactlyInAnyOrderElementsOf(differ);
            assertThat(p.rows()).allMatch(r -> r.beside() != null);
        }
        hand.stage.use(hand.stage.keymap().with("home", Trigger.key("F7"), 0));
        KeysPage p = page("compare", KeymapPresets.RHOMBUS);
        assertThat(commands(p)).containsExactly("view.home");
        assertThat(p.rows().get(0).beside()).isEqualTo("H · gamepad right cluster top");
        assertThat(page().rows()).allMatch(r -> r.beside() == null);
    }

    private static Set<Object> used(Keymap map, Command c) {
        return map.bindings().stream()
                .filter(b -> b.command() == c)
                .map(b -> List.of(b.trigger(), b.modifiers(), b.context()))
                .collect(Collectors.toSet());
    }

    @Test
    void whatTheHandDoesIsAnsweredPlaceByPlace() {
        BindingEditor r = hand.stage.bindings();
        hand.stage.input().capture(true);
        hand.stage.input().keyDown("KeyW", 0, false, 10);
        hand.stage.input().keyUp("KeyW", 0, 30);
        assertThat(r.look()).isTrue();
        KeysPage p = page();
        assertThat(p.done()).isEqualTo("W");
        assertThat(p.answers()).extracting(a -> a.where()).containsExactly("while walking", "in any viewport");
        assertThat(triggers(p)).allMatch(b -> b.trigger().equals("W"));
        r.forget();
        assertThat(page().done()).isNull();
        hand.stage.input().capture(true);
        hand.stage.input().keyDown("F9", 5, false, 50);
        hand.stage.input().keyUp("F9", 5, 60);
        assertThat(r.look()).isTrue();
        assertThat(page().answers()).isEmpty();
        assertThat(page().rows()).isEmpty();
    }

    private void press(String binding, String code, int mods) {
        hand.stage.input().capture(true);
        hand.stage.input().keyDown(code, mods, false, 10);
        hand.stage.input().keyUp(code, mods, 30);
        assertThat(hand.stage.bindings().take(binding, 0)).isNotNull();
        assertThat(hand.stage.bindings().captured(Map.of())).isNotNull();
    }

    private String trigger(String binding) {
        return triggers(page()).stream()
                .filter(b -> b.id().equals(binding))
                .findFirst()
                .orElseThrow()
                .trigger();
    }

    @Test
    void changesAreTakenBackMadeAgainAndPutBackByHeading() {
        BindingEditor r = hand.stage.bindings();
        String was = trigger("home");
        press("home", "F7", 0);
        r.apply("set");
        assertThat(trigger("home")).isEqualTo("F7");
        assertThat(triggers(page("changed", true))).extracting(KeyBinding::id).containsExactly("home");
        assertThat(r.keymaps().undo()).isTrue();
        assertThat(trigger("home")).isEqualTo(was);
        assertThat(page().canRedo()).isTrue();
        assertThat(r.keymaps().redo()).isTrue();
        assertThat(trigger("home")).isEqualTo("F7");
        press("undo", "F8", 0);
        r.apply("set");
        assertThat(page().canRedo())
                .as("a new change forgets what was taken back")
                .isFalse();
        String group = page("changed", true).rows().stream()
                .filter(k -> k.triggers().get(0).id().equals("home"))
                .findFirst()
                .orElseThrow()
                .group();
        r.keymaps().resetGroup(group);
        assertThat(triggers(page("changed", true))).extracting(KeyBinding::id).containsExactly("undo");
    }

    @Test
    void resettingAllKeepsTheNameThatSomebodyGave() {
        hand.stage.keymaps().copy("Night desk");
        press("home", "F7", 0);
        hand.stage.bindings().apply("set");
        hand.stage.keymaps().reset("");
        assertThat(page().name()).isEqualTo("Night desk");
        assertThat(page().changed()).isZero();
        hand.stage.keymaps().delete();
        press("home", "F7", 0);
        hand.stage.bindings().apply("set");
        assertThat(page().name()).isEqualTo("My Rhombus");
        hand.stage.keymaps().reset("");
        assertThat(page().name()).isEqualTo("Rhombus");
        assertThat(page().own()).isFalse();
    }

    @Test
    void aKeymapThatCameWithAnAddressIsToldAndUsedByItsNotice() {
        Hand other = new Hand();
        other.stage.keymaps().copy("Night desk");
        other.stage.use(other.stage.keymaps().all().with(other.stage.keymap().with("home", Trigger.key("F7"), 0)));
        hand.run("app.take-keymap", null);
        assertThat(page().own()).as("nothing came yet").isFalse();
        hand.stage.keymaps().came(other.stage.keymap().toPlain());
        assertThat(page().own()).as("told only").isFalse();
        assertThat(hand.notices()).anyMatch(n -> n.contains("Night desk") && n.contains("1 differ"));
        hand.run("app.take-keymap", null);
        assertThat(page().name()).isEqualTo("Night desk");
        assertThat(trigger("home")).isEqualTo("F7");
        hand.stage.keymaps().came(Map.of("format", "poem"));
        assertThat(hand.notices()).anyMatch(n -> n.contains("cannot be used"));
        hand.run("app.take-keymap", null);
        assertThat(page().name()).isEqualTo("Night desk");
    }

    @Test
    void aFileIsLookedAtBeforeAnythingChangesAndTakenInPartByChoice() {
        BindingEditor r = hand.stage.bindings();
        press("home", "F7", 0);
        r.apply("set");
        Map<String, Object> file = r.keymaps().keymap().toPlain();
        r.keymaps().reset("");
        assertThat(r.keymaps().bring(file).problems()).isEmpty();
        assertThat(trigger("home")).as("looked at only").isEqualTo("H");
        r.keymaps().useBrought();
        assertThat(trigger("home")).isEqualTo("F7");
        r.keymaps().undo();
        List<Object> changes = new ArrayList<>(PlainData.list(file.get("changes")));
        changes.add(Map.of("id", "no-such", "trigger", Map.of("kind", "key", "code", "F8"), "modifiers", List.of()));
        changes.add(Map.of("id", "undo", "trigger", Map.of("kind", "shout"), "modifiers", List.of()));
        changes.add(changes.get(0));
        changes.add("nonsense");
        Map<String, Object> broken = new HashMap<>(file);
        broken.put("changes", changes);
        var seen = r.keymaps().bring(broken);
        assertThat(seen.refused()).isNull();
        assertThat(seen.changes()).isEqualTo(1);
        assertThat(seen.problems())
                .hasSize(4)
                .anyMatch(p -> p.startsWith("changes[1]: \"no-such\""))
                .anyMatch(p -> p.startsWith("changes[2]:"))
                .anyMatch(p -> p.contains("twice"));
        r.keymaps().useBrought();
        assertThat(trigger("home")).isEqualTo("F7");
        for (Map<String, Object> no : List.<Map<String, Object>>of(
                Map.of(), Map.of("format", "rhombus-keymap", "version", 9), Map.of("format", 3))) {
            assertThat(r.keymaps().bring(no).refused()).isNotBlank();
            r.keymaps().useBrought();
            assertThat(trigger("home")).isEqualTo("F7");
        }
    }

    /** What clashes within a file is told. */
    @Test
    void aFileWhoseChangesClashIsToldSo() {
        Map<String, Object> file = new HashMap<>(hand.stage.keymaps().keymap().toPlain());
        file.put(
                "changes",
                List.of(Map.of(
                        "id", "home", "trigger", Map.of("kind", "key", "code", "KeyF"), "modifiers", List.of())));
        assertThat(hand.stage.keymaps().bring(file).problems()).anyMatch(p -> p.contains("answer the same motion"));
    }

    @Test
    void aClashOffersAFreeTriggerAndItIsTaken() {
        BindingEditor r = hand.stage.bindings();
        hand.stage.input().capture(true);
        hand.stage.input().keyDown("KeyF", 0, false, 10);
        hand.stage.input().keyUp("KeyF", 0, 30);
        r.take("home", 0);
        var seen = r.captured(Map.of());
        assertThat(seen.clash()).isNotNull();
        assertThat(seen.free()).isNotNull();
        r.apply("free");
        assertThat(trigger("home")).isEqualTo(seen.free());
        assertThat(trigger("frame")).isEqualTo("F");
    }

    @Test
    void whatCanBeNoTriggerIsAnswered() {
        Hand h = new Hand();
        h.stage.bindings().take("home", 0);
        for (String code : List.of("ShiftLeft", "MetaRight", "Tab")) {
            h.stage.input().capture(true);
            h.stage.input().keyDown(code, 0, false, h.now += 10);
            h.stage.input().keyUp(code, 0, h.now += 10);
            var seen = h.stage.bindings().captured(Map.of());
            assertThat(seen).as(code).isNotNull();
            assertThat(seen.refused()).isNotNull();
        }
        h.stage.input().capture(true);
        h.stage.input().keyDown("ShiftLeft", 1, false, h.now += 10);
        h.stage.input().keyDown("KeyJ", 1, false, h.now += 10);
        h.stage.input().keyUp("KeyJ", 1, h.now += 10);
        assertThat(h.stage.bindings().captured(Map.of()).refused()).isNull();
    }

    @Test
    void whatNobodyCanDoWithoutIsLostOnlyWithAClearYes() {
        Hand h = new Hand();
        h.stage.bindings().take("home", 0);
        h.stage.input().capture(true);
        h.stage.input().keyDown("F1", 0, false, h.now += 10);
        h.stage.input().keyUp("F1", 0, h.now += 10);
        assertThat(h.stage.bindings().captured(Map.of()).loses()).hasSize(1);
        h.stage.bindings().apply("set");
        assertThat(h.stage.keymap().binding("home").trigger().code()).isEqualTo("KeyH");
        h.stage.bindings().apply("set", true);
        assertThat(h.stage.keymap().binding("home").trigger().code()).isEqualTo("F1");
    }
}
