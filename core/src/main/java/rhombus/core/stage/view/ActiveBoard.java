package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.StageRect;
import rhombus.core.board.StoredBoard;
import rhombus.core.board.ViewportStart;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.AxisDirection;

/** A board in use: its arrangement and what its viewports show of the scene that is open. */
public final class ActiveBoard {
    /** Names it among the boards; another one only where two windows gave the same to different boards. */
    public String id;

    public String name;
    public boolean linked;
    /** Whether it came with an address and is not among the user's own. */
    public boolean passing;

    public Arrangement arrangement;
    /** Viewports as one reads; {@link Viewport#number} is the place in here. */
    public List<Viewport> views = new ArrayList<>();

    public int active;
    /** Number of the viewport that fills the board, or -1. */
    public int solo = -1;
    /** Whether it has been shown since the scene was opened, so that its viewports stand somewhere. */
    public boolean entered;
    /** What is kept of it for this scene, until it is shown. */
    public Map<String, Object> kept = Map.of();

    public ActiveBoard(StoredBoard t) {
        id = t.id();
        for (String v : t.arrangement().views()) {
            views.add(new Viewport(v, t.starts().get(v)));
        }
        take(t);
        for (Viewport v : views) {
            if (v.start.direction() == null) {
                active = v.number;
                break;
            }
        }
    }

    /** Takes over another state of the same board; viewports that stay keep what they show. */
    public void take(StoredBoard t) {
        name = t.name();
        linked = t.linked();
        arrange(t.arrangement(), t.starts());
        views.forEach(v -> v.start = t.starts().get(v.id));
    }

    /** Arranges the viewports anew; those that are new start as told. */
    public void arrange(Arrangement to, Map<String, ViewportStart> starts) {
        Viewport wasActive = views.get(Math.min(active, views.size() - 1));
        Viewport wasSolo = solo < 0 ? null : views.get(solo);
        List<Viewport> next = new ArrayList<>();
        for (String v : to.views()) {
            Viewport known = named(v);
            next.add(known == null ? new Viewport(v, starts.getOrDefault(v, ViewportStart.of((Object) null))) : known);
        }
        arrangement = to;
        show(next);
        active = Math.max(0, views.indexOf(wasActive));
        solo = wasSolo == null ? -1 : views.indexOf(wasSolo);
    }

    /** Has these viewports, in this order. */
    public void show(List<Viewport> some) {
        views = new ArrayList<>(some);
        for (int i = 0; i < views.size(); i++) {
            views.get(i).number = i;
        }
    }

    /** The active viewport. */
    public Viewport active() {
        return views.get(active);
    }

    public void layOut(double width, double height) {
        Map<String, StageRect> boxes = arrangement.boxes(width, height);
        for (Viewport v : views) {
            boolean alone = solo == v.number;
            StageRect b = solo >= 0 ? new StageRect(0, 0, width, height) : boxes.get(v.id);
            v.shown = solo < 0 || alone;
            v.x = b.x();
            v.y = b.y();
            v.width = b.width();
            v.height = b.height();
        }
    }

    public Viewport at(double x, double y) {
        for (Viewport v : views) {
            if (v.holds(x, y)) {
                return v;
            }
        }
        return null;
    }

    public Viewport named(String viewId) {
        for (Viewport v : views) {
            if (v.id.equals(viewId)) {
                return v;
            }
        }
        return null;
    }

    /** Its state for the user, whatever the scene. */
    public StoredBoard tab() {
        Map<String, ViewportStart> starts = new LinkedHashMap<>();
        for (Viewport v : views) {
            starts.put(v.id, v.start);
        }
        return new StoredBoard(id, name, linked, arrangement, starts);
    }

    /** Another board that looks as this one does now. */
    public ActiveBoard copy(UpAxis up, String otherId, String otherName) {
        ActiveBoard b = new ActiveBoard(new StoredBoard(otherId, otherName, linked, arrangement, starts(up)));
        b.kept = toKeep();
        return b;
    }

    /** How each viewport would start that is to look as it does now. */
    public Map<String, ViewportStart> starts(UpAxis up) {
        Map<String, ViewportStart> starts = new LinkedHashMap<>();
        for (Viewport v : views) {
            starts.put(v.id, startLike(up, v));
        }
        return starts;
    }

    /** How a viewport would start that is to look as this one does now. */
    public static ViewportStart startLike(UpAxis up, Viewport v) {
        if (v.pose == null) {
            return v.start;
        }
        AxisDirection d = v.pose.projection().flat() ? AxisDirection.of(v.pose.orientation(), up) : null;
        String from = v.camera != null ? ViewportStart.CAMERA : d == null ? ViewportStart.SCOUT : d.word();
        return new ViewportStart(from, v.look, v.switched);
    }

    /** What is kept of it for this scene. */
    public Map<String, Object> toKeep() {
        if (!entered) {
            return kept;
        }
        Map<String, Object> m = new LinkedHashMap<>();
        for (Viewport v : views) {
            if (v.pose != null) {
                m.put(v.id, StoredView.view(v));
            }
        }
        return PlainData.map("active", active().id, "solo", solo < 0 ? null : views.get(solo).id, "views", m);
    }
}
