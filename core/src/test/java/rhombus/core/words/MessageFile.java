package rhombus.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/** A message file as pages read it: {@code name=text} in each line, and lines that begin with {@code #}. */
public final class MessageFile {
    private MessageFile() {}

    /** All messages of a file beside the words; each name may be there once. */
    public static Map<String, String> of(String file) throws IOException {
        Map<String, String> out = new LinkedHashMap<>();
        try (InputStream in = MessageFile.class.getResourceAsStream("/rhombus/words/" + file)) {
            assertThat(in).as(file).isNotNull();
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (line.isBlank() || line.startsWith("#")) {
                    continue;
                }
                int at = line.indexOf('=');
                assertThat(at).as(line).isPositive();
                assertThat(out.put(line.substring(0, at), line.substring(at + 1)))
                        .as("twice in %s: %s", file, line)
                        .isNull();
            }
        }
        return out;
    }
}
