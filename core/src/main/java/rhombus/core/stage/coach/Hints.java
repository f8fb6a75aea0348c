package rhombus.core.stage.coach;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.BindingMatch;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.KeyAction;
import rhombus.core.keymap.KeyNames;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.TriggerOverlap;
import rhombus.core.stage.input.ButtonExchange;
import rhombus.core.stage.input.CommandExecutor;
import rhombus.core.stage.input.GestureController;
import rhombus.core.stage.input.InputEmulation;
import rhombus.core.stage.input.SteeringAxis;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.PointingDevice;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewContexts;
import rhombus.core.stage.view.Viewport;

/** What each button, wheel and held key does right now, under the pointer and with the modifiers that are down. */
public final class Hints {
    private static final List<List<Trigger.Kind>> MOUSE = List.of(
            List.of(Trigger.Kind.DRAG, Trigger.Kind.BOTH, Trigger.Kind.WHEEL, Trigger.Kind.SLIDE),
            List.of(Trigger.Kind.CLICK),
            List.of(Trigger.Kind.DOUBLE),
            List.of(Trigger.Kind.HOLD),
            List.of(Trigger.Kind.KEY));

    /** In this order: what a hand asks about first, by what it points with. */
    private static final Map<PointingDevice, List<List<Trigger.Kind>>> ORDER = Map.of(
            PointingDevice.MOUSE,
            MOUSE,
            PointingDevice.PEN,
            List.of(
                    List.of(Trigger.Kind.PEN),
                    List.of(Trigger.Kind.CLICK, Trigger.Kind.PEN_TAP),
                    List.of(Trigger.Kind.DOUBLE),
                    List.of(Trigger.Kind.HOLD),
                    List.of(Trigger.Kind.KEY)),
            PointingDevice.FINGERS,
            List.of(
                    List.of(Trigger.Kind.TOUCH, Trigger.Kind.PINCH, Trigger.Kind.TWIST),
                    List.of(Trigger.Kind.CLICK, Trigger.Kind.TAP, Trigger.Kind.PRESS),
                    List.of(Trigger.Kind.DOUBLE),
                    List.of(Trigger.Kind.KEY)),
            PointingDevice.GAMEPAD,
            List.of(List.of(Trigger.Kind.GAMEPAD_AXIS), List.of(Trigger.Kind.GAMEPAD)),
            PointingDevice.MOUSE3D,
            List.of(
                    List.of(Trigger.Kind.MOUSE3D_AXIS),
                    List.of(Trigger.Kind.MOUSE3D),
                    List.of(Trigger.Kind.DRAG, Trigger.Kind.WHEEL),
                    List.of(Trigger.Kind.KEY)));

    /** What a first click does that selects nothing yet. */
    private static final String ACTIVATES = "board.activate";

    private final StageContext ground;
    private final PadGrips grips;
    private final Gesture gesture;
    private final InputResolver resolver;
    private final GestureController press;
    private final CommandExecutor deeds;
    private final InputEmulation standIns;

    /** Hints on what a resolver would find. */
    public Hints(
            StageContext ground,
            PadGrips grips,
            Gesture gesture,
            InputResolver resolver,
            GestureController press,
            CommandExecutor deeds) {
        this.ground = ground;
        this.grips = grips;
        this.gesture = gesture;
        this.resolver = resolver;
        this.press = press;
        this.deeds = deeds;
        this.standIns = new InputEmulation(ground);
    }

    /** The hints for this moment; {@code layout} tells what the user's own keyboard prints on its keys. */
    public List<Hint> now(Map<String, String> layout) {
        return new Moment(layout).all();
    }

    /** One look at the hand: where it is, what is down, and what has been said already. */
    private final class Moment {
        private final Map<String, String> layout;
        private final Keymap keymap = resolver.keymap();
        private final double x = ground.pointer().x();
        private final double y = ground.pointer().y();
        private final Viewport view = ground.viewAt(x, y);
        private final PointingDevice device = ground.pointer().device();
        // Fingers know nothing of modifiers.
        private final int modifiers = device == PointingDevice.FINGERS ? 0 : resolver.modifiers();
        private final List<BindingContext> contexts = resolver.moving() ? press.whileMoving() : press.contextsAt(x, y);
        private final List<Hint> out = new ArrayList<>();
        private final Set<String> said = new HashSet<>();

        Moment(Map<String, String> layout) {
            this.layout = layout;
        }

