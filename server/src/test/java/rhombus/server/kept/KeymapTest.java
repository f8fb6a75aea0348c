package rhombus.server.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Keymaps;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.commands.AllCommands;
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
        Keymap changed = AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS).with("frame", Trigger.key("KeyG"), 0);
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
    void keymapsOfTheirOwnAreKeptBesideTheOneInUse() {
        int version = (int) mira.get("/api/keymaps/active").json().get("version");
        Keymaps two = new Keymaps(AllCommands.CATALOGUE.preset(KeymapPresets.PEN), List.of())
                .copy("Drawing board")
                .copy("<script>alert(1)</script>");
        Client.Answer a = mira.send("PUT", "/api/keymaps/active", Map.of("version", version, "body", two.toPlain()));
        assertThat(a.status()).isEqualTo(200);
        @SuppressWarnings("unchecked")
        Map<String, Object> body =
                (Map<String, Object>) mira.get("/api/keymaps/active").json().get("body");
        assertThat(AllCommands.CATALOGUE.keymaps(body).toPlain()).isEqualTo(two.toPlain());
        Map<String, Object> broken = new HashMap<>(two.toPlain());
        broken.put("others", List.of(Map.of("format", "rhombus-keymap", "version", 7)));
        Client.Answer no = mira.send("PUT", "/api/keymaps/active", Map.of("version", version + 1, "body", broken));
        assertThat(no.status()).isEqualTo(422);
        assertThat(no.detail()).contains("others[0]").contains("version 7");
    }

    /** Each preset is one page of A4, lying, and another reader finds every trigger on it. */
    @Test
    void theSheetOfAKeymapIsOnePageWithAllItsTriggers() throws IOException {
        for (String preset : KeymapPresets.ALL) {
            Keymap map = AllCommands.CATALOGUE.preset(preset).with("home", Trigger.key("KeyQ"), 15);
            Client.Answer a = mira.send(
                    "POST",
                    "/api/keymaps/sheet",
                    Map.of("keymap", map.toPlain(), "layout", Map.of("KeyY", "z", "KeyF", "ф", "KeyG", "ᚠ")));
            assertThat(a.status()).isEqualTo(200);
            assertThat(a.header("Content-Type")).isEqualTo("application/pdf");
            try (PDDocument pdf = Loader.loadPDF(a.raw().body())) {
                assertThat(pdf.getNumberOfPages()).isEqualTo(1);
                assertThat(pdf.getPage(0).getMediaBox().getWidth()).isCloseTo(841.9f, within(0.1f));
                assertThat(pdf.getPage(0).getMediaBox().getHeight()).isCloseTo(595.3f, within(0.1f));
                String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
                assertThat(text).contains("while walking", "Backspace", "←", "Ф");
                for (Command c : AllCommands.CATALOGUE.commands().values()) {
                    if (c.words().length() < 14
                            && map.bindings().stream().anyMatch(b -> b.command() == c && b.trigger() != null)) {
                        assertThat(text).contains(c.words());
                    }
                }
            }
        }
        assertThat(mira.send("POST", "/api/keymaps/sheet", Map.of()).status()).isEqualTo(400);
        assertThat(mira.send("POST", "/api/keymaps/sheet", Map.of("keymap", Map.of("format", "x")))
                        .detail())
                .contains("cannot be printed");
    }

    @Test
    void commandsAreListedFromTheCore() {
        List<?> commands = mira.get("/api/commands").list();
        assertThat(commands).hasSize(AllCommands.CATALOGUE.commands().size());
        assertThat(mira.get("/v3/api-docs").json()).containsKey("paths");
        assertThat(new Client().get("/actuator/health").json()).containsEntry("status", "UP");
    }
}
