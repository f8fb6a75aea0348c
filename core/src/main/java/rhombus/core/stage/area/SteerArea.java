package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Context.WALK;

import java.util.Map;
import rhombus.core.keymap.Spoken;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.Freedom;
import rhombus.core.stage.motion.Steering;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;

/** Moving a view by the axes of a gamepad or of a 3D mouse, a command for each way in which it can move. */
final class SteerArea {
    private static final Spoken ORBIT = new Spoken("orbit", "orbit", "", "", "");
    private static final Spoken WALK_SPOKEN = new Spoken("walk", "walk", "", "", "");
    /** For axes whose positive end is the other one. */
    private static final Map<String, Object> AGAINST = Map.of("against", true);

    private final Ground ground;
    private final Subject subject;
    private final Walking walking;

    private SteerArea(Ground ground, Subject subject, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.walking = walking;
    }

    static Area<SteerArea> area() {
        return new Area<>(p -> new SteerArea(p.ground(), p.subject(), p.walking()), SteerArea::declare);
    }

    private static void declare(Declare<SteerArea> d) {
        d.group("Move by an axis");
        axis(d, Freedom.ORBIT_SIDEWAYS, "Orbit sideways by an axis", ORBIT)
                .traits(Trait.TURNS, Trait.WITH_SCENE)
                .on("pad-orbit-x", Trigger.gamepadAxis("right-x"), 0, STAGE, "orbit sideways")
                .on("m3d-orbit-x", Trigger.mouse3dAxis("rz"), 0, STAGE, AGAINST, "orbit sideways");
        axis(d, Freedom.ORBIT_UP, "Orbit up and down by an axis", ORBIT)
                .traits(Trait.TURNS, Trait.WITH_SCENE)
                .on("pad-orbit-y", Trigger.gamepadAxis("right-y"), 0, STAGE, "orbit up and down")
                .on("m3d-orbit-y", Trigger.mouse3dAxis("rx"), 0, STAGE, AGAINST, "orbit up and down");
        axis(d, Freedom.PAN_SIDEWAYS, "Pan sideways by an axis", NavigateArea.PAN)
                .traits(Trait.WITH_SCENE)
                .on("pad-pan-x", Trigger.gamepadAxis("left-x"), 0, STAGE, "pan sideways")
                .on("m3d-pan-x", Trigger.mouse3dAxis("x"), 0, STAGE, "pan sideways");
        axis(d, Freedom.PAN_UP, "Pan up and down by an axis", NavigateArea.PAN)
                .traits(Trait.WITH_SCENE)
                .on("pad-pan-y", Trigger.gamepadAxis("left-y"), 0, STAGE, "pan up and down")
                .on("m3d-pan-y", Trigger.mouse3dAxis("z"), 0, STAGE, AGAINST, "pan up and down");
        axis(d, Freedom.DOLLY, "Dolly by an axis", NavigateArea.DOLLY)
                .traits(Trait.WITH_CAMERA)
                .on("pad-dolly", Trigger.gamepadAxis("low-fronts"), 0, STAGE, "dolly")
                .on("m3d-dolly", Trigger.mouse3dAxis("y"), 0, STAGE, AGAINST, "dolly");
        axis(d, Freedom.ROLL, "Roll by an axis", new Spoken("roll", "roll", "", "", ""))
                .traits(Trait.WITH_SCENE, Trait.ROLLS)
                .on("m3d-roll", Trigger.mouse3dAxis("ry"), 0, STAGE, AGAINST, "roll");
        axis(d, Freedom.ZOOM, "Zoom the lens by an axis", new Spoken("zoom", "zoom", "", "", ""));
        axis(d, Freedom.LOOK_SIDEWAYS, "Look sideways by an axis", NavigateArea.LOOK)
                .traits(Trait.NEEDS_EYE)
                .on("pad-look-x", Trigger.gamepadAxis("right-x"), 0, WALK, "look sideways")
                .on("m3d-look-x", Trigger.mouse3dAxis("rz"), 0, WALK, "look sideways");
        axis(d, Freedom.LOOK_UP, "Look up and down by an axis", NavigateArea.LOOK)
                .traits(Trait.NEEDS_EYE)
                .on("pad-look-y", Trigger.gamepadAxis("right-y"), 0, WALK, "look up and down")
                .on("m3d-look-y", Trigger.mouse3dAxis("rx"), 0, WALK, "look up and down");
        axis(d, Freedom.WALK_SIDEWAYS, "Walk sideways by an axis", WALK_SPOKEN)
                .on("pad-walk-x", Trigger.gamepadAxis("left-x"), 0, WALK, "walk sideways")
                .on("m3d-walk-x", Trigger.mouse3dAxis("x"), 0, WALK, "walk sideways");
        axis(d, Freedom.WALK_UP, "Go up and down by an axis", WALK_SPOKEN)
                .on("pad-walk-y", Trigger.gamepadAxis("low-fronts"), 0, WALK, "go up and down")
                .on("m3d-walk-y", Trigger.mouse3dAxis("z"), 0, WALK, AGAINST, "go up and down");
        axis(d, Freedom.WALK_AHEAD, "Walk ahead by an axis", WALK_SPOKEN)
                .on("pad-walk-z", Trigger.gamepadAxis("left-y"), 0, WALK, "walk ahead and back")
                .on("m3d-walk-z", Trigger.mouse3dAxis("y"), 0, WALK, AGAINST, "walk ahead and back");
    }

    private static Entry<SteerArea> axis(Declare<SteerArea> d, Freedom f, String words, Spoken spoken) {
        Entry<SteerArea> e = d.axis(f.id(), words).spoken(spoken).truth("against");
        e.starts((a, g) -> new Steering(a.ground, a.subject, a.walking, g));
        return e;
    }
}
