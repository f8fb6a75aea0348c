package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.board.ViewportStart;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.CentreOn;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.HomeViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.TypedView;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.StandardDirection;
import rhombus.core.words.Messages;

/** Framing, going home, and looking from a direction. */
final class ViewArea {

    private final StageContext ground;
    private final SubjectParts subject;
    private final ViewTransition going;
    private final DirectionCommands directions;

    private ViewArea(StageContext ground, SubjectParts subject, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.going = new ViewTransition(ground, walking);
        this.directions = new DirectionCommands(ground, going);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<ViewArea> area() {
        return new CommandArea<>(p -> new ViewArea(p.ground(), p.subject(), p.walking()), ViewArea::declare);
    }

    private static void declare(CommandDeclarations<ViewArea> d) {
        d.replays(true);
        d.group(say("group.move-the-view"));
        d.action("view.centre-here")
                .trail(say("trail.centre"))
                .except(
                        FrameArea.TAPS,
                        "centre",
                        Trigger.doubleClick(MouseButtons.LEFT),
                        0,
                        STAGE,
                        say("hint.centre-here"))
                .does((a, c) -> a.going.to(c.view(), a.centred(c), c.deed()));
        d.group(say("group.lens-and-crop"));
        d.action("view.reset-crop")
                .rank(10)
                .key("crop-reset", "Backslash", 0, say("hint.picture-as-it-is"))
                .does((a, c) -> a.ground.navigator().crop(c.view(), Crop.NONE));
        d.group(say("group.frame"));
        homes(d);
        d.group(say("group.direction"));
        directions(d);
        free(d);
    }

    private static void homes(CommandDeclarations<ViewArea> d) {
        d.action("view.set")
                .traits(CommandTrait.TOLD)
                .trail(say("trail.typed"))
                .typed("x", "y", "z", "focus", "extent", "lens", "focal", "roll")
                .does((a, c) -> a.going.to(
                        c.view(), TypedView.with(a.ground, c.view(), c.view().destination(), c.args()), c.deed()));
        d.action("view.home")
                .trail(say("trail.home"))
                .key("home", "KeyH", 0, say("hint.go-home"))
                .on("pad-home", Trigger.gamepad("right-top"), 0, STAGE, say("hint.go-home"))
                .does((a, c) -> a.going.fresh(c.view(), HomeViews.of(c.view(), a.ground.scene()), c.deed()));
        d.action("view.set-home")
                .key("set-home", "KeyH", SHIFT, say("hint.set-home-to-this-view"))
                .does((a, c) ->
                        a.home(c.view(), c.view().destination(), say("view-area.home-of-this-viewport-is"), null));
        d.action("view.reset-home")
                .does((a, c) ->
                        a.home(c.view(), null, say("view-area.home-of-this-viewport-is-2"), say("view-area.go-home")));
    }

    private static void directions(CommandDeclarations<ViewArea> d) {
        CommandSpec<ViewArea> direction = d.action("view.direction")
                .trail(say("trail.from-the"))
                .needs("to")
                .truth("own")
                .truth("flat");
        axis(direction, "x", "right", "left");
        axis(direction, "y", "top", "bottom");
        axis(direction, "z", "front", "back");
        direction.tries(ViewArea::direction);
        d.action("view.opposite")
                .trail(say("trail.opposite"))
                .key("opposite", "KeyO", 0, say("hint.opposite-side"))
                .does((a, c) -> a.going.to(
                        c.view(),
                        DirectionTurns.opposite(
                                c.view().destination(), a.ground.scene().up()),
                        c.deed()));
        d.action("view.quarter-roll")
                .trail(say("trail.quarter-roll"))
                .choice("to", "left", "right")
                .key("quarter-left", "ArrowLeft", ALT, Map.of("to", "left"), say("hint.quarter-roll-left"))
                .key("quarter-right", "ArrowRight", ALT, Map.of("to", "right"), say("hint.quarter-roll-right"))
                .does((a, c) -> a.going.to(
                        c.view(),
                        DirectionTurns.quarterRoll(c.view().destination(), c.to().equals("right")),
                        c.deed()));
    }

    private static void axis(CommandSpec<ViewArea> e, String axis, String from, String other) {
        String code = "Key" + axis.toUpperCase();
        e.key(
                "axis-" + axis,
                code,
                0,
                Map.of("to", from),
                say(
                        "hint.look-from-the",
                        Messages.within(StandardDirection.named(from).words())));
        e.key(
                "axis-" + axis + "-other",
                code,
                SHIFT,
                Map.of("to", other),
                say(
                        "hint.look-from-the",
                        Messages.within(StandardDirection.named(other).words())));
    }

    private static void free(CommandDeclarations<ViewArea> d) {
        d.action("view.toggle-projection")
                .trail(say("trail.perspective-or-flat"))
                .key("projection", "KeyP", 0, say("hint.perspective-or-flat"))
                .on("pad-projection", Trigger.gamepad("middle-left"), 0, STAGE, say("hint.perspective-or-flat"))
                .does(ViewArea::toggle);
        d.action("view.level")
                .trail(say("trail.level"))
                .key("level", "KeyN", 0, say("hint.level-the-horizon"))
                .on("pad-level", Trigger.gamepad("stick-right"), 0, STAGE, say("hint.level-the-horizon"))
                .does((a, c) -> a.going.to(
                        c.view(),
                        DirectionTurns.level(
                                c.view().destination(), a.ground.scene().up()),
                        c.deed()));
        d.action("view.scout").trail(say("trail.scout")).does(ViewArea::scout);
        d.action("view.free-flat")
                .trail(say("trail.free-flat"))
                .does((a, c) -> a.going.free(
                        c.view(),
                        ViewSources.freeFlat(a.ground, c.view(), c.view().destination()),
                        c.deed()));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private Pose centred(CommandCall c) {
        Viewport v = c.view();
        Pose p = v.destination();
        RayHit hit = subject.picks().heldAt(v, p, c.xOrMiddle(), c.yOrMiddle());
        return CentreOn.on(
                p, hit == null ? v.screen().with(p).at(c.xOrMiddle(), c.yOrMiddle(), p.focus()) : hit.point());
    }

    private void home(Viewport v, Pose to, String words, String label) {
        v.home(to);
        ground.changes().notice(v.id, words, label, label == null ? null : "view.home", Map.of());
        ground.changes().add(ChangeTopic.KEEP);
    }

    private boolean direction(CommandCall c) {
        StandardDirection d = StandardDirection.named(c.to());
        if (d != null) {
            boolean flat = c.truth("flat", false);
            directions.go(
                    c.view(),
                    d,
                    flat || c.truth("own", false),
                    flat,
                    c.command().spoken().trail(Messages.within(d.words())));
        }
        return d != null;
    }

    private void toggle(CommandCall c) {
        c.view().flatByAxis(false);
        going.to(c.view(), DirectionTurns.toggleProjection(c.view().destination(), c.view().lens), c.deed());
    }

    private void scout(CommandCall c) {
        c.view().chosen(ViewportStart.SCOUT);
        going.free(c.view(), ViewSources.scout(ground, c.view(), c.view().destination()), c.deed());
    }
}
