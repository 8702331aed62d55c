package glimble.server.handovers;

import glimble.cue.CueCheck;
import glimble.cue.GivenData;
import glimble.formats.tables.Table;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.graphic.Rate;
import glimble.handover.Asked;
import glimble.handover.Carried;
import glimble.handover.Form;
import glimble.handover.HandOver;
import glimble.handover.Handed;
import glimble.handover.Rates;
import glimble.prove.ProofRun;
import glimble.reel.SpokenLines;
import glimble.server.access.Streams;
import glimble.server.cues.FillingCheck;
import glimble.server.graphics.Designs;
import glimble.server.graphics.ValuesReader;
import glimble.server.problems.Refused;
import glimble.server.proofs.KeptProofs;
import glimble.typeset.JdkTypesetter;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Graphics handed over in open formats: asked for, watched, stopped and fetched. */
@RestController
class HandoversController {
    /** Files of one job at most. */
    private static final int ROWS = 500;

    private final Handovers handovers;
    private final HandedReader reader;
    private final Designs designs;
    private final ValuesReader values;
    private final FillingCheck check;
    private final HandoverWatch watch;
    private final Streams streams;
    private final KeptProofs proofs;
    private final JdkTypesetter typesetter;

    HandoversController(
            Handovers handovers,
            HandedReader reader,
            Designs designs,
            ValuesReader values,
            FillingCheck check,
            HandoverWatch watch,
            Streams streams,
            KeptProofs proofs,
            JdkTypesetter typesetter) {
        this.typesetter = typesetter;
        this.watch = watch;
        this.streams = streams;
        this.proofs = proofs;
        this.handovers = handovers;
        this.reader = reader;
        this.designs = designs;
        this.values = values;
        this.check = check;
    }

    /**
     * @param graphic id
     * @param revision missing for the current one
     * @param form {@code package}, {@code page}, {@code bundle}, {@code findings}, {@code table}, {@code captions}, {@code png}, {@code svg},
     *     {@code lottie}, {@code frames}, {@code mov}, {@code prores} or {@code webm}
     * @param rows of a form that is of fillings, a file for each, or of a table a row; of no account for any other
     * @param frame of the whole graphic, of a picture of one; missing for where it rests
     * @param ground colour that is laid under frames, {@code #RRGGBB}; missing for none
     * @param allFonts whether fonts for every script go with it; missing for no
     * @param width px of pictures and video, even; missing for as designed
     * @param rate frames per second of frames and video, {@code 25} or {@code 60000/1001}; missing for as designed
     */
    record HandoverRequest(
            Long graphic,
            Integer revision,
            String form,
            List<HandoverRow> rows,
            Integer frame,
            String ground,
            Boolean allFonts,
            Integer width,
            String rate) {}

    /**
     * @param name of its file
     * @param values text by field key
     * @param dials what is set, by key; missing for as designed
     */
    record HandoverRow(String name, Map<String, String> values, Map<String, String> dials) {}

    /**
     * @param sentences what the form does not carry, and what is done instead
     * @param frames of the graphic as its samples fill it; missing for a form of which not every frame is painted
     */
    record CarriedAnswer(List<String> sentences, Integer frames) {}

    @GetMapping("/api/handovers")
    List<HandoverState> all() {
        return handovers.all();
    }

    @PostMapping("/api/handovers")
    @ResponseStatus(HttpStatus.CREATED)
    HandoverState ask(@RequestBody HandoverRequest request) {
        Form form = form(request);
        int revision = revision(request);
        Graphic designed = designs.of(request.graphic(), revision);
        Asked asked = new Asked(
                form,
                form.isFilled() ? rows(request, form.isTogether() ? Table.MOST : ROWS, designed) : List.of(),
                Optional.ofNullable(request.frame()).map(Asked.Still::ofWhole),
                ground(request.ground()),
                Boolean.TRUE.equals(request.allFonts()),
                width(request.width()),
                rate(request.rate()));
        Handed handed = reader.of(request.graphic(), revision);
        if (form == Form.CAPTIONS && !SpokenLines.has(designed)) {
            throw new Refused("$.form", "has nothing to say: none of its texts shows a field of spoken words");
        }
        if (form == Form.FINDINGS) handed = handed.proved(proof(request.graphic(), revision));
        return handovers.ask(request.graphic(), revision, handed, asked);
    }

