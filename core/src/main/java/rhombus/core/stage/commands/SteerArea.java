package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.BindingContext.WALK;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.AxisSteering;
import rhombus.core.stage.motion.DegreeOfFreedom;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;

/** Moving a view by the axes of a gamepad or of a 3D mouse, a command for each way in which it can move. */
final class SteerArea {
    private static final CommandPhrase ORBIT = new CommandPhrase(say("spoken.orbit"), say("spoken.orbit"), "", "", "");
    private static final CommandPhrase WALK_SPOKEN =
            new CommandPhrase(say("spoken.walk"), say("spoken.walk"), "", "", "");
    /** For axes whose positive end is the other one. */
    private static final Map<String, Object> AGAINST = Map.of("against", true);

    private final StageContext ground;
    private final SubjectParts subject;
    private final Walking walking;

    private SteerArea(StageContext ground, SubjectParts subject, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.walking = walking;
    }

    static CommandArea<SteerArea> area() {
        return new CommandArea<>(p -> new SteerArea(p.ground(), p.subject(), p.walking()), SteerArea::declare);
    }

    private static void declare(CommandDeclarations<SteerArea> d) {
        d.replays(true);
        d.group(say("group.move-by-an-axis"));
        axis(d, DegreeOfFreedom.ORBIT_SIDEWAYS, ORBIT)
                .traits(CommandTrait.TURNS, CommandTrait.WITH_SCENE)
                .on("pad-orbit-x", Trigger.gamepadAxis("right-x"), 0, STAGE, say("hint.orbit-sideways"))
                .on("m3d-orbit-x", Trigger.mouse3dAxis("rz"), 0, STAGE, AGAINST, say("hint.orbit-sideways"));
        axis(d, DegreeOfFreedom.ORBIT_UP, ORBIT)
                .traits(CommandTrait.TURNS, CommandTrait.WITH_SCENE)
                .on("pad-orbit-y", Trigger.gamepadAxis("right-y"), 0, STAGE, say("hint.orbit-up-and-down"))
                .on("m3d-orbit-y", Trigger.mouse3dAxis("rx"), 0, STAGE, AGAINST, say("hint.orbit-up-and-down"));
        axis(d, DegreeOfFreedom.PAN_SIDEWAYS, NavigateArea.PAN)
                .traits(CommandTrait.WITH_SCENE)
                .on("pad-pan-x", Trigger.gamepadAxis("left-x"), 0, STAGE, say("hint.pan-sideways"))
                .on("m3d-pan-x", Trigger.mouse3dAxis("x"), 0, STAGE, say("hint.pan-sideways"));
        axis(d, DegreeOfFreedom.PAN_UP, NavigateArea.PAN)
                .traits(CommandTrait.WITH_SCENE)
                .on("pad-pan-y", Trigger.gamepadAxis("left-y"), 0, STAGE, say("hint.pan-up-and-down"))
                .on("m3d-pan-y", Trigger.mouse3dAxis("z"), 0, STAGE, AGAINST, say("hint.pan-up-and-down"));
        axis(d, DegreeOfFreedom.DOLLY, NavigateArea.DOLLY)
                .traits(CommandTrait.WITH_CAMERA)
                .on("pad-dolly", Trigger.gamepadAxis("low-fronts"), 0, STAGE, say("hint.dolly"))
                .on("m3d-dolly", Trigger.mouse3dAxis("y"), 0, STAGE, AGAINST, say("hint.dolly"));
        axis(d, DegreeOfFreedom.ROLL, new CommandPhrase(say("spoken.roll"), say("spoken.roll"), "", "", ""))
                .traits(CommandTrait.WITH_SCENE, CommandTrait.ROLLS)
                .on("m3d-roll", Trigger.mouse3dAxis("ry"), 0, STAGE, AGAINST, say("hint.roll"));
        axis(d, DegreeOfFreedom.ZOOM, new CommandPhrase(say("spoken.zoom"), say("spoken.zoom"), "", "", ""));
        axis(d, DegreeOfFreedom.LOOK_SIDEWAYS, NavigateArea.LOOK)
                .traits(CommandTrait.NEEDS_EYE)
                .on("pad-look-x", Trigger.gamepadAxis("right-x"), 0, WALK, say("hint.look-sideways"))
                .on("m3d-look-x", Trigger.mouse3dAxis("rz"), 0, WALK, say("hint.look-sideways"));
        axis(d, DegreeOfFreedom.LOOK_UP, NavigateArea.LOOK)
                .traits(CommandTrait.NEEDS_EYE)
                .on("pad-look-y", Trigger.gamepadAxis("right-y"), 0, WALK, say("hint.look-up-and-down"))
                .on("m3d-look-y", Trigger.mouse3dAxis("rx"), 0, WALK, say("hint.look-up-and-down"));
        axis(d, DegreeOfFreedom.WALK_SIDEWAYS, WALK_SPOKEN)
                .on("pad-walk-x", Trigger.gamepadAxis("left-x"), 0, WALK, say("hint.walk-sideways"))
                .on("m3d-walk-x", Trigger.mouse3dAxis("x"), 0, WALK, say("hint.walk-sideways"));
        axis(d, DegreeOfFreedom.WALK_UP, WALK_SPOKEN)
                .on("pad-walk-y", Trigger.gamepadAxis("low-fronts"), 0, WALK, say("hint.go-up-and-down"))
                .on("m3d-walk-y", Trigger.mouse3dAxis("z"), 0, WALK, AGAINST, say("hint.go-up-and-down"));
        axis(d, DegreeOfFreedom.WALK_AHEAD, WALK_SPOKEN)
                .on("pad-walk-z", Trigger.gamepadAxis("left-y"), 0, WALK, say("hint.walk-ahead-and-back"))
                .on("m3d-walk-z", Trigger.mouse3dAxis("y"), 0, WALK, AGAINST, say("hint.walk-ahead-and-back"));
    }

    private static CommandSpec<SteerArea> axis(
            CommandDeclarations<SteerArea> d, DegreeOfFreedom f, CommandPhrase spoken) {
        CommandSpec<SteerArea> e = d.axis(f.id()).spoken(spoken).truth("against");
        e.starts((a, g) -> new AxisSteering(a.ground, a.subject, a.walking, g));
        return e;
    }
}
