package rhombus.server.archive;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rhombus.server.account.SignedIn;
import rhombus.server.common.AttachmentName;
import rhombus.server.common.BodyLimits;

/** Everything that somebody has, taken home as one file and brought back. */
@RestController
public class ArchiveController {
    private final AccountArchiveWriter belongings;
    private final ArchiveReader unpacking;

    ArchiveController(AccountArchiveWriter belongings, ArchiveReader unpacking) {
        this.belongings = belongings;
        this.unpacking = unpacking;
    }

    /** A zip of all scenes with their changes, views, Pins, pictures and versions, and of boards, habits and keymaps. */
    @GetMapping(BodyLimits.ARCHIVE)
    void save(@AuthenticationPrincipal SignedIn who, HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        String name = "Rhombus - " + who.name() + " - " + LocalDate.now(ZoneOffset.UTC) + ".zip";
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, AttachmentName.called(name));
        belongings.write(who, response.getOutputStream());
    }

    /**
     * Brings such a zip back: its scenes come beside those that are there.
     *
     * @param settings whether its boards, habits and keymaps take the place of those that are there
     */
    @PostMapping(BodyLimits.ARCHIVE)
    ArchiveReader.CameBack bringBack(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(defaultValue = "false") boolean settings,
            HttpServletRequest request)
            throws IOException {
        return unpacking.read(who.id(), request.getInputStream(), settings);
    }
}
