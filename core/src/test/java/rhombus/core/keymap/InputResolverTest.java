package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.stage.commands.AllCommands;

class InputResolverTest {
    private final Log log = new Log();
    private final InputResolver r = new InputResolver(log, AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));

    @Test
    void aPressThatStaysIsAClickAndOneThatMovesIsADrag() {
        r.pointer(10, 10, 1, 0, 0);
        r.pointer(12, 10, 1, 0, 10);
        r.pointer(12, 10, 0, 0, 20);
        assertThat(log.said).containsExactly("run select");
        log.said.clear();
        r.pointer(10, 10, 2, 0, 1000);
        r.pointer(15, 10, 2, 0, 1010);
        r.pointer(15, 10, 0, 0, 1020);
        assertThat(log.said).containsExactly("begin orbit-drag 10", "drag 15", "release");
    }

    @Test
    void aDragThatIsBoundToNothingIsNoClickEither() {
        r.pointer(10, 10, 8, 0, 0);
        r.pointer(60, 10, 8, 0, 10);
        r.pointer(60, 10, 0, 0, 20);
        assertThat(log.said).isEmpty();
    }

    @Test
    void aHeldKeyMovesWithoutAButtonAndATapDoesNot() {
        r.pointer(0, 0, 0, 0, 0);
        assertThat(r.keyDown("KeyD", 0, false, 0)).isTrue();
        r.pointer(3, 0, 0, 0, 10);
        r.pointer(9, 0, 0, 0, 20);
        r.keyUp("KeyD", 0, 30);
        assertThat(log.said).containsExactly("begin orbit-hold 0", "drag 3", "drag 9", "release");
        log.said.clear();
        r.keyDown("KeyD", 0, false, 100);
        r.keyUp("KeyD", 0, 150);
        assertThat(log.said).isEmpty();
    }

    @Test
    void buttonsAndModifiersMayChangeInTheMiddle() {
        r.pointer(0, 0, 2, 0, 0);
        r.pointer(10, 0, 2, 0, 1);
        r.pointer(10, 0, 6, 0, 2);
        r.pointer(20, 0, 6, 0, 3);
        r.pointer(20, 0, 2, 0, 4);
        r.keyDown("AltLeft", Modifiers.ALT, false, 5);
        r.pointer(30, 0, 2, Modifiers.ALT, 6);
        r.pointer(30, 0, 0, Modifiers.ALT, 7);
        assertThat(log.said)
                .containsExactly(
                        "begin orbit-drag 0",
                        "drag 10",
                        "begin pan-drag 10",
                        "drag 10",
                        "drag 20",
                        "begin orbit-drag 20",
                        "drag 20",
                        "begin orbit-drag fine 20",
                        "drag 30",
                        "release");
    }

    @Test
    void escapeTakesADragBackAndNothingMovesUntilTheHandLetsGo() {
        r.pointer(0, 0, 2, 0, 0);
        r.pointer(10, 0, 2, 0, 1);
        assertThat(r.keyDown("Escape", 0, false, 2)).isTrue();
        r.cancel();
        log.said.clear();
        r.pointer(50, 0, 2, 0, 3);
        r.pointer(50, 0, 0, 0, 4);
        assertThat(log.said).isEmpty();
        r.pointer(50, 0, 1, 0, 900);
        r.pointer(50, 0, 0, 0, 910);
        assertThat(log.said).containsExactly("run select");
    }

    @Test
    void aPinchIsAWheelWithCtrl() {
        assertThat(r.wheel(5, 5, new WheelInput(0.25, 0.5, 0, 0), Modifiers.CTRL, 0))
                .isTrue();
        assertThat(r.wheel(5, 5, new WheelInput(1, 9, 0, 0), Modifiers.ALT, 0)).isTrue();
        assertThat(log.said).containsExactly("steps touch-pinch 0.5", "steps dolly-wheel 1.0 fine");
        log.said.clear();
        r.keyDown("ControlLeft", Modifiers.CTRL, false, 0);
        assertThat(r.wheel(5, 5, new WheelInput(0.25, 0.5, 0, 0), Modifiers.CTRL, 0))
                .as("Ctrl is down: this is the wheel")
                .isTrue();
        assertThat(log.said).containsExactly("steps zoom-wheel 0.25");
    }

    @Test
    void onlyWhatRepeatsRepeats() {
        r.keyDown("ArrowLeft", 0, true, 0);
        r.keyDown("KeyF", 0, true, 0);
        assertThat(log.said).containsExactly("run step-orbit-left");
    }

    @Test
    void presetsAreSoundAndTheirTriggersFit() {
        for (String preset : KeymapPresets.names().keySet()) {
            Keymap map = AllCommands.CATALOGUE.preset(preset);
            assertThat(KeymapAnalysis.clashes(map)).isEmpty();
            assertThat(KeymapAnalysis.missing(map)).isEmpty();
            for (Binding b : map.bindings()) {
                assertThat(b.command()).as(b.command().id()).isNotNull();
                assertThat(b.command().fits(b.trigger().kind())).as(b.id()).isTrue();
                assertThat(b.trigger().code().isEmpty()
                                || KeyNames.known(b.trigger().code()))
                        .isTrue();
            }
        }
    }

    @Test
    void aClashIsToldAndAChangeIsStoredAsADifference() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.key("KeyH"), 0, Map.of(), Platform.LINUX)
                        .clash())
                .isEqualTo("home");
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.drag(0), 0, Map.of(), Platform.LINUX)
                        .refused())
                .contains("a key, a button, a click");
        assertThat(KeymapAnalysis.check(map, "frame", Trigger.key("KeyT"), Modifiers.CTRL, Map.of(), Platform.LINUX)
                        .notes())
                .hasSize(1);
        Keymap own = map.with("frame", Trigger.key("KeyT"), 0);
        assertThat(own.name()).isEqualTo("My Rhombus");
        assertThat(own.toPlain().toString()).contains("KeyT").doesNotContain("KeyH");
        Keymap back = AllCommands.CATALOGUE.keymap(own.toPlain());
        assertThat(back.binding("frame").trigger()).isEqualTo(Trigger.key("KeyT"));
        assertThat(own.reset("frame").changes()).isEmpty();
        assertThat(KeymapAnalysis.missing(map.with("select", null, 0))).containsExactly("select.pick");
    }

    @Test
    void strangeKeymapsSayWhatIsWrong() {
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymap(Map.of())).hasMessageContaining("format");
        Map<String, Object> m = new java.util.LinkedHashMap<>(
                AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS).toPlain());
        m.put("changes", List.of(Map.of("id", "frame", "trigger", Map.of("kind", "key", "code", "KeyÄ"))));
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymap(m)).hasMessageContaining("KeyÄ");
        m.put("changes", List.of(Map.of("id", "frame", "trigger", Map.of("kind", "wheel"))));
        assertThatThrownBy(() -> AllCommands.CATALOGUE.keymap(m)).hasMessageContaining("needs");
    }

    /** Keys that are held for a motion hand over as buttons do, with no way lost and none made twice. */
    @Test
    void heldKeysHandOver() {
        Log log = new Log();
        InputResolver r = new InputResolver(log, AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));
        r.pointer(10, 10, 0, 0, 0);
        r.keyDown("KeyD", 0, false, 10);
        r.pointer(20, 10, 0, 0, 20);
        r.keyDown("KeyS", 0, false, 30);
        r.keyDown("KeyS", 0, true, 35);
        r.pointer(40, 10, 0, 0, 40);
        r.keyUp("KeyD", 0, 50);
        r.pointer(60, 10, 0, 0, 60);
        r.keyUp("KeyS", 0, 70);
        r.pointer(90, 10, 0, 0, 80);
        assertThat(log.said)
                .containsExactly(
                        "begin orbit-hold 10", "drag 20", "begin pan-hold 20", "drag 40", "drag 60", "release");
    }

    @Test
    void theOlderKeyGoesOnWhenTheNewerIsLetGo() {
        Log log = new Log();
        InputResolver r = new InputResolver(log, AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));
        r.pointer(10, 10, 0, 0, 0);
        r.keyDown("KeyD", 0, false, 10);
        r.pointer(20, 10, 0, 0, 20);
        r.keyDown("KeyA", 0, false, 30);
        r.pointer(40, 10, 0, 0, 40);
        r.keyUp("KeyA", 0, 50);
        r.pointer(60, 10, 0, 0, 60);
        r.keyDown("Escape", 0, false, 65);
        r.pointer(70, 10, 0, 0, 70);
        r.keyUp("KeyD", 0, 80);
        r.pointer(90, 10, 0, 0, 90);
        assertThat(log.said)
                .containsExactly(
                        "begin orbit-hold 10",
                        "drag 20",
                        "begin dolly-hold 20",
                        "drag 40",
                        "begin orbit-hold 40",
                        "drag 60",
                        "run cancel",
                        "drag 70",
                        "release");
    }

    @Test
    void theFirstMotionStaysWhereTheUserWantsThat() {
        Log log = new Log();
        InputResolver r = new InputResolver(log, AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));
        r.follow(false);
        r.pointer(10, 10, 0, 0, 0);
        r.keyDown("KeyD", 0, false, 10);
        r.pointer(20, 10, 0, 0, 20);
        r.keyDown("KeyS", 0, false, 30);
        r.pointer(40, 10, 0, 0, 40);
        r.keyUp("KeyD", 0, 50);
        assertThat(log.said).containsExactly("begin orbit-hold 10", "drag 20", "drag 40", "release");
    }

    @Test
    void aButtonThatIsDownAsTheWindowLosesTheHandDoesNothingUntilItIsUp() {
        for (int button : new int[] {1, 2, 4}) {
            r.pointer(10, 10, button, 0, 0);
            r.blur();
            r.pointer(12, 10, button, 0, 100);
            r.pointer(60, 10, button, 0, 110);
            r.pointer(60, 10, 0, 0, 120);
            assertThat(log.said).as("button " + button).isEmpty();
        }
        r.pointer(10, 10, 1, 0, 2000);
        r.pointer(10, 10, 0, 0, 2010);
        assertThat(log.said).as("the next press counts again").containsExactly("run select");
    }

    @Test
    void aDragThatTheWindowLosesEndsAndItsReleaseIsNoClick() {
        r.pointer(10, 10, 2, 0, 0);
        r.pointer(40, 10, 2, 0, 10);
        r.blur();
        log.said.clear();
        r.pointer(41, 10, 2, 0, 20);
        r.pointer(41, 10, 0, 0, 30);
        assertThat(log.said).isEmpty();
    }

    /** Some systems tell no key that goes up while Meta is down (common practice, no source). */
    @Test
    void keysWhoseUpIsSwallowedWhileMetaIsHeldAreLetGoWithIt() {
        r.pointer(0, 0, 0, 0, 0);
        r.keyDown("KeyD", 0, false, 0);
        r.pointer(20, 0, 0, 0, 10);
        r.keyDown("MetaLeft", Modifiers.META, false, 20);
        log.said.clear();
        r.keyUp("MetaLeft", 0, 400);
        assertThat(log.said).containsExactly("release");
        r.pointer(60, 0, 0, 0, 500);
        assertThat(log.said).containsExactly("release");
    }

    @Test
    void whatLastsIsLetGoWithMetaToo() {
        r.pointer(0, 0, 0, 0, 0);
        r.keyDown("Backquote", 0, false, 0);
        r.keyDown("MetaLeft", Modifiers.META, false, 20);
        log.said.clear();
        r.keyUp("MetaLeft", 0, 400);
        assertThat(log.said).hasSize(1);
        assertThat(r.keyUp("Backquote", 0, 900)).as("nothing is left to let go").isFalse();
    }
}
