package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.BindingContext.WALK;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.LookAround;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.Turntable;
import rhombus.core.stage.motion.DollyMotion;
import rhombus.core.stage.motion.DollyPath;
import rhombus.core.stage.motion.DriveMotion;
import rhombus.core.stage.motion.LookMotion;
import rhombus.core.stage.motion.OrbitMotion;
import rhombus.core.stage.motion.PanMotion;
import rhombus.core.stage.motion.RollMotion;
import rhombus.core.stage.motion.SteppedMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Moving a view by hand, by wheel and by steps of keys. */
final class NavigateArea {
    static final double PAN_STEP = 0.1;
    /** Keys that step a view are told after those that do something of their own. */
    static final int STEPS_LATER = 10;

    private static final List<String> SIDES = List.of("left", "right", "up", "down");
    static final String[] IN_OUT = {"in", "out"};
    /** Presets whose right button orbits. */
    private static final List<String> MICE =
            List.of(KeymapPresets.RHOMBUS, KeymapPresets.TWO_BUTTONS, KeymapPresets.PEN, KeymapPresets.TOUCH);
    /** Those of them with a middle button. */
    private static final List<String> MIDDLE = List.of(KeymapPresets.RHOMBUS, KeymapPresets.PEN, KeymapPresets.TOUCH);
    /** Presets in which Alt and the left button orbit. */
    private static final List<String> HELD = List.of(KeymapPresets.MODIFIER_DRAG, KeymapPresets.ONE_BUTTON);
    /** Presets in which two fingers slide where others turn a wheel. */
    static final List<String> SLIDES = List.of(KeymapPresets.TRACKPAD);

    static final CommandPhrase PAN =
            new CommandPhrase(say("spoken.pan"), say("spoken.pan"), say("spoken.camera-slides-track-pedestal"), "", "");
    static final CommandPhrase LOOK =
            new CommandPhrase(say("spoken.look"), say("spoken.look"), say("spoken.camera-turns-pan-tilt"), "", "");
    static final CommandPhrase DOLLY =
            new CommandPhrase(say("spoken.dolly"), say("spoken.scale"), say("spoken.camera-moves"), "", "");

    private final StageContext ground;
    private final SubjectParts subject;
    private final SteppedMotion stepping;
    private final Walking walking;
    private final ViewTransition going;

