package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rhombus.core.board.ViewportStart;
import rhombus.core.display.Overlay;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.commands.AllCommands;

/** Documents that were kept under names that are others now: what they say still holds, and they are written anew. */
class OldDocumentsTest {
    @Test
    void aKeymapThatGaveTheChartAnotherTriggerStillDoes() {
        Keymap k = AllCommands.CATALOGUE.keymap(Map.of(
                "format",
                "rhombus-keymap",
                "version",
                1,
                "preset",
                "rhombus",
                "changes",
                List.of(Map.of(
                        "id",
                        "facet-menu",
                        "trigger",
                        Map.of("kind", "click", "button", "right"),
                        "modifiers",
                        List.of("Alt")))));
        assertThat(k.binding("rose-menu").modifiers()).isEqualTo(Modifiers.ALT);
        assertThat(k.binding("rose-menu").command().id()).isEqualTo("rose.menu");
        assertThat(k.toPlain().toString()).contains("rose-menu").doesNotContain("facet");
    }

    @Test
    void habitsThatHideTheChartStillDo() {
        Habits h = Habits.of(Map.of(
                "format",
                "rhombus-habits",
                "version",
                1,
                "values",
                Map.of("shown.facet", false, "shown.lozenges", false)));
        assertThat(h.on(AllHabits.ROSE)).isFalse();
        assertThat(h.toPlain().get("values")).isEqualTo(Map.of("shown.rose", false));
    }

    /** Boards, workspaces and addresses keep what a viewport hides in the same way. */
    @Test
    void viewportsThatHideTheChartStillDo() {
        assertThat(Overlay.of(List.of("facet", "lozenges", "grid"))).isEqualTo(Set.of(Overlay.ROSE, Overlay.GRID));
        assertThat(Overlay.of(List.of("icons"))).isEqualTo(Set.of(Overlay.LIGHTS, Overlay.CAMERAS));
        ViewportStart s = ViewportStart.of(Map.of("from", "front", "mode", "wire", "hidden", List.of("facet")));
        assertThat(s.switched()).containsExactly(Overlay.ROSE);
        Hand hand = new Hand();
        hand.run("display.overlay", "v2", "overlay", "rose");
        Object now = hand.stage.documents().workspace();
        assertThat(now.toString()).contains("[rose]");
        Hand other = new Hand();
        other.stage.documents().restore(PlainData.map(asItWas(now)));
        assertThat(other.view(1).switched).containsExactly(Overlay.ROSE);
        assertThat(other.stage.documents().workspace()).isEqualTo(now);
        Hand visitor = new Hand();
        assertThat(visitor.stage
                        .documents()
                        .openAddress(
                                PlainData.map(asItWas(hand.stage.documents().address()))))
                .isNull();
        assertThat(visitor.view(1).switched).containsExactly(Overlay.ROSE);
    }

    /** The same document with the names it would have held. */
    private static Object asItWas(Object document) {
        if (document instanceof Map<?, ?> m) {
            Map<String, Object> out = new LinkedHashMap<>();
            m.forEach((k, v) -> out.put((String) k, asItWas(v)));
            return out;
        }
        return document instanceof List<?> l
                ? l.stream().map(OldDocumentsTest::asItWas).toList()
                : "rose".equals(document) ? "facet" : document;
    }
}
