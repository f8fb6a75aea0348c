package rhombus.server.kept;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import rhombus.server.common.RequestRefused;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Saves with a version: a save that does not know the newest state is refused, and both states live on. */
@Service
public class KeptDocuments {
    private static final int LARGEST = 16 << 20;
    private static final TypeReference<Map<String, Object>> DOCUMENT = new TypeReference<>() {};

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
         * @throws RequestRefused with 422 and the core's words if it cannot be used
         */
        public Save checked(String what, Consumer<Map<String, Object>> check) {
            try {
                check.accept(body == null ? Map.of() : body);
                return this;
            } catch (IllegalArgumentException e) {
                throw new RequestRefused(
                        HttpStatus.UNPROCESSABLE_CONTENT, "The " + what + " cannot be used: " + e.getMessage() + ".");
            }
        }
    }

    /**
     * What is kept.
     *
     * @param version of the state; 0 where nothing was saved yet
     * @param body the state, or null where nothing was saved yet
     */
    public record Loaded(int version, @Schema(types = {"object", "null"}) Map<String, Object> body) {}

    /**
     * What a save is answered with.
     *
     * @param version of the state that is kept now
     */
    public record Saved(int version) {}

    /** What is kept of a topic; version 0 and no body where nothing was saved yet. */
    public Loaded load(long owner, String topic, String subject) {
        KeptDocument k = mapper.find(owner, topic, subject);
        return k == null ? new Loaded(0, null) : new Loaded(k.version(), json.readValue(k.body(), DOCUMENT));
    }

    /**
     * Saves and gives the new version.
     *
     * @throws RequestRefused with 409 if somebody has saved since
     */
    public Saved save(long owner, String topic, String subject, Save s) {
        if (s.body() == null) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "There is nothing to save: \"body\" is missing.");
        }
        String body = json.writeValueAsString(s.body());
        if (body.length() > LARGEST) {
            throw new RequestRefused(HttpStatus.CONTENT_TOO_LARGE, "The state to save is larger than 16 MB.");
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
            throw new RequestRefused(
                    HttpStatus.CONFLICT,
                    "Another window has saved since. Both states are still there: choose which one goes on.");
        }
        return new Saved(s.version() + 1);
    }
}
