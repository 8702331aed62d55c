package glimble.server.graphics;

import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.server.problems.NotThere;
import glimble.server.problems.Stale;
import glimble.server.work.InOneTransaction;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Keeps graphics. Every save is a revision of its own, made in one transaction; nothing is overwritten. */
@Service
public class GraphicStore {
    private final GraphicMapper mapper;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    GraphicStore(GraphicMapper mapper, Clock clock, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.clock = clock;
        this.events = events;
    }

    public List<StoredGraphic> all() {
        return mapper.all();
    }

    /** @throws NotThere if there is no such graphic */
    public StoredGraphic find(long id) {
        return mapper.find(id).orElseThrow(() -> new NotThere("There is no graphic " + id + "."));
    }

    /** @throws NotThere if there is no such graphic or revision */
    public StoredGraphic find(long id, int revision) {
        return mapper.findRevision(id, revision)
                .orElseThrow(() -> new NotThere("There is no revision " + revision + " of graphic " + id + "."));
    }

    /** @throws NotThere if there is no such graphic */
    public List<RevisionNote> revisions(long id) {
        find(id);
        return mapper.revisions(id);
    }

    @InOneTransaction
    public StoredGraphic add(Graphic graphic, SaveId saveId) {
        Optional<StoredGraphic> kept = kept(saveId);
        if (kept.isPresent()) return kept.get();
        NewGraphic added = new NewGraphic(graphic.name(), now());
        mapper.addGraphic(added);
        return addRevision(added.getId(), 1, graphic, added.getSavedAt(), saveId);
    }

    private Optional<StoredGraphic> kept(SaveId saveId) {
        return saveId.text().flatMap(mapper::findSave);
    }

    /**
     * @param basedOn the revision that was changed
     * @param saveId of a save that may have been kept already: then that is the answer, and nothing is saved
     * @throws Stale if somebody has saved another one since
     * @throws NotThere if there is no such graphic
     */
    @InOneTransaction
    public StoredGraphic save(long id, int basedOn, Graphic graphic, SaveId saveId) {
        int current = mapper.lockedRevision(id).orElseThrow(() -> new NotThere("There is no graphic " + id + "."));
        Optional<StoredGraphic> kept = kept(saveId).filter(of -> of.id() == id);
        if (kept.isPresent()) return kept.get();
        if (current != basedOn) throw new Stale(basedOn, find(id));
        StoredGraphic saved = addRevision(id, current + 1, graphic, now(), saveId);
        mapper.makeCurrent(id, saved.revision(), graphic.name(), saved.savedAt());
        mapper.dropDraft(id);
        return saved;
    }

    /** @throws NotThere if there is no such graphic */
    public Optional<StoredDraft> draft(long id) {
        find(id);
        return mapper.draft(id);
    }

    /**
     * Keeps what is being changed, in the place of what was kept before.
     *
     * @throws NotThere if there is no such graphic or revision
     */
    @InOneTransaction
    public StoredDraft keepDraft(long id, int basedOn, Graphic graphic) {
        find(id);
        find(id, basedOn);
        StoredDraft draft = new StoredDraft(basedOn, now(), GraphicJson.write(graphic));
        mapper.keepDraft(id, basedOn, draft.document(), draft.savedAt());
        return draft;
    }

    public void dropDraft(long id) {
        mapper.dropDraft(id);
    }

    /**
     * @param name what people call the revision; empty for none
     * @throws NotThere if there is no such revision
     */
    @InOneTransaction
    public void nameRevision(long id, int revision, String name) {
        find(id, revision);
        mapper.nameRevision(id, revision, name);
    }

    /**
     * Puts a graphic aside, or brings it back.
     *
     * @throws NotThere if there has never been such a graphic
     */
    @InOneTransaction
    public void setDeleted(long id, boolean deleted) {
        if (mapper.setDeleted(id, deleted) == 0) throw new NotThere("There is no graphic " + id + ".");
        events.publishEvent(deleted ? new GraphicDeleted(id) : new GraphicRestored(id, find(id).revision()));
    }

    private StoredGraphic addRevision(long id, int revision, Graphic graphic, Instant savedAt, SaveId saveId) {
        String document = GraphicJson.write(graphic);
        mapper.addRevision(id, revision, document, savedAt, saveId.text().orElse(null));
        events.publishEvent(new GraphicSaved(id, revision));
        return new StoredGraphic(id, revision, savedAt, document);
    }

    /** As exact as the database keeps it. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
