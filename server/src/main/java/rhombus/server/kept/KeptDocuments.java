package rhombus.server.kept;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import rhombus.server.common.Refused;
import tools.jackson.databind.json.JsonMapper;

/** Saves with a version: a save that does not know the newest state is refused, and both states live on. */
@Service
public class KeptDocuments {
    private static final int LARGEST = 16 << 20;

    private final KeptMapper mapper;
    private final JsonMapper json;

    KeptDocuments(KeptMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /**
     * What a save sends.
     *
     * @param version of the state it is based on; 0 where there was none
     * @param body the new state
     */
    public record Save(int version, Map<String, Object> body) {
        /**
         * The same, once the core has looked at it.
         *
         * @param what the document holds, as a person calls it
         * @throws Refused with 422 and the core's words if it cannot be used
         */
        public Save checked(String what, Consumer<Map<String, Object>> check) {
            try {
                check.accept(body == null ? Map.of() : body);
                return this;
            } catch (IllegalArgumentException e) {
                throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "The " + what + " cannot be used: " + e.getMessage() + ".");
            }
        }
    }

    /** Version and body; version 0 and no body where nothing was saved yet. */
    public Map<String, Object> load(long owner, String topic, String subject) {
        Kept k = mapper.find(owner, topic, subject);
        Map<String, Object> out = new LinkedHashMap<>();
        out.put("version", k == null ? 0 : k.version());
        out.put("body", k == null ? null : json.readValue(k.body(), Map.class));
        return out;
    }

    /**
     * Saves and gives the new version.
     *
     * @throws Refused with 409 if somebody has saved since
     */
    public Map<String, Object> save(long owner, String topic, String subject, Save s) {
        if (s.body() == null) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "There is nothing to save: \"body\" is missing.");
        }
        String body = json.writeValueAsString(s.body());
        if (body.length() > LARGEST) {
            throw new Refused(HttpStatus.CONTENT_TOO_LARGE, "The state to save is larger than 16 MB.");
        }
        boolean saved;
        try {
            if (s.version() == 0) {
                mapper.add(owner, topic, subject, body);
                saved = true;
            } else {
                saved = mapper.replace(owner, topic, subject, s.version(), body) == 1;
            }
        } catch (DuplicateKeyException e) {
            saved = false;
        }
        if (!saved) {
            throw new Refused(HttpStatus.CONFLICT, "Another window has saved since. Both states are still there: choose which one goes on.");
        }
        return Map.of("version", s.version() + 1);
    }
}
