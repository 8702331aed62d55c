package glimble.server.cases;

import glimble.budget.Budget;
import glimble.budget.TooLaborious;
import glimble.cases.CaseEffort;
import glimble.cases.CaseMap;
import glimble.cases.Conditions;
import glimble.cases.Widths;
import glimble.graphic.Case;
import glimble.graphic.Graphic;
import glimble.rest.Pictures;
import glimble.server.graphics.DocumentReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Clients;
import glimble.server.work.Workroom;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The map of a case table. Keeps nothing. */
@RestController
class CasesController {
    private final DocumentReader documents;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final HouseStore house;
    private final Workroom workroom;
    private final Clients clients;

    CasesController(
            DocumentReader documents,
            Typesetter typesetter,
            Pictures pictures,
            HouseStore house,
            Workroom workroom,
            Clients clients) {
        this.clients = clients;
        this.workroom = workroom;
        this.documents = documents;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.house = house;
    }

    record MapRequest(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document) {}

    /** @param conditions of each case its conditions in words */
    record MapAnswer(CaseMap map, List<List<String>> conditions) {}

    @PostMapping("/api/cases")
    MapAnswer map(@RequestBody MapRequest request, HttpServletRequest http) {
        Graphic graphic = house.framed(documents.read(request.document()));
        return workroom.work(CaseEffort.ofMap(graphic), "$.document.cases", () -> map(graphic, clients.budget(http)));
    }

    private MapAnswer map(Graphic graphic, Budget budget) {
        try {
            CaseMap map = CaseMap.of(graphic, Widths.of(graphic, typesetter, pictures, budget));
            List<List<String>> conditions =
                    graphic.cases().stream().map(CasesController::words).toList();
            return new MapAnswer(map, conditions);
        } catch (TooLaborious e) {
            throw new Refused("$.document.cases", e.getMessage());
        }
    }

    private static List<String> words(Case row) {
        return row.when().stream().map(Conditions::words).toList();
    }
}
