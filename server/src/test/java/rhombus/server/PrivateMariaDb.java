package rhombus.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A MariaDB of its own for tests: in a temporary folder, on loopback, gone with the JVM even when that is killed. */
public final class PrivateMariaDb {
    private static final String PASSWORD = "only-for-tests";
    private final Path home;
    private final int port;
    private Process process;

    /** Sets one up and starts it. */
    public PrivateMariaDb() {
        try {
            home = Files.createTempDirectory("rhombus-db");
            try (ServerSocket s = new ServerSocket()) {
                s.bind(new InetSocketAddress("127.0.0.1", 0));
                port = s.getLocalPort();
            }
            String user = System.getProperty("user.name");
            run(List.of(
                    "mariadb-install-db",
                    "--no-defaults",
                    "--datadir=" + home.resolve("data"),
                    "--auth-root-authentication-method=normal",
                    "--skip-test-db",
                    "--skip-name-resolve",
                    "--user=" + user));
            Files.createDirectories(home.resolve("tmp"));
            Files.writeString(
                    home.resolve("init.sql"),
                    "CREATE DATABASE IF NOT EXISTS rhombus CHARACTER SET utf8mb4;\n"
                            + "CREATE USER IF NOT EXISTS 'rhombus'@'127.0.0.1' IDENTIFIED BY '" + PASSWORD + "';\n"
                            + "GRANT ALL ON rhombus.* TO 'rhombus'@'127.0.0.1';\n");
            start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Runtime.getRuntime().addShutdownHook(new Thread(this::remove));
    }

    private static void run(List<String> command) throws IOException {
        Process p = builder(command).redirectErrorStream(true).start();
        String out = new String(p.getInputStream().readAllBytes());
        try {
            if (p.waitFor() != 0) {
                throw new IOException(out);
            }
        } catch (InterruptedException e) {
            throw new IOException(e);
        }
    }

    private static ProcessBuilder builder(List<String> command) {
        ProcessBuilder b = new ProcessBuilder(command);
        // A zone far from the tests' own: what takes one for the other is found.
        b.environment().put("TZ", "Asia/Tokyo");
        b.environment().merge("PATH", "/usr/sbin", (a, c) -> a + ":" + c);
        return b;
    }

    /** Starts the database again after {@link #stop}, with what it held. */
    public void start() {
        List<String> c =
                new ArrayList<>(List.of("sh", "-c", "\"$@\" </dev/null & p=$!; read x; kill $p; wait $p", "sh"));
        c.addAll(List.of(
                "mariadbd",
                "--no-defaults",
                "--user=" + System.getProperty("user.name"),
                "--datadir=" + home.resolve("data"),
                "--socket=" + home.resolve("tmp/s"),
                "--pid-file=" + home.resolve("tmp/p"),
                "--tmpdir=" + home.resolve("tmp"),
                "--bind-address=127.0.0.1",
                "--port=" + port,
                "--skip-name-resolve",
                "--character-set-server=utf8mb4",
                "--max-allowed-packet=64M",
                "--skip-log-bin",
                "--init-file=" + home.resolve("init.sql")));
        try {
            process = builder(c)
                    .redirectErrorStream(true)
                    .redirectOutput(home.resolve("log").toFile())
                    .start();
            for (int i = 0; i < 150; i++) {
                try (Socket s = new Socket()) {
                    s.connect(new InetSocketAddress("127.0.0.1", port), 200);
                    return;
                } catch (IOException notYet) {
                    Thread.sleep(100);
                }
            }
            throw new IOException("no database: " + Files.readString(home.resolve("log")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Ends the database and waits until it has. */
    public void stop() {
        try {
            process.getOutputStream().close();
            process.waitFor();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void remove() {
        if (process.isAlive()) {
            stop();
        }
        try (Stream<Path> all = Files.walk(home)) {
            all.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            // A leftover folder under the temporary directory harms nobody.
        }
    }

    /** Where it answers, as application properties. */
    public String[] properties() {
        return new String[] {
            "--spring.datasource.url=jdbc:mariadb://127.0.0.1:" + port
                    + "/rhombus?useServerPrepStmts=true&connectTimeout=1000",
            "--spring.datasource.username=rhombus",
            "--spring.datasource.password=" + PASSWORD
        };
    }
}
