package glimble.server.demo;

import glimble.document.Reading;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.server.graphics.GraphicMapper;
import glimble.server.graphics.GraphicStore;
import glimble.text.Typesetter;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gives a database that has never held a graphic the demo graphics. */
@Component
class DemoLoader implements ApplicationRunner {
    private final GraphicMapper mapper;
    private final GraphicStore store;
    private final Typesetter typesetter;

    DemoLoader(GraphicMapper mapper, GraphicStore store, Typesetter typesetter) {
        this.mapper = mapper;
        this.store = store;
        this.typesetter = typesetter;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (mapper.count() > 0) return;
        for (String json : DemoGraphics.all()) {
            Reading reading = GraphicJson.read(json, typesetter.fonts());
            store.add(reading.graphic()
                    .orElseThrow(() -> new IllegalStateException("a demo graphic is wrong: " + reading.problems())));
        }
    }
}
