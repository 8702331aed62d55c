package glimble.server.proofs;

import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Prover;
import glimble.prove.NamesTable;
import glimble.prove.ProofRun;
import glimble.prove.ProofSheet;
import glimble.prove.WorstFrame;
import glimble.server.graphics.GraphicSaved;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.StoredGraphic;
import glimble.server.house.HouseStore;
import glimble.server.pictures.PictureStore;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.typeset.JdkTypesetter;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;
import tools.jackson.databind.json.JsonMapper;

/** Proves revisions one after the other, each after it is saved or when it is asked for, and keeps what they came to. */
@Service
class Proofs {
    private static final Logger LOG = LoggerFactory.getLogger(Proofs.class);

    /** Seconds; a little longer than the database is waited for. */
    private static final int ENDING = 12;

    private static final String AWAY = "the database does not answer";

    private final ProofMapper mapper;
    private final GraphicStore store;
    private final HouseStore house;
    private final PictureStore pictures;
    private final JdkTypesetter typesetter;
    private final JsonMapper json;
    private final Clock clock;
    private final Map<Revision, ProofRun> running = new ConcurrentHashMap<>();
    /** Asked for, but not begun. */
    private final Set<Revision> waiting = ConcurrentHashMap.newKeySet();

    private final ExecutorService queue = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "proofs");
        thread.setDaemon(true);
        return thread;
    });

    private record Revision(long graphic, int number) {}

    Proofs(
            ProofMapper mapper,
            GraphicStore store,
            HouseStore house,
            PictureStore pictures,
            JdkTypesetter typesetter,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.store = store;
        this.house = house;
        this.pictures = pictures;
        this.typesetter = typesetter;
        this.json = json;
        this.clock = clock;
    }

    /** Waits for what is being kept, since the connections are closed next. */
    @PreDestroy
    void close() throws InterruptedException {
        waiting.clear();
        running.values().forEach(ProofRun::stop);
        queue.shutdown();
        if (!queue.awaitTermination(ENDING, TimeUnit.SECONDS)) queue.shutdownNow();
    }

    @TransactionalEventListener
    void saved(GraphicSaved saved) {
        start(saved.id(), saved.revision());
    }

    /** Begins anew, once those that were asked for before are done. */
    void start(long graphic, int revision) {
        store.find(graphic, revision);
        Revision key = new Revision(graphic, revision);
        stop(graphic, revision);
        waiting.add(key);
        queue.submit(() -> {
            // It may have been stopped, or begun by an earlier asking, in the meantime.
            if (waiting.contains(key)) prove(key);
        });
    }

    private ProofRun run(long id, int revision) {
        Graphic graphic = graphic(store.find(id, revision));
        Prover prover = new Prover(graphic, house.palette(), typesetter, pictures);
        Fillings.Made made = Fillings.made(graphic, typesetter, pictures);
        List<Filling> fillings = new ArrayList<>(made.fillings());
        mapper.names(id).ifPresent(csv -> fillings.addAll(named(csv, graphic)));
        return new ProofRun(prover, fillings, made.left());
    }

    private Graphic graphic(StoredGraphic stored) {
        return house.framed(GraphicJson.read(stored.document(), typesetter.fonts())
                .graphic()
                .orElseThrow(() -> new IllegalStateException("a stored graphic cannot be read")));
    }

    /** A table that was right for an earlier revision may name no field any more; then it is left out. */
    private static List<Filling> named(String csv, Graphic graphic) {
        try {
            return NamesTable.read(csv, graphic);
        } catch (NamesTable.BadTable e) {
            return List.of();
        }
    }

    private void prove(Revision of) {
        ProofRun run;
        try {
            run = run(of.graphic(), of.number());
            running.put(of, run);
        } catch (DataAccessException e) {
            LOG.warn("graphic {} at revision {} is not proved: {}", of.graphic(), of.number(), AWAY);
            return;
        } catch (RuntimeException e) {
            LOG.error("the proof of graphic {} at revision {} could not begin", of.graphic(), of.number(), e);
            return;
        } finally {
            // From here on it may be asked for again.
            waiting.remove(of);
        }
        try {
            ProofAnswer answer = ProofAnswer.of(of.graphic(), of.number(), run.run());
            mapper.keep(answer.note(), json.writeValueAsString(answer), clock.instant());
        } catch (DataAccessException e) {
            LOG.warn("the proof of graphic {} at revision {} is not kept: {}", of.graphic(), of.number(), AWAY);
        } catch (RuntimeException e) {
            LOG.error("the proof of graphic {} at revision {} failed", of.graphic(), of.number(), e);
        } finally {
            running.remove(of, run);
        }
    }

    List<ProofNote> current() {
        return mapper.current();
    }

    ProofAnswer answer(long graphic, int revision) {
        Revision of = new Revision(graphic, revision);
        // One that was stopped to begin anew may still be ending.
        if (waiting.contains(of)) return ProofAnswer.waiting(graphic, revision);
        ProofRun run = running.get(of);
        if (run != null) return ProofAnswer.of(graphic, revision, run.standing());
        store.find(graphic, revision);
        return mapper.result(graphic, revision)
                .map(result -> json.readValue(result, ProofAnswer.class))
                .orElse(ProofAnswer.none(graphic, revision));
    }

    void stop(long graphic, int revision) {
        waiting.remove(new Revision(graphic, revision));
        ProofRun run = running.get(new Revision(graphic, revision));
        if (run != null) run.stop();
    }

    Optional<String> names(long graphic) {
        store.find(graphic);
        return mapper.names(graphic);
    }

    /** @throws Refused if it cannot be used with the current revision */
    int keepNames(long graphic, String csv) {
        try {
            int rows = NamesTable.read(csv, graphic(store.find(graphic))).size();
            mapper.keepNames(graphic, csv, clock.instant());
            return rows;
        } catch (NamesTable.BadTable e) {
            throw new Refused("$.csv", e.getMessage());
        }
    }

    void dropNames(long graphic) {
        mapper.dropNames(graphic);
    }

    /** A page to hand over, made anew from the revision. */
    String sheet(long id, int revision) {
        if (answer(id, revision).state() == ProofAnswer.State.NONE) {
            throw new NotThere("Revision " + revision + " of graphic " + id + " is not proved yet.");
        }
        Graphic graphic = graphic(store.find(id, revision));
        ProofRun.Standing standing = run(id, revision).run();
        WorstFrame frames = new WorstFrame(graphic, house.palette(), typesetter, pictures, key -> {
            try {
                return Optional.of(pictures.content(key).content());
            } catch (NotThere e) {
                return Optional.empty();
            }
        });
        return ProofSheet.html(graphic.name() + ", revision " + revision, standing, graphic.proof(), frames);
    }
}
