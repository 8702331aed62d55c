package glimble.server.air;

import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.server.access.OutputKeys;
import glimble.server.access.Streams;
import glimble.server.cues.FillingCheck;
import glimble.server.graphics.Designs;
import glimble.server.graphics.ValuesReader;
import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.server.work.Clients;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What is on air, and what is done there. */
@RestController
@RequestMapping("/api/outputs")
class AirController {
    private static final String ACT_ID = "[A-Za-z0-9-]{8,40}";
    /** ms. */
    private static final long LONGEST_AHEAD = 30_000;

    private final OnAir air;
    private final Screens screens;
    private final PreparedReels reels;
    private final AirClock clock;
    private final Designs designs;
    private final ValuesReader values;
    private final Clients clients;
    private final FillingCheck check;
    private final Streams streams;

    AirController(
            OnAir air,
            Screens screens,
            PreparedReels reels,
            AirClock clock,
            Designs designs,
            ValuesReader values,
            Clients clients,
            FillingCheck check,
            Streams streams) {
        this.air = air;
        this.screens = screens;
        this.reels = reels;
        this.clock = clock;
        this.designs = designs;
        this.values = values;
        this.clients = clients;
        this.check = check;
        this.streams = streams;
    }

    /**
     * Something that is to be done.
     *
     * @param actId made by whoever does it: sent twice it counts once
     * @param berth of a step or an out; missing for an out of everything that stands, and for a take and a change, whose graphic says it
     * @param after number of the last event that is known to whoever does it: if something else was done there since, it is refused
     * @param notAfter time of the server, ms since 1970, until which it is meant: what comes later is refused. As everything that is pressed,
     *     it is meant for the moment: at most half a minute ahead
     * @param filling of a take or a change; missing for any other
     * @param person who does it; missing if that is not known
     */
    record ActRequest(
            String actId, ActKind kind, String berth, Long after, Long notAfter, Filling filling, String person) {}

    /**
     * A graphic and what is filled in.
     *
     * @param graphic id
     * @param values text by field key
     * @param dials what is set, by key; missing for as designed
     * @param sheet of the cue it is; missing if it is none
     * @param cue id of it
     * @param number of it
     */
    record Filling(
            Long graphic,
            Integer revision,
            Map<String, String> values,
            Map<String, String> dials,
            Long sheet,
            String cue,
            String number) {}

    /** ms since 1970, as the server counts them; nothing on air goes by any other. */
    record TimeAnswer(long now) {}

    @GetMapping
    List<Output> outputs() {
        return air.outputs();
    }

    @GetMapping("/time")
    TimeAnswer time() {
        return new TimeAnswer(clock.now());
    }

    @GetMapping("/{output}")
    AirState state(@PathVariable long output, HttpServletRequest http) {
        AirState state = air.state(output);
        return OutputKeys.isByKey(http) ? state.onAirAlone() : state;
    }

    /** The state at once, and again whenever it has changed; in between, twice a second, the time. */
    @GetMapping(path = "/{output}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable long output, HttpServletRequest http) {
        // There has to be such an output before anything is kept for it.
        air.state(output);
        return screens.open(output, streams.open(http), OutputKeys.isByKey(http));
    }

    /** A reel that is on air or may be next. What an id stands for never changes. */
    @GetMapping(path = "/reels/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> reel(@PathVariable String id) {
        byte[] reel =
                reels.written(id).orElseThrow(() -> new NotThere("That reel is not on air any more. Ask for what is."));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).immutable())
                .body(reel);
    }

    @PostMapping("/{output}/acts")
    AirState act(@PathVariable long output, @RequestBody ActRequest request, HttpServletRequest http) {
        if (request.actId() == null || !request.actId().matches(ACT_ID)) {
            throw new Refused("$.actId", "must be of 8 to 40 letters, digits and dashes, and of no other act");
        }
        if (request.kind() == null) throw new Refused("$.kind", "is missing; say what is to be done");
        if (request.after() == null) {
            throw new Refused("$.after", "is missing; state the number of the last event you know of");
        }
        if (request.notAfter() == null || request.notAfter() > clock.now() + LONGEST_AHEAD) {
            throw new Refused(
                    "$.notAfter",
                    "must be the time of the server, ms since 1970, until which this is meant, at most half a minute ahead");
        }
        Act act = act(request, http);
        // What is put on air is judged as the desk judges it; what stands there already is not judged again.
        if (act.graphic() != null) {
            check.refuseUnfillable(designs.of(act.graphic(), act.revision()), act.values(), act.dials());
        }
        AirState state = air.act(output, act, clients.budget(http));
        screens.tell(output);
        return state;
    }

    /** Works out beforehand what a take would show, so that every screen has it when it comes. Nothing of it is shown. */
    @PostMapping("/{output}/ahead")
    Ahead prepare(@PathVariable long output, @RequestBody Filling filling, HttpServletRequest http) {
        ActRequest request = new ActRequest("", ActKind.TAKE, null, 0L, Long.MAX_VALUE, filling, null);
        Ahead ahead = air.prepare(output, act(request, http), clients.budget(http));
        screens.tell(output);
        return ahead;
    }

    /** Whoever has signed in is known, whatever is said. */
    private Act act(ActRequest request, HttpServletRequest http) {
        boolean fills = request.kind() == ActKind.TAKE || request.kind() == ActKind.CHANGE;
        if (!fills && request.berth() == null && request.kind() != ActKind.OUT) {
            throw new Refused("$.berth", "is missing; say where");
        }
        Filling filling = request.filling();
        if (!fills) filling = new Filling(null, null, null, null, null, null, null);
        else if (filling == null) throw new Refused("$.filling", "is missing; say what is put on air");
        else check(filling);
        String berth = fills ? designed(filling).berth() : request.berth() == null ? "" : request.berth();
        return new Act(
                request.actId(),
                request.kind(),
                berth,
                request.after(),
                request.notAfter(),
                filling.graphic(),
                filling.revision(),
                fills ? values.checked(filling.values()) : null,
                fills ? values.checkedDials(filling.dials()) : null,
                filling.sheet(),
                filling.cue(),
                filling.number(),
                shortened(http.getRemoteUser() == null ? request.person() : http.getRemoteUser()));
    }

    private static void check(Filling filling) {
        if (filling.graphic() == null) throw new Refused("$.filling.graphic", "is missing; say which graphic");
        if (filling.revision() == null) throw new Refused("$.filling.revision", "is missing; say which revision of it");
        check(filling.cue(), 40, "$.filling.cue");
        check(filling.number(), 12, "$.filling.number");
    }

    private static void check(String text, int longest, String path) {
        if (text != null && text.length() > longest) {
            throw new Refused(path, "has more than " + longest + " characters");
        }
    }

    private Graphic designed(Filling filling) {
        return designs.of(filling.graphic(), filling.revision());
    }

    private static String shortened(String person) {
        if (person == null) return "";
        String name = person.strip();
        check(name, Limits.KEY, "$.person");
        return name;
    }
}
