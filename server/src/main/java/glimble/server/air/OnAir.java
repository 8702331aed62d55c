package glimble.server.air;

import glimble.air.ActRefused;
import glimble.air.Berth;
import glimble.air.Covers;
import glimble.air.Filled;
import glimble.air.Play;
import glimble.budget.Budget;
import glimble.cue.InWords;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Rate;
import glimble.reel.Reel;
import glimble.server.access.ShownPictures;
import glimble.server.graphics.Designs;
import glimble.server.house.House;
import glimble.server.house.HouseStore;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.server.work.Deadlock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is on air. Every act is kept in the log before anybody sees it; what stands is what comes of the log, so it is the same after a
 * restart. One act after the other.
 */
@Service
class OnAir implements ShownPictures {
    private static final Logger LOG = LoggerFactory.getLogger(OnAir.class);
    /** ms from an act to the frame at which it begins, so that every screen knows of it by then. */
    private static final long LEAD = 50;
    /** Frames for which what is over is still told, for screens that are a little behind. */
    private static final int BEHIND = 50;
    /** Times that an act which the database takes back because of another is written once more. */
    private static final int AGAIN = 3;

    private final AirMapper mapper;
    private final TransactionTemplate transaction;
    private final Designs designs;
    private final HouseStore house;
    private final PreparedReels reels;
    private final AirClock clock;
    private final JsonMapper json;
    private final FollowNotes notes;
    private final Map<Long, Standing> standing = new TreeMap<>();
    /** Outputs of which it is not known if the last act was kept. Whoever asks for them waits for no act. */
    private final Set<Long> doubtful = ConcurrentHashMap.newKeySet();

    /** What stands at one output. */
    private static final class Standing {
        final Output output;
        final Map<String, Berth> berths = new LinkedHashMap<>();
        final Map<String, Long> events = new TreeMap<>();
        final List<String> ahead = new ArrayList<>();
        long event;
        long frame;

        Standing(Output output) {
            this.output = output;
        }
    }

    OnAir(
            AirMapper mapper,
            TransactionTemplate transaction,
            Designs designs,
            HouseStore house,
            PreparedReels reels,
            AirClock clock,
            JsonMapper json,
            FollowNotes notes) {
        this.notes = notes;
        this.mapper = mapper;
        this.transaction = transaction;
        this.designs = designs;
        this.house = house;
        this.reels = reels;
        this.clock = clock;
        this.json = json;
    }

    List<Output> outputs() {
        return mapper.outputs();
    }

    /** @throws NotThere if there is no such output */
    synchronized AirState state(long output) {
        try {
            return state(known(output));
        } catch (DataAccessException e) {
            // What stands goes on, whatever becomes of the last act.
            Standing known = standing.get(output);
            if (known == null) throw e;
            return state(known);
        }
    }

    @Override
    public boolean isShown(long output, String picture) {
        synchronized (this) {
            Standing known = standing.get(output);
            return known != null
                    && known.berths.values().stream()
                            .flatMap(berth -> berth.plays().stream())
                            .flatMap(play -> Stream.concat(Stream.of(play.reel()), play.out().stream()))
                            .flatMap(reel -> reel.layers().stream())
                            .anyMatch(layer -> layer.picture().equals(picture));
        }
    }

    /** Whether an act may have been kept of which nobody knows; it is found out with the next state. */
    boolean isDoubtful(long output) {
        return doubtful.contains(output);
    }

    private Standing known(long id) {
        Standing known = standing.get(id);
        if (known != null && !doubtful.contains(id)) return known;
        Output output = mapper.output(id).orElseThrow(() -> new NotThere("There is no output " + id + "."));
        Standing read = new Standing(output);
        for (LogEntry entry : mapper.standing(id)) replay(read, entry);
        // Whatever was taken back by the database never was on air.
        if (known != null) read.frame = Math.max(read.frame, known.frame);
        standing.put(id, read);
        doubtful.remove(id);
        return read;
    }

    /** Does again what was done; what cannot be any more, since its graphic cannot be read, is left out and said. */
    private void replay(Standing on, LogEntry entry) {
        try {
            Berth before = berth(on, entry.berth());
            Berth after = done(before, entry.kind(), filled(entry), entry.frame(), Budget.endless());
            put(on, entry, after);
        } catch (ActRefused | NotThere | Refused e) {
            LOG.warn("Event {} cannot be done again: {}", entry.event(), e.getMessage());
        }
        on.event = Math.max(on.event, entry.event());
        on.frame = Math.max(on.frame, entry.frame());
    }

    private static Berth berth(Standing on, String name) {
        return on.berths.getOrDefault(name, Berth.EMPTY);
    }

