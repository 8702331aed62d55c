package glimble.server.pictures;

import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import glimble.server.problems.Refused;
import glimble.server.work.ReadingRoom;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The pictures of the house: marks, crests and whatever documents name. */
@RestController
@RequestMapping("/api/pictures")
class PicturesController {
    private final PictureStore store;
    private final ReadingRoom room;

    PicturesController(PictureStore store, ReadingRoom room) {
        this.room = room;
        this.store = store;
    }

    /**
     * A picture that was added.
     *
     * @param removed what was taken out of it because it acts or asks elsewhere
     */
    record AddedPicture(PictureNote picture, List<String> removed) {}

    @GetMapping
    List<PictureNote> all() {
        return store.all();
    }

    /** The body is the file itself: a PNG, JPEG or SVG. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    AddedPicture add(@RequestParam String name, @RequestBody byte[] content) {
        try {
            PictureFile file = room.read(() -> PictureFile.read(content), BadPicture.class, BadPicture::new);
            return new AddedPicture(store.add(name, file), file.removed());
        } catch (BadPicture e) {
            throw new Refused("$", e.getMessage());
        }
    }

    /** Its content never changes. Opened by itself it can do nothing. */
    @GetMapping("/{key}/content")
    ResponseEntity<byte[]> content(@PathVariable String key) {
        PictureContent picture = store.content(key);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.type()))
                .header(
                        "Content-Security-Policy",
                        "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox")
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .body(picture.content());
    }

    /** Puts a picture aside; documents that name it keep it. */
    @DeleteMapping("/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String key) {
        store.setRemoved(key, true);
    }

    /** Takes back a removal. */
    @PostMapping("/{key}/restored")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable String key) {
        store.setRemoved(key, false);
    }
}
