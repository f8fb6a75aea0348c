package rhombus.core.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Command.Area;
import rhombus.core.keymap.Commands;
import rhombus.core.keymap.Context;
import rhombus.core.keymap.Found;
import rhombus.core.keymap.KeyDeed;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.Plain;

/** What each button, wheel and held key does right now, under the pointer and with the modifiers that are down. */
final class Hints {
    /** In this order: what a hand on the mouse asks about first. */
    private static final List<List<Trigger.Kind>> ORDER = List.of(
            List.of(Trigger.Kind.DRAG, Trigger.Kind.WHEEL),
            List.of(Trigger.Kind.CLICK),
            List.of(Trigger.Kind.DOUBLE),
            List.of(Trigger.Kind.HOLD),
            List.of(Trigger.Kind.KEY));

    private final Stage stage;
    private final Map<String, String> layout;
    private final ViewState view;
    private final int modifiers;
    private final List<Context> contexts;
    private final List<Object> out = new ArrayList<>();
    private final Set<String> said = new HashSet<>();

    private Hints(Stage stage, Map<String, String> layout) {
        this.stage = stage;
        this.layout = layout;
        view = stage.viewAt(stage.pointerX(), stage.pointerY());
        modifiers = stage.resolver().modifiers();
        contexts = stage.resolver().moving()
                ? stage.press().whileMoving()
                : stage.press().contextsAt(stage.pointerX(), stage.pointerY());
    }

    static List<Object> of(Stage stage, Map<String, String> layout) {
        Hints h = new Hints(stage, layout);
        if (stage.resolver().moving()) {
            h.now(stage.resolver().active());
        }
        // What holds in this place before what holds in every viewport.
        int general = h.contexts.indexOf(Context.STAGE);
        int split = general < 0 ? h.contexts.size() : general;
        h.say(h.contexts.subList(0, split));
        h.say(h.contexts.subList(split, h.contexts.size()));
        return h.out;
    }

    private void say(List<Context> where) {
        for (List<Trigger.Kind> kinds : ORDER) {
            for (Context c : where) {
                for (Binding b : stage.keymap().bindings()) {
                    if (b.trigger() != null && b.context() == c && kinds.contains(b.trigger().kind())) {
                        consider(b);
                    }
                }
            }
        }
    }

    private void now(Binding b) {
        String command = stage.press().command();
        String words = Words.of(command, flat());
        out.add(Plain.map(
                "trigger", stage.resolver().latched() ? "click to put down" : "now",
                "words", words.isEmpty() ? b.words() : words,
                "does", Words.does(command, flat()),
                "command", null));
    }

    private boolean flat() {
        return view.pose.projection().flat();
    }

    private void consider(Binding b) {
        Command command = Commands.named(b.command());
        Found f = answer(b);
        if (f == null || f.binding() != b || b.trigger().kind() == Trigger.Kind.CLICK && onHandle(b) || !said.add(b.trigger().toString())) {
            return;
        }
        String does = performed(b);
        String motion = motion(b);
        String words = motion == null ? action(b, does) : Words.of(motion, flat());
        if (f.fine() && command.sort() != Command.Sort.HELD) {
            words += ", fine";
        }
        if (f.snap() && snaps(motion)) {
            words += ", snapping";
        }
        String trigger = b.trigger().words(f.binding().modifiers(), layout);
        // Four keys for four ways are told as one.
        boolean ways = b.command().equals("walk.go") || b.command().equals("tool.nudge");
        Map<String, Object> m = Plain.map(
                "trigger", trigger,
                "words", b.command().equals("walk.go") ? "go" : ways ? words.substring(0, words.lastIndexOf(' ')) : words,
                "does", motion == null ? null : does(motion),
                "command", does,
                "bindings", new ArrayList<>(List.of(b.id())));
        for (Object o : out) {
            Map<String, Object> other = Plain.map(o);
            if (other.get("command") != null && other.get("command").equals(m.get("command")) && other.get("words").equals(m.get("words"))) {
                // Two triggers for one deed share a line.
                other.put("trigger", other.get("trigger") + (ways ? " " : " or ") + trigger);
                Plain.list(other.get("bindings")).add(b.id());
                return;
            }
        }
        out.add(m);
    }

