package rhombus.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The description that is kept in {@code docs/openapi.json}, from which the pages' types are made, is what the running
 * server says of itself. {@code mvn -pl server test -Dtest=ApiDescriptionTest -Drhombus.api=write} writes it anew.
 */
class ApiDescriptionTest {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theDescriptionThatTypesAreMadeFromIsThatOfTheServer() throws IOException {
        Path kept = Path.of("../docs/openapi.json");
        Map<String, Object> told = Client.as("mira").get("/v3/api-docs").json();
        if ("write".equals(System.getProperty("rhombus.api"))) {
            Files.writeString(kept, JSON.writeValueAsString(told) + "\n");
        }
        assertThat(told).isEqualTo(JSON.readValue(Files.readString(kept), Map.class));
    }
}
