package rhombus.e2e;

import java.io.File;
import java.io.IOException;

/** A small program for node beside the front end, which reads a file on standard input and prints what it finds. */
final class Tool {
    private Tool() {}

    static String run(String script, byte[] input) throws IOException, InterruptedException {
        Process p = new ProcessBuilder("node", script)
                .directory(new File("../web"))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        Thread feed = new Thread(() -> {
            try (var out = p.getOutputStream()) {
                out.write(input);
            } catch (IOException e) {
                // The process has ended; what it printed tells why.
            }
        });
        feed.start();
        String said = new String(p.getInputStream().readAllBytes()).strip();
        p.waitFor();
        return said;
    }
}
