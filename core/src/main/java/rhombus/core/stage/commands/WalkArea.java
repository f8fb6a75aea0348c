package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.BindingContext.WALK;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.KeymapPresets;
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

    static CommandArea<WalkArea> area() {
        return new CommandArea<>(p -> new WalkArea(p.walking()), WalkArea::declare);
    }

    private static void declare(CommandDeclarations<WalkArea> d) {
        d.replays(true);
        d.group(say("group.walk-and-fly"));
        d.action("walk.start")
                .rank(FIRST)
                .truth("key")
                .on("walk", Trigger.key("KeyW"), 0, STAGE, Map.of("key", true), say("hint.walk"))
                .on("pad-walk", Trigger.gamepad("middle-right"), 0, STAGE, say("hint.walk"))
                .does((a, c) -> a.walking.toggle(c.view(), false, c.truth("key", false)));
        d.action("walk.fly")
                .rank(FIRST)
                .truth("key")
                .on("fly", Trigger.key("KeyW"), SHIFT, STAGE, Map.of("key", true), say("hint.fly"))
                .does((a, c) -> a.walking.toggle(c.view(), true, c.truth("key", false)));
        CommandSpec<WalkArea> go =
                d.held("walk.go").ways("go").needs("to", "forward", "backward", "left", "right", "up", "down");
        go(go, "forward", "KeyW", say("hint.forward"));
        go(go, "left", "KeyA", say("hint.to-the-left"));
        go(go, "backward", "KeyS", say("hint.backward"));
        go(go, "right", "KeyD", say("hint.to-the-right"));
        go(go, "down", "KeyQ", say("hint.down"));
        go(go, "up", "KeyE", say("hint.up"));
        go.lasts((a, c, down, tap) -> a.walking.go(c.to(), down));
        d.steps("walk.speed")
                .except(NavigateArea.SLIDES, "walk-speed", Trigger.wheel(), 0, WALK, say("hint.faster-or-slower"))
                .only(KeymapPresets.TRACKPAD, "walk-speed", Trigger.pinch(), 0, WALK, say("hint.faster-or-slower"))
                .steps((a, c, by) -> a.walking.speed(a.walking.speed() * Math.pow(NOTCH, by)));
        d.action("walk.step-speed")
                .joins()
                .repeats()
                .choice("to", "faster", "slower")
                .on("walk-faster", Trigger.key("Equal"), 0, WALK, Map.of("to", "faster"), say("hint.faster"))
                .on("walk-slower", Trigger.key("Minus"), 0, WALK, Map.of("to", "slower"), say("hint.slower"))
                .on("pad-faster", Trigger.gamepad("front-right"), 0, WALK, Map.of("to", "faster"), say("hint.faster"))
                .on("pad-slower", Trigger.gamepad("front-left"), 0, WALK, Map.of("to", "slower"), say("hint.slower"))
                .does((a, c) -> a.walking.speed(a.walking.speed() * (c.to().equals("slower") ? 1 / NOTCH : NOTCH)));
        d.action("walk.stick")
                .traits(CommandTrait.TOLD)
                .joins()
                .number("right", "ahead")
                .does((a, c) -> a.walking.stick(c.number("right", 0), c.number("ahead", 0)));
        d.action("walk.leave")
                .traits(CommandTrait.INDISPENSABLE)
                .on("walk-leave", Trigger.key("Escape"), 0, WALK, say("hint.leave-and-stay"))
                .on("walk-done", Trigger.key("Enter"), 0, WALK, say("hint.leave-and-stay"))
                .on("pad-walk-leave", Trigger.gamepad("right-right"), 0, WALK, say("hint.leave-and-stay"))
                .does((a, c) -> a.walking.leave());
        d.action("walk.back")
                .on("walk-back", Trigger.key("Backspace"), 0, WALK, say("hint.back-to-the-start"))
                .does((a, c) -> a.walking.back());
    }

    private static void go(CommandSpec<WalkArea> e, String to, String code, String hint) {
        e.on("walk-" + to, Trigger.key(code), 0, WALK, Map.of("to", to), hint);
    }
}
