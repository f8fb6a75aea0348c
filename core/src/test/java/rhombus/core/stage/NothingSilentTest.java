package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.commands.AllCommands;

/** Whatever can be given a trigger does something when that is done, or says why it does not. */
class NothingSilentTest {
    /** Things that are already as they would make them on that stage, or that hold only in places where the hand is not there. */
    private static final Set<String> AS_IT_IS = Set.of(
            "view.reset-crop",
            "walk.leave",
            "walk.back",
            "pad.close",
            "grip.latch",
            "rose.go",
            "rose.aim-away",
            "view.scout",
            "display.set look=smooth-edges",
            "display.porthole-keep",
            "display.porthole-size to=larger",
            "display.porthole-size to=smaller",
            "board.activate",
            "board.arrange to=four",
            "pin.restore",
            "pivot.clear",
            "ruler.clear",
            "ruler.put-back",
            "select.add",
            "select.toggle",
            "select.components to=object",
            "tool.move",
            "gesture.cancel",
            "app.take-keymap",
            "app.skip-step",
            "app.end-tip",
            "app.use-preset preset=rhombus");

    /** A stage on which there is something for every command: a selection, a tool, boards, Pins, a Trail, rulers, hidden things. */
    private static Hand ready() {
        Hand h = new Hand();
        h.run("pin.add", "v2", "name", "Pin");
        h.run("board.add", null);
        h.run("layer.add", null, "name", "Layer");
        h.run("object.hide", null, "objects", List.of("n3"));
        h.run("object.lock", null, "objects", List.of("n3"));
        h.run("select.set", null, "objects", List.of("n4", "n2"));
        h.run("tool.move", null);
        h.run("view.step-orbit", "v2");
        h.tap("ArrowLeft", 0);
        h.run("edit.step", null, "what", "move", "axis", "x", "by", 1.0);
        h.run("edit.undo", null);
        h.move(h.view(1).x + h.view(1).width / 2, h.view(1).y + h.view(1).height / 2, 0);
        h.rest();
        return h;
    }

    private static List<Object> seen(Hand h) {
        Seen s = new Seen(h.stage);
        List<Object> out = new ArrayList<>();
        out.add(s.views());
        out.add(s.readout());
        out.add(h.stage.documents().edits().toString());
        out.add(h.stage.documents().boards().toString());
        out.add(h.stage.documents().pins().toString());
        out.add(h.stage.documents().workspace().toString());
        out.add(h.stage.contents().selection());
        out.add(h.stage.habits().toPlain().toString());
        out.add(h.stage.keymap().toPlain().toString());
        for (int i = 0; i < 4; i++) {
            out.add(s.marks(i));
        }
        return out;
    }

    @Test
    void everyTriggerDoesSomethingOrSaysWhyNot() {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS);
        List<String> silent = new ArrayList<>();
        for (Command c : AllCommands.CATALOGUE.commands().values()) {
            if (c.sort() != Command.Sort.ACTION) {
                continue;
            }
            for (Binding b : BindableCommand.of(map, c)) {
                Hand h = ready();
                new Seen(h.stage).notices();
                new Seen(h.stage).application();
                List<Object> before = seen(h);
                h.stage.parts.press.run(
                        b.with(Trigger.key("F9"), 0),
                        h.view(1).x + h.view(1).width / 2,
                        h.view(1).y + h.view(1).height / 2);
                boolean told = !new Seen(h.stage).notices().isEmpty()
                        || !new Seen(h.stage).application().isEmpty();
                h.rest();
                if (!told && seen(h).equals(before)) {
                    silent.add(b.command().key(b.args()));
                }
            }
        }
        silent.removeAll(AS_IT_IS);
        assertThat(silent).isEmpty();
    }
}
