package rhombus.server.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import rhombus.core.drill.Drill;
import rhombus.core.plain.PlainData;
import rhombus.server.common.RequestRefused;
import rhombus.server.scene.SceneImports;
import rhombus.server.scene.SceneStore;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Drills that users made of two views of a scene of theirs. */
@Service
public class OwnDrills {
    private static final int MOST = 200;
    /** A small picture as an address of itself, and no larger than that. */
    private static final Pattern PICTURE = Pattern.compile("data:image/(?:jpeg|png);base64,[A-Za-z0-9+/=]{0,60000}");

    private final OwnDrillMapper drills;
    private final SceneImports scenes;
    private final JsonMapper json;

    OwnDrills(OwnDrillMapper drills, SceneImports scenes, JsonMapper json) {
        this.drills = drills;
        this.scenes = scenes;
        this.json = json;
    }

    /**
     * One of them.
     *
     * @param made start and goal, as the core reads them
     * @param picture of the goal
     */
    record Own(String id, String scene, String name, Map<String, Object> made, String picture) {}

    private Own of(OwnDrillMapper.Row r) {
        Map<String, Object> body = json.readValue(r.body(), new TypeReference<Map<String, Object>>() {});
        Map<String, Object> made = PlainData.map("start", body.get("start"), "goal", body.get("goal"));
        return new Own(r.id(), r.scene(), r.name(), made, String.valueOf(body.get("picture")));
    }

    /** Those of a scene, the oldest first. */
    List<Own> list(long owner, String scene) {
        scenes.found(owner, scene);
        return drills.list(owner, scene).stream().map(this::of).toList();
    }

    /** One of a scene, or null. */
    Own find(long owner, String scene, String id) {
        OwnDrillMapper.Row r = drills.find(owner, id);
        return r == null || !r.scene().equals(scene) ? null : of(r);
    }

    /**
     * Keeps a drill.
     *
     * @throws RequestRefused with 404 if there is no such scene, 422 if it is no drill, 409 if there are too many
     */
    Own add(long owner, String scene, String name, Map<String, Object> made, String picture) {
        scenes.found(owner, scene);
        String called = name == null ? "" : name.strip();
        if (called.isEmpty() || called.length() > 80) {
            throw refused("Give the drill a name of at most 80 letters.");
        }
        if (picture == null || !PICTURE.matcher(picture).matches()) {
            throw refused("The picture of the goal cannot be used.");
        }
        try {
            Drill.own("own", made == null ? Map.of() : made);
        } catch (IllegalArgumentException e) {
            throw refused(e.getMessage());
        }
        String body = json.writeValueAsString(
                PlainData.map("start", made.get("start"), "goal", made.get("goal"), "picture", picture));
        if (drills.count(owner) >= MOST) {
            throw new RequestRefused(
                    HttpStatus.CONFLICT, "There are " + MOST + " drills of your own. Delete one first.");
        }
        String id = SceneStore.newId();
        drills.add(owner, id, scene, called, body);
        return of(new OwnDrillMapper.Row(id, scene, called, body));
    }

    /** Those of a scene as a document, to be brought elsewhere; null where there are none. */
    public Map<String, Object> document(long owner, String scene) {
        List<Object> all = new ArrayList<>();
        for (Own d : list(owner, scene)) {
            all.add(PlainData.map("name", d.name(), "made", d.made(), "picture", d.picture()));
        }
        return all.isEmpty() ? null : PlainData.map("drills", all);
    }

    /** Adds those of a document to a scene; what of it is no drill is told in a note. */
    public void bring(long owner, String scene, Map<String, Object> document, List<String> notes) {
        List<?> all = document == null ? List.of() : PlainData.list(document.get("drills"));
        for (Object o : all == null ? List.of() : all) {
            Map<String, Object> d = PlainData.map(o);
            try {
                add(
                        owner,
                        scene,
                        d.get("name") instanceof String s ? s : null,
                        PlainData.map(d.get("made")),
                        d.get("picture") instanceof String s ? s : null);
            } catch (RequestRefused e) {
                notes.add("A drill was left out. " + e.getMessage());
            }
        }
    }

    /** Deletes one with its runs. */
    void remove(long owner, String scene, String id) {
        if (drills.remove(owner, scene, id) == 0) {
            throw RequestRefused.notFound("drill");
        }
    }

    private static RequestRefused refused(String why) {
        return new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, why);
    }
}
