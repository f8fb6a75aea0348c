package rhombus.e2e;

import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** A small program for node beside the front end, which reads a file on standard input and prints what it finds. */
final class Tool {
    private Tool() {}

    static String run(String script, byte[] input, String... more) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("node", script));
        command.addAll(List.of(more));
        Process p = new ProcessBuilder(command)
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
