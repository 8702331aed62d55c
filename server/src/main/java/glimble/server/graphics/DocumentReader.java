package glimble.server.graphics;

import glimble.document.GraphicReader;
import glimble.document.Problem;
import glimble.document.Reading;
import glimble.formats.JsonTree;
import glimble.graphic.Graphic;
import glimble.server.problems.Refused;
import glimble.text.Typesetter;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Turns the JSON of a request into a graphic that core can work with. */
@Component
public class DocumentReader {
    private final Typesetter typesetter;

    DocumentReader(Typesetter typesetter) {
        this.typesetter = typesetter;
    }

    /** @throws Refused if what is played of a design does not go together */
    public void check(Graphic played) {
        List<Problem> problems = GraphicReader.problems(played, typesetter.fonts());
        if (!problems.isEmpty()) throw new Refused(problems);
    }

    /** @throws Refused with everything that is wrong */
    public Graphic read(JsonNode document) {
        if (document == null) throw new Refused("$.document", "is missing; send the document of the graphic");
        Reading reading = GraphicReader.read(JsonTree.from(document), typesetter.fonts());
        return reading.graphic().orElseThrow(() -> new Refused(reading.problems()));
    }
}
