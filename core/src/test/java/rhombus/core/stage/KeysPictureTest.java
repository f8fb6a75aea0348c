package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.KeyNames;
import rhombus.core.keymap.KeyboardShape;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.TriggerOverlap;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.keymaps.CapturedTrigger;
import rhombus.core.stage.show.keys.KeyAnswer;
import rhombus.core.stage.show.keys.KeyCap;
import rhombus.core.stage.show.keys.KeysPicture;
import rhombus.core.stage.show.keys.KeysSheet;
import rhombus.core.stage.show.keys.TriggerTarget;

/** The picture of the keymap: what stands on it, where its keys lie, and setting what a key does by pointing at it. */
class KeysPictureTest {
    private final Hand hand = new Hand();

    private KeysPicture picture(int mods, String place) {
        return hand.stage.keys().picture(mods, place, Map.of());
    }

    private KeyCap key(String code, int mods, String place) {
        return picture(mods, place).keys().stream()
                .filter(k -> k.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itTellsWhatAKeyDoesWithTheModifiersThatAreDownInAPlace() {
        assertThat(key("KeyF", 0, "").does()).isEqualTo("frame the selection");
        assertThat(key("KeyF", Modifiers.SHIFT, "").does()).isEqualTo("frame all");
        assertThat(key("KeyD", 0, "").holds()).isEqualTo("orbit");
        assertThat(key("KeyD", 0, "walk").does()).contains("right");
        assertThat(key("KeyF", 0, "gesture").does()).isNull();
        assertThat(key("ShiftLeft", Modifiers.SHIFT, "").down()).isTrue();
        assertThat(key("ControlLeft", Modifiers.SHIFT, "").down()).isFalse();
        assertThat(picture(0, "").parts())
                .anyMatch(p -> p.trigger().equals("drag:right") && "orbit".equals(p.does()))
                .anyMatch(p -> p.trigger().equals("touch:2") && "pan".equals(p.does()));
    }

    /** For any keymap, modifiers and place the picture says what would answer. */
    @Property(tries = 150)
    void whatStandsOnAKeyIsWhatAnswers(@ForAll long seed) {
        Random r = new Random(seed);
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.ALL.get(r.nextInt(KeymapPresets.ALL.size())));
        List<Binding> all = map.bindings();
        for (int k = 0; k < 8; k++) {
            Binding b = all.get(r.nextInt(all.size()));
            Binding o = all.get(r.nextInt(all.size()));
            if (b.command().fits(o.trigger().kind())) {
                map = map.with(b.id(), o.trigger(), r.nextInt(8));
            }
        }
        hand.stage.use(map);
        BindingContext place = BindingContext.values()[r.nextInt(BindingContext.values().length)];
        int mods = r.nextInt(16);
        List<BindingContext> there = TriggerOverlap.situation(place);
        for (KeyCap k : picture(mods, place.id()).keys()) {
            if (KeyNames.known(k.code())) {
                Binding tap = TriggerOverlap.answer(map, Trigger.key(k.code()), mods, there);
                Binding held = TriggerOverlap.answer(map, Trigger.hold(k.code()), mods, there);
                Binding hold = held == null || held.trigger().kind() != Trigger.Kind.HOLD ? null : held;
                assertThat(k.does()).as(k.code()).isEqualTo(tap == null ? null : tap.words());
                assertThat(k.holds()).as(k.code()).isEqualTo(hold == null ? null : hold.words());
                assertThat(k.family() < 0).isEqualTo(tap == null && hold == null);
            }
        }
    }

    @Test
    void noTwoKeysLieOnEachOtherAndAllLieWithin() {
        for (boolean pad : new boolean[] {false, true}) {
            List<KeyboardShape.Place> keys = KeyboardShape.keys(pad);
            for (int i = 0; i < keys.size(); i++) {
                KeyboardShape.Place a = keys.get(i);
                assertThat(a.x() + a.width()).isLessThanOrEqualTo(pad ? KeyboardShape.WITH_PAD : KeyboardShape.WIDTH);
                assertThat(a.y() + a.height()).isLessThanOrEqualTo(KeyboardShape.HEIGHT);
                assertThat(KeyNames.known(a.code()) || Modifiers.ofCode(a.code()) != 0)
                        .as(a.code())
                        .isTrue();
                for (KeyboardShape.Place b : keys.subList(i + 1, keys.size())) {
                    boolean apart = a.x() + a.width() <= b.x()
                            || b.x() + b.width() <= a.x()
                            || a.y() + a.height() <= b.y()
                            || b.y() + b.height() <= a.y();
                    assertThat(apart).as(a.code() + " " + b.code()).isTrue();
                }
            }
        }
    }

    @Test
    void everyHeadingBelongsToOneFamily() {
        TreeSet<String> headings = new TreeSet<>();
        AllCommands.FAMILIES.values().forEach(headings::addAll);
        assertThat(headings)
                .hasSize(AllCommands.FAMILIES.values().stream()
                        .mapToInt(List::size)
                        .sum());
        AllCommands.CATALOGUE.commands().values().forEach(c -> assertThat(headings)
                .contains(c.group()));
    }

    @Test
    void theLayoutIsLearntFromWhatIsTyped() {
        assertThat(KeyNames.learns("KeyY", "z", 0)).isTrue();
        assertThat(KeyNames.learns("KeyY", "Z", Modifiers.SHIFT))
                .as("with Shift it tells another character")
                .isFalse();
        assertThat(KeyNames.learns("KeyY", "Dead", 0)).isFalse();
        assertThat(KeyNames.learns("Numpad7", "7", 0)).isFalse();
        assertThat(KeyNames.of("KeyY", Map.of("KeyY", "z"))).isEqualTo("Z");
    }

    @Test
    void pointingAtAKeyTellsWhatItDoesEverywhereAndGivesItToACommand() {
        var r = hand.stage.bindings();
        r.lookAt("key:KeyD", 0);
        assertThat(hand.stage.keys().page(Map.of(), Map.of()).answers())
                .extracting(KeyAnswer::words)
                .contains("to the right", "held: orbit");
        r.lookAt("key:F7", Modifiers.CTRL);
        assertThat(hand.stage.keys().page(Map.of(), Map.of()).answers()).isEmpty();
        List<TriggerTarget> found = hand.stage.keys().bindable("far objects");
        TriggerTarget frame = found.stream()
                .filter(g -> g.command().equals("view.frame-everything"))
                .findFirst()
                .orElseThrow();
        r.take(frame.command(), frame.which());
        CapturedTrigger seen = r.offered(Map.of());
        assertThat(seen.words()).isEqualTo("Ctrl+F7");
        assertThat(seen.refused()).isNull();
        r.apply("set");
        assertThat(key("F7", Modifiers.CTRL, "").does()).isEqualTo("frame all, far objects too");
        // A motion is given to the key held.
        r.lookAt("key:F8", 0);
        r.take("navigate.orbit", 0);
        assertThat(r.offered(Map.of()).words()).isEqualTo("hold F8");
        r.apply("set");
        assertThat(key("F8", 0, "").holds()).isEqualTo("orbit");
    }

    @Test
    void onlyWhatFitsAKeyOrAButtonIsOfferedForIt() {
        hand.stage.bindings().lookAt("drag:left", 0);
        for (TriggerTarget g : hand.stage.keys().bindable("a")) {
            assertThat(AllCommands.CATALOGUE.command(g.command()).fits(Trigger.Kind.DRAG))
                    .as(g.command())
                    .isTrue();
        }
        assertThat(hand.stage.keys().bindable("orbit")).isNotEmpty();
    }

    /** Everything that has a trigger stands on the sheet, and nothing else. */
    @Test
    void theSheetHoldsEveryTrigger() {
        for (String preset : KeymapPresets.ALL) {
            Keymap map = AllCommands.CATALOGUE.preset(preset);
            KeysSheet sheet = KeysSheet.of(map, Map.of());
            String all = sheet.groups().toString();
            for (Binding b : map.bindings()) {
                assertThat(all).contains(b.trigger().words(b.modifiers(), Map.of()));
            }
            int rows = sheet.groups().stream().mapToInt(g -> g.rows().size()).sum();
            assertThat(rows).isEqualTo((int)
                    map.bindings().stream().map(Binding::command).distinct().count());
        }
    }
}
