package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.HomeViews;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** A hand on a stage of boxes: raw events with a clock of its own. */
final class Hand {
    final Stage stage = new Stage();
    double now;

    Hand() {
        stage.resize(1003, 803);
        stage.open(Scenes.boxes(), "Boxes");
    }

    Viewport view(int i) {
        return stage.parts.ground.board().views.get(i);
    }

    Pose pose(int i) {
        return view(i).pose;
    }

    Pose home(int i) {
        return HomeViews.of(view(i), stage.scene());
    }

    /** Runs a command on a viewport, or on the active one. */
    void run(String id, String view, Object... args) {
        stage.command(id, PlainData.map(args), view, now += 10);
    }

    void move(double x, double y, int buttons) {
        stage.input().pointer(x, y, buttons, 0, now += 10);
    }

    void move(double x, double y, int buttons, int mods) {
        stage.input().pointer(x, y, buttons, mods, now += 10);
    }

    /** Press, drag in steps and release with a button of the W3C mask. */
    void drag(double x, double y, double dx, double dy, int buttons, int mods) {
        move(x, y, 0, mods);
        move(x, y, buttons, mods);
        for (int i = 1; i <= 10; i++) {
            move(x + dx * i / 10, y + dy * i / 10, buttons, mods);
        }
        move(x + dx, y + dy, 0, mods);
        rest();
    }

    /** Hold a key, move, and let it go. */
    void hold(String code, double x, double y, double dx, double dy, int mods) {
        move(x, y, 0, mods);
        stage.input().keyDown(code, mods, false, now += 10);
        for (int i = 1; i <= 10; i++) {
            move(x + dx * i / 10, y + dy * i / 10, 0, mods);
        }
        stage.input().keyUp(code, mods, now += 10);
        rest();
    }

    void click(double x, double y) {
        move(x, y, 0);
        move(x, y, 1);
        move(x, y, 0);
    }

    void tap(String code, int mods) {
        stage.input().keyDown(code, mods, false, now += 10);
        stage.input().keyUp(code, mods, now += 10);
        rest();
    }

    void down(String code) {
        stage.input().keyDown(code, 0, false, now += 10);
    }

    void up(String code) {
        stage.input().keyUp(code, 0, now += 10);
    }

    /** Holds the walk stick forward, or lets it go. */
    void stick(double ahead) {
        stage.command("walk.stick", Map.of("right", 0.0, "ahead", ahead), null, now += 10);
    }

    /** Time goes by until everything has landed and wheel bursts are over. */
    void rest() {
        stage.tick(now += 500);
        stage.tick(now += 500);
    }

    void habit(String id, Object value) {
        stage.habit(id, value);
    }

    Vec3 onScreen(int view, int node) {
        return stage.project(view(view).id, stage.scene().bounds(node).center());
    }

    List<String> notices() {
        return new Seen(stage)
                .notices().stream()
                        .map(n -> PlainData.text(PlainData.map(n).get("text"), ""))
                        .filter(text -> !text.isEmpty())
                        .toList();
    }

    Map<String, Object> marks(int view) {
        return new Seen(stage).marks(view);
    }

    /** The hint for a trigger, words and explanation. */
    String hint(String trigger) {
        for (Object o : new Seen(stage).hints(Map.of())) {
            Map<String, Object> h = PlainData.map(o);
            if (List.of(PlainData.text(h.get("trigger"), "").split(" or ")).contains(trigger)) {
                return h.get("words")
                        + (h.containsKey("does") && !h.get("does").equals("") ? ": " + h.get("does") : "");
            }
        }
        return null;
    }
}