    private static void put(Standing on, LogEntry entry, Berth after) {
        // What comes to an empty berth lies on top of what stands elsewhere.
        if (entry.afresh()) on.berths.remove(entry.berth());
        on.berths.put(entry.berth(), after);
        on.events.put(entry.berth(), entry.event());
        on.event = entry.event();
        on.frame = Math.max(on.frame, entry.frame());
    }

    private Berth done(Berth berth, ActKind kind, Filled filled, long frame, Budget budget) {
        Berth now = berth.since(frame - BEHIND);
        return switch (kind) {
            case TAKE -> now.taken(filled, frame, reels, budget);
            case CHANGE -> now.changed(filled, frame, reels, budget);
            case STEP -> now.stepped(frame);
            case OUT -> now.left(frame);
        };
    }

    /** Null for an act that fills nothing in. */
    private Filled filled(LogEntry entry) {
        if (entry.graphic() == null) return null;
        Map<String, String> values = entry.values(json);
        Map<String, String> dials = entry.set(json);
        House then = house.at(entry.house());
        Graphic designed = then.framed(designs.of(entry.graphic(), entry.revision()));
        Shows shows = new Shows(
                entry.graphic(),
                entry.revision(),
                designed.name(),
                designed.frame().fills() ? designed.frame().length() : null,
                values,
                dials,
                then.revision(),
                entry.sheet(),
                entry.cue(),
                entry.number());
        return Filled.of(entry.graphic() + "/" + entry.revision(), designed, then.colours(), values, dials, shows);
    }

    /**
     * Does something at one or several berths, all or nothing.
     *
     * @return what stands then
     * @throws LateAct if it came, or could only be done, later than it was meant for
     * @throws StaleAct if something else was done there since
     * @throws Refused if it cannot be done as things stand
     */
    synchronized AirState act(long output, Act act, Budget budget) {
        Standing on = known(output);
        List<LogEntry> kept = mapper.act(act.actId());
        if (!kept.isEmpty()) return state(on);
        refuseLate(act);
        long frame = begins(on);
        List<String> berths = act.berths(berthsShown(on, frame));
        for (String berth : berths) refuseStale(on, berth, act.after());
        refuseOtherRate(on.output, act);
        List<LogEntry> entries = new ArrayList<>();
        List<Berth> after = new ArrayList<>();
        for (String name : berths) {
            Berth before = berth(on, name);
            LogEntry entry = entry(output, act, name, frame, before.isIdle(frame));
            try {
                after.add(done(before, act.kind(), filled(entry), frame, budget));
                entries.add(entry);
            } catch (ActRefused e) {
                if (!act.everywhere()) throw new Refused("$.kind", sentence(e));
            }
        }
        if (entries.isEmpty()) return state(on);
        List<LogEntry> numbered = kept(on, act, entries);
        for (int i = 0; i < numbered.size(); i++) put(on, numbered.get(i), after.get(i));
        return state(on);
    }

    private void refuseLate(Act act) {
        if (clock.now() > act.notAfter()) throw new LateAct();
    }

    /** The frame at which what is done now begins. */
    private long begins(Standing on) {
        return Math.max(on.frame, on.output.frame(clock.now()) + on.output.framesIn(LEAD));
    }

    private static String sentence(ActRefused e) {
        String said = e.getMessage();
        return "cannot be done: " + Character.toLowerCase(said.charAt(0)) + said.substring(1, said.length() - 1);
    }

    private static List<String> berthsShown(Standing on, long frame) {
        return on.berths.entrySet().stream()
                .filter(entry -> !entry.getValue().isIdle(frame))
                .map(Map.Entry::getKey)
                .toList();
    }

    private void refuseStale(Standing on, String berth, long after) {
        if (on.events.getOrDefault(berth, 0L) <= after) return;
        List<String> meanwhile = mapper.since(on.output.id(), berth, after).stream()
                .map(entry -> LogWords.sentence(entry, designs))
                .toList();
        throw new StaleAct(meanwhile);
    }

    private void refuseOtherRate(Output output, Act act) {
        if (act.graphic() == null) return;
        Rate rate = designs.of(act.graphic(), act.revision()).frame().rate();
        if ((long) rate.frames() * output.per() == (long) output.frames() * rate.seconds()) return;
        throw new Refused(
                "$.graphic",
                "runs at " + rate.word() + " frames a second and the output at "
                        + (output.per() == 1 ? "" + output.frames() : output.frames() + "/" + output.per())
                        + "; give it the rate of the output on the floor");
    }

    private LogEntry entry(long output, Act act, String berth, long frame, boolean afresh) {
        boolean fills = act.graphic() != null;
        return new LogEntry(
                null,
                act.actId(),
                output,
                berth,
                act.kind(),
                frame,
                afresh,
                act.graphic(),
                act.revision(),
                fills ? house.known().revision() : null,
                fills ? json.writeValueAsString(act.values()) : null,
                fills && !act.dials().isEmpty() ? json.writeValueAsString(act.dials()) : null,
                act.sheet(),
                act.cue(),
                act.number(),
                act.person(),
                Instant.ofEpochMilli(clock.now()));
    }

