package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;

class PanelKeysTest {
    private final Hand hand = new Hand();

    private String action(String control, String key, int modifiers) {
        return hand.stage.panelKeys().action(control, key, key, modifiers);
    }

    /** The keys of a tree view and of tabs in the W3C ARIA Authoring Practices Guide. */
    @Test
    void moveAsTheAuthoringPracticesSay() {
        assertThat(action("tree", "ArrowDown", 0)).isEqualTo("down");
        assertThat(action("tree", "ArrowDown", Modifiers.SHIFT)).isEqualTo("down");
        assertThat(action("tree", "ArrowRight", 0)).isEqualTo("open");
        assertThat(action("tree", "ArrowLeft", 0)).isEqualTo("close");
        assertThat(action("tree", "Home", 0)).isEqualTo("first");
        assertThat(action("tree", "End", 0)).isEqualTo("last");
        assertThat(action("tree", "Enter", 0)).isEqualTo("choose");
        assertThat(action("tabs", "ArrowRight", 0)).isEqualTo("next");
        assertThat(action("tabs", "ArrowRight", Modifiers.CTRL)).isEqualTo("move-right");
        assertThat(action("tabs", "Delete", 0)).isEqualTo("delete");
        assertThat(action("menu", "Tab", 0)).isEqualTo("leave");
        assertThat(action("rose", "F10", Modifiers.SHIFT)).isEqualTo("menu");
        assertThat(action("rose", "F10", 0)).isNull();
        assertThat(action("row", "ArrowUp", 0)).isNull();
    }

    @Test
    void lettersGoToTheNameThatIsTyped() {
        assertThat(action("tree", "b", 0)).isEqualTo("letter");
        assertThat(action("tree", "ß", Modifiers.SHIFT)).isEqualTo("letter");
        assertThat(action("tree", " ", 0)).isEqualTo("choose");
        assertThat(action("typing", " ", 0)).isEqualTo("letter");
        assertThat(action("typing", "ArrowUp", 0)).isEqualTo("up");
        assertThat(action("tree", "b", Modifiers.CTRL)).isNull();
        assertThat(action("tabs", "b", 0)).isNull();
    }

    @Test
    void deletingAndRenamingFollowTheKeymap() {
        assertThat(action("tree", "Delete", 0)).isEqualTo("delete");
        assertThat(action("tree", "F2", 0)).isEqualTo("rename");
        Binding delete = hand.stage.keymaps().keymap().bindings().stream()
                .filter(b -> b.command().id().equals("object.delete"))
                .findFirst()
                .orElseThrow();
        hand.stage
                .keymaps()
                .change(hand.stage
                        .keymaps()
                        .keymap()
                        .with(delete.id(), new Trigger(Trigger.Kind.KEY, "KeyX", -1), Modifiers.CTRL));
        assertThat(action("tree", "Delete", 0)).isNull();
        assertThat(hand.stage.panelKeys().action("tree", "x", "KeyX", Modifiers.CTRL))
                .isEqualTo("delete");
        assertThat(hand.stage.panelKeys().action("tree", "x", "KeyX", 0)).isEqualTo("letter");
    }
}
