package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.PivotLadder.Offer;
import rhombus.core.navigate.PivotRung;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** What the rungs of the pivot ladder have to offer right now. */
public final class PivotCandidates {
    /** What lies nearer to the eye than this, in distances to the focus, lies at it. */
    private static final double AT_EYE = 1e-6;

    private Vec3 pinned;
    private String pinnedOn = "";
    private Vec3 last;
    private PivotLadder.Choice used;

    private final StageContext ground;
    private final Selection selection;
    private final ComponentSelection components;
    private final PointPicking picks;
    private String orderText = "";
    private List<PivotRung> order = List.of();

    public PivotCandidates(
            StageContext ground, Selection selection, ComponentSelection components, PointPicking picks) {
        this.ground = ground;
        this.selection = selection;
        this.components = components;
        this.picks = picks;
    }

    /** The pinned point, or null. */
    public Vec3 pinned() {
        return pinned;
    }

    /** What the pinned point lies on, in words. */
    public String pinnedOn() {
        return pinnedOn;
    }

    /** Pins a point on something, or none for null. */
    public void pin(Vec3 point, String on) {
        pinned = point;
        pinnedOn = on;
    }

    /** What a running or the latest orbit turns about. */
    public PivotLadder.Choice used() {
        return used;
    }

    /** An orbit turns about this from now on. */
    public void use(PivotLadder.Choice choice) {
        used = choice;
        last = choice.point();
    }

    /** The user's order. */
    public List<PivotRung> order() {
        String text = ground.habits().value(AllHabits.LADDER).toString();
        if (!text.equals(orderText)) {
            orderText = text;
            order = PivotLadder.order(text);
        }
        return order;
    }

    /** The choice for a viewport and a point in it; pass NaN where the pointer is elsewhere. */
    public PivotLadder.Choice choose(Viewport v, double lx, double ly) {
        return PivotLadder.choose(order(), v.pose.eye(), rung -> away(offer(rung, v, lx, ly), v));
    }

    /** What lies at the eye is nothing to turn about: the view would turn on the spot. */
    private static Offer away(Offer o, Viewport v) {
        boolean there = o.point() != null && o.point().distance(v.pose.eye()) <= AT_EYE * v.pose.focus();
        return there ? Offer.none(say("pivot-state.it-is-where-you-look-from")) : o;
    }

    private Offer offer(PivotRung rung, Viewport v, double lx, double ly) {
        return switch (rung) {
            case PINNED ->
                pinned == null ? Offer.none(say("pivot-state.no-point-is-pinned")) : Offer.of(pinned, pinnedOn);
            case SURFACE -> surface(v, lx, ly);
            case COMPONENTS ->
                components.isEmpty()
                        ? Offer.none(say("pivot-state.no-vertex-edge-or-face"))
                        : Offer.of(components.bounds().center(), components.words());
            case SELECTION -> selection(v);
            case LAST ->
                last == null ? Offer.none(say("pivot-state.nothing-was-turned-about-before")) : Offer.of(last, "");
            case FOCUS -> Offer.of(v.pose.focusPoint(), "");
            case SCENE -> Offer.of(ground.scene().bounds().center(), "");
            case ORIGIN -> Offer.of(Vec3.ZERO, "");
        };
    }

    private Offer surface(Viewport v, double lx, double ly) {
        if (Double.isNaN(lx)) {
            return Offer.none(say("pivot-state.the-pointer-is-elsewhere"));
        }
        RayHit hit = picks.heldAt(v, v.pose, lx, ly);
        return hit == null
                ? Offer.none(say("pivot-state.there-is-no-surface-under"))
                : Offer.of(hit.point(), ground.nameOf(hit.node()));
    }

    /** What is selected, but for the camera that the viewport looks through: it goes along. */
    private Offer selection(Viewport v) {
        int own = v.camera == null ? -1 : ground.scene().indexOf(v.camera);
        List<Integer> nodes = selection.nodes().stream().filter(n -> n != own).toList();
        Aabb b = own < 0 || !selection.has(own)
                ? selection.bounds(ground.scene())
                : ground.scene().boundsBelow(nodes);
        if (b.isEmpty()) {
            return Offer.none(say("pivot-state.nothing-is-selected"));
        }
        return Offer.of(
                b.center(),
                nodes.size() == 1 ? ground.nameOf(nodes.get(0)) : say("pivot-state.middle-of-objects", nodes.size()));
    }
}