    /** What the resolver would find for a binding's trigger here and now: the same rules as its own. */
    private Found answer(Binding b) {
        Trigger t = b.trigger();
        return switch (t.kind()) {
            case KEY, HOLD -> {
                KeyDeed deed = KeyDeed.of(stage.keymap(), t.code(), modifiers, contexts, !stage.resolver().moving());
                boolean tapOfHeld = t.kind() == Trigger.Kind.KEY && deed.sort() == KeyDeed.Sort.HOLD;
                Binding answers = tapOfHeld ? stage.keymap().find(t, modifiers, contexts) : deed.binding();
                Found loose = Found.in(stage.keymap(), t, modifiers, contexts);
                yield answers == null ? null : loose != null && loose.binding() == answers ? loose : new Found(answers, false, false);
            }
            case CLICK, DOUBLE -> new Found(stage.keymap().find(t, modifiers, contexts), false, false);
            default -> Found.in(stage.keymap(), t, modifiers, contexts);
        };
    }

    /** A click on a handle takes nothing behind it. */
    private boolean onHandle(Binding b) {
        return Commands.in(Area.SELECT, b.command()) && contexts.contains(Context.HANDLE) && !performed(b).equals("select.through");
    }

    /** The command that is run: buttons that select and list may be exchanged, and a first click may only activate. */
    private String performed(Binding b) {
        if (b.trigger().kind() != Trigger.Kind.CLICK || !Commands.in(Area.SELECT, b.command())) {
            return b.command();
        }
        return stage.wouldOnlyActivate(view) ? "board.activate" : SelectCommands.exchanged(stage, b.command());
    }

    /** The motion a binding starts here, or null if it is none. */
    private String motion(Binding b) {
        if (b.command().equals("grip.drag")) {
            Grips.Grip g = stage.grips().at(view, stage.pointerX() - view.x, stage.pointerY() - view.y);
            return g == null ? null : g.command();
        }
        return Words.of(b.command(), flat()).isEmpty() ? null : b.command();
    }

    private static boolean snaps(String motion) {
        return "navigate.orbit".equals(motion) || "navigate.roll".equals(motion) || "facet.turn".equals(motion);
    }

    private String does(String motion) {
        boolean turns = motion.equals("navigate.orbit") || motion.equals("facet.turn");
        if (turns && Press.sort(stage, view) == Context.AXIS) {
            return stage.habits().is(AllHabits.AXIS_VIEWS, "hold") ? "off: the axis view is held" : "releases the axis view";
        }
        if (view.camera != null && !motion.equals("navigate.crop") && !motion.equals("navigate.crop-steps")) {
            return "leaves the camera where it is";
        }
        if (flat() && List.of("navigate.look", "navigate.dolly-zoom", "navigate.drive").contains(motion)) {
            return "needs a perspective";
        }
        return Words.does(motion, flat());
    }

    private String action(Binding b, String does) {
        if (!does.equals(b.command())) {
            return switch (does) {
                case "board.activate" -> "activate this viewport";
                case "select.through" -> "list what lies under the pointer";
                default -> "select";
            };
        }
        return switch (does) {
            case "view.frame-selection" -> stage.selection().isEmpty()
                    ? "frame all" : "frame " + SceneCommands.names(stage);
            case "board.solo" -> stage.board().solo >= 0 ? "bring all viewports back" : b.words();
            case "facet.go" -> {
                String part = FacetMark.at(stage, view, stage.pointerX() - view.x, stage.pointerY() - view.y);
                yield part == null ? b.words() : FacetMark.words(part).toLowerCase();
            }
            default -> b.words();
        };
    }
}
