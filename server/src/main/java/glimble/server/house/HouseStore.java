package glimble.server.house;

import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.server.graphics.SaveId;
import glimble.server.house.House.GestureEntry;
import glimble.server.house.House.PaletteEntry;
import glimble.server.house.House.StyleEntry;
import glimble.server.problems.Refused;
import glimble.server.problems.StaleHouse;
import glimble.server.work.InOneTransaction;
import glimble.text.Typesetter;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps the house style. The last one read or saved is also kept here, so that graphics are worked out without asking the
 * database on every keystroke, and also while it is away.
 */
@Service
public class HouseStore {
    private final HouseMapper mapper;
    private final JsonMapper json;
    private final Typesetter typesetter;
    private final Clock clock;
    private final ApplicationEventPublisher events;
    private volatile House known;

    HouseStore(
            HouseMapper mapper, JsonMapper json, Typesetter typesetter, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.typesetter = typesetter;
        this.mapper = mapper;
        this.json = json;
        this.clock = clock;
    }

    /** What no other house is known by. */
    public String id() {
        return mapper.id();
    }

    public House current() {
        House current = mapper.current().map(this::read).orElse(House.NONE);
        keep(current);
        return current;
    }

    /** What was read while a newer one was saved is not the last one. */
    private synchronized void keep(House read) {
        if (known == null || read.revision() >= known.revision()) known = read;
    }

    /** As it is, or as it was when last read or saved while the database is away. */
    public House lately() {
        try {
            return current();
        } catch (DataAccessException e) {
            if (known == null) throw e;
            return known;
        }
    }

    /** As it was when last read or saved. */
    public House known() {
        return known == null ? current() : known;
    }

    /** As it was at a revision; empty before the first. */
    public House at(int revision) {
        return known().revision() == revision
                ? known()
                : mapper.at(revision).map(this::read).orElse(House.NONE);
    }

    /** The colours as they were when last read or saved. */
    public Palette palette() {
        return known().colours();
    }

    /** A graphic as the house wants it: with its safe areas, and on whole px or not. */
    public Graphic framed(Graphic graphic) {
        return known().framed(graphic);
    }

    private House read(StoredHouse stored) {
        StoredStyle style = json.readValue(stored.document(), StoredStyle.class);
        return new House(
                stored.revision(),
                style.palette(),
                style.styles(),
                style.safe(),
                style.wholePixels(),
                style.gestures(),
                style.air());
    }

    /** What is written to the database; the revision stands beside it. */
    private record StoredStyle(
            List<PaletteEntry> palette,
            List<StyleEntry> styles,
            SafeAreas safe,
            Boolean wholePixels,
            List<GestureEntry> gestures,
            House.AirRules air) {
        static StoredStyle of(House house) {
            return new StoredStyle(
                    house.palette(), house.styles(), house.safe(), house.wholePixels(), house.gestures(), house.air());
        }
    }

    /**
     * @param house its revision is the one that was changed
     * @param saveId of a save that may have been kept already: then that is the answer, and nothing is saved
     * @throws StaleHouse if somebody has saved another one since
     * @throws DuplicateKeyException if somebody saves at the same time; asked again it says which of these two it was
     * @throws Refused if something of it is not as it may be
     */
    @InOneTransaction
    public House save(House house, SaveId saveId) {
        HouseCheck.check(house, typesetter.fonts());
        Optional<House> kept = saveId.text().flatMap(mapper::findSave).map(this::read);
        if (kept.isPresent()) return kept.get();
        House current = current();
        if (current.revision() != house.revision()) throw new StaleHouse(house.revision(), current.revision());
        House next = house.at(current.revision() + 1).workedOut();
        mapper.add(
                next.revision(),
                json.writeValueAsString(StoredStyle.of(next)),
                clock.instant(),
                saveId.text().orElse(null));
        events.publishEvent(new HouseChanged(current, next));
        return next;
    }

    /** Only what was really kept is known, before anybody else hears of it. */
    @Order(Ordered.HIGHEST_PRECEDENCE)
    @TransactionalEventListener
    void saved(HouseChanged changed) {
        keep(changed.after());
    }
}
