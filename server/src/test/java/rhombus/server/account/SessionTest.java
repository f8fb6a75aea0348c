package rhombus.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.server.Client;

class SessionTest {
    private static Client.Answer signIn(Client c, String name, String password) {
        return c.send("POST", "/api/session", Map.of("name", name, "password", password));
    }

    @Test
    void signingInAndOut() {
        Client c = Client.as("mira");
        assertThat(c.get("/api/session").json()).containsEntry("name", "mira");
        assertThat(c.send("DELETE", "/api/session", null).status()).isEqualTo(204);
        assertThat(c.get("/api/session").status()).isEqualTo(401);
        assertThat(c.get("/api/scenes").status()).isEqualTo(401);
    }

    @Test
    void aSessionGetsANewIdWhenSomebodySignsIn() {
        Client c = new Client();
        c.get("/api/first-account");
        Client.Answer in = signIn(c, "mira", "tide-and-timber");
        assertThat(in.header("Set-Cookie")).contains("RHOMBUS=").contains("HttpOnly").contains("SameSite=Lax");
    }

    @Test
    void whatWritesNeedsTheTokenOfThePage() {
        Client c = Client.as("mira");
        Client.Answer a = c.forge("PUT", "/api/habits", Map.of("version", 0, "body", Map.of()));
        assertThat(a.status()).isEqualTo(403);
        assertThat(a.detail()).contains("Load the page again");
    }

    @Test
    void guessingIsSlowedDownAndOthersAreNotLockedOut() {
        Client c = new Client();
        c.get("/api/first-account");
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(c, "ansel", "guess " + i).status()).isEqualTo(401);
        }
        Client.Answer slowed = signIn(c, "ansel", "tide-and-timber");
        assertThat(slowed.status()).isEqualTo(429);
        assertThat(slowed.header("Retry-After")).isEqualTo("900");
        assertThat(signIn(c, "mira", "tide-and-timber").status()).isEqualTo(200);
    }

    @Test
    void unknownNamesAndWrongPasswordsSoundTheSame() {
        Client c = new Client();
        c.get("/api/first-account");
        assertThat(signIn(c, "nobody at all", "x").detail()).isEqualTo(signIn(c, "keys", "x").detail());
        assertThat(signIn(c, "x".repeat(300), "x").status()).isEqualTo(400);
        assertThat(c.send("POST", "/api/first-account", Map.of("name", "late", "password", "long enough")).status()).isEqualTo(409);
    }

    @Test
    void everyAnswerCarriesAStrictPolicy() {
        Client.Answer a = new Client().get("/");
        assertThat(a.status()).isEqualTo(200);
        assertThat(a.header("Content-Security-Policy")).contains("default-src 'none'").contains("frame-ancestors 'none'").doesNotContain("unsafe");
        assertThat(a.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(a.header("X-Frame-Options")).isEqualTo("DENY");
        assertThat(a.body()).doesNotContain("<style").doesNotContain("onload=");
    }
}
