package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;

import java.util.Map;
import rhombus.core.board.Start;
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
        d.group("Move the view");
        d.action("view.centre-here", "Centre the point under the pointer")
                .trail("centre")
                .except(FrameArea.TAPS, "centre", Trigger.doubleClick(Buttons.LEFT), 0, STAGE, "centre here")
                .does((a, c) -> a.going.to(c.view(), a.centred(c), deed(c)));
        d.group("Lens and crop");
        d.action("view.reset-crop", "Show the picture as it is")
                .rank(10)
                .key("crop-reset", "Backslash", 0, "picture as it is")
                .does((a, c) -> a.ground.navigator().crop(c.view(), Crop.NONE));
        d.group("Frame");
        homes(d);
        d.group("Direction");
        directions(d);
        free(d);
    }

    private static void homes(Declare<ViewArea> d) {
        d.action("view.set", "Give the view typed numbers")
                .trail("typed")
                .typed("x", "y", "z", "focus", "extent", "lens", "focal", "roll")
                .does((a, c) -> a.going.to(
                        c.view(), ViewNumbers.with(a.ground, c.view(), c.view().destination(), c.args()), deed(c)));
        d.action("view.home", "Go home")
                .trail("home")
                .key("home", "KeyH", 0, "go home")
                .on("pad-home", Trigger.gamepad("right-top"), 0, STAGE, "go home")
                .does((a, c) -> a.going.fresh(c.view(), Homes.of(c.view(), a.ground.scene()), deed(c)));
        d.action("view.set-home", "Set home to this view")
                .key("set-home", "KeyH", SHIFT, "set home to this view")
                .does((a, c) ->
                        a.home(c.view(), c.view().destination(), "Home of this viewport is this view now.", null));
        d.action("view.reset-home", "Put home back")
                .does((a, c) -> a.home(c.view(), null, "Home of this viewport is as it was at first.", "Go home"));
    }

    private static void directions(Declare<ViewArea> d) {
        Entry<ViewArea> direction = d.action("view.direction", "Look along an axis")
                .trail("from the {}")
                .needs("to")
                .truth("flat");
        axis(direction, "x", "right", "left");
        axis(direction, "y", "top", "bottom");
        axis(direction, "z", "front", "back");
        direction.tries(ViewArea::direction);
        d.action("view.opposite", "Look from the opposite side")
                .trail("opposite")
                .key("opposite", "KeyO", 0, "opposite side")
                .does((a, c) -> a.going.to(
                        c.view(),
                        Turns.opposite(c.view().destination(), a.ground.scene().up()),
                        deed(c)));
        d.action("view.quarter-roll", "Quarter roll")
                .trail("quarter roll")
                .choice("to", "left", "right")
                .key("quarter-left", "ArrowLeft", ALT, Map.of("to", "left"), "quarter roll left")
                .key("quarter-right", "ArrowRight", ALT, Map.of("to", "right"), "quarter roll right")
                .does((a, c) -> a.going.to(
                        c.view(), Turns.quarterRoll(c.view().destination(), c.to().equals("right")), deed(c)));
    }

    private static void axis(Entry<ViewArea> e, String axis, String from, String other) {
        String code = "Key" + axis.toUpperCase();
        e.key("axis-" + axis, code, 0, Map.of("to", from), "look from the " + from);
        e.key("axis-" + axis + "-other", code, SHIFT, Map.of("to", other), "look from the " + other);
    }

    private static void free(Declare<ViewArea> d) {
        d.action("view.toggle-projection", "Perspective or flat")
                .trail("perspective or flat")
                .key("projection", "KeyP", 0, "perspective or flat")
                .on("pad-projection", Trigger.gamepad("middle-left"), 0, STAGE, "perspective or flat")
                .does(ViewArea::toggle);
        d.action("view.level", "Level the horizon")
                .trail("level")
                .key("level", "KeyN", 0, "level the horizon")
                .on("pad-level", Trigger.gamepad("stick-right"), 0, STAGE, "level the horizon")
                .does((a, c) -> a.going.to(
                        c.view(),
                        Turns.level(c.view().destination(), a.ground.scene().up()),
                        deed(c)));
        d.action("view.scout", "Free perspective view").trail("scout").does(ViewArea::scout);
        d.action("view.free-flat", "Free flat view")
                .trail("free flat")
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
            directions.go(
                    c.view(),
                    d,
                    c.truth("flat", false),
                    c.command().spoken().trail(d.words().toLowerCase()));
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
