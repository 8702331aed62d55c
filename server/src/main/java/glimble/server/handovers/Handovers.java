package glimble.server.handovers;

import glimble.handover.Asked;
import glimble.handover.HandOver;
import glimble.handover.Handed;
import glimble.handover.Progress;
import glimble.server.handovers.HandoverState.Stage;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.typeset.JdkTypesetter;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Hands graphics over in the order in which they are asked for: those of which every frame is painted one at a time, and beside them the others,
 * which nobody has to wait for. Files are kept for a day, also over a restart where there is a folder for them.
 */
@Service
class Handovers {
    private static final Logger LOG = LoggerFactory.getLogger(Handovers.class);
    private static final int WAITING = 8;
    private static final int KEPT = 40;
    /** Pictures of one job: twenty minutes of video at 50 frames a second. */
    private static final long MOST_PICTURES = 60_000;
    /** More stills than these stand with the videos. */
    private static final int FEW = 20;

    private static final Duration HOLDS = Duration.ofDays(1);

    private static final String NOTE = ".json";
    private static final String FULL =
            "The disk of the server is all but full: less than 500 MB are free. Let go of files that were handed over, or ask whoever keeps the server.";

    private final HandOver handOver;
    private final Clock clock;
    private final Disk disk;
    private final JsonMapper json;
    /** Whether what is in the folder outlives the server. */
    private final boolean lasting;

    private final Path folder;
    private final AtomicLong last = new AtomicLong();
    private final Map<Long, Job> jobs = new ConcurrentHashMap<>();
    private final ExecutorService longOnes = oneByOne("handovers");
    private final ExecutorService quickOnes = oneByOne("quick handovers");