        List<Hint> all() {
            if (resolver.moving()) {
                running(resolver.active());
            }
            if (ground.pointer().typing()) {
                out.add(new Hint(say("hints.keys"), say("hints.go-into-the-field"), null, null, List.of()));
                out.add(new Hint(KeyNames.of("Escape", layout), say("hints.leave-the-field"), null, null, List.of()));
            }
            // What holds in this place before what holds in every viewport.
            int general = contexts.indexOf(BindingContext.STAGE);
            int split = general < 0 ? contexts.size() : general;
            tell(contexts.subList(0, split));
            tell(contexts.subList(split, contexts.size()));
            return out;
        }

        private void tell(List<BindingContext> where) {
            for (List<Trigger.Kind> kinds : ORDER.get(device)) {
                for (BindingContext c : where) {
                    for (Binding b : keymap.bindings()) {
                        if (b.trigger() != null
                                && b.context() == c
                                && kinds.contains(b.trigger().kind())
                                && !(ground.pointer().typing() && byKey(b.trigger()))
                                && makes(b.trigger())) {
                            consider(b);
                        }
                    }
                }
            }
        }

        private boolean byKey(Trigger t) {
            return t.kind() == Trigger.Kind.KEY || t.kind() == Trigger.Kind.HOLD;
        }

        /** Whether the device can do it: a pen's tip and fingers have no other button than the left one. */
        private boolean makes(Trigger t) {
            boolean click = t.kind() == Trigger.Kind.CLICK || t.kind() == Trigger.Kind.DOUBLE;
            return device == PointingDevice.MOUSE || !click || t.button() == 0;
        }

        /** What it is called with this device in the hand, and with what stands in for a button. */
        private String called(Binding b, int mods) {
            String middle = standIns.middleDrag();
            if (middle != null && b.trigger().equals(Trigger.drag(1))) {
                return Modifiers.prefix(mods) + middle;
            }
            boolean taps = device != PointingDevice.MOUSE && b.trigger().button() == 0;
            return taps && b.trigger().kind() == Trigger.Kind.CLICK
                    ? say("hints.tap", Modifiers.prefix(mods))
                    : taps && b.trigger().kind() == Trigger.Kind.DOUBLE
                            ? say("hints.double-tap", Modifiers.prefix(mods))
                            : b.trigger().words(mods, layout);
        }

        private void running(Binding b) {
            Command c = gesture.command();
            String words = c == null ? "" : c.spoken().name(flat());
            out.add(new Hint(
                    resolver.latched() ? say("hints.click-to-put-down") : say("hints.now"),
                    words.isEmpty() ? b.words() : words,
                    c == null ? "" : c.spoken().does(flat()),
                    null,
                    null));
        }

        private boolean flat() {
            return view.pose.projection().flat();
        }

        private void consider(Binding b) {
            BindingMatch f = answer(b);
            if (f == null
                    || f.binding() != b
                    || device == PointingDevice.MOUSE && standIns.takes(b.trigger(), modifiers)
                    || !standIns.key(b.trigger().code(), keymap)
                            .equals(b.trigger().code())
                    || b.trigger().kind() == Trigger.Kind.CLICK && onHandle(b)
                    || !said.add(b.trigger().toString())) {
                return;
            }
            Command motion = motion(b);
            String words = motion == null ? action(b) : motion.spoken().name(flat());
            if (f.fine() && b.command().sort() != Command.Sort.HELD) {
                words += ", " + say("hints.fine");
            }
            if (f.snap() && motion != null && motion.has(CommandTrait.SNAPS)) {
                words += ", " + say("hints.snapping");
            }
            if (b.command().has(CommandTrait.WAYS)) {
                words = ways(b, words);
            }
            add(b, words, motion, called(b, f.binding().modifiers()));
        }

        /** Keys for several ways are told as one: by what all of them do. */
        private String ways(Binding b, String words) {
            String name = b.command().spoken().ways();
            return name.isEmpty() ? words.substring(0, words.lastIndexOf(' ')) : name;
        }

