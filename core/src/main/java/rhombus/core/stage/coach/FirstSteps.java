package rhombus.core.stage.coach;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.PointingDevice;
import rhombus.core.stage.view.StageContext;

/**
 * Three small steps for a hand that is new here, one after the other, on the line of hints. A step is over when the hand has done it,
 * however that was, or skips it; where it stands is a setting, so that it is asked once on whatever machine, and can be had again.
 */
public final class FirstSteps {
    /** The setting's value when all is done. */
    private static final String OVER = "over";

    private static final Set<Trigger.Kind> KEYS = Set.of(Trigger.Kind.HOLD, Trigger.Kind.KEY);
    private static final Map<PointingDevice, Set<Trigger.Kind>> POINTED = Map.of(
            PointingDevice.MOUSE,
            Set.of(Trigger.Kind.DRAG, Trigger.Kind.WHEEL, Trigger.Kind.SLIDE),
            PointingDevice.PEN,
            Set.of(Trigger.Kind.PEN),
            PointingDevice.FINGERS,
            Set.of(Trigger.Kind.TOUCH, Trigger.Kind.PINCH));

    private enum Step {
        ORBIT(
                say("first-steps.turn-the-view-about-what"),
                Set.of("navigate.orbit", "navigate.step-orbit", "rose.turn", "steer.orbit-sideways", "steer.orbit-up")),
        DOLLY(
                say("first-steps.come-closer-to-what-is"),
                Set.of("navigate.dolly", "navigate.dolly-steps", "navigate.step-dolly")),
        FRAME(say("first-steps.click-a-thing-and-frame"), Set.of("view.frame-selection"));

        private final String words;
        private final Set<String> commands;

        Step(String words, Set<String> commands) {
            this.words = words;
            this.commands = commands;
        }
    }

    private final StageContext ground;
    private final UserKeymaps keymaps;
    private final SubjectParts subject;

    /** Listens to what the hand does. */
    public FirstSteps(StageContext ground, SubjectParts subject, UserKeymaps keymaps, HandReport report) {
        this.subject = subject;
        this.ground = ground;
        this.keymaps = keymaps;
        report.heardBy(this::did);
    }

    private Step step() {
        String at = String.valueOf(ground.habits().value(AllHabits.FIRST_STEPS));
        for (Step s : Step.values()) {
            if (s.name().equalsIgnoreCase(at)) {
                return s;
            }
        }
        return null;
    }

    /** What is asked for now, none where all is done; {@code layout} tells what the user's own keyboard prints on its keys. */
    public List<FirstStep> now(Map<String, String> layout) {
        Step s = step();
        return s == null
                ? List.of()
                : List.of(new FirstStep(s.ordinal() + 1, Step.values().length, s.words, trigger(s, layout)));
    }

    /** What the keymap in use has for it: by pointing with the device that is in the hand, and by a key. */
    private String trigger(Step s, Map<String, String> layout) {
        Set<Trigger.Kind> pointed = POINTED.getOrDefault(ground.pointer().device(), POINTED.get(PointingDevice.MOUSE));
        return Stream.of(pointed, KEYS)
                .map(kinds -> first(s, kinds, layout))
                .filter(Objects::nonNull)
                .collect(Collectors.joining(" " + say("first-steps.or") + " "));
    }

    private String first(Step s, Set<Trigger.Kind> kinds, Map<String, String> layout) {
        for (Binding b : keymaps.keymap().bindings()) {
            boolean here = b.context() == BindingContext.STAGE && b.trigger() != null;
            if (here
                    && kinds.contains(b.trigger().kind())
                    && s.commands.contains(b.command().id())) {
                return b.trigger().words(b.modifiers(), layout);
            }
        }
        return null;
    }

    private void did(Command c) {
        Step s = step();
        // Nothing is framed where nothing is selected.
        boolean framed = s != Step.FRAME || !subject.selection().isEmpty();
        if (s != null && framed && s.commands.contains(c.id())) {
            next(s);
        }
    }

    /** Leaves out the step that is asked for; nothing where all is done. */
    public void skip() {
        Step s = step();
        if (s != null) {
            next(s);
        }
    }

    /** Asks for all once more. */
    public void again() {
        keep(Step.ORBIT.name().toLowerCase(Locale.ROOT));
    }

    /** Leaves out all that are left. */
    public void end() {
        keep(OVER);
    }

    private void next(Step s) {
        boolean last = s.ordinal() == Step.values().length - 1;
        keep(last ? OVER : Step.values()[s.ordinal() + 1].name().toLowerCase(Locale.ROOT));
    }

    private void keep(String at) {
        ground.settings().set(AllHabits.FIRST_STEPS.id(), at);
        ground.changes().application("habits.keep", Map.of());
    }
}
