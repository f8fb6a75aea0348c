package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Context.WALK;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Spoken;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.Look;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.Turntable;
import rhombus.core.stage.motion.DollyMotion;
import rhombus.core.stage.motion.DollyRun;
import rhombus.core.stage.motion.DriveMotion;
import rhombus.core.stage.motion.LookMotion;
import rhombus.core.stage.motion.OrbitMotion;
import rhombus.core.stage.motion.PanMotion;
import rhombus.core.stage.motion.RollMotion;
import rhombus.core.stage.motion.Stepping;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Pose;

/** Moving a view by hand, by wheel and by steps of keys. */
final class NavigateArea {
    static final double PAN_STEP = 0.1;
    /** Keys that step a view are told after those that do something of their own. */
    static final int STEPS_LATER = 10;

    private static final List<String> SIDES = List.of("left", "right", "up", "down");
    static final String[] IN_OUT = {"in", "out"};
    /** Presets whose right button orbits. */
    private static final List<String> MICE = List.of(Presets.RHOMBUS, Presets.TWO_BUTTONS, Presets.PEN, Presets.TOUCH);
    /** Those of them with a middle button. */
    private static final List<String> MIDDLE = List.of(Presets.RHOMBUS, Presets.PEN, Presets.TOUCH);
    /** Presets in which Alt and the left button orbit. */
    private static final List<String> HELD = List.of(Presets.MODIFIER_DRAG, Presets.ONE_BUTTON);
    /** Presets in which two fingers slide where others turn a wheel. */
    static final List<String> SLIDES = List.of(Presets.TRACKPAD);

    static final Spoken PAN =
            new Spoken(say("spoken.pan"), say("spoken.pan"), say("spoken.camera-slides-track-pedestal"), "", "");
    static final Spoken LOOK =
            new Spoken(say("spoken.look"), say("spoken.look"), say("spoken.camera-turns-pan-tilt"), "", "");
    static final Spoken DOLLY =
            new Spoken(say("spoken.dolly"), say("spoken.scale"), say("spoken.camera-moves"), "", "");

    private final Ground ground;
    private final Subject subject;
    private final Stepping stepping;
    private final Walking walking;
    private final Going going;

