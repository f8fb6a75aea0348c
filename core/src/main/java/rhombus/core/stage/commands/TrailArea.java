package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** The way back and forth through what a viewport has shown. */
final class TrailArea {
    private final StageContext ground;
    private final Walking walking;

    private TrailArea(StageContext ground, Walking walking) {
        this.ground = ground;
        this.walking = walking;
    }

    static CommandArea<TrailArea> area() {
        return new CommandArea<>(p -> new TrailArea(p.ground(), p.walking()), TrailArea::declare);
    }

    private static void declare(CommandDeclarations<TrailArea> d) {
        d.replays(true);
        d.group(say("group.trail"));
        d.action("trail.back")
                .essential()
                .key("trail-back", "Backspace", 0, say("hint.view-before"))
                .on("pad-back", Trigger.gamepad("right-right"), 0, BindingContext.STAGE, say("hint.view-before"))
                .on("touch-tap-two", Trigger.tap(2), 0, BindingContext.STAGE, say("hint.view-before"))
                .on("pen-eraser-tap", Trigger.penTap(Trigger.ERASER), 0, BindingContext.STAGE, say("hint.view-before"))
                .does((a, c) -> a.go(c.view(), c.view().trail.back(), say("trail-area.this-is-the-first-view")));
        d.action("trail.forward")
                .key("trail-forward", "Backspace", SHIFT, say("hint.next-view"))
                .does((a, c) -> a.go(c.view(), c.view().trail.forward(), say("trail-area.this-is-the-newest-view")));
        d.action("trail.go")
                .whole("to")
                .does((a, c) ->
                        a.go(c.view(), c.view().trail.go(c.whole("to", -1)), say("trail-area.the-trail-has-no-such")));
    }

    private void go(Viewport v, Pose to, String atEnd) {
        if (to == null) {
            ground.changes().notice(atEnd, null, null);
            return;
        }
        walking.leaveIn(v);
        ground.changes().unsay(v.id);
        String left = v.driven ? v.camera : null;
        String camera = v.trail.camera(v.trail.index());
        if (camera != null && CameraViews.again(ground, v, camera)) {
            return;
        }
        v.release();
        if (left != null) {
            String name = ground.nameOf(ground.scene().indexOf(left));
            ground.changes()
                    .notice(
                            v.id,
                            say("trail-area.is-not-driven-any-more", name),
                            say("cameras.back-to", name),
                            "camera.look-through",
                            Map.of("camera", left));
        }
        ground.navigator().glide(v, to, ground.glideMs());
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }
}
