package glimble.server.air;

import glimble.budget.Budget;
import glimble.cue.Cue;
import glimble.cue.CueCheck;
import glimble.cue.Follow;
import glimble.graphic.Graphic;
import glimble.server.cues.FillingCheck;
import glimble.server.cues.SheetStore;
import glimble.server.feeds.Feed;
import glimble.server.feeds.FeedState;
import glimble.server.feeds.Feeds;
import glimble.server.graphics.Designs;
import glimble.server.house.HouseStore;
import glimble.server.problems.NotThere;
import glimble.server.work.Regularly;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Cues on air that follow a feed: what it says anew is checked like what is typed, and becomes a change, at most once in the time the cue
 * says. A feed that fails leaves what stands.
 */
@Component
class Following extends Regularly {
    private static final Logger LOG = LoggerFactory.getLogger(Following.class);
    private static final Duration EVERY = Duration.ofMillis(250);

    private final OnAir air;
    private final Screens screens;
    private final SheetStore sheets;
    private final Feeds feeds;
    private final Designs designs;
    private final FillingCheck check;
    private final AirClock clock;
    private final FollowNotes notes;
    private final HouseStore house;
    /** When something was changed by a feed last, ms since 1970, by output and berth. */
    private final Map<String, Long> changed = new HashMap<>();

    private List<Output> outputs = List.of();

    Following(
            OnAir air,
            Screens screens,
            SheetStore sheets,
            Feeds feeds,
            Designs designs,
            FillingCheck check,
            AirClock clock,
            FollowNotes notes,
            HouseStore house) {
        super("following", EVERY);
        this.air = air;
        this.screens = screens;
        this.sheets = sheets;
        this.feeds = feeds;
        this.designs = designs;
        this.check = check;
        this.clock = clock;
        this.notes = notes;
        this.house = house;
    }

    @Override
    protected void look() {
        try {
            // None is added while the server runs.
            if (outputs.isEmpty()) outputs = air.outputs();
            for (Output output : outputs) look(output.id());
        } catch (RuntimeException e) {
            // While the database is away, say, what stands stays.
            LOG.debug("Feeds are not followed for now: {}", e.getMessage());
        }
    }

    private void look(long output) {
        AirState state = air.state(output);
        for (AirState.BerthState berth : state.berths()) {
            AirState.PlayState play = berth.plays().get(berth.plays().size() - 1);
            boolean stands = play.leaves().isEmpty() && play.from() <= frame(state);
            Optional<Cue> cue = stands ? cue(play.shows()) : Optional.empty();
            Optional<FollowNote> note =
                    cue.flatMap(Cue::follow).flatMap(follow -> follow(output, berth, play.shows(), follow));
            if (notes.put(output, berth.berth(), note)) screens.tell(output);
        }
    }

    private static double frame(AirState state) {
        return (state.now() - state.begins()) * (double) state.frames() / (1_000.0 * state.per());
    }

    /** As the sheet has it now: whoever stops following there, stops it on air. */
    private Optional<Cue> cue(Shows shows) {
        if (shows.sheet() == null || shows.cue() == null) return Optional.empty();
        try {
            return sheets.read(sheets.find(shows.sheet())).cue(shows.cue());
        } catch (NotThere e) {
            return Optional.empty();
        }
    }

    /** How it gets on with its feed; empty if there is no such feed any more. */
    private Optional<FollowNote> follow(long output, AirState.BerthState berth, Shows shows, Follow follow) {
        Optional<Feed> feed = feeds.find(follow.feed());
        if (feed.isEmpty()) return Optional.empty();
        FeedState state = feeds.state(feed.get());
        Optional<String> fault = state.fault().map(why -> stays(feed.get(), ": " + why));
        if (fault.isEmpty() && state.readAt().isPresent()) {
            fault = changed(output, berth, shows, follow, feed.get(), state);
        }
        return Optional.of(new FollowNote(feed.get().name(), fault, fault.flatMap(why -> state.readAt())));
    }

    /** Changes what stands if the feed says something else; what keeps it from that, a sentence. */
    private Optional<String> changed(
            long output, AirState.BerthState berth, Shows shows, Follow follow, Feed feed, FeedState state) {
        Follow.Followed followed =
                follow.over(shows.values(), state.rows(), house.known().air().empty());
        if (!followed.missing().isEmpty()) {
            return Optional.of(stays(feed, " " + String.join("; ", followed.missing())));
        }
        if (followed.values().equals(shows.values())) return Optional.empty();
        Graphic graphic = designs.of(shows.graphic(), shows.revision());
        List<CueCheck.Wrong> wrong = check.wrong(graphic, followed.values());
        if (!wrong.isEmpty()) return Optional.of(stays(feed, ": " + said(graphic, wrong)));
        String place = output + "/" + berth.berth();
        boolean early = clock.now() - changed.getOrDefault(place, 0L) < follow.seconds() * 1_000L;
        if (early) return Optional.empty();
        changed.put(place, clock.now());
        Act act = new Act(
                UUID.randomUUID().toString(),
                ActKind.CHANGE,
                berth.berth(),
                berth.event(),
                clock.now() + house.known().air().patience(),
                shows.graphic(),
                shows.revision(),
                followed.values(),
                shows.dials(),
                shows.sheet(),
                shows.cue(),
                shows.number(),
                "feed " + feed.name());
        try {
            air.act(output, act, Budget.ofRequest());
            screens.tell(output);
        } catch (StaleAct | LateAct e) {
            // Somebody did something meanwhile, or it took too long; next time it is seen how things stand then.
            changed.remove(place);
        }
        return Optional.empty();
    }

    private static String stays(Feed feed, String why) {
        return feed.name() + why + ". What stands stays.";
    }

    private static String said(Graphic graphic, List<CueCheck.Wrong> wrong) {
        return wrong.stream().map(one -> one.said(graphic)).collect(Collectors.joining("; "));
    }
}
