package glimble.server.house;

import glimble.graphic.SafeAreas;
import glimble.server.problems.Refused;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The house style: what all graphics share. */
@RestController
@RequestMapping("/api/house")
class HouseController {
    private final HouseStore store;

    HouseController(HouseStore store) {
        this.store = store;
    }

    @GetMapping
    House house() {
        return store.current();
    }

    /** The revision that is sent is the one that was changed. */
    @PutMapping
    House save(@RequestBody HouseRequest request) {
        if (request.palette() == null) throw new Refused("$.palette", "is missing; send all entries");
        if (request.styles() == null) throw new Refused("$.styles", "is missing; send all entries");
        if (request.safe() == null) throw new Refused("$.safe", "is missing; send action and title");
        return store.save(
                new House(request.revision(), request.palette(), request.styles(), request.safe(), request.gestures()));
    }

    record HouseRequest(
            int revision,
            List<House.PaletteEntry> palette,
            List<House.StyleEntry> styles,
            SafeAreas safe,
            List<House.GestureEntry> gestures) {}
}
