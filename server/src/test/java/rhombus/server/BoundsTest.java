package rhombus.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is too much, too deep or nowhere is answered in words, before it costs anything. */
class BoundsTest {
    private final Client mira = Client.as("mira");

    private static byte[] sized(String before, int bytes, String after) {
        byte[] b = new byte[before.length() + bytes + after.length()];
        Arrays.fill(b, (byte) 'x');
        System.arraycopy(before.getBytes(), 0, b, 0, before.length());
        System.arraycopy(after.getBytes(), 0, b, before.length() + bytes, after.length());
        return b;
    }

    @Test
    void theDoorTakesSomeKilobytes() {
        Client c = new Client();
        c.get("/api/first-account");
        byte[] name = sized("{\"name\":\"", 90 << 20, "\",\"password\":\"x\"}");
        for (String path : List.of("/api/session", "/api/first-account")) {
            Client.Answer a = c.streamed("POST", path, name);
            assertThat(a.status()).as(path).isEqualTo(413);
            assertThat(a.detail()).contains("4 kB");
            assertThat(a.header("Content-Type")).startsWith("application/problem+json");
        }
    }

    @Test
    void documentsAreBoundedWithAndWithoutATellingHeader() {
        byte[] large = sized("{\"version\":0,\"body\":{\"a\":\"", 2 << 20, "\"}}");
        assertThat(mira.streamed("PUT", "/api/habits", large).status()).isEqualTo(413);
        assertThat(mira.raw("PUT", "/api/habits", new String(large)).status()).isEqualTo(413);
        assertThat(mira.raw("PUT", "/api/habits", new String(large)).detail()).contains("at most 1 MB");
    }

    @Test
    void nestingIsBoundedAndWhatIsAllowedIsKept() {
        String path = "/api/habits";
        for (int depth : new int[] {40, 90}) {
            int version = (int) mira.get(path).json().get("version");
            String deep =
                    "{\"version\":" + version + ",\"body\":{\"a\":" + "[".repeat(depth) + "]".repeat(depth) + "}}";
            assertThat(mira.raw("PUT", path, deep).status())
                    .as("%s levels", depth)
                    .isEqualTo(200);
        }
        for (int depth : new int[] {101, 5000, 400_000}) {
            String deep = "{\"version\":9,\"body\":{\"a\":" + "[".repeat(depth) + "]".repeat(depth) + "}}";
            Client.Answer a = mira.raw("PUT", path, deep);
            assertThat(a.status()).as("%s levels", depth).isEqualTo(400);
            assertThat(a.detail()).contains("nested too deep");
        }
    }

    @Test
    void addressesOfNothingAreNotFound() {
        for (String path : List.of(
                "/api/scenes/%C3%A9",
                "/api/scenes/%C3%A9/edits",
                "/api/scenes/%C3%A9/workspace",
                "/api/scenes/%C3%A9/versions/1",
                "/api/scenes/%C3%A9/files/geometry/x",
                "/api/scenes/" + "a".repeat(3000),
                "/api/imports/%C3%A9",
                "/error",
                "/api/no-such-thing",
                "/actuator/env",
                "/v3/no-such")) {
            assertThat(mira.get(path).status()).as(path).isEqualTo(404);
        }
        for (String path : List.of("/api/scenes/%C3%A9", "/api/scenes/%C3%A9/versions/1")) {
            assertThat(mira.send("DELETE", path, null).status()).as(path).isEqualTo(404);
        }
        Client.Answer put = mira.send(
                "PUT",
                "/api/scenes/%C3%A9/edits",
                Map.of("version", 0, "body", Map.of("format", "rhombus-edits", "version", 1)));
        assertThat(put.status()).isIn(404, 422);
        assertThat(mira.get("/api/scenes/" + "a".repeat(22) + "/versions/abc").status())
                .isEqualTo(400);
    }

    @Test
    void whatTellsOfTheServerIsForTheSignedIn() {
        Client nobody = new Client();
        for (String path : List.of("/v3/api-docs", "/actuator", "/actuator/info")) {
            assertThat(nobody.get(path).status()).as(path).isEqualTo(401);
        }
        assertThat(nobody.get("/actuator/health").json()).containsEntry("status", "UP");
        assertThat(nobody.get("/actuator/health/readiness").status()).isEqualTo(200);
        assertThat(mira.get("/v3/api-docs").json()).containsKey("paths");
    }

    @Test
    void immutableAssetsComeWithoutCookies() {
        Client nobody = new Client();
        String page = nobody.get("/").body();
        String asset = page.replaceAll("(?s).*?(/assets/[^\"]+).*", "$1");
        Client.Answer a = new Client().get(asset);
        assertThat(a.status()).isEqualTo(200);
        assertThat(a.header("Cache-Control")).contains("immutable").contains("public");
        assertThat(a.header("Set-Cookie")).isEmpty();
        assertThat(a.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(new Client().get("/assets/nothing.js").status()).isEqualTo(404);
    }
}
