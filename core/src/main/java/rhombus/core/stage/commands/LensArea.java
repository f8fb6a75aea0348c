package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.LensChange;
import rhombus.core.stage.motion.CropMotion;
import rhombus.core.stage.motion.LensMotion;
import rhombus.core.stage.motion.SteppedMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** The lens, and the crop of the picture. */
final class LensArea {
    /** Doublings of the picture's size in one step. */
    private static final double ZOOM_STEP = 0.25;

    private final StageContext ground;
    private final SteppedMotion stepping;
    private final ViewTransition going;

    private LensArea(StageContext ground, SteppedMotion stepping, Walking walking) {
        this.ground = ground;
        this.stepping = stepping;
        this.going = new ViewTransition(ground, walking);
    }

    static CommandArea<LensArea> area() {
        return new CommandArea<>(p -> new LensArea(p.ground(), p.stepping(), p.walking()), LensArea::declare);
    }

    private static void declare(CommandDeclarations<LensArea> d) {
        d.replays(true);
        d.group(say("group.lens-and-crop"));
        lens(d);
        crop(d);
    }

    private void go(CommandCall c, Pose to) {
        going.to(c.view(), to, c.command().spoken().trail(say("to." + c.to())));
    }

    private static void lens(CommandDeclarations<LensArea> d) {
        CommandPhrase zoom =
                new CommandPhrase(say("spoken.zoom"), say("spoken.scale"), say("spoken.lens-only"), "", "");
        d.motion("navigate.zoom")
                .spoken(zoom)
                .on("zoom-hold", Trigger.hold("KeyL"), 0, STAGE, say("hint.zoom"))
                .starts((a, g) -> LensMotion.zoom(a.ground, g));
        d.steps("navigate.zoom-steps")
                .spoken(zoom)
                .on("zoom-wheel", Trigger.wheel(), CTRL, STAGE, say("hint.zoom"))
                .steps((a, c, by) -> a.stepping.zoom(c.view(), by, zoom));
        NavigateArea.step(d, "navigate.step-zoom", "zoom", List.of(NavigateArea.IN_OUT))
                .key("step-zoom-in", "Equal", SHIFT, Map.of("to", "in"), say("hint.zoom-one-step-in"))
                .key("step-zoom-out", "Minus", SHIFT, Map.of("to", "out"), say("hint.zoom-one-step-out"))
                .does((a, c) -> a.going.to(
                        c.view(),
                        LensChange.zoom(c.view().destination(), Math.pow(2, c.inward() * ZOOM_STEP)),
                        c.command().spoken().trail(say("to." + c.to()))));
        d.motion("navigate.dolly-zoom")
                .called(say("spoken.dolly-zoom"), say("spoken.dolly-zoom"), say("spoken.subject-keeps-its-size"))
                .traits(CommandTrait.NEEDS_EYE)
                .on("dolly-zoom-hold", Trigger.hold("KeyL"), SHIFT, STAGE, say("hint.dolly-zoom"))
                .starts((a, g) -> LensMotion.dollyZoom(a.ground, g));
        NavigateArea.step(d, "navigate.step-dolly-zoom", "dolly-zoom", List.of(NavigateArea.IN_OUT))
                .key("step-dolly-zoom-in", "Equal", ALT, Map.of("to", "in"), say("hint.dolly-zoom-one-step-in"))
                .key("step-dolly-zoom-out", "Minus", ALT, Map.of("to", "out"), say("hint.dolly-zoom-one-step-out"))
                .does(LensArea::dollyZoom);
    }

    private static void crop(CommandDeclarations<LensArea> d) {
        d.motion("navigate.crop")
                .called(say("spoken.crop"), say("spoken.crop"), say("spoken.picture-only"))
                .traits(CommandTrait.KEEPS_CAMERA)
                .on("crop-hold", Trigger.hold("Period"), 0, STAGE, say("hint.crop"))
                .starts((a, g) -> CropMotion.start(a.ground, g));
        d.steps("navigate.crop-steps")
                .called(say("spoken.crop"), say("spoken.crop"), say("spoken.picture-only"))
                .traits(CommandTrait.KEEPS_CAMERA)
                .on("crop-wheel", Trigger.wheel(), CTRL | SHIFT, STAGE, say("hint.crop"))
                .steps((a, c, by) -> a.stepping.crop(c.view(), c.x(), c.y(), by));
        CommandSpec<LensArea> step = d.action("navigate.step-crop")
                .repeats()
                .rank(NavigateArea.STEPS_LATER)
                .needs("to", "left", "right", "up", "down", "in", "out");
        NavigateArea.arrows(step, "step-crop", CTRL | SHIFT, say("hint.crop-one-step"))
                .key("step-crop-in", "BracketRight", 0, Map.of("to", "in"), say("hint.crop-one-step-in"))
                .key("step-crop-out", "BracketLeft", 0, Map.of("to", "out"), say("hint.crop-one-step-out"))
                .does(LensArea::crop);
    }

    private void dollyZoom(CommandCall c) {
        Viewport v = c.view();
        Pose p = v.destination();
        if (p.projection().flat()) {
            ViewRefusals.refuse(ground, v, v.width / 2, v.height / 2, LensMotion.NO_LENS);
        } else {
            go(c, LensChange.dollyZoom(p, Math.pow(2, c.inward() * ZOOM_STEP)));
        }
    }

    private void crop(CommandCall c) {
        Viewport v = c.view();
        if (c.to().equals("in") || c.to().equals("out")) {
            ground.navigator().crop(v, v.crop.scaled(Math.pow(2, c.inward() * ZOOM_STEP), 0, 0));
        } else {
            ground.navigator()
                    .crop(v, v.crop.shifted(-c.aside() * NavigateArea.PAN_STEP, c.above() * NavigateArea.PAN_STEP));
        }
    }
}
