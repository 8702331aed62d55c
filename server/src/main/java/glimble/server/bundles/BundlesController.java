package glimble.server.bundles;

import glimble.handover.BadBundle;
import glimble.handover.Bundle;
import glimble.server.graphics.StoredGraphic;
import glimble.server.problems.Refused;
import glimble.server.work.ReadingRoom;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Bundles that are taken in: first it is looked at what they have, then they are sent again with what was asked about. */
@RestController
@RequestMapping("/api/bundles")
class BundlesController {
    private final Bundles bundles;
    private final ReadingRoom room;

    BundlesController(Bundles bundles, ReadingRoom room) {
        this.bundles = bundles;
        this.room = room;
    }

    /** @param graphic id */
    record TakenIn(long graphic) {}

    /** What is in a bundle, and what of it is asked about. The body is the file itself; nothing is kept. */
    @PostMapping(value = "/contents", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    BundleContents contents(@RequestBody byte[] content) {
        return bundles.contents(read(content));
    }

    /**
     * Takes a bundle in. The body is the file itself.
     *
     * @param answers for each clash what it is called and {@code here} or {@code other}, for instance {@code colour:Night=here}
     */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    TakenIn take(@RequestParam(required = false) List<String> answers, @RequestBody byte[] content) {
        Map<String, String> said = new LinkedHashMap<>();
        for (String answer : answers == null ? List.<String>of() : answers) {
            int end = answer.lastIndexOf('=');
            if (end > 0) said.put(answer.substring(0, end), answer.substring(end + 1));
        }
        StoredGraphic taken = bundles.take(read(content), said);
        return new TakenIn(taken.id());
    }

    private Bundle read(byte[] content) {
        try {
            return room.read(() -> bundles.read(content), BadBundle.class, BadBundle::new);
        } catch (BadBundle e) {
            throw new Refused("$", e.getMessage());
        }
    }
}