    private NavigateArea(Ground ground, Subject subject, Stepping stepping, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.stepping = stepping;
        this.walking = walking;
        this.going = new Going(ground, walking);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<NavigateArea> area() {
        return new Area<>(
                p -> new NavigateArea(p.ground(), p.subject(), p.stepping(), p.walking()), NavigateArea::declare);
    }

    private static void declare(Declare<NavigateArea> d) {
        d.replays(true);
        d.group(say("group.move-the-view"));
        drags(d);
        moreDrags(d);
        steps(d);
    }

    private static void drags(Declare<NavigateArea> d) {
        d.motion("navigate.orbit")
                .essential()
                .called(say("spoken.orbit"))
                .traits(Trait.TURNS, Trait.SNAPS)
                .only(MICE, "orbit-drag", Trigger.drag(Buttons.RIGHT), 0, STAGE, Map.of(), say("hint.orbit"))
                .only(HELD, "orbit-drag", Trigger.drag(Buttons.LEFT), ALT, STAGE, Map.of(), say("hint.orbit"))
                .only(Presets.TRACKPAD, "orbit-slide", Trigger.slide(), 0, STAGE, say("hint.orbit"))
                .on("orbit-hold", Trigger.hold("KeyD"), 0, STAGE, say("hint.orbit"))
                .on("touch-one", Trigger.touch(1), 0, STAGE, say("hint.orbit"))
                .on("pen", Trigger.pen(), 0, STAGE, say("hint.orbit"))
                .starts((a, g) -> OrbitMotion.start(a.ground, g));
        d.motion("navigate.pan")
                .essential()
                .spoken(PAN)
                .traits(Trait.PANS)
                .only(MIDDLE, "pan-drag", Trigger.drag(Buttons.MIDDLE), 0, STAGE, Map.of(), say("hint.pan"))
                .only(
                        Presets.TWO_BUTTONS,
                        "pan-drag",
                        Trigger.both(Buttons.LEFT, Buttons.RIGHT),
                        0,
                        STAGE,
                        say("hint.pan"))
                .only(Presets.MODIFIER_DRAG, "pan-drag", Trigger.drag(Buttons.MIDDLE), ALT, STAGE, say("hint.pan"))
                .only(Presets.ONE_BUTTON, "pan-drag", Trigger.drag(Buttons.LEFT), CTRL | ALT, STAGE, say("hint.pan"))
                .only(Presets.TRACKPAD, "pan-slide", Trigger.slide(), ALT, STAGE, say("hint.pan"))
                .on("pen-barrel", Trigger.pen(Trigger.BARREL), 0, STAGE, say("hint.pan"))
                .on("pan-hold", Trigger.hold("KeyS"), 0, STAGE, say("hint.pan"))
                .on("touch-two", Trigger.touch(2), 0, STAGE, say("hint.pan"))
                .starts((a, g) -> PanMotion.start(a.ground, a.subject, g));
        d.motion("navigate.dolly")
                .spoken(DOLLY)
                .only(Presets.MODIFIER_DRAG, "dolly-drag", Trigger.drag(Buttons.RIGHT), ALT, STAGE, say("hint.dolly"))
                .only(Presets.TWO_BUTTONS, "dolly-drag", Trigger.drag(Buttons.RIGHT), CTRL, STAGE, say("hint.dolly"))
                .only(
                        Presets.ONE_BUTTON,
                        "dolly-drag",
                        Trigger.drag(Buttons.LEFT),
                        SHIFT | ALT,
                        STAGE,
                        say("hint.dolly"))
                .only(Presets.PEN, "pen-dolly", Trigger.pen(), CTRL, STAGE, say("hint.dolly"))
                .on("pen-eraser", Trigger.pen(Trigger.ERASER), 0, STAGE, say("hint.dolly"))
                .on("dolly-hold", Trigger.hold("KeyA"), 0, STAGE, say("hint.dolly"))
                .starts((a, g) -> DollyMotion.start(a.ground, a.subject, g));
        d.steps("navigate.dolly-steps")
                .essential()
                .spoken(DOLLY)
                .traits(Trait.DOLLIES)
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

    private static void moreDrags(Declare<NavigateArea> d) {
        d.motion("navigate.look")
                .spoken(LOOK)
                .traits(Trait.NEEDS_EYE)
                .on("look-hold", Trigger.hold("KeyE"), 0, STAGE, say("hint.look"))
                .on("touch-three", Trigger.touch(3), 0, STAGE, say("hint.look"))
                .on("walk-turn", Trigger.drag(Buttons.LEFT), 0, WALK, say("hint.look"))
                .only(Presets.TRACKPAD, "walk-turn-slide", Trigger.slide(), 0, WALK, say("hint.look"))
                .on("walk-turn-right", Trigger.drag(Buttons.RIGHT), 0, WALK, say("hint.look"))
                .on("walk-turn-touch", Trigger.touch(1), 0, WALK, say("hint.look"))
                .on("walk-turn-pen", Trigger.pen(), 0, WALK, say("hint.look"))
                .starts((a, g) -> LookMotion.start(a.ground, g));
        d.motion("navigate.roll")
                .called(say("spoken.roll"))
                .traits(Trait.SNAPS)
                .on("roll-hold", Trigger.hold("KeyR"), 0, STAGE, say("hint.roll"))
                .starts((a, g) -> RollMotion.start(a.ground, g));
        d.steps("navigate.roll-steps")
                .called(say("spoken.roll"))
                .traits(Trait.ROLLS)
                .on("touch-twist", Trigger.twist(), 0, STAGE, say("hint.roll"))
                .steps((a, c, by) -> a.stepping.roll(c.view(), by, c.command().spoken()));
        d.motion("navigate.drive")
                .called(say("spoken.drive"))
                .traits(Trait.NEEDS_EYE)
                .rank(1)
                .on("drive-hold", Trigger.hold("Space"), 0, STAGE, say("hint.drive"))
                .starts((a, g) -> DriveMotion.start(a.ground, a.walking, g));
    }

    private static void steps(Declare<NavigateArea> d) {
        Entry<NavigateArea> orbit = step(d, "navigate.step-orbit", "orbit", SIDES);
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
        Entry<NavigateArea> pan = step(d, "navigate.step-pan", "pan", SIDES);
        arrows(pan, "step-pan", SHIFT, say("hint.pan-one-step")).does(NavigateArea::pan);
        step(d, "navigate.step-dolly", "dolly", List.of(IN_OUT))
                .key("step-dolly-in", "Equal", 0, Map.of("to", "in"), say("hint.dolly-one-step-in"))
                .key("step-dolly-out", "Minus", 0, Map.of("to", "out"), say("hint.dolly-one-step-out"))
                .does(NavigateArea::dolly);
        Entry<NavigateArea> look = step(d, "navigate.step-look", "look", SIDES);
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
                        Look.roll(c.view().destination(), a.step() * c.aside()),
                        c.command().spoken().trail(say("to." + c.to()))));
    }

    static <A> Entry<A> step(Declare<A> d, String id, String name, List<String> ways) {
        return d.action(id)
                .repeats()
                .rank(STEPS_LATER)
                .trail(say("spoken." + name) + " {}")
                .needs("to", ways);
    }

    static <A> Entry<A> arrows(Entry<A> e, String binding, int mods, String hint) {
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

    private void go(Call c, Pose to) {
        going.to(c.view(), to, c.command().spoken().trail(say("to." + c.to())));
    }

    private void orbit(Call c) {
        ViewState v = c.view();
        Pose at = v.destination();
        if (ground.refusals().heldInPlace(v, v.width / 2, v.height / 2)) {
            return;
        }
        Pose p = ground.refusals().leavingAxis(v, at);
        boolean stop = ground.habits().is(AllHabits.POLES, "stop");
        go(c, Turntable.orbit(p, p.focusPoint(), ground.scene().up(), step() * c.aside(), -step() * c.above(), stop));
        ground.refusals().released(v, at);
    }

    private void pan(Call c) {
        ViewState v = c.view();
        Pose p = v.destination();
        go(c, Pan.by(v.screen().with(p), p.focus(), v.height * PAN_STEP * -c.aside(), v.height * PAN_STEP * c.above()));
    }

    private void dolly(Call c) {
        DollyRun run = new DollyRun(ground, subject, c.view(), c.view().destination(), c.xOrMiddle(), c.yOrMiddle());
        go(c, run.at(c.inward()));
    }

    private void look(Call c) {
        ViewState v = c.view();
        Pose p = v.destination();
        if (p.projection().flat()) {
            ground.refusals().refuse(v, v.width / 2, v.height / 2, LookMotion.NO_EYE);
            return;
        }
        go(c, Look.turn(p, ground.scene().up(), -step() * c.aside(), step() * c.above()));
    }
}
