package glimble.server.house;

import glimble.graphic.SafeAreas;
import glimble.server.access.Streams;
import glimble.server.graphics.SaveId;
import glimble.server.problems.Refused;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The house style: what all graphics share. */
@RestController
@RequestMapping("/api/house")
class HouseController {
    private final HouseStore store;
    private final HouseWatch watch;
    private final Streams streams;

    HouseController(HouseStore store, HouseWatch watch, Streams streams) {
        this.streams = streams;
        this.store = store;
        this.watch = watch;
    }

    @GetMapping
    House house() {
        return store.lately();
    }

    /** Events <i>revision</i>: the one that there is, and each later one. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(HttpServletRequest request) {
        return watch.open(streams.open(request));
    }

    /** The revision that is sent is the one that was changed. */
    @PutMapping
    House save(@RequestBody HouseRequest request) {
        if (request.palette() == null) throw new Refused("$.palette", "is missing; send all entries");
        if (request.styles() == null) throw new Refused("$.styles", "is missing; send all entries");
        noNull(request.palette(), "$.palette");
        noNull(request.styles(), "$.styles");
        if (request.gestures() != null) noNull(request.gestures(), "$.gestures");
        if (request.safe() == null) throw new Refused("$.safe", "is missing; send action and title");
        House house = new House(
                request.revision(),
                request.palette(),
                request.styles(),
                request.safe(),
                request.wholePixels(),
                request.gestures(),
                request.air());
        SaveId saveId = SaveId.of(request.saveId());
        try {
            return store.save(house, saveId);
        } catch (DuplicateKeyException e) {
            // Another one, or this very one sent twice, was kept in the meantime.
            return store.save(house, saveId);
        }
    }

    private static void noNull(List<?> entries, String path) {
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i) == null) throw new Refused(path + "[" + i + "]", "must be an object, not null");
        }
    }

    /**
     * @param wholePixels missing for yes
     * @param air missing for the usual
     * @param saveId missing for none
     */
    record HouseRequest(
            int revision,
            List<House.PaletteEntry> palette,
            List<House.StyleEntry> styles,
            SafeAreas safe,
            Boolean wholePixels,
            List<House.GestureEntry> gestures,
            House.AirRules air,
            String saveId) {}
}
