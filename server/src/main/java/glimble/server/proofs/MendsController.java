package glimble.server.proofs;

import glimble.budget.TooLaborious;
import glimble.document.GraphicWriter;
import glimble.formats.JsonTree;
import glimble.graphic.Check;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.mend.Mend;
import glimble.mend.Mender;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.rest.Pictures;
import glimble.server.graphics.DocumentReader;
import glimble.server.graphics.ValuesReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Busy;
import glimble.server.work.Clients;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Semaphore;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Mends: changes of a document by which a finding goes, each proved before it is offered. Keeps nothing. */
@RestController
class MendsController {
    private static final int MOST_FILLINGS = 120;
    /** As much as so many usual requests: whoever asks waits for it, and can leave. */
    private static final int REQUESTS = 6;

    private final DocumentReader documents;
    private final ValuesReader values;
    private final HouseStore house;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final Clients clients;
    /** One at a time, beside everything else. */
    private final Semaphore turn = new Semaphore(1);

    MendsController(
            DocumentReader documents,
            ValuesReader values,
            HouseStore house,
            Typesetter typesetter,
            Pictures pictures,
            Clients clients) {
        this.documents = documents;
        this.values = values;
        this.house = house;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.clients = clients;
    }

    /**
     * @param check word of the check of the finding
     * @param part empty if it is about the whole
     * @param other what it stands against; empty for nothing
     * @param fillings it is proved with, those that show the finding first
     */
    record MendsRequest(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document,
            String check,
            String part,
            String other,
            PhaseName phase,
            List<ProofAnswer.FillingAnswer> fillings) {}

    /**
     * @param words what is changed
     * @param document as it is then
     * @param mended fillings that showed the finding and do not any more
     * @param of fillings that showed it
     * @param added findings that there were not before
     * @param worse what was less wrong before, a sentence each
     * @param proved fillings it was proved with
     */
    record MendAnswer(
            String words,
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document,
            int mended,
            int of,
            int added,
            List<String> worse,
            int proved) {
        static MendAnswer of(Mend mend) {
            return new MendAnswer(
                    mend.words(),
                    JsonTree.to(GraphicWriter.write(mend.graphic())),
                    mend.mended(),
                    mend.of(),
                    mend.added(),
                    mend.worse(),
                    mend.proved());
        }
    }

    /** Up to three, those that leave nothing first; none if none does. */
    @PostMapping("/api/mends")
    List<MendAnswer> mends(@RequestBody MendsRequest request, HttpServletRequest http) {
        Graphic graphic = house.framed(documents.read(request.document()));
        Check check = Check.named(request.check() == null ? "" : request.check())
                .orElseThrow(() -> new Refused("$.check", "must be one of " + Check.words()));
        if (request.phase() == null) throw new Refused("$.phase", "must be IN, LOOP or OUT");
        String part = request.part() == null ? "" : request.part();
        String other = request.other() == null ? "" : request.other();
        Fault.Cause cause = new Fault.Cause(check, part, other, request.phase());
        List<Filling> fillings = fillings(request);
        if (!turn.tryAcquire()) throw new Busy();
        try {
            return Mender.of(
                            graphic,
                            house.palette(),
                            typesetter,
                            pictures,
                            fillings,
                            cause,
                            clients.budget(http, REQUESTS))
                    .stream()
                    .map(MendAnswer::of)
                    .toList();
        } catch (TooLaborious e) {
            throw new Refused("$.document", e.getMessage());
        } finally {
            turn.release();
        }
    }

    private List<Filling> fillings(MendsRequest request) {
        if (request.fillings() == null || request.fillings().isEmpty())
            throw new Refused("$.fillings", "is missing; send those that show the finding first");
        List<Filling> fillings = new ArrayList<>();
        for (int i = 0; i < request.fillings().size(); i++) {
            ProofAnswer.FillingAnswer one = request.fillings().get(i);
            if (one == null) throw new Refused("$.fillings[" + i + "]", "must be an object, not null");
            // Mends are proved with what stands; a change has none yet.
            if (one.then() != null && !one.then().isEmpty()) continue;
            fillings.add(new Filling(
                    one.name() == null ? "" : one.name(),
                    values.checked(one.values()),
                    one.onAir() == null ? Condition.Standing.NOTHING : one.onAir(),
                    values.checkedDials(one.dials()),
                    List.of()));
        }
        if (fillings.size() > MOST_FILLINGS)
            throw new Refused("$.fillings", "has more than " + MOST_FILLINGS + " besides changes; send fewer");
        return fillings;
    }
}
