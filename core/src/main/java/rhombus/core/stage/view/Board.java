package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Box;
import rhombus.core.board.Start;
import rhombus.core.board.Tab;
import rhombus.core.plain.Plain;
import rhombus.core.view.Direction;

/** A board in use: its arrangement and what its viewports show of the scene that is open. */
public final class Board {
    /** Names it among the boards; another one only where two windows gave the same to different boards. */
    public String id;

    public String name;
    public boolean linked;
    /** Whether it came with an address and is not among the user's own. */
    public boolean passing;

    public Arrangement arrangement;
    /** Viewports as one reads; {@link ViewState#number} is the place in here. */
    public List<ViewState> views = new ArrayList<>();

    public int active;
    /** Number of the viewport that fills the board, or -1. */
    public int solo = -1;
    /** Whether it has been shown since the scene was opened, so that its viewports stand somewhere. */
    public boolean entered;
    /** What is kept of it for this scene, until it is shown. */
    public Map<String, Object> kept = Map.of();

    public Board(Tab t) {
        id = t.id();
        for (String v : t.arrangement().views()) {
            views.add(new ViewState(v, t.starts().get(v)));
        }
        take(t);
        for (ViewState v : views) {
            if (v.start.direction() == null) {
                active = v.number;
                break;
            }
        }
    }

    /** Takes over another state of the same board; viewports that stay keep what they show. */
    public void take(Tab t) {
        name = t.name();
        linked = t.linked();
        arrange(t.arrangement(), t.starts());
        views.forEach(v -> v.start = t.starts().get(v.id));
    }

    /** Arranges the viewports anew; those that are new start as told. */
    public void arrange(Arrangement to, Map<String, Start> starts) {
        ViewState wasActive = views.get(Math.min(active, views.size() - 1));
        ViewState wasSolo = solo < 0 ? null : views.get(solo);
        List<ViewState> next = new ArrayList<>();
        for (String v : to.views()) {
            ViewState known = named(v);
            next.add(known == null ? new ViewState(v, starts.getOrDefault(v, Start.of((Object) null))) : known);
        }
        arrangement = to;
        show(next);
        active = Math.max(0, views.indexOf(wasActive));
        solo = wasSolo == null ? -1 : views.indexOf(wasSolo);
    }

    /** Has these viewports, in this order. */
    public void show(List<ViewState> some) {
        views = new ArrayList<>(some);
        for (int i = 0; i < views.size(); i++) {
            views.get(i).number = i;
        }
    }

    /** The active viewport. */
    public ViewState active() {
        return views.get(active);
    }

    public void layOut(double width, double height) {
        Map<String, Box> boxes = arrangement.boxes(width, height);
        for (ViewState v : views) {
            boolean alone = solo == v.number;
            Box b = solo >= 0 ? new Box(0, 0, width, height) : boxes.get(v.id);
            v.shown = solo < 0 || alone;
            v.x = b.x();
            v.y = b.y();
            v.width = b.width();
            v.height = b.height();
        }
    }

    public ViewState at(double x, double y) {
        for (ViewState v : views) {
            if (v.holds(x, y)) {
                return v;
            }
        }
        return null;
    }

    public ViewState named(String viewId) {
        for (ViewState v : views) {
            if (v.id.equals(viewId)) {
                return v;
            }
        }
        return null;
    }

    /** Its state for the user, whatever the scene. */
    public Tab tab() {
        Map<String, Start> starts = new LinkedHashMap<>();
        for (ViewState v : views) {
            starts.put(v.id, v.start);
        }
        return new Tab(id, name, linked, arrangement, starts);
    }

    /** Another board that looks as this one does now. */
    public Board copy(Ground ground, String otherId, String otherName) {
        Board b = new Board(new Tab(otherId, otherName, linked, arrangement, starts(ground)));
        b.kept = toKeep();
        return b;
    }

    /** How each viewport would start that is to look as it does now. */
    public Map<String, Start> starts(Ground ground) {
        Map<String, Start> starts = new LinkedHashMap<>();
        for (ViewState v : views) {
            starts.put(v.id, startLike(ground, v));
        }
        return starts;
    }

    /** How a viewport would start that is to look as this one does now. */
    public static Start startLike(Ground ground, ViewState v) {
        if (v.pose == null) {
            return v.start;
        }
        Direction d = v.pose.projection().flat()
                ? Direction.of(v.pose.orientation(), ground.scene().up())
                : null;
        String from = v.camera != null ? Start.CAMERA : d == null ? Start.SCOUT : d.word();
        return new Start(from, v.look, v.switched);
    }

    /** What is kept of it for this scene. */
    public Map<String, Object> toKeep() {
        if (!entered) {
            return kept;
        }
        Map<String, Object> m = new LinkedHashMap<>();
        for (ViewState v : views) {
            if (v.pose != null) {
                m.put(v.id, KeptView.view(v));
            }
        }
        return Plain.map("active", active().id, "solo", solo < 0 ? null : views.get(solo).id, "views", m);
    }
}
