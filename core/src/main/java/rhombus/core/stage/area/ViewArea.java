package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.board.Start;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.Centre;
import rhombus.core.navigate.Turns;
import rhombus.core.pick.Hit;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Choices;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Homes;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewNumbers;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Standard;
import rhombus.core.words.Messages;

/** Framing, going home, and looking from a direction. */
final class ViewArea {

    private final Ground ground;
    private final Subject subject;
    private final Going going;
    private final Directions directions;

    private ViewArea(Ground ground, Subject subject, Walking walking) {
        this.ground = ground;
        this.subject = subject;
        this.going = new Going(ground, walking);
        this.directions = new Directions(ground, going);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<ViewArea> area() {
        return new Area<>(p -> new ViewArea(p.ground(), p.subject(), p.walking()), ViewArea::declare);
    }

    private static void declare(Declare<ViewArea> d) {
        d.replays(true);
        d.group(say("group.move-the-view"));
        d.action("view.centre-here")
                .trail(say("trail.centre"))
                .except(FrameArea.TAPS, "centre", Trigger.doubleClick(Buttons.LEFT), 0, STAGE, say("hint.centre-here"))
                .does((a, c) -> a.going.to(c.view(), a.centred(c), deed(c)));
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

    private static void homes(Declare<ViewArea> d) {
        d.action("view.set")
                .traits(Trait.TOLD)
                .trail(say("trail.typed"))
                .typed("x", "y", "z", "focus", "extent", "lens", "focal", "roll")
                .does((a, c) -> a.going.to(
                        c.view(), ViewNumbers.with(a.ground, c.view(), c.view().destination(), c.args()), deed(c)));
        d.action("view.home")
                .trail(say("trail.home"))
                .key("home", "KeyH", 0, say("hint.go-home"))
                .on("pad-home", Trigger.gamepad("right-top"), 0, STAGE, say("hint.go-home"))
                .does((a, c) -> a.going.fresh(c.view(), Homes.of(c.view(), a.ground.scene()), deed(c)));
        d.action("view.set-home")
                .key("set-home", "KeyH", SHIFT, say("hint.set-home-to-this-view"))
                .does((a, c) ->
                        a.home(c.view(), c.view().destination(), say("view-area.home-of-this-viewport-is"), null));
        d.action("view.reset-home")
                .does((a, c) ->
                        a.home(c.view(), null, say("view-area.home-of-this-viewport-is-2"), say("view-area.go-home")));
    }

    private static void directions(Declare<ViewArea> d) {
        Entry<ViewArea> direction = d.action("view.direction")
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
                        Turns.opposite(c.view().destination(), a.ground.scene().up()),
                        deed(c)));
        d.action("view.quarter-roll")
                .trail(say("trail.quarter-roll"))
                .choice("to", "left", "right")
                .key("quarter-left", "ArrowLeft", ALT, Map.of("to", "left"), say("hint.quarter-roll-left"))
                .key("quarter-right", "ArrowRight", ALT, Map.of("to", "right"), say("hint.quarter-roll-right"))
                .does((a, c) -> a.going.to(
                        c.view(), Turns.quarterRoll(c.view().destination(), c.to().equals("right")), deed(c)));
    }

    private static void axis(Entry<ViewArea> e, String axis, String from, String other) {
        String code = "Key" + axis.toUpperCase();
        e.key(
                "axis-" + axis,
                code,
                0,
                Map.of("to", from),
                say("hint.look-from-the", Messages.within(Standard.named(from).words())));
        e.key(
                "axis-" + axis + "-other",
                code,
                SHIFT,
                Map.of("to", other),
                say("hint.look-from-the", Messages.within(Standard.named(other).words())));
    }

    private static void free(Declare<ViewArea> d) {
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
                        Turns.level(c.view().destination(), a.ground.scene().up()),
                        deed(c)));
        d.action("view.scout").trail(say("trail.scout")).does(ViewArea::scout);
        d.action("view.free-flat")
                .trail(say("trail.free-flat"))
                .does((a, c) -> a.going.free(
                        c.view(), Choices.freeFlat(a.ground, c.view(), c.view().destination()), deed(c)));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    static String deed(Call c) {
        return c.command().spoken().trail();
    }

    private Pose centred(Call c) {
        ViewState v = c.view();
        Pose p = v.destination();
        Hit hit = subject.picks().heldAt(v, p, c.xOrMiddle(), c.yOrMiddle());
        return Centre.on(p, hit == null ? v.screen().with(p).at(c.xOrMiddle(), c.yOrMiddle(), p.focus()) : hit.point());
    }

    private void home(ViewState v, Pose to, String words, String label) {
        v.home(to);
        ground.changes().notice(v, words, label, label == null ? null : "view.home", Map.of());
        ground.changes().add(Topic.KEEP);
    }

    private boolean direction(Call c) {
        Standard d = Standard.named(c.to());
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

    private void toggle(Call c) {
        c.view().flatByAxis(false);
        going.to(c.view(), Turns.toggleProjection(c.view().destination(), c.view().lens), deed(c));
    }

    private void scout(Call c) {
        c.view().chosen(Start.SCOUT);
        going.free(c.view(), Choices.scout(ground, c.view(), c.view().destination()), deed(c));
    }
}
