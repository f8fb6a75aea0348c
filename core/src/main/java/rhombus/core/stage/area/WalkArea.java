package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Context.WALK;
import static rhombus.core.keymap.Modifiers.SHIFT;

import java.util.Map;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.Walking;

/** Walking and flying. */
final class WalkArea {
    /** What a notch multiplies the speed by. */
    private static final double NOTCH = 1.25;
    /** Hints name walking before what a view can do. */
    private static final int FIRST = -40;

    private final Walking walking;

    private WalkArea(Walking walking) {
        this.walking = walking;
    }

    static Area<WalkArea> area() {
        return new Area<>(p -> new WalkArea(p.walking()), WalkArea::declare);
    }

    private static void declare(Declare<WalkArea> d) {
        d.group("Walk and fly");
        d.action("walk.start", "Walk, or leave the walk")
                .rank(FIRST)
                .truth("key")
                .on("walk", Trigger.key("KeyW"), 0, STAGE, Map.of("key", true), "walk")
                .on("pad-walk", Trigger.gamepad("middle-right"), 0, STAGE, "walk")
                .does((a, c) -> a.walking.toggle(c.view(), false, c.truth("key", false)));
        d.action("walk.fly", "Fly, or leave the flight")
                .rank(FIRST)
                .truth("key")
                .on("fly", Trigger.key("KeyW"), SHIFT, STAGE, Map.of("key", true), "fly")
                .does((a, c) -> a.walking.toggle(c.view(), true, c.truth("key", false)));
        Entry<WalkArea> go =
                d.held("walk.go", "Go").ways("go").needs("to", "forward", "backward", "left", "right", "up", "down");
        go(go, "forward", "KeyW", "forward");
        go(go, "left", "KeyA", "to the left");
        go(go, "backward", "KeyS", "backward");
        go(go, "right", "KeyD", "to the right");
        go(go, "down", "KeyQ", "down");
        go(go, "up", "KeyE", "up");
        go.lasts((a, c, down, tap) -> a.walking.go(c.to(), down));
        d.steps("walk.speed", "Walk faster or slower")
                .except(NavigateArea.SLIDES, "walk-speed", Trigger.wheel(), 0, WALK, "faster or slower")
                .only(Presets.TRACKPAD, "walk-speed", Trigger.pinch(), 0, WALK, "faster or slower")
                .steps((a, c, by) -> a.walking.speed(a.walking.speed() * Math.pow(NOTCH, by)));
        d.action("walk.step-speed", "Walk faster or slower by a step")
                .repeats()
                .choice("to", "faster", "slower")
                .on("walk-faster", Trigger.key("Equal"), 0, WALK, Map.of("to", "faster"), "faster")
                .on("walk-slower", Trigger.key("Minus"), 0, WALK, Map.of("to", "slower"), "slower")
                .on("pad-faster", Trigger.gamepad("front-right"), 0, WALK, Map.of("to", "faster"), "faster")
                .on("pad-slower", Trigger.gamepad("front-left"), 0, WALK, Map.of("to", "slower"), "slower")
                .does((a, c) -> a.walking.speed(a.walking.speed() * (c.to().equals("slower") ? 1 / NOTCH : NOTCH)));
        d.action("walk.stick", "Hold the walk stick")
                .number("right", "ahead")
                .does((a, c) -> a.walking.stick(c.number("right", 0), c.number("ahead", 0)));
        d.action("walk.leave", "Leave the walk and stay")
                .on("walk-leave", Trigger.key("Escape"), 0, WALK, "leave and stay")
                .on("walk-done", Trigger.key("Enter"), 0, WALK, "leave and stay")
                .on("pad-walk-leave", Trigger.gamepad("right-right"), 0, WALK, "leave and stay")
                .does((a, c) -> a.walking.leave());
        d.action("walk.back", "Leave the walk and go back to its start")
                .on("walk-back", Trigger.key("Backspace"), 0, WALK, "back to the start")
                .does((a, c) -> a.walking.back());
    }

    private static void go(Entry<WalkArea> e, String to, String code, String hint) {
        e.on("walk-" + to, Trigger.key(code), 0, WALK, Map.of("to", to), hint);
    }
}
