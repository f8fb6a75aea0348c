package rhombus.core.stage;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.show.help.HabitsList;

/** What the page sees of a stage, as plain data: records become maps, as they become objects in the browser. */
final class Seen {
    private final Stage stage;

    Seen(Stage stage) {
        this.stage = stage;
    }

    static Object plain(Object o) {
        if (o instanceof Vec3 v) {
            return PlainData.list(v.x(), v.y(), v.z());
        }
        if (o instanceof double[] d) {
            return PlainData.list(d);
        }
        if (o instanceof List<?> l) {
            List<Object> out = new ArrayList<>();
            l.forEach(each -> out.add(plain(each)));
            return out;
        }
        return o instanceof Record r ? map(r) : o;
    }

    static Map<String, Object> map(Record r) {
        if (r == null) {
            return null;
        }
        Map<String, Object> out = new LinkedHashMap<>();
        try {
            for (RecordComponent c : r.getClass().getRecordComponents()) {
                Object value = plain(c.getAccessor().invoke(r));
                if (value != null || c.isAnnotationPresent(OrNull.class)) {
                    out.put(c.getName(), value);
                }
            }
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
        return out;
    }

    @SuppressWarnings("unchecked")
    private static List<Object> list(List<?> l) {
        return (List<Object>) plain(l);
    }

    List<Object> views() {
        return list(stage.views().all());
    }

    Map<String, Object> marks(int view) {
        return map(stage.paint().marks(view));
    }

    Map<String, Object> plan(int view) {
        return map(stage.paint().plan(view, ""));
    }

    Map<String, Object> pivot(String view) {
        return map(stage.viewport().pivot(view));
    }

    Map<String, Object> trail(String view) {
        return map(stage.viewport().trail(view));
    }

    List<Object> trailEntries(String view) {
        return list(stage.viewport().trailEntries(view));
    }

    List<Object> choices(String view) {
        return list(stage.viewport().choices(view));
    }

    Map<String, Object> boards() {
        return map(stage.boards().boards());
    }

    List<Object> pins() {
        return list(stage.boards().pins());
    }

    Map<String, Object> scene() {
        return map(stage.contents().scene());
    }

    List<Object> layers() {
        return list(stage.contents().layers());
    }

    Map<String, Object> history() {
        return map(stage.contents().history());
    }

    Map<String, Object> readout() {
        return map(stage.readout().now());
    }

    List<Object> hints(Map<String, String> layout) {
        return list(stage.hints(layout));
    }

    List<Object> habits() {
        return list(HabitsList.of(stage.habits(), "", h -> false));
    }

    Map<String, Object> keys(Map<String, String> layout) {
        return map(stage.keys().page(Map.of(), layout));
    }

    List<Object> notices() {
        return list(stage.changes().takeNotices());
    }

    List<Object> application() {
        return list(stage.changes().takeApplication());
    }

    List<Object> places(String sort, double width, double height) {
        return list(stage.offscreen().places(sort, width, height));
    }

    Map<String, Object> captured(String binding, Map<String, String> layout) {
        stage.bindings().take(binding, 0);
        return map(stage.bindings().captured(layout));
    }
}
