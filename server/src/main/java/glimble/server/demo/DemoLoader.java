package glimble.server.demo;

import glimble.document.Reading;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.server.graphics.GraphicMapper;
import glimble.server.graphics.GraphicStore;
import glimble.server.house.House;
import glimble.server.house.House.PaletteEntry;
import glimble.server.house.HouseStore;
import glimble.text.Typesetter;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gives a database that has never held a graphic the demo graphics, and one without a house style the demo's. */
@Component
class DemoLoader implements ApplicationRunner {
    /** The colours of Marram One. */
    private static final List<PaletteEntry> MARRAM = List.of(
            new PaletteEntry("ink", "#1F1A2B"),
            new PaletteEntry("foam", "#F4F1EA"),
            new PaletteEntry("sea-glass", "#7AD3C0"),
            new PaletteEntry("apricot", "#F2A65A"),
            new PaletteEntry("kelp", "#2F5D50"),
            new PaletteEntry("plum", "#5B3A6B"));

    private final GraphicMapper mapper;
    private final GraphicStore store;
    private final HouseStore house;
    private final Typesetter typesetter;

    DemoLoader(GraphicMapper mapper, GraphicStore store, HouseStore house, Typesetter typesetter) {
        this.mapper = mapper;
        this.store = store;
        this.house = house;
        this.typesetter = typesetter;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (house.current().revision() == 0) house.save(new House(0, MARRAM));
        if (mapper.count() > 0) return;
        for (String json : DemoGraphics.all()) {
            Reading reading = GraphicJson.read(json, typesetter.fonts());
            store.add(reading.graphic()
                    .orElseThrow(() -> new IllegalStateException("a demo graphic is wrong: " + reading.problems())));
        }
    }
}