    private ProofRun.Standing proof(long graphic, int revision) {
        return proofs.of(graphic, revision)
                .orElseThrow(() -> new Refused(
                        "$.form",
                        "has to wait: revision " + revision
                                + " is not proved to its end. See to its proof, and ask again once it is done"));
    }

    /** What a form does not carry, before it is made. */
    @PostMapping("/api/handovers/carried")
    CarriedAnswer carried(@RequestBody HandoverRequest request) {
        Form form = form(request);
        int revision = revision(request);
        Graphic designed = designs.of(request.graphic(), revision);
        return new CarriedAnswer(
                Carried.of(designed, form, Boolean.TRUE.equals(request.allFonts()), typesetter),
                form.isOfEveryFrame() ? handovers.length(reader.of(request.graphic(), revision)) : null);
    }

    private int revision(HandoverRequest request) {
        if (request.graphic() == null) throw new Refused("$.graphic", "is missing; send the id of a graphic");
        return request.revision() == null ? designs.currentRevision(request.graphic()) : request.revision();
    }

    private static Form form(HandoverRequest request) {
        return Form.named(request.form()).orElseThrow(() -> new Refused("$.form", "must be one of " + Form.words()));
    }

    private static String ground(String ground) {
        if (ground == null || ground.isEmpty()) return "";
        if (!ground.matches("#[0-9a-fA-F]{6}")) throw new Refused("$.ground", "must be a colour like #2A2340");
        return ground;
    }

    private static int width(Integer width) {
        if (width == null) return 0;
        if (HandOver.isWidth(width)) return width;
        throw new Refused(
                "$.width", "must be an even number from " + HandOver.LEAST_WIDTH + " to " + HandOver.MOST_WIDTH);
    }

    private static Optional<Rate> rate(String rate) {
        if (rate == null) return Optional.empty();
        return Rates.read(rate).or(() -> {
            throw new Refused("$.rate", "must be frames per second, such as 25 or 60000/1001");
        });
    }

    private List<Asked.Filling> rows(HandoverRequest request, int most, Graphic designed) {
        List<HandoverRow> rows = request.rows();
        if (rows == null || rows.isEmpty())
            throw new Refused("$.rows", "is missing; send a list with what is filled in");
        if (rows.size() > most) {
            throw new Refused("$.rows", "has " + rows.size() + " entries; at most " + most + " are allowed");
        }
        List<Asked.Filling> fillings = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) fillings.add(filling(rows.get(i), "$.rows[" + i + "]", designed));
        return fillings;
    }

    private Asked.Filling filling(HandoverRow row, String path, Graphic designed) {
        if (row == null) throw new Refused(path, "must be an object with values");
        if (row.name() != null && row.name().length() > Limits.HINT) {
            throw new Refused(path + ".name", "has more than " + Limits.HINT + " characters");
        }
        Map<String, String> filled = values.checked(row.values());
        Map<String, String> dials = values.checkedDials(row.dials());
        for (CueCheck.Wrong wrong : check.wrong(designed, filled)) {
            throw new Refused(path + ".values." + wrong.field(), wrong.sentence());
        }
        for (CueCheck.Wrong wrong : CueCheck.wrongDials(designed, dials)) {
            throw new Refused(path + ".dials." + wrong.field(), wrong.sentence());
        }
        return new Asked.Filling(row.name() == null ? "" : row.name(), new GivenData(filled, dials, List.of()));
    }

    @GetMapping("/api/handovers/{id}")
    HandoverState find(@PathVariable long id) {
        return handovers.find(id);
    }

    /** How far it has come, until it has come to its end. */
    @GetMapping(value = "/api/handovers/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable long id, HttpServletRequest request) {
        handovers.find(id);
        return watch.open(id, streams.open(request));
    }

    @GetMapping("/api/handovers/{id}/file")
    ResponseEntity<Resource> file(@PathVariable long id) {
        FileSystemResource file = new FileSystemResource(handovers.file(id));
        HandoverState state = handovers.find(id);
        ContentDisposition named = ContentDisposition.attachment()
                .filename(state.file(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named.toString())
                .contentType(MediaType.parseMediaType(
                        HandOver.type(Form.named(state.form()).orElseThrow(), state.file())))
                .body(file);
    }

    /** Stops it if it is not done, and lets go of its file. */
    @DeleteMapping("/api/handovers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable long id) {
        handovers.drop(id);
    }
}
