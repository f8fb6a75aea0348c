package rhombus.core.stage;

import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.PivotLadder.Offer;
import rhombus.core.navigate.Rung;
import rhombus.core.pick.Hit;

/** What the rungs of the pivot ladder have to offer right now. */
final class PivotState {
    Vec3 pinned;
    String pinnedOn = "";
    Vec3 last;
    /** What a running or the latest orbit turns about; shown with its reason. */
    PivotLadder.Choice used;

    private final Stage stage;
    private String orderText = "";
    private List<Rung> order = List.of();

    PivotState(Stage stage) {
        this.stage = stage;
    }

    /** The user's order. */
    List<Rung> order() {
        String text = stage.habits().value(AllHabits.LADDER).toString();
        if (!text.equals(orderText)) {
            orderText = text;
            order = PivotLadder.order(text);
        }
        return order;
    }

    /** The choice for a viewport and a point in it; pass NaN where the pointer is elsewhere. */
    PivotLadder.Choice choose(ViewState v, double lx, double ly) {
        return PivotLadder.choose(order(), v.pose.eye(), rung -> offer(rung, v, lx, ly));
    }

    private Offer offer(Rung rung, ViewState v, double lx, double ly) {
        return switch (rung) {
            case PINNED -> pinned == null ? Offer.none("No point is pinned.") : Offer.of(pinned, pinnedOn);
            case SURFACE -> surface(v, lx, ly);
            case COMPONENTS -> stage.components().isEmpty()
                    ? Offer.none("No vertex, edge or face is selected.")
                    : Offer.of(stage.components().bounds().center(), stage.components().words());
            case SELECTION -> selection();
            case LAST -> last == null ? Offer.none("Nothing was turned about before.") : Offer.of(last, "");
            case FOCUS -> Offer.of(v.pose.focusPoint(), "");
            case SCENE -> Offer.of(stage.scene().bounds().center(), "");
            case ORIGIN -> Offer.of(Vec3.ZERO, "");
        };
    }

    private Offer surface(ViewState v, double lx, double ly) {
        if (Double.isNaN(lx)) {
            return Offer.none("The pointer is elsewhere.");
        }
        Hit hit = stage.heldAt(v, v.pose, lx, ly);
        return hit == null
                ? Offer.none("There is no surface under the pointer.")
                : Offer.of(hit.point(), stage.nameOf(hit.node()));
    }

    private Offer selection() {
        Aabb b = stage.selection().bounds(stage.scene());
        if (b.isEmpty()) {
            return Offer.none("Nothing is selected.");
        }
        int count = stage.selection().count();
        return Offer.of(b.center(), count == 1 ? stage.nameOf(stage.selection().last()) : "middle of " + count + " objects");
    }
}
