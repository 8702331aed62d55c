package glimble.server.graphics;

import glimble.formats.Starts;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a new graphic can begin with. */
@RestController
class StartsController {
    private final List<StartAnswer> starts;

    StartsController(JsonMapper json) {
        starts = Starts.all().stream().map(json::readTree).map(StartAnswer::new).toList();
    }

    record StartAnswer(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document) {}

    @GetMapping("/api/starts")
    List<StartAnswer> all() {
        return starts;
    }
}
