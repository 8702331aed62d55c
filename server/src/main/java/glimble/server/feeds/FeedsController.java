package glimble.server.feeds;

import glimble.cue.Follow;
import glimble.graphic.Graphic;
import glimble.server.graphics.Designs;
import glimble.server.house.HouseStore;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import java.net.URI;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Feeds that cues may follow. */
@RestController
@RequestMapping("/api/feeds")
class FeedsController {
    private static final int MOST = 100;

    private final FeedMapper mapper;
    private final FeedRules rules;
    private final Feeds feeds;
    private final Designs designs;
    private final HouseStore house;

    FeedsController(FeedMapper mapper, FeedRules rules, Feeds feeds, Designs designs, HouseStore house) {
        this.house = house;
        this.mapper = mapper;
        this.rules = rules;
        this.feeds = feeds;
        this.designs = designs;
    }

    /**
     * @param url where it is asked for: on this machine, or a host that is allowed
     * @param seconds from one time to the next
     */
    record FeedRequest(String name, String url, Integer seconds) {}

    /**
     * @param state what it has said last
     * @param empty what it means for what follows it that it has no rows
     */
    record FeedAnswer(Feed feed, FeedState state, Follow.Empty empty) {}

    @GetMapping
    List<Feed> feeds() {
        return mapper.all();
    }

    /** Asked again and again while somebody looks at it, it is read as often as it wishes. */
    @GetMapping("/{id}")
    FeedAnswer feed(@PathVariable long id) {
        return answer(found(id));
    }

    /** Which of its columns and rows the fields of a graphic are called by. */
    @GetMapping("/{id}/bound")
    List<Follow.Bound> bound(@PathVariable long id, @RequestParam long graphic, @RequestParam int revision) {
        FeedState state = feeds.state(found(id));
        Graphic of = designs.of(graphic, revision);
        return Follow.proposed(of, state.columns(), state.rows().size());
    }

    @PostMapping
    ResponseEntity<Feed> add(@RequestBody FeedRequest request) {
        Feed feed = rules.checked(null, request.name(), request.url(), request.seconds());
        if (mapper.all().size() >= MOST) throw new Refused("$.name", "is one too many; remove a feed first");
        try {
            mapper.add(feed.name(), feed.url(), feed.seconds());
        } catch (DuplicateKeyException e) {
            throw taken();
        }
        Feed added = mapper.named(feed.name()).orElseThrow(FeedsController::gone);
        return ResponseEntity.created(URI.create("/api/feeds/" + added.id())).body(added);
    }

    @PutMapping("/{id}")
    Feed change(@PathVariable long id, @RequestBody FeedRequest request) {
        found(id);
        Feed feed = rules.checked(id, request.name(), request.url(), request.seconds());
        try {
            mapper.change(feed);
        } catch (DuplicateKeyException e) {
            throw taken();
        }
        return feed;
    }

    /** Cues that follow it stand as they are from then on. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id) {
        found(id);
        mapper.remove(id);
    }

    private FeedAnswer answer(Feed feed) {
        return new FeedAnswer(feed, feeds.state(feed), house.known().air().empty());
    }

    private Feed found(long id) {
        return mapper.find(id).orElseThrow(FeedsController::gone);
    }

    private static NotThere gone() {
        return new NotThere("There is no such feed any more. Ask for those there are.");
    }

    private static Refused taken() {
        return new Refused("$.name", "is the name of another feed; give another one");
    }
}
