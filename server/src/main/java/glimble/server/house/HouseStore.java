package glimble.server.house;

import glimble.document.Problem;
import glimble.graphic.Palette;
import glimble.server.house.House.PaletteEntry;
import glimble.server.problems.Refused;
import glimble.server.problems.StaleHouse;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps the house style. The last one read or saved is also kept here, so that graphics are worked out without asking the
 * database on every keystroke, and also while it is away.
 */
@Service
public class HouseStore {
    private static final int MOST_ENTRIES = 100;
    private static final String COLOUR = "#([0-9A-Fa-f]{6}|[0-9A-Fa-f]{8})";
    private static final String NAME = "[\\p{L}\\p{Nd}][\\p{L}\\p{Nd} -]{0,58}";

    private final HouseMapper mapper;
    private final JsonMapper json;
    private final Clock clock;
    private volatile House known;

    HouseStore(HouseMapper mapper, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.json = json;
        this.clock = clock;
    }

    public House current() {
        House current = mapper.current().map(this::read).orElse(new House(0, List.of()));
        known = current;
        return current;
    }

    /** The colours as they were when last read or saved. */
    public Palette palette() {
        House house = known == null ? current() : known;
        Map<String, String> colours = new LinkedHashMap<>();
        for (PaletteEntry entry : house.palette()) colours.put(entry.name(), entry.colour());
        return new Palette(colours);
    }

    private House read(StoredHouse stored) {
        PaletteEntry[] palette = json.readValue(stored.document(), PaletteEntry[].class);
        return new House(stored.revision(), List.of(palette));
    }

    /**
     * @param house its revision is the one that was changed
     * @throws StaleHouse if somebody has saved another one since
     * @throws Refused if a name or colour is not one
     */
    @Transactional
    public House save(House house) {
        check(house.palette());
        House current = current();
        if (current.revision() != house.revision()) throw new StaleHouse(house.revision(), current.revision());
        House next = new House(current.revision() + 1, house.palette());
        try {
            mapper.add(next.revision(), json.writeValueAsString(next.palette()), clock.instant());
        } catch (DuplicateKeyException e) {
            throw new StaleHouse(house.revision(), next.revision());
        }
        known = next;
        return next;
    }

    private static void check(List<PaletteEntry> palette) {
        List<Problem> problems = new ArrayList<>();
        if (palette.size() > MOST_ENTRIES) {
            throw new Refused(
                    "$.palette", "has " + palette.size() + " entries; at most " + MOST_ENTRIES + " are allowed");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < palette.size(); i++) {
            PaletteEntry entry = palette.get(i);
            String path = "$.palette[" + i + "]";
            boolean named = entry.name() != null
                    && entry.name().matches(NAME)
                    && entry.name().equals(entry.name().strip());
            if (!named)
                problems.add(new Problem(path + ".name", "must be a name of letters, digits, spaces and dashes"));
            else if (!names.add(entry.name())) problems.add(new Problem(path + ".name", "is used twice"));
            if (entry.colour() == null || !entry.colour().matches(COLOUR)) {
                problems.add(
                        new Problem(path + ".colour", "must be a colour like '#7AD3C0', or '#7AD3C080' with alpha"));
            }
        }
        if (!problems.isEmpty()) throw new Refused(problems);
    }
}
