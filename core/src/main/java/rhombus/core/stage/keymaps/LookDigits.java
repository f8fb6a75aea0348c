package rhombus.core.stage.keymaps;

import static rhombus.core.keymap.BindingContext.STAGE;

import java.util.Map;
import java.util.Objects;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Trigger;

/** Which digits choose which looks: a change of the keymap in use. */
public final class LookDigits {
    private final UserKeymaps keymaps;
    private final String command;

    /** @param command that chooses a look, told its id as "look" */
    public LookDigits(UserKeymaps keymaps, String command) {
        this.keymaps = keymaps;
        this.command = command;
    }

    /**
     * A digit chooses a look, and whatever it chose before has no key; without a digit, what it had in the preset has it again.
     *
     * @param look its id
     * @param code of the digit's key, or null
     */
    public void put(String look, String code) {
        Keymap was = keymaps.keymap();
        Keymap next = was;
        for (Binding b : was.bindings()) {
            if (chooses(b, look) && onDigit(b)) {
                next = usualAgain(next.with(b.id(), null, 0), b.trigger(), look);
            }
        }
        if (code != null) {
            Trigger key = Trigger.key(code);
            for (Binding b : next.bindings()) {
                if (here(b, key)) {
                    next = next.with(b.id(), null, 0);
                }
            }
            next = next.with(free(next, look).with(key, 0));
        }
        if (!next.toPlain().equals(was.toPlain())) {
            keymaps.change(next);
        }
    }

    /** What the preset has on a key, if that has no other key now and is not the look that leaves the key. */
    private Keymap usualAgain(Keymap map, Trigger key, String leaves) {
        return map.catalogue().bindings(map.preset()).stream()
                .filter(b -> here(b, key) && !chooses(b, leaves))
                .map(b -> map.binding(b.id()))
                .filter(Objects::nonNull)
                .filter(b -> b.trigger() == null)
                .findFirst()
                .map(b -> map.reset(b.id()))
                .orElse(map);
    }

    private static boolean here(Binding b, Trigger key) {
        return key.equals(b.trigger()) && b.modifiers() == 0 && b.context() == STAGE;
    }

    private static boolean onDigit(Binding b) {
        return b.trigger() != null
                && b.trigger().kind() == Trigger.Kind.KEY
                && b.trigger().code().startsWith("Digit")
                && b.modifiers() == 0;
    }

    private boolean chooses(Binding b, String look) {
        return b.command().id().equals(command) && look.equals(b.args().get("look"));
    }

    /** One that chooses the look and has no key, or a new one. */
    private Binding free(Keymap map, String look) {
        return map.bindings().stream()
                .filter(b -> chooses(b, look) && b.trigger() == null)
                .findFirst()
                .orElseGet(() -> map.added(command, Map.of("look", look)));
    }
}
