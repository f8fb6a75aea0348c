package rhombus.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.server.Client;
import rhombus.server.RunningServer;

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
        assertThat(in.header("Set-Cookie"))
                .contains("RHOMBUS=")
                .contains("HttpOnly")
                .contains("SameSite=Lax")
                .doesNotContain("Secure");
        String first = c.cookie("RHOMBUS");
        assertThat(signIn(c, "keys", "tide-and-timber").status()).isEqualTo(200);
        assertThat(c.cookie("RHOMBUS")).isNotNull().isNotEqualTo(first);
        Client planted = new Client();
        assertThat(planted.raw("GET", "/api/session", "", "Cookie", "RHOMBUS=" + first)
                        .status())
                .as("the id from before")
                .isEqualTo(401);
        assertThat(planted.raw("GET", "/api/session", "", "Cookie", "RHOMBUS=" + c.cookie("RHOMBUS"))
                        .json())
                .containsEntry("name", "keys");
    }

    @Test
    void aPageLearnsWhoIsSignedInWithoutAnError() {
        Client c = new Client();
        Client.Answer a = c.get("/api/start");
        assertThat(a.status()).isEqualTo(200);
        assertThat(a.json()).containsEntry("name", null).containsEntry("firstAccountWanted", false);
        assertThat(Client.as("mira").get("/api/start").json()).containsEntry("name", "mira");
    }

    @Test
    void cookiesAreSecureWhereTheRequestCameByHttps() {
        Client c = new Client();
        c.get("/api/first-account");
        String body = "{\"name\":\"mira\",\"password\":\"tide-and-timber\"}";
        Client.Answer in = c.raw("POST", "/api/session", body, "X-Forwarded-Proto", "https");
        assertThat(in.raw().headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allMatch(s -> s.contains("Secure"))
                .allMatch(s -> s.contains("SameSite=Lax"));
        assertThat(new Client().get("/api/first-account").raw().headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allMatch(s -> s.contains("XSRF-TOKEN=") && s.contains("SameSite=Lax") && !s.contains("Secure"));
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

    private static Client.Answer signInFrom(String address, String name, String password) {
        Client c = new Client();
        c.get("/api/first-account");
        return c.raw(
                "POST",
                "/api/session",
                "{\"name\":\"" + name + "\",\"password\":\"" + password + "\"}",
                "X-Forwarded-For",
                address);
    }

    @Test
    void thirtyGuessesAtOnceAreNoMoreThanFive() throws Exception {
        var pool = Executors.newFixedThreadPool(30);
        List<Callable<Integer>> guesses = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            String guess = "guess " + i;
            guesses.add(() -> signInFrom("203.0.113.7", "keys", guess).status());
        }
        List<Integer> answers = new ArrayList<>();
        for (var f : pool.invokeAll(guesses)) {
            answers.add(f.get());
        }
        pool.shutdown();
        assertThat(answers).containsOnly(401, 429);
        long looked = answers.stream().filter(s -> s == 401).count();
        assertThat(looked).isLessThanOrEqualTo(5);
        // Those that came at the same moment may have kept each other out: what was left of the five is used up now.
        while (looked <= 5
                && signInFrom("203.0.113.7", "keys", "one more guess").status() == 401) {
            looked++;
        }
        assertThat(looked).as("guesses that were looked at").isEqualTo(5);
        assertThat(signInFrom("203.0.113.7", "keys", "tide-and-timber").status())
                .as("the same name there")
                .isEqualTo(429);
        assertThat(signInFrom("203.0.113.8", "keys", "tide-and-timber").status())
                .as("the same name elsewhere")
                .isEqualTo(200);
    }

    @Test
    void manyMissesOfOthersLockNobodyOut() {
        for (int i = 0; i < 60; i++) {
            assertThat(signInFrom("203.0.113.20", "visitor " + i % 20, "no").status())
                    .isEqualTo(401);
        }
        assertThat(signInFrom("203.0.113.20", "mira", "tide-and-timber").status())
                .isEqualTo(200);
    }

    @Test
    void oneNetworkOfIpv6CountsAsOneAddress() {
        assertThat(SignInAttempts.place("2001:db8:1:2:3:4:5:6"))
                .isEqualTo(SignInAttempts.place("2001:db8:1:2::9"))
                .isNotEqualTo(SignInAttempts.place("2001:db8:1:3::9"));
        assertThat(SignInAttempts.place("198.51.100.4")).isEqualTo("198.51.100.4");
    }

    /** This server lets anybody. */
    private static void anybodyMakesAnAccount(RunningServer server) {
        Client c = new Client(server);
        assertThat(c.get("/api/start").json()).containsEntry("signUp", true);
        assertThat(c.send("POST", "/api/accounts", Map.of("name", "x", "password", "short"))
                        .status())
                .isEqualTo(422);
        assertThat(c.send("POST", "/api/accounts", Map.of("name", "newcomer", "password", "long enough"))
                        .status())
                .isEqualTo(201);
        assertThat(c.get("/api/session").json()).containsEntry("name", "newcomer");
        assertThat(c.get("/api/habits").body()).contains("\"shown.first-steps\":\"orbit\"");
        List<Integer> more = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Client other = new Client(server);
            other.get("/api/start");
            more.add(other.send("POST", "/api/accounts", Map.of("name", "n" + i, "password", "long enough"))
                    .status());
        }
        assertThat(more)
                .as("five in a quarter of an hour, two of them above")
                .containsExactly(201, 201, 201, 429, 429, 429);
    }

    private static void theNextAccountIsTheFirstAgainOnceAllAreGone(RunningServer server) {
        Accounts accounts = server.bean(Accounts.class);
        JdbcTemplate db = server.bean(JdbcTemplate.class);
        for (Long id : db.queryForList("SELECT id FROM account", Long.class)) {
            accounts.remove(id);
        }
        Client c = new Client(server);
        assertThat(c.get("/api/start").json()).containsEntry("firstAccountWanted", true);
        assertThat(c.send("POST", "/api/first-account", Map.of("name", "again", "password", "long enough"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void ofSixFirstAccountsAtOnceThereIsOne() throws Exception {
        RunningServer server = RunningServer.empty();
        try {
            assertThat(new Client(server).get("/api/start").json()).containsEntry("firstAccountWanted", true);
            var pool = Executors.newFixedThreadPool(6);
            CountDownLatch go = new CountDownLatch(1);
            List<Callable<Integer>> all = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                Client c = new Client(server);
                c.get("/api/first-account");
                String name = "first " + i;
                all.add(() -> {
                    go.await();
                    return c.send("POST", "/api/first-account", Map.of("name", name, "password", "long enough"))
                            .status();
                });
            }
            var answers = all.stream().map(pool::submit).toList();
            go.countDown();
            List<Integer> statuses = new ArrayList<>();
            for (var f : answers) {
                statuses.add(f.get());
            }
            pool.shutdown();
            assertThat(statuses).containsOnly(200, 409);
            assertThat(statuses.stream().filter(s -> s == 200)).hasSize(1);
            assertThat(server.bean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM account", Integer.class))
                    .isEqualTo(1);
            anybodyMakesAnAccount(server);
            theNextAccountIsTheFirstAgainOnceAllAreGone(server);
        } finally {
            server.close();
        }
    }

    @Test
    void unknownNamesAndWrongPasswordsSoundTheSame() {
        Client c = new Client();
        c.get("/api/first-account");
        assertThat(signIn(c, "nobody at all", "x").detail())
                .isEqualTo(signIn(c, "keys", "x").detail());
        assertThat(signIn(c, "x".repeat(300), "x").status()).isEqualTo(400);
        assertThat(c.send("POST", "/api/first-account", Map.of("name", "late", "password", "long enough"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void everyAnswerCarriesAStrictPolicy() {
        Client.Answer a = new Client().get("/");
        assertThat(a.status()).isEqualTo(200);
        assertThat(a.header("Content-Security-Policy"))
                .contains("default-src 'none'")
                .contains("frame-ancestors 'none'")
                .doesNotContain("unsafe");
        assertThat(a.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(a.header("X-Frame-Options")).isEqualTo("DENY");
        assertThat(a.body()).doesNotContain("<style").doesNotContain("onload=");
    }
}
