package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.FACET;

import java.util.Map;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.Turns;
import rhombus.core.stage.marks.FacetMark;
import rhombus.core.stage.motion.OrbitMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Homes;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Facet;
import rhombus.core.view.Standard;

/** The Facet: turned by dragging, clicked on, and walked over by keys. */
final class FacetArea {
    private final Ground ground;
    private final Going going;
    private final Directions directions;

    private FacetArea(Ground ground, Walking walking) {
        this.ground = ground;
        this.going = new Going(ground, walking);
        this.directions = new Directions(ground, going);
    }

    static Area<FacetArea> area() {
        return new Area<>(p -> new FacetArea(p.ground(), p.walking()), FacetArea::declare);
    }

    private static void declare(Declare<FacetArea> d) {
        d.group("Pad and Facet");
        d.motion("facet.turn", "Turn the Facet")
                .called("orbit")
                .traits(Trait.TURNS, Trait.SNAPS)
                .on("facet-drag", Trigger.drag(Buttons.LEFT), 0, FACET, "orbit")
                .on("facet-pen", Trigger.pen(), 0, FACET, "orbit")
                .on("facet-touch", Trigger.touch(1), 0, FACET, "orbit")
                // A way as long as the Facet is wide is a quarter turn.
                .starts((a, g) -> OrbitMotion.byMark(
                        a.ground, g, Math.PI / 2 / (2 * FacetMark.of(g.view()).radius())));
        d.action("facet.go", "Go where the Facet points")
                .trail("direction")
                .on("facet-click", Trigger.click(Buttons.LEFT), 0, FACET, "look from there")
                .on("facet-double", Trigger.doubleClick(Buttons.LEFT), 0, FACET, "look from there")
                .told(FacetArea::told)
                .does(FacetArea::go);
        d.action("facet.menu", "Open the Facet's menu")
                .on("facet-menu", Trigger.click(Buttons.RIGHT), 0, FACET, "open the menu")
                .does((a, c) -> a.ground.changes().application(c.command().id(), Map.of("view", c.view().id)));
        d.action("facet.step", "Choose the next direction on the Facet")
                .repeats()
                .choice("to", "left", "right", "up", "down")
                .does(FacetArea::step);
        d.action("facet.aim-here", "Choose the present direction on the Facet").does(FacetArea::aimHere);
        d.action("facet.aim-away", "Choose nothing on the Facet").does((a, c) -> a.aim(c.view(), null));
    }

    private String told(Call c) {
        String part = FacetMark.at(ground, c.view(), c.x(), c.y());
        return part == null ? null : FacetMark.words(part).toLowerCase();
    }

    /** Goes where the pointer is on the Facet, or where the keyboard has chosen. */
    private void go(Call c) {
        ViewState v = c.view();
        String part = v.facetAim != null && !c.inside() ? v.facetAim : FacetMark.at(ground, v, c.x(), c.y());
        if (part == null) {
            return;
        }
        String deed = c.command().spoken().trail();
        switch (part) {
            case FacetMark.HOME -> going.fresh(v, Homes.of(v, ground.scene()), deed);
            case FacetMark.ROLL_LEFT, FacetMark.ROLL_RIGHT ->
                going.to(v, Turns.quarterRoll(v.destination(), part.equals(FacetMark.ROLL_RIGHT)), deed);
            default -> directions.go(v, Standard.named(part), false, deed);
        }
    }

    private void step(Call c) {
        ViewState v = c.view();
        Standard from = Standard.named(v.facetAim == null ? "" : v.facetAim);
        from = from == null ? here(v) : from;
        aim(
                v,
                Facet.next(
                                from,
                                (int) c.aside(),
                                (int) c.above(),
                                ground.scene().up())
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
