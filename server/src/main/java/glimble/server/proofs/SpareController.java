package glimble.server.proofs;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.budget.TooLaborious;
import glimble.document.Dialled;
import glimble.edit.Coloured;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.proof.Spare;
import glimble.rest.Pictures;
import glimble.rest.RestEffort;
import glimble.server.graphics.DocumentReader;
import glimble.server.graphics.ValuesReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Clients;
import glimble.server.work.Workroom;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** How much more text the fields of a graphic have room for. Keeps nothing. */
@RestController
class SpareController {
    /** Rest pictures that are solved for one field, more or less. */
    private static final int SOLVED = 60;

    private final DocumentReader documents;
    private final ValuesReader values;
    private final HouseStore house;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final Workroom workroom;
    private final Clients clients;

    SpareController(
            DocumentReader documents,
            ValuesReader values,
            HouseStore house,
            Typesetter typesetter,
            Pictures pictures,
            Workroom workroom,
            Clients clients) {
        this.documents = documents;
        this.values = values;
        this.house = house;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.workroom = workroom;
        this.clients = clients;
    }

    /**
     * @param field key of the only field that is asked for; missing for all
     * @param holds whether it is to be said as well how many letters each field holds at all
     * @param dials what is set, by key; missing for as designed
     */
    record SpareRequest(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document,
            Map<String, String> values,
            String field,
            Boolean holds,
            Map<String, String> dials) {}

    /**
     * @param field key
     * @param asIs letters there are room for before anything is squeezed or breaks into more lines
     * @param squeezed letters there are room for altogether
     * @param squeeze how far letters are squeezed then, 0–1
     * @param then what is wrong with one letter more; empty if nothing is
     * @param narrow narrow letters it holds at all; missing if that was not asked
     */
    record SpareAnswer(
            String field,
            int asIs,
            int squeezed,
            double squeeze,
            String then,
            Optional<Integer> narrow,
            Optional<Integer> usual,
            Optional<Integer> wide) {}

    /** Of each field for text, in the order of the form; of as many of them as can be worked out in the time of a request. */
    @PostMapping("/api/spare")
    List<SpareAnswer> spare(@RequestBody SpareRequest request, HttpServletRequest http) {
        Graphic graphic =
                Dialled.of(house.framed(documents.read(request.document())), values.checkedDials(request.dials()));
        Map<String, String> filling = values.checked(request.values());
        boolean holds = Boolean.TRUE.equals(request.holds());
        List<Field> fields = graphic.fields().stream()
                .filter(field -> field.isText() && field.kind() != Field.Kind.SPOKEN)
                .filter(field -> request.field() == null || field.key().equals(request.field()))
                .toList();
        if (request.field() != null && fields.isEmpty())
            throw new Refused("$.field", "is no field for text of this graphic; leave it out to ask for all");
        Effort one = RestEffort.of(graphic, filling);
        Effort all = new Effort(one.steps() * SOLVED * fields.size() * (holds ? 4 : 1), one.what());
        return workroom.work(all, () -> {
            Graphic coloured = Coloured.of(graphic, house.palette(), filling);
            return answers(coloured, filling, fields, holds, clients.budget(http));
        });
    }

    private List<SpareAnswer> answers(
            Graphic graphic, Map<String, String> filling, List<Field> fields, boolean holds, Budget budget) {
        List<SpareAnswer> answers = new ArrayList<>();
        try {
            for (Field field : fields) {
                Spare spare = Spare.of(graphic, filling, field, typesetter, pictures, budget);
                Optional<Spare.Holds> most = holds
                        ? Optional.of(Spare.holds(graphic, filling, field, typesetter, pictures, budget))
                        : Optional.empty();
                answers.add(new SpareAnswer(
                        field.key(),
                        spare.asIs(),
                        spare.squeezed(),
                        spare.squeeze(),
                        spare.then(),
                        most.map(Spare.Holds::narrow),
                        most.map(Spare.Holds::usual),
                        most.map(Spare.Holds::wide)));
            }
        } catch (TooLaborious e) {
            // What is known so far is right; the rest is not said.
        }
        return answers;
    }
}
