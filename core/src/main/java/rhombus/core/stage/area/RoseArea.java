package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.RIM;
import static rhombus.core.keymap.Context.ROSE;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.Turns;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.OrbitMotion;
import rhombus.core.stage.motion.RollMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Homes;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Rose;
import rhombus.core.view.Standard;
import rhombus.core.words.Messages;

/** The Rose: dragged to turn the view or roll it, clicked on, and walked over by keys. */
final class RoseArea {
    private final Ground ground;
    private final Going going;
    private final Directions directions;

    private RoseArea(Ground ground, Walking walking) {
        this.ground = ground;
        this.going = new Going(ground, walking);
        this.directions = new Directions(ground, going);
    }

    static Area<RoseArea> area() {
        return new Area<>(p -> new RoseArea(p.ground(), p.walking()), RoseArea::declare);
    }

    private static void declare(Declare<RoseArea> d) {
        d.replays(true);
        d.group(say("group.pad-and-rose"));
        d.motion("rose.turn")
                .called(say("spoken.orbit"))
                .traits(Trait.TURNS, Trait.SNAPS)
                .on("rose-drag", Trigger.drag(Buttons.LEFT), 0, ROSE, say("hint.orbit"))
                .on("rose-pen", Trigger.pen(), 0, ROSE, say("hint.orbit"))
                .on("rose-touch", Trigger.touch(1), 0, ROSE, say("hint.orbit"))
                // A way from the middle of the chart to its rim is a right angle.
                .starts((a, g) -> OrbitMotion.byMark(
                        a.ground, g, Math.PI / 2 / RoseMark.of(g.view()).radius()));
        d.motion("rose.roll")
                .called(say("spoken.roll"))
                .traits(Trait.SNAPS)
                .on("rim-drag", Trigger.drag(Buttons.LEFT), 0, RIM, say("hint.roll"))
                .on("rim-pen", Trigger.pen(), 0, RIM, say("hint.roll"))
                .on("rim-touch", Trigger.touch(1), 0, RIM, say("hint.roll"))
                .starts((a, g) -> {
                    RoseMark rose = RoseMark.of(g.view());
                    return RollMotion.around(a.ground, g, rose.x(), rose.y());
                });
        d.action("rose.go")
                .trail(say("trail.direction"))
                .on("rose-click", Trigger.click(Buttons.LEFT), 0, ROSE, say("hint.look-from-there"))
                .on("rose-double", Trigger.doubleClick(Buttons.LEFT), 0, ROSE, say("hint.look-from-there"))
                .told(RoseArea::told)
                .does(RoseArea::go);
        d.action("rose.menu")
                .on("rose-menu", Trigger.click(Buttons.RIGHT), 0, ROSE, say("hint.open-the-menu"))
                .does((a, c) -> a.ground.changes().application(c.command().id(), Map.of("view", c.view().id)));
        d.action("rose.step")
                .repeats()
                .choice("to", "left", "right", "up", "down")
                .does(RoseArea::step);
        d.action("rose.aim-here").joins().does(RoseArea::aimHere);
        d.action("rose.aim-away").joins().does((a, c) -> a.aim(c.view(), null));
    }

    private String told(Call c) {
        String part = RoseMark.at(ground, c.view(), c.x(), c.y());
        return part == null || nothing(part) ? null : Messages.within(RoseMark.words(part, false));
    }

    /** Whether a click on a part does nothing. */
    private static boolean nothing(String part) {
        return switch (part) {
            case RoseMark.PAN, RoseMark.DOLLY, RoseMark.RIM, RoseMark.CHART -> true;
            default -> false;
        };
    }

    /** Goes where the pointer is on the Rose, or where the keyboard has chosen. */
    private void go(Call c) {
        ViewState v = c.view();
        String part = v.roseAim != null && !c.inside() ? v.roseAim : RoseMark.at(ground, v, c.x(), c.y());
        if (part == null || nothing(part)) {
            return;
        }
        String deed = c.command().spoken().trail();
        switch (part) {
            case RoseMark.HOME -> going.fresh(v, Homes.of(v, ground.scene()), deed);
            case RoseMark.OPPOSITE ->
                going.to(v, Turns.opposite(v.destination(), ground.scene().up()), "opposite");
            default -> directions.go(v, Standard.named(part), false, false, deed);
        }
    }

    private void step(Call c) {
        ViewState v = c.view();
        Standard from = Standard.named(v.roseAim == null ? "" : v.roseAim);
        from = from == null ? here(v) : from;
        aim(
                v,
                Rose.next(from, (int) c.aside(), (int) c.above(), ground.scene().up())
                        .name());
    }

    private void aimHere(Call c) {
        ground.attention().activate(c.view());
        aim(c.view(), here(c.view()).name());
    }

    private Standard here(ViewState v) {
        return Standard.nearest(v.destination().orientation(), ground.scene().up());
    }

    private void aim(ViewState v, String at) {
        v.aim(at);
        ground.changes().view(v.number);
    }
}
