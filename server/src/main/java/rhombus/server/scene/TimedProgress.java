package rhombus.server.scene;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import rhombus.formats.upload.Progress;

/** Passes on how far work is, and keeps how long each part of it took, for the header Server-Timing (W3C). */
final class TimedProgress implements Progress {
    private final Progress to;
    private final Map<String, Long> nanos = new LinkedHashMap<>();
    private String words;
    private long since;

    TimedProgress(Progress to) {
        this.to = to;
    }

    @Override
    public void at(String now, double part) {
        begin(now);
        to.at(now, part);
    }

    /** A part begins of which nobody needs to be told meanwhile. */
    void begin(String now) {
        if (!now.equals(words)) {
            end();
            words = now;
        }
    }

    /** Ends the part that was under way. */
    void end() {
        long time = System.nanoTime();
        if (words != null) {
            nanos.merge(words, time - since, Long::sum);
        }
        words = null;
        since = time;
    }

    /** What each part took, milliseconds, in the order in which they began. */
    String header() {
        return nanos.entrySet().stream()
                .map(e -> e.getKey().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-")
                        + ";dur="
                        + e.getValue() / 100_000 / 10.0)
                .collect(Collectors.joining(", "));
    }
}