    private NavigateArea(StageContext ground, SubjectParts subject, SteppedMotion stepping, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.stepping = stepping;
        this.walking = walking;
        this.going = new ViewTransition(ground, walking);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<NavigateArea> area() {
        return new CommandArea<>(
                p -> new NavigateArea(p.ground(), p.subject(), p.stepping(), p.walking()), NavigateArea::declare);
    }

    private static void declare(CommandDeclarations<NavigateArea> d) {
        d.replays(true);
        d.group(say("group.move-the-view"));
        drags(d);
        moreDrags(d);
        steps(d);
    }

    private static void drags(CommandDeclarations<NavigateArea> d) {
        d.motion("navigate.orbit")
                .essential()
                .called(say("spoken.orbit"))
                .traits(CommandTrait.TURNS, CommandTrait.SNAPS)
                .only(MICE, "orbit-drag", Trigger.drag(MouseButtons.RIGHT), 0, STAGE, Map.of(), say("hint.orbit"))
                .only(HELD, "orbit-drag", Trigger.drag(MouseButtons.LEFT), ALT, STAGE, Map.of(), say("hint.orbit"))
                .only(KeymapPresets.TRACKPAD, "orbit-slide", Trigger.slide(), 0, STAGE, say("hint.orbit"))
                .on("orbit-hold", Trigger.hold("KeyD"), 0, STAGE, say("hint.orbit"))
                .on("touch-one", Trigger.touch(1), 0, STAGE, say("hint.orbit"))
                .on("pen", Trigger.pen(), 0, STAGE, say("hint.orbit"))
                .starts((a, g) -> OrbitMotion.start(a.ground, g));
        d.motion("navigate.pan")
                .essential()
                .spoken(PAN)
                .traits(CommandTrait.PANS)
                .only(MIDDLE, "pan-drag", Trigger.drag(MouseButtons.MIDDLE), 0, STAGE, Map.of(), say("hint.pan"))
                .only(
                        KeymapPresets.TWO_BUTTONS,
                        "pan-drag",
                        Trigger.both(MouseButtons.LEFT, MouseButtons.RIGHT),
                        0,
                        STAGE,
                        say("hint.pan"))
                .only(
                        KeymapPresets.MODIFIER_DRAG,
                        "pan-drag",
                        Trigger.drag(MouseButtons.MIDDLE),
                        ALT,
                        STAGE,
                        say("hint.pan"))
                .only(
                        KeymapPresets.ONE_BUTTON,
                        "pan-drag",
                        Trigger.drag(MouseButtons.LEFT),
                        CTRL | ALT,
                        STAGE,
                        say("hint.pan"))
                .only(KeymapPresets.TRACKPAD, "pan-slide", Trigger.slide(), ALT, STAGE, say("hint.pan"))
                .on("pen-barrel", Trigger.pen(Trigger.BARREL), 0, STAGE, say("hint.pan"))
                .on("pan-hold", Trigger.hold("KeyS"), 0, STAGE, say("hint.pan"))
                .on("touch-two", Trigger.touch(2), 0, STAGE, say("hint.pan"))
                .starts((a, g) -> PanMotion.start(a.ground, a.subject, g));
        d.motion("navigate.dolly")
                .spoken(DOLLY)
                .only(
                        KeymapPresets.MODIFIER_DRAG,
                        "dolly-drag",
                        Trigger.drag(MouseButtons.RIGHT),
                        ALT,
                        STAGE,
                        say("hint.dolly"))
                .only(
                        KeymapPresets.TWO_BUTTONS,
                        "dolly-drag",
                        Trigger.drag(MouseButtons.RIGHT),
                        CTRL,
                        STAGE,
                        say("hint.dolly"))
                .only(
                        KeymapPresets.ONE_BUTTON,
                        "dolly-drag",
                        Trigger.drag(MouseButtons.LEFT),
                        SHIFT | ALT,
                        STAGE,
                        say("hint.dolly"))
                .only(KeymapPresets.PEN, "pen-dolly", Trigger.pen(), CTRL, STAGE, say("hint.dolly"))
                .on("pen-eraser", Trigger.pen(Trigger.ERASER), 0, STAGE, say("hint.dolly"))
                .on("dolly-hold", Trigger.hold("KeyA"), 0, STAGE, say("hint.dolly"))
                .starts((a, g) -> DollyMotion.start(a.ground, a.subject, g));
        d.steps("navigate.dolly-steps")
                .essential()
                .spoken(DOLLY)
                .traits(CommandTrait.DOLLIES)
                .except(SLIDES, "dolly-wheel", Trigger.wheel(), 0, STAGE, say("hint.dolly"))
                .on("touch-pinch", Trigger.pinch(), 0, STAGE, say("hint.dolly"))
                .steps((a, c, by) -> a.stepping.dolly(c.view(), c.x(), c.y(), by, DOLLY));
        d.motion("navigate.dolly-all")
                .called(say("spoken.dolly-everywhere"), say("spoken.scale-everywhere"), "")
                .on("dolly-all-hold", Trigger.hold("KeyA"), SHIFT, STAGE, say("hint.dolly-in-all-viewports"))
                .starts((a, g) -> DollyMotion.everywhere(a.ground, a.subject, g));
        d.steps("navigate.dolly-all-steps")
                .called(say("spoken.dolly-everywhere"), say("spoken.scale-everywhere"), "")
                .except(SLIDES, "dolly-all-wheel", Trigger.wheel(), SHIFT, STAGE, say("hint.dolly-in-all-viewports"))
                .steps((a, c, by) -> a.stepping.dollyEverywhere(c.view(), c.x(), c.y(), by, DOLLY));
    }

    private static void moreDrags(CommandDeclarations<NavigateArea> d) {
        d.motion("navigate.look")
                .spoken(LOOK)
                .traits(CommandTrait.NEEDS_EYE)
                .on("look-hold", Trigger.hold("KeyE"), 0, STAGE, say("hint.look"))
                .on("touch-three", Trigger.touch(3), 0, STAGE, say("hint.look"))
                .on("walk-turn", Trigger.drag(MouseButtons.LEFT), 0, WALK, say("hint.look"))
                .only(KeymapPresets.TRACKPAD, "walk-turn-slide", Trigger.slide(), 0, WALK, say("hint.look"))
                .on("walk-turn-right", Trigger.drag(MouseButtons.RIGHT), 0, WALK, say("hint.look"))
                .on("walk-turn-touch", Trigger.touch(1), 0, WALK, say("hint.look"))
                .on("walk-turn-pen", Trigger.pen(), 0, WALK, say("hint.look"))
                .starts((a, g) -> LookMotion.start(a.ground, g));
        d.motion("navigate.roll")
                .called(say("spoken.roll"))
                .traits(CommandTrait.SNAPS)
                .on("roll-hold", Trigger.hold("KeyR"), 0, STAGE, say("hint.roll"))
                .starts((a, g) -> RollMotion.start(a.ground, g));
        d.steps("navigate.roll-steps")
                .called(say("spoken.roll"))
                .traits(CommandTrait.ROLLS)
                .on("touch-twist", Trigger.twist(), 0, STAGE, say("hint.roll"))
                .steps((a, c, by) -> a.stepping.roll(c.view(), by, c.command().spoken()));
        d.motion("navigate.drive")
                .called(say("spoken.drive"))
                .traits(CommandTrait.NEEDS_EYE)
                .rank(1)
                .on("drive-hold", Trigger.hold("Space"), 0, STAGE, say("hint.drive"))
                .starts((a, g) -> DriveMotion.start(a.ground, a.walking, g));
    }

    private static void steps(CommandDeclarations<NavigateArea> d) {
        CommandSpec<NavigateArea> orbit = step(d, "navigate.step-orbit", "orbit", SIDES);
        arrows(orbit, "step-orbit", 0, say("hint.orbit-one-step"));
        Map<String, String> cluster = Map.of("left", "left", "right", "right", "up", "top", "down", "bottom");
        for (String side : SIDES) {
            Trigger t = Trigger.gamepad("left-" + cluster.get(side));
            orbit.on(
                    "pad-step-" + side,
                    t,
                    0,
                    STAGE,
                    Map.of("to", side),
                    say("hint.orbit-one-step-2", say("to." + side)));
        }
        orbit.does(NavigateArea::orbit);
        CommandSpec<NavigateArea> pan = step(d, "navigate.step-pan", "pan", SIDES);
        arrows(pan, "step-pan", SHIFT, say("hint.pan-one-step")).does(NavigateArea::pan);
        step(d, "navigate.step-dolly", "dolly", List.of(IN_OUT))
                .key("step-dolly-in", "Equal", 0, Map.of("to", "in"), say("hint.dolly-one-step-in"))
                .key("step-dolly-out", "Minus", 0, Map.of("to", "out"), say("hint.dolly-one-step-out"))
                .does(NavigateArea::dolly);
        CommandSpec<NavigateArea> look = step(d, "navigate.step-look", "look", SIDES);
        arrows(look, "step-look", CTRL, say("hint.look-one-step"));
        String[] walkIds = {"walk-turn-left", "walk-turn-right-key", "walk-turn-up", "walk-turn-down"};
        for (int i = 0; i < SIDES.size(); i++) {
            look.on(
                    walkIds[i],
                    arrow(SIDES.get(i)),
                    0,
                    WALK,
                    Map.of("to", SIDES.get(i)),
                    say("hint.look-2", say("to." + SIDES.get(i))));
        }
        look.does(NavigateArea::look);
        step(d, "navigate.step-roll", "roll", List.of("left", "right"))
                .key("step-roll-right", "Quote", 0, Map.of("to", "right"), say("hint.roll-one-step-right"))
                .key("step-roll-left", "Semicolon", 0, Map.of("to", "left"), say("hint.roll-one-step-left"))
                .does((a, c) -> a.going.to(
                        c.view(),
                        LookAround.roll(c.view().destination(), a.step() * c.aside()),
                        c.command().spoken().trail(say("to." + c.to()))));
    }

    static <A> CommandSpec<A> step(CommandDeclarations<A> d, String id, String name, List<String> ways) {
        return d.action(id)
                .repeats()
                .rank(STEPS_LATER)
                .trail(say("spoken." + name) + " {}")
                .needs("to", ways);
    }

    static <A> CommandSpec<A> arrows(CommandSpec<A> e, String binding, int mods, String hint) {
        for (String side : SIDES) {
            e.on(binding + "-" + side, arrow(side), mods, STAGE, Map.of("to", side), hint + " " + say("to." + side));
        }
        return e;
    }

    /** The arrow key of a side. */
    static Trigger arrow(String side) {
        return Trigger.key("Arrow" + side.substring(0, 1).toUpperCase() + side.substring(1));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private double step() {
        return Math.toRadians(ground.habits().number(AllHabits.STEP));
    }

    private void go(CommandCall c, Pose to) {
        going.to(c.view(), to, c.command().spoken().trail(say("to." + c.to())));
    }

    private void orbit(CommandCall c) {
        Viewport v = c.view();
        Pose at = v.destination();
        if (ViewRefusals.heldInPlace(ground, v, v.width / 2, v.height / 2)) {
            return;
        }
        Pose p = ViewRefusals.leavingAxis(v, at);
        boolean stop = ground.habits().is(AllHabits.POLES, "stop");
        go(c, Turntable.orbit(p, p.focusPoint(), ground.scene().up(), step() * c.aside(), -step() * c.above(), stop));
        ViewRefusals.released(ground, v, at);
    }

    private void pan(CommandCall c) {
        Viewport v = c.view();
        Pose p = v.destination();
        go(c, Pan.by(v.screen().with(p), p.focus(), v.height * PAN_STEP * -c.aside(), v.height * PAN_STEP * c.above()));
    }

    private void dolly(CommandCall c) {
        DollyPath run = new DollyPath(ground, subject, c.view(), c.view().destination(), c.xOrMiddle(), c.yOrMiddle());
        go(c, run.at(c.inward()));
    }

    private void look(CommandCall c) {
        Viewport v = c.view();
        Pose p = v.destination();
        if (p.projection().flat()) {
            ViewRefusals.refuse(ground, v, v.width / 2, v.height / 2, LookMotion.NO_EYE);
            return;
        }
        go(c, LookAround.turn(p, ground.scene().up(), -step() * c.aside(), step() * c.above()));
    }
}
