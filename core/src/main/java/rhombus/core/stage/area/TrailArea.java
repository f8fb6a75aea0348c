package rhombus.core.stage.area;

import static rhombus.core.keymap.Modifiers.SHIFT;

import rhombus.core.keymap.Context;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Pose;

/** The way back and forth through what a viewport has shown. */
final class TrailArea {
    private final Ground ground;
    private final Walking walking;

    private TrailArea(Ground ground, Walking walking) {
        this.ground = ground;
        this.walking = walking;
    }

    static Area<TrailArea> area() {
        return new Area<>(p -> new TrailArea(p.ground(), p.walking()), TrailArea::declare);
    }

    private static void declare(Declare<TrailArea> d) {
        d.group("Trail");
        d.action("trail.back", "Back to the view before")
                .essential()
                .key("trail-back", "Backspace", 0, "view before")
                .on("pad-back", Trigger.gamepad("right-right"), 0, Context.STAGE, "view before")
                .on("touch-tap-two", Trigger.tap(2), 0, Context.STAGE, "view before")
                .on("pen-eraser-tap", Trigger.penTap(Trigger.ERASER), 0, Context.STAGE, "view before")
                .does((a, c) -> a.go(c.view(), c.view().trail.back(), "This is the first view of the Trail."));
        d.action("trail.forward", "Forward to the next view")
                .key("trail-forward", "Backspace", SHIFT, "next view")
                .does((a, c) -> a.go(c.view(), c.view().trail.forward(), "This is the newest view of the Trail."));
        d.action("trail.go", "Go to a view of the Trail")
                .whole("to")
                .does((a, c) ->
                        a.go(c.view(), c.view().trail.go(c.whole("to", -1)), "The Trail has no such view any more."));
    }

    private void go(ViewState v, Pose to, String atEnd) {
        if (to == null) {
            ground.changes().notice(atEnd, null, null);
            return;
        }
        walking.leaveIn(v);
        v.release();
        ground.navigator().glide(v, to, ground.glideMs());
        ground.changes().add(Topic.CAPTION, Topic.KEEP);
    }
}
