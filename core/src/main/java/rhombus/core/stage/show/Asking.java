package rhombus.core.stage.show;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Context;
import rhombus.core.pick.Hit;
import rhombus.core.scene.Kind;
import rhombus.core.stage.hand.Press;
import rhombus.core.stage.hand.UserKeymaps;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** Answers what something is, for hover help and for whoever points and asks. */
public final class Asking {
    private final Ground ground;
    private final Subject subject;
    private final Press press;
    private final Grips grips;
    private final UserKeymaps keymaps;

    /** Answers by what the rooms below hold. */
    public Asking(Ground ground, Subject subject, Press press, Grips grips, UserKeymaps keymaps) {
        this.ground = ground;
        this.subject = subject;
        this.press = press;
        this.grips = grips;
        this.keymaps = keymaps;
    }

    /** A command; {@code layout} tells what the user's own keyboard prints on its keys. Null where there is none with this id. */
    public About about(String command, Map<String, String> layout) {
        Command c = keymaps.keymap().catalogue().command(command);
        if (c == null) {
            return null;
        }
        List<String> triggers = keymaps.triggersOf(command, layout).stream()
                .map(Object::toString)
                .distinct()
                .toList();
        return new About(c.words(), triggers);
    }

    /** What is at a point of the stage, pixels from its left and top. */
    public There at(double x, double y) {
        ViewState v = ground.viewAt(x, y);
        List<Context> contexts = press.contextsAt(x, y);
        for (Context c : List.of(Context.GRIP, Context.RIM, Context.ROSE, Context.HANDLE)) {
            if (contexts.contains(c)) {
                Grips.Grip grip = c == Context.GRIP ? grips.at(v, x - v.x, y - v.y) : null;
                return new There(
                        c.id(), "", grip == null ? null : grip.command().id());
            }
        }
        Hit hit = subject.picks().pick(v, x - v.x, y - v.y);
        if (hit == null) {
            // A click would take nothing, but there may be something that it passes over.
            Hit locked = subject.picks().heldAt(v, v.pose, x - v.x, y - v.y);
            return locked == null
                    ? new There("nothing", "", null)
                    : new There("locked", ground.nameOf(locked.node()), null);
        }
        Kind kind = ground.scene().node(hit.node()).kind();
        boolean shape = kind == Kind.MESH || kind == Kind.GROUP;
        return new There(shape ? "object" : kind.word(), ground.nameOf(hit.node()), null);
    }
}
