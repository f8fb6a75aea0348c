package rhombus.server;

import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import rhombus.server.account.Accounts;

/** The real application against a private database, started once a JVM. */
public final class RunningServer {
    private static RunningServer shared;
    private final PrivateMariaDb database = new PrivateMariaDb();
    private ConfigurableApplicationContext context;
    private int port;

    private final boolean demo;

    private RunningServer(boolean demo) {
        this.demo = demo;
        start();
        if (!demo) {
            return;
        }
        for (String name :
                List.of("mira", "ansel", "keys", "picture", "switcher", "taker", "teacher", "bench", "counter")) {
            account(name);
        }
    }

    /** Creates an account with the password tide-and-timber. */
    public void account(String name) {
        context.getBean(Accounts.class).create(name, "tide-and-timber");
    }

    /** The one of this JVM, with the two smaller demo scenes and some accounts. */
    public static synchronized RunningServer get() {
        if (shared == null) {
            shared = new RunningServer(true);
        }
        return shared;
    }

    private void start() {
        List<String> args = new ArrayList<>(List.of(database.properties()));
        args.addAll(List.of(
                "--server.port=" + port,
                "--rhombus.demo=" + demo,
                // The large one takes as long to make as the two others; bin/pictures shows all of them.
                "--rhombus.demo-scenes=" + System.getProperty("demo-scenes", "Saltmarsh Boatyard,Tidal Orrery"),
                // Where nobody has an account yet, anybody may make one.
                "--rhombus.sign-up=" + !demo,
                // Passwords of tests guard nothing.
                "--rhombus.password-strength=4",
                // The accounts of tests know their way.
                "--rhombus.first-steps=" + !demo,
                "--rhombus.trusted-proxies=127.0.0.1",
                "--spring.main.banner-mode=off"));
        context = SpringApplication.run(RhombusApplication.class, args.toArray(String[]::new));
        port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
    }

    /** Ends the application and starts it again on the same port and database. */
    public void restart() {
        context.close();
        start();
    }

    /** Another one with an empty database of its own. */
    public static RunningServer empty() {
        return new RunningServer(false);
    }

    /** Ends it for good. */
    public void close() {
        context.close();
        database.stop();
    }

    /** A part of the application. */
    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** Where it serves. */
    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Its database. */
    public PrivateMariaDb database() {
        return database;
    }
}
