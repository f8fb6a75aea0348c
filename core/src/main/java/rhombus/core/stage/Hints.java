package rhombus.core.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Context;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.Plain;

/** What each button, wheel and held key does right now, under the pointer and with the modifiers that are down. */
final class Hints {
    private Hints() {}

    static List<Object> of(Stage stage, Map<String, String> layout) {
        List<Object> out = new ArrayList<>();
        int mods = stage.resolver().modifiers();
        boolean moving = stage.resolver().moving();
        List<Context> contexts = moving
                ? List.of(Context.GESTURE)
                : stage.press().contextsAt(stage.pointerX(), stage.pointerY());
        if (moving) {
            out.add(Plain.map("trigger", "now", "words", stage.resolver().active().words(), "command", null));
        }
        Set<String> said = new HashSet<>();
        for (int pass = 0; pass < 2; pass++) {
            for (Context c : contexts) {
                for (Binding b : stage.keymap().bindings()) {
                    if (b.trigger() == null || b.context() != c || b.modifiers() != mods) {
                        continue;
                    }
                    // Drags and the wheel first: they are what a hand on the mouse asks about.
                    boolean pointer = b.trigger().kind() == Trigger.Kind.DRAG || b.trigger().kind() == Trigger.Kind.WHEEL;
                    if (pointer == (pass == 0) && said.add(b.trigger().toString())) {
                        out.add(hint(stage, b, layout));
                    }
                }
            }
        }
        return out;
    }

    private static Map<String, Object> hint(Stage stage, Binding b, Map<String, String> layout) {
        String words = b.words();
        if (b.command().equals("view.frame-selection")) {
            words = stage.selection().isEmpty() ? "frame all" : "frame " + SceneCommands.names(stage);
        } else if (b.command().equals("board.solo") && stage.board().solo >= 0) {
            words = "bring all viewports back";
        }
        return Plain.map("trigger", b.trigger().words(b.modifiers(), layout), "words", words, "command", b.command());
    }
}
