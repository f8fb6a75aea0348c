package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.AimAt;
import rhombus.core.navigate.NumberText;
import rhombus.core.scene.Scene;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.HomeViews;
import rhombus.core.stage.view.NodeFraming;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Bringing things into the picture. */
final class FrameArea {
    /** Hints name framing before the rest. */
    private static final int FIRST = -30;

    /** Presets of hands that have nothing but a tap to frame with. */
    static final List<String> TAPS = List.of(KeymapPresets.PEN, KeymapPresets.TOUCH);

    private final StageContext ground;
    private final SubjectParts subject;
    private final ViewTransition going;

    private FrameArea(StageContext ground, SubjectParts subject, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.going = new ViewTransition(ground, walking);
    }

    static CommandArea<FrameArea> area() {
        return new CommandArea<>(p -> new FrameArea(p.ground(), p.subject(), p.walking()), FrameArea::declare);
    }

    private static void declare(CommandDeclarations<FrameArea> d) {
        d.replays(true);
        d.group(say("group.frame"));
        d.action("view.frame-selection")
                .essential()
                .rank(FIRST)
                .trail(say("trail.frame"))
                .truth("all")
                .key("frame", "KeyF", 0, say("hint.frame-the-selection"))
                .on("pad-frame", Trigger.gamepad("right-bottom"), 0, STAGE, say("hint.frame-the-selection"))
                .on("m3d-frame", Trigger.mouse3d(1), 0, STAGE, say("hint.frame-the-selection"))
                .only(
                        TAPS,
                        "frame-double",
                        Trigger.doubleClick(MouseButtons.LEFT),
                        0,
                        STAGE,
                        Map.of(),
                        say("hint.frame-the-selection"))
                .key("frame-everywhere", "KeyF", ALT, Map.of("all", true), say("hint.frame-in-all-viewports"))
                .told((a, c) -> a.subject.selection().isEmpty()
                        ? say("frame-area.frame-all")
                        : say("frame-area.frame", a.subject.names()))
                .does((a, c) -> a.each(c, a::frame));
        d.action("view.frame-all")
                .trail(say("trail.frame-all"))
                .truth("all")
                .key("frame-all", "KeyF", SHIFT, say("hint.frame-all"))
                .on("pad-frame-all", Trigger.gamepad("right-left"), 0, STAGE, say("hint.frame-all"))
                .on("m3d-frame-all", Trigger.mouse3d(2), 0, STAGE, say("hint.frame-all"))
                .on("touch-tap-three", Trigger.tap(3), 0, STAGE, say("hint.frame-all"))
                .does((a, c) -> a.each(c, a::frameAll));
        d.action("view.frame-everything")
                .trail(say("trail.frame-everything"))
                .does((a, c) -> a.going.fresh(
                        c.view(),
                        NodeFraming.everything(
                                a.ground.scene(),
                                c.view().destination(),
                                c.view().aspect()),
                        c.deed()));
        d.action("view.aim")
                .trail(say("trail.aim"))
                .key("aim", "KeyN", SHIFT, say("hint.aim-at-the-selection"))
                .does(FrameArea::aim);
    }

    /** On this viewport, and where it is told so on all that are shown. */
    private void each(CommandCall c, BiConsumer<Viewport, String> frame) {
        for (Viewport v : ground.board().views) {
            if (v == c.view() || c.truth("all", false) && v.shown) {
                frame.accept(v, c.deed());
            }
        }
    }

    /** Turns the camera on the spot, or slides a flat view, until the selection is in the middle. */
    private void aim(CommandCall c) {
        if (subject.selection().isEmpty()) {
            ground.changes().notice(say("frame-area.select-something-to-aim-at"), null, null);
            return;
        }
        Vec3 middle = subject.components().isEmpty()
                ? subject.selection().bounds(ground.scene()).center()
                : subject.components().bounds().center();
        going.fresh(
                c.view(),
                AimAt.at(c.view().destination(), middle, ground.scene().up()),
                c.deed());
    }

    private void frame(Viewport v, String deed) {
        Scene scene = ground.scene();
        if (!subject.components().isEmpty() && !v.destination().equals(v.framed)) {
            Pose parts = NodeFraming.points(scene, subject.components().points(), v.destination(), v.aspect());
            going.fresh(v, parts, deed);
            v.framed(parts, -1);
            return;
        }
        if (subject.selection().isEmpty()) {
            frameAll(v, deed);
            return;
        }
        int level = v.destination().equals(v.framed) ? v.frameLevel + 1 : 0;
        v.framed(v.framed, level);
        List<Integer> nodes = wider(scene, level);
        if (nodes.isEmpty()) {
            frameAll(v, deed);
            return;
        }
        Pose fit = NodeFraming.fit(scene, nodes, v.destination(), v.aspect());
        if (fit == null) {
            ground.changes().notice(say("frame-area.there-is-nothing-to-see"), null, null);
            return;
        }
        going.fresh(v, fit, deed);
        v.framed(fit, level);
    }

    /** The selection, or the group so many levels above what was selected last; empty above all of them. */
    private List<Integer> wider(Scene scene, int level) {
        List<Integer> nodes = subject.selection().nodes();
        int last = subject.selection().last();
        for (int i = 0; i < level && last >= 0; i++) {
            last = scene.node(last).parent();
            nodes = last < 0 ? List.of() : List.of(last);
        }
        return nodes;
    }

    private void frameAll(Viewport v, String deed) {
        NodeFraming.Whole whole = NodeFraming.whole(ground.scene(), v.destination(), v.width, v.height);
        if (whole == null) {
            going.fresh(v, HomeViews.of(v, ground.scene()), deed);
            return;
        }
        if (going.fresh(v, whole.pose(), deed) && !whole.left().isEmpty()) {
            ground.changes()
                    .notice(v.id, leftOut(whole), say("frame-area.take-them-in"), "view.frame-everything", Map.of());
        }
    }

    private String leftOut(NodeFraming.Whole whole) {
        Vec3 middle = whole.pose().focusPoint();
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < Math.min(3, whole.left().size()); i++) {
            int n = whole.left().get(i);
            s.append(i == 0 ? "" : ", ")
                    .append(ground.nameOf(n))
                    .append(" (")
                    .append(NumberText.words(ground.scene().bounds(n).center().distance(middle)))
                    .append(')');
        }
        int more = whole.left().size() - 3;
        return more > 0 ? say("frame-area.left-out-and-more", s, more) : say("frame-area.left-out", s);
    }
}
