package rhombus.server.common;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** Names of files that are taken home. */
public final class AttachmentName {
    private AttachmentName() {}

    /** A name for a file; what file systems refuse in names becomes a hyphen. */
    public static String inFileSystems(String name) {
        return name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", "-");
    }

    /** The header Content-Disposition of a file with a name. */
    public static String called(String name) {
        return ContentDisposition.attachment()
                .filename(inFileSystems(name), StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
