package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import rhombus.core.display.CustomLooks;
import rhombus.core.display.Look;
import rhombus.core.display.LookPart;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.keymaps.LookDigits;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Looks of one's own: changed part by part, kept under names, put on digits. */
final class LookArea {
    private final StageContext ground;
    private final Boards boards;
    private final LookDigits keys;

    private LookArea(StageContext ground, Boards boards, LookDigits keys) {
        this.ground = ground;
        this.boards = boards;
        this.keys = keys;
    }

    static CommandArea<LookArea> area() {
        return new CommandArea<>(
                p -> new LookArea(p.ground(), p.boards(), new LookDigits(p.keymaps(), DisplayArea.SET)),
                LookArea::declare);
    }

    private static void declare(CommandDeclarations<LookArea> d) {
        d.group(say("group.display"));
        d.joins(true);
        d.action("display.part")
                .traits(CommandTrait.REPLAYS)
                .needs(
                        "part",
                        Arrays.stream(LookPart.values()).map(LookPart::id).toList())
                .needs("to")
                .does((a, c) -> a.change(c.view(), LookPart.named(c.text("part")), c.text("to")));
        d.action("display.keep-look")
                .needs("name")
                .does((a, c) -> a.keep(c.view(), c.text("name").strip()));
        d.action("display.remove-look").needs("look").does((a, c) -> a.remove(c.text("look")));
        d.action("display.look-digit")
                .needs("look")
                .needs("digit", "none", "1", "2", "3", "4", "5", "6", "7", "8", "9")
                .does((a, c) -> a.digit(c.text("look"), c.text("digit")));
    }

    private void change(Viewport v, LookPart part, String to) {
        Look from = v.look;
        Look now;
        try {
            now = part.in(v.lookAsLit(), to);
        } catch (IllegalArgumentException e) {
            ground.changes().notice(e.getMessage() + ".", null, null);
            return;
        }
        v.lightBy(null);
        v.become(ground.looks().own().changed(from, now));
        changed(v);
    }

    private void keep(Viewport v, String name) {
        boolean again = ground.looks().own().named(CustomLooks.PREFIX + name) != null;
        Look kept = ground.looks().keep(name, v.lookAsLit());
        if (kept == null) {
            return;
        }
        v.lightBy(null);
        v.become(kept);
        changed(v);
        ground.changes()
                .notice(
                        again ? say("look-area.is-drawn-so-from-now", name) : say("look-area.is-kept-it-is-in", name),
                        null,
                        null);
    }

    private void remove(String id) {
        Look gone = ground.looks().own().named(id);
        if (gone == null) {
            unknown(id);
            return;
        }
        digit(id, "none");
        ground.looks().remove(id);
        // What is drawn with it stays as it is, under no name.
        for (var b : boards.list()) {
            for (Viewport v : b.views) {
                v.forget(gone);
            }
        }
        ground.changes().notice(say("look-area.is-not-kept-any-more", gone.label()), null, null);
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }

    private void unknown(String id) {
        String name = id.startsWith(CustomLooks.PREFIX) ? id.substring(CustomLooks.PREFIX.length()) : id;
        ground.changes().notice(say("look-area.no-look-is-called-here", name), null, null);
    }

    private void digit(String id, String digit) {
        if (ground.looks().named(id) == null) {
            unknown(id);
            return;
        }
        keys.put(id, digit.equals("none") ? null : "Digit" + digit);
    }

    private void changed(Viewport v) {
        ground.changes().view(v.number);
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }
}
