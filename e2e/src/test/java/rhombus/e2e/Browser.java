package rhombus.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.server.RunningServer;

/** Debian's Chromium, started once a JVM with and once without drawing, and pages in it that are signed in to the running server. */
final class Browser {
    /** How a page draws where there is no graphics card. */
    private static final List<String> DRAWING =
            List.of("--use-angle=swiftshader", "--enable-unsafe-swiftshader", "--ignore-gpu-blocklist");

    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            "--js-flags=--expose-gc",
            "--enable-precise-memory-info");
    /** Where the page of scenes takes files; no other page has it, so whoever fills it is there. */
    static final String SCENE_FILES = "[aria-label='Scene files']";

    private static final Path NOTHING_DRAWN = Path.of("src/test/resources/nothing-drawn.js");

    /** Whether pages that are opened now draw; {@link Drawn} says so. */
    static boolean draws;

    private static Playwright playwright;
    private static com.microsoft.playwright.Browser withDrawing;
    private static com.microsoft.playwright.Browser withoutDrawing;

    private Browser() {}

    /** The one that draws, as people have it. */
    private static synchronized com.microsoft.playwright.Browser drawing() {
        if (withDrawing == null) {
            withDrawing = launch("chromium", DRAWING);
        }
        return withDrawing;
    }

    /** One that has nothing to draw but the page, and no window around it; it is ready in a third of the time. */
    private static synchronized com.microsoft.playwright.Browser plain() {
        if (withoutDrawing == null) {
            withoutDrawing = launch("chromium-headless-shell", List.of("--disable-gpu"));
        }
        return withoutDrawing;
    }

    private static com.microsoft.playwright.Browser launch(String program, List<String> more) {
        if (playwright == null) {
            playwright = Playwright.create(new Playwright.CreateOptions()
                    .setEnv(Map.of("PLAYWRIGHT_NODEJS_PATH", onPath("node"), "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(onPath(program)))
                        .setArgs(
                                Stream.concat(ARGUMENTS.stream(), more.stream()).toList()));
    }

    static String onPath(String program) {
        return Stream.of((System.getenv("PATH") + ":/usr/bin").split(":"))
                .map(d -> new File(d, program))
                .filter(File::canExecute)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(program + " is not installed"))
                .getPath();
    }

    /** A page of its own, 1280 x 800, whose failures of script are collected. */
    static Page page(ColorScheme scheme, List<String> failures) {
        return page(options().setColorScheme(scheme), failures);
    }

    /** The same, dark, in a browser that prefers a language. */
    static Page page(String language, List<String> failures) {
        return page(options().setColorScheme(ColorScheme.DARK).setLocale(language), failures);
    }

    private static com.microsoft.playwright.Browser.NewContextOptions options() {
        return new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800);
    }

    /** A page in a context of its own. */
    static Page page(com.microsoft.playwright.Browser.NewContextOptions options) {
        BrowserContext context = (draws ? drawing() : plain())
                .newContext(options.setBaseURL(RunningServer.get().address()));
        if (!draws) {
            context.addInitScript(NOTHING_DRAWN);
        }
        Page page = context.newPage();
        page.setDefaultTimeout(60_000);
        return page;
    }

    private static Page page(com.microsoft.playwright.Browser.NewContextOptions options, List<String> failures) {
        Page page = page(options);
        page.onPageError(failures::add);
        page.onConsoleMessage(m -> {
            // A refused request is an answer that tests look at; anything else in the console is a fault.
            // What the graphics card refuses comes as a warning.
            if (m.text().contains("GL_INVALID") || m.text().contains("program not valid")) {
                failures.add(m.text());
            }
            if (m.type().equals("error") && !m.text().startsWith("Failed to load resource")) {
                failures.add(m.text());
            }
        });
        return page;
    }

    /** Ends a page with its context, and what the server knows of its windows: whoever opens the scene next is alone with it. */
    static void close(Page page) {
        page.context().close();
        RunningServer.get().bean(JdbcTemplate.class).update("DELETE FROM open_window");
    }

    /** The same, dark. */
    static Page page() {
        return page(ColorScheme.DARK, new ArrayList<>());
    }

    /** Signs in as the page's browser, without the form, goes to the scenes, and waits until they can be worked with. */
    static void signIn(Page page, String name, String password) {
        enter(page, name, password);
        page.navigate("/scenes");
        page.locator(SCENE_FILES).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
    }

    /** Signs in without the form; the page is where it was. */
    static void enter(Page page, String name, String password) {
        page.request().get("/api/start");
        send(page, "/api/session", RequestOptions.create().setData(Map.of("name", name, "password", password)));
    }

    /** Signs in, brings a file in without the page of scenes, and opens it. */
    static Hand bring(Page page, String name, FilePayload file) {
        enter(page, name, "tide-and-timber");
        String made = send(
                page,
                "/api/scenes",
                RequestOptions.create().setMultipart(FormData.create().set("file", file)));
        page.navigate("/scenes/" + made.replaceAll("(?s).*?\"id\":\"([^\"]+)\".*", "$1"));
        return Hand.ready(page);
    }

    private static String send(Page page, String path, RequestOptions request) {
        String token = page.context().cookies(RunningServer.get().address()).stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        APIResponse answer = page.request().post(path, request.setHeader("X-XSRF-TOKEN", token));
        if (!answer.ok()) {
            throw new AssertionError(path + " answered " + answer.status() + ": " + answer.text());
        }
        return answer.text();
    }

    /** Signs in through the form. */
    static void signInByForm(Page page, String name, String password) {
        page.navigate("/sign-in");
        page.fill("#name", name);
        page.fill("#password", password);
        page.click("button[type=submit]");
        page.waitForURL("**/scenes");
    }
}
