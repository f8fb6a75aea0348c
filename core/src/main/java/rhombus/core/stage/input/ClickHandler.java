package rhombus.core.stage.input;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** What is done at once, by a key or a click: what the user has exchanged, and what a first click or a double click means. */
final class ClickHandler {
    private final StageContext ground;
    private final SubjectParts subject;
    private final PadGrips grips;
    private final CommandExecutor deeds;
    private final Runnable forgetClick;
    private List<Integer> beforeClick;

    ClickHandler(
            StageContext ground, SubjectParts subject, PadGrips grips, CommandExecutor deeds, Runnable forgetClick) {
        this.ground = ground;
        this.subject = subject;
        this.grips = grips;
        this.deeds = deeds;
        this.forgetClick = forgetClick;
    }

    void run(Binding b, double x, double y) {
        Viewport v = ground.viewAt(x, y);
        Command c = b.command();
        boolean click = b.trigger().kind() == Trigger.Kind.CLICK;
        if (!c.has(CommandTrait.LOZENGE)) {
            if (click && grips.dismissed(v, x - v.x, y - v.y)) {
                return;
            }
            if (click && c.has(CommandTrait.SELECTS) && ground.attention().onlyActivates(v)) {
                forgetClick.run();
                return;
            }
            ground.attention().worked(v);
            selectionOf(b);
        }
        if (c.has(CommandTrait.TOLD) && b.args().isEmpty()) {
            // A keymap from before this was refused may still have it.
            ground.changes().notice(v.id, say("clicks.needs-to-be-told", c.words()), null, null, Map.of());
            return;
        }
        boolean inside = v.holds(x, y);
        Command.Exchange e = click ? ButtonExchange.of(ground, c) : null;
        deeds.run(
                e == null ? c.id() : e.command(),
                e == null ? b.args() : e.args(),
                v,
                inside ? x - v.x : Double.NaN,
                inside ? y - v.y : Double.NaN);
    }

    /** A double click means its own deed alone: what its first click did to the selection is taken back. */
    private void selectionOf(Binding b) {
        if (b.trigger().kind() == Trigger.Kind.CLICK) {
            beforeClick = subject.selection().nodes();
        } else if (b.trigger().kind() == Trigger.Kind.DOUBLE
                && beforeClick != null
                && !b.command().has(CommandTrait.SELECTS)) {
            if (!beforeClick.equals(subject.selection().nodes())) {
                subject.selection().only(beforeClick);
                subject.selection().changed();
            }
            beforeClick = null;
        }
    }
}
