package rhombus.server.picture;

import java.io.IOException;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.Semaphore;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;
import rhombus.server.scene.SceneImports;

/** Pictures that are brought behind the views of a scene. */
@RestController
public class PictureController {
    private static final int MOST = 100;
    private static final int LONGEST_NAME = 200;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final SceneImports scenes;
    private final PictureMapper mapper;
    /** One is decoded at a time: each may take some hundred megabytes for a moment. */
    private final Semaphore turn = new Semaphore(1, true);

    PictureController(SceneImports scenes, PictureMapper mapper) {
        this.scenes = scenes;
        this.mapper = mapper;
    }

    /**
     * A picture of a scene.
     *
     * @param id names it in the scene's changes
     * @param name as its file was called
     * @param width pixels, as it is kept
     * @param height pixels, as it is kept
     */
    record Brought(String id, String name, int width, int height) {}

    @GetMapping("/api/scenes/{id}/pictures")
    List<Brought> list(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        scenes.found(who.id(), id);
        return mapper.list(who.id(), id).stream()
                .map(r -> new Brought(r.id(), r.name(), r.width(), r.height()))
                .toList();
    }

    /** Takes a PNG or JPEG file; it is encoded anew, and made smaller if a side is longer than 4096 pixels. */
    @PostMapping("/api/scenes/{id}/pictures")
    @ResponseStatus(HttpStatus.CREATED)
    Brought add(
            @AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestParam("file") MultipartFile file)
            throws IOException, InterruptedException {
        scenes.found(who.id(), id);
        byte[] bytes = file.getBytes();
        EncodedPicture e;
        turn.acquire();
        try {
            e = PictureFiles.read(bytes);
        } finally {
            turn.release();
        }
        String name = name(file.getOriginalFilename());
        byte[] random = new byte[16];
        RANDOM.nextBytes(random);
        String key = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
        return scenes.holding(who.id(), id, () -> {
            if (mapper.count(who.id(), id) >= MOST) {
                throw new RequestRefused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This scene has had 100 pictures, which are kept for undoing. Use one of them again.");
            }
            mapper.add(key, who.id(), id, name, e.type(), e.width(), e.height(), e.data());
            return new Brought(key, name, e.width(), e.height());
        });
    }

    private static String name(String file) {
        String s = file == null ? "" : file.replaceAll("\\p{Cntrl}", " ").strip();
        int dot = s.lastIndexOf('.');
        s = dot > 0 ? s.substring(0, dot) : s;
        return s.isEmpty() ? "Picture" : s.length() > LONGEST_NAME ? s.substring(0, LONGEST_NAME) : s;
    }

    @GetMapping("/api/scenes/{id}/pictures/{picture}")
    ResponseEntity<byte[]> one(
            @AuthenticationPrincipal SignedIn who, @PathVariable String id, @PathVariable String picture) {
        scenes.found(who.id(), id);
        PictureMapper.Data d = mapper.data(who.id(), id, picture);
        if (d == null) {
            throw RequestRefused.notFound("picture");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(d.type()))
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(d.data());
    }
}
