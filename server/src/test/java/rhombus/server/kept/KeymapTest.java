package rhombus.server.kept;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.area.AllCommands;
import rhombus.server.Client;

class KeymapTest {
    private final Client mira = Client.as("mira");

    @Test
    void whatTheCoreRefusesIsRefusedHereToo() {
        Client.Answer a = mira.send(
                "PUT", "/api/keymaps/active", Map.of("version", 0, "body", Map.of("format", "something else")));
        assertThat(a.status()).isEqualTo(422);
        assertThat(a.detail()).contains("cannot be used");
    }

    @Test
    void aChangedKeymapComesBack() {
        int version = (int) mira.get("/api/keymaps/active").json().get("version");
        Keymap changed = AllCommands.CATALOGUE.preset(Presets.RHOMBUS).with("frame", Trigger.key("KeyG"), 0);
        Client.Answer a =
                mira.send("PUT", "/api/keymaps/active", Map.of("version", version, "body", changed.toPlain()));
        assertThat(a.status()).isEqualTo(200);
        @SuppressWarnings("unchecked")
        Map<String, Object> body =
                (Map<String, Object>) mira.get("/api/keymaps/active").json().get("body");
        assertThat(AllCommands.CATALOGUE.keymap(body).binding("frame").trigger())
                .isEqualTo(Trigger.key("KeyG"));
    }

    @Test
    void commandsAreListedFromTheCore() {
        List<?> commands = mira.get("/api/commands").list();
        assertThat(commands).hasSize(AllCommands.CATALOGUE.commands().size());
        assertThat(mira.get("/v3/api-docs").json()).containsKey("paths");
        assertThat(new Client().get("/actuator/health").json()).containsEntry("status", "UP");
    }
}