    private static ExecutorService oneByOne(String name) {
        return Executors.newSingleThreadExecutor(work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
        });
    }

    /** @param where files are kept; empty for as long as the server runs */
    Handovers(
            JdkTypesetter typesetter,
            Clock clock,
            Disk disk,
            JsonMapper json,
            @Value("${glimble.handovers:}") String where)
            throws IOException {
        handOver = new HandOver(typesetter);
        this.clock = clock;
        this.disk = disk;
        this.json = json;
        lasting = !where.isEmpty();
        folder = lasting ? Files.createDirectories(Path.of(where)) : Files.createTempDirectory("glimble-handovers");
        if (lasting) takeUp();
    }

    /** What a file is, beside it. */
    private record Kept(HandoverState state, Instant from) {}

    /** What was kept before the server was started; what is left of others goes. */
    private void takeUp() throws IOException {
        List<Path> found;
        try (Stream<Path> listed = Files.list(folder)) {
            found = listed.toList();
        }
        for (Path note : found) {
            if (!note.toString().endsWith(NOTE)) continue;
            try {
                Kept kept = json.readValue(Files.readString(note), Kept.class);
                Job job = new Job(kept.state(), kept.from());
                if (Files.exists(job.file())) jobs.put(job.id, job);
            } catch (JacksonException e) {
                LOG.warn("{} says nothing of a file that was handed over", note);
            }
        }
        last.set(jobs.keySet().stream().mapToLong(Long::longValue).max().orElse(0));
        for (Path file : found) {
            boolean known = jobs.values().stream().anyMatch(job -> file.equals(job.file()) || file.equals(job.note()));
            if (!known) Files.delete(file);
        }
        tidy();
    }

    /** One of them; what is told of it comes from the thread that works on it. */
    private final class Job implements Progress {
        private final long id;
        private final long graphic;
        private final int revision;
        private final String form;
        private final String name;
        private final Instant from;
        /** Of no account once it is done. */
        private final Handed handed;

        private final Asked asked;
        private volatile Stage stage = Stage.WAITING;
        private volatile boolean stopped;
        private volatile boolean full;
        private volatile int done;
        private volatile int all = 1;
        private volatile long bytes;
        private volatile String why;

        Job(long graphic, int revision, Handed handed, Asked asked) {
            id = last.incrementAndGet();
            this.graphic = graphic;
            this.revision = revision;
            this.handed = handed;
            this.asked = asked;
            form = asked.form().word();
            name = HandOver.fileName(handed, asked);
            from = clock.instant();
        }

        /** One that was done before the server was started. */
        Job(HandoverState state, Instant from) {
            id = state.id();
            graphic = state.graphic();
            revision = state.revision();
            form = state.form();
            name = state.file();
            this.from = from;
            handed = null;
            asked = null;
            stage = Stage.DONE;
            done = state.done();
            all = state.all();
            bytes = state.bytes();
        }

        Path file() {
            return folder.resolve(Long.toString(id));
        }

        Path note() {
            return folder.resolve(id + NOTE);
        }

        HandoverState state() {
            return new HandoverState(id, graphic, revision, form, name, stage, done, all, bytes, why);
        }

        @Override
        public void done(int of, int count) {
            done = of;
            all = count;
            if (!stopped && disk.isAllButFull(folder)) {
                full = true;
                stopped = true;
            }
        }

        @Override
        public boolean isStopped() {
            return stopped;
        }

        boolean isQuick() {
            return !asked.form().isOfEveryFrame() && asked.fillings().size() <= FEW;
        }

        void run() {
            if (stopped) return;
            stage = Stage.RUNNING;
            try {
                handOver.write(handed, asked, file(), this);
                if (stopped) {
                    endEarly();
                    return;
                }
                bytes = Files.size(file());
                stage = Stage.DONE;
                if (lasting) Files.writeString(note(), json.writeValueAsString(new Kept(state(), from)));
            } catch (Progress.Stopped e) {
                endEarly();
            } catch (IOException e) {
                end(Stage.FAILED, e.getMessage());
            } catch (RuntimeException e) {
                LOG.error("{} of graphic {} cannot be handed over", form, graphic, e);
                end(Stage.FAILED, "It cannot be made; the server's log says why.");
            }
            if (stopped) endEarly();
        }

        private void endEarly() {
            if (full) end(Stage.FAILED, FULL);
            else end(Stage.STOPPED, null);
        }

        private void end(Stage as, String reason) {
            why = reason;
            stage = as;
            drop();
        }

        void drop() {
            try {
                Files.deleteIfExists(file());
                Files.deleteIfExists(note());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Frames of the graphic as its samples fill it. */
    int length(Handed handed) {
        return handOver.length(handed);
    }

    /** @throws Refused if too many wait already, it is too much for one job, or there is no room on the disk */
    HandoverState ask(long graphic, int revision, Handed handed, Asked asked) {
        long pictures = handOver.pictures(handed, asked);
        if (pictures > MOST_PICTURES) {
            throw new Refused(
                    "$.rows",
                    String.format(
                            Locale.ROOT,
                            "come to %,d frames; at most %,d are made at once. Hand fewer of them over at a time",
                            pictures,
                            MOST_PICTURES));
        }
        if (disk.isAllButFull(folder)) throw new Refused("$.form", "cannot be made. " + FULL);
        return queued(graphic, revision, handed, asked);
    }

    private synchronized HandoverState queued(long graphic, int revision, Handed handed, Asked asked) {
        tidy();
        long waiting =
                jobs.values().stream().filter(job -> job.stage == Stage.WAITING).count();
        if (waiting >= WAITING) {
            throw new Refused("$.form", "has to wait: " + WAITING + " are waiting already. Ask again once one is done");
        }
        Job job = new Job(graphic, revision, handed, asked);
        jobs.put(job.id, job);
        (job.isQuick() ? quickOnes : longOnes).submit(job::run);
        return job.state();
    }

    /** What is older than a day is let go, and of the others all but the last ones. */
    private void tidy() {
        List<Job> ended = new ArrayList<>(jobs.values());
        ended.removeIf(job -> job.stage == Stage.WAITING || job.stage == Stage.RUNNING);
        ended.sort(Comparator.comparingLong((Job job) -> job.id).reversed());
        Instant until = clock.instant().minus(HOLDS);
        for (int i = 0; i < ended.size(); i++) {
            Job job = ended.get(i);
            if (i < KEPT && job.from.isAfter(until)) continue;
            jobs.remove(job.id);
            job.drop();
        }
    }

    /** The last ones first. */
    List<HandoverState> all() {
        return jobs.values().stream()
                .map(Job::state)
                .sorted(Comparator.comparingLong(HandoverState::id).reversed())
                .toList();
    }

    /** @throws NotThere if there is none, or none any more */
    HandoverState find(long id) {
        return job(id).state();
    }

    private Job job(long id) {
        Job job = jobs.get(id);
        if (job == null)
            throw new NotThere("There is no such file any more. Files are kept for a day; hand it over again.");
        return job;
    }

    /** @throws NotThere if it is not there, or not done */
    Path file(long id) {
        Job job = job(id);
        if (job.stage != Stage.DONE) throw new NotThere("This file is not done.");
        return job.file();
    }

    /** Stops it, and lets go of it. */
    void drop(long id) {
        Job job = job(id);
        job.stopped = true;
        if (job.stage == Stage.WAITING) job.stage = Stage.STOPPED;
        if (job.stage != Stage.RUNNING) {
            jobs.remove(id);
            job.drop();
        }
    }

    @PreDestroy
    void end() throws IOException {
        jobs.values().forEach(job -> job.stopped = true);
        longOnes.shutdownNow();
        quickOnes.shutdownNow();
        if (lasting) return;
        for (Job job : jobs.values()) job.drop();
        Files.deleteIfExists(folder);
    }
}