        private void add(Binding b, String words, Command motion, String trigger) {
            String command = performed(b);
            for (int i = 0; i < out.size(); i++) {
                Hint other = out.get(i);
                if (command.equals(other.command()) && other.words().equals(words)) {
                    // Two triggers for one deed share a line.
                    List<String> bindings = new ArrayList<>(other.bindings());
                    bindings.add(b.id());
                    String both = other.trigger()
                            + (b.command().has(CommandTrait.WAYS) ? " " : " " + say("hints.or") + " ")
                            + trigger;
                    out.set(i, new Hint(both, other.words(), other.does(), command, bindings));
                    return;
                }
            }
            out.add(new Hint(trigger, words, motion == null ? null : does(b, motion), command, List.of(b.id())));
        }

        /** What the resolver would find for a binding's trigger here and now: the same rules as its own. */
        private BindingMatch answer(Binding b) {
            Trigger t = b.trigger();
            return switch (t.kind()) {
                case KEY, HOLD -> {
                    KeyAction deed = KeyAction.of(keymap, t.code(), modifiers, contexts, !resolver.moving());
                    boolean tapOfHeld = t.kind() == Trigger.Kind.KEY && deed.sort() == KeyAction.Sort.HOLD;
                    Binding answers = tapOfHeld ? keymap.find(t, modifiers, contexts) : deed.binding();
                    BindingMatch loose = BindingMatch.in(keymap, t, modifiers, contexts);
                    yield answers == null
                            ? null
                            : loose != null && loose.binding() == answers
                                    ? loose
                                    : new BindingMatch(answers, false, false);
                }
                case CLICK, DOUBLE, TAP, PRESS, PEN_TAP, GAMEPAD, MOUSE3D ->
                    new BindingMatch(keymap.find(t, modifiers, contexts), false, false);
                default -> TriggerOverlap.pointed(keymap, t, standIns.with(t, modifiers), contexts);
            };
        }

        /** A click on a handle takes nothing behind it. */
        private boolean onHandle(Binding b) {
            boolean takes =
                    activates(b) || !deeds.catalogue().command(performed(b)).has(CommandTrait.LISTS);
            return b.command().has(CommandTrait.SELECTS) && contexts.contains(BindingContext.HANDLE) && takes;
        }

        private Command.Exchange exchange(Binding b) {
            return b.trigger().kind() == Trigger.Kind.CLICK ? ButtonExchange.of(ground, b.command()) : null;
        }

        /** Whether a click would only make the viewport the active one. */
        private boolean activates(Binding b) {
            return b.trigger().kind() == Trigger.Kind.CLICK
                    && b.command().has(CommandTrait.SELECTS)
                    && ground.attention().wouldOnlyActivate(view);
        }

        /** The command that is run: buttons that select and list may be exchanged, and a first click may only activate. */
        private String performed(Binding b) {
            Command.Exchange e = exchange(b);
            return activates(b) ? ACTIVATES : e == null ? b.command().id() : e.command();
        }

        /** The motion a binding starts here, or null if it is none. */
        private Command motion(Binding b) {
            if (b.command().has(CommandTrait.LOZENGE) && b.command().sort() == Command.Sort.MOTION) {
                PadGrips.Grip g = grips.at(view, x - view.x, y - view.y);
                return g == null ? null : g.command();
            }
            return b.command().spoken().name().isEmpty() ? null : b.command();
        }

        private String does(Binding b, Command motion) {
            if (SteeringAxis.keepsHorizon(ground, b)) {
                return say("hints.off-the-horizon-is-kept");
            }
            if (motion.has(CommandTrait.TURNS) && ViewContexts.of(ground, view) == BindingContext.AXIS) {
                return ground.habits().is(AllHabits.AXIS_VIEWS, "hold")
                        ? say("hints.off-the-axis-view-is")
                        : say("hints.releases-the-axis-view");
            }
            if (view.camera != null && !motion.has(CommandTrait.KEEPS_CAMERA)) {
                return switch (CameraViews.state(ground, view)) {
                    case "locked" -> say("hints.off-the-camera-is-locked");
                    case "driven" -> say("hints.moves-the-camera");
                    default -> say("hints.leaves-the-camera-where-it");
                };
            }
            return flat() && motion.has(CommandTrait.NEEDS_EYE)
                    ? say("hints.needs-a-perspective")
                    : motion.spoken().does(flat());
        }

        private String action(Binding b) {
            if (activates(b)) {
                return say("hints.activate-this-viewport");
            }
            Command.Exchange e = exchange(b);
            if (e != null) {
                return e.words();
            }
            String told = deeds.told(b.command(), view, x - view.x, y - view.y);
            return told == null ? b.words() : told;
        }
    }
}
