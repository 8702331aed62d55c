package glimble.server.proofs;

import glimble.cue.CueCheck;
import glimble.formats.GraphicJson;
import glimble.formats.tables.BadTable;
import glimble.graphic.Graphic;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Prover;
import glimble.prove.NamesTable;
import glimble.prove.ProofRun;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.StoredGraphic;
import glimble.server.house.HouseStore;
import glimble.server.pictures.PictureStore;
import glimble.server.problems.Refused;
import glimble.server.work.Quiet;
import glimble.typeset.JdkTypesetter;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;
import tools.jackson.databind.json.JsonMapper;

/** Proves revisions and keeps what they came to. */
@Service
class Proofs {
    private static final Logger LOG = LoggerFactory.getLogger(Proofs.class);
    /** Nanoseconds for which whoever has looked at a proof waits. */
    private static final long LOOKED = 5_000_000_000L;
    /** ms by which one filling is put off at most. */
    private static final long PATIENCE = 300;

    private final ProofMapper mapper;
    private final GraphicStore store;
    private final HouseStore house;
    private final PictureStore pictures;
    private final JdkTypesetter typesetter;
    private final JsonMapper json;
    private final Clock clock;
    private final Quiet quiet;
    private final Map<Revision, ProofRun> running = new ConcurrentHashMap<>();
    private final Semaphore behind = new Semaphore(1);
    /** When anybody wanted to know of any proof last, nanoseconds. */
    private volatile long looked = System.nanoTime() - LOOKED;

    private volatile boolean closing;

    private record Revision(long graphic, int number) {}

    /** What was begun is to be done again after the next start. */
    private static final class Closing extends RuntimeException {}

    Proofs(
            ProofMapper mapper,
            GraphicStore store,
            HouseStore house,
            PictureStore pictures,
            JdkTypesetter typesetter,
            JsonMapper json,
            Clock clock,
            Quiet quiet) {
        this.quiet = quiet;
        this.mapper = mapper;
        this.store = store;
        this.house = house;
        this.pictures = pictures;
        this.typesetter = typesetter;
        this.json = json;
        this.clock = clock;
    }

    /** Ends what runs soon, without keeping it. */
    void close() {
        closing = true;
        running.values().forEach(ProofRun::stop);
    }

    private ProofRun run(long id, int revision) {
        // Another server may have saved another house style since.
        house.lately();
        Graphic graphic = graphic(store.find(id, revision));
        Prover prover = new Prover(graphic, house.palette(), typesetter, pictures);
        List<Filling> named = mapper.names(id).map(csv -> named(csv, graphic)).orElse(List.of());
        return ProofRun.of(prover, Fillings.made(graphic, typesetter, pictures), named);
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
        } catch (BadTable e) {
            return List.of();
        }
    }

    /**
     * Proves a revision and keeps what it came to, also if it could not be done.
     *
     * @throws DataAccessException if the database is away: then it is to be tried again
     */
    void prove(long graphic, int revision) {
        Revision of = new Revision(graphic, revision);
        try {
            ProofRun run = run(graphic, revision);
            run.setPace(this::inTurn);
            running.put(of, run);
            if (closing) throw new Closing();
            ProofAnswer answer = ProofAnswer.of(graphic, revision, run.run());
            if (closing) throw new Closing();
            keep(answer);
        } catch (DataAccessException | TransactionException | Closing e) {
            throw e;
        } catch (RuntimeException | StackOverflowError e) {
            LOG.error("the proof of graphic {} at revision {} failed", graphic, revision, e);
            keep(ProofAnswer.failed(
                    graphic,
                    revision,
                    "Something went wrong on the server while it was proved. Prove it again, or change it."));
        } finally {
            running.remove(of);
        }
    }

    private void keep(ProofAnswer answer) {
        mapper.keep(answer.note(), json.writeValueAsString(answer), clock.instant());
    }

    /**
     * While anybody looks at proofs they take all there is; otherwise one processor, and their time while anybody waits for anything else.
     */
    private List<Fault> inTurn(Supplier<List<Fault>> filling) throws InterruptedException {
        if (System.nanoTime() - looked < LOOKED) return filling.get();
        behind.acquire();
        try {
            quiet.await(PATIENCE);
            return filling.get();
        } finally {
            behind.release();
        }
    }

    List<ProofNote> current() {
        looked = System.nanoTime();
        return mapper.current();
    }

    /** Graphic and revision of each that waits or is being made. */
    Set<List<Number>> proving() {
        Set<List<Number>> proving = new HashSet<>();
        for (String instance : mapper.instances()) {
            String[] words = instance.split(":");
            proving.add(List.of(Long.parseLong(words[0]), Integer.parseInt(words[1])));
        }
        return proving;
    }

    /** Where one that is being made here stands; empty if none is. */
    Optional<ProofAnswer> standing(long graphic, int revision) {
        looked = System.nanoTime();
        return Optional.ofNullable(running.get(new Revision(graphic, revision)))
                .map(run -> ProofAnswer.of(graphic, revision, run.standing()));
    }

    /** @throws glimble.server.problems.NotThere if there is no such revision */
    void check(long graphic, int revision) {
        store.find(graphic, revision);
    }

    /** What was kept; empty if there is nothing. */
    Optional<ProofAnswer> kept(long graphic, int revision) {
        store.find(graphic, revision);
        return mapper.result(graphic, revision).map(result -> json.readValue(result, ProofAnswer.class));
    }

    void stop(long graphic, int revision) {
        ProofRun run = running.get(new Revision(graphic, revision));
        if (run != null) run.stop();
    }

    /** Stops those of all its revisions. */
    void stop(long graphic) {
        running.forEach((of, run) -> {
            if (of.graphic() == graphic) run.stop();
        });
    }

    /** Whether one was made and came to its end. */
    boolean isDone(long graphic, int revision) {
        return mapper.current().stream()
                .anyMatch(note -> note.graphic() == graphic && note.revision() == revision && note.finished());
    }

    Optional<String> names(long graphic) {
        store.find(graphic);
        return mapper.names(graphic);
    }

    /**
     * @param rows fillings that a table makes
     * @param refused those that would not be let through, with why
     */
    record Names(int rows, List<String> refused) {}

    /** @throws Refused if it cannot be used with the current revision */
    Names keepNames(long graphic, String csv) {
        try {
            Graphic proved = graphic(store.find(graphic));
            List<Filling> rows = NamesTable.read(csv, proved);
            mapper.keepNames(graphic, csv, clock.instant());
            CueCheck.House known = new CueCheck.House(house.palette(), pictures);
            return new Names(rows.size(), NamesTable.refused(rows, proved, known, typesetter.writing()));
        } catch (BadTable e) {
            throw new Refused("$.csv", e.getMessage());
        }
    }

    void dropNames(long graphic) {
        mapper.dropNames(graphic);
    }

    Graphic graphic(long id, int revision) {
        return graphic(store.find(id, revision));
    }
}
