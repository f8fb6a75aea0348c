package rhombus.core.stage.show.help;

import java.util.List;
import java.util.Map;
import rhombus.core.glossary.Glossary;
import rhombus.core.glossary.GlossaryFrame;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.pick.RayHit;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.NodeKind;
import rhombus.core.stage.input.GestureController;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Answers what something is, for hover help and for whoever points and asks. */
public final class HelpAnswers {
    private final StageContext ground;
    private final SubjectParts subject;
    private final GestureController press;
    private final PadGrips grips;
    private final UserKeymaps keymaps;

    /** Answers by what the rooms below hold. */
    public HelpAnswers(
            StageContext ground, SubjectParts subject, GestureController press, PadGrips grips, UserKeymaps keymaps) {
        this.ground = ground;
        this.subject = subject;
        this.press = press;
        this.grips = grips;
        this.keymaps = keymaps;
    }

    /** A command; {@code layout} tells what the user's own keyboard prints on its keys. Null where there is none with this id. */
    @PageCall
    @OrNull
    public CommandDescription about(String command, Map<String, String> layout) {
        Command c = keymaps.keymap().catalogue().command(command);
        if (c == null) {
            return null;
        }
        List<String> triggers = keymaps.triggersOf(command, layout).stream()
                .map(Object::toString)
                .distinct()
                .toList();
        return new CommandDescription(c.words(), triggers);
    }

    /** What is at a point of the stage, pixels from its left and top. */
    @PageCall
    public HitInfo at(double x, double y) {
        Viewport v = ground.viewAt(x, y);
        List<BindingContext> contexts = press.contextsAt(x, y);
        for (BindingContext c :
                List.of(BindingContext.GRIP, BindingContext.RIM, BindingContext.ROSE, BindingContext.HANDLE)) {
            if (contexts.contains(c)) {
                PadGrips.Grip grip = c == BindingContext.GRIP ? grips.at(v, x - v.x, y - v.y) : null;
                return new HitInfo(
                        c.id(), "", grip == null ? null : grip.command().id());
            }
        }
        RayHit hit = subject.picks().pick(v, x - v.x, y - v.y);
        if (hit == null) {
            // A click would take nothing, but there may be something that it passes over.
            RayHit locked = subject.picks().heldAt(v, v.pose, x - v.x, y - v.y);
            return locked == null
                    ? new HitInfo("nothing", "", null)
                    : new HitInfo("locked", ground.nameOf(locked.node()), null);
        }
        NodeKind kind = ground.scene().node(hit.node()).kind();
        boolean shape = kind == NodeKind.MESH || kind == NodeKind.GROUP;
        return new HitInfo(shape ? "object" : kind.word(), ground.nameOf(hit.node()), null);
    }

    /** A moment of the moving picture of a word of the glossary: {@code part} of the whole, from 0 to 1. */
    @PageCall
    public GlossaryFrame picture(String word, double part) {
        return Glossary.at(word, part);
    }
}
