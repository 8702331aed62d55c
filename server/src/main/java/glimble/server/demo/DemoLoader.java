package glimble.server.demo;

import glimble.cue.Cue;
import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import glimble.cue.Follow;
import glimble.document.Reading;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.pictures.BadPicture;
import glimble.formats.pictures.PictureFile;
import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.graphic.Graphic;
import glimble.server.cues.SheetStore;
import glimble.server.feeds.FeedMapper;
import glimble.server.graphics.GraphicMapper;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.SaveId;
import glimble.server.graphics.StoredGraphic;
import glimble.server.house.House;
import glimble.server.house.HouseStore;
import glimble.server.people.People;
import glimble.server.people.PeopleStore;
import glimble.server.pictures.PictureStore;
import glimble.server.proofs.ProofAsked;
import glimble.server.spelling.Spelling;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Gives a database that has never held a graphic the demo graphics, one without a house style the demo's, and likewise pictures, a cue sheet, people and words. */
@Component
class DemoLoader implements ApplicationRunner {
    private static final String STRAP = "wind-strap";
    private static final String FEED = "Results";
    private static final int FEED_SECONDS = 1;

    private final GraphicMapper mapper;
    private final GraphicStore store;
    private final HouseStore house;
    private final PictureStore pictures;
    private final SheetStore sheets;
    private final PeopleStore people;
    private final Spelling spelling;
    private final JsonMapper json;
    private final Typesetter typesetter;
    private final ApplicationEventPublisher events;
    private final FeedMapper feeds;
    private final String feed;

    DemoLoader(
            GraphicMapper mapper,
            GraphicStore store,
            HouseStore house,
            PictureStore pictures,
            SheetStore sheets,
            PeopleStore people,
            Spelling spelling,
            JsonMapper json,
            Typesetter typesetter,
            ApplicationEventPublisher events,
            FeedMapper feeds,
            @Value("${glimble.demo-feed:http://127.0.0.1:8091/heat.json}") String feed) {
        this.feeds = feeds;
        this.feed = feed;
        this.events = events;
        this.pictures = pictures;
        this.sheets = sheets;
        this.people = people;
        this.spelling = spelling;
        this.json = json;
        this.mapper = mapper;
        this.store = store;
        this.house = house;
        this.typesetter = typesetter;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (house.current().revision() == 0) house.save(json.readValue(DemoGraphics.house(), House.class), SaveId.NONE);
        if (pictures.isEmpty()) addPictures();
        if (mapper.count() == 0) addGraphics();
        if (sheets.isEmpty()) {
            feeds.add(FEED, feed, FEED_SECONDS);
            addSheet();
        }
        if (people.current().revision() == 0) addPeople();
        if (spelling.isEmpty()) DemoGraphics.words().forEach(spelling::accept);
    }

    private void addPeople() {
        try {
            Table table = Table.read(DemoGraphics.people());
            List<People.Column> columns = table.columns().stream()
                    .map(name -> new People.Column(name, List.of(name)))
                    .toList();
            List<List<String>> rows =
                    table.rows().stream().map(Table.TableRow::cells).toList();
            people.save(new People(0, columns, rows), SaveId.NONE);
        } catch (BadTable e) {
            throw new IllegalStateException("the demo people are wrong", e);
        }
    }

    /** Of a cue whose graphic is not there any more there is none. */
    private void addSheet() {
        Map<String, StoredGraphic> byName = new HashMap<>();
        for (StoredGraphic stored : store.all())
            byName.put(read(stored.document()).name(), stored);
        DemoSheet demo = json.readValue(DemoGraphics.cueSheet(), DemoSheet.class);
        List<Cue> cues = new ArrayList<>();
        for (DemoCue cue : demo.cues()) {
            StoredGraphic of = byName.get(cue.graphic());
            if (of == null) continue;
            CueNumber number = CueNumber.read(cue.number()).orElseThrow();
            String note = cue.note() == null ? "" : cue.note();
            Map<String, String> dials = cue.dials() == null ? Map.of() : cue.dials();
            Optional<Follow> follow = cue.follow() == null ? Optional.empty() : Optional.of(follows(cue.follow()));
            cues.add(new Cue("demo-" + cues.size(), number, of.id(), of.revision(), cue.values(), dials, follow, note));
        }
        sheets.add(new CueSheet(demo.name(), cues), SaveId.NONE);
    }

    private record DemoSheet(String name, List<DemoCue> cues) {}

    private Follow follows(List<Follow.Bound> bound) {
        long feed = feeds.named(FEED).orElseThrow().id();
        return new Follow(feed, FEED_SECONDS, bound);
    }

    /**
     * @param dials null for as designed
     * @param follow which columns of the demo's feed stand in which fields; null for none
     * @param note null for none
     */
    private record DemoCue(
            String number,
            String graphic,
            Map<String, String> values,
            Map<String, String> dials,
            List<Follow.Bound> follow,
            String note) {}

    private void addGraphics() {
        for (String json : DemoGraphics.all()) {
            StoredGraphic added = store.add(read(json), SaveId.NONE);
            if (json.equals(DemoGraphics.named(STRAP))) addFaulty(added);
            else events.publishEvent(new ProofAsked(added.id(), added.revision(), false));
        }
    }

    /** A second revision with faults on purpose, and the sound one again as the third. */
    private void addFaulty(StoredGraphic strap) {
        store.save(strap.id(), strap.revision(), read(DemoGraphics.faulty()), SaveId.NONE);
        store.nameRevision(strap.id(), strap.revision() + 1, "five faults on purpose");
        store.save(strap.id(), strap.revision() + 1, read(strap.document()), SaveId.NONE);
        for (int revision : new int[] {strap.revision() + 1, strap.revision() + 2}) {
            events.publishEvent(new ProofAsked(strap.id(), revision, false));
        }
    }

    private Graphic read(String json) {
        Reading reading = GraphicJson.read(json, typesetter.fonts());
        return reading.graphic()
                .orElseThrow(() -> new IllegalStateException("a demo graphic is wrong: " + reading.problems()));
    }

    private void addPictures() {
        DemoGraphics.pictures().forEach((key, content) -> {
            try {
                pictures.add(key, PictureFile.read(content));
            } catch (BadPicture e) {
                throw new IllegalStateException("a demo picture is wrong", e);
            }
        });
    }
}
