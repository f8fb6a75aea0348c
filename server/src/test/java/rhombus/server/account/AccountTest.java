package rhombus.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import rhombus.formats.Mutants;
import rhombus.server.Client;
import rhombus.server.RunningServer;

/** What somebody does with the own account, and an administrator with all. */
class AccountTest {
    private static final String WORD = "tide-and-timber";

    private static Client somebody(String name) {
        RunningServer.get().account(name);
        return Client.as(name);
    }

    private static int signIn(String name, String password) {
        Client c = new Client();
        c.get("/api/first-account");
        return c.send("POST", "/api/session", Map.of("name", name, "password", password))
                .status();
    }

    private static boolean isIn(Client c) {
        return c.get("/api/session").status() == 200;
    }

    @Test
    void anotherPasswordNeedsTheOneOfTodayAndSignsOutEverywhereElse() {
        Client here = somebody("changer");
        Client there = Client.as("changer");
        String path = "/api/account/password";
        Client.Answer wrong = here.send("PUT", path, Map.of("password", "not it at all", "next", "something new"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("password is wrong");
        Client.Answer brief = here.send("PUT", path, Map.of("password", WORD, "next", "short"));
        assertThat(brief.status()).isEqualTo(422);
        assertThat(brief.detail()).contains("8 to 72");
        assertThat(isIn(there)).as("nothing was changed yet").isTrue();
        assertThat(here.send("PUT", path, Map.of("password", WORD, "next", "something new"))
                        .status())
                .isEqualTo(204);
        assertThat(isIn(here)).isTrue();
        assertThat(isIn(there)).isFalse();
        assertThat(signIn("changer", WORD)).isEqualTo(401);
        assertThat(signIn("changer", "something new")).isEqualTo(200);
    }

    @Test
    void whoeverFindsAnOpenPageCannotGuessThePasswordForever() {
        Client c = somebody("guessed");
        List<Integer> answers = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            answers.add(c.send("POST", "/api/account/remove", Map.of("password", "guess number " + i))
                    .status());
        }
        assertThat(answers).containsExactly(422, 422, 422, 422, 422, 429, 429);
        assertThat(isIn(c)).isTrue();
    }

    @Test
    void anotherNameIsOnesOwnEverywhereAndKeepsWhatIsThere() {
        Client here = somebody("old name");
        String scene = (String)
                here.upload(Map.of("a.glb", Mutants.seed()), Map.of()).json().get("id");
        Client there = Client.as("old name");
        assertThat(here.send("PUT", "/api/account/name", Map.of("password", WORD, "name", "mira"))
                        .detail())
                .contains("mira is taken");
        assertThat(here.send("PUT", "/api/account/name", Map.of("password", WORD, "name", "  "))
                        .status())
                .isEqualTo(422);
        assertThat(here.send("PUT", "/api/account/name", Map.of("password", WORD, "name", " new name "))
                        .json())
                .containsEntry("name", "new name");
        assertThat(here.get("/api/session").json()).containsEntry("name", "new name");
        assertThat(here.get("/api/scenes/" + scene).status()).isEqualTo(200);
        assertThat(isIn(there)).isFalse();
        assertThat(signIn("old name", WORD)).isEqualTo(401);
        assertThat(signIn("new name", WORD)).isEqualTo(200);
        assertThat(here.get("/api/account/sessions").list()).hasSize(2);
    }

    @Test
    void oneSeesWhereOneIsSignedInAndSignsOutThere() {
        Client here = somebody("traveller");
        Client there = Client.as("traveller");
        Client far = Client.as("traveller");
        List<?> places = here.get("/api/account/sessions").list();
        assertThat(places).hasSize(3);
        assertThat(places)
                .filteredOn(p -> Boolean.TRUE.equals(((Map<?, ?>) p).get("here")))
                .hasSize(1);
        // What is told of a session must not open it.
        assertThat(places.toString()).doesNotContain(there.cookie("RHOMBUS")).contains("127.0.0.1");
        Client other = Client.as("mira");
        for (Object p : places) {
            assertThat(other.send("DELETE", "/api/account/sessions/" + ((Map<?, ?>) p).get("id"), null)
                            .status())
                    .isEqualTo(404);
        }
        assertThat(isIn(there) && isIn(far)).isTrue();
        // Those who asked just now stand before.
        Object last = ((Map<?, ?>) here.get("/api/account/sessions").list().get(0)).get("id");
        assertThat(here.send("DELETE", "/api/account/sessions/" + last, null).status())
                .isEqualTo(204);
        assertThat(List.of(isIn(here), isIn(there), isIn(far))).containsOnlyOnce(false);
        here = Client.as("traveller");
        assertThat(here.send("DELETE", "/api/account/sessions", null).status()).isEqualTo(204);
        assertThat(isIn(here)).isTrue();
        assertThat(isIn(there) || isIn(far)).isFalse();
    }

    @Test
    void aDeletedAccountLeavesNothingBehind() {
        Client c = somebody("leaver");
        c.upload(Map.of("a.glb", Mutants.seed()), Map.of());
        c.send("PUT", "/api/habits", Map.of("version", 0, "body", Map.of()));
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        Long id = db.queryForObject("SELECT id FROM account WHERE name = 'leaver'", Long.class);
        assertThat(owned(db, id)).isNotEmpty();
        assertThat(c.send("POST", "/api/account/remove", Map.of("password", WORD))
                        .status())
                .isEqualTo(204);
        assertThat(owned(db, id)).as("tables with something of it").isEmpty();
        assertThat(isIn(c)).isFalse();
        assertThat(signIn("leaver", WORD)).isEqualTo(401);
        assertThat(isIn(Client.as("mira"))).isTrue();
    }

    /** Tables that have rows of an owner, with how many. */
    private static Map<String, Integer> owned(JdbcTemplate db, long owner) {
        Map<String, Integer> out = new HashMap<>();
        for (String table : db.queryForList(
                "SELECT table_name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'owner'",
                String.class)) {
            Integer n = db.queryForObject("SELECT COUNT(*) FROM " + table + " WHERE owner = ?", Integer.class, owner);
            if (n != null && n > 0) {
                out.put(table, n);
            }
        }
        return out;
    }

    @Test
    void accountsAreMadeByAnybodyOnlyWhereThatIsSwitchedOn() {
        Client c = new Client();
        assertThat(c.get("/api/start").json()).containsEntry("signUp", false);
        assertThat(c.send("POST", "/api/accounts", Map.of("name", "walk-in", "password", "long enough"))
                        .status())
                .isEqualTo(404);
        assertThat(signIn("walk-in", "long enough")).isEqualTo(401);
    }

    // ---- the administrator -----------------------------------------------------------------------------------------

    /** What the command line says on standard output and standard error. */
    private static String admin(int expected, String typed, String... words) {
        Map<String, String> environment = new HashMap<>();
        for (String p : RunningServer.get().database().properties()) {
            String[] kv = p.split("=", 2);
            environment.put(
                    "RHOMBUS_DB_"
                            + kv[0].substring(kv[0].lastIndexOf('.') + 1)
                                    .toUpperCase()
                                    .replace("USERNAME", "USER"),
                    kv[1]);
        }
        InputStream in = System.in;
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        try (PrintStream p = new PrintStream(said, true, StandardCharsets.UTF_8)) {
            System.setIn(new ByteArrayInputStream((typed + "\n").getBytes(StandardCharsets.UTF_8)));
            System.setOut(p);
            System.setErr(p);
            assertThat(Admin.run(List.of(words), environment, new BCryptPasswordEncoder(4)))
                    .isEqualTo(expected);
        } finally {
            System.setIn(in);
            System.setOut(out);
            System.setErr(err);
        }
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void anAdministratorGivesAnotherPasswordWhereOneIsForgotten() {
        Client c = somebody("forgetful");
        assertThat(admin(0, "", "accounts")).contains("forgetful, 0 scenes").contains("demo, ");
        assertThat(admin(2, "short", "password", "forgetful")).contains("8 to 72");
        assertThat(isIn(c)).isTrue();
        assertThat(admin(0, "remember this", "password", "forgetful")).contains("signed out everywhere");
        assertThat(isIn(c)).isFalse();
        assertThat(signIn("forgetful", WORD)).isEqualTo(401);
        assertThat(signIn("forgetful", "remember this")).isEqualTo(200);
        assertThat(admin(2, "", "password", "nobody at all")).contains("no account called nobody at all");
        assertThat(admin(2, "", "sing")).contains("bin/admin accounts");
    }

    @Test
    void anAdministratorRemovesAnAccountWhoseNameIsTypedOnceMore() {
        Client c = somebody("gone soon");
        assertThat(admin(2, "gone", "remove", "gone soon")).contains("nothing was removed");
        assertThat(isIn(c)).isTrue();
        assertThat(admin(0, "gone soon", "remove", "gone soon")).contains("is removed");
        assertThat(isIn(c)).isFalse();
        assertThat(signIn("gone soon", WORD)).isEqualTo(401);
    }
}
