package glimble.server.cues;

import glimble.cue.CueSheet;
import glimble.cue.SheetMerge;
import glimble.server.graphics.SaveId;
import glimble.server.problems.NotThere;
import glimble.server.work.InOneTransaction;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps cue sheets. Every change is a revision of its own. A change names the revision it was made to; what others have changed since goes
 * together with it unless it is the same field of the same cue.
 */
@Service
public class SheetStore {
    private final SheetMapper mapper;
    private final JsonMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    SheetStore(SheetMapper mapper, JsonMapper json, Clock clock, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    public List<SheetNote> all() {
        return mapper.all();
    }

    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    /** @throws NotThere if there is no such sheet */
    public StoredSheet find(long id) {
        return mapper.find(id).orElseThrow(() -> none(id));
    }

    private static NotThere none(long id) {
        return new NotThere("There is no cue sheet " + id + ".");
    }

    /** @throws NotThere if there is no such sheet or revision */
    public StoredSheet find(long id, int revision) {
        return mapper.findRevision(id, revision)
                .orElseThrow(() -> new NotThere("There is no revision " + revision + " of cue sheet " + id + "."));
    }

    public CueSheet read(StoredSheet stored) {
        return json.readValue(stored.document(), SheetJson.class).sheet();
    }

    @InOneTransaction
    public StoredSheet add(CueSheet sheet, SaveId saveId) {
        Optional<StoredSheet> kept = saveId.text().flatMap(mapper::findSave);
        if (kept.isPresent()) return kept.get();
        NewSheet added = new NewSheet(sheet.name(), sheet.cues().size(), now());
        mapper.addSheet(added);
        return addRevision(added.getId(), 1, sheet, added.getSavedAt(), saveId);
    }

    /**
     * @param basedOn the revision that was changed
     * @param change from what that was to what is wanted
     * @param saveId of a change that may have been kept already: then that is the answer, and nothing is changed
     * @throws StaleSheet if somebody has changed the same since
     * @throws NotThere if there is no such sheet or revision
     */
    @InOneTransaction
    public StoredSheet change(long id, int basedOn, UnaryOperator<CueSheet> change, SaveId saveId) {
        int current = mapper.lockedRevision(id).orElseThrow(() -> none(id));
        Optional<StoredSheet> kept = saveId.text().flatMap(mapper::findSave).filter(of -> of.id() == id);
        if (kept.isPresent()) return kept.get();
        CueSheet base = read(find(id, basedOn));
        return merged(id, current, base, change.apply(base), saveId);
    }

    /**
     * Takes one change back, past whatever others have done since.
     *
     * @param revision that it made
     * @throws StaleSheet if somebody has changed the same since
     * @throws NotThere if there is no such sheet or change
     */
    @InOneTransaction
    public StoredSheet undo(long id, int revision, SaveId saveId) {
        int current = mapper.lockedRevision(id).orElseThrow(() -> none(id));
        Optional<StoredSheet> kept = saveId.text().flatMap(mapper::findSave).filter(of -> of.id() == id);
        if (kept.isPresent()) return kept.get();
        return merged(id, current, read(find(id, revision)), read(find(id, revision - 1)), saveId);
    }

    private StoredSheet merged(long id, int current, CueSheet base, CueSheet mine, SaveId saveId) {
        StoredSheet stored = find(id);
        CueSheet theirs = read(stored);
        SheetMerge.Merged merged = SheetMerge.of(base, mine, theirs);
        if (!merged.conflicts().isEmpty()) throw new StaleSheet(merged.conflicts(), stored);
        SheetRules.check(merged.sheet());
        if (merged.sheet().equals(theirs)) return stored;
        StoredSheet saved = addRevision(id, current + 1, merged.sheet(), now(), saveId);
        mapper.makeCurrent(
                id,
                saved.revision(),
                merged.sheet().name(),
                merged.sheet().cues().size(),
                saved.savedAt());
        return saved;
    }

    /**
     * Puts a sheet aside, or brings it back.
     *
     * @throws NotThere if there has never been such a sheet
     */
    @InOneTransaction
    public void setAside(long id, boolean aside) {
        if (mapper.setAside(id, aside) == 0) throw none(id);
    }

    private StoredSheet addRevision(long id, int revision, CueSheet sheet, Instant savedAt, SaveId saveId) {
        String document = json.writeValueAsString(SheetJson.of(sheet));
        mapper.addRevision(id, revision, document, savedAt, saveId.text().orElse(null));
        events.publishEvent(new SheetChanged(id, revision));
        return new StoredSheet(id, revision, savedAt, document);
    }

    /** As exact as the database keeps it. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
