package rhombus.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the running server as a browser does: with cookies and the token that protects what writes. */
public final class Client {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    /** Of the shared server. */
    public Client() {
        this(RunningServer.get());
    }

    /** Of a server of its own. */
    public Client(RunningServer server) {
        address = server.address();
    }

    /** Somebody who has just signed in. */
    public static Client as(String name) {
        Client c = new Client();
        c.get("/api/first-account");
        Answer a = c.send("POST", "/api/session", Map.of("name", name, "password", "tide-and-timber"));
        if (a.status() != 200) {
            throw new IllegalStateException(a.toString());
        }
        c.get("/api/session");
        return c;
    }

    /** What came back. */
    public record Answer(int status, String body, HttpResponse<byte[]> raw) {
        /** The body as an object. */
        @SuppressWarnings("unchecked")
        public Map<String, Object> json() {
            return JSON.readValue(body, Map.class);
        }

        /** The body as a list. */
        public List<?> list() {
            return JSON.readValue(body, List.class);
        }

        /** A header, or the empty string. */
        public String header(String name) {
            return raw.headers().firstValue(name).orElse("");
        }

        /** The words of a problem. */
        public String detail() {
            return String.valueOf(json().get("detail"));
        }
    }

    /** Asks for something. */
    public Answer get(String path) {
        return go(request(path).GET());
    }

    /** Sends JSON. */
    public Answer send(String method, String path, Object body) {
        byte[] json = body == null ? new byte[0] : JSON.writeValueAsBytes(body);
        return go(request(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofByteArray(json)));
    }

    /** Sends a body as it is. */
    public Answer raw(String method, String path, String body, String... headers) {
        HttpRequest.Builder b = request(path).header("Content-Type", "application/json");
        for (int i = 0; i < headers.length; i += 2) {
            b.setHeader(headers[i], headers[i + 1]);
        }
        return go(b.method(method, HttpRequest.BodyPublishers.ofString(body, StandardCharsets.ISO_8859_1)));
    }

    /** Sends bytes without telling how many. */
    public Answer streamed(String method, String path, byte[] body) {
        return go(request(path)
                .header("Content-Type", "application/json")
                .method(
                        method,
                        HttpRequest.BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(body))));
    }

    /** A cookie that the server has set, or null. */
    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse(null);
    }

    /** Sends JSON without the token. */
    public Answer forge(String method, String path, Object body) {
        return go(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofByteArray(JSON.writeValueAsBytes(body))));
    }

    /** Uploads files as a form does. */
    public Answer upload(Map<String, byte[]> files, Map<String, String> fields) {
        return upload("/api/scenes", files, fields);
    }

    /** Sends files in a form to some address. */
    public Answer upload(String path, Map<String, byte[]> files, Map<String, String> fields) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            for (var f : files.entrySet()) {
                part(out, "name=\"file\"; filename=\"" + f.getKey() + "\"", f.getValue());
            }
            for (var f : fields.entrySet()) {
                part(out, "name=\"" + f.getKey() + "\"", f.getValue().getBytes(StandardCharsets.UTF_8));
            }
            out.write("--edge--\r\n".getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return go(request(path)
                .header("Content-Type", "multipart/form-data; boundary=edge")
                .POST(HttpRequest.BodyPublishers.ofByteArray(out.toByteArray())));
    }

    private static void part(ByteArrayOutputStream out, String disposition, byte[] body) throws IOException {
        out.write(("--edge\r\nContent-Disposition: form-data; " + disposition + "\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        out.write(body);
        out.write("\r\n".getBytes(StandardCharsets.UTF_8));
    }

    private HttpRequest.Builder request(String path) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        return HttpRequest.newBuilder(URI.create(address + path)).header("X-XSRF-TOKEN", token);
    }

    private Answer go(HttpRequest.Builder b) {
        try {
            HttpResponse<byte[]> r = http.send(b.build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(r.statusCode(), new String(r.body(), StandardCharsets.UTF_8), r);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
