package glimble.server.proofs;

import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.graphic.Check;
import glimble.server.problems.Refused;
import glimble.server.tables.SentTable;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Proofs of revisions: asked for, watched, stopped and handed over. */
@RestController
class ProofsController {
    private static final int LONGEST_TABLE = 900_000;

    private final Proofs proofs;
    private final ProofQueue queue;
    private final ProofSheets sheets;
    private final ApplicationEventPublisher events;

    ProofsController(Proofs proofs, ProofQueue queue, ProofSheets sheets, ApplicationEventPublisher events) {
        this.proofs = proofs;
        this.queue = queue;
        this.sheets = sheets;
        this.events = events;
    }

    /** @param usual its limit as long as a graphic says nothing else */
    record CheckAnswer(String word, String rule, double usual, String unit) {}

    @GetMapping("/api/checks")
    List<CheckAnswer> checks() {
        return Stream.of(Check.values())
                .map(check -> new CheckAnswer(check.word(), check.rule(), check.usual(), check.unit()))
                .toList();
    }

    /**
     * What is known of a proof.
     *
     * @param fillings it was made with
     * @param open findings that are not accepted
     * @param finished false if it was stopped before its end, or could not be made
     * @param failed whether it could not be made
     * @param proving whether it is being made anew, or waits for that: then the others are of before
     * @param done fillings that are proved of those, as far as is known here
     */
    record ProofNoteAnswer(
            long graphic,
            int revision,
            int fillings,
            int open,
            boolean finished,
            boolean failed,
            boolean proving,
            int done) {}

    /** Of the current revision of every graphic that is proved. */
    @GetMapping("/api/proofs")
    List<ProofNoteAnswer> current() {
        Set<List<Number>> proving = proofs.proving();
        return proofs.current().stream()
                .map(note -> new ProofNoteAnswer(
                        note.graphic(),
                        note.revision(),
                        note.fillings(),
                        note.open(),
                        note.finished(),
                        note.failed(),
                        proving.contains(List.<Number>of(note.graphic(), note.revision())),
                        proofs.standing(note.graphic(), note.revision())
                                .map(ProofAnswer::done)
                                .orElse(0)))
                .toList();
    }

    /** While it runs, with what is found so far. */
    @GetMapping("/api/graphics/{id}/revisions/{revision}/proof")
    ProofAnswer proof(@PathVariable long id, @PathVariable int revision) {
        proofs.check(id, revision);
        Optional<ProofAnswer> running = proofs.standing(id, revision);
        // One that is being stopped to begin anew may still be ending.
        if (running.isPresent() && running.get().state() == ProofAnswer.State.RUNNING) return running.get();
        if (queue.has(id, revision)) return ProofAnswer.waiting(id, revision);
        // What it came to is kept before it leaves the queue, so what is read now is the last of them.
        return proofs.kept(id, revision).orElse(ProofAnswer.none(id, revision));
    }

    /** Begins anew, once those that were asked for before are done. */
    @PostMapping("/api/graphics/{id}/revisions/{revision}/proof")
    ProofAnswer start(@PathVariable long id, @PathVariable int revision) {
        proofs.check(id, revision);
        events.publishEvent(new ProofAsked(id, revision, true));
        return ProofAnswer.waiting(id, revision);
    }

    /** Stops it; what is found so far is kept. */
    @DeleteMapping("/api/graphics/{id}/revisions/{revision}/proof")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable long id, @PathVariable int revision) {
        queue.drop(id, revision);
        proofs.stop(id, revision);
    }

    /** A page that needs nothing else, to hand over. */
    @GetMapping(
            value = "/api/graphics/{id}/revisions/{revision}/proof/sheet",
            produces = MediaType.TEXT_HTML_VALUE + ";charset=UTF-8")
    ResponseEntity<String> sheet(@PathVariable long id, @PathVariable int revision) {
        return ResponseEntity.ok()
                .header(
                        "Content-Security-Policy",
                        "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'none'; sandbox")
                .body(sheets.of(id, revision));
    }

    /**
     * A heading row with fields, then a row for each filling. One of both.
     *
     * @param csv as text
     * @param file its bytes in Base64, in UTF-8 or UTF-16
     */
    record NamesRequest(String csv, String file) {}

    /** @param csv missing if there is none */
    record NamesAnswer(Optional<String> csv) {}

    /** More are not told. */
    private static final int TOLD = 200;

    /**
     * @param rows fillings that the table makes
     * @param refused those that would not be let through, each with its row and why; the first of them
     */
    record NamesTaken(int rows, List<String> refused) {}

    @GetMapping("/api/graphics/{id}/names")
    NamesAnswer names(@PathVariable long id) {
        return new NamesAnswer(proofs.names(id));
    }

    @PutMapping("/api/graphics/{id}/names")
    NamesTaken keepNames(@PathVariable long id, @RequestBody NamesRequest request) {
        String csv = request.file() != null ? text(request.file()) : request.csv();
        if (csv == null) throw new Refused("$.csv", "is missing; send the table as CSV");
        if (csv.length() > LONGEST_TABLE) {
            throw new Refused("$.csv", "has more than " + LONGEST_TABLE + " characters; send fewer rows");
        }
        Proofs.Names names = proofs.keepNames(id, csv);
        return new NamesTaken(names.rows(), names.refused().stream().limit(TOLD).toList());
    }

    private static String text(String file) {
        try {
            return Table.text(SentTable.bytes(file));
        } catch (BadTable e) {
            throw new Refused("$.file", "cannot be taken: " + e.getMessage());
        }
    }

    @DeleteMapping("/api/graphics/{id}/names")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void dropNames(@PathVariable long id) {
        proofs.dropNames(id);
    }
}