    /** Writes them into the log, and reads them again with their numbers. */
    private List<LogEntry> kept(Standing on, Act act, List<LogEntry> entries) {
        for (int tried = 0; ; tried++) {
            try {
                return transaction.execute(status -> {
                    entries.forEach(mapper::add);
                    List<LogEntry> written = mapper.act(act.actId());
                    // Whatever it was that took so long: it is taken back.
                    refuseLate(act);
                    return written;
                });
            } catch (LateAct e) {
                throw e;
            } catch (RuntimeException e) {
                // What the database takes back because of another is not in doubt.
                if (Deadlock.isOne(e) && tried < AGAIN) continue;
                doubtful.add(on.output.id());
                throw e;
            }
        }
    }

    /** What would be on air if a filling were taken now is worked out, so that it is there when it is. */
    Ahead prepare(long output, Act act, Budget budget) {
        // What is worked out here is kept, so that nobody who does something waits for it.
        Filled filled = filled(entry(output, act, act.berth(), 0, true));
        Play alone = reels.take(filled, Condition.Standing.NOTHING, 0, budget);
        reels.take(filled, Condition.Standing.ANOTHER, 0, budget);
        return prepared(output, act, filled, alone, budget);
    }

    /** @param alone what comes when nothing stands: it is wanted as well, since the one that stands may go out before */
    private synchronized Ahead prepared(long output, Act act, Filled filled, Play alone, Budget budget) {
        Standing on = known(output);
        refuseOtherRate(on.output, act);
        long frame = begins(on);
        Play next = last(done(berth(on, act.berth()), ActKind.TAKE, filled, frame, budget));
        on.ahead.clear();
        on.ahead.add(reels.id(next.reel()));
        if (alone.reel() != next.reel()) on.ahead.add(reels.id(alone.reel()));
        return new Ahead(state(on), covers(on, act.berth(), next, frame));
    }

    /** What letters would be covered by what is taken, and which of its own would be. */
    private List<String> covers(Standing on, String berth, Play taken, long frame) {
        Comparator<String> upwards = house.known().air().upwards();
        List<String> said = new ArrayList<>();
        for (String other : upwards(on)) {
            Optional<Play> stands = on.berths.get(other).standing(frame);
            if (other.equals(berth) || stands.isEmpty()) continue;
            boolean over = upwards.compare(berth, other) > 0;
            Reel below = over ? stands.get().reel() : taken.reel();
            List<String> covered =
                    Covers.texts(below, over ? taken.reel() : stands.get().reel());
            if (covered.isEmpty()) continue;
            Shows shows = (Shows) stands.get().filled().about();
            String there = (shows.number() == null ? "" : shows.number() + " ") + shows.name();
            String texts = String.join(", ", covered);
            said.add(
                    over
                            ? "It would cover " + texts + " of " + there + "."
                            : there + " would cover its " + texts + ".");
        }
        return said;
    }

    private static Play last(Berth berth) {
        return berth.plays().get(berth.plays().size() - 1);
    }

    private AirState state(Standing on) {
        Output output = on.output;
        long frame = output.frame(clock.now()) - BEHIND;
        List<AirState.BerthState> berths = new ArrayList<>();
        for (String name : upwards(on)) {
            List<Play> plays = on.berths.get(name).since(frame).plays();
            if (plays.isEmpty()) continue;
            berths.add(new AirState.BerthState(
                    name,
                    on.events.getOrDefault(name, 0L),
                    plays.stream().map(this::play).toList(),
                    notes.of(output.id(), name)));
        }
        return new AirState(
                output.id(),
                output.name(),
                on.event,
                clock.now(),
                output.begins().toEpochMilli(),
                output.frames(),
                output.per(),
                output.width(),
                output.height(),
                house.known().air().patience(),
                berths,
                List.copyOf(on.ahead));
    }

    private List<String> upwards(Standing on) {
        return on.berths.keySet().stream().sorted(house.known().air().upwards()).toList();
    }

    private AirState.PlayState play(Play play) {
        return new AirState.PlayState(
                reels.id(play.reel()),
                play.from(),
                play.since(),
                play.nexts(),
                play.passed(),
                play.leaves().isPresent() ? Optional.of(play.leaves().getAsLong()) : Optional.empty(),
                play.out().map(reels::id),
                play.end().isPresent() ? Optional.of(play.end().getAsLong()) : Optional.empty(),
                play.changes().isEmpty() ? Optional.empty() : Optional.of(InWords.change(play.changes())),
                (Shows) play.filled().about());
    }
}
